package graykite.base;

import java.util.List;
import java.util.function.Function;

/** How many phones or words must be changed, left out or added to make one row of another (Levenshtein 1966). */
public final class EditDistance {
    private EditDistance() {}

    /** @param as what two of them must share to count as the same */
    public static <T> int between(List<T> a, List<T> b, Function<? super T, ?> as) {
        int[][] cost = new int[a.size() + 1][b.size() + 1];
        for (int i = 0; i <= a.size(); i++) {
            for (int j = 0; j <= b.size(); j++) {
                if (i == 0 || j == 0) {
                    cost[i][j] = i + j;
                } else {
                    int change = as.apply(a.get(i - 1)).equals(as.apply(b.get(j - 1))) ? 0 : 1;
                    cost[i][j] = Math.min(cost[i - 1][j - 1] + change, 1 + Math.min(cost[i - 1][j], cost[i][j - 1]));
                }
            }
        }
        return cost[a.size()][b.size()];
    }
}
