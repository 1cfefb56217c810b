package graykite.acting;

import graykite.motion.Motion;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.rig.Roles;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/** A motion on one character: which of its controls move which channels. What the character lacks is left out, and told. */
public final class MotionOn {
    private record Pull(int control, int channel, double share) {}

    private final Motion motion;
    private final int channels;
    private final List<Pull> pulls = new ArrayList<>();
    private final List<String> missing = new ArrayList<>();

    public MotionOn(Character character, Motion motion) {
        this.motion = motion;
        this.channels = character.channels().size();
        Map<String, Integer> index = character.channelIndex();
        for (int c = 0; c < motion.controls().size(); c++) {
            String control = motion.controls().get(c);
            if (!plays(character, control)) {
                missing.add(control);
                continue;
            }
            double[] moved = character.values(Pose.of(control, 1));
            for (int k : index.values().stream().sorted().toList()) {
                if (moved[k] != 0) {
                    pulls.add(new Pull(c, k, moved[k]));
                }
            }
        }
    }

    /** True when a character has a channel or something that plays an action of that name. */
    public static boolean plays(Character character, String control) {
        return character.has(control) || character.role(control).isPresent();
    }

    /** Names of the controls that the character lacks. */
    public List<String> missing() {
        return Collections.unmodifiableList(missing);
    }

    /** Which channels it moves at all. */
    public boolean[] moved() {
        boolean[] moved = new boolean[channels];
        pulls.forEach(p -> moved[p.channel] = true);
        return moved;
    }

    /**
     * What it makes of every channel.
     *
     * @param time seconds of the motion
     * @return values in the character's order; 0 for channels that it does not move
     */
    public double[] at(double time) {
        double[] values = new double[channels];
        int control = -1;
        double value = 0;
        for (Pull pull : pulls) {
            if (pull.control != control) {
                control = pull.control;
                value = motion.at(control, time);
            }
            values[pull.channel] += value * pull.share;
        }
        return values;
    }

    /** How much of it each channel gets, when controls count differently. @param weight of a control, 0 to 1 */
    public double[] weights(ToDoubleFunction<String> weight) {
        double[] most = new double[channels];
        for (Pull pull : pulls) {
            most[pull.channel] = Math.max(
                    most[pull.channel], weight.applyAsDouble(motion.controls().get(pull.control)));
        }
        return most;
    }

    /** The values of a character's channels as standard actions where each has one of its own, and as channels elsewhere. */
    public static Map<String, Naming> namings(Character character) {
        Map<String, Naming> names = new TreeMap<>();
        character.channels().forEach(c -> names.put(c.name(), new Naming(c.name(), 1)));
        for (String role : Roles.all()) {
            character
                    .role(role)
                    .filter(p -> p.values().size() == 1)
                    .ifPresent(p -> p.values().forEach((channel, share) -> {
                        if (share != 0 && names.containsKey(channel)) {
                            names.put(channel, new Naming(role, 1 / share));
                        }
                    }));
        }
        return names;
    }

    /**
     * How a channel is told to others.
     *
     * @param control a standard action, or the channel's own name
     * @param factor by which its values are multiplied
     */
    public record Naming(String control, double factor) {}
}
