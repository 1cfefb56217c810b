package graykite.media;

import static graykite.base.Require.requireThat;

import graykite.format.character.PackedViews;
import java.nio.ByteBuffer;
import org.lwjgl.system.MemoryUtil;
import org.lwjgl.util.meshoptimizer.MeshOptimizer;

/** Unpacks glTF buffer views with meshoptimizer, the library whose codec {@code EXT_meshopt_compression} is. */
public final class MeshoptViews implements PackedViews {
    @Override
    public byte[] unpacked(byte[] packed, Mode mode, Filter filter, int count, int stride) {
        requireThat(
                mode == Mode.ATTRIBUTES ? stride % 4 == 0 : stride == 2 || stride == 4,
                "That stride cannot be packed.");
        requireThat(mode != Mode.TRIANGLES || count % 3 == 0, "Triangles have three corners.");
        ByteBuffer in = MemoryUtil.memAlloc(Math.max(1, packed.length));
        ByteBuffer out = MemoryUtil.memAlloc(Math.multiplyExact(count, stride));
        try {
            in.put(packed).flip();
            int fault = switch (mode) {
                case ATTRIBUTES -> MeshOptimizer.meshopt_decodeVertexBuffer(out, count, stride, in);
                case TRIANGLES -> MeshOptimizer.meshopt_decodeIndexBuffer(out, count, stride, in);
                case INDICES -> MeshOptimizer.meshopt_decodeIndexSequence(out, count, stride, in);
            };
            requireThat(fault == 0, "What is packed is damaged.");
            unfilter(out, filter, count, stride);
            byte[] plain = new byte[count * stride];
            out.get(0, plain);
            return plain;
        } finally {
            MemoryUtil.memFree(in);
            MemoryUtil.memFree(out);
        }
    }

    private static void unfilter(ByteBuffer figures, Filter filter, int count, int stride) {
        switch (filter) {
            case NONE -> {
                // The figures are what they are.
            }
            case OCTAHEDRAL -> {
                requireThat(stride == 4 || stride == 8, "Directions have four or eight bytes.");
                MeshOptimizer.meshopt_decodeFilterOct(figures, count, stride);
            }
            case QUATERNION -> {
                requireThat(stride == 8, "Turns have eight bytes.");
                MeshOptimizer.meshopt_decodeFilterQuat(figures, count, stride);
            }
            case EXPONENTIAL -> MeshOptimizer.meshopt_decodeFilterExp(figures, count, stride);
        }
    }
}
