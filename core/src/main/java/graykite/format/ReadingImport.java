package graykite.format;

import graykite.base.BadInput;
import graykite.reading.PhoneSpread;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.text.Phone;
import graykite.text.Pronouncer;
import graykite.text.Pronunciation;
import graykite.text.Respelling;
import graykite.text.Script;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Readings from files: words or phones with their times as NIST CTM or CSV, phrases with their times as WebVTT or SubRip. Words
 * without phones get those of the dictionary, spread over their time.
 */
public final class ReadingImport {
    private static final int LARGEST = 16 << 20;
    private static final int MOST_TOKENS = 200_000;

    private ReadingImport() {}

    /**
     * Opens a reading.
     *
     * @param duration of the recording it belongs to, in seconds; what lies beyond is an error
     * @param pronouncer knows how words are said
     * @throws BadInput naming file and place when it cannot be used
     */
    public static Timing open(Path file, double duration, Pronouncer pronouncer) {
        String name = file.getFileName().toString();
        List<TimingReaders.Token> tokens = new ArrayList<>(tokens(text(file), name));
        tokens.removeIf(t -> t.text().isBlank() || t.text().equals("<eps>"));
        if (tokens.isEmpty()) {
            throw new BadInput(
                    name + ": holds no words with times. Choose a CTM, WebVTT, SRT or CSV file of a reading.");
        }
        if (tokens.size() > MOST_TOKENS) {
            throw new BadInput(name + ": holds more than 200,000 words. Split it.");
        }
        tokens.sort(Comparator.comparingDouble(TimingReaders.Token::start));
        check(tokens, duration, name);
        boolean phones = tokens.stream().allMatch(t -> Phone.parse(t.text()).isPresent() && isUpper(t.text()));
        List<TimedWord> words = phones ? ofPhones(tokens) : ofWords(tokens, pronouncer);
        return new Timing(words, duration);
    }

    private static boolean isUpper(String text) {
        return text.equals(text.toUpperCase(Locale.ROOT));
    }

    private static String text(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] bytes = in.readNBytes(LARGEST + 1);
            if (bytes.length > LARGEST) {
                throw BadInput.inFile(file, "is larger than 16 MB, so it is hardly a reading. Choose another file.");
            }
            return ScriptFiles.decode(bytes);
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
    }

    private static List<TimingReaders.Token> tokens(String text, String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        if (lower.endsWith(".ctm")) {
            return TimingReaders.readCtm(text, name);
        }
        if (lower.endsWith(".csv")) {
            return csv(text, name);
        }
        return TimingReaders.readCues(text);
    }

    /** Columns word (or phone), start and end, in seconds, named in the first line. */
    private static List<TimingReaders.Token> csv(String text, String name) {
        List<TimingReaders.Token> tokens = new ArrayList<>();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            String column =
                    parser.getHeaderNames().stream().anyMatch(h -> h.equalsIgnoreCase("phone")) ? "phone" : "word";
            for (CSVRecord row : parser) {
                tokens.add(token(row, column, name));
            }
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            throw new BadInput(
                    name
                            + ": is not a reading as CSV. Its first line must name the columns word (or phone), start and end.",
                    broken);
        }
        return tokens;
    }

    private static TimingReaders.Token token(CSVRecord row, String column, String name) {
        try {
            return new TimingReaders.Token(
                    row.get(column), Double.parseDouble(row.get("start")), Double.parseDouble(row.get("end")));
        } catch (NumberFormatException broken) {
            throw new BadInput(
                    name + ", row " + row.getRecordNumber() + ": start and end are not seconds. Correct the row.",
                    broken);
        }
    }

    private static void check(List<TimingReaders.Token> tokens, double duration, String name) {
        double end = 0;
        for (TimingReaders.Token token : tokens) {
            boolean ordered = token.start() >= end - 0.0015 && token.end() > token.start();
            if (!ordered || Double.isNaN(token.start()) || Double.isNaN(token.end())) {
                throw new BadInput(String.format(
                        Locale.ROOT,
                        "%s: \"%s\" at %.3f s overlaps what comes before it, or ends before it starts. Correct its times.",
                        name,
                        token.text(),
                        token.start()));
            }
            if (token.end() > duration + 0.1) {
                throw new BadInput(String.format(
                        Locale.ROOT,
                        "%s: \"%s\" ends at %.3f s, but the recording lasts %.3f s. It belongs to another recording.",
                        name,
                        token.text(),
                        token.end(),
                        duration));
            }
            end = token.end();
        }
    }

    /** Phones that touch make a word of unknown text; silence parts words. */
    private static List<TimedWord> ofPhones(List<TimingReaders.Token> tokens) {
        List<TimedWord> words = new ArrayList<>();
        List<TimedPhone> phones = new ArrayList<>();
        for (TimingReaders.Token token : tokens) {
            Optional<Phone> phone = Phone.parse(token.text()).filter(p -> p != Phone.SIL);
            double before = phones.isEmpty() ? token.start() : phones.getLast().end();
            if (phone.isEmpty() || token.start() - before > 0.005) {
                close(words, phones);
                phones = new ArrayList<>();
            }
            if (phone.isPresent()) {
                double start =
                        phones.isEmpty() ? token.start() : phones.getLast().end();
                phones.add(new TimedPhone(phone.get(), start, Math.max(token.end(), start + 0.001), true));
            }
        }
        close(words, phones);
        return words;
    }

    private static void close(List<TimedWord> words, List<TimedPhone> phones) {
        if (!phones.isEmpty()) {
            words.add(new TimedWord(TimedWord.UNSCRIPTED, "", phones, WordSource.SOUND, 1));
        }
    }

    private static List<TimedWord> ofWords(List<TimingReaders.Token> tokens, Pronouncer pronouncer) {
        Respelling respelling = new Respelling(pronouncer);
        List<TimedWord> words = new ArrayList<>();
        for (TimingReaders.Token token : tokens) {
            List<Script.Word> said = Script.of(token.text()).words();
            List<Pronunciation> ways = said.stream()
                    .map(w -> respelling.read(String.join(" ", w.spoken())).getFirst())
                    .toList();
            double usual = ways.stream()
                    .mapToDouble(w -> PhoneSpread.usual(w.phones()))
                    .sum();
            double start = words.isEmpty()
                    ? token.start()
                    : Math.max(token.start(), words.getLast().end());
            double length = token.end() - start;
            double time = start;
            for (int w = 0; w < said.size(); w++) {
                Pronunciation way = ways.get(w);
                double next =
                        w + 1 == said.size() ? token.end() : time + length * PhoneSpread.usual(way.phones()) / usual;
                if (next - time >= way.phones().size() * Timing.SHORTEST_PHONE) {
                    boolean exact = said.size() == 1;
                    List<TimedPhone> phones = PhoneSpread.over(way.phones(), time, next).stream()
                            .map(p -> new TimedPhone(p.phone(), p.start(), p.end(), exact))
                            .toList();
                    words.add(
                            new TimedWord(said.get(w).written(), said.get(w).mark(), phones, WordSource.DICTIONARY, 1));
                    time = next;
                }
            }
        }
        return words;
    }
}
