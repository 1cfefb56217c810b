package graykite.bench.letters;

import graykite.text.LetterModel;
import graykite.text.Phone;
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
    private record Row(float likely, int[] pieces, int said) {}

    private final List<Pieces.Piece> pieces;
    private final PieceTree tree;

    /** @param tree likelihoods of the pieces from the beginning of words on */
    LikelyStress(List<Pieces.Piece> pieces, PieceTree tree) {
        this.pieces = pieces;
        this.tree = tree;
    }

    /** The phones with their stress; none when no row of pieces spells the word so. */
    Optional<List<Sound>> of(String word, List<Phone> phones) {
        List<Row> rows = List.of(new Row(0, new int[] {LetterModel.EDGE}, 0));
        for (char letter : word.toCharArray()) {
            List<Row> longer = new ArrayList<>();
            rows.forEach(row -> follow(row, letter, phones, longer));
            longer.sort(Comparator.comparingDouble(row -> -row.likely));
            rows = longer.subList(0, Math.min(ROWS, longer.size()));
        }
        return rows.stream()
                .filter(row -> row.said == phones.size())
                .findFirst()
                .map(row -> Arrays.stream(row.pieces)
                        .mapToObj(piece -> pieces.get(piece).sounds())
                        .flatMap(List::stream)
                        .toList());
    }

    private void follow(Row row, char letter, List<Phone> phones, List<Row> into) {
        int from = Math.max(0, row.pieces.length - LetterModel.MEMORY);
        int[] contexts = tree.contexts(Arrays.copyOfRange(row.pieces, from, row.pieces.length));
        for (int next = 1; next < pieces.size(); next++) {
            List<Sound> sounds = pieces.get(next).sounds();
            int said = row.said + sounds.size();
            if (pieces.get(next).letter() == letter
                    && said <= phones.size()
                    && sounds.stream().map(Sound::phone).toList().equals(phones.subList(row.said, said))) {
                int[] longer = Arrays.copyOf(row.pieces, row.pieces.length + 1);
                longer[row.pieces.length] = next;
                into.add(new Row(row.likely + tree.likely(contexts, next), longer, said));
            }
        }
    }
}
