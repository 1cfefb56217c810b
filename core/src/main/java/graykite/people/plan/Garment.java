package graykite.people.plan;

import static graykite.base.Require.requireThat;

import graykite.base.Names;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** What a person can wear; each has its colours. */
public enum Garment {
    SKIPPERS_CAP("skipper's cap", Slot.HEAD, "top #EDEAE2", "band #27313F", "cord #C9A24E"),
    KNITTED_CAP("knitted cap", Slot.HEAD, "wool #2B6E78", "rim #235A63"),
    SPECTACLES("spectacles", Slot.FACE, "frame #4A3526"),
    WHISKERS("whiskers", Slot.FACE, "hair #E9E2D6"),
    NECKERCHIEF("neckerchief", Slot.NECK, "cloth #A63D2F", "dots #EFE6D2"),
    SKIPPERS_COAT("skipper's coat", Slot.BODY, "jersey #D9CDB4", "coat #27344A", "buttons #C9A24E"),
    OILSKIN("oilskin", Slot.BODY, "oilskin #DDA32B", "toggles #4A2F1D", "jersey #E6E0D2", "stripes #8E3B34"),
    FUR("fur", Slot.BODY, "back #6B4A34", "breast #CDB592");

    /** Where it sits; a person wears one thing in each place. */
    public enum Slot {
        HEAD,
        FACE,
        NECK,
        BODY
    }

    private final String word;
    private final Slot slot;
    private final List<String> names;
    private final List<Paint> usual;

    Garment(String word, Slot slot, String... paints) {
        this.word = word;
        this.slot = slot;
        names = Arrays.stream(paints).map(p -> p.substring(0, p.indexOf(' '))).toList();
        usual = Arrays.stream(paints)
                .map(p -> Paint.of(p.substring(p.indexOf('#'))))
                .toList();
    }

    public String word() {
        return word;
    }

    public Slot slot() {
        return slot;
    }

    /** What its colours are of, in order. */
    public List<String> paintNames() {
        return names;
    }

    /** In its usual colours. */
    public Worn worn() {
        return new Worn(this, usual);
    }

    /** @throws IllegalArgumentException when there is none of that word */
    public static Garment of(String word) {
        return Names.meant(values(), Garment::word, word, "What is worn is");
    }

    /**
     * A garment in colours of its own.
     *
     * @param paints one for each of its {@link Garment#paintNames}
     */
    public record Worn(Garment garment, List<Paint> paints) {
        public Worn {
            paints = List.copyOf(paints);
            requireThat(
                    paints.size() == garment.names.size(),
                    "A %s has %d colours: %s.",
                    garment.word,
                    garment.names.size(),
                    String.join(", ", garment.names));
        }

        public Worn with(int index, Paint paint) {
            return new Worn(
                    garment,
                    IntStream.range(0, paints.size())
                            .mapToObj(i -> i == index ? paint : paints.get(i))
                            .toList());
        }
    }
}
