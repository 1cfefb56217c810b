package graykite.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/** From dense to few: keys that a hand can work on, within an error that is stated. */
public final class Thinning {
    private Thinning() {}

    /**
     * What came out.
     *
     * @param motion few keys
     * @param error the largest difference to a sample anywhere, as a share of what was allowed for its control; at most 1
     */
    public record Result(Keyed motion, double error) {}

    /**
     * Reduces every control by itself.
     *
     * @param allowed the largest difference to a sample for a control, in its own unit, above 0
     */
    public static Result thinned(Track track, ToDoubleFunction<String> allowed) {
        List<KeyReduction.Result> results = IntStream.range(0, track.controls().size())
                .parallel()
                .mapToObj(c -> KeyReduction.reduce(
                        0,
                        1 / track.rate(),
                        track.of(c),
                        allowed.applyAsDouble(track.controls().get(c))))
                .toList();
        double error = 0;
        List<Curve> curves = new ArrayList<>();
        for (int c = 0; c < results.size(); c++) {
            curves.add(results.get(c).curve());
            error = Math.max(
                    error,
                    results.get(c).error()
                            / allowed.applyAsDouble(track.controls().get(c)));
        }
        return new Result(new Keyed(track.duration(), track.controls(), curves), error);
    }

    /** Any motion as a dense one. @param rate samples a second */
    public static Track dense(Motion motion, double rate) {
        if (motion instanceof Track track && track.rate() == rate) {
            return track;
        }
        int count = Math.max(2, (int) Math.round(motion.duration() * rate) + 1);
        int controls = motion.controls().size();
        float[] values = new float[count * controls];
        for (int s = 0; s < count; s++) {
            for (int c = 0; c < controls; c++) {
                values[s * controls + c] = (float) motion.at(c, s / rate);
            }
        }
        return new Track(rate, motion.controls(), values);
    }
}
