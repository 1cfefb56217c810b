package graykite.bench;

import graykite.text.Script;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.SplittableRandom;

/**
 * The words of a recording of which some were replaced by others, always the same ones.
 *
 * @param script of them, with the marks that it had
 * @param wrong which of them
 */
record ReplacedWords(List<String> words, Script script, BitSet wrong) {
    /**
     * @param others words to take their places
     * @param share of the words that are replaced
     */
    static ReplacedWords of(Script exact, List<String> others, double share) {
        List<String> written = exact.written();
        SplittableRandom random = new SplittableRandom(written.hashCode());
        BitSet wrong = new BitSet();
        List<String> words = new ArrayList<>();
        StringBuilder text = new StringBuilder();
        for (int w = 0; w < written.size(); w++) {
            String other = others.get(random.nextInt(others.size()));
            boolean replaced = random.nextDouble() < share && !other.equalsIgnoreCase(written.get(w));
            wrong.set(w, replaced);
            words.add(replaced ? other : written.get(w));
            text.append(words.getLast()).append(exact.words().get(w).mark()).append(' ');
        }
        return new ReplacedWords(words, Script.of(text.toString()), wrong);
    }

    /** The words of all lines that are long enough to be told from each other. */
    static List<String> others(List<List<String>> lines) {
        return lines.stream().flatMap(List::stream).filter(w -> w.length() > 2).toList();
    }
}
