package graykite.people;

import static graykite.rig.Figures.part;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.geometry.Vec;
import graykite.mouth.Viseme;
import graykite.people.face.FacePoses;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.LipGap;
import graykite.rig.Pose;
import graykite.rig.PoseBook;
import graykite.rig.Roles;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What a feeling shows and what it must not, by the action units that the literature gives it (Ekman, Friesen & Hager 2002),
 * from memory.
 */
class ExpressionsTest {
    private static final Map<String, Pose> ALL = FacePoses.expressions();

    /** Strength of an action on the stronger side. */
    private static double of(String feeling, String action) {
        Pose pose = ALL.get(feeling);
        return Math.max(pose.of(action), Math.max(pose.of(action + ".L"), pose.of(action + ".R")));
    }

    @ParameterizedTest
    @CsvSource({
        // happiness 6 + 12
        "Glad, cheekRaiser lipCornerPuller, browLowerer lipCornerDepressor noseWrinkler",
        "Laughing, cheekRaiser lipCornerPuller jawDrop, browLowerer lipCornerDepressor",
        // sadness 1 + 4 + 15
        "Sad, innerBrowRaiser browLowerer lipCornerDepressor, lipCornerPuller outerBrowRaiser upperLidRaiser",
        "Grieving, innerBrowRaiser browLowerer lipCornerDepressor, lipCornerPuller outerBrowRaiser",
        // surprise 1 + 2 + 5 + 26
        "Startled, innerBrowRaiser outerBrowRaiser upperLidRaiser jawDrop, browLowerer lidTightener lipCornerPuller",
        // fear 1 + 2 + 4 + 5 + 20
        "Afraid, innerBrowRaiser outerBrowRaiser browLowerer upperLidRaiser lipStretcher, lipCornerPuller",
        // anger 4 + 5 + 7 + 23
        "Angry, browLowerer upperLidRaiser lidTightener lipTightener, innerBrowRaiser lipCornerPuller",
        // disgust 9 + 15
        "Disgusted, noseWrinkler lipCornerDepressor, lipCornerPuller upperLidRaiser",
        // contempt 14 on one side
        "Scornful, dimpler, innerBrowRaiser upperLidRaiser"
    })
    void aFeelingShowsItsActionUnits(String feeling, String shows, String never) {
        for (String action : shows.split(" ")) {
            assertTrue(of(feeling, action) >= 0.3, feeling + " shows " + action + ": " + of(feeling, action));
        }
        for (String action : never.split(" ")) {
            assertTrue(of(feeling, action) <= 0.1, feeling + " never shows " + action + ": " + of(feeling, action));
        }
    }

    /** Laughing eyes are narrowed from below, by cheek and lower lid, and stay open: lids that hang look sleepy (common practice). */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void laughingEyesAreNarrowedFromBelow(String name) {
        Character who = Cast.byName(name);
        Deformer deformer = new Deformer(who);
        double[] rest = new double[who.channels().size()];
        double[] laughing = who.values(who.poses().get("Laughing"));
        // How a lid is carried at its front, whatever the head does.
        double upper = pitch(who, deformer, laughing, "left upper lid") - pitch(who, deformer, rest, "left upper lid");
        double lower = pitch(who, deformer, laughing, "left lower lid") - pitch(who, deformer, rest, "left lower lid");
        assertTrue(upper > 0 && upper < 8, "the upper lid comes down by " + upper + " degrees");
        assertTrue(lower < -10, "the lower one goes up: " + lower);
    }

    /**
     * What is seen of laughing eyes is a crescent (common practice): the edge of the lower lid is highest in its middle, where
     * at rest it hangs, and the upper lid comes down at both ends.
     */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void laughingEyesAreCrescents(String name) {
        Character who = Cast.byName(name);
        for (String side : List.of("left", "right")) {
            double lower = bow(who, "Laughing", side + " lower lid", 1);
            double hanging = bow(who, "Rest", side + " lower lid", 1);
            assertTrue(hanging < -0.3, side + ": at rest the lower lid hangs by " + hanging + " mm");
            assertTrue(
                    lower > 0.3 && lower > hanging + 1.2,
                    side + ": in the middle the lower lid is higher by " + lower + " mm");
            double upper = bow(who, "Laughing", side + " upper lid", -1);
            double rest = bow(who, "Rest", side + " upper lid", -1);
            assertTrue(upper > rest + 0.7, side + ": the upper one is bowed by " + upper + " mm, at rest by " + rest);
        }
    }

    /** By how many millimetres the edge of a lid lies higher in its middle than 9 mm to its sides. @param up 1 for a lower lid */
    private static double bow(Character who, String pose, String lid, int up) {
        int index = who.parts().indexOf(part(who, lid));
        Pose whole = who.poses().get(pose);
        Pose upright = whole.plus(Pose.of("bodyPitch", 1), -whole.of("bodyPitch"));
        float[] now = new Deformer(who).deform(who.values(upright)).get(index).positions();
        Vec eye = who.joints().get(who.parts().get(index).joint()).pivot();
        return edge(now, eye, 0, up) - 0.5 * (edge(now, eye, 9, up) + edge(now, eye, -9, up));
    }

    /** How high the edge of a lid is so far beside the middle of the eye. */
    private static double edge(float[] places, Vec eye, double beside, int up) {
        double edge = -up * 1e9;
        for (int i = 0; i < places.length; i += 3) {
            if (Math.abs(places[i] - eye.x() - beside) < 1.6 && places[i + 2] > eye.z()) {
                edge = up > 0 ? Math.max(edge, places[i + 1]) : Math.min(edge, places[i + 1]);
            }
        }
        return edge;
    }

    /** Lips that anger presses together (AU 23, 24) show no teeth between them. */
    @ParameterizedTest
    @CsvSource({"odile, Angry", "pim, Angry", "wren, Angry", "sprat, Angry", "odile, Resolute", "odile, Worried"})
    void pressedLipsAreShut(String name, String feeling) {
        Character who = Cast.byName(name);
        double gap = new LipGap(who).at(who.values(who.poses().get(feeling)));
        assertTrue(gap < LipGap.SHUT, "the lips are " + gap + " mm apart");
    }

    /** A laugh draws the corners of the mouth at least as far apart as a smile does, however far the jaw drops (AU 12 in both). */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void aLaughIsAsWideAsASmile(String name) {
        Character who = Cast.byName(name);
        double smile = width(who, "Glad");
        double laugh = width(who, "Laughing");
        assertTrue(smile > 1.1 * width(who, "Rest"), "the smile widens the mouth to " + smile);
        assertTrue(laugh >= 0.99 * smile, "a smile is " + smile + " mm wide, a laugh " + laugh);
    }

    private static double width(Character who, String pose) {
        return new LipGap(who).mouthWidth(who.values(who.poses().get(pose)));
    }

    private static double pitch(Character who, Deformer deformer, double[] values, String part) {
        return deformer.angles(who.joints().get(part(who, part).joint()), values)[0];
    }

    @Test
    void contemptIsOneSided() {
        Pose scorn = ALL.get("Scornful");
        assertTrue(scorn.of("dimpler.L") > 0.5 && scorn.of("dimpler.R") == 0 && scorn.of("dimpler") == 0);
    }

    /** Enough of them leave the mouth to speech, and enough are uneven: asymmetry is what looks alive (common practice). */
    @Test
    void manyLieUnderSpeechAndManyAreUneven() {
        long quiet = ALL.values().stream()
                .filter(p -> p.of("jawDrop") < 0.15)
                .filter(p -> p.values().keySet().stream().noneMatch(n -> n.startsWith("tongue")))
                .count();
        assertTrue(quiet >= 16, quiet + " leave the mouth to speech");
        long uneven = ALL.values().stream()
                .filter(p -> p.values().keySet().stream().anyMatch(n -> n.endsWith(".L") || n.endsWith(".R")))
                .count();
        assertTrue(uneven >= 8, uneven + " are uneven");
        assertTrue(ALL.size() >= 24, ALL.size() + " feelings");
    }

    @Test
    void onlyActionsThatOurFacesHaveAreNamedWithinTheirRanges() {
        Character odile = Cast.byName("odile");
        Map<String, Pose> all = new TreeMap<>(ALL);
        all.putAll(FacePoses.visemes());
        all.forEach((name, pose) -> pose.values().forEach((channel, value) -> {
            assertTrue(
                    odile.has(channel) || odile.has(channel + ".L"), name + " names " + channel + ", which nobody has");
            odile.channels().stream()
                    .filter(c -> c.name().equals(channel) || c.name().equals(channel + ".L"))
                    .forEach(
                            c -> assertTrue(value >= c.min() && value <= c.max(), name + ": " + channel + " " + value));
        }));
    }

    @Test
    void everyVisemeHasAPose() {
        assertEquals(
                Arrays.stream(Viseme.values()).map(Viseme::title).sorted().toList(),
                FacePoses.visemes().keySet().stream().sorted().toList());
        assertEquals(Pose.REST, FacePoses.visemes().get("Rest"));
        assertTrue(FacePoses.visemes().get("Lips shut").of(Roles.SEAL) == 1, "shut lips are sealed");
        assertTrue(FacePoses.visemes().get("Lip to teeth").of(Roles.BITE) == 1);
    }

    /** No two mouths and no two feelings are mistaken for one another. */
    @Test
    void posesDiffer() {
        Character odile = Cast.byName("odile");
        for (Map<String, Pose> chapter : List.of(ALL, FacePoses.visemes())) {
            List<String> names = new ArrayList<>(chapter.keySet());
            for (int a = 0; a < names.size(); a++) {
                for (int b = a + 1; b < names.size(); b++) {
                    double[] x = odile.values(chapter.get(names.get(a)));
                    double[] y = odile.values(chapter.get(names.get(b)));
                    double apart = 0;
                    for (int c = 0; c < x.length; c++) {
                        double range = odile.channels().get(c).max()
                                - odile.channels().get(c).min();
                        apart += Math.pow((x[c] - y[c]) / range, 2);
                    }
                    assertTrue(Math.sqrt(apart) > 0.2, names.get(a) + " and " + names.get(b) + ": " + Math.sqrt(apart));
                }
            }
        }
    }

    @Test
    void whatIsNotShippedIsSaid() {
        assertThrows(IllegalArgumentException.class, () -> PoseBook.shipped("/graykite/people/nobody.json"));
        assertThrows(
                IllegalArgumentException.class,
                () -> PoseBook.shipped("/graykite/people/face-poses.json").chapter("hands"));
    }
}
