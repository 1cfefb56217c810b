package graykite.media.ear;

import static graykite.base.Require.requireThat;

import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HexFormat;
import java.util.List;

/** The pieces of words that the network writes with: parts of words with the space before them, and single bytes for what has none. */
final class WordPieces {
    /** Stands before the first piece of a text. */
    static final int START = 1;
    /** Stands after the last one. */
    static final int END = 2;

    private static final String SPACE = "▁";
    private static final String BYTE = "<0x[0-9A-F]{2}>";
    private final List<String> pieces;

    private WordPieces(List<String> pieces) {
        this.pieces = pieces;
    }

    /** The vocabulary that ships with the network: a piece a line, by its number. */
    static WordPieces shipped() {
        try (InputStream in = WordPieces.class.getResourceAsStream("pieces.txt")) {
            BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
            return new WordPieces(lines.lines().toList());
        } catch (IOException failure) {
            throw new UncheckedIOException("The pieces of words cannot be read.", failure);
        }
    }

    int count() {
        return pieces.size();
    }

    /** The text of pieces one after the other, without space around it. Numbers beyond the vocabulary are marks, not text. */
    String text(List<Integer> numbers) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        for (int number : numbers) {
            requireThat(number >= 0, "A piece has a number from 0, not %s.", number);
            if (number > END && number < pieces.size()) {
                bytes.writeBytes(bytes(pieces.get(number)));
            }
        }
        return bytes.toString(StandardCharsets.UTF_8).strip();
    }

    private static byte[] bytes(String piece) {
        if (piece.matches(BYTE)) {
            return HexFormat.of().parseHex(piece, 3, 5);
        }
        return piece.replace(SPACE, " ").getBytes(StandardCharsets.UTF_8);
    }
}
