package graykite.hearing;

import graykite.reading.TimedPhone;
import graykite.reading.Timing;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How far a reading's phone boundaries lie from known ones. Phones are paired by the cheapest edit path, so that a voice
 * that says a word in another way costs that word only.
 *
 * @param signed the differences of paired phone starts in seconds, reading minus truth
 */
public record ReadingError(List<Double> signed) {
    public ReadingError {
        signed = List.copyOf(signed);
    }

    /** Compares with a truth that may hold silences; silences are passed over on both sides. */
    public static ReadingError between(Timing reading, List<SimulatedVoice.Said> truth) {
        List<TimedPhone> read =
                reading.words().stream().flatMap(w -> w.phones().stream()).toList();
        List<SimulatedVoice.Said> said =
                truth.stream().filter(s -> s.phone() != Phone.SIL).toList();
        int[][] cost = new int[read.size() + 1][said.size() + 1];
        for (int i = 0; i <= read.size(); i++) {
            for (int j = 0; j <= said.size(); j++) {
                if (i == 0 || j == 0) {
                    cost[i][j] = 2 * (i + j);
                } else {
                    int change = read.get(i - 1).phone() == said.get(j - 1).phone() ? 0 : 3;
                    cost[i][j] = Math.min(cost[i - 1][j - 1] + change, 2 + Math.min(cost[i - 1][j], cost[i][j - 1]));
                }
            }
        }
        List<Double> signed = new ArrayList<>();
        int i = read.size();
        int j = said.size();
        while (i > 0 && j > 0) {
            boolean same = read.get(i - 1).phone() == said.get(j - 1).phone();
            if (cost[i][j] == cost[i - 1][j - 1] + (same ? 0 : 3)) {
                if (same) {
                    signed.add(read.get(i - 1).start() - said.get(j - 1).start());
                }
                i--;
                j--;
            } else if (cost[i][j] == cost[i - 1][j] + 2) {
                i--;
            } else {
                j--;
            }
        }
        return new ReadingError(signed.reversed());
    }

    /** Median of the absolute differences, in seconds. */
    public double median() {
        double[] sorted = signed.stream().mapToDouble(Math::abs).sorted().toArray();
        return sorted.length == 0 ? Double.NaN : sorted[sorted.length / 2];
    }

    /** Mean of the signed differences, in seconds: a constant shift shows here. */
    public double shift() {
        return signed.stream().mapToDouble(d -> d).average().orElse(Double.NaN);
    }

    /** Share of boundaries within some seconds of the truth, 0 to 1. */
    public double within(double seconds) {
        return signed.stream().filter(d -> Math.abs(d) <= seconds).count() / (double) Math.max(1, signed.size());
    }

    /** Both lists of differences together. */
    public ReadingError and(ReadingError other) {
        List<Double> all = new ArrayList<>(signed);
        all.addAll(other.signed);
        return new ReadingError(all);
    }

    @Override
    public String toString() {
        return String.format(
                Locale.ROOT,
                "%d boundaries, median %.1f ms, shift %+.1f ms, within 10/20/50 ms: %.1f / %.1f / %.1f %%",
                signed.size(),
                1000 * median(),
                1000 * shift(),
                100 * within(0.010),
                100 * within(0.020),
                100 * within(0.050));
    }
}
