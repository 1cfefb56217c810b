package graykite.format;

import graykite.base.BadInput;
import graykite.text.TimeLine;
import graykite.time.TimeRange;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** Scripts from text files and subtitles. */
public final class ScriptFiles {
    private static final int LARGEST = 4 << 20;

    private ScriptFiles() {}

    /**
     * Reads TXT as it is, and of SRT and WebVTT the spoken text under the times of its cues, as a script has them ({@link TimeLine}). UTF-8, UTF-16 with a mark and Latin-1 are understood.
     *
     * @throws BadInput when the file is missing, over 4 MB or not text, and when subtitles hold none
     */
    public static String read(Path file) {
        byte[] bytes;
        try (InputStream in = Files.newInputStream(file)) {
            bytes = in.readNBytes(LARGEST + 1);
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
        if (bytes.length > LARGEST) {
            throw BadInput.inFile(file, "is larger than 4 MB, so it is hardly a script. Choose a text file.");
        }
        String text = decode(bytes);
        if (text.indexOf('\0') >= 0) {
            throw BadInput.inFile(file, "is not text. Choose a .txt, .srt or .vtt file.");
        }
        String name = file.toString().toLowerCase(Locale.ROOT);
        return (name.endsWith(".srt") || name.endsWith(".vtt") || text.startsWith("WEBVTT"))
                ? spoken(text, file)
                : text.strip();
    }

    /** The script beside a recording: same name, another extension. */
    public static Optional<Path> beside(Path sound) {
        String name = sound.getFileName().toString();
        int dot = name.lastIndexOf('.');
        String stem = dot > 0 ? name.substring(0, dot) : name;
        for (String extension : new String[] {".txt", ".TXT", ".srt", ".vtt"}) {
            Path candidate = sound.resolveSibling(stem + extension);
            if (Files.isRegularFile(candidate)) {
                return Optional.of(candidate);
            }
        }
        return Optional.empty();
    }

    /** Text in UTF-8, UTF-16 with a mark, or Latin-1. */
    public static String decode(byte[] bytes) {
        if (bytes.length >= 2 && (bytes[0] & 0xff) == 0xff && (bytes[1] & 0xff) == 0xfe) {
            return strict(bytes, 2, StandardCharsets.UTF_16LE);
        }
        if (bytes.length >= 2 && (bytes[0] & 0xff) == 0xfe && (bytes[1] & 0xff) == 0xff) {
            return strict(bytes, 2, StandardCharsets.UTF_16BE);
        }
        boolean mark = bytes.length >= 3
                && (bytes[0] & 0xff) == 0xef
                && (bytes[1] & 0xff) == 0xbb
                && (bytes[2] & 0xff) == 0xbf;
        return strict(bytes, mark ? 3 : 0, StandardCharsets.UTF_8);
    }

    /** In the given encoding where the bytes fit it, else in Latin-1, which fits any bytes. */
    private static String strict(byte[] bytes, int from, Charset charset) {
        try {
            return charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes, from, bytes.length - from))
                    .toString();
        } catch (CharacterCodingException other) {
            return new String(bytes, StandardCharsets.ISO_8859_1);
        }
    }

    /** What the cues say, each below its time. */
    private static String spoken(String subtitles, Path file) {
        String said = TimingReaders.readCues(subtitles).stream()
                .filter(c -> !c.text().isBlank())
                .map(c -> TimeLine.written(new TimeRange(c.start(), c.end())) + "\n" + c.text())
                .collect(Collectors.joining("\n"));
        if (said.isEmpty()) {
            throw BadInput.inFile(
                    file, "holds no subtitles: a time, \"-->\" and another time, and words below. Is it a .txt file?");
        }
        return said;
    }
}
