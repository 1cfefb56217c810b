package graykite.text;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** Finds the words of a dictionary that are spelt most like an unknown one. */
public final class NearWords {
    private static final int FURTHEST = 3;

    private record Near(String word, int distance) {}

    private final List<String> words;

    public NearWords(Collection<String> words) {
        this.words = List.copyOf(words);
    }

    /**
     * @param most how many to return at most
     * @return the nearest first; none further than three letters apart, or half of the word
     */
    public List<String> to(String word, int most) {
        String plain = word.toLowerCase(Locale.ROOT);
        int limit = Math.min(FURTHEST, Math.max(1, plain.length() / 2));
        List<Near> near = new ArrayList<>();
        for (String other : words) {
            if (Math.abs(other.length() - plain.length()) <= limit && !other.equals(plain)) {
                int distance = distance(plain, other, limit);
                if (distance <= limit) {
                    near.add(new Near(other, 2 * distance + (other.charAt(0) == plain.charAt(0) ? 0 : 1)));
                }
            }
        }
        near.sort(Comparator.comparingInt(Near::distance)
                .thenComparingInt(n -> Math.abs(n.word.length() - plain.length()))
                .thenComparing(Near::word));
        return near.stream().limit(most).map(Near::word).toList();
    }

    /** Letters to change, add or take away (Levenshtein 1966); gives up beyond the limit. */
    static int distance(String a, String b, int limit) {
        int[] before = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            before[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int[] now = new int[b.length() + 1];
            now[0] = i;
            int least = i;
            for (int j = 1; j <= b.length(); j++) {
                int change = before[j - 1] + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                now[j] = Math.min(change, 1 + Math.min(before[j], now[j - 1]));
                least = Math.min(least, now[j]);
            }
            if (least > limit) {
                return limit + 1;
            }
            before = now;
        }
        return before[b.length()];
    }
}
