package graykite.people.drawn;

import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Path2D;

/**
 * One drawing of a gull's beak from the front.
 *
 * @param half half its width, millimetres
 * @param open how far the lower beak hangs, millimetres
 * @param round 0 for a wide mouth, 1 for a round one
 * @param corner how far the corners rise, millimetres
 * @param tongue what the tongue does
 * @param tuck how far the lower beak is drawn in behind the upper one, 0 to 1
 */
record Beak(double half, double open, double round, double corner, Tongue tongue, double tuck) {
    /** Where the tongue is seen. */
    enum Tongue {
        HIDDEN,
        LOW,
        UP,
        OUT
    }

    private static final Color HORN = new Color(0xECA63C);
    private static final Color HORN_SHADE = new Color(0xCB7F28);
    private static final Color HORN_LIGHT = new Color(0xF8CC7C);
    private static final Color THROAT = new Color(0x6B1F2B);
    private static final Color TONGUE = new Color(0xDB6E6C);
    private static final Color TONGUE_SHADE = new Color(0xB94F53);
    private static final Color SPOT = new Color(0xC4473A);

    /** Height of the line between upper and lower beak. */
    private static final double LINE = -22;

    void draw(Sketch s) {
        double bottom = LINE - 4 - open;
        Path2D mouth = lower(half - 3, bottom - 1);
        Path2D jaw = lower(half, bottom - 15 * (1 - 0.75 * tuck));
        s.cel(jaw, HORN_SHADE, Sketch.oval(0, LINE, half * 0.5, 8), HORN, 3);
        if (tuck < 0.5) {
            s.inside(jaw, in -> in.fill(Sketch.oval(0, bottom - 11, 6.5, 4), SPOT));
            s.ink(jaw, 3);
        }
        if (open > 2) {
            s.fill(mouth, THROAT);
            s.inside(mouth, in -> tongue(in, bottom));
            s.ink(mouth, 2);
        }
        upper(s);
        if (tongue == Tongue.OUT) {
            Shape tip = Sketch.oval(0, LINE - 9, half * 0.34, 8);
            s.cel(tip, TONGUE, Sketch.oval(0, LINE - 15, half * 0.34, 6), TONGUE_SHADE, 2.4);
            s.line(Sketch.curve(false, 0, LINE - 4, 0, LINE - 7, 0, LINE - 9, 0, LINE - 12), 1.4, TONGUE_SHADE);
            upperEdge(s);
        }
        if (open <= 2 && tuck == 0 && corner < 0) {
            // Pressed: small creases beside the corners.
            for (int side = -1; side <= 1; side += 2) {
                double x = side * (half + 5);
                s.ink(
                        Sketch.curve(false, x, LINE + 6, x + side * 3, LINE + 2, x + side * 3, LINE - 3, x, LINE - 7),
                        2.4);
            }
        }
    }

    private void tongue(Sketch s, double bottom) {
        switch (tongue) {
            case LOW ->
                s.cel(
                        Sketch.oval(0, bottom + 1, half * 0.55, 4 + open * 0.30),
                        TONGUE,
                        Sketch.oval(0, bottom - 4, half * 0.55, 2 + open * 0.2),
                        TONGUE_SHADE,
                        1.6);
            case UP ->
                s.cel(
                        Sketch.curve(
                                true,
                                -half * 0.5,
                                bottom - 4,
                                -half * 0.42,
                                LINE - 2,
                                -half * 0.2,
                                LINE + 1,
                                0,
                                LINE + 2,
                                half * 0.2,
                                LINE + 1,
                                half * 0.42,
                                LINE - 2,
                                half * 0.5,
                                bottom - 4),
                        TONGUE,
                        Sketch.oval(0, bottom - 2, half * 0.5, 6),
                        TONGUE_SHADE,
                        1.6);
            case HIDDEN, OUT -> {
                // Nothing is seen of it behind the beak.
            }
        }
    }

    /** From one corner round under the mouth to the other. */
    private Path2D lower(double wide, double y) {
        double side = 0.25 + 0.55 * round;
        double deep = LINE + (y - LINE) * (0.75 + 0.4 * round);
        return Sketch.curve(
                true,
                -wide,
                LINE + corner,
                -wide * (0.92 + 0.1 * round),
                deep,
                -wide * side,
                y,
                0,
                y,
                wide * side,
                y,
                wide * (0.92 + 0.1 * round),
                deep,
                wide,
                LINE + corner,
                wide * 0.4,
                LINE + 4,
                -wide * 0.4,
                LINE + 4,
                -wide,
                LINE + corner);
    }

    private Path2D top() {
        double hook = 7 - 2 * round;
        return Sketch.curve(
                true,
                -half - 1,
                LINE + corner,
                -half * 0.86,
                LINE + 14,
                -half * 0.42,
                12,
                0,
                13,
                half * 0.42,
                12,
                half * 0.86,
                LINE + 14,
                half + 1,
                LINE + corner,
                half * 0.62,
                LINE - 2,
                half * 0.24,
                LINE - 3,
                half * 0.13,
                LINE - hook + 2,
                half * 0.07,
                LINE - hook,
                -half * 0.07,
                LINE - hook,
                -half * 0.13,
                LINE - hook + 2,
                -half * 0.24,
                LINE - 3,
                -half * 0.62,
                LINE - 2,
                -half - 1,
                LINE + corner);
    }

    private void upper(Sketch s) {
        Path2D shape = top();
        Area shade = new Area(Sketch.oval(half * 0.9, LINE, half * 0.75, 34));
        s.cel(shape, HORN, shade, HORN_SHADE, 3.2);
        s.line(
                Sketch.curve(false, -half * 0.36, LINE + 17, -half * 0.3, 4, -half * 0.2, 7, -half * 0.06, 8),
                4,
                HORN_LIGHT);
        for (int side = -1; side <= 1; side += 2) {
            s.ink(
                    Sketch.curve(
                            false,
                            side * half * 0.24,
                            -3,
                            side * half * 0.28,
                            -5,
                            side * half * 0.3,
                            -7,
                            side * half * 0.3,
                            -10),
                    2.6);
        }
    }

    /** The rim of the upper beak again, over a tongue that comes out under it. */
    private void upperEdge(Sketch s) {
        Area rim = new Area(top());
        rim.intersect(new Area(Sketch.oval(0, LINE + 9, half, 11)));
        s.fill(rim, HORN);
        s.ink(
                Sketch.curve(
                        false,
                        -half * 0.5,
                        LINE - 1,
                        -half * 0.3,
                        LINE - 3,
                        -half * 0.18,
                        LINE - 3,
                        0,
                        LINE - 4,
                        half * 0.18,
                        LINE - 3,
                        half * 0.3,
                        LINE - 3,
                        half * 0.5,
                        LINE - 1),
                3);
    }
}
