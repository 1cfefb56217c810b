package graykite.text;

import static graykite.base.Require.requireThat;

import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How likely pieces of words follow one another, a piece being a letter with the sounds that it stands for (joint sequences:
 * Bisani &amp; Ney 2008, "Joint-sequence models for grapheme-to-phoneme conversion"). Likelihoods of a piece after up to eight others
 * stand in a tree of contexts; what is not in it falls back to a shorter context.
 */
public final class LetterModel {
    /** Stands before the first and after the last piece of a word. */
    public static final int EDGE = 0;

    /** A context of no piece. */
    static final int NOTHING = 0;

    private static final int MAGIC = 0x4B4C5431;
    /** Steps of a kept likelihood for one unit of its natural logarithm; and what the largest one is. */
    private static final float STEPS = 16;

    private static final float LARGEST = 1;

    /**
     * A letter and what it sounds like.
     *
     * @param letter lower case; a blank for the edge of words
     * @param phones none to two
     */
    public record Piece(char letter, List<Phone> phones) {}

    /**
     * The tree of contexts as lists, a node after the other, the children of one node together and in the order of their pieces;
     * the first is the root.
     *
     * @param pieces the piece of each node
     * @param children how many children each has
     * @param likely natural logarithm of the likelihood of its piece after those above it
     * @param fallback what is added when a piece is not among its children
     */
    public record Tree(int[] pieces, int[] children, float[] likely, float[] fallback) {}

    private final List<Piece> pieces;
    private final short[] piece;
    private final int[] firstChild;
    private final byte[] likely;
    private final byte[] fallback;

    private LetterModel(List<Piece> pieces, short[] piece, int[] firstChild, byte[] likely, byte[] fallback) {
        this.pieces = pieces;
        this.piece = piece;
        this.firstChild = firstChild;
        this.likely = likely;
        this.fallback = fallback;
    }

    /** Keeps a trained tree as it will be read: likelihoods in steps. @param pieces by number; the edge of words is the first */
    public static LetterModel of(List<Piece> pieces, Tree tree) {
        int n = tree.pieces().length;
        requireThat(pieces.size() <= Short.MAX_VALUE && n > 0, "A model has a root, and up to 32767 pieces.");
        short[] piece = new short[n];
        byte[] likely = new byte[n];
        byte[] fallback = new byte[n];
        for (int i = 0; i < n; i++) {
            piece[i] = (short) tree.pieces()[i];
            likely[i] = steps(tree.likely()[i]);
            fallback[i] = steps(tree.fallback()[i]);
        }
        return new LetterModel(List.copyOf(pieces), piece, places(tree.children()), likely, fallback);
    }

    private static int[] places(int[] children) {
        int[] first = new int[children.length + 1];
        first[0] = 1;
        for (int i = 0; i < children.length; i++) {
            first[i + 1] = first[i] + children[i];
        }
        requireThat(first[children.length] == children.length, "Every node but the root is somebody's child.");
        return first;
    }

    private static byte steps(float logarithm) {
        return (byte) (Math.clamp(Math.round((LARGEST - logarithm) * STEPS), 0, 255) - 128);
    }

    private static float logarithm(byte steps) {
        return LARGEST - (steps + 128) / STEPS;
    }

    /** Reads what {@link #write} wrote. */
    public static LetterModel read(InputStream stream) throws IOException {
        DataInputStream in = new DataInputStream(new BufferedInputStream(stream, 1 << 16));
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
        int nodes = in.readInt();
        byte[] low = in.readNBytes(nodes);
        byte[] high = in.readNBytes(nodes);
        byte[] children = in.readNBytes(nodes);
        int[] many = new int[nodes];
        short[] piece = new short[nodes];
        for (int i = 0; i < nodes; i++) {
            piece[i] = (short) (low[i] & 0xff | high[i] << 8);
            many[i] = children[i] & 0xff;
        }
        for (int left = in.readInt(); left > 0; left--) {
            many[in.readInt()] = in.readInt();
        }
        return new LetterModel(List.copyOf(pieces), piece, places(many), in.readNBytes(nodes), in.readNBytes(nodes));
    }

    /** Writes the model: figures of one kind together, since those are alike and pack well. */
    public void write(DataOutputStream out) throws IOException {
        out.writeInt(MAGIC);
        out.writeInt(pieces.size());
        for (Piece each : pieces) {
            out.writeChar(each.letter());
            out.writeByte(each.phones().size());
            for (Phone phone : each.phones()) {
                out.writeUTF(phone.name());
            }
        }
        int nodes = piece.length;
        out.writeInt(nodes);
        byte[] bytes = new byte[nodes];
        for (int i = 0; i < nodes; i++) {
            bytes[i] = (byte) piece[i];
        }
        out.write(bytes);
        for (int i = 0; i < nodes; i++) {
            bytes[i] = (byte) (piece[i] >> 8);
        }
        out.write(bytes);
        int many = 0;
        for (int i = 0; i < nodes; i++) {
            bytes[i] = (byte) (firstChild[i + 1] - firstChild[i]);
            many += firstChild[i + 1] - firstChild[i] > 255 ? 1 : 0;
        }
        out.write(bytes);
        out.writeInt(many);
        for (int i = 0; i < nodes; i++) {
            if (firstChild[i + 1] - firstChild[i] > 255) {
                out.writeInt(i);
                out.writeInt(firstChild[i + 1] - firstChild[i]);
            }
        }
        out.write(likely);
        out.write(fallback);
    }

    /** All pieces by their number; the first is the edge of words. */
    List<Piece> pieces() {
        return pieces;
    }

    /** The context that ends with a piece after another context, or -1 when there is none. */
    int after(int context, int next) {
        int from = firstChild[context];
        int found = Arrays.binarySearch(piece, from, firstChild[context + 1], (short) next);
        return found < 0 ? -1 : found;
    }

    /**
     * The contexts that a history of pieces leaves, the longest first, down to the one of no piece.
     *
     * @param history the last pieces, in order
     */
    int[] contexts(int[] history) {
        int[] contexts = new int[history.length + 1];
        int count = 0;
        for (int from = 0; from < history.length; from++) {
            int node = NOTHING;
            for (int i = from; i < history.length && node >= 0; i++) {
                node = after(node, history[i]);
            }
            if (node >= 0) {
                contexts[count++] = node;
            }
        }
        contexts[count++] = NOTHING;
        return Arrays.copyOf(contexts, count);
    }

    /** Natural logarithm of the likelihood of a piece. @param contexts as {@link #contexts} gives them */
    float likely(int[] contexts, int next) {
        float sum = 0;
        for (int context : contexts) {
            int node = after(context, next);
            if (node >= 0) {
                return sum + logarithm(likely[node]);
            }
            sum += logarithm(fallback[context]);
        }
        // A piece that nothing is known of is as unlikely as can be kept.
        return sum + logarithm((byte) 127);
    }
}
