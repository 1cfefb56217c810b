package graykite.media;

import java.nio.charset.StandardCharsets;
import java.util.Optional;

/**
 * What a recording is by its first bytes, whatever its name says. FFmpeg finds a little music in nearly any file; only what really
 * begins like a recording is given to it, and only to the reader of that kind.
 */
enum SoundKind {
    /** RIFF/WAVE, and its larger form RF64. */
    WAV("wav"),
    AIFF("aiff"),
    FLAC("flac"),
    OGG("ogg"),
    /** MPEG audio, with or without an ID3 tag. */
    MP3("mp3"),
    /** MPEG-4 and QuickTime. */
    MP4("mov,mp4,m4a,3gp,3g2,mj2"),
    /** AAC in ADTS frames. */
    AAC("aac"),
    /** Apple's Core Audio format. */
    CAF("caf"),
    /** Sun's audio format. */
    AU("au"),
    MATROSKA("matroska,webm");

    /** Bytes that tell. */
    static final int HEAD = 4096;

    private final String formats;

    SoundKind(String formats) {
        this.formats = formats;
    }

    /** Names of FFmpeg's readers. */
    String formats() {
        return this == MP3 ? "mp3,aac,flac" : formats;
    }

    /** Nothing for what is no recording. @param head the first bytes of a file, up to {@link #HEAD} */
    static Optional<SoundKind> of(byte[] head) {
        return Optional.ofNullable(
                switch (word(head, 0)) {
                    case "RIFF", "RF64", "RIFX" -> word(head, 8).equals("WAVE") ? WAV : null;
                    case "FORM" -> word(head, 8).startsWith("AIF") ? AIFF : null;
                    case "fLaC" -> FLAC;
                    case "OggS" -> OGG;
                    case "caff" -> CAF;
                    case ".snd" -> AU;
                    case "\u001AE\u00DF\u00A3" -> MATROSKA;
                    default -> other(head);
                });
    }

    private static SoundKind other(byte[] head) {
        if (word(head, 4).equals("ftyp")
                || word(head, 4).equals("moov")
                || word(head, 4).equals("wide")) {
            return MP4;
        }
        if (word(head, 0).startsWith("ID3")) {
            return MP3;
        }
        return frames(head);
    }

    /** MPEG frames and those of ADTS begin with eleven or twelve ones; a second one must follow where the first one ends. */
    private static SoundKind frames(byte[] head) {
        int adts = adtsLength(head, 0);
        if (adts > 0 && adtsLength(head, adts) > 0) {
            return AAC;
        }
        int mpeg = mpegLength(head, 0);
        return mpeg > 0 && mpegLength(head, mpeg) > 0 ? MP3 : null;
    }

    private static int adtsLength(byte[] head, int at) {
        if (at + 6 > head.length || (head[at] & 255) != 0xFF || (head[at + 1] & 0xF6) != 0xF0) {
            return 0;
        }
        int length = (head[at + 3] & 3) << 11 | (head[at + 4] & 255) << 3 | (head[at + 5] & 255) >> 5;
        return length > 7 ? length : 0;
    }

    /** Bytes of an MPEG audio frame (ISO/IEC 11172-3 and 13818-3), layer III; 0 where none is. */
    private static int mpegLength(byte[] head, int at) {
        if (at + 4 > head.length || (head[at] & 255) != 0xFF || (head[at + 1] & 0xE6) != 0xE2) {
            return 0;
        }
        int version = head[at + 1] >> 3 & 3;
        int bits = head[at + 2] >> 4 & 15;
        int rate = head[at + 2] >> 2 & 3;
        if (version == 1 || bits == 0 || bits == 15 || rate == 3) {
            return 0;
        }
        int[] first = {0, 32, 40, 48, 56, 64, 80, 96, 112, 128, 160, 192, 224, 256, 320};
        int[] second = {0, 8, 16, 24, 32, 40, 48, 56, 64, 80, 96, 112, 128, 144, 160};
        int[] rates = {44_100, 48_000, 32_000};
        int hertz = rates[rate] >> (version == 3 ? 0 : version == 2 ? 1 : 2);
        int kilobits = version == 3 ? first[bits] : second[bits];
        return (version == 3 ? 144_000 : 72_000) * kilobits / hertz + (head[at + 2] >> 1 & 1);
    }

    private static String word(byte[] head, int at) {
        return at + 4 <= head.length ? new String(head, at, 4, StandardCharsets.ISO_8859_1) : "";
    }
}
