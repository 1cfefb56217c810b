package graykite.live;

import static graykite.live.Input.PRESS;
import static graykite.live.Input.WHEEL;
import static graykite.live.Input.X;
import static graykite.live.Input.Y;

import graykite.rig.Channel;
import graykite.rig.Channel.Group;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Controls that a hand plays together: those of a region of the figure, or a single channel.
 *
 * @param name what people call it
 * @param region where on the figure it lies
 * @param says how it is played, in words
 */
public record Instrument(String name, Group region, String says, List<Pull> pulls) {
    /** Those that every face has, if it has their controls. */
    public static final List<Instrument> ALL = List.of(
            new Instrument(
                    "Head",
                    Group.HEAD,
                    "left and right turn it, up and down nod, the wheel tilts it",
                    List.of(
                            new Pull("headYaw", X, 28, -28),
                            new Pull("headPitch", Y, 18, -18),
                            new Pull("headRoll", WHEEL, 15, -15))),
            new Instrument(
                    "Eyes",
                    Group.EYES,
                    "they look where you point",
                    List.of(new Pull("eyeYaw", X, 28, -28), new Pull("eyePitch", Y, 18, -18))),
            new Instrument(
                    "Lids",
                    Group.LIDS,
                    "up opens, down closes, a press blinks",
                    concat(both("upperLidRaiser", Y, 1, 0), both("lidClose", Y, 0, 1), both("lidClose", PRESS, 1, 0))),
            new Instrument(
                    "Brows",
                    Group.BROWS,
                    "up raises, down frowns, left and right raise one side more",
                    List.of(
                            new Pull("innerBrowRaiser.L", Y, 1, 0),
                            new Pull("innerBrowRaiser.R", Y, 1, 0),
                            new Pull("outerBrowRaiser.L", Y, 1, 0),
                            new Pull("outerBrowRaiser.R", Y, 1, 0),
                            new Pull("browLowerer.L", Y, 0, 1),
                            new Pull("browLowerer.R", Y, 0, 1),
                            new Pull("outerBrowRaiser.L", X, 0.7, -0.7),
                            new Pull("outerBrowRaiser.R", X, -0.7, 0.7))),
            new Instrument(
                    "Cheeks",
                    Group.CHEEKS,
                    "up raises the cheeks, down wrinkles the nose",
                    concat(both("cheekRaiser", Y, 1, 0), both("noseWrinkler", Y, 0, 1))),
            new Instrument("Jaw", Group.JAW, "down opens it", List.of(new Pull("jawDrop", Y, 0, 1))),
            new Instrument(
                    "Lips",
                    Group.LIPS,
                    "up smiles, down pulls the corners down, left and right favour one side",
                    List.of(
                            new Pull("lipCornerPuller.L", Y, 1, 0),
                            new Pull("lipCornerPuller.R", Y, 1, 0),
                            new Pull("lipCornerDepressor.L", Y, 0, 1),
                            new Pull("lipCornerDepressor.R", Y, 0, 1),
                            new Pull("lipCornerPuller.L", X, 0.5, -0.5),
                            new Pull("lipCornerPuller.R", X, -0.5, 0.5))),
            new Instrument(
                    "Shoulders",
                    Group.BODY,
                    "left and right turn them, up and down lean, the wheel sways, a press lifts",
                    List.of(
                            new Pull("bodyYaw", X, 15, -15),
                            new Pull("bodyPitch", Y, 6, -6),
                            new Pull("bodyRoll", WHEEL, 6, -6),
                            new Pull("shouldersUp", PRESS, 1, 0))));

    public Instrument {
        pulls = List.copyOf(pulls);
    }

    private static List<Pull> both(String action, Input input, double plus, double minus) {
        return List.of(new Pull(action + ".L", input, plus, minus), new Pull(action + ".R", input, plus, minus));
    }

    @SafeVarargs
    private static List<Pull> concat(List<Pull>... lists) {
        List<Pull> all = new ArrayList<>();
        for (List<Pull> list : lists) {
            all.addAll(list);
        }
        return all;
    }

    /** One channel, played up and down over its whole range. */
    public static Instrument of(Channel channel) {
        return new Instrument(
                channel.name(),
                channel.group(),
                "up and down move it",
                List.of(new Pull(channel.name(), Y, channel.max(), channel.min())));
    }

    /** The controls that some instruments play, in their order, each once. */
    public static List<String> controls(List<Instrument> instruments) {
        return instruments.stream()
                .flatMap(i -> i.pulls.stream())
                .map(Pull::control)
                .distinct()
                .toList();
    }

    /**
     * What instruments make of the inputs.
     *
     * @param at where each input is; those that are not named are at 0
     * @return a value for each control, in the order of {@link #controls}
     */
    public static double[] play(List<Instrument> instruments, Map<Input, Double> at) {
        Map<String, Double> values = new LinkedHashMap<>();
        controls(instruments).forEach(c -> values.put(c, 0.0));
        for (Instrument instrument : instruments) {
            for (Pull pull : instrument.pulls) {
                values.merge(pull.control(), pull.value(at.getOrDefault(pull.input(), 0.0)), Double::sum);
            }
        }
        return values.values().stream().mapToDouble(v -> v).toArray();
    }
}
