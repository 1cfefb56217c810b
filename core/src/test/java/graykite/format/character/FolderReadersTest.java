package graykite.format.character;

import static graykite.rig.Figures.part;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.figures.Match;
import graykite.geometry.Vec;
import graykite.rig.Channel;
import graykite.rig.Channel.Group;
import graykite.rig.Character;
import graykite.rig.Coupling;
import graykite.rig.Coupling.Point;
import graykite.rig.Coupling.Rule;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Folders of drawings, lists of landmarks, shapes that turn the eyes. */
class FolderReadersTest {
    @TempDir
    private Path folder;

    private void png(String name, int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        image.setRGB(0, 0, 0xFFFF0000);
        ImageIO.write(image, "png", folder.resolve(name).toFile());
    }

    private Found drawn() {
        return FigureFiles.read(folder, Progress.none());
    }

    /** Left, right, lowest and highest of a part, millimetres. */
    private static double[] extent(Part part) {
        double[] e = {1e9, -1e9, 1e9, -1e9};
        float[] p = part.positions();
        for (int i = 0; i < p.length; i += 3) {
            e[0] = Math.min(e[0], p[i]);
            e[1] = Math.max(e[1], p[i]);
            e[2] = Math.min(e[2], p[i + 1]);
            e[3] = Math.max(e[3], p[i + 1]);
        }
        return e;
    }

    /** A figure is 330 mm tall, with its middle 6 mm below the height of the ears; what is smaller lies 52.8 mm lower. */
    @Test
    void drawingsLieOnOneCanvas() throws IOException {
        png("head.png", 200, 100);
        png("ah.png", 200, 100);
        png("oo.png", 50, 20);
        png("eyes closed.png", 200, 100);
        png("blink half.png", 200, 100);
        Found found = drawn();
        Character who = found.character();
        assertEquals(
                List.of("blink half", "eyes closed", "mouth ah", "mouth oo", "base 1"),
                who.parts().stream().map(Part::name).toList(),
                "what lies in front comes first");
        double[] head = extent(part(who, "base 1"));
        assertEquals(-330, head[0], 1e-3);
        assertEquals(330, head[1], 1e-3);
        assertEquals(-171, head[2], 1e-3);
        assertEquals(159, head[3], 1e-3);
        double[] small = extent(part(who, "mouth oo"));
        assertEquals(165, small[1] - small[0], 1e-3);
        assertEquals(66, small[3] - small[2], 1e-3);
        assertEquals(-58.8, (small[2] + small[3]) / 2, 1e-3);
        assertEquals(-6, (extent(part(who, "mouth ah"))[2] + extent(part(who, "mouth ah"))[3]) / 2, 1e-3);
        assertEquals(1, found.remarks().size());
        Channel mouth = who.channels().getFirst();
        assertEquals(new Channel("mouth", Group.LIPS, 0, 1, "Which of the 2 mouths is seen"), mouth);
        assertEquals(2, who.channels().get(1).max(), "two drawings of lids");
        assertEquals(Pose.of("lids", 1), who.role("lidClose.L").orElseThrow());
        assertEquals(
                List.of("Ah", "Oo"), found.matches().stream().map(Match::target).toList());
        assertEquals(Pose.of("mouth", 1), who.poses().get("Oo"));
        assertEquals(Pose.of("mouth", 0), who.poses().get("Rest"), "the first one, where none is at rest");
        assertEquals(Pose.of("mouth", 1), who.poses().get("Drawing oo"));
    }

    @Test
    void mouthsAloneAreAFigureToo() throws IOException {
        png("mbp.png", 64, 64);
        png("head mouth ah.png", 64, 64);
        Found found = drawn();
        assertEquals(List.of(), found.remarks());
        assertEquals(Pose.of("mouth", 1), found.character().poses().get("Lips shut"), "in the order of their names");
        assertEquals(
                found.character().poses().get("Lips shut"),
                found.character().poses().get("Rest"));
        assertFalse(found.character().has("lids"));
        assertTrue(found.character().poses().containsKey("Ah"), "a mouth on a head is a mouth");
    }

    private String refused() {
        return assertThrows(BadInput.class, this::drawn).getMessage();
    }

    @Test
    void whatCannotBeAFigure() throws IOException {
        png("base.png", 8, 8);
        png("eye closed.png", 8, 8);
        assertTrue(refused().contains("holds no drawing of a mouth"), refused());
        for (int i = 0; i < 119; i++) {
            png("m" + i + ".png", 1, 1);
        }
        assertTrue(refused().contains("holds more than 120 PNG files"), refused());
        Files.delete(folder.resolve("m0.png"));
        assertEquals(118, drawn().character().channels().getFirst().max() + 1);
        try (var big = Files.newByteChannel(folder.resolve("m1.png"), StandardOpenOption.WRITE)) {
            big.position((64L << 20) + 1).write(ByteBuffer.wrap(new byte[] {0}));
        }
        assertTrue(refused().startsWith("m1.png: is larger than 64 MB"), refused());
    }

    // --- landmarks -----------------------------------------------------------------------------------------------

    private Path marks(String text) throws IOException {
        return Files.writeString(folder.resolve("marks.json"), text);
    }

    private String refused(String text) throws IOException {
        Path file = marks(text);
        return assertThrows(BadInput.class, () -> LandmarkFiles.read(file)).getMessage();
    }

    @Test
    void landmarksComeBack() throws IOException {
        Map<String, Vec> marks = new LinkedHashMap<>();
        marks.put("nose tip", new Vec(1.5, -2.25, 3));
        marks.put("chin", new Vec(0, 1, 0));
        Path file = folder.resolve("out.json");
        LandmarkFiles.write(marks, file);
        assertEquals(marks, LandmarkFiles.read(file));
        assertEquals(
                List.of("nose tip", "chin"),
                List.copyOf(LandmarkFiles.read(file).keySet()),
                "in their order");
        assertEquals(Map.of("chin", new Vec(3, 4, 0)), LandmarkFiles.read(marks("{\"chin\": [3, 4]}")), "on a picture");
    }

    @Test
    void brokenLandmarksSayWhere() throws IOException {
        assertTrue(refused("{\n\"chin\": [1,,2]}").contains("marks.json: line 2 is not valid JSON"));
        assertTrue(refused("[1, 2]").contains("holds no landmarks"));
        assertTrue(refused("").contains("holds no landmarks"));
        assertTrue(refused("{\"third eye\": [1, 2]}").contains("there is no landmark \"third eye\""));
        for (String place : List.of("[1]", "[\"a\", 2]", "{}", "[1, null]", "[1, 2, 1e999]")) {
            assertTrue(refused("{\"chin\": " + place + "}").contains("\"chin\" has no place"), place);
        }
        assertTrue(refused(" ".repeat((1 << 20) + 1)).contains("is too large"));
        assertTrue(assertThrows(BadInput.class, () -> LandmarkFiles.read(folder.resolve("none.json")))
                .getMessage()
                .contains("none.json: cannot be read"));
    }

    // --- eyes that look by shapes --------------------------------------------------------------------------------

    private static List<Coupling> looks(String... names) {
        return GazeShapes.couplings(
                Stream.of(names).map(n -> new Channel(n, Group.EYES, 0, 1, "")).toList());
    }

    private static Coupling drives(String driver, String driven, double from, double at0, double to, double at1) {
        return new Coupling(driver, driven, Rule.DRIVES, List.of(new Point(from, at0), new Point(to, at1)));
    }

    /** Left is positive: a left eye that looks out, and a right eye that looks in, turn to the left. */
    @Test
    void shapesOfGazeAreHalvesOfAngles() {
        assertEquals(List.of(drives("eyePitch", "eyeLookUpLeft", 0, 0, 22, 1)), looks("eyeLookUpLeft"));
        assertEquals(List.of(drives("eyePitch", "gaze_down_R", -22, 1, 0, 0)), looks("gaze_down_R"));
        assertEquals(List.of(drives("eyeYaw", "eyeLookOutLeft", 0, 0, 30, 1)), looks("eyeLookOutLeft"));
        assertEquals(List.of(drives("eyeYaw", "eyeLookOutRight", -30, 1, 0, 0)), looks("eyeLookOutRight"));
        assertEquals(List.of(drives("eyeYaw", "eyeLookInRight", 0, 0, 30, 1)), looks("eyeLookInRight"));
        assertEquals(List.of(drives("eyeYaw", "eyeLookInLeft", -30, 1, 0, 0)), looks("eyeLookInLeft"));
        assertEquals(List.of(drives("eyeYaw", "look_left", 0, 0, 30, 1)), looks("look_left"));
        assertEquals(List.of(drives("eyeYaw", "look_right", -30, 1, 0, 0)), looks("look_right"));
        assertEquals(List.of(drives("eyePitch", "eye_pupil_up", 0, 0, 22, 1)), looks("eye_pupil_up"));
        assertEquals(List.of(), looks("eyeBlinkLeft", "jawOpen", "look", "pupil_up"));
        assertEquals(2, looks("lookUp", "mouthOpen", "lookDown").size());
    }
}
