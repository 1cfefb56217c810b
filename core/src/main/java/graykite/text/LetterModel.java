package graykite.text;

import static graykite.base.Require.requireThat;

import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;

/**
 * How likely pieces of words follow one another, a piece being a letter with the sounds that it stands for (joint sequences:
 * Bisani &amp; Ney 2008, "Joint-sequence models for grapheme-to-phoneme conversion"): once from the beginning of a word to its end,
 * and once from its end to its beginning.
 *
 * @param pieces by number, the first being the edge of words. Several may look alike: what told them apart when they were learnt,
 *     whether a vowel is stressed, is not kept, but what follows each is
 * @param onward how likely a piece is after up to eight before it
 * @param backward how likely it is before up to eight that come after it, the next one last
 */
public record LetterModel(List<Piece> pieces, PieceTree onward, PieceTree backward) {
    /** Stands before the first and after the last piece of a word. */
    public static final int EDGE = 0;

    /** Pieces that likelihoods look back at. */
    public static final int MEMORY = 8;

    private static final int MAGIC = 0x4B4C5432;

    /**
     * A letter and what it sounds like.
     *
     * @param letter lower case; a blank for the edge of words
     * @param phones none to two
     */
    public record Piece(char letter, List<Phone> phones) {}

    public LetterModel {
        pieces = List.copyOf(pieces);
        requireThat(pieces.size() <= Short.MAX_VALUE, "A model has up to 32767 pieces.");
    }

    /** Reads what {@link #write} wrote. */
    public static LetterModel read(InputStream stream) throws IOException {
        DataInputStream in = new DataInputStream(new BufferedInputStream(new InflaterInputStream(stream), 1 << 16));
        if (in.readInt() != MAGIC) {
            throw new IOException("This is no letter model.");
        }
        List<Piece> pieces = new ArrayList<>();
        int count = in.readInt();
        for (int i = 0; i < count; i++) {
            char letter = in.readChar();
            List<Phone> phones = new ArrayList<>();
            for (int k = in.readByte(); k > 0; k--) {
                String name = in.readUTF();
                phones.add(Phone.parse(name).orElseThrow(() -> new IOException("There is no phone " + name + ".")));
            }
            pieces.add(new Piece(letter, List.copyOf(phones)));
        }
        return new LetterModel(pieces, PieceTree.read(in), PieceTree.read(in));
    }

    /** Writes the model, packed. */
    public void write(OutputStream stream) throws IOException {
        DeflaterOutputStream packed = new DeflaterOutputStream(stream, new Deflater(Deflater.BEST_COMPRESSION));
        DataOutputStream out = new DataOutputStream(packed);
        out.writeInt(MAGIC);
        out.writeInt(pieces.size());
        for (Piece each : pieces) {
            out.writeChar(each.letter());
            out.writeByte(each.phones().size());
            for (Phone phone : each.phones()) {
                out.writeUTF(phone.name());
            }
        }
        onward.write(out);
        backward.write(out);
        out.flush();
        packed.finish();
    }
}
