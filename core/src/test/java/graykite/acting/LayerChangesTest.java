package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.ListeningLayer.Speaking;
import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.layer.Shifted;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.Lines;
import graykite.mouth.OwnCurvesLayer;
import graykite.mouth.TakenCurve;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * What a layer promises when it is changed: outside the stretches that it names it asks for exactly what it asked for before.
 * The movement between them is kept and never worked out again, so a layer that names too little would be seen as a fault.
 */
class LayerChangesTest {
    private static final Character ODILE = Figures.ODILE;
    private static final LayerSetting SETTING = LayerSetting.of("Trial", Blend.ADD);
    private static final Timing READING = Lines.spoken("the fog bell rang before we moved the map and left", 0.09);
    private static final WordFinder WORDS = new WordFinder(READING);
    private static final List<String> POSES = List.of("Glad", "Sad", "Wry", "Angry", "Rest", "Startled");
    private static final double END = 6;

    private static double[] ask(Layer layer, double time) {
        double[] asked = new double[ODILE.channels().size()];
        Arrays.fill(asked, Double.NaN);
        layer.ask(time, new double[asked.length], asked);
        return asked;
    }

    /** Compares two versions at every hundredth of a second. @return share of the time that is said to be the same */
    private static double check(Layer before, Layer after) {
        Changes changes = after.since(before);
        int same = 0;
        int all = 0;
        for (double t = 0; t < END; t += 0.01) {
            all++;
            if (!changes.touch(t - 1e-6, t + 1e-6)) {
                same++;
                assertArrayEquals(ask(before, t), ask(after, t), 1e-12, "at " + t + ": " + changes);
            }
        }
        return same / (double) all;
    }

    private static List<PoseKey> someKeys(Random random) {
        List<PoseKey> keys = new ArrayList<>();
        for (int i = random.nextInt(6); i >= 0; i--) {
            keys.add(new PoseKey(
                    random.nextDouble() * 5,
                    POSES.get(random.nextInt(POSES.size())),
                    random.nextDouble() * 1.5,
                    0.05 + random.nextDouble()));
        }
        return keys;
    }

    private static Layer poses(List<PoseKey> keys) {
        return new PosesLayer(SETTING, ODILE, new PosesPlan(SETTING, keys).keys(), WORDS);
    }

    @Test
    void keyedPosesTellWhereTheyChanged() {
        Random random = new Random(5);
        double same = 0;
        for (int i = 0; i < 60; i++) {
            List<PoseKey> before = someKeys(random);
            List<PoseKey> after = new ArrayList<>(before);
            int at = random.nextInt(after.size());
            switch (random.nextInt(4)) {
                case 0 -> after.remove(at);
                case 1 -> after.add(someKeys(random).getFirst());
                case 2 -> after.set(at, after.get(at).withStrength(random.nextDouble()));
                default -> after.set(at, after.get(at).withEase(0.05 + random.nextDouble()));
            }
            same += check(poses(before), poses(after));
        }
        assertTrue(same / 60 > 0.3, "most of a line stays as it was: " + same / 60);
    }

    private static List<Clip> someClips(Random random) {
        List<Clip> clips = new ArrayList<>();
        for (int i = random.nextInt(5); i >= 0; i--) {
            double from = random.nextDouble() * 4;
            Clip.Look look = Clip.Look.of(POSES.get(random.nextInt(POSES.size())))
                    .withEases(random.nextDouble(), random.nextDouble())
                    .withAmounts(random.nextDouble(), random.nextDouble());
            clips.add(new Clip(Place.at(from), Place.at(from + 0.2 + 1.5 * random.nextDouble()), look));
        }
        return clips;
    }

    private static Layer clips(List<Clip> clips) {
        return new ClipsLayer(SETTING, ODILE, new ClipsPlan(SETTING, clips).clips(), WORDS);
    }

    @Test
    void clipsTellWhereTheyChanged() {
        Random random = new Random(9);
        double same = 0;
        for (int i = 0; i < 80; i++) {
            List<Clip> before = someClips(random);
            List<Clip> after = new ArrayList<>(before);
            int at = random.nextInt(after.size());
            switch (random.nextInt(4)) {
                case 0 -> after.remove(at);
                case 1 -> after.add(someClips(random).getFirst());
                case 2 -> after.set(at, someClips(random).getFirst());
                default -> {
                    Clip clip = after.get(at);
                    after.set(at, clip.withLook(clip.look().withEases(0.5, 0.1)));
                }
            }
            same += check(clips(before), clips(after));
        }
        assertTrue(same / 80 > 0.3, "most of a line stays as it was: " + same / 80);
    }

    private static List<LookBlock> someLooks(Random random) {
        List<LookBlock> looks = new ArrayList<>();
        for (int i = random.nextInt(4); i >= 0; i--) {
            double from = random.nextDouble() * 4;
            LookPoint point = LookPoint.USUAL.get(random.nextInt(LookPoint.USUAL.size()));
            looks.add(new LookBlock(
                    Place.at(from), Place.at(from + 0.2 + random.nextDouble()), point, random.nextDouble()));
        }
        return looks;
    }

    private static Layer looks(List<LookBlock> looks) {
        return new LooksLayer(SETTING, ODILE, new LooksPlan(SETTING, looks).looks(), WORDS, Surroundings.ALONE);
    }

    @Test
    void looksTellWhereTheyChanged() {
        Random random = new Random(10);
        for (int i = 0; i < 80; i++) {
            List<LookBlock> before = someLooks(random);
            List<LookBlock> after = new ArrayList<>(before);
            int at = random.nextInt(after.size());
            if (random.nextBoolean()) {
                after.remove(at);
            } else {
                after.set(at, someLooks(random).getFirst());
            }
            check(looks(before), looks(after));
        }
    }

    @Test
    void ownCurvesTellWhereTheyChanged() {
        Random random = new Random(6);
        for (int i = 0; i < 40; i++) {
            List<TakenCurve> before = someCurves(random);
            List<TakenCurve> after = new ArrayList<>(before);
            if (random.nextBoolean()) {
                after.remove(random.nextInt(after.size()));
            } else {
                after.set(random.nextInt(after.size()), someCurves(random).getFirst());
            }
            check(new OwnCurvesLayer(SETTING, ODILE, before, WORDS), new OwnCurvesLayer(SETTING, ODILE, after, WORDS));
        }
    }

    private static List<TakenCurve> someCurves(Random random) {
        List<TakenCurve> curves = new ArrayList<>();
        double from = 0.1;
        for (int i = random.nextInt(3); i >= 0; i--) {
            double to = from + 0.2 + random.nextDouble();
            Key start = new Key(from, random.nextDouble(), Key.Way.SMOOTH, 0, 0);
            Key end = new Key(to, random.nextDouble(), Key.Way.SMOOTH, 0, 0);
            curves.add(TakenCurve.of(
                    random.nextBoolean() ? "jawDrop" : "browLowerer.L", new Curve(List.of(start, end)), WORDS));
            from = to + 0.2;
        }
        return curves;
    }

    /** A dragged boundary moves blinks and head beats beside it; the rest of the line stays. */
    @Test
    void instinctsTellWhereADraggedBoundaryIsFelt() {
        Random random = new Random(7);
        float[] samples = new float[(int) (READING.duration() * 8000)];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (0.3 * Math.sin(i * 0.2) * Math.abs(Math.sin(i * 0.0008)));
        }
        Loudness loudness = Loudness.of(Sound.mono(samples, 8000));
        for (int i = 0; i < 40; i++) {
            int word = random.nextInt(READING.words().size());
            Timing dragged =
                    READING.withStart(word, 0, READING.words().get(word).start() + 0.05 * random.nextGaussian());
            check(
                    new InstinctsLayer(SETTING, ODILE, Life.generate(READING, loudness, 3)),
                    new InstinctsLayer(SETTING, ODILE, Life.generate(dragged, loudness, 3)));
        }
    }

    @Test
    void listenersTellWhereTheyTurn() {
        Random random = new Random(8);
        for (int i = 0; i < 40; i++) {
            List<Speaking> before = someSpeech(random);
            List<Speaking> after = new ArrayList<>(before);
            int at = random.nextInt(after.size());
            if (random.nextBoolean()) {
                after.remove(at);
            } else {
                Speaking moved = after.get(at);
                after.set(
                        at,
                        new Speaking(
                                new TimeRange(
                                        moved.speech().start() + 0.1,
                                        moved.speech().end() + 0.1),
                                moved.yaw()));
            }
            check(new ListeningLayer(SETTING, ODILE, before), new ListeningLayer(SETTING, ODILE, after));
        }
    }

    private static List<Speaking> someSpeech(Random random) {
        List<Speaking> all = new ArrayList<>();
        double from = 0.2;
        for (int i = random.nextInt(3); i >= 0; i--) {
            double to = from + 0.3 + random.nextDouble();
            all.add(new Speaking(new TimeRange(from, to), -40 + 80 * random.nextDouble()));
            from = to + 0.3;
        }
        return all;
    }

    /** On a stage the same is true, later by the start of the line. */
    @Test
    void aLineOnAStageTellsItLater() {
        Curve envelope = LayerSetting.always(1);
        List<PoseKey> one = List.of(new PoseKey(1, "Glad", 1, 0.2), new PoseKey(2, "Rest", 1, 0.2));
        List<PoseKey> two = List.of(new PoseKey(1, "Glad", 0.5, 0.2), new PoseKey(2, "Rest", 1, 0.2));
        Layer before = new Shifted(poses(one), 1.5, envelope);
        Layer after = new Shifted(poses(two), 1.5, envelope);
        double same = check(before, after);
        assertTrue(same > 0.7, "only from 2.3 to 3.5: " + same);
        assertTrue(after.since(before).touch(2.4, 2.4));
        assertEquals(Changes.EVERYWHERE, after.since(new Shifted(poses(one), 1.6, envelope)), "another start");
    }

    /** Another setting, another character, another kind of layer: nothing can be told. */
    @Test
    void whatCannotBeComparedDiffersEverywhere() {
        Layer glad = poses(List.of(new PoseKey(1, "Glad", 1, 0.2)));
        Layer muted = new PosesLayer(SETTING.withMuted(true), ODILE, List.of(), WORDS);
        assertEquals(Changes.EVERYWHERE, glad.since(muted));
        assertEquals(Changes.EVERYWHERE, glad.since(new ListeningLayer(SETTING, ODILE, List.of())));
        assertTrue(glad.since(glad).none());
    }
}
