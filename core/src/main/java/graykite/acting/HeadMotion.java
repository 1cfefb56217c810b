package graykite.acting;

import graykite.reading.Timing;
import graykite.sound.Loudness;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Slight movement of the head on loud syllables: it goes to a pose quickly and holds there. A hold still lives: the head is
 * never dead still, and never seen to sway (common practice).
 */
public final class HeadMotion {
    private static final double APART = 0.42;

    private final List<Beat> beats;
    private final Drift drift;
    private final Melody melody;

    /**
     * A pose that the head goes to.
     *
     * @param time when it is reached, in seconds
     * @param travel how long it takes to get there
     * @param accent how strong the syllable is, 0 to 1
     */
    public record Beat(double time, double travel, double yaw, double pitch, double roll, double accent) {}

    HeadMotion(List<Beat> beats, Drift drift, Melody melody) {
        this.beats = List.copyOf(beats);
        this.drift = drift;
        this.melody = melody;
    }

    /** Following the pitch of a voice. */
    HeadMotion with(Melody voice) {
        return new HeadMotion(beats, drift, voice);
    }

    Melody melody() {
        return melody;
    }

    public static HeadMotion generate(Timing timing, Loudness loudness, long seed) {
        return generate(timing, loudness, seed, 1);
    }

    /** @param amount 1 as people do */
    public static HeadMotion generate(Timing timing, Loudness loudness, long seed, double amount) {
        List<Beat> beats = new ArrayList<>();
        double last = -1;
        for (Accents.Accent accent : Accents.of(timing, loudness)) {
            if (accent.time() - last < APART || amount <= 0) {
                continue;
            }
            last = accent.time();
            // A variation of its own for each word: one that moves leaves the others as they are.
            SplittableRandom random = new SplittableRandom(seed * 0x9E3779B97F4A7C15L + accent.word());
            double size = (0.45 + 0.55 * accent.strength()) * amount;
            beats.add(new Beat(
                    accent.time(),
                    random.nextDouble(0.17, 0.26),
                    size * random.nextDouble(-4.5, 4.5),
                    size * random.nextDouble(-3.4, 0.8),
                    size * random.nextDouble(-2.2, 2.2),
                    accent.strength()));
        }
        return new HeadMotion(beats, amount > 0 ? Drift.of(seed, amount) : Drift.NONE, Melody.NONE);
    }

    /** The poses that it goes to, in the order of time. */
    public List<Beat> beats() {
        return beats;
    }

    Drift drift() {
        return drift;
    }

    /** Where the head is, in degrees. */
    public record Pose(double yaw, double pitch, double roll) {}

    /** The head at a time. */
    public Pose at(double time) {
        int now = begun(time) - 1;
        Beat still = new Beat(-10, 0.1, 0, 0, 0, 0);
        Beat to = now < 0 ? still : beats.get(now);
        Beat from = now < 1 ? still : beats.get(now - 1);
        double t = Math.clamp((time - to.time + to.travel) / to.travel, 0, 1);
        double eased = t * t * t * (t * (6 * t - 15) + 10);
        return new Pose(
                from.yaw + (to.yaw - from.yaw) * eased + drift.yaw(time),
                from.pitch + (to.pitch - from.pitch) * eased + drift.pitch(time) + melody.at(time),
                from.roll + (to.roll - from.roll) * eased + drift.roll(time));
    }

    /** When the head leaves where a beat brought it. */
    double after(Beat beat) {
        int next = begun(beat.time);
        return next < beats.size() ? beats.get(next).time : Double.MAX_VALUE / 2;
    }

    /** How many beats the head has set out for at a time. */
    private int begun(double time) {
        int low = 0;
        int high = beats.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (beats.get(middle).time - beats.get(middle).travel <= time) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof HeadMotion motion
                && motion.beats.equals(beats)
                && motion.drift.equals(drift)
                && motion.melody.equals(melody);
    }

    @Override
    public int hashCode() {
        return beats.hashCode();
    }
}
