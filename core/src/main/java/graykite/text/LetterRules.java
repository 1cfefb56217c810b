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
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Letter-to-sound rules of a language with a regular spelling, from a text file. A line is
 *
 * <pre>  LEFT(LETTERS)RIGHT  SOUNDS</pre>
 *
 * the letters it is about in round brackets, what must stand before and after them, and the sounds in IPA, or "-" for none. In
 * LEFT and RIGHT a letter stands for itself, "_" for the edge of the word, and ":X" for one letter of the class X, which a line
 * ":X = a b c" names. At each place of a word the first rule that fits is taken. Lines that begin with # are comments.
 */
public final class LetterRules {
    private static final Pattern RULE = Pattern.compile("(\\S*)\\((\\S+?)\\)(\\S*)\\s+(\\S+)");
    private static final Pattern CLASS = Pattern.compile(":(\\p{Lu})\\s*=\\s*(.+)");
    private static final int MOST_RULES = 5000;

    /** One rule; the conditions are regular expressions over the word with its edges marked. */
    private record Rule(String letters, Pattern left, Pattern right, List<Phone> phones) {
        boolean fits(String word, int at) {
            return word.startsWith(letters, at)
                    && left.matcher(word.substring(0, at)).find()
                    && right.matcher(word.substring(at + letters.length())).lookingAt();
        }
    }

    private final List<Rule> rules;

    private LetterRules(List<Rule> rules) {
        this.rules = List.copyOf(rules);
    }

    /** The rules that ship for a language. */
    static LetterRules shipped(String code) {
        String name = "letters-" + code + ".txt";
        try (InputStream in = LetterRules.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("The shipped rules are missing: " + name);
            }
            return read(new String(in.readAllBytes(), StandardCharsets.UTF_8), name);
        } catch (IOException failure) {
            throw new IllegalStateException("The shipped rules cannot be read: " + name, failure);
        }
    }

    /**
     * Reads rules.
     *
     * @param name of the file, for messages
     * @throws BadInput naming the line that is no rule
     */
    public static LetterRules read(String text, String name) {
        Map<String, String> classes = new HashMap<>();
        List<Rule> rules = new ArrayList<>();
        int number = 0;
        for (String line : text.split("\\R")) {
            number++;
            String plain = line.strip();
            if (plain.isEmpty() || plain.startsWith("#")) {
                continue;
            }
            String place = name + ", line " + number;
            Matcher letters = CLASS.matcher(plain);
            if (letters.matches()) {
                classes.put(
                        letters.group(1),
                        Arrays.stream(letters.group(2).split("\\s+"))
                                .map(Pattern::quote)
                                .collect(Collectors.joining("|", "(?:", ")")));
            } else {
                rules.add(rule(plain, classes, place));
            }
            if (rules.size() > MOST_RULES) {
                throw new BadInput(name + ": holds more than 5,000 rules.");
            }
        }
        if (rules.isEmpty()) {
            throw new BadInput(name + ": holds no rules. A line is LEFT(LETTERS)RIGHT and its sounds.");
        }
        return new LetterRules(rules);
    }

    private static Rule rule(String line, Map<String, String> classes, String place) {
        Matcher rule = RULE.matcher(line);
        if (!rule.matches()) {
            throw new BadInput(
                    place + ": is no rule. A line is LEFT(LETTERS)RIGHT and its sounds in IPA, or - for none.");
        }
        try {
            List<Phone> phones = rule.group(4).equals("-")
                    ? List.of()
                    : Ipa.read(rule.group(4)).phones();
            return new Rule(
                    rule.group(2),
                    Pattern.compile(condition(rule.group(1), classes, place) + "$"),
                    Pattern.compile(condition(rule.group(3), classes, place)),
                    phones);
        } catch (BadInput unknown) {
            throw unknown.getMessage().startsWith(place)
                    ? unknown
                    : new BadInput(place + ": " + unknown.getMessage(), unknown);
        }
    }

    private static String condition(String text, Map<String, String> classes, String place) {
        StringBuilder pattern = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == ':' && i + 1 < text.length()) {
                String name = text.substring(++i, i + 1);
                pattern.append(Optional.ofNullable(classes.get(name))
                        .orElseThrow(() -> new BadInput(
                                place + ": the class :" + name + " is not named. Add a line \":" + name + " = …\".")));
            } else {
                pattern.append(Pattern.quote(String.valueOf(c)));
            }
        }
        return pattern.toString();
    }

    /**
     * How a word is said.
     *
     * @param word any text; signs that no rule speaks of are passed over
     * @return a guess; a neutral vowel when no sound is left
     */
    public Pronunciation guess(String word) {
        String edged = "_" + word.toLowerCase(Locale.ROOT) + "_";
        List<Phone> phones = new ArrayList<>();
        int at = 1;
        while (at < edged.length() - 1) {
            int here = at;
            Optional<Rule> rule =
                    rules.stream().filter(r -> r.fits(edged, here)).findFirst();
            rule.ifPresent(r -> phones.addAll(r.phones()));
            at += rule.map(r -> r.letters().length()).orElse(1);
        }
        return new Pronunciation(phones.isEmpty() ? List.of(Phone.AH) : phones);
    }
}
