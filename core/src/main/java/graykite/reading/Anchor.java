package graykite.reading;

import static graykite.base.Require.requireThat;

import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A word, or a sound in it, named so that it is found again in another reading of the line: by its text, the words around
 * it and its place, never by seconds.
 *
 * @param word its text in lower case
 * @param before up to three words before it, nearest first; empty text stands for the start of the line
 * @param after up to three words after it, nearest first; empty text stands for the end of the line
 * @param twins how often the line said this word when the anchor was made
 * @param place where in the line it stood, 0 the first word, 1 the last
 * @param phone index of the sound in the word, -1 for the whole word
 * @param sound the sound there, silence for the whole word
 */
public record Anchor(
        String word, List<String> before, List<String> after, int twins, double place, int phone, Phone sound) {
    private static final int AROUND = 3;

    private static final Pattern OTHER_SIGNS = Pattern.compile("[^\\p{L}\\p{N}']");

    /** What is anchored, in one reading. */
    public record Spot(int word, int phone) {}

    public Anchor {
        before = List.copyOf(before);
        after = List.copyOf(after);
        requireThat(before.size() <= 16 && after.size() <= 16, "An anchor looks at a few words around it.");
        requireThat(phone >= -1 && (phone >= 0) == (sound != Phone.SIL), "An anchor names a word or a sound in it.");
    }

    /**
     * @param word index of the word
     * @param phone index of the sound in it, -1 for the whole word
     */
    public static Anchor of(Timing timing, int word, int phone) {
        return of(timing, texts(timing), word, phone);
    }

    static Anchor of(Timing timing, List<String> texts, int word, int phone) {
        TimedWord timed = timing.words().get(word);
        int count = (int) texts.stream().filter(t -> t.equals(texts.get(word))).count();
        return new Anchor(
                texts.get(word),
                around(texts, word, -1),
                around(texts, word, 1),
                count,
                texts.size() < 2 ? 0 : word / (texts.size() - 1.0),
                phone,
                phone < 0 ? Phone.SIL : timed.phones().get(phone).phone());
    }

    private static List<String> around(List<String> texts, int word, int direction) {
        List<String> around = new ArrayList<>();
        for (int k = 1; k <= AROUND; k++) {
            around.add(textAt(texts, word + direction * k));
        }
        return around;
    }

    private static String textAt(List<String> texts, int index) {
        return index < 0 || index >= texts.size() ? "" : texts.get(index);
    }

    static List<String> texts(Timing timing) {
        return timing.words().stream().map(w -> plain(w.text())).toList();
    }

    private static String plain(String text) {
        return OTHER_SIGNS.matcher(text.toLowerCase(Locale.ROOT)).replaceAll("");
    }

    public boolean isWord() {
        return phone < 0;
    }

    /** Where several anchors stand in a reading; none for those whose word or sound is not there any more. */
    public static List<Optional<Spot>> find(List<Anchor> anchors, Timing timing) {
        List<String> texts = texts(timing);
        List<Optional<Spot>> places = new ArrayList<>();
        double[] scores = new double[anchors.size()];
        for (int a = 0; a < anchors.size(); a++) {
            places.add(anchors.get(a).in(timing, texts, scores, a));
        }
        // Two different words cannot have become one: the one that fits less lost its own.
        for (int a = 0; a < anchors.size(); a++) {
            for (int b = 0; b < anchors.size(); b++) {
                boolean clash = a != b
                        && places.get(a).isPresent()
                        && places.get(b).isPresent()
                        && places.get(a).get().word() == places.get(b).get().word()
                        && !anchors.get(a).sameWord(anchors.get(b));
                if (clash && (scores[a] < scores[b] || scores[a] == scores[b] && a > b)) {
                    places.set(a, Optional.empty());
                }
            }
        }
        return places;
    }

    public Optional<Spot> in(Timing timing) {
        return in(timing, texts(timing), new double[1], 0);
    }

    private boolean sameWord(Anchor other) {
        return word.equals(other.word) && before.equals(other.before) && after.equals(other.after);
    }

    Optional<Spot> in(Timing timing, List<String> texts, double[] scores, int own) {
        int best = -1;
        double bestScore = 0;
        int same = 0;
        for (int w = 0; w < texts.size(); w++) {
            boolean equal = texts.get(w).equals(word);
            same += equal ? 1 : 0;
            boolean respelled =
                    !equal && matches(before, texts, w, -1) && matches(after, texts, w, 1) && spelledLike(texts.get(w));
            if (equal || respelled) {
                double away = Math.abs(place - (texts.size() < 2 ? 0 : w / (texts.size() - 1.0)));
                double score = 1 + nearness(texts, w) + (equal ? 8 : 0) - 2 * away;
                if (score > bestScore) {
                    bestScore = score;
                    best = w;
                }
            }
        }
        if (best < 0) {
            return Optional.empty();
        }
        boolean stranger = texts.get(best).equals(word)
                && same < twins
                && !textAt(texts, best - 1).equals(first(before))
                && !textAt(texts, best + 1).equals(first(after));
        if (stranger) {
            return Optional.empty();
        }
        scores[own] = bestScore;
        int found = best;
        return phone < 0
                ? Optional.of(new Spot(found, -1))
                : phoneIn(timing.words().get(found)).map(p -> new Spot(found, p));
    }

    private static String first(List<String> around) {
        return around.isEmpty() ? "" : around.getFirst();
    }

    /** How many of the words around it are where they were: 5 nearest, 2 and 1 those beyond. */
    private double nearness(List<String> texts, int w) {
        double[] worth = {5, 2, 1};
        double sum = 0;
        for (int k = 1; k <= AROUND; k++) {
            sum += k <= before.size() && before.get(k - 1).equals(textAt(texts, w - k)) ? worth[k - 1] : 0;
            sum += k <= after.size() && after.get(k - 1).equals(textAt(texts, w + k)) ? worth[k - 1] : 0;
        }
        return sum;
    }

    /** Whether two neighbours on a side, or one and the end of the line, are those it had. */
    private static boolean matches(List<String> around, List<String> texts, int w, int direction) {
        for (int k = 1; k <= Math.min(2, around.size()); k++) {
            if (!around.get(k - 1).equals(textAt(texts, w + direction * k))) {
                return false;
            }
            if (around.get(k - 1).isEmpty()) {
                break;
            }
        }
        return !around.isEmpty();
    }

    /** Whether a text may be this word spelled another way: at most half of its letters differ (Levenshtein 1966). */
    private boolean spelledLike(String text) {
        if (Math.abs(text.length() - word.length()) > word.length() / 2) {
            return false;
        }
        int[] row = new int[text.length() + 1];
        for (int j = 0; j <= text.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= word.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= text.length(); j++) {
                int changed = diagonal + (word.charAt(i - 1) == text.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(changed, 1 + Math.min(row[j], row[j - 1]));
            }
        }
        return row[text.length()] <= word.length() / 2;
    }

    /** The sound in a word: at its old place, else the nearest of the same name, else one of the same make there. */
    private Optional<Integer> phoneIn(TimedWord timed) {
        List<TimedPhone> phones = timed.phones();
        Optional<Integer> nearest = Optional.empty();
        for (int p = 0; p < phones.size(); p++) {
            if (phones.get(p).phone() == sound
                    && (nearest.isEmpty() || Math.abs(p - phone) < Math.abs(nearest.get() - phone))) {
                nearest = Optional.of(p);
            }
        }
        if (nearest.isPresent()) {
            return nearest;
        }
        boolean alike = phone < phones.size() && phones.get(phone).phone().isVowel() == sound.isVowel();
        return alike ? Optional.of(phone) : Optional.empty();
    }

    /** In words, for lists: the sound and its word. */
    public String inWords() {
        return phone < 0 ? "“" + word + "”" : sound.ipa() + " in “" + word + "”";
    }
}
