package graykite.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Heard;
import graykite.acting.Instincts;
import graykite.acting.Instincts.Kind;
import graykite.acting.Life;
import graykite.acting.Melody;
import graykite.acting.Mood;
import graykite.base.Progress;
import graykite.format.ProjectFiles;
import graykite.project.Line;
import graykite.project.Project;
import graykite.sound.Loudness;
import graykite.sound.Pitch;
import graykite.sound.Sound;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;
import org.junit.jupiter.api.Test;

/** What acting hears in a voice, on real recordings. */
class MoodTest {
    private static final List<Line> LINES = lines();

    private static List<Line> lines() {
        try (InputStream in = MoodTest.class.getResourceAsStream("/graykite/demo/demo.kite")) {
            Project demo = ProjectFiles.read(in, "demo.kite");
            return demo.lines();
        } catch (IOException failure) {
            throw new IllegalStateException(failure);
        }
    }

    private static Sound sound(int line) {
        return SoundReader.read(
                LINES.get(line).sound().orElseThrow().content(),
                LINES.get(line).sound().orElseThrow().name(),
                Progress.none());
    }

    private static Mood mood(Sound sound) {
        return Mood.of(Loudness.of(sound), Optional.of(Pitch.of(sound)));
    }

    private static Sound louder(Sound sound, double decibels) {
        float[] samples = sound.mixed().clone();
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) Math.clamp(samples[i] * Math.pow(10, decibels / 20), -1, 1);
        }
        return Sound.mono(samples, sound.rate());
    }

    /** One voice whispered: noise in place of its tones, as loud as they were by turns. */
    private static Sound whispered(Sound sound) {
        Loudness loudness = Loudness.of(sound);
        SplittableRandom random = new SplittableRandom(3);
        float[] samples = new float[sound.mixed().length];
        for (int i = 0; i < samples.length; i++) {
            double level = loudness.at(i / (double) sound.rate()) - 12;
            samples[i] = (float) (Math.pow(10, level / 20) * 1.7 * (2 * random.nextDouble() - 1));
        }
        return Sound.mono(samples, sound.rate());
    }

    /** The demo's first line is said plainly, the third is hushed, the fourth is shouted. */
    @Test
    void hushedPlainAndShoutedAreToldApart() {
        double plain = mood(sound(0)).arousal();
        double hushed = mood(sound(2)).arousal();
        double shouted = mood(sound(3)).arousal();
        assertTrue(hushed < plain - 0.15 && plain < shouted - 0.25, hushed + ", " + plain + ", " + shouted);
        assertTrue(
                mood(sound(2)).inWords().startsWith("a hushed voice"),
                mood(sound(2)).inWords());
        assertTrue(Math.abs(plain) < 0.15, "plain speech moves little: " + plain);
    }

    @Test
    void louderIsMoreAndAWhisperLess() {
        Sound plain = sound(0);
        assertTrue(mood(louder(plain, -10)).arousal() < mood(plain).arousal() - 0.2);
        Mood whisper = mood(whispered(plain));
        assertTrue(whisper.whispered() && whisper.arousal() < -0.5, whisper.inWords());
        assertEquals(Mood.NONE, mood(Sound.silence(3, 16_000)), "silence has no mood");
    }

    /** Counted in the sound alone, against the vowels of the reading. */
    @Test
    void syllablesAreCounted() {
        double off = 0;
        for (int i = 0; i < LINES.size(); i++) {
            long vowels = LINES.get(i).timing().orElseThrow().words().stream()
                    .flatMap(w -> w.phones().stream())
                    .filter(p -> p.phone().isVowel())
                    .count();
            double spoken = LINES.get(i).timing().orElseThrow().words().stream()
                    .mapToDouble(w -> w.end() - w.start())
                    .sum();
            double counted = mood(sound(i)).rate();
            assertEquals(vowels / spoken, counted, 1.5, "line " + (i + 1));
            off += Math.abs(vowels / spoken - counted) / LINES.size();
        }
        assertTrue(off < 0.6, "off by " + off + " a second in the mean");
    }

    /** A shout widens the eyes, lifts brows higher and moves the head more; a whisper stills; switched off nothing does. */
    @Test
    void theMoodMovesTheAmounts() {
        Mood shout = new Mood(0.9, -6, 6, 6, false);
        Mood whisper = new Mood(-0.8, -30, 0, 4, true);
        assertTrue(shout.factor(Kind.HEAD, 1) > 1.5 && whisper.factor(Kind.HEAD, 1) < 0.55);
        assertTrue(whisper.factor(Kind.BLINKS, 1) < 0.8, "a whisper slows blinks");
        assertTrue(shout.wide(1) > 0.2 && whisper.wide(1) == 0);
        assertEquals(1, shout.factor(Kind.HEAD, 0));
        Line line = LINES.get(3);
        Loudness loudness = Loudness.of(sound(3));
        Heard heard = new Heard(shout, Melody.NONE);
        Life with = Life.generate(line.timing().orElseThrow(), loudness, heard, Instincts.of(1));
        Life without = Life.generate(
                line.timing().orElseThrow(), loudness, heard, Instincts.of(1).withMood(0));
        assertTrue(highest(with) > 1.2 * highest(without));
        assertEquals(0, without.wide());
    }

    private static double highest(Life life) {
        return life.brows().lifts().stream()
                .mapToDouble(l -> Math.max(l.left(), l.right()))
                .max()
                .orElse(0);
    }

    /** Munhall et al. 2004: head and pitch are correlated, by about 0.6 in natural speech (0.4 to 0.9 as speakers go). */
    @Test
    void theHeadFollowsThePitch() {
        double sum = 0;
        for (int i = 0; i < LINES.size(); i++) {
            double with = correlation(i, true);
            assertTrue(with > 0.4 && with < 0.98, "line " + (i + 1) + ": " + with);
            assertTrue(with > correlation(i, false), "more than by chance");
            sum += with;
        }
        assertTrue(sum / LINES.size() > 0.6, "mean " + sum / LINES.size());
    }

    /** Multiple correlation of the head's turns with the pitch, where there is one. */
    private static double correlation(int line, boolean listening) {
        Sound sound = sound(line);
        Pitch pitch = Pitch.of(sound);
        Loudness loudness = Loudness.of(sound);
        Heard heard = listening ? Heard.of(loudness, Optional.of(pitch)) : Heard.NOTHING;
        Life life = Life.generate(LINES.get(line).timing().orElseThrow(), loudness, heard, Instincts.of(1));
        List<double[]> head = new ArrayList<>();
        List<Double> tones = new ArrayList<>();
        for (double t = 0; t < sound.duration(); t += 0.02) {
            if (pitch.at(t) > 0) {
                tones.add(Math.log(pitch.at(t)));
                head.add(new double[] {
                    life.head().at(t).yaw(),
                    life.head().at(t).pitch(),
                    life.head().at(t).roll()
                });
            }
        }
        OLSMultipleLinearRegression fit = new OLSMultipleLinearRegression();
        fit.newSampleData(tones.stream().mapToDouble(d -> d).toArray(), head.toArray(double[][]::new));
        return Math.sqrt(fit.calculateRSquared());
    }
}
