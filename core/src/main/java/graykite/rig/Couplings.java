package graykite.rig;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** The couplings of a character made ready to be applied to its values many times a second. */
public final class Couplings {
    private record Ready(Coupling coupling, int[] driver, double[] driverShare, int[] driven, double[] drivenShare) {}

    private final Character character;
    private final List<Ready> ready = new ArrayList<>();

    /** Couplings that name a channel which the character lacks are left out: {@link #idle} lists them. */
    public Couplings(Character character) {
        this.character = character;
        for (Coupling coupling : character.couplings()) {
            if (character.has(coupling.driver()) && character.has(coupling.driven())) {
                double[] driver = character.values(Pose.of(coupling.driver(), 1));
                double[] driven = character.values(Pose.of(coupling.driven(), 1));
                int[] watched = used(driver);
                int[] changed = used(driven);
                ready.add(new Ready(coupling, watched, picked(driver, watched), changed, picked(driven, changed)));
            }
        }
    }

    /** Couplings that cannot act on this character. */
    public static List<Coupling> idle(Character character) {
        return character.couplings().stream()
                .filter(c -> !character.has(c.driver()) || !character.has(c.driven()))
                .toList();
    }

    /** Applies every coupling in order, then keeps values within their channels' ranges; changes the array. */
    public void apply(double[] values) {
        for (Ready rule : ready) {
            double value = 0;
            for (int i = 0; i < rule.driver.length; i++) {
                value += values[rule.driver[i]] / rule.driverShare[i] / rule.driver.length;
            }
            double figure = rule.coupling.figureAt(value);
            for (int i = 0; i < rule.driven.length; i++) {
                int at = rule.driven[i];
                Channel channel = character.channels().get(at);
                double changed = switch (rule.coupling.rule()) {
                    case DRIVES -> values[at] + figure * rule.drivenShare[i];
                    case HOLDS_BACK -> values[at] * (1 - Math.clamp(figure, 0, 1));
                };
                values[at] = Math.clamp(changed, channel.min(), channel.max());
            }
        }
    }

    private static int[] used(double[] values) {
        return IntStream.range(0, values.length).filter(i -> values[i] != 0).toArray();
    }

    private static double[] picked(double[] values, int[] at) {
        return Arrays.stream(at).mapToDouble(i -> values[i]).toArray();
    }
}
