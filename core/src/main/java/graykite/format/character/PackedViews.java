package graykite.format.character;

/**
 * Unpacks buffer views of glTF files that are compressed as {@code EXT_meshopt_compression} describes (Khronos). It takes native
 * code, which core is to do without: whoever can do it offers itself as a service, and other files are read without it.
 */
public interface PackedViews {
    /** What is packed. */
    enum Mode {
        ATTRIBUTES,
        TRIANGLES,
        INDICES
    }

    /** What was done to the figures before they were packed. */
    enum Filter {
        NONE,
        OCTAHEDRAL,
        QUATERNION,
        EXPONENTIAL
    }

    /**
     * Unpacks.
     *
     * @param count elements that come out
     * @param stride bytes an element
     * @return count * stride bytes
     * @throws IllegalArgumentException when the bytes are damaged
     */
    byte[] unpacked(byte[] packed, Mode mode, Filter filter, int count, int stride);
}
