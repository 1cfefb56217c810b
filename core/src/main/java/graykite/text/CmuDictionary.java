package graykite.text;

import graykite.base.BadInput;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * A dictionary in the format of the CMU Pronouncing Dictionary: a word, then its phones; further pronunciations carry a
 * number in round brackets; lines that start with {@code ;;;} are comments. Lines are kept as bytes and read on demand,
 * so that 130,000 words load in a blink.
 */
public final class CmuDictionary implements Lexicon {
    private static final String SHIPPED = "/edu/cmu/sphinx/models/en-us/cmudict-en-us.dict";
    private static final int LARGEST = 256 << 20;

    private final byte[] text;
    private final Map<String, int[]> lines = new HashMap<>(180_000);

    private CmuDictionary(byte[] text) {
        this.text = text;
        index();
    }

    /** A dictionary that knows no word. */
    public static CmuDictionary empty() {
        return new CmuDictionary(new byte[0]);
    }

    /** The English dictionary that ships with Gray Kite. */
    public static CmuDictionary shipped() {
        try (InputStream in = CmuDictionary.class.getResourceAsStream(SHIPPED)) {
            if (in == null) {
                throw new IllegalStateException("The shipped dictionary is missing: " + SHIPPED);
            }
            return new CmuDictionary(in.readAllBytes());
        } catch (IOException failure) {
            throw new IllegalStateException("The shipped dictionary cannot be read.", failure);
        }
    }

    /**
     * Reads a dictionary from a stream.
     *
     * @param name for messages
     * @throws BadInput when it is larger than 256 MB or a line's phones are not ARPABET
     */
    public static CmuDictionary read(InputStream in, String name) throws IOException {
        byte[] text = in.readNBytes(LARGEST + 1);
        if (text.length > LARGEST) {
            throw new BadInput(name + ": is larger than 256 MB. Split the dictionary.");
        }
        CmuDictionary dictionary = new CmuDictionary(text);
        for (String word : dictionary.words()) {
            for (int start : dictionary.lines.get(word)) {
                if (dictionary.parse(start).isEmpty()) {
                    throw new BadInput(name + ": the phones of \"" + word + "\" are not ARPABET. Correct the line.");
                }
            }
        }
        return dictionary;
    }

    private void index() {
        int start = 0;
        while (start < text.length) {
            int end = start;
            while (end < text.length && text[end] != '\n') {
                end++;
            }
            int stop = start;
            while (stop < end && text[stop] != ' ' && text[stop] != '\t' && text[stop] != '(') {
                stop++;
            }
            if (stop > start && stop < end && !(text[start] == ';' && text[start + 1] == ';')) {
                String word = new String(text, start, stop - start, StandardCharsets.UTF_8).toLowerCase(Locale.ROOT);
                int lineStart = start;
                lines.merge(word, new int[] {lineStart}, CmuDictionary::append);
            }
            start = end + 1;
        }
    }

    private static int[] append(int[] some, int[] more) {
        int[] all = Arrays.copyOf(some, some.length + 1);
        all[some.length] = more[0];
        return all;
    }

    private Optional<Pronunciation> parse(int start) {
        int end = start;
        while (end < text.length && text[end] != '\n') {
            end++;
        }
        String[] parts = new String(text, start, end - start, StandardCharsets.UTF_8)
                .strip()
                .split("\\s+");
        List<Phone> phones = new ArrayList<>();
        for (int i = 1; i < parts.length && !parts[i].startsWith("#"); i++) {
            Optional<Phone> phone = Phone.parse(parts[i]);
            if (phone.isEmpty() || phone.get() == Phone.SIL) {
                return Optional.empty();
            }
            phones.add(phone.get());
        }
        return phones.isEmpty() ? Optional.empty() : Optional.of(new Pronunciation(phones));
    }

    @Override
    public List<Pronunciation> pronunciations(String word) {
        int[] starts = lines.get(word);
        if (starts == null) {
            return List.of();
        }
        List<Pronunciation> found = new ArrayList<>();
        for (int start : starts) {
            parse(start).filter(p -> !found.contains(p)).ifPresent(found::add);
        }
        return List.copyOf(found);
    }

    @Override
    public Set<String> words() {
        return new TreeSet<>(lines.keySet());
    }
}
