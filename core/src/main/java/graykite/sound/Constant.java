package graykite.sound;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What some recorders add to all that they record, which nobody hears: the mean of the moments that swing least. Voices swing further to
 * one side than to the other, so the mean of a whole recording is none.
 */
final class Constant {
    private static final double MOMENT = 0.01;
    /** The share of all moments that are the quietest. */
    private static final double QUIETEST = 0.1;
    /** 60 dB below full scale, where no voice is followed any more: less of it is left alone. */
    private static final double LEAST = 1e-3;

    private record Moment(double mean, double swing) {}

    private Constant() {}

    /** A share of full scale; 0 where there is none that matters. @param rate samples a second */
    static float of(float[] samples, int rate) {
        int length = Math.max(1, Math.min(samples.length, (int) (MOMENT * rate)));
        List<Moment> moments = IntStream.range(0, samples.length / length)
                .mapToObj(i -> moment(samples, i * length, (i + 1) * length))
                .sorted(Comparator.comparingDouble(Moment::swing))
                .toList();
        double constant = moments.stream()
                .limit((long) Math.ceil(QUIETEST * moments.size()))
                .mapToDouble(Moment::mean)
                .average()
                .orElse(0);
        return Math.abs(constant) < LEAST ? 0 : (float) constant;
    }

    private static Moment moment(float[] samples, int from, int to) {
        double sum = 0;
        double power = 0;
        for (int i = from; i < to; i++) {
            sum += samples[i];
            power += samples[i] * (double) samples[i];
        }
        double mean = sum / (to - from);
        return new Moment(mean, power / (to - from) - mean * mean);
    }
}
