package graykite.live;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Map;

/**
 * Packets of OSC 1.0 (Open Sound Control; Wright, CNMAT 2002), as far as a capture stream needs them: messages of one figure,
 * alone or in bundles. Big-endian; every part is padded with zeros to four bytes. No length in a packet is believed unseen.
 */
final class Osc {
    private static final String BUNDLE = "#bundle";
    private static final int MOST_DEEP = 4;

    /** The time tag that means "now". */
    private static final long IMMEDIATELY = 1;

    private Osc() {}

    /**
     * Reads a packet.
     *
     * @param values receives the figure of each message under its address
     * @return how many messages were none of one figure
     * @throws IllegalArgumentException when it is no OSC packet
     */
    static int read(byte[] bytes, int length, Map<String, Double> values) {
        return read(ByteBuffer.wrap(bytes, 0, length), values, 0);
    }

    private static int read(ByteBuffer in, Map<String, Double> values, int deep) {
        String address = text(in);
        if (!address.equals(BUNDLE)) {
            return message(address, in, values);
        }
        if (deep >= MOST_DEEP) {
            throw new IllegalArgumentException("bundles in bundles in bundles");
        }
        need(in, 8);
        in.getLong();
        int refused = 0;
        while (in.hasRemaining()) {
            need(in, 4);
            int size = in.getInt();
            if (size < 4 || size % 4 != 0) {
                throw new IllegalArgumentException("a part of " + size + " bytes");
            }
            need(in, size);
            refused += read(in.slice(in.position(), size), values, deep + 1);
            in.position(in.position() + size);
        }
        return refused;
    }

    private static int message(String address, ByteBuffer in, Map<String, Double> values) {
        if (!address.startsWith("/")) {
            throw new IllegalArgumentException("no address");
        }
        String types = in.hasRemaining() ? text(in) : "";
        switch (types) {
            case ",f" -> {
                need(in, 4);
                values.put(address, (double) in.getFloat());
            }
            case ",d" -> {
                need(in, 8);
                values.put(address, in.getDouble());
            }
            case ",i" -> {
                need(in, 4);
                values.put(address, (double) in.getInt());
            }
            default -> {
                return 1;
            }
        }
        return 0;
    }

    /** A text that ends with a zero and is padded to four bytes. */
    private static String text(ByteBuffer in) {
        int start = in.position();
        int end = start;
        while (end < in.limit() && in.get(end) != 0) {
            end++;
        }
        int next = start + (end - start) / 4 * 4 + 4;
        if (end == in.limit() || next > in.limit()) {
            throw new IllegalArgumentException("a text without an end");
        }
        byte[] own = new byte[end - start];
        in.get(own);
        in.position(next);
        return new String(own, StandardCharsets.US_ASCII);
    }

    private static void need(ByteBuffer in, int bytes) {
        if (in.remaining() < bytes) {
            throw new IllegalArgumentException("it ends too early");
        }
    }

    /** A bundle of messages with one 32-bit figure each. */
    static byte[] bundle(Map<String, Double> values) {
        int size =
                16 + values.keySet().stream().mapToInt(a -> 4 + padded(a) + 8).sum();
        ByteBuffer out = ByteBuffer.allocate(size);
        put(out, BUNDLE);
        out.putLong(IMMEDIATELY);
        values.forEach((address, value) -> {
            out.putInt(padded(address) + 8);
            put(out, address);
            put(out, ",f");
            out.putFloat(value.floatValue());
        });
        return out.array();
    }

    private static int padded(String text) {
        return text.length() / 4 * 4 + 4;
    }

    private static void put(ByteBuffer out, String text) {
        out.put(text.getBytes(StandardCharsets.US_ASCII));
        out.position(out.position() + padded(text) - text.length());
    }
}
