package graykite.format;

import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.text.Tags;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * Breaks what is said into subtitles: by sense, and so that they can be read in time. Of all ways to part the words it takes
 * the one with the fewest bad breaks (dynamic programming over the words). Figures are common practice in subtitling: two
 * lines of 42 signs, 17 signs a second, at least five sixths of a second, two frames between two.
 */
public final class Subtitles {
    /** Signs in a line. */
    public static final int WIDEST = 42;

    /** Signs that are read in a second. */
    public static final double READ = 17;

    /** Seconds that a subtitle stays at least. */
    public static final double LEAST = 5.0 / 6;

    /** Seconds that a subtitle stays at most. */
    public static final double LONGEST = 7;

    /** Seconds between two. */
    public static final double BETWEEN = 2 / 24.0;

    /** A pause after which nobody reads on. */
    private static final double PAUSE = 0.7;

    /** How long a subtitle may stay after its last word so that it can be read. */
    private static final double LINGERS = 2;

    /** Words that belong to what comes after them: a line does not end with one. */
    private static final Set<String> LEAN = Set.of(
            "a", "an", "the", "and", "or", "but", "of", "to", "in", "on", "at", "by", "for", "with", "from", "my",
            "your", "his", "her", "its", "our", "their", "is", "are", "was", "were", "be", "that", "who", "which", "if",
            "when", "because", "el", "la", "los", "las", "un", "una", "y", "o", "de", "que", "il", "lo", "gli", "le",
            "e", "di", "che", "der", "die", "das", "ein", "eine", "und", "oder", "von", "zu", "les", "une", "et", "ou",
            "du", "des");

    private record Token(String text, double start, double end, double pause) {}

    private Subtitles() {}

    /**
     * The subtitles of a line.
     *
     * @param shift seconds that are added to all times
     */
    public static List<Cue> of(Timing timing, String speaker, double shift) {
        List<Token> tokens = tokens(timing);
        int count = tokens.size();
        double[] cost = new double[count + 1];
        int[] from = new int[count + 1];
        Arrays.fill(cost, Double.MAX_VALUE);
        cost[0] = 0;
        for (int end = 1; end <= count; end++) {
            for (int start = end - 1; start >= 0; start--) {
                List<Token> words = tokens.subList(start, end);
                boolean alone = end - start == 1;
                if (!alone && (tooLong(words) || pauses(words))) {
                    break;
                }
                double with = cost[start] + cost(words, end == count);
                if (with < cost[end]) {
                    cost[end] = with;
                    from[end] = start;
                }
            }
        }
        List<Cue> cues = new ArrayList<>();
        for (int end = count; end > 0; end = from[end]) {
            List<Token> words = tokens.subList(from[end], end);
            double free =
                    end == count ? timing.duration() + LINGERS : tokens.get(end).start() - BETWEEN;
            cues.addFirst(new Cue(
                    Math.max(0, words.getFirst().start() + shift), stays(words, free) + shift, speaker, parted(words)));
        }
        return cues.stream().filter(c -> c.end() > c.start()).toList();
    }

    private static List<Token> tokens(Timing timing) {
        List<Token> tokens = new ArrayList<>();
        List<TimedWord> words = timing.words();
        for (int w = 0; w < words.size(); w++) {
            TimedWord word = words.get(w);
            String text = (word.text() + Tags.without(word.mark())).strip();
            double pause = w + 1 < words.size() ? words.get(w + 1).start() - word.end() : PAUSE;
            if (!text.isEmpty()) {
                tokens.add(new Token(text, word.start(), word.end(), pause));
            }
        }
        return tokens;
    }

    private static boolean tooLong(List<Token> words) {
        return words.getLast().end() - words.getFirst().start() > LONGEST || fewestLines(words) > 2;
    }

    /** How many lines it takes when each is filled. */
    private static int fewestLines(List<Token> words) {
        int lines = 1;
        int wide = -1;
        for (Token word : words) {
            if (wide >= 0 && wide + 1 + word.text().length() > WIDEST) {
                lines++;
                wide = -1;
            }
            wide += 1 + word.text().length();
        }
        return lines;
    }

    private static boolean pauses(List<Token> words) {
        return words.subList(0, words.size() - 1).stream().anyMatch(w -> w.pause() > PAUSE);
    }

    private static int signs(List<Token> words) {
        return words.stream().mapToInt(w -> w.text().length() + 1).sum() - 1;
    }

    /** How bad it is to show these words together and to break after them. */
    private static double cost(List<Token> words, boolean last) {
        double cost = 3;
        double length = words.getLast().end() - words.getFirst().start();
        // Too little to be worth a subtitle, and too much to be read while it is said.
        cost += length < LEAST ? 2 : 0;
        cost += 2 * Math.max(0, signs(words) / READ - length);
        for (Token inner : words.subList(0, words.size() - 1)) {
            // Two sentences do not share a subtitle unless they are short.
            cost += endsSentence(inner) ? (signs(words) > WIDEST ? 5 : 1.5) : 0;
        }
        return last ? cost : cost + afterCost(words.getLast());
    }

    /** How bad a break after a word is. */
    private static double afterCost(Token word) {
        if (endsSentence(word)) {
            return 0;
        }
        if (word.text().matches(".*[,;:\u2013\u2014]$")) {
            return 1;
        }
        double bad = LEAN.contains(plain(word)) ? 9 : 4;
        return bad - 3 * Math.min(1, Math.max(0, word.pause()) / PAUSE);
    }

    private static boolean endsSentence(Token word) {
        return word.text().matches(".*[.!?\u2026][\"'\u201d\u2019)]*$");
    }

    private static String plain(Token word) {
        return word.text().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]", "");
    }

    /** Until when it is seen: long enough to be read, as far as there is room. */
    private static double stays(List<Token> words, double free) {
        double start = words.getFirst().start();
        double end = words.getLast().end();
        double wanted = Math.max(end, start + Math.max(LEAST, signs(words) / READ));
        double most = Math.min(Math.min(free, end + LINGERS), Math.max(end, start + LONGEST));
        // Where the next word comes at once there is no room between two.
        return Math.max(Math.min(wanted, most), Math.min(end, Math.max(free, start + 0.01)));
    }

    /** One line, or two that break where it hurts least. */
    private static List<String> parted(List<Token> words) {
        String whole = joined(words);
        if (whole.length() <= WIDEST || words.size() == 1) {
            return List.of(whole);
        }
        int best = 1;
        double least = Double.MAX_VALUE;
        for (int at = 1; at < words.size(); at++) {
            int upper = joined(words.subList(0, at)).length();
            int lower = joined(words.subList(at, words.size())).length();
            double over = Math.max(0, Math.max(upper, lower) - WIDEST);
            double cost = 100 * over + 4 * afterCost(words.get(at - 1)) + Math.abs(upper - lower) * 0.3;
            if (cost < least) {
                least = cost;
                best = at;
            }
        }
        return List.of(joined(words.subList(0, best)), joined(words.subList(best, words.size())));
    }

    private static String joined(List<Token> words) {
        return String.join(" ", words.stream().map(Token::text).toList());
    }
}
