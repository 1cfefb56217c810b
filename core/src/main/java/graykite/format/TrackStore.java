package graykite.format;

import graykite.base.BadInput;
import graykite.motion.Motion;
import graykite.motion.Track;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;

/**
 * Dense tracks as bytes, and back: "KTRK", the version 1 as an int, the rate as a double, how many controls and samples as
 * ints, the names (modified UTF-8), then sample after sample as 32-bit floats; big-endian. Stored once under their hash.
 */
public final class TrackStore {
    /** Ends the names of entries that hold a track. */
    public static final String EXTENSION = ".kite-track";

    private static final int MAGIC = 0x4B54524B;
    private static final int VERSION = 1;

    private TrackStore() {}

    /** The same track always gives the same bytes. */
    public static byte[] bytes(Track track) {
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        int count = track.samples() * track.controls().size();
        try {
            DataOutputStream out = new DataOutputStream(head);
            out.writeInt(MAGIC);
            out.writeInt(VERSION);
            out.writeDouble(track.rate());
            out.writeInt(track.controls().size());
            out.writeInt(track.samples());
            for (String name : track.controls()) {
                out.writeUTF(name);
            }
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        ByteBuffer all = ByteBuffer.allocate(Math.addExact(head.size(), Math.multiplyExact(4, count)));
        all.put(head.toByteArray());
        for (int s = 0; s < track.samples(); s++) {
            for (int c = 0; c < track.controls().size(); c++) {
                all.putFloat(track.value(s, c));
            }
        }
        return all.array();
    }

    /** SHA-256 of the bytes, in hexadecimal. */
    public static String hash(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /**
     * Reads what {@link #bytes} wrote.
     *
     * @param name for messages
     * @throws BadInput when it is damaged or no track
     */
    public static Track read(byte[] bytes, String name) {
        try (DataInputStream in = new DataInputStream(new ByteArrayInputStream(bytes))) {
            if (in.readInt() != MAGIC || in.readInt() != VERSION) {
                throw new BadInput(name + ": is no track of this version of Gray Kite.");
            }
            double rate = in.readDouble();
            int controls = in.readInt();
            int samples = in.readInt();
            if (controls < 1 || controls > Motion.MOST_CONTROLS || samples < 2 || samples > bytes.length / 4) {
                throw new BadInput(name + ": is a damaged track (" + controls + " controls, " + samples + " samples).");
            }
            List<String> names = new ArrayList<>();
            for (int c = 0; c < controls; c++) {
                names.add(in.readUTF());
            }
            long count = (long) controls * samples;
            if (count * 4 != in.available()) {
                throw new BadInput(
                        name + ": is a damaged track: it holds " + in.available() / 4 + " figures, not " + count + ".");
            }
            float[] values = new float[(int) count];
            ByteBuffer.wrap(bytes, bytes.length - in.available(), in.available())
                    .asFloatBuffer()
                    .get(values);
            return new Track(rate, names, values);
        } catch (IOException shortened) {
            throw new BadInput(name + ": is a damaged track: it ends too early.", shortened);
        } catch (IllegalArgumentException broken) {
            throw new BadInput(name + ": is a damaged track: " + broken.getMessage(), broken);
        }
    }
}
