package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.sound.Sound;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Moments of quiet between two words that follow each other so closely that the search heard no pause, or took it for longer than it is: it needs a mark
 * in the script or a longer one to believe it. Where the sound is gone altogether between a word and the next, the one has ended and the other not begun. The closure of a
 * stop is such a moment too, and belongs to its word.
 */
final class ShortPauses {
    private static final double HOP = HeardPhone.SECONDS_A_FRAME;
    /** Samples of a level: 10 ms. */
    private static final int WINDOW = 160;
    /** Frames to either side of where two words were heard to meet. */
    private static final int NEAR = 40;
    /** Frames of a pause at most that may be nothing but the end of a word and the beginning of the next. */
    private static final int SHORT = 40;
    /**
     * Frames by which a word is found to end later at most: of a Spanish sentence with a wrong word another one kept its place with 12 and lost it
     * with 14; the ends of words with gaps of 25 ms gain up to two points more by 20.
     */
    private static final int LATER = 12;
    /** Frames of a sound that are no part of the quiet beside it. */
    private static final int LEFT = 2;
    /** Decibels below the softer of both words. */
    private static final double SOFTER = 30;
    /** Decibels above the quietest moments of the recording. */
    private static final double ABOVE_NOISE = 6;

    private static final double QUIETEST = 0.02;
    /** Frames from the first and last that are quiet to where the quiet begins and ends: a level looks a frame to either side. */
    private static final double BEYOND = 1.5;
    /** Frames of quiet at least; a level reaches a frame to either side of its own. */
    private static final int LEAST = 2;

    private final double[] levels;
    private final double noise;

    private ShortPauses(double[] levels) {
        this.levels = levels;
        noise = Levels.quantile(levels, 0, levels.length, QUIETEST) + ABOVE_NOISE;
    }

    /** @param sound one channel at 16 kHz */
    static ShortPauses of(Sound sound) {
        return new ShortPauses(Levels.of(sound, HOP, WINDOW));
    }

    /**
     * Phones with such pauses between them.
     *
     * @param held by boundary, when such a pause begins or ends, in seconds; NaN at others. One more than there are phones
     */
    record Parted(List<HeardPhone> phones, double[] held) {
        /** As they were heard. */
        static Parted as(List<HeardPhone> phones) {
            double[] held = new double[phones.size() + 1];
            Arrays.fill(held, Double.NaN);
            return new Parted(phones, held);
        }
    }

    /** A stretch of quiet. @param start its first frame @param end the frame after its last */
    private record Quiet(int start, int end) {
        /** Seconds at which it begins: a level looks a frame to either side. */
        double begins() {
            return (start - BEYOND) * HOP;
        }

        double ends() {
            return (end - 1 + BEYOND) * HOP;
        }
    }

    /** What was heard, with such pauses. @param pins beside what a hand set nothing is moved */
    Parted between(List<HeardPhone> heard, Pins pins) {
        List<HeardPhone> parted = new ArrayList<>();
        Map<Integer, Double> edges = new HashMap<>();
        for (int i = 0; i < heard.size(); i++) {
            boolean pauses = isShortPause(heard, i);
            HeardPhone next = heard.get(pauses ? i + 1 : i);
            Optional<Quiet> quiet = parted.isEmpty() || isSet(parted.getLast(), pins) || isSet(next, pins)
                    ? Optional.empty()
                    : quiet(parted.getLast(), next, pauses);
            if (quiet.isEmpty()) {
                parted.add(heard.get(i));
                continue;
            }
            HeardPhone last = parted.removeLast();
            // A stop begins in silence.
            int end = next.phone().closes() ? next.startFrame() : quiet.get().end;
            parted.add(during(last, last.startFrame(), quiet.get().start));
            edges.put(parted.size(), quiet.get().begins());
            parted.add(new HeardPhone(HeardPhone.PAUSE, 0, 0, Phone.SIL, quiet.get().start, end, 0));
            if (!next.phone().closes()) {
                edges.put(parted.size(), quiet.get().ends());
            }
            parted.add(during(next, end, next.endFrame()));
            i += pauses ? 1 : 0;
        }
        Parted all = Parted.as(parted);
        edges.forEach((boundary, time) -> all.held[boundary] = time);
        return all;
    }

    private static boolean isSet(HeardPhone phone, Pins pins) {
        return phone.word() >= 0 && pins.at(phone.word(), phone.index()).isPresent();
    }

    /** True for one that may be nothing but the end of a word and the beginning of the next. */
    private static boolean isShortPause(List<HeardPhone> heard, int at) {
        HeardPhone pause = heard.get(at);
        return pause.word() == HeardPhone.PAUSE
                && at + 1 < heard.size()
                && pause.endFrame() - pause.startFrame() <= SHORT;
    }

    private static HeardPhone during(HeardPhone phone, int start, int end) {
        return new HeardPhone(phone.word(), phone.variant(), phone.index(), phone.phone(), start, end, phone.score());
    }

    /** The quiet between two words of the script, if it is one stretch. @param pauses true where the search heard a pause between them */
    private Optional<Quiet> quiet(HeardPhone last, HeardPhone next, boolean pauses) {
        boolean apart = last.word() >= 0 && next.word() >= 0 && last.word() != next.word();
        if (!apart || !pauses && (last.phone().closes() || next.phone().closes())) {
            return Optional.empty();
        }
        int meet = next.startFrame();
        int from = last.phone().closes() ? last.endFrame() - LEFT : Math.max(last.startFrame() + LEFT, meet - NEAR);
        int to = next.phone().closes() ? meet : Math.min(next.endFrame() - LEFT, meet + NEAR) + 1;
        double softer = Math.min(loudest(from - NEAR, meet), loudest(meet, to + NEAR));
        double limit = Math.min(noise, softer - SOFTER);
        int first = 0;
        int end = 0;
        int count = 0;
        for (int f = from; f < Math.min(to, levels.length); f++) {
            if (levels[f] <= limit) {
                first = count == 0 ? f : first;
                end = f + 1;
                count++;
            }
        }
        // Noise that rises and falls is quiet here and there, which tells nothing.
        boolean one = count == end - first;
        return one && count >= LEAST && first <= last.endFrame() + LATER
                ? Optional.of(new Quiet(first, end))
                : Optional.empty();
    }

    private double loudest(int from, int to) {
        double loudest = Double.NEGATIVE_INFINITY;
        for (int f = Math.max(0, from); f < Math.min(levels.length, to); f++) {
            loudest = Math.max(loudest, levels[f]);
        }
        return loudest;
    }
}
