package graykite.bench.letters;

import graykite.text.LetterModel;
import graykite.text.PieceTree;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Likelihoods of pieces in their contexts, smoothed as Chen &amp; Goodman 1999 do ("An empirical study of smoothing techniques for
 * language modeling", modified Kneser-Ney), and thinned out where a shorter context tells nearly as much (Stolcke 1998,
 * "Entropy-based pruning of backoff language models").
 */
final class Contexts {
    private final int order;
    private final Map<Long, Integer> found = new HashMap<>();
    private int[] parent = new int[1 << 20];
    private int[] shorter = new int[1 << 20];
    private int[] piece = new int[1 << 20];
    private int[] depth = new int[1 << 20];
    private int[] count = new int[1 << 20];
    private boolean[] atStart = new boolean[1 << 20];
    private int nodes = 1;
    private double[] adjusted = new double[0];
    private double[] likely = new double[0];
    private double[] share = new double[0];

    private Contexts(int order) {
        this.order = order;
    }

    /**
     * @param words numbers of pieces, without edges
     * @param order pieces that are looked at together
     * @param pieces how many there are
     * @param least what a context must tell, summed over the training words, to be kept
     */
    static PieceTree of(List<int[]> words, int order, int pieces, double least) {
        Contexts contexts = new Contexts(order);
        words.forEach(contexts::add);
        contexts.adjust();
        contexts.smooth(pieces);
        return PieceTree.of(contexts.tree(contexts.kept(least)));
    }

    private void add(int[] word) {
        int[] row = new int[word.length + 2];
        row[0] = LetterModel.EDGE;
        System.arraycopy(word, 0, row, 1, word.length);
        row[row.length - 1] = LetterModel.EDGE;
        // Nodes of the rows that end at the place before, by their length.
        int[] before = new int[order + 1];
        for (int at = 0; at < row.length; at++) {
            int[] now = new int[order + 1];
            for (int length = 1; length <= Math.min(order, at + 1); length++) {
                int node = child(before[length - 1], row[at], now[length - 1], at - length + 1 == 0);
                count[node]++;
                now[length] = node;
            }
            before = now;
        }
    }

    private int child(int of, int what, int suffix, boolean start) {
        return found.computeIfAbsent((long) of << 16 | what, key -> {
            if (nodes == parent.length) {
                grow();
            }
            parent[nodes] = of;
            shorter[nodes] = suffix;
            piece[nodes] = what;
            depth[nodes] = depth[of] + 1;
            atStart[nodes] = start;
            return nodes++;
        });
    }

    private void grow() {
        int more = 2 * parent.length;
        parent = Arrays.copyOf(parent, more);
        shorter = Arrays.copyOf(shorter, more);
        piece = Arrays.copyOf(piece, more);
        depth = Arrays.copyOf(depth, more);
        count = Arrays.copyOf(count, more);
        atStart = Arrays.copyOf(atStart, more);
    }

    /** Short rows count by how many different pieces come before them, but at the start of a word, where nothing can. */
    private void adjust() {
        adjusted = new double[nodes];
        for (int node = 1; node < nodes; node++) {
            if (depth[node] == order || atStart[node]) {
                adjusted[node] = count[node];
            }
            if (depth[node] > 1 && !atStart[shorter[node]]) {
                adjusted[shorter[node]]++;
            }
        }
        // The edge before a word is never guessed.
        adjusted[child(0, LetterModel.EDGE, 0, true)] = 0;
        for (int node = 1; node < nodes; node++) {
            // Ends of words share their piece with beginnings: those of one piece count by what comes before.
            if (depth[node] == 2 && piece[node] == LetterModel.EDGE) {
                adjusted[shorter[node]]++;
            }
        }
    }

    private void smooth(int pieces) {
        double[][] discounts = discounts();
        double[] sum = new double[nodes];
        double[] taken = new double[nodes];
        for (int node = 1; node < nodes; node++) {
            sum[parent[node]] += adjusted[node];
            taken[parent[node]] += discount(discounts[depth[node]], adjusted[node]);
        }
        likely = new double[nodes];
        share = new double[nodes];
        Arrays.fill(share, 1);
        // Contexts come before what is longer, in the order in which they were met: parents and suffixes are known
        // already.
        for (int length = 0; length <= order; length++) {
            for (int node = 0; node < nodes; node++) {
                if (depth[node] != length) {
                    continue;
                }
                if (node > 0) {
                    double rest = length == 1 ? 1.0 / pieces : likely[shorter[node]];
                    double own = adjusted[node] - discount(discounts[length], adjusted[node]);
                    likely[node] = (sum[parent[node]] > 0 ? own / sum[parent[node]] : 0) + share[parent[node]] * rest;
                }
                share[node] = sum[node] > 0 ? taken[node] / sum[node] : 1;
            }
        }
    }

    private double[][] discounts() {
        double[][] counts = new double[order + 1][5];
        for (int node = 1; node < nodes; node++) {
            int times = (int) adjusted[node];
            if (times >= 1 && times <= 4) {
                counts[depth[node]][times]++;
            }
        }
        double[][] discounts = new double[order + 1][4];
        for (int length = 1; length <= order; length++) {
            double[] n = counts[length];
            double y = n[1] / Math.max(1, n[1] + 2 * n[2]);
            for (int times = 1; times <= 3; times++) {
                double value = n[times] > 0 ? times - (times + 1) * y * n[times + 1] / n[times] : 0;
                discounts[length][times] = Math.clamp(value, 0, times);
            }
        }
        return discounts;
    }

    private static double discount(double[] by, double times) {
        return times <= 0 ? 0 : by[(int) Math.min(3, times)];
    }

    /** Which nodes are kept: those that tell enough, with all that they stand on. */
    private boolean[] kept(double least) {
        boolean[] kept = new boolean[nodes];
        kept[0] = true;
        for (int length = order; length >= 1; length--) {
            for (int node = 1; node < nodes; node++) {
                if (depth[node] != length) {
                    continue;
                }
                double without = length == 1 ? 0 : share[parent[node]] * likely[shorter[node]];
                double tells = length == 1 ? 1 : count[node] * Math.log(likely[node] / without);
                if (kept[node] || length == 1 || tells > least) {
                    kept[node] = true;
                    kept[parent[node]] = true;
                    kept[shorter[node]] = true;
                }
            }
        }
        return kept;
    }

    private PieceTree.Nodes tree(boolean[] kept) {
        double[] own = new double[nodes];
        double[] shorterOnes = new double[nodes];
        int[] children = new int[nodes];
        int left = 1;
        for (int node = 1; node < nodes; node++) {
            if (kept[node]) {
                left++;
                children[parent[node]]++;
                own[parent[node]] += likely[node];
                shorterOnes[parent[node]] += depth[node] == 1 ? 0 : likely[shorter[node]];
            }
        }
        int[][] below = new int[nodes][];
        int[] filled = new int[nodes];
        for (int node = 1; node < nodes; node++) {
            if (kept[node]) {
                int up = parent[node];
                if (below[up] == null) {
                    below[up] = new int[children[up]];
                }
                below[up][filled[up]++] = node;
            }
        }
        int[] row = new int[left];
        PieceTree.Nodes tree = new PieceTree.Nodes(new int[left], new int[left], new float[left], new float[left]);
        int end = 1;
        for (int at = 0; at < left; at++) {
            int node = row[at];
            tree.pieces()[at] = piece[node];
            tree.children()[at] = children[node];
            tree.likely()[at] = (float) Math.log(Math.max(1e-12, likely[node]));
            double fallback = children[node] == 0 ? 1 : (1 - own[node]) / Math.max(1e-6, 1 - shorterOnes[node]);
            tree.fallback()[at] = (float) Math.log(Math.clamp(fallback, 1e-6, 2));
            if (below[node] != null) {
                int[] sorted = Arrays.stream(below[node])
                        .boxed()
                        .sorted((a, b) -> Integer.compare(piece[a], piece[b]))
                        .mapToInt(n -> n)
                        .toArray();
                System.arraycopy(sorted, 0, row, end, sorted.length);
                end += sorted.length;
            }
        }
        return tree;
    }
}
