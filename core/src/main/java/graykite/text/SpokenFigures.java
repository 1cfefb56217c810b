package graykite.text;

import com.ibm.icu.text.RuleBasedNumberFormat;
import com.ibm.icu.util.ULocale;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * How what is written in figures may be said in a language: as a number, as a year, digit by digit, as a time of day, with the
 * sign or unit beside it. Which of the ways it was, the sound decides. Number words are those of Unicode's rules (ICU); signs
 * and units are data ({@code figures-en.txt}).
 */
final class SpokenFigures {
    /** More ways than these are not held against the sound. */
    static final int MOST_WAYS = 10;

    private static final int LONGEST_NUMBER = 15;
    private static final Pattern CLOCK = Pattern.compile("(\\d{1,2})(?::|h)(\\d{2})");
    private static final Pattern PIECES = Pattern.compile("\\d[\\d.,]*\\d|\\d|[$£€%°+&]|\\p{L}[\\p{L}\\p{M}']*");
    private static final String ORDINAL = "ordinal";

    private final RuleBasedNumberFormat numbers;
    private final List<String> cardinals;
    private final List<String> ordinals;
    private final boolean years;
    private final Map<String, String[]> signs;
    private final char point;
    private final boolean english;

    private SpokenFigures(Language language) {
        english = language == Language.ENGLISH;
        numbers = new RuleBasedNumberFormat(ULocale.forLanguageTag(language.code()), RuleBasedNumberFormat.SPELLOUT);
        List<String> rules = List.of(numbers.getRuleSetNames());
        cardinals = rules.stream()
                .filter(r -> r.startsWith("%spellout-cardinal") || r.equals("%spellout-numbering"))
                // What is counted decides the gender; alone, a number is masculine.
                .sorted(Comparator.comparing((String r) -> r.contains("feminine"))
                        .thenComparing(r -> r))
                .toList();
        ordinals = rules.stream()
                .filter(r -> r.startsWith("%spellout-ordinal"))
                .sorted()
                .toList();
        years = rules.contains("%spellout-numbering-year");
        point = english ? '.' : ',';
        signs = signs(language);
    }

    static SpokenFigures of(Language language) {
        return new SpokenFigures(language);
    }

    /** True for a word that holds a figure. */
    static boolean concern(String written) {
        return written.chars().anyMatch(c -> c >= '0' && c <= '9');
    }

    private static Map<String, String[]> signs(Language language) {
        String name = "/graykite/text/figures-" + language.code() + ".txt";
        Map<String, String[]> signs = new HashMap<>();
        try (InputStream in = SpokenFigures.class.getResourceAsStream(name);
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            lines.lines().filter(l -> !l.startsWith("#") && l.contains(" =")).forEach(l -> {
                int at = l.indexOf(" =");
                signs.put(l.substring(0, at), l.substring(at + 2).strip().split("\\s*\\|\\s*"));
            });
        } catch (IOException damaged) {
            throw new UncheckedIOException(damaged);
        }
        return signs;
    }

    /**
     * The ways in which a word with figures may be said, the likeliest first, each as plain words. Safe for several threads.
     *
     * @param written such as 21, 1984, $5, 3.14, 5:30, 90s, 10km or B12
     */
    synchronized List<List<String>> ways(String written) {
        Set<List<String>> ways = new LinkedHashSet<>();
        Matcher clock = CLOCK.matcher(written);
        if (clock.matches()) {
            clock(clock.group(1), clock.group(2), ways);
        } else {
            pieces(written, ways);
        }
        return ways.stream().filter(w -> !w.isEmpty()).limit(MOST_WAYS).toList();
    }

    private void pieces(String written, Set<List<String>> ways) {
        List<List<List<String>>> parts = new ArrayList<>();
        List<String> money = List.of();
        Matcher piece = PIECES.matcher(written);
        String number = "";
        while (piece.find()) {
            String text = piece.group();
            if (Character.isDigit(text.charAt(0))) {
                parts.add(number(text));
                number = text;
                if (!money.isEmpty()) {
                    parts.add(List.of(said(money.getFirst(), number)));
                    money = List.of();
                }
            } else if (number.isEmpty() && "$£€".contains(text)) {
                // It is written before its number and said after it.
                money = List.of(text);
            } else if (!number.isEmpty() && isOrdinal(text)) {
                parts.removeLast();
                parts.add(ordinal(number));
            } else if (!number.isEmpty() && english && text.equals("s")) {
                parts.add(plural(parts.removeLast()));
            } else if (signs.containsKey(text)) {
                parts.add(List.of(said(text, number.isEmpty() ? "2" : number)));
            } else {
                parts.add(List.of(List.of(text.toLowerCase(Locale.ROOT).replaceAll("'+$", ""))));
            }
        }
        combine(parts, 0, List.of(), ways);
    }

    private static void combine(List<List<List<String>>> parts, int at, List<String> before, Set<List<String>> into) {
        if (at == parts.size()) {
            into.add(before);
            return;
        }
        for (List<String> way : parts.get(at)) {
            if (into.size() >= MOST_WAYS) {
                return;
            }
            combine(parts, at + 1, Stream.concat(before.stream(), way.stream()).toList(), into);
        }
    }

    private boolean isOrdinal(String text) {
        return english
                ? text.toLowerCase(Locale.ROOT).matches("st|nd|rd|th")
                : signs.containsKey(text) && signs.get(text)[0].equals(ORDINAL);
    }

    private List<String> said(String sign, String number) {
        String[] words = signs.get(sign);
        String word = number.equals("1") ? words[0] : words[words.length - 1];
        return word.isEmpty() ? List.of() : List.of(word.split(" "));
    }

    private List<List<String>> number(String text) {
        char group = point == '.' ? ',' : '.';
        String plain = text.matches("\\d{1,3}(?:" + Pattern.quote(String.valueOf(group)) + "\\d{3})+(?:"
                        + Pattern.quote(String.valueOf(point)) + "\\d+)?")
                ? text.replace(String.valueOf(group), "")
                : text;
        String[] between = plain.split("[.,]+");
        if (between.length == 1) {
            return whole(plain, plain.length() == text.length());
        }
        if (between.length > 2) {
            return several(between);
        }
        List<List<String>> ways = new ArrayList<>();
        for (List<String> before : whole(between[0])) {
            List<String> all = new ArrayList<>(before);
            all.addAll(List.of(signs.get("point")));
            all.addAll(digits(between[1], "zero"));
            ways.add(all);
            if (!english) {
                // Elsewhere what follows the point is often read as a number.
                List<String> asNumber = new ArrayList<>(before);
                asNumber.addAll(List.of(signs.get("point")));
                asNumber.addAll(whole(between[1]).getFirst());
                ways.add(asNumber);
            }
        }
        return ways;
    }

    /** A date or a version: number by number, with and without the word for the point. */
    private List<List<String>> several(String[] numbersBetween) {
        List<String> plain = new ArrayList<>();
        List<String> pointed = new ArrayList<>();
        for (String digits : numbersBetween) {
            List<String> said = whole(digits).getFirst();
            if (!pointed.isEmpty()) {
                pointed.addAll(List.of(signs.get("point")));
            }
            plain.addAll(said);
            pointed.addAll(said);
        }
        return List.of(pointed, plain);
    }

    private List<List<String>> whole(String digits) {
        return whole(digits, true);
    }

    /** @param plain false for one with marks at its thousands, which is no year */
    private List<List<String>> whole(String digits, boolean plain) {
        Set<List<String>> ways = new LinkedHashSet<>();
        boolean spelt = digits.length() > LONGEST_NUMBER || digits.length() > 1 && digits.startsWith("0");
        if (!spelt) {
            long value = Long.parseLong(digits);
            boolean year = plain && years && digits.length() == 4 && value >= 1100 && value < 2100;
            if (year && !digits.startsWith("200")) {
                ways.add(words(numbers.format(value, "%spellout-numbering-year")));
            }
            for (String rule : cardinals) {
                ways.add(words(numbers.format(value, rule)));
            }
            if (year) {
                ways.add(words(numbers.format(value, "%spellout-numbering-year")));
            }
        }
        if (digits.length() > 1) {
            ways.add(digits(digits, ""));
            if (english && digits.contains("0")) {
                ways.add(digits(digits, "oh"));
            }
        }
        return List.copyOf(ways);
    }

    /** @param zero what a nought is called; as in any number when empty */
    private List<String> digits(String digits, String zero) {
        List<String> words = new ArrayList<>();
        for (char digit : digits.toCharArray()) {
            boolean other = digit == '0' && english && !zero.isEmpty();
            words.addAll(other ? List.of(zero) : words(numbers.format((long) (digit - '0'), cardinals.getFirst())));
        }
        return words;
    }

    private List<List<String>> ordinal(String digits) {
        String plain = digits.replaceAll("[.,]", "");
        if (plain.length() > LONGEST_NUMBER) {
            return whole(plain);
        }
        return ordinals.stream()
                .map(rule -> words(numbers.format(Long.parseLong(plain), rule)))
                .distinct()
                .toList();
    }

    private static List<List<String>> plural(List<List<String>> numbers) {
        return numbers.stream()
                .map(words -> {
                    List<String> many = new ArrayList<>(words);
                    String last = many.removeLast();
                    many.add(
                            last.endsWith("y")
                                    ? last.substring(0, last.length() - 1) + "ies"
                                    : last + (last.endsWith("x") ? "es" : "s"));
                    return many;
                })
                .toList();
    }

    /** A time of day: with and without the word that stands between hour and minutes, and what people say for halves. */
    private void clock(String hour, String minutes, Set<List<String>> ways) {
        List<String> hours = whole(String.valueOf(Integer.parseInt(hour))).getFirst();
        if (minutes.equals("00")) {
            ways.add(with(hours, said("o'clock", "2")));
            ways.add(hours);
            return;
        }
        List<String> between = said("hours", "2");
        List<String> low = minutes.startsWith("0") && english
                ? with(List.of("oh"), digits(minutes.substring(1), ""))
                : whole(String.valueOf(Integer.parseInt(minutes))).getFirst();
        ways.add(with(with(hours, between), low));
        ways.add(with(hours, low));
        if (english && minutes.equals("30")) {
            ways.add(with(List.of("half", "past"), hours));
        }
        if (english && minutes.equals("15")) {
            ways.add(with(List.of("quarter", "past"), hours));
        }
    }

    private static List<String> with(List<String> first, List<String> then) {
        return Stream.concat(first.stream(), then.stream()).toList();
    }

    /** The words of a number as ICU writes it: without soft hyphens, apart at hyphens. */
    private static List<String> words(String spelt) {
        return List.of(
                spelt.replace("\u00AD", "").toLowerCase(Locale.ROOT).strip().split("[\\s\\-\u2011]+"));
    }
}
