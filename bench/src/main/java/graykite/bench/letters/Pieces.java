package graykite.bench.letters;

import graykite.text.LetterModel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Cuts words into pieces of a letter and up to two sounds, so that the same pieces come again and again: likelihoods of
 * pieces and the ways to cut are found in turn (expectation and maximisation; Jiampojamarn, Kondrak &amp; Sherif 2007, "Applying
 * many-to-many alignments"). Pieces of two letters made words worse to guess. Stressed vowels make pieces of their own, since what follows
 * them is said otherwise; a guess adds up the rows that differ by stress alone.
 */
final class Pieces {
    private static final int ROUNDS = 5;
    private static final int LETTERS = 28;
    private static final int SOUNDS = StressedPhone.COUNT + 1;
    private static final int MOST_SOUNDS = 2;
    /** Pieces that come more rarely are chance, and words with them are left out. */
    private static final int RARE = 3;

    /** A letter, a blank for the edge of words, and none to two sounds that it stands for. */
    record Piece(char letter, List<StressedPhone> sounds) {
        LetterModel.Piece withoutStress() {
            return new LetterModel.Piece(
                    letter, sounds.stream().map(StressedPhone::phone).toList());
        }
    }

    /** A word and one way to say it. */
    record Sample(String letters, List<StressedPhone> sounds) {}

    private final double[] likely = new double[LETTERS * SOUNDS * SOUNDS];
    private final List<Piece> pieces = new ArrayList<>();
    private final List<int[]> words = new ArrayList<>();

    private Pieces() {}

    static Pieces of(List<Sample> samples) {
        Pieces made = new Pieces();
        made.learn(samples);
        made.cut(samples);
        return made;
    }

    /** By number; the first is the edge of words. */
    List<Piece> pieces() {
        return pieces;
    }

    /** Each word as numbers of pieces, without its edges. */
    List<int[]> words() {
        return words;
    }

    private void learn(List<Sample> samples) {
        Arrays.fill(likely, 1);
        for (int round = 0; round < ROUNDS; round++) {
            double[] counts = new double[likely.length];
            for (Sample sample : samples) {
                count(sample, counts);
            }
            double sum = Arrays.stream(counts).sum();
            for (int i = 0; i < counts.length; i++) {
                likely[i] = counts[i] / sum;
            }
        }
    }

    private void count(Sample sample, double[] counts) {
        int n = sample.letters.length();
        int m = sample.sounds.size();
        double[][] forward = new double[n + 1][m + 1];
        double[][] back = new double[n + 1][m + 1];
        forward[0][0] = 1;
        back[n][m] = 1;
        for (int i = 1; i <= n; i++) {
            for (int j = 0; j <= m; j++) {
                for (int take = 0; take <= Math.min(j, MOST_SOUNDS); take++) {
                    forward[i][j] += forward[i - 1][j - take] * likely[key(sample, i - 1, j - take, take)];
                }
            }
        }
        if (forward[n][m] <= 0) {
            return;
        }
        for (int i = n - 1; i >= 0; i--) {
            for (int j = m; j >= 0; j--) {
                for (int take = 0; take <= Math.min(m - j, MOST_SOUNDS); take++) {
                    int key = key(sample, i, j, take);
                    double onward = likely[key] * back[i + 1][j + take];
                    back[i][j] += onward;
                    counts[key] += forward[i][j] * onward / forward[n][m];
                }
            }
        }
    }

    /** The likeliest way to cut each word. */
    private void cut(List<Sample> samples) {
        List<int[]> keys = new ArrayList<>();
        Map<Integer, Integer> counts = new HashMap<>();
        for (Sample sample : samples) {
            int[] cut = best(sample);
            keys.add(cut);
            for (int key : cut) {
                counts.merge(key, 1, Integer::sum);
            }
        }
        Map<Integer, Integer> numbers = new HashMap<>();
        pieces.add(new Piece(' ', List.of()));
        counts.entrySet().stream()
                .filter(e -> e.getValue() >= RARE)
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> {
                    numbers.put(e.getKey(), pieces.size());
                    pieces.add(piece(e.getKey()));
                });
        for (int[] cut : keys) {
            if (cut.length > 0 && Arrays.stream(cut).allMatch(numbers::containsKey)) {
                words.add(Arrays.stream(cut).map(numbers::get).toArray());
            }
        }
    }

    private int[] best(Sample sample) {
        int n = sample.letters.length();
        int m = sample.sounds.size();
        double[][] best = new double[n + 1][m + 1];
        int[][] taken = new int[n + 1][m + 1];
        best[0][0] = 1;
        for (int i = 1; i <= n; i++) {
            for (int j = 0; j <= m; j++) {
                for (int take = 0; take <= Math.min(j, MOST_SOUNDS); take++) {
                    double value = best[i - 1][j - take] * likely[key(sample, i - 1, j - take, take)];
                    if (value > best[i][j]) {
                        best[i][j] = value;
                        taken[i][j] = take;
                    }
                }
            }
        }
        if (best[n][m] <= 0) {
            return new int[0];
        }
        int[] keys = new int[n];
        int j = m;
        for (int i = n; i > 0; i--) {
            int take = taken[i][j];
            j -= take;
            keys[i - 1] = key(sample, i - 1, j, take);
        }
        return keys;
    }

    private static int key(Sample sample, int i, int j, int take) {
        int one = take > 0 ? sample.sounds.get(j).number() + 1 : 0;
        int two = take > 1 ? sample.sounds.get(j + 1).number() + 1 : 0;
        return (letter(sample.letters.charAt(i)) * SOUNDS + one) * SOUNDS + two;
    }

    private static int letter(char c) {
        return c == '\'' ? LETTERS - 1 : c - 'a' + 1;
    }

    private static Piece piece(int key) {
        List<StressedPhone> sounds = new ArrayList<>();
        for (int sound : new int[] {key / SOUNDS % SOUNDS, key % SOUNDS}) {
            if (sound > 0) {
                sounds.add(StressedPhone.of(sound - 1));
            }
        }
        return new Piece(text(key / SOUNDS / SOUNDS), List.copyOf(sounds));
    }

    private static char text(int letter) {
        return letter == LETTERS - 1 ? '\'' : (char) ('a' + letter - 1);
    }
}
