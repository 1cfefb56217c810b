package graykite.hearing;

import graykite.reading.HeardPhone;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * Sound that is not in the script while every word around it was heard: most often a wrong word of the script was laid into the rest of what
 * was said in its place. Where a word is missing there, the sound is explained.
 */
final class UnexplainedSound {
    private UnexplainedSound() {}

    /**
     * The words that answer for such sound: of the two beside it the one that fits worse.
     *
     * @param runs phones of each word, pause, and stretch that the script does not have
     * @param words how many the script has
     * @param against how much speaks against a word that was heard
     * @return indices in the script
     */
    static Set<Integer> blamed(List<List<HeardPhone>> runs, int words, ToDoubleFunction<List<HeardPhone>> against) {
        Set<Integer> blamed = new HashSet<>();
        List<HeardPhone> before = List.of();
        int last = -1;
        boolean unexplained = false;
        for (List<HeardPhone> run : runs) {
            int word = run.getFirst().word();
            if (word >= 0) {
                if (unexplained && word == last + 1) {
                    boolean first = before.isEmpty();
                    blamed.add(first || against.applyAsDouble(run) > against.applyAsDouble(before) ? word : last);
                }
                before = run;
                last = word;
                unexplained = false;
            } else {
                unexplained |= word == HeardPhone.UNSCRIPTED;
            }
        }
        if (unexplained && !before.isEmpty() && last + 1 == words) {
            blamed.add(last);
        }
        return blamed;
    }
}
