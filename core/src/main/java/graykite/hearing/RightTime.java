package graykite.hearing;

import graykite.hearing.SimulatedVoice.Said;
import graykite.reading.Timing;
import graykite.text.Phone;
import java.util.List;
import java.util.function.Function;

/**
 * For how much of the time that somebody speaks a reading has the right phone, against a voice whose phones are known.
 *
 * @param right seconds
 * @param spoken seconds
 */
public record RightTime(double right, double spoken) {
    public static final RightTime NONE = new RightTime(0, 0);

    /** @param as what two phones must share to count as the same */
    public static RightTime between(Timing reading, List<Said> truth, Function<Phone, Object> as) {
        double right = 0;
        double spoken = 0;
        for (Said said : truth) {
            if (said.phone() != Phone.SIL) {
                spoken += said.end() - said.start();
                right += reading.segments().stream()
                        .filter(s -> as.apply(s.phone()).equals(as.apply(said.phone())))
                        .mapToDouble(
                                s -> Math.max(0, Math.min(s.end(), said.end()) - Math.max(s.start(), said.start())))
                        .sum();
            }
        }
        return new RightTime(right, spoken);
    }

    public RightTime plus(RightTime other) {
        return new RightTime(right + other.right, spoken + other.spoken);
    }

    /** 0 to 1. */
    public double share() {
        return right / spoken;
    }
}
