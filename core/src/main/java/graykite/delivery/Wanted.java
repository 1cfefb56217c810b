package graykite.delivery;

import graykite.base.BadInput;
import graykite.format.FrameTable;
import graykite.rig.Channel;
import graykite.rig.Character;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.IntStream;

/** The channels of a character that are delivered. */
public final class Wanted {
    private final Set<String> names;

    private Wanted(Set<String> names) {
        this.names = names;
    }

    /**
     * Channels by their names, or whole regions: jaw, lips, tongue, cheeks, brows, lids, eyes, head, body.
     *
     * @param asked empty for all
     * @throws BadInput when none of the character's channels is meant
     */
    public static Wanted of(Character character, List<String> asked) {
        Set<String> plain = new HashSet<>();
        asked.forEach(a -> plain.add(a.strip().toLowerCase(Locale.ROOT)));
        Set<String> names = new HashSet<>();
        for (Channel channel : character.channels()) {
            boolean wanted = asked.isEmpty()
                    || plain.contains(channel.name().toLowerCase(Locale.ROOT))
                    || plain.contains(channel.group().name().toLowerCase(Locale.ROOT));
            if (wanted) {
                names.add(channel.name());
            }
        }
        if (names.isEmpty() && !asked.isEmpty()) {
            throw new BadInput(character.name() + " has no channel called " + String.join(", ", asked)
                    + ". Name channels, or regions such as lips, head or eyes.");
        }
        return new Wanted(names);
    }

    public boolean has(String channel) {
        return names.contains(channel);
    }

    /** A table in which all other channels rest. */
    public FrameTable atRest(FrameTable table) {
        int[] others = IntStream.range(0, table.channels().size())
                .filter(c -> !has(table.channels().get(c)))
                .toArray();
        if (others.length == 0) {
            return table;
        }
        List<double[]> rows = table.rows().stream()
                .map(row -> {
                    double[] still = row.clone();
                    for (int c : others) {
                        still[c] = 0;
                    }
                    return still;
                })
                .toList();
        return new FrameTable(table.rate(), table.firstFrame(), table.channels(), rows);
    }
}
