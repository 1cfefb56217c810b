package graykite.media;

import graykite.base.BadInput;
import graykite.sound.Sound;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** Writes RIFF/WAVE, 16 bit PCM. */
public final class WavFiles {
    private static final int HEAD = 44;
    /** Sizes in the head are unsigned and have 32 bits. */
    private static final long LARGEST = 0xFFFF_FFFFL - HEAD;

    private static final int BLOCK = 1 << 14;

    private WavFiles() {}

    /** @throws BadInput when the sound is longer than a WAV file can be */
    public static void write(Sound sound, OutputStream out) throws IOException {
        int channels = sound.channelCount();
        out.write(head(sound.length(), channels, sound.rate()));
        ByteBuffer block = ByteBuffer.allocate(BLOCK * channels * 2).order(ByteOrder.LITTLE_ENDIAN);
        for (int from = 0; from < sound.length(); from += BLOCK) {
            block.clear();
            for (int i = from; i < Math.min(sound.length(), from + BLOCK); i++) {
                for (int c = 0; c < channels; c++) {
                    block.putShort((short) Math.clamp(Math.round(sound.channel(c)[i] * 32767f), -32768, 32767));
                }
            }
            out.write(block.array(), 0, block.position());
        }
    }

    /** The 44 bytes before the samples. @param length samples of each channel */
    static byte[] head(long length, int channels, int rate) {
        long bytes = length * channels * 2;
        if (bytes > LARGEST) {
            throw new BadInput(
                    "The sound lasts too long for a WAV file, which holds at most 4 GB. Cut it, or deliver it as MP4.");
        }
        ByteBuffer head = ByteBuffer.allocate(HEAD).order(ByteOrder.LITTLE_ENDIAN);
        head.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt((int) (HEAD - 8 + bytes));
        head.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII)).putInt(16);
        head.putShort((short) 1).putShort((short) channels).putInt(rate);
        head.putInt(rate * channels * 2).putShort((short) (channels * 2)).putShort((short) 16);
        head.put("data".getBytes(StandardCharsets.US_ASCII)).putInt((int) bytes);
        return head.array();
    }
}
