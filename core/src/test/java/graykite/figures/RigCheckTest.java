package graykite.figures;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.format.character.Cast;
import graykite.format.character.FigureFiles;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Faults are put into a sound rig one by one; the check must find each, and only it. */
class RigCheckTest {
    private static final Character ODILE = Cast.byName("odile");

    private static Character withTarget(String name, UnaryOperator<MorphTarget> change) {
        List<Part> parts = new ArrayList<>();
        for (Part part : ODILE.parts()) {
            parts.add(part.withTargets(part.targets().stream()
                    .map(t -> t.name().equals(name) ? change.apply(t) : t)
                    .toList()));
        }
        return with(ODILE.channels(), parts);
    }

    private static Character with(List<Channel> channels, List<Part> parts) {
        return Character.modelled(
                        "Odile", channels, ODILE.joints(), parts, ODILE.correctives(), ODILE.lips(), ODILE.poses())
                .withLandmarks(ODILE.landmarks());
    }

    private static List<RigReport.Finding> findings(Character c) {
        return RigCheck.of(c, Progress.none()).findings();
    }

    private static MorphTarget skin(String name) {
        return ODILE.parts().getFirst().targets().stream()
                .filter(t -> t.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static MorphTarget sum(MorphTarget a, MorphTarget b) {
        int n = ODILE.parts().getFirst().vertexCount();
        float[] all = new float[3 * n];
        for (MorphTarget t : List.of(a, b)) {
            for (int i = 0; i < t.vertices().length; i++) {
                for (int k = 0; k < 3; k++) {
                    all[3 * t.vertices()[i] + k] += t.moves()[3 * i + k];
                }
            }
        }
        return new MorphTarget(a.name(), IntStream.range(0, n).toArray(), all);
    }

    /** The classic fault: a shape of the mouth that also raises the brows. */
    @Test
    void aMouthShapeThatRaisesTheBrows() {
        boolean[] first = {true};
        Character c = withTarget("lipFunneler", t -> {
            boolean skin = first[0];
            first[0] = false;
            return skin ? sum(t, skin("outerBrowRaiser.L")) : t;
        });
        List<RigReport.Finding> found = findings(c);
        assertTrue(
                found.stream()
                        .anyMatch(f ->
                                f.subject().equals("lipFunneler") && f.says().contains("also moves the brows")),
                found.toString());
        assertTrue(found.stream().allMatch(f -> f.subject().equals("lipFunneler")), found.toString());
    }

    @Test
    void oneThatDoesNothingAndOneThatDoubles() {
        List<Channel> channels = new ArrayList<>(ODILE.channels());
        channels.add(new Channel("empty", Channel.Group.LIPS, 0, 1, "nothing"));
        channels.add(new Channel("smileAgain", Channel.Group.LIPS, 0, 1, "the left smile again"));
        List<Part> parts = new ArrayList<>(ODILE.parts());
        List<MorphTarget> targets = new ArrayList<>(parts.getFirst().targets());
        MorphTarget smile = skin("lipCornerPuller.L");
        targets.add(new MorphTarget("smileAgain", smile.vertices(), smile.moves()));
        parts.set(0, parts.getFirst().withTargets(targets));
        List<RigReport.Finding> found = findings(with(channels, parts));
        assertEquals(2, found.size(), found.toString());
        assertTrue(found.stream()
                .anyMatch(f -> f.subject().equals("empty") && f.says().equals("does nothing.")));
        assertTrue(found.stream()
                .anyMatch(f -> f.subject().equals("smileAgain") && f.says().contains("same as lipCornerPuller.L")));
    }

    @Test
    void sidesExchanged() {
        List<Part> parts = new ArrayList<>();
        for (Part part : ODILE.parts()) {
            // Whatever moves with the right cheek moves with the left one instead.
            List<MorphTarget> targets = new ArrayList<>(part.targets());
            targets.removeIf(t -> t.name().equals("cheekPuff.L"));
            part.targets().stream()
                    .filter(t -> t.name().equals("cheekPuff.R"))
                    .forEach(t -> targets.add(new MorphTarget("cheekPuff.L", t.vertices(), t.moves())));
            parts.add(part.withTargets(targets));
        }
        List<RigReport.Finding> found = findings(with(ODILE.channels(), parts));
        assertTrue(
                found.stream()
                        .anyMatch(f ->
                                f.subject().equals("cheekPuff.L") && f.says().contains("right side")),
                found.toString());
    }

    @Test
    void lidsThatStayOpenAndLipsThatDoNotMeet() {
        Character c = ODILE.withRoles(Map.of("lidClose.L", Pose.of("lidClose.L", 0.6)));
        Map<String, Pose> poses = new HashMap<>(c.poses());
        poses.put("Lips shut", Pose.of("jawDrop", 0.3));
        poses.remove("Oo");
        List<RigReport.Finding> found = findings(c.withPoses(poses));
        assertTrue(found.stream()
                .anyMatch(f -> f.subject().equals("lidClose.L") && f.says().matches("leaves \\d+ % of the eye open.")));
        assertTrue(found.stream()
                .anyMatch(f -> f.subject().equals("Lips shut") && f.says().contains("mm apart")));
        assertTrue(found.stream()
                .anyMatch(f -> f.subject().equals("Oo") && f.says().contains("no channel makes")));
        assertEquals(3, found.size(), found.toString());
    }

    /** Shapes of one character arrive on another, through what both can do. */
    @Test
    void mouthShapesAreTakenOver(@TempDir Path folder) throws IOException {
        Character stranger = FigureFiles.read(
                        Files.write(folder.resolve("head.glb"), ForeignHead.bytes()), Progress.none())
                .character();
        Transfer.Result taken = Transfer.mouthShapes(ODILE, stranger);
        assertTrue(taken.poses().size() >= 13, taken.missing().toString());
        double[] ah = stranger.values(taken.poses().get("Ah"));
        assertEquals(
                ODILE.poses().get("Ah").of("jawDrop"),
                ah[stranger.channelIndex().get("Jaw_Open")],
                1e-9);
        Character handed = Matching.assigned(stranger, "cheekPuff.L", Pose.of("weird thing 7", 1));
        assertTrue(handed.has("cheekPuff.L"));
        Character spoken = Matching.assigned(stranger, "Oo", Pose.of("weird thing 7", 0.5));
        assertEquals(Pose.of("weird thing 7", 0.5), spoken.poses().get("Oo"));
    }
}
