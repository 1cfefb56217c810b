package graykite.reading;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Finds which words of one list stand for which of another: the longest common sequence, case apart. */
public final class WordMatch {
    /** Above this product of lengths only the equal beginnings and ends are matched, so that memory stays bounded. */
    private static final long MOST_CELLS = 40_000_000;

    private WordMatch() {}

    /** For each word of the first list the index of its partner in the second, or -1. Partners keep their order. */
    public static int[] partners(List<String> first, List<String> second) {
        List<String> a = first.stream().map(w -> w.toLowerCase(Locale.ROOT)).toList();
        List<String> b = second.stream().map(w -> w.toLowerCase(Locale.ROOT)).toList();
        int[] partner = new int[a.size()];
        Arrays.fill(partner, -1);
        int head = 0;
        while (head < Math.min(a.size(), b.size()) && a.get(head).equals(b.get(head))) {
            partner[head] = head;
            head++;
        }
        int tail = 0;
        while (tail < Math.min(a.size(), b.size()) - head
                && a.get(a.size() - 1 - tail).equals(b.get(b.size() - 1 - tail))) {
            partner[a.size() - 1 - tail] = b.size() - 1 - tail;
            tail++;
        }
        List<String> middleA = a.subList(head, a.size() - tail);
        List<String> middleB = b.subList(head, b.size() - tail);
        if ((long) middleA.size() * middleB.size() <= MOST_CELLS) {
            match(middleA, middleB, head, partner);
        }
        return partner;
    }

    private static void match(List<String> a, List<String> b, int offset, int[] partner) {
        int[][] longest = new int[a.size() + 1][b.size() + 1];
        for (int i = a.size() - 1; i >= 0; i--) {
            for (int j = b.size() - 1; j >= 0; j--) {
                longest[i][j] = a.get(i).equals(b.get(j))
                        ? longest[i + 1][j + 1] + 1
                        : Math.max(longest[i + 1][j], longest[i][j + 1]);
            }
        }
        int i = 0;
        int j = 0;
        while (i < a.size() && j < b.size()) {
            if (a.get(i).equals(b.get(j))) {
                partner[offset + i++] = offset + j++;
            } else if (longest[i + 1][j] >= longest[i][j + 1]) {
                i++;
            } else {
                j++;
            }
        }
    }
}
