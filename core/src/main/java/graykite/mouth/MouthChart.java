package graykite.mouth;

import static graykite.base.Require.requireThat;

import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.speech.Phone;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * Which phone shows as which shape, how firmly, and what the shapes are on one character. Made once per character.
 *
 * @param phones every phone has an entry
 * @param shapes the pose of each viseme
 */
public record MouthChart(Map<Phone, PhoneShape> phones, Map<Viseme, Pose> shapes) {
    public MouthChart {
        phones = Collections.unmodifiableMap(new EnumMap<>(phones));
        shapes = Collections.unmodifiableMap(new EnumMap<>(shapes));
        for (Phone phone : Phone.values()) {
            requireThat(phones.containsKey(phone), "The mouth chart lacks the phone %s.", phone);
        }
        for (PhoneShape shape : phones.values()) {
            for (PhoneShape.Step step : shape.steps()) {
                requireThat(
                        shapes.containsKey(step.viseme()),
                        "The mouth chart lacks the shape %s.",
                        step.viseme().title());
            }
        }
    }

    /**
     * The default chart on a character that has a pose for each viseme.
     *
     * @throws IllegalArgumentException when the character lacks one of them
     */
    public static MouthChart standard(Character character) {
        Map<Viseme, Pose> shapes = new EnumMap<>(Viseme.class);
        for (Viseme viseme : Viseme.values()) {
            Pose pose = character.poses().get(viseme.title());
            requireThat(pose != null, "%s has no pose \"%s\".", character.name(), viseme.title());
            shapes.put(viseme, pose);
        }
        return new MouthChart(standardPhones(), shapes);
    }

    /**
     * Visemes for which a character has no pose yet: they are listed to the user, never silently skipped.
     */
    public static java.util.List<Viseme> missing(Character character) {
        return java.util.Arrays.stream(Viseme.values())
                .filter(v -> v != Viseme.REST && !character.poses().containsKey(v.title()))
                .toList();
    }

    /**
     * The default chart on a character, with the nearest shape it has in place of each that it lacks. For a first look;
     * {@link #missing} says what is borrowed.
     *
     * @throws IllegalArgumentException when it has none at all
     */
    public static MouthChart nearest(Character character) {
        Map<Viseme, Pose> shapes = new EnumMap<>(Viseme.class);
        java.util.List<Viseme> missing = missing(character);
        requireThat(
                missing.size() < Viseme.values().length - 1,
                "%s has no mouth shapes yet. Assign some on the Cast desk.",
                character.name());
        for (Viseme viseme : Viseme.values()) {
            Viseme shown = missing.contains(viseme)
                    ? java.util.Arrays.stream(Viseme.values())
                            .filter(v -> !missing.contains(v))
                            .min(java.util.Comparator.comparingDouble(viseme::unlike))
                            .orElse(Viseme.REST)
                    : viseme;
            shapes.put(viseme, character.poses().getOrDefault(shown.title(), Pose.REST));
        }
        return new MouthChart(standardPhones(), shapes);
    }

    /**
     * The default part for phones. Grouping after MPEG-4; firmness after what coarticulation leaves free: t, d, k, g, s and
     * n care about the tongue and little about the lips, rounded vowels and w care about the lips most (Cohen & Massaro
     * 1993 give the same picture as dominances).
     */
    private static Map<Phone, PhoneShape> standardPhones() {
        Map<Phone, PhoneShape> chart = new EnumMap<>(Phone.class);
        for (Phone phone : Phone.values()) {
            chart.put(phone, standard(phone));
        }
        return chart;
    }

    private static PhoneShape standard(Phone phone) {
        return switch (phone) {
            case SIL -> PhoneShape.one(Viseme.REST, 1, 0.35, 0.3, 0.2);
            case P, B, M -> PhoneShape.closed(Viseme.LIPS_SHUT, PhoneShape.Closure.LIPS);
            case F, V -> PhoneShape.closed(Viseme.LIP_TO_TEETH, PhoneShape.Closure.LIP_TO_TEETH);
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
                        java.util.List.of(
                                new PhoneShape.Step(Viseme.EH, 1.15, 0, 1), new PhoneShape.Step(Viseme.AH, 0.25, 0, 1)),
                        1,
                        0.8,
                        0.4,
                        PhoneShape.Closure.NONE);
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

    /** The shape that names a phone on the sheet: the first it takes. */
    public Viseme visemeOf(Phone phone) {
        return phones.get(phone).steps().getFirst().viseme();
    }
}
