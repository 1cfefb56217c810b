package graykite.reading;

import graykite.sound.Loudness;
import graykite.sound.Pitch;
import java.util.ArrayList;
import java.util.List;

/**
 * What is heard where no word is.
 *
 * @param kind what it seems to be
 * @param start seconds
 * @param end seconds
 */
public record GapSound(Kind kind, double start, double end) {
    /** What fills a gap. */
    public enum Kind {
        SILENCE("silence"),
        BREATH("breath"),
        /** Somebody speaks, though no word is placed here. */
        SPEECH("speech"),
        NOISE("noise");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /** A shorter gap is the closure of a stop or a moment between words. */
    private static final double SHORTEST = 0.12;
    /** Breaths take about this long (common practice). */
    private static final double LONGEST_BREATH = 1.2;

    private static final double ABOVE_FLOOR = 9;
    private static final double BELOW_SPEECH = 8;
    /** Speech has pitch for at least this share of its time. */
    private static final double SPOKEN = 0.35;
    /** What lies so many decibels below the speech is silence, however still the recording is otherwise. */
    private static final double INAUDIBLE = 42;
    /** Loudness is measured over 40 ms, so next to a word a little of it is heard as well. */
    private static final double BESIDE_WORDS = 0.03;

    /**
     * Labels the gaps of a reading: what stays near the recording's own floor is silence; soft sound without pitch for the length
     * of a breath is a breath; loud sound with pitch is speech without words; the rest is noise.
     */
    public static List<GapSound> of(Timing timing, Loudness loudness, Pitch pitch) {
        double floor = loudness.percentile(0.03);
        double speech = loudness.percentile(0.9);
        List<GapSound> gaps = new ArrayList<>();
        for (Timing.Segment segment : timing.segments()) {
            if (segment.isSilence() && segment.end() - segment.start() >= SHORTEST) {
                cut(segment.start() + BESIDE_WORDS, segment.end() - BESIDE_WORDS, loudness, pitch, floor, speech, gaps);
            }
        }
        return List.copyOf(gaps);
    }

    private static void cut(
            double from, double to, Loudness loudness, Pitch pitch, double floor, double speech, List<GapSound> gaps) {
        double limit = Math.max(Math.min(floor + ABOVE_FLOOR, speech - 2 * BELOW_SPEECH), speech - INAUDIBLE);
        int first = (int) Math.ceil(from / Loudness.STEP);
        int last = (int) Math.floor(to / Loudness.STEP);
        int at = first;
        double silentFrom = from;
        while (at <= last) {
            if (loudness.at(at * Loudness.STEP) <= limit) {
                at++;
                continue;
            }
            int start = at;
            int quiet = 0;
            while (at <= last && quiet < 4) {
                quiet = loudness.at(at * Loudness.STEP) <= limit ? quiet + 1 : 0;
                at++;
            }
            int end = at - quiet;
            double begin = start * Loudness.STEP;
            double stop = Math.min(to, end * Loudness.STEP);
            if (stop - begin < SHORTEST) {
                continue;
            }
            if (begin - silentFrom >= SHORTEST) {
                gaps.add(new GapSound(Kind.SILENCE, silentFrom, begin));
            }
            gaps.add(new GapSound(kind(begin, stop, loudness, pitch, speech), begin, stop));
            silentFrom = stop;
        }
        if (to - silentFrom >= SHORTEST) {
            gaps.add(new GapSound(Kind.SILENCE, silentFrom, to));
        }
    }

    private static Kind kind(double start, double end, Loudness loudness, Pitch pitch, double speech) {
        double level = 0;
        int voiced = 0;
        int count = 0;
        for (double t = start; t < end; t += Loudness.STEP) {
            level += loudness.at(t);
            voiced += pitch.at(t) > 0 ? 1 : 0;
            count++;
        }
        boolean soft = level / count < speech - BELOW_SPEECH;
        if (!soft && voiced >= SPOKEN * count) {
            return Kind.SPEECH;
        }
        return soft && voiced < 0.25 * count && end - start <= LONGEST_BREATH ? Kind.BREATH : Kind.NOISE;
    }
}
