package graykite.text;

import static graykite.base.Require.requireThat;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.Arrays;

/**
 * How likely a piece of a word is after others: contexts of pieces as a tree, a node for each row of pieces that is known; what is
 * not in it falls back to a shorter context. Likelihoods are kept in steps of a byte.
 */
public final class PieceTree {
    /** A context of no piece. */
    private static final int NOTHING = 0;

    /** Steps of a kept likelihood for one unit of its natural logarithm; and what the largest one is. */
    private static final float STEPS = 16;

    private static final float LARGEST = 1;

    /**
     * The tree as lists, a node after the other, the children of one node together and in the order of their pieces; the first is
     * the root.
     *
     * @param pieces the number of the piece of each node
     * @param children how many children each has
     * @param likely natural logarithm of the likelihood of its piece after those above it
     * @param fallback what is added when a piece is not among its children
     */
    public record Nodes(int[] pieces, int[] children, float[] likely, float[] fallback) {}

    private final short[] piece;
    private final int[] firstChild;
    private final byte[] likely;
    private final byte[] fallback;

    private PieceTree(short[] piece, int[] firstChild, byte[] likely, byte[] fallback) {
        this.piece = piece;
        this.firstChild = firstChild;
        this.likely = likely;
        this.fallback = fallback;
    }

    /** Keeps a trained tree as it will be read: likelihoods in steps. */
    public static PieceTree of(Nodes nodes) {
        int n = nodes.pieces().length;
        requireThat(n > 0, "A tree has a root.");
        short[] piece = new short[n];
        byte[] likely = new byte[n];
        byte[] fallback = new byte[n];
        for (int i = 0; i < n; i++) {
            piece[i] = (short) nodes.pieces()[i];
            likely[i] = steps(nodes.likely()[i]);
            fallback[i] = steps(nodes.fallback()[i]);
        }
        return new PieceTree(piece, places(nodes.children()), likely, fallback);
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

    /** How many contexts are known, the one of no piece among them. */
    public int size() {
        return piece.length;
    }

    /** Reads what {@link #write} wrote. */
    static PieceTree read(DataInputStream in) throws IOException {
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
        return new PieceTree(piece, places(many), in.readNBytes(nodes), in.readNBytes(nodes));
    }

    /** Writes the tree: figures of one kind together, since those are alike and pack well. */
    void write(DataOutputStream out) throws IOException {
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

    /** The context that ends with a piece after another context, or -1 when there is none. */
    private int after(int context, int next) {
        int found = Arrays.binarySearch(piece, firstChild[context], firstChild[context + 1], (short) next);
        return found < 0 ? -1 : found;
    }

    /**
     * The contexts that a history of pieces leaves, the longest first, down to the one of no piece.
     *
     * @param history the last pieces, in order
     */
    public int[] contexts(int[] history) {
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
    public float likely(int[] contexts, int next) {
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
