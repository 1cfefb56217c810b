package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.sound.Retimed;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.text.WordChoice;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A line whose sounds are held, as they are in a song, and the same line with what is held made shorter. What lasts three times as long as it is
 * spoken is three times the evidence to the speech model for whatever it sounds a little more like, so it hears words where there are none.
 * Spoken lines are none of these, but for slow ones.
 *
 * @param shorter one channel at {@link Features#RATE}
 * @param shortening from the clock of the recording to that of the shorter one
 */
record HeldSounds(Sound shorter, TimeMap shortening) {
    /**
     * Seconds of sound for each vowel of a script from which on a line is sung or spoken very slowly. Songs with vowels three times as long as
     * spoken have 0.30 to 0.54, sentences of the same voices 0.15 to 0.27, announcements by people 0.16 to 0.25 in the median.
     */
    private static final double SLOW = 0.28;
    /** Seconds; a longer recording is no song, but one of which the script has a part alone. */
    private static final double LONGEST = 600;
    /** So many vowels tell how quickly a line is spoken: single words take long. */
    private static final int TELLING = 6;

    /** Decibels below the loud moments of a recording down to which it sounds. */
    private static final double SOUNDS = 25;

    private static final double LOUD = 0.95;
    /** Samples of a level. */
    private static final int WINDOW = 400;

    /** Frames on either side of a moment whose mean cepstra are compared. */
    private static final int BESIDE = 10;
    /**
     * How far apart they lie where a sound is held or only glides. Chosen among 45, 60 and 90 on every other song of two voices
     * and on 50 sentences whose vowels were held: with less some words are heard that nobody sang, with more consonants are shortened too.
     */
    private static final double STEADY = 60;

    /** Seconds that a held sound lasts at least, and that are kept of it, half at its start and half at its end. */
    private static final double KEPT = 0.1;
    /** How many times as short the rest becomes. */
    private static final double QUICKER = 3.9;

    /**
     * What is held in a line.
     *
     * @param plain one channel at 16 kHz
     * @param features of it
     * @param words that are said there
     * @return none in a line that is spoken
     */
    static Optional<HeldSounds> in(Sound plain, Features features, List<WordChoice> words) {
        long vowels = words.stream()
                .flatMap(w -> w.pronunciations().getFirst().phones().stream())
                .filter(Phone::isVowel)
                .count();
        if (vowels < TELLING || plain.duration() > LONGEST) {
            return Optional.empty();
        }
        boolean[] sounding = sounding(plain, features.frames());
        int frames = 0;
        for (boolean sounds : sounding) {
            frames += sounds ? 1 : 0;
        }
        if (seconds(frames) < SLOW * vowels) {
            return Optional.empty();
        }
        TimeMap shortening = shortening(sounding, features);
        return shortening.isSame()
                ? Optional.empty()
                : Optional.of(new HeldSounds(Retimed.of(plain, shortening), shortening));
    }

    private static boolean[] sounding(Sound plain, int frames) {
        double[] levels = Levels.of(plain, seconds(1), WINDOW);
        double least = Levels.quantile(levels, 0, levels.length, LOUD) - SOUNDS;
        boolean[] sounding = new boolean[frames];
        for (int f = 0; f < frames; f++) {
            sounding[f] = levels[f] > least;
        }
        return sounding;
    }

    private static TimeMap shortening(boolean[] sounding, Features features) {
        List<TimeMap.Pair> pairs = new ArrayList<>();
        double saved = 0;
        int from = -1;
        boolean[] held = held(sounding, features);
        for (int f = 0; f <= held.length; f++) {
            boolean holds = f < held.length && held[f];
            if (holds && from < 0) {
                from = f;
            } else if (!holds && from >= 0) {
                double start = seconds(from) + KEPT / 2;
                double end = seconds(f) - KEPT / 2;
                if (end > start) {
                    pairs.add(new TimeMap.Pair(start, start - saved));
                    saved += (end - start) * (1 - 1 / QUICKER);
                    pairs.add(new TimeMap.Pair(end, end - saved));
                }
                from = -1;
            }
        }
        return new TimeMap(pairs);
    }

    /** By frame: true where a sound hardly changes. How loud it is does not matter: a held vowel swells and fades. */
    private static boolean[] held(boolean[] sounding, Features features) {
        int count = features.frames();
        double[][] sums = new double[count + 1][Features.CEPSTRA];
        for (int f = 0; f < count; f++) {
            float[] cepstrum = features.cepstrum(f);
            for (int c = 1; c < Features.CEPSTRA; c++) {
                sums[f + 1][c] = sums[f][c] + cepstrum[c];
            }
        }
        boolean[] held = new boolean[count];
        for (int f = BESIDE; f + BESIDE <= count; f++) {
            double square = 0;
            for (int c = 1; c < Features.CEPSTRA; c++) {
                double step = (sums[f + BESIDE][c] - 2 * sums[f][c] + sums[f - BESIDE][c]) / BESIDE;
                square += step * step;
            }
            held[f] = sounding[f] && Math.sqrt(square) < STEADY;
        }
        return held;
    }

    private static double seconds(int frames) {
        return frames * HeardPhone.SECONDS_A_FRAME;
    }
}
