package graykite.media.ear;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Numbers of pieces as the byte-pair vocabulary of 32,000 pieces that the network was trained with has them (published with the Llama models). */
class WordPiecesTest {
    private static final WordPieces PIECES = WordPieces.shipped();

    @Test
    void theWholeVocabularyIsThere() {
        assertEquals(32_000, PIECES.count());
    }

    @Test
    void piecesJoinToWordsWithTheSpacesThatTheyCarry() {
        assertEquals("Hello world", PIECES.text(List.of(15043, 3186)));
        assertEquals("Hello world!", PIECES.text(List.of(WordPieces.START, 15043, 3186, 29991, WordPieces.END)));
    }

    /** What has no piece is spelt in the bytes of UTF-8, which are pieces 3 to 258. */
    @Test
    void bytesSpellWhatHasNoPiece() {
        assertEquals("🪁", PIECES.text(List.of(3 + 0xF0, 3 + 0x9F, 3 + 0xAA, 3 + 0x81)));
    }

    /** The network knows marks beyond the vocabulary, which stand for no text. */
    @Test
    void marksAreNoText() {
        assertEquals("", PIECES.text(List.of(0, 1, 2, 32_000, 32_767)));
        assertThrows(IllegalArgumentException.class, () -> PIECES.text(List.of(-1)));
    }
}
