package graykite.text;

import java.util.Arrays;

/**
 * A row of pieces that spells a part of a word.
 *
 * @param likely natural logarithm of how likely it is
 * @param pieces their numbers, from the edge of the word on; not to be written to
 */
public record PieceRow(float likely, int[] pieces) {
    /** Where a word begins, or where it ends when it is followed backward. */
    public static final PieceRow START = new PieceRow(0, new int[] {LetterModel.EDGE});

    /** What the last pieces leave of a tree's contexts. */
    public int[] contexts(PieceTree tree) {
        int from = Math.max(0, pieces.length - LetterModel.MEMORY);
        return tree.contexts(Arrays.copyOfRange(pieces, from, pieces.length));
    }

    /** With another piece. @param contexts of this row in the tree */
    public PieceRow longer(PieceTree tree, int[] contexts, int piece) {
        int[] longer = Arrays.copyOf(pieces, pieces.length + 1);
        longer[pieces.length] = piece;
        return new PieceRow(likely + tree.likely(contexts, piece), longer);
    }
}
