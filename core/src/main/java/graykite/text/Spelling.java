package graykite.text;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Turns a written token into the plain words that are spoken for it: numbers, money, times, abbreviations, initials. */
final class Spelling {
    private static final Map<String, String> ABBREVIATIONS = Map.ofEntries(
            Map.entry("mr", "mister"),
            Map.entry("mrs", "missus"),
            Map.entry("ms", "miz"),
            Map.entry("dr", "doctor"),
            Map.entry("st", "saint"),
            Map.entry("prof", "professor"),
            Map.entry("capt", "captain"),
            Map.entry("lt", "lieutenant"),
            Map.entry("sgt", "sergeant"),
            Map.entry("jr", "junior"),
            Map.entry("sr", "senior"),
            Map.entry("vs", "versus"),
            Map.entry("etc", "et cetera"),
            Map.entry("no", "number"),
            Map.entry("e.g", "for example"),
            Map.entry("i.e", "that is"),
            Map.entry("a.m", "a m"),
            Map.entry("p.m", "p m"));
    /** Read aloud as English; which of its ways a number was said in, the sound decides later. */
    private static final class English {
        private static final SpokenFigures FIGURES = SpokenFigures.of(Language.ENGLISH);
    }

    private Spelling() {}

    /** True for "Mr." or "e.g.": the dot belongs to the word. */
    static boolean isAbbreviation(String token) {
        String bare = token.toLowerCase(Locale.ROOT);
        return bare.endsWith(".")
                && !bare.equals("no.")
                && ABBREVIATIONS.containsKey(bare.substring(0, bare.length() - 1));
    }

    /** True for the rest of 'tis, 'em and their like, whose apostrophe belongs to the word. */
    static boolean losesItsStart(String rest) {
        return rest.toLowerCase(Locale.ROOT).matches("til|tis|twas|em|cause|bout");
    }

    static List<String> spoken(String written) {
        List<String> words = new ArrayList<>();
        String plain = Normalizer.normalize(written, Normalizer.Form.NFD).replaceAll("\\p{M}+", "");
        if (isAbbreviation(plain)) {
            String bare = plain.toLowerCase(Locale.ROOT);
            words.addAll(List.of(
                    ABBREVIATIONS.get(bare.substring(0, bare.length() - 1)).split(" ")));
            return words;
        }
        if (SpokenFigures.concern(plain)) {
            return English.FIGURES.ways(plain).getFirst();
        }
        for (String piece : plain.split(
                "(?<=\\p{L})[-/_.](?=[\\p{L}\\d])|(?<=\\d)[-/_](?=[\\p{L}\\d])|[^\\p{L}\\d'.,$£€%&+°:-]+|(?<=[%&+])|(?=[&+])")) {
            addPiece(piece, words);
        }
        return words;
    }

    private static void addPiece(String piece, List<String> words) {
        switch (piece) {
            case "&", "+" -> words.add(piece.equals("&") ? "and" : "plus");
            case "%" -> words.add("percent");
            default -> addLetters(piece, words);
        }
    }

    private static void addLetters(String piece, List<String> words) {
        Matcher parts = Pattern.compile("[\\p{L}']+").matcher(piece);
        while (parts.find()) {
            String word = parts.group()
                    .toLowerCase(Locale.ROOT)
                    .replaceAll("^'+(?!(til|tis|twas|em|cause|bout)$)", "")
                    .replaceAll("'+$", "");
            if (word.chars().anyMatch(Character::isLetter)) {
                words.add(word);
            }
        }
    }
}
