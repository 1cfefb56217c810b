package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.SimulatedVoice.Said;
import graykite.media.SoundReader;
import graykite.sound.Sound;
import graykite.text.Phone;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * A sentence spoken by a synthetic voice that printed when each phone ends: VOICE-NUMBER.wav or .mp3, .txt and .psdur in a folder
 * that bench/make-voices.sh fills.
 */
record SpokenSentence(String voice, String name, String text, Path file, List<Said> phones) {
    /** All sentences of a folder by name. */
    static List<SpokenSentence> in(Path folder) throws IOException {
        try (var files = Files.list(folder)) {
            return files.filter(f -> f.toString().endsWith(".psdur"))
                    .sorted()
                    .map(SpokenSentence::read)
                    .toList();
        }
    }

    private static SpokenSentence read(Path durations) {
        try {
            String name = durations.getFileName().toString().replace(".psdur", "");
            String text = Files.readString(durations.resolveSibling(name + ".txt"));
            Path wave = durations.resolveSibling(name + ".wav");
            Path sound = Files.exists(wave) ? wave : durations.resolveSibling(name + ".mp3");
            return new SpokenSentence(name.split("-")[0], name, text.strip(), sound, printed(durations));
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static List<Said> printed(Path durations) throws IOException {
        List<Said> said = new ArrayList<>();
        double start = 0;
        for (String part : Files.readString(durations).strip().split("\\s+")) {
            String[] pair = part.split(":");
            double end = Double.parseDouble(pair[1]);
            said.add(new Said(Phone.parse(pair[0]).orElse(Phone.SIL), start, end));
            start = end;
        }
        return said;
    }

    Sound sound() {
        return SoundReader.read(file, Progress.none());
    }
}
