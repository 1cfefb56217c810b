package graykite.people.drawn;

import static graykite.people.drawn.BrineRig.BODY;
import static graykite.people.drawn.BrineRig.BROW_LEFT;
import static graykite.people.drawn.BrineRig.BROW_RIGHT;
import static graykite.people.drawn.BrineRig.CREST;
import static graykite.people.drawn.BrineRig.EYE_X;
import static graykite.people.drawn.BrineRig.EYE_Y;
import static graykite.people.drawn.BrineRig.FACE;
import static graykite.people.drawn.BrineRig.HEAD;
import static graykite.people.drawn.BrineRig.PUPIL_LEFT;
import static graykite.people.drawn.BrineRig.PUPIL_RIGHT;
import static graykite.people.drawn.Sketch.curve;
import static graykite.people.drawn.Sketch.oval;

import graykite.people.drawn.Beak.Tongue;
import graykite.rig.Card;
import graykite.rig.Character;
import graykite.rig.Showing;
import java.awt.Color;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Brine, the gull who is the harbour radio of Saltmere: a flat figure with drawn mouths. Painted by code. */
public final class Brine {
    private static final Color WHITE = new Color(0xF7F4EC);
    private static final Color SHADE = new Color(0xCBD2DA);
    private static final Color WING = new Color(0x98A3AF);
    private static final Color WING_SHADE = new Color(0x77838F);
    private static final Color SCARF = new Color(0xC4473A);
    private static final Color SCARF_SHADE = new Color(0x97342B);
    private static final Color SET = new Color(0x3D4650);
    private static final Color SET_LIGHT = new Color(0x1E7B8A);
    private static final Color BLUSH = new Color(0xF0B7A6);

    private static final double EYE = 23;

    /** What the drawings show, in the order of their numbers. */
    static final Map<String, Beak> MOUTHS = mouths();

    private Brine() {}

    private static Map<String, Beak> mouths() {
        Map<String, Beak> mouths = new LinkedHashMap<>();
        mouths.put("rest", new Beak(37, 0, 0, 4, Tongue.HIDDEN, 0));
        mouths.put("shut", new Beak(33, 0, 0, -1, Tongue.HIDDEN, 0));
        mouths.put("lower lip in", new Beak(34, 5, 0, 2, Tongue.HIDDEN, 1));
        mouths.put("tongue out", new Beak(36, 12, 0.1, 2, Tongue.OUT, 0));
        mouths.put("wide", new Beak(43, 11, 0, 8, Tongue.LOW, 0));
        mouths.put("tongue up", new Beak(36, 19, 0.2, 3, Tongue.UP, 0));
        mouths.put("large", new Beak(37, 48, 0.45, 3, Tongue.LOW, 0));
        mouths.put("middle", new Beak(40, 27, 0.15, 5, Tongue.LOW, 0));
        mouths.put("round", new Beak(27, 38, 1, 0, Tongue.LOW, 0));
        mouths.put("small round", new Beak(19, 15, 1, -1, Tongue.HIDDEN, 0));
        return mouths;
    }

    /** Paints him; takes about a second. */
    public static Character build() {
        List<Card> layers = new ArrayList<>();
        layers.add(Sketch.layer("body", BODY, 0, Optional.empty(), Brine::body));
        layers.add(Sketch.layer("crest", CREST, 4, Optional.empty(), Brine::crest));
        layers.add(Sketch.layer("head", HEAD, 8, Optional.empty(), Brine::head));
        layers.add(Sketch.layer("blush", FACE, 12, Optional.of(new Showing("blush", 1)), Brine::blush));
        for (int side = 1; side >= -1; side -= 2) {
            eye(layers, side);
        }
        int number = 0;
        for (Map.Entry<String, Beak> mouth : MOUTHS.entrySet()) {
            layers.add(Sketch.layer(
                    "mouth " + mouth.getKey(),
                    FACE,
                    28,
                    Optional.of(new Showing("mouth", number++)),
                    mouth.getValue()::draw));
        }
        layers.add(Sketch.layer("microphone", HEAD, 32, Optional.empty(), Brine::microphone));
        return new Character(
                "Brine",
                Character.Kind.DRAWN,
                BrineRig.channels(),
                BrineRig.joints(),
                Card.parts(layers),
                List.of(),
                Optional.empty(),
                BrineRig.poses(),
                BrineRig.roles(),
                List.of(),
                Map.of());
    }

    // --- drawings ------------------------------------------------------------------------------------------------

    private static void body(Sketch s) {
        Path2D chest = curve(
                true, -52, -40, -60, -90, -92, -120, -112, -200, -40, -215, 40, -215, 112, -200, 92, -120, 60, -90, 52,
                -40);
        s.cel(chest, WHITE, oval(75, -150, 62, 110), SHADE, 3.6);
        for (int side = -1; side <= 1; side += 2) {
            Path2D wing = curve(
                    true,
                    side * 74,
                    -104,
                    side * 118,
                    -122,
                    side * 140,
                    -160,
                    side * 150,
                    -205,
                    side * 120,
                    -210,
                    side * 98,
                    -205,
                    side * 92,
                    -200,
                    side * 92,
                    -160,
                    side * 86,
                    -130,
                    side * 74,
                    -104);
            s.cel(wing, WING, oval(side * 140, -190, 38, 60), WING_SHADE, 3.6);
            s.ink(curve(false, side * 104, -150, side * 110, -165, side * 112, -180, side * 112, -196), 2.4);
        }
        Path2D scarf = curve(
                true, -58, -64, -30, -84, 30, -84, 58, -64, 66, -76, 66, -86, 60, -94, 30, -114, -30, -114, -60, -94,
                -66, -86, -66, -76, -58, -64);
        s.cel(
                scarf,
                SCARF,
                curve(true, -66, -90, -30, -104, 30, -106, 66, -88, 70, -130, -70, -130, -66, -90),
                SCARF_SHADE,
                3.4);
        Path2D end = curve(
                true, 20, -98, 30, -120, 34, -140, 30, -158, 38, -164, 50, -162, 58, -154, 58, -134, 50, -112, 40, -96);
        s.cel(end, SCARF, oval(58, -140, 14, 40), SCARF_SHADE, 3.2);
        s.cel(oval(27, -97, 13, 11), SCARF, oval(33, -102, 10, 8), SCARF_SHADE, 3);
    }

    private static void crest(Sketch s) {
        Path2D tuft = curve(
                true, -16, 84, -24, 104, -14, 120, -30, 134, -8, 132, 0, 124, 4, 114, 8, 126, 20, 130, 30, 126, 18, 118,
                18, 100, 16, 84);
        s.cel(tuft, WHITE, oval(22, 108, 14, 26), SHADE, 3.4);
    }

    private static void head(Sketch s) {
        Path2D skull = curve(
                true, -84, 18, -86, 66, -48, 100, 0, 100, 48, 100, 86, 66, 84, 18, 82, -28, 66, -66, 40, -78, 20, -86,
                -20, -86, -40, -78, -66, -66, -82, -28, -84, 18);
        s.cel(
                skull,
                WHITE,
                curve(true, 50, 110, 62, 60, 64, -10, 20, -66, 10, -78, 0, -90, 20, -100, 120, -90, 120, 60, 50, 110),
                SHADE,
                3.8);
        // The headset: a band over the head, a cup on the side where the microphone hangs.
        s.line(curve(false, -82, 30, -78, 84, -40, 112, 0, 112, 40, 112, 78, 84, 82, 30), 11, Sketch.INK);
        s.line(curve(false, -82, 30, -78, 84, -40, 112, 0, 112, 40, 112, 78, 84, 82, 30), 5, SET);
        for (int side = -1; side <= 1; side += 2) {
            s.cel(oval(side * 84, 20, 15, 26), SET, oval(side * 90, 12, 12, 24), Sketch.INK, 3.4);
            s.fill(oval(side * 83, 24, 5, 9), SET_LIGHT);
        }
    }

    private static void microphone(Sketch s) {
        Path2D boom = curve(false, 84, 0, 84, -40, 72, -58, 50, -60);
        s.line(boom, 7, Sketch.INK);
        s.line(boom, 2.4, SET);
        s.cel(oval(46, -60, 10, 8), SET, oval(49, -64, 8, 6), Sketch.INK, 3);
    }

    private static void blush(Sketch s) {
        for (int side = -1; side <= 1; side += 2) {
            s.fill(oval(side * 56, 2, 15, 9), BLUSH);
        }
    }

    private static void eye(List<Card> layers, int side) {
        String name = side > 0 ? ".L" : ".R";
        double x = side * EYE_X;
        layers.add(Sketch.layer(
                "eye" + name,
                FACE,
                16,
                Optional.empty(),
                s -> s.cel(oval(x, EYE_Y, EYE, EYE * 1.12), Color.WHITE, oval(x, EYE_Y + 26, EYE, 12), SHADE, 3.4)));
        layers.add(Sketch.layer(
                "pupil" + name,
                side > 0 ? PUPIL_LEFT : PUPIL_RIGHT,
                18,
                Optional.empty(),
                s -> s.fill(oval(x - side * 5, EYE_Y - 1, 9.5, 11), Sketch.INK)
                        .fill(oval(x - side * 5 - 3.4, EYE_Y + 4, 3.4, 3.8), Color.WHITE)));
        lid(layers, side, 1, "half");
        lid(layers, side, 2, "closed");
        lid(layers, side, 3, "smiling");
        layers.add(Sketch.layer(
                "brow" + name,
                side > 0 ? BROW_LEFT : BROW_RIGHT,
                24,
                Optional.empty(),
                s -> s.ink(
                        curve(
                                false,
                                x - side * 19,
                                EYE_Y + 33,
                                x - side * 8,
                                EYE_Y + 41,
                                x + side * 8,
                                EYE_Y + 41,
                                x + side * 21,
                                EYE_Y + 32),
                        7.5)));
    }

    private static void lid(List<Card> layers, int side, int number, String what) {
        double x = side * EYE_X;
        Path2D shape = new Path2D.Double(oval(x, EYE_Y, EYE, EYE * 1.12));
        layers.add(Sketch.layer(
                "lid " + what + (side > 0 ? ".L" : ".R"),
                FACE,
                20,
                Optional.of(new Showing(side > 0 ? "lids.L" : "lids.R", number)),
                s -> {
                    switch (number) {
                        case 1 -> {
                            s.inside(shape, in -> in.fill(oval(x, EYE_Y + 30, 40, 30), SHADE));
                            s.ink(shape, 3.4);
                            s.ink(
                                    curve(
                                            false, x - EYE, EYE_Y + 2, x - 10, EYE_Y - 1, x + 10, EYE_Y - 1, x + EYE,
                                            EYE_Y + 2),
                                    5);
                        }
                        case 2 -> {
                            s.fill(oval(x, EYE_Y, EYE + 2, EYE * 1.12 + 2), WHITE);
                            s.ink(
                                    curve(
                                            false,
                                            x - EYE,
                                            EYE_Y - 4,
                                            x - 12,
                                            EYE_Y - 16,
                                            x + 12,
                                            EYE_Y - 16,
                                            x + EYE,
                                            EYE_Y - 4),
                                    5);
                        }
                        default -> {
                            s.fill(oval(x, EYE_Y, EYE + 2, EYE * 1.12 + 2), WHITE);
                            s.ink(
                                    curve(
                                            false,
                                            x - EYE,
                                            EYE_Y - 12,
                                            x - 13,
                                            EYE_Y + 12,
                                            x + 13,
                                            EYE_Y + 12,
                                            x + EYE,
                                            EYE_Y - 12),
                                    5.5);
                        }
                    }
                }));
    }
}
