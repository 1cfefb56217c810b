package graykite.figures;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.format.character.Cast;
import graykite.format.character.FigureFiles;
import graykite.format.character.LandmarkFiles;
import graykite.geometry.Vec;
import graykite.mouth.MouthChart;
import graykite.people.face.PictureFigure;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.picture.Renderer;
import graykite.picture.SurfacePick;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.LipGap;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A flat character made of a painted portrait: our own Pim, drawn from the front. */
class PictureFigureTest {
    private static final int SIZE = 600;
    private static final Camera CAMERA = new Camera(new Vec(0, -12, 20), 0, 0, 1400, 330);

    @TempDir
    private static Path folder;

    private static Path portrait;
    private static Map<String, Vec> marks;
    private static Character made;

    @BeforeAll
    static void make() throws IOException {
        Character pim = Cast.byName("pim");
        Picture picture = new Renderer()
                .draw(new Deformer(pim).deform(new double[pim.channels().size()]), CAMERA, SIZE, SIZE);
        portrait = Files.write(folder.resolve("portrait.png"), Png.bytes(picture));
        marks = new HashMap<>();
        pim.landmarks().forEach((name, p) -> {
            double[] at = SurfacePick.seen(p, CAMERA, SIZE, SIZE);
            marks.put(name, new Vec(at[0], at[1], 0));
        });
        made = FigureFiles.fromPicture(portrait, marks).character();
    }

    @Test
    void speaks() {
        assertEquals(List.of(), MouthChart.missing(made));
        LipGap gap = new LipGap(made);
        assertEquals(0, gap.at(new double[made.channels().size()]), 1e-4);
        assertTrue(gap.at(made.values(made.poses().get("Ah"))) > 18);
        for (String shut : List.of("Lips shut")) {
            double[] values = made.values(made.poses().get(shut));
            values[made.channelIndex().get("lipCornerPuller.L")] = 0.8;
            values[made.channelIndex().get("jawDrop")] = 0.4;
            assertTrue(gap.at(values) < LipGap.SHUT, shut + " " + gap.at(values));
        }
        assertEquals(51, gap.mouthWidth(), 6);
    }

    /** Skin of the lids comes from the lower two thirds of the room between lid and brow, however low the brow lies. */
    @Test
    void lidsAreOfSkin() {
        Map<String, Vec> low = new HashMap<>(marks);
        for (String side : List.of(".L", ".R")) {
            Vec upper = marks.get("eye upper" + side);
            low.put("brow middle" + side, upper.mix(marks.get("brow middle" + side), 0.7));
        }
        for (Map<String, Vec> face : List.of(marks, low)) {
            Character who = FigureFiles.fromPicture(portrait, face).character();
            for (String side : List.of(".L", ".R")) {
                Part lid = who.parts().stream()
                        .filter(p -> p.name().equals("lid" + side))
                        .findFirst()
                        .orElseThrow();
                double rim = face.get("eye upper" + side).y();
                // An eye whose corners are not level has its highest skin beside the middle.
                double limit = rim + 0.65 * (face.get("brow middle" + side).y() - rim);
                float[] uv = lid.looks().uv();
                double highest = SIZE;
                for (int i = 1; i < uv.length; i += 2) {
                    highest = Math.min(highest, SIZE * uv[i]);
                }
                assertTrue(highest > limit, side + ": taken from row " + highest + ", the brow begins at " + limit);
                assertTrue(highest < rim, side + ": not from the eye itself");
            }
        }
    }

    /** The line under the chin goes down with the jaw as the chin does; the neck stays. */
    @Test
    void theOutlineOfTheChinGoesWithTheJaw() {
        Part face = made.parts().getFirst();
        float[] rest = face.positions();
        float[] open = new Deformer(made).placed(face, made.values(Pose.of("jawDrop", 1)));
        Vec chin = made.landmarks().get("chin");
        double at = dropped(rest, open, chin);
        double line = dropped(rest, open, chin.minus(new Vec(0, 6, 0)));
        double neck = dropped(rest, open, chin.minus(new Vec(0, 34, 0)));
        assertTrue(at > 12, "the chin drops by " + at + " mm");
        assertTrue(line > 0.75 * at, "the line under it by " + line);
        assertTrue(neck < 0.25 * at, "the neck by " + neck);
    }

    /** How far down the vertex goes that lies nearest to a place. */
    private static double dropped(float[] rest, float[] open, Vec place) {
        int best = 0;
        for (int i = 0; i < rest.length; i += 3) {
            double away = Math.hypot(rest[i] - place.x(), rest[i + 1] - place.y());
            if (away < Math.hypot(rest[best] - place.x(), rest[best + 1] - place.y())) {
                best = i;
            }
        }
        return rest[best + 1] - open[best + 1];
    }

    /** At rest the picture is shown as it is: what the renderer draws of the flat figure is the picture again. */
    @Test
    void restIsThePicture() {
        Picture before = new Renderer()
                .draw(
                        new Deformer(Cast.byName("pim"))
                                .deform(new double[Cast.byName("pim").channels().size()]),
                        CAMERA,
                        SIZE,
                        SIZE);
        Map<String, Vec> at = made.landmarks();
        Camera flat = new Camera(new Vec(0, -65, 0), 0, 0, 100_000, 120);
        Picture now = new Renderer()
                .draw(new Deformer(made).deform(new double[made.channels().size()]), flat, 200, 200);
        // The tip of the nose and the chin: the same colours in both.
        for (String name : List.of("nose tip", "chin")) {
            Vec there = marks.get(name);
            double[] here = SurfacePick.seen(at.get(name), flat, 200, 200);
            assertTrue(here[1] > 2 && here[1] < 198, name + " is seen, at " + here[1]);
            int a = before.pixels()[(int) there.y() * SIZE + (int) there.x()];
            int b = now.pixels()[(int) here[1] * 200 + (int) here[0]];
            for (int shift = 0; shift <= 16; shift += 8) {
                assertEquals(a >> shift & 255, b >> shift & 255, 14, name);
            }
        }
    }

    @Test
    void lidsCloseAndTheHeadTurnsALittle() {
        RigReport report = RigCheck.of(made, Progress.none());
        assertEquals(0, report.count(RigReport.Weight.FAULT), report.text());
        Deformer deformer = new Deformer(made);
        float[] rest = deformer.placed(
                made.parts().getFirst(), new double[made.channels().size()]);
        float[] turned = deformer.placed(made.parts().getFirst(), made.values(Pose.of("headYaw", 10)));
        double most = 0;
        for (int i = 0; i < rest.length; i += 3) {
            most = Math.max(most, turned[i] - rest[i]);
        }
        assertTrue(most > 5 && most < 25, most + " mm");
    }

    @Test
    void marksThatMakeNoFaceAreRefused() {
        Map<String, Vec> missing = new HashMap<>(marks);
        missing.remove("chin");
        assertTrue(assertThrows(BadInput.class, () -> FigureFiles.fromPicture(portrait, missing))
                .getMessage()
                .contains("\"chin\" is not marked"));
        Map<String, Vec> mirrored = new HashMap<>(marks);
        mirrored.put("mouth corner.L", marks.get("mouth corner.R"));
        mirrored.put("mouth corner.R", marks.get("mouth corner.L"));
        assertThrows(BadInput.class, () -> FigureFiles.fromPicture(portrait, mirrored));
        assertEquals(PictureFigure.NEEDED.size(), PictureFigure.usual(300, 400).size());
    }

    @Test
    void landmarksAreKeptInFiles() throws IOException {
        Path file = folder.resolve("marks.json");
        LandmarkFiles.write(marks, file);
        assertEquals(marks, LandmarkFiles.read(file));
        Files.writeString(file, "{\"elbow\": [1, 2]}");
        assertTrue(assertThrows(BadInput.class, () -> LandmarkFiles.read(file))
                .getMessage()
                .contains("no landmark \"elbow\""));
    }
}
