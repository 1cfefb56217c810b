package graykite.format;

import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.text.Ipa;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Lists of words and how they are said, a word a line: the word, a blank or tab, and its phones in ARPABET separated by blanks
 * (the format of the CMU Pronouncing Dictionary) or in IPA. Lines that begin with ;;; or # are comments.
 */
public final class DictionaryFiles {
    private static final int LARGEST = 32 << 20;
    private static final int MOST_WORDS = 400_000;

    private DictionaryFiles() {}

    /**
     * Opens a list; of several ways to say a word the first counts.
     *
     * @throws BadInput naming file and line when it cannot be used
     */
    public static Map<String, Pronunciation> open(Path file) {
        String text;
        try (InputStream in = Files.newInputStream(file)) {
            byte[] bytes = in.readNBytes(LARGEST + 1);
            if (bytes.length > LARGEST) {
                throw BadInput.inFile(file, "is larger than 32 MB. Split the dictionary.");
            }
            text = ScriptFiles.decode(bytes);
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
        return read(text, file.getFileName().toString());
    }

    /** @param name for messages */
    public static Map<String, Pronunciation> read(String text, String name) {
        Map<String, Pronunciation> words = new LinkedHashMap<>();
        int number = 0;
        for (String line : text.split("\\R")) {
            number++;
            String plain = line.strip();
            if (plain.isEmpty() || plain.startsWith(";;;") || plain.startsWith("#")) {
                continue;
            }
            String[] parts = plain.split("\\s+", 2);
            String place = name + ", line " + number;
            if (parts.length < 2) {
                throw new BadInput(place + ": holds a word but no sounds. A line is a word and how it is said.");
            }
            String word = parts[0].replaceFirst("\\(\\d+\\)$", "").toLowerCase(Locale.ROOT);
            words.putIfAbsent(word, said(parts[1].replaceFirst("#.*", "").strip(), place));
            if (words.size() > MOST_WORDS) {
                throw new BadInput(name + ": holds more than 400,000 words. Split the dictionary.");
            }
        }
        if (words.isEmpty()) {
            throw new BadInput(name + ": holds no words. A line is a word and how it is said.");
        }
        return words;
    }

    private static Pronunciation said(String sounds, String place) {
        List<Phone> phones = new ArrayList<>();
        for (String part : sounds.split("\\s+")) {
            Optional<Phone> phone =
                    Phone.parse(part).filter(p -> p != Phone.SIL && !part.equals(part.toLowerCase(Locale.ROOT)));
            if (phone.isEmpty()) {
                return ipa(sounds, place);
            }
            phones.add(phone.get());
        }
        return new Pronunciation(phones);
    }

    private static Pronunciation ipa(String sounds, String place) {
        try {
            return Ipa.read(sounds.replace("/", ""));
        } catch (BadInput unknown) {
            throw new BadInput(place + ": " + unknown.getMessage(), unknown);
        }
    }

    /** Saves a list in the format of the CMU dictionary. */
    public static void save(Map<String, Pronunciation> words, Path file) {
        StringBuilder text = new StringBuilder();
        new TreeMap<>(words)
                .forEach((word, said) ->
                        text.append(word).append("  ").append(said).append('\n'));
        AtomicFiles.write(file, out -> out.write(text.toString().getBytes(StandardCharsets.UTF_8)));
    }
}
