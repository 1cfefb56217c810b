package graykite.mouth;

import graykite.mouth.PhoneShape.Closure;
import graykite.mouth.PhoneShape.Firmness;
import graykite.mouth.PhoneShape.Step;
import graykite.text.Phone;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Which phone shows as which shape unless one decides otherwise. Grouping after MPEG-4; firmness after what coarticulation
 * leaves free: t, d, k, g, s and n care about the tongue and little about the lips, rounded vowels and w care about the lips
 * most (Cohen & Massaro 1993 give the same picture as dominances).
 */
final class StandardPhones {
    private StandardPhones() {}

    static Map<Phone, PhoneShape> all() {
        Map<Phone, PhoneShape> chart = new EnumMap<>(Phone.class);
        for (Phone phone : Phone.values()) {
            chart.put(phone, of(phone));
        }
        return chart;
    }

    static PhoneShape of(Phone phone) {
        return switch (phone) {
            case SIL -> PhoneShape.one(Viseme.REST, 1, 0.35, 0.3, 0.2);
            case P, B, M -> PhoneShape.closed(Viseme.LIPS_SHUT, Closure.LIPS);
            case F, V -> PhoneShape.closed(Viseme.LIP_TO_TEETH, Closure.LIP_TO_TEETH);
            case TH, DH -> PhoneShape.one(Viseme.TONGUE_OUT, 0.9, 0.5, 0.3, 1);
            case T, D -> PhoneShape.one(Viseme.TIP, 0.85, 0.4, 0.16, 1);
            case K, G, NG -> PhoneShape.one(Viseme.BACK, 0.8, 0.3, 0.06, 1);
            case CH, JH, SH, ZH -> PhoneShape.one(Viseme.HUSH, 0.95, 0.7, 0.85, 0.6);
            case S, Z -> PhoneShape.one(Viseme.HISS, 0.8, 0.75, 0.28, 0.7);
            case N -> PhoneShape.one(Viseme.RIDGE, 0.7, 0.35, 0.12, 1);
            case L -> PhoneShape.one(Viseme.RIDGE, 0.95, 0.4, 0.18, 1);
            case R -> PhoneShape.one(Viseme.R, 0.9, 0.4, 0.55, 0.8);
            case ER -> PhoneShape.one(Viseme.R, 1, 0.7, 0.7, 0.8);
            case W -> PhoneShape.one(Viseme.OO, 1, 0.6, 0.95, 0.3);
            case Y -> PhoneShape.one(Viseme.IH, 0.7, 0.5, 0.3, 0.5);
            case HH -> PhoneShape.one(Viseme.EH, 0.5, 0.12, 0.04, 0.1);
            case AA -> PhoneShape.one(Viseme.AH, 1, 1, 0.75, 0.4);
            case AH -> PhoneShape.one(Viseme.AH, 0.55, 0.6, 0.4, 0.3);
            case AE ->
                new PhoneShape(
                        List.of(new Step(Viseme.EH.title(), 0.75, 0, 1), new Step(Viseme.AH.title(), 0.3, 0, 1)),
                        new Firmness(1, 0.8, 0.4),
                        Closure.NONE);
            case AO -> PhoneShape.one(Viseme.OH, 1, 1, 0.9, 0.4);
            case EH -> PhoneShape.one(Viseme.EH, 0.95, 0.9, 0.7, 0.4);
            case IH -> PhoneShape.one(Viseme.IH, 0.75, 0.7, 0.5, 0.4);
            case IY -> PhoneShape.one(Viseme.IH, 1.1, 0.85, 0.85, 0.4);
            case UH -> PhoneShape.one(Viseme.OO, 0.75, 0.7, 0.7, 0.3);
            case UW -> PhoneShape.one(Viseme.OO, 1, 0.85, 1, 0.3);
            case EY -> PhoneShape.glide(Viseme.EH, 0.95, Viseme.IH, 0.85);
            case AY -> PhoneShape.glide(Viseme.AH, 0.95, Viseme.IH, 0.8);
            case AW -> PhoneShape.glide(Viseme.AH, 0.95, Viseme.OO, 0.85);
            case OW -> PhoneShape.glide(Viseme.OH, 0.95, Viseme.OO, 0.85);
            case OY -> PhoneShape.glide(Viseme.OH, 1, Viseme.IH, 0.8);
        };
    }
}
