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
    private static final Pattern NUMBER =
            Pattern.compile("([$£€]?)(\\d{1,3}(?:,\\d{3})+|\\d+)(?:\\.(\\d+))?(st|nd|rd|th|s|%|°)?");
    private static final Pattern CLOCK = Pattern.compile("(\\d{1,2}):(\\d{2})");

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
        Matcher clock = CLOCK.matcher(plain);
        if (clock.matches()) {
            words.addAll(Numbers.cardinal(clock.group(1)));
            words.addAll(clock.group(2).equals("00") ? List.of("o'clock") : Numbers.minutes(clock.group(2)));
            return words;
        }
        for (String piece : plain.split(
                "(?<=\\p{L})[-/_.](?=[\\p{L}\\d])|(?<=\\d)[-/_](?=[\\p{L}\\d])|[^\\p{L}\\d'.,$£€%&+°:-]+|(?<=[%&+])|(?=[&+])")) {
            addPiece(piece, words);
        }
        return words;
    }

    private static void addPiece(String piece, List<String> words) {
        Matcher number = NUMBER.matcher(piece);
        if (number.matches()) {
            addNumber(number, words);
            return;
        }
        switch (piece) {
            case "&", "+" -> words.add(piece.equals("&") ? "and" : "plus");
            case "%" -> words.add("percent");
            default -> addLetters(piece, words);
        }
    }

    private static void addNumber(Matcher number, List<String> words) {
        String digits = number.group(2);
        String suffix = number.group(4) == null ? "" : number.group(4);
        String fraction = number.group(3);
        boolean year = number.group(1).isEmpty()
                && fraction == null
                && digits.length() == 4
                && !digits.contains(",")
                && digits.compareTo("1100") >= 0
                && digits.compareTo("2100") < 0
                && !digits.startsWith("200");
        if (suffix.matches("st|nd|rd|th")) {
            words.addAll(Numbers.ordinal(digits.replace(",", "")));
        } else if (year) {
            words.addAll(Numbers.year(digits));
        } else {
            words.addAll(Numbers.cardinal(digits.replace(",", "")));
        }
        if (fraction != null) {
            words.add("point");
            fraction.chars().forEach(c -> words.addAll(Numbers.cardinal(String.valueOf((char) c))));
        }
        switch (number.group(1)) {
            case "$" -> words.add(digits.equals("1") ? "dollar" : "dollars");
            case "£" -> words.add(digits.equals("1") ? "pound" : "pounds");
            case "€" -> words.add(digits.equals("1") ? "euro" : "euros");
            default -> {}
        }
        switch (suffix) {
            case "%" -> words.add("percent");
            case "°" -> words.add("degrees");
            case "s" -> words.set(words.size() - 1, plural(words.getLast()));
            default -> {}
        }
    }

    private static String plural(String number) {
        if (number.endsWith("y")) {
            return number.substring(0, number.length() - 1) + "ies";
        }
        return number.endsWith("x") ? number + "es" : number + "s";
    }

    private static void addLetters(String piece, List<String> words) {
        Matcher parts = Pattern.compile("[\\p{L}']+|\\d+").matcher(piece);
        while (parts.find()) {
            String part = parts.group();
            if (Character.isDigit(part.charAt(0))) {
                words.addAll(Numbers.cardinal(part));
                continue;
            }
            String word = part.toLowerCase(Locale.ROOT)
                    .replaceAll("^'+(?!(til|tis|twas|em|cause|bout)$)", "")
                    .replaceAll("'+$", "");
            if (word.chars().anyMatch(Character::isLetter)) {
                words.add(word);
            }
        }
    }
}
