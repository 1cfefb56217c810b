package graykite.scene;

import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.LipGap;
import java.util.stream.IntStream;

/** Which channels of a character move its lips, measured on the mesh. */
final class LipChannels {
    private final Character character;
    private final boolean[] turns;

    /** @param turns which channels do not belong to the mouth and are not tried */
    LipChannels(Character character, boolean[] turns) {
        this.character = character;
        this.turns = turns;
    }

    /** Their indices, in the character's order. */
    int[] of(LipGap measure) {
        double[] rest = new double[character.channels().size()];
        double[] gaps = measure.gaps(rest);
        double[] places = measure.lowerLip(rest);
        return IntStream.range(0, rest.length)
                .filter(c -> !turns[c])
                .filter(c -> {
                    double[] moved = rest.clone();
                    moved[c] = character.channels().get(c).max();
                    return furthest(gaps, measure.gaps(moved)) > 0.02
                            || furthest(places, measure.lowerLip(moved)) > 0.02
                            || seals(c);
                })
                .toArray();
    }

    /** A seal alone moves nothing: it undoes what opens. */
    private boolean seals(int c) {
        String name = character.channels().get(c).name();
        return character.correctives().stream()
                        .anyMatch(k -> k.first().equals(name) || k.second().equals(name))
                && character.channels().get(c).group() == Channel.Group.LIPS;
    }

    private static double furthest(double[] a, double[] b) {
        double most = 0;
        for (int i = 0; i < a.length; i++) {
            most = Math.max(most, Math.abs(a[i] - b[i]));
        }
        return most;
    }
}
