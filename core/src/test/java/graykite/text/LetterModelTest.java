package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.zip.ZipException;
import org.junit.jupiter.api.Test;

class LetterModelTest {
    private static final float SELDOM = (float) Math.log(0.01);
    private static final float LIKELY = (float) Math.log(0.6);
    private static final float LESS = (float) Math.log(0.3);

    /** The edge, an a that sounds as in cat, one that sounds as in car, and a t. */
    private static final List<LetterModel.Piece> PIECES = List.of(
            new LetterModel.Piece(' ', List.of()),
            new LetterModel.Piece('a', List.of(Phone.AE)),
            new LetterModel.Piece('a', List.of(Phone.AA)),
            new LetterModel.Piece('t', List.of(Phone.T)));

    /** Pieces by themselves, with no context but the edge's, after which the two ways to say an a are as likely as given. */
    private static PieceTree tree(float asInCat, float asInCar) {
        return PieceTree.of(new PieceTree.Nodes(
                new int[] {0, 0, 1, 2, 3, 1, 2},
                new int[] {4, 2, 0, 0, 0, 0, 0},
                new float[] {0, SELDOM, LESS, LESS, LESS, asInCat, asInCar},
                new float[] {0, 0, 0, 0, 0, 0, 0}));
    }

    @Test
    void aWordIsSeenFromItsEndToo() {
        PieceTree even = tree(LESS, LESS);
        assertEquals(
                List.of(Phone.AE),
                new LetterToSound(new LetterModel(PIECES, even, tree(LIKELY, LESS)))
                        .guess("a")
                        .phones());
        assertEquals(
                List.of(Phone.AA),
                new LetterToSound(new LetterModel(PIECES, even, tree(LESS, LIKELY)))
                        .guess("a")
                        .phones());
        assertEquals(
                List.of(Phone.AA, Phone.T),
                new LetterToSound(new LetterModel(PIECES, tree(LESS, LIKELY), even))
                        .guess("at")
                        .phones());
    }

    @Test
    void whatNoContextTellsFallsBackToAShorterOne() {
        PieceTree tree = tree(LIKELY, LESS);
        int[] afterTheEdge = tree.contexts(new int[] {LetterModel.EDGE});
        int[] afterATee = tree.contexts(new int[] {3});
        assertEquals(LIKELY, tree.likely(afterTheEdge, 1), 0.04);
        assertEquals(LESS, tree.likely(afterTheEdge, 3), 0.04, "known by itself alone");
        assertEquals(LESS, tree.likely(afterATee, 1), 0.04);
    }

    @Test
    void itIsReadAsItWasWritten() throws IOException {
        LetterModel model = new LetterModel(PIECES, tree(LIKELY, LESS), tree(LESS, LIKELY));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        model.write(out);
        LetterModel read = LetterModel.read(new ByteArrayInputStream(out.toByteArray()));
        assertEquals(PIECES, read.pieces());
        for (int piece = 0; piece < PIECES.size(); piece++) {
            int[] onward = read.onward().contexts(new int[] {LetterModel.EDGE});
            int[] backward = read.backward().contexts(new int[] {LetterModel.EDGE});
            assertEquals(model.onward().likely(onward, piece), read.onward().likely(onward, piece));
            assertEquals(
                    model.backward().likely(backward, piece), read.backward().likely(backward, piece));
        }
        assertThrows(ZipException.class, () -> LetterModel.read(new ByteArrayInputStream(new byte[100])));
    }
}
