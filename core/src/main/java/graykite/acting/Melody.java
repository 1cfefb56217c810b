package graykite.acting;

import graykite.sound.Pitch;
import java.util.Arrays;

/**
 * The head that rises and falls a little with the pitch of the voice (Munhall et al. 2004 found them correlated by about
 * 0.6). Gaps without pitch are gone over; before and after the voice it rests.
 *
 * @param semitones over the middle of the voice, a value every {@link Pitch#STEP}, smooth; shared, never written to
 * @param degrees that a semitone lifts the head
 */
public record Melody(double[] semitones, double degrees) {
    /** No voice. */
    public static final Melody NONE = new Melody(new double[] {0}, 0);

    private static final double USUAL = 0.28;
    private static final double MOST = 2.2;

    /** Values about a moment that smooth it: 120 ms on either side. */
    private static final int REACH = 12;

    /** Values over which it rests again after the voice. */
    private static final int FADE = 25;

    public static Melody of(Pitch pitch) {
        double[] voiced = new double[pitch.count()];
        int count = 0;
        for (int i = 0; i < pitch.count(); i++) {
            double hertz = pitch.at(i * Pitch.STEP);
            if (hertz > 0) {
                voiced[count++] = hertz;
            }
        }
        if (count < 10) {
            return NONE;
        }
        double[] sorted = Arrays.copyOf(voiced, count);
        Arrays.sort(sorted);
        double middle = sorted[count / 2];
        return new Melody(smooth(contour(pitch, middle)), USUAL);
    }

    private static double[] contour(Pitch pitch, double middle) {
        double[] contour = new double[pitch.count()];
        int last = -1;
        for (int i = 0; i < contour.length; i++) {
            double hertz = pitch.at(i * Pitch.STEP);
            if (hertz <= 0) {
                continue;
            }
            contour[i] = Math.clamp(12 * Math.log(hertz / middle) / Math.log(2), -9, 9);
            bridge(contour, last, i);
            last = i;
        }
        for (int i = Math.max(0, last) + 1; i < contour.length && last >= 0; i++) {
            contour[i] = contour[last] * Math.max(0, 1 - (i - last) / (double) FADE);
        }
        return contour;
    }

    /** Goes over a gap: straight when it is short, over rest when it is long. */
    private static void bridge(double[] contour, int from, int to) {
        for (int i = from + 1; i < to; i++) {
            double after = Math.max(0, 1 - (to - i) / (double) FADE);
            double before = from < 0 ? 0 : Math.max(0, 1 - (i - from) / (double) FADE);
            boolean brief = from >= 0 && to - from <= FADE;
            double t = (i - from) / (double) (to - from);
            contour[i] = brief
                    ? contour[from] + t * (contour[to] - contour[from])
                    : (from < 0 ? 0 : contour[from] * before) + contour[to] * after;
        }
    }

    private static double[] smooth(double[] raw) {
        double[] smooth = new double[raw.length];
        for (int i = 0; i < raw.length; i++) {
            double sum = 0;
            double weight = 0;
            for (int k = Math.max(0, i - REACH); k <= Math.min(raw.length - 1, i + REACH); k++) {
                double w = 0.5 + 0.5 * Math.cos(Math.PI * (k - i) / (REACH + 1));
                sum += w * raw[k];
                weight += w;
            }
            smooth[i] = sum / weight;
        }
        return smooth;
    }

    /** More or less of it. */
    public Melody times(double amount) {
        return new Melody(semitones, degrees * amount);
    }

    /** Degrees by which the head is lifted at a time. */
    public double at(double time) {
        double place = Math.clamp(time / Pitch.STEP, 0, semitones.length - 1);
        int i = Math.min((int) place, semitones.length - 1);
        int next = Math.min(i + 1, semitones.length - 1);
        double value = semitones[i] + (place - i) * (semitones[next] - semitones[i]);
        return Math.clamp(degrees * value, -MOST, MOST);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Melody melody && melody.semitones == semitones && melody.degrees == degrees;
    }

    @Override
    public int hashCode() {
        return System.identityHashCode(semitones);
    }
}
