package graykite.text;

import static graykite.base.Require.requireThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * One way to say a word.
 *
 * @param phones one or more, no silence
 */
public record Pronunciation(List<Phone> phones) {
    public Pronunciation {
        phones = List.copyOf(phones);
        requireThat(!phones.isEmpty(), "A pronunciation has at least one phone.");
        requireThat(!phones.contains(Phone.SIL), "A pronunciation holds no silence.");
    }

    /** Two pronunciations said one after the other. */
    public Pronunciation then(Pronunciation next) {
        List<Phone> joined = new ArrayList<>(phones);
        joined.addAll(next.phones);
        return new Pronunciation(joined);
    }

    @Override
    public String toString() {
        return phones.stream().map(Phone::name).collect(Collectors.joining(" "));
    }
}
