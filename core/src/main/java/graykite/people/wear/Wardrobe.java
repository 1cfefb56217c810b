package graykite.people.wear;

import graykite.geometry.Vec;
import graykite.people.plan.Garment;
import graykite.people.plan.Mass;
import graykite.people.plan.Paint;
import graykite.picture.Colour;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.List;

/** Makes what a person wears, hair first. */
public final class Wardrobe {
    private static final Mass.Ball SKIPPERS_SKULL = new Mass.Ball(new Vec(0, 38, -16), new Vec(75, 72, 90));
    private static final Mass.Ball DECKHANDS_SKULL = new Mass.Ball(new Vec(0, 36, -16), new Vec(73, 72, 88));

    private Wardrobe() {}

    /** Everything that lies on the person; parts are on the joints of the fit. */
    public static List<Part> of(Fit fit) {
        List<Part> parts = new ArrayList<>(new Hairstyles(fit).parts());
        fit.person().worn().forEach(worn -> parts.addAll(made(worn, fit)));
        return parts;
    }

    private static List<Part> made(Garment.Worn worn, Fit fit) {
        Colour[] c = worn.paints().stream().map(Paint::colour).toArray(Colour[]::new);
        return switch (worn.garment()) {
            case SKIPPERS_CAP ->
                onHead(fit, SKIPPERS_SKULL, List.of(SkippersClothes.cap(fit.head(), c[0], c[1], c[2])));
            case KNITTED_CAP -> onHead(fit, DECKHANDS_SKULL, List.of(DeckhandsClothes.cap(fit.head(), 42, c[0], c[1])));
            case SPECTACLES -> List.of(Spectacles.of(fit, c[0]));
            // They move with the lips, so the face itself makes them.
            case WHISKERS -> List.of();
            case NECKERCHIEF -> List.of(Neckerchief.of(fit, c[0], c[1]));
            case SKIPPERS_COAT -> {
                List<Part> parts = new ArrayList<>();
                parts.add(SkippersClothes.jersey(fit.body(), c[0]));
                parts.addAll(List.of(SkippersCoat.of(fit.body(), c[1], c[2])));
                yield onBody(fit, parts);
            }
            case OILSKIN -> {
                List<Part> parts = new ArrayList<>();
                parts.add(DeckhandsClothes.jersey(fit.body(), c[2], c[3]));
                parts.addAll(List.of(Oilskin.of(fit.body(), c[0], c[1])));
                yield onBody(fit, parts);
            }
            case FUR -> List.of(BareShoulders.of(fit, c[0], c[1]));
        };
    }

    private static List<Part> onHead(Fit fit, Mass.Ball cutFor, List<Part> parts) {
        return parts.stream().map(p -> fit.onHead(p, cutFor)).toList();
    }

    private static List<Part> onBody(Fit fit, List<Part> parts) {
        return parts.stream().map(fit::onBody).toList();
    }
}
