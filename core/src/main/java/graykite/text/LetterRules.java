package graykite.text;

import graykite.base.BadInput;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
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
 * ":X = a b c" names. At each place of a word the first rule that fits is taken. Where people say it in one way or another, both
 * stand there, the usual one first: "-|ə". Lines that begin with # are comments. A line "~R = HH AH" says that the sound written R
 * among {@link Phone}s may also be heard as one of these where English is expected.
 */
public final class LetterRules {
    private static final Pattern RULE = Pattern.compile("(\\S*)\\((\\S+?)\\)(\\S*)\\s+(\\S+)");
    private static final Pattern CLASS = Pattern.compile(":(\\p{Lu})\\s*=\\s*(.+)");
    private static final Pattern ALIKE = Pattern.compile("~(\\S+)\\s*=\\s*(.+)");
    private static final int MOST_RULES = 5000;
    /** Ways to say one word. */
    private static final int MOST_WAYS = 6;

    /** One rule; the conditions are regular expressions over the word with its edges marked. */
    private record Rule(String letters, Pattern left, Pattern right, List<List<Phone>> ways) {
        boolean fits(String word, int at) {
            return word.startsWith(letters, at)
                    && left.matcher(word.substring(0, at)).find()
                    && right.matcher(word.substring(at + letters.length())).lookingAt();
        }
    }

    private final List<Rule> rules;
    private final Map<Phone, List<Phone>> alike;

    private LetterRules(List<Rule> rules, Map<Phone, List<Phone>> alike) {
        this.rules = List.copyOf(rules);
        this.alike = Map.copyOf(alike);
    }

    /** The phones that may be heard as others by who knows English alone. */
    public Map<Phone, List<Phone>> alike() {
        return alike;
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
        Map<Phone, List<Phone>> alike = new EnumMap<>(Phone.class);
        int number = 0;
        for (String line : text.split("\\R")) {
            number++;
            String plain = line.strip();
            if (plain.isEmpty() || plain.startsWith("#")) {
                continue;
            }
            String place = name + ", line " + number;
            Matcher letters = CLASS.matcher(plain);
            Matcher same = ALIKE.matcher(plain);
            if (same.matches()) {
                alike.put(
                        phone(same.group(1), place),
                        Arrays.stream(same.group(2).split("\\s+"))
                                .map(other -> phone(other, place))
                                .toList());
            } else if (letters.matches()) {
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
        return new LetterRules(rules, alike);
    }

    private static Phone phone(String name, String place) {
        return Phone.parse(name)
                .filter(p -> p != Phone.SIL)
                .orElseThrow(
                        () -> new BadInput(place + ": there is no sound " + name + ". Write one of ARPABET, as R."));
    }

    private static Rule rule(String line, Map<String, String> classes, String place) {
        Matcher rule = RULE.matcher(line);
        if (!rule.matches()) {
            throw new BadInput(
                    place + ": is no rule. A line is LEFT(LETTERS)RIGHT and its sounds in IPA, or - for none.");
        }
        try {
            List<List<Phone>> ways = Arrays.stream(rule.group(4).split("\\|"))
                    .map(way ->
                            way.equals("-") ? List.<Phone>of() : Ipa.read(way).phones())
                    .toList();
            return new Rule(
                    rule.group(2),
                    Pattern.compile(condition(rule.group(1), classes, place) + "$"),
                    Pattern.compile(condition(rule.group(3), classes, place)),
                    ways);
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
     * How a word is usually said.
     *
     * @param word any text; signs that no rule speaks of are passed over
     * @return a guess; a neutral vowel when no sound is left
     */
    public Pronunciation guess(String word) {
        return guesses(word).getFirst();
    }

    /**
     * The ways in which a word may be said, the usual one first.
     *
     * @param word any text; signs that no rule speaks of are passed over
     * @return at least one way; a neutral vowel when no sound is left
     */
    public List<Pronunciation> guesses(String word) {
        String edged = "_" + word.toLowerCase(Locale.ROOT) + "_";
        List<List<Phone>> ways = List.of(List.of());
        int at = 1;
        while (at < edged.length() - 1) {
            int here = at;
            Optional<Rule> rule =
                    rules.stream().filter(r -> r.fits(edged, here)).findFirst();
            if (rule.isPresent()) {
                ways = each(ways, rule.get().ways());
            }
            at += rule.map(r -> r.letters().length()).orElse(1);
        }
        return ways.stream()
                .map(way -> new Pronunciation(way.isEmpty() ? List.of(Phone.AH) : way))
                .distinct()
                .toList();
    }

    /** Every beginning with every end; of many the first. */
    private static List<List<Phone>> each(List<List<Phone>> begun, List<List<Phone>> ends) {
        return ends.stream()
                .flatMap(end -> begun.stream().map(way -> {
                    List<Phone> whole = new ArrayList<>(way);
                    whole.addAll(end);
                    return whole;
                }))
                .limit(MOST_WAYS)
                .map(List::copyOf)
                .toList();
    }
}
