package graykite.bench.letters;

import graykite.text.Phone;
import graykite.text.PieceRow;
import graykite.text.PieceTree;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which vowels of a word are most likely stressed, when its letters and phones are known, by pieces learnt from other words. */
final class LikelyStress {
    /** Rows of pieces that are followed at each letter. */
    private static final int ROWS = 12;

    /** A row of pieces that spells the first letters. @param said how many of the phones it has */
    private record Row(PieceRow pieces, int said) {}

    private final List<Pieces.Piece> pieces;
    private final PieceTree tree;

    /** @param tree likelihoods of the pieces from the beginning of words on */
    LikelyStress(List<Pieces.Piece> pieces, PieceTree tree) {
        this.pieces = pieces;
        this.tree = tree;
    }

    /** The phones with their stress; none when no row of pieces spells the word so. */
    Optional<List<StressedPhone>> of(String word, List<Phone> phones) {
        List<Row> rows = List.of(new Row(PieceRow.START, 0));
        for (char letter : word.toCharArray()) {
            List<Row> longer = new ArrayList<>();
            rows.forEach(row -> follow(row, letter, phones, longer));
            longer.sort(Comparator.comparingDouble(row -> -row.pieces.likely()));
            rows = longer.subList(0, Math.min(ROWS, longer.size()));
        }
        return rows.stream()
                .filter(row -> row.said == phones.size())
                .findFirst()
                .map(row -> Arrays.stream(row.pieces.pieces())
                        .mapToObj(piece -> pieces.get(piece).sounds())
                        .flatMap(List::stream)
                        .toList());
    }

    private void follow(Row row, char letter, List<Phone> phones, List<Row> into) {
        int[] contexts = row.pieces.contexts(tree);
        for (int next = 1; next < pieces.size(); next++) {
            List<StressedPhone> sounds = pieces.get(next).sounds();
            int said = row.said + sounds.size();
            if (pieces.get(next).letter() == letter
                    && said <= phones.size()
                    && sounds.stream().map(StressedPhone::phone).toList().equals(phones.subList(row.said, said))) {
                into.add(new Row(row.pieces.longer(tree, contexts, next), said));
            }
        }
    }
}
