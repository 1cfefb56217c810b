package graykite.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Guesses how a word is said from its letters: rows of pieces that spell it are found from its beginning to its end, and told apart
 * by how likely they are from both sides, by a {@link LetterModel}. Safe to share between threads.
 */
public final class LetterToSound {
    private static final String SHIPPED = "letters-en.model";
    private static final int LONGEST_PART = 40;
    /** Rows that are followed at each letter, and how far behind the best one they may lie. */
    private static final int ROWS = 24;

    private static final float FAR = 8;
    /** How much the view from the end of a word counts. */
    private static final float BACKWARD = 0.5f;

    private static final int[] NONE = {};

    /** A model with the numbers of its pieces by the letter that they spell. */
    private record Known(LetterModel model, Map<Character, int[]> spelling) {}

    private final Supplier<LetterModel> source;
    private Optional<Known> known = Optional.empty();

    public LetterToSound(LetterModel model) {
        this(() -> model);
    }

    private LetterToSound(Supplier<LetterModel> source) {
        this.source = source;
    }

    /** What ships for English, learnt from the dictionary that ships; read when the first unknown word is met. */
    public static LetterToSound shipped() {
        return new LetterToSound(LetterToSound::load);
    }

    private static LetterModel load() {
        try (InputStream in = LetterToSound.class.getResourceAsStream(SHIPPED)) {
            if (in == null) {
                throw new IllegalStateException("The letter model is missing: " + SHIPPED);
            }
            return LetterModel.read(in);
        } catch (IOException failure) {
            throw new UncheckedIOException("The letter model cannot be read.", failure);
        }
    }

    private synchronized Known known() {
        if (known.isEmpty()) {
            LetterModel model = source.get();
            Map<Character, int[]> spelling = new HashMap<>();
            for (int i = 1; i < model.pieces().size(); i++) {
                spelling.merge(model.pieces().get(i).letter(), new int[] {i}, LetterToSound::joined);
            }
            known = Optional.of(new Known(model, spelling));
        }
        return known.get();
    }

    private static int[] joined(int[] some, int[] more) {
        int[] all = Arrays.copyOf(some, some.length + 1);
        all[some.length] = more[0];
        return all;
    }

    /**
     * @param word any text; what is not a letter a to z is passed over
     * @return a guess; a neutral vowel when no letter is left
     */
    public Pronunciation guess(String word) {
        return guesses(word, 1).getFirst();
    }

    /** The likeliest ways to say a word, the best first. @param most how many at most */
    public List<Pronunciation> guesses(String word, int most) {
        String letters = word.toLowerCase(Locale.ROOT).replace('’', '\'').replaceAll("[^a-z']", "");
        List<Pronunciation> ways = List.of();
        for (int from = 0; from < letters.length(); from += LONGEST_PART) {
            String part = letters.substring(from, Math.min(letters.length(), from + LONGEST_PART));
            // What is longer than any word is spelt part by part, and said in one way.
            ways = Pronouncer.combine(ways, ofPart(part, letters.length() > LONGEST_PART ? 1 : most));
        }
        return ways.isEmpty() ? List.of(new Pronunciation(List.of(Phone.AH))) : ways;
    }

    private List<Pronunciation> ofPart(String letters, int most) {
        LetterModel model = known().model;
        List<List<PieceRow>> rows = new ArrayList<>();
        for (int i = 0; i <= letters.length(); i++) {
            rows.add(new ArrayList<>());
        }
        rows.getFirst().add(PieceRow.START);
        for (int i = 0; i < letters.length(); i++) {
            for (PieceRow row : best(rows.get(i))) {
                int[] contexts = row.contexts(model.onward());
                for (int piece : known().spelling.getOrDefault(letters.charAt(i), NONE)) {
                    rows.get(i + 1).add(row.longer(model.onward(), contexts, piece));
                }
            }
        }
        List<PieceRow> whole = new ArrayList<>();
        for (PieceRow row : best(rows.getLast())) {
            whole.add(row.longer(model.onward(), row.contexts(model.onward()), LetterModel.EDGE));
        }
        // Several rows may sound the same: their likelihoods add up.
        Map<List<Phone>, Double> ways = new LinkedHashMap<>();
        for (PieceRow row : whole) {
            ways.merge(phones(model, row.pieces()), Math.exp(fromBothSides(model, row)), Double::sum);
        }
        ways.remove(List.of());
        return ways.entrySet().stream()
                .sorted(Map.Entry.<List<Phone>, Double>comparingByValue().reversed())
                .limit(most)
                .map(way -> new Pronunciation(way.getKey()))
                .toList();
    }

    private static List<PieceRow> best(List<PieceRow> rows) {
        rows.sort(Comparator.comparingDouble(row -> -row.likely()));
        List<PieceRow> kept = new ArrayList<>();
        for (PieceRow row : rows) {
            if (kept.size() == ROWS || row.likely() < rows.getFirst().likely() - FAR) {
                break;
            }
            kept.add(row);
        }
        return kept;
    }

    private static float fromBothSides(LetterModel model, PieceRow row) {
        PieceRow back = PieceRow.START;
        for (int i = row.pieces().length - 2; i >= 0; i--) {
            back = back.longer(model.backward(), back.contexts(model.backward()), row.pieces()[i]);
        }
        return (1 - BACKWARD) * row.likely() + BACKWARD * back.likely();
    }

    private static List<Phone> phones(LetterModel model, int[] row) {
        return Arrays.stream(row)
                .mapToObj(piece -> model.pieces().get(piece).phones())
                .flatMap(List::stream)
                .toList();
    }
}
