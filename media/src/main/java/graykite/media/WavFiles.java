package graykite.media;

import graykite.sound.Sound;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** Writes RIFF/WAVE, 16 bit PCM. */
public final class WavFiles {
    private WavFiles() {}

    public static void write(Sound sound, OutputStream out) throws IOException {
        int channels = sound.channelCount();
        int bytes = sound.length() * channels * 2;
        ByteBuffer buffer = ByteBuffer.allocate(44 + bytes).order(ByteOrder.LITTLE_ENDIAN);
        buffer.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(36 + bytes);
        buffer.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII)).putInt(16);
        buffer.putShort((short) 1).putShort((short) channels).putInt(sound.rate());
        buffer.putInt(sound.rate() * channels * 2)
                .putShort((short) (channels * 2))
                .putShort((short) 16);
        buffer.put("data".getBytes(StandardCharsets.US_ASCII)).putInt(bytes);
        for (int i = 0; i < sound.length(); i++) {
            for (int c = 0; c < channels; c++) {
                buffer.putShort((short) Math.clamp(Math.round(sound.channel(c)[i] * 32767f), -32768, 32767));
            }
        }
        out.write(buffer.array());
    }
}
