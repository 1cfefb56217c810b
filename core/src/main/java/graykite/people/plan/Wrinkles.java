package graykite.people.plan;

import graykite.geometry.Vec;
import java.util.List;
import java.util.stream.Stream;

/** The lines that age draws on any face, at full strength, in places of a head of the usual size. */
final class Wrinkles {
    /** Under a lined face's own: on the brow, round the mouth, beside the chin. */
    static final List<SkinMark.Wrinkle> MORE = List.of(
            line(0, 55, 24, 57, 1.8, 0.5),
            line(7, 20, 6, 31, 1.6, 0.6),
            line(24, -64, 27, -84, 2.2, 0.7),
            line(5, -52, 6, -58, 1.1, 0.35),
            line(12, -52, 14, -58, 1.1, 0.35),
            line(40, -40, 47, -62, 2.4, 0.4));

    /** Of a face that had none. */
    static final List<SkinMark.Wrinkle> ALL = Stream.concat(
                    Stream.of(
                            line(17, -33, 30, -50, 2.0, 1),
                            line(30, -50, 34, -66, 2.0, 1),
                            line(20, -13, 31, -17, 1.9, 0.5),
                            line(31, -17, 45, -12, 1.9, 0.5),
                            line(52, 6, 61, 11, 1.5, 0.8),
                            line(52, 1, 62, 1, 1.5, 0.8),
                            line(51, -4, 60, -9, 1.5, 0.8),
                            line(0, 40, 30, 42, 1.8, 0.7),
                            line(0, 48, 26, 50, 1.8, 0.7)),
                    MORE.stream())
            .toList();

    /** That come with an action, in a face that had none: crow's feet with a laugh, lines between brows that are drawn down. */
    static final List<SkinMark.Crease> CREASES = List.of(
            foot(48.5, 8.5, 57.5, 15.5, 0.75),
            foot(50, 4.5, 60.5, 8, 0.85),
            foot(50, -0.5, 60.5, -3.7, 0.85),
            foot(49.7, -6.8, 57, -13.5, 0.65),
            crease(8, 16, 6, 29, 2.2, 1, SkinMark.Brings.BROW_LOWERER));

    private Wrinkles() {}

    private static SkinMark.Crease foot(double ax, double ay, double bx, double by, double strength) {
        return crease(ax, ay, bx, by, 1.7, strength, SkinMark.Brings.CHEEK_RAISER);
    }

    private static SkinMark.Crease crease(
            double ax, double ay, double bx, double by, double width, double strength, SkinMark.Brings with) {
        return new SkinMark.Crease(new Vec(ax, ay, 0), new Vec(bx, by, 0), width, strength, with);
    }

    private static SkinMark.Wrinkle line(double ax, double ay, double bx, double by, double width, double strength) {
        return new SkinMark.Wrinkle(new Vec(ax, ay, 0), new Vec(bx, by, 0), width, strength);
    }
}
