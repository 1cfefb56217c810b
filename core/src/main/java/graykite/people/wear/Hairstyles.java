package graykite.people.wear;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.people.face.FacePlan;
import graykite.people.plan.Garment;
import graykite.people.plan.Garment.Slot;
import graykite.people.plan.Mass;
import graykite.people.plan.PersonPlan;
import graykite.picture.Colour;
import graykite.rig.Part;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/** Hair in each of its styles, under a cap or without one. */
final class Hairstyles {
    /** Strands in half a turn about the knot. */
    private static final double STRANDS = 20;

    /** The turn from the middle of the front at which hair begins under a cap. */
    private static final double TEMPLE = 0.7;

    /** How far over its lower border hair that is combed back has all of its thickness, millimetres. */
    private static final double LOW = 20;

    /** How far up under the rim of a cap the hair goes, millimetres. */
    private static final double UNDER_RIM = 52;

    private final Fit fit;
    private final FacePlan face;
    private final int joint;
    private final Colour light;
    private final Colour dark;
    private final Optional<Garment> cap;

    Hairstyles(Fit fit) {
        this.fit = fit;
        PersonPlan person = fit.person();
        face = fit.face();
        joint = fit.head();
        light = person.hair().light().colour();
        dark = person.hair().dark().colour();
        cap = person.worn(Slot.HEAD).map(Garment.Worn::garment);
    }

    List<Part> parts() {
        return switch (fit.person().hair().style()) {
            case NONE -> List.of();
            case COMBED_BACK -> List.of(combed(), knot());
            case CURLS ->
                cap.filter(Garment.KNITTED_CAP::equals).isPresent()
                        ? List.of(curls(), DeckhandsClothes.fringe(face, joint, 42, dark, light, 5))
                        : List.of(curls());
            case TOUSLED -> List.of(crown(Hairstyles::tousledLine, Hairstyles::tousled, 44, 200));
            case BOB -> List.of(crown(Hairstyles::bobLine, Hairstyles::smoothLocks, 40, 150));
            case WREATH -> List.of(wreath());
        };
    }

    private Part crown(DoubleUnaryOperator line, HairShell.Relief relief, int rows, int columns) {
        return HairShell.crown(face, joint, line, relief, this::pressed, light, dark.times(0.8), rows, columns);
    }

    /** Hair lies flat where a cap sits on it. */
    private double pressed(Vec skin) {
        return cap.map(c -> {
                    double rim = c == Garment.KNITTED_CAP ? 38 + 0.27 * skin.z() : 46 + 0.16 * skin.z();
                    Mass.Ball skull = fit.person().skull();
                    return smooth(rim + 2, rim - 8, skin.y() - (skull.at().y() - 38));
                })
                .orElse(1.0);
    }

    /** Combed back to a knot from forehead and temples, over the tops of the ears. */
    private Part combed() {
        boolean capped = cap.isPresent();
        Vec knot = knotAt().minus(face.centre()).unit();
        return HairShell.gathered(
                face,
                joint,
                knot,
                capped ? Hairstyles::underCap : (turn, height) -> height > border(turn, false),
                (away, round, turn, height) -> {
                    double full = 8.5 + 3 * smooth(0.9, 1.4, Math.abs(turn)) + strands(away, round);
                    double low = Math.max(0, 1 - (height - border(turn, capped)) / LOW);
                    // At the temples strands run across the border, and lie flat by themselves.
                    double rounded = full * mix(1, 0.3, low * low * smooth(0.95, 1.3, Math.abs(turn)));
                    return capped ? tucked(rounded, height - SkippersClothes.rim(turn)) : rounded;
                },
                light,
                dark.times(0.8),
                capped ? 16 : 34,
                264);
    }

    /** Where there is hair under a cap, which sits on the bare forehead. */
    private static boolean underCap(double turn, double height) {
        return Math.abs(turn) > TEMPLE && height > border(turn, true) && height < SkippersClothes.rim(turn) + UNDER_RIM;
    }

    /** Lowest height of hair that is combed back: from forehead or rim down the temples, over the tops of the ears and to the nape. */
    private static double border(double turn, boolean capped) {
        double a = Math.abs(turn);
        double forehead = 66 - 18 * Math.min(1, a * a / 0.5);
        double front = capped ? mix(74, -6, smooth(0.66, 1.16, a)) : mix(forehead, -6, smooth(0.66, 1.2, a));
        return mix(front, -62, smooth(1.62, 2.2, a));
    }

    /** How much strands that run to the knot stand out or lie deeper: some are broad, and they swing a little. */
    private static double strands(double away, double round) {
        double aside = Math.abs(Math.IEEEremainder(round, 2 * Math.PI));
        double flow = STRANDS * aside + 0.3 * Math.sin(3 * away + 2 * aside);
        double wave = Math.sin(flow + 0.5 * Math.sin(0.6 * flow));
        double strand = Math.sqrt(wave * wave + 0.05);
        return (2.6 * (strand - 0.6) + 0.3 * Math.sin(2.7 * flow + 1)) * smooth(0.1, 0.35, away);
    }

    /** Hair comes out from under a cap: flat beneath its rim, full a little below. @param over millimetres over the rim */
    private static double tucked(double full, double over) {
        return mix(0.5, full, smooth(1, -9, over));
    }

    private Vec knotAt() {
        Mass.Ball skull = fit.person().skull();
        return new Vec(0, -34, skull.at().z() - skull.radii().z() + 13);
    }

    private Part knot() {
        return HairShell.bun(joint, knotAt(), 25, light, dark);
    }

    private Part curls() {
        Curls curls = new Curls(3);
        // Lower towards the hairline.
        HairShell.Relief curled = (down, turn, direction) -> 2.6 + 6 * curls.at(direction) * smooth(1.08, 0.86, down);
        if (cap.isEmpty()) {
            HairShell.Relief full =
                    (down, turn, direction) -> 3 * smooth(1.05, 0.75, down) + curled.at(down, turn, direction);
            return crown(turn -> curlsLine(turn, 66, 4), full, 52, 150);
        }
        return HairShell.band(
                face,
                joint,
                turn -> 62 + 26 * Math.cos(turn),
                turn -> curlsLine(turn, 60, 8),
                curled,
                light,
                dark.times(0.8),
                32,
                132);
    }

    /** Curls end unevenly. @param front height over the forehead @param side before the ears */
    private static double curlsLine(double turn, double front, double side) {
        double a = Math.abs(turn);
        double uneven = 1.8 * Math.sin(19 * turn) + 1.4 * Math.sin(31 * turn + 1);
        return mix(mix(front, side, smooth(0.72, 1.2, a)), -52, smooth(1.72, 2.3, a)) + uneven;
    }

    /** A mop that nobody combs: swept to one side over the forehead, in points, with the ears free. */
    private static double tousledLine(double turn) {
        double a = Math.abs(turn);
        double points = 5 * Math.sin(8 * turn + 0.9 * Math.sin(3 * turn + 1));
        double swept = 47 + 9 * Math.sin(1.5 * (turn + 0.35)) + points;
        double side = mix(swept, 14, smooth(0.78, 1.1, a));
        return mix(mix(side, 6, smooth(1.1, 1.4, a)), -54 + points, smooth(1.55, 2.3, a));
    }

    /** Rounded locks that run almost down the head, larger and smaller ones, each combed into a few strands. */
    private static double tousled(double down, double turn, Vec direction) {
        double flow = 8 * turn + 0.9 * Math.sin(3 * turn + 1) + 1.5 * down * down;
        double lock = 0.5 - 0.5 * Math.cos(2 * flow);
        double small = 0.5 - 0.5 * Math.cos(6 * flow + 2 * down);
        double apart = smooth(0.05, 0.45, down);
        double loose = 2.4 * Math.sin(2.1 * turn + 3 * down + 1) + 1.8 * Math.sin(5 * turn - 4 * down);
        return 6.5 + (4.6 * lock + 0.9 * small + loose) * apart * (1 - 0.35 * smooth(0.85, 1, down));
    }

    /** Cut straight over the brows and at the jaw. */
    private static double bobLine(double turn) {
        double a = Math.abs(turn);
        return mix(38, -62, smooth(0.86, 1.08, a)) - 6 * smooth(1.2, 2.4, a);
    }

    private static double smoothLocks(double down, double turn, Vec direction) {
        double flow = 15 * turn + 0.7 * Math.sin(4 * down + 2 * turn);
        double strand = Math.pow(Math.abs(Math.sin(flow)), 0.8);
        double side = smooth(0.9, 1.3, Math.abs(turn)) * smooth(0.25, 0.7, down);
        return 9 + 8 * side + (1.5 * (strand - 0.6) + 0.25 * Math.sin(3.3 * flow)) * smooth(0, 0.3, down);
    }

    /** What is left round a bald head. */
    private Part wreath() {
        return HairShell.band(
                face,
                joint,
                turn -> 34 - 16 * smooth(2, 3, Math.abs(turn)),
                turn -> {
                    double a = Math.abs(turn);
                    return mix(mix(20, -8, smooth(1.0, 1.3, a)), -58, smooth(1.62, 2.2, a));
                },
                (down, turn, direction) -> {
                    double a = Math.abs(turn);
                    double tuft = Math.abs(Math.sin(9 * a + 2.2 * down + Math.sin(4 * a)));
                    double full = 5.5 + 3.5 * tuft * Math.sin(Math.PI * Math.min(1, down * 0.9 + 0.1));
                    return mix(-5, full * smooth(-0.05, 0.6, down), smooth(1.0, 1.5, a));
                },
                light,
                dark.times(0.8),
                20,
                140);
    }
}
