package graykite.acting;

import graykite.acting.Instincts.Kind;
import graykite.sound.Loudness;
import graykite.sound.Pitch;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * How excited a voice sounds: from how loud it is, how far its pitch goes, and how fast its syllables come, the three that
 * listeners go by (Scherer 2003, "Vocal communication of emotion"). A whisper has no pitch.
 *
 * @param arousal -1 for a whisper, 0 for plain speech, 1 for a shout
 * @param level decibels below full scale that a tenth of the speech exceeds
 * @param range standard deviation of the pitch in semitones; 0 where there is none
 * @param rate syllables a second of speech
 * @param whispered true when hardly anything of it is voiced
 */
public record Mood(double arousal, double level, double range, double rate, boolean whispered) {
    /** Nothing was heard: everything stays as it is. */
    public static final Mood NONE = new Mood(0, -90, 0, 0, false);

    /** Decibels under the loudest speech that still count as speech. */
    private static final double SPEECH = 24;

    /** Decibels between syllables, and hundredths of a second on either side that smooth the loudness. */
    private static final double DIP = 2;

    private static final int SMOOTH = 4;

    private static final double LEAST_SECONDS = 0.4;

    /** Plain speech, as recordings are commonly levelled, and what is twice as excited (common practice). */
    private static final double PLAIN_LEVEL = -20;

    private static final double PLAIN_RANGE = 3;
    private static final double PLAIN_RATE = 4.5;

    /** Measures a voice. @param pitch on the same clock; nothing where it was not measured */
    public static Mood of(Loudness loudness, Optional<Pitch> pitch) {
        double level = loudness.percentile(0.95);
        int speech = 0;
        int voiced = 0;
        double[] semitones = new double[loudness.count()];
        for (int i = 0; i < loudness.count(); i++) {
            double time = i * Loudness.STEP;
            if (loudness.at(time) > level - SPEECH) {
                speech++;
                double hertz = pitch.map(p -> p.at(time)).orElse(0.0);
                if (hertz > 0) {
                    semitones[voiced++] = 12 * Math.log(hertz / 100) / Math.log(2);
                }
            }
        }
        double seconds = speech * Loudness.STEP;
        if (level < -60 || seconds < LEAST_SECONDS) {
            return NONE;
        }
        double rate = syllables(loudness, level) / seconds;
        boolean whispered = pitch.isPresent() && voiced < 0.2 * speech;
        double range = voiced < 10 ? 0 : spread(Arrays.copyOf(semitones, voiced));
        double loud = Math.clamp((level - PLAIN_LEVEL) / 14, -1, 1);
        double lively = voiced < 10 ? 0 : Math.clamp((range - PLAIN_RANGE) / 3, -1, 1);
        double fast = Math.clamp((rate - PLAIN_RATE) / 2.5, -1, 1);
        double arousal = whispered ? -0.8 + 0.2 * fast : 0.5 * loud + 0.4 * lively + 0.1 * fast;
        return new Mood(Math.clamp(arousal, -1, 1), level, range, rate, whispered);
    }

    private static double spread(double[] values) {
        double mean = Arrays.stream(values).average().orElse(0);
        return Math.sqrt(Arrays.stream(values)
                .map(v -> (v - mean) * (v - mean))
                .average()
                .orElse(0));
    }

    /** Peaks of loudness with a dip of 2 dB before them (de Jong & Wempe 2009, on finding syllables in sound). */
    private static int syllables(Loudness loudness, double level) {
        int count = 0;
        double low = -90;
        double peak = -90;
        boolean rising = false;
        for (int i = 0; i < loudness.count(); i++) {
            double now = 0;
            for (int k = -SMOOTH; k <= SMOOTH; k++) {
                now += loudness.at((i + k) * Loudness.STEP) / (2 * SMOOTH + 1);
            }
            if (rising) {
                peak = Math.max(peak, now);
                if (now < peak - DIP) {
                    count += peak > level - SPEECH ? 1 : 0;
                    rising = false;
                    low = now;
                }
            } else {
                low = Math.min(low, now);
                if (now > low + DIP) {
                    rising = true;
                    peak = now;
                }
            }
        }
        return count;
    }

    /** How much more of an instinct there is: 1 for plain speech. @param share 0 for no mood at all, 1 for all of it */
    public double factor(Kind kind, double share) {
        double most = switch (kind) {
            case HEAD -> 0.7;
            case BROWS -> 0.6;
            case BREATH -> 0.5;
            case BLINKS -> 0.35;
            case EYES -> 0.25;
        };
        return 1 + share * most * arousal;
    }

    /** How far the upper lids are raised, 0 to 1. @param share 0 for no mood at all, 1 for all of it */
    public double wide(double share) {
        return 0.35 * share * Math.max(0, arousal - 0.15);
    }

    /** What was heard, for people. */
    public String inWords() {
        if (equals(NONE)) {
            return "no mood is heard";
        }
        String what = whispered
                ? "a whisper"
                : arousal > 0.55
                        ? "a shout"
                        : arousal > 0.2 ? "a lively voice" : arousal < -0.2 ? "a hushed voice" : "a plain voice";
        return String.format(
                Locale.ROOT,
                "%s (%+.2f: level %.0f dB, pitch within %.1f semitones, %.1f syllables a second)",
                what,
                arousal,
                level,
                range,
                rate);
    }
}
