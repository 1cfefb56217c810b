package graykite.bench;

import graykite.base.Progress;
import graykite.media.SoundReader;
import graykite.sound.Sound;
import graykite.speech.Phone;
import graykite.speech.Reader;
import graykite.speech.ReadingError;
import graykite.speech.Script;
import graykite.speech.SimulatedVoice;
import graykite.speech.Timing;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Phone-boundary error on voices that print their own phone times: the folder that bench/make-voices.sh fills with flite,
 * and kevin16 of FreeTTS, spoken here.
 */
final class Accuracy {
    private Accuracy() {}

    static void print(Path folder) throws IOException {
        long start = System.nanoTime();
        Reader reader = Reader.shipped();
        System.out.printf("Loading: %.2f s%n", (System.nanoTime() - start) / 1e9);
        Map<String, ReadingError> byVoice = new TreeMap<>();
        double seconds = 0;
        long reading = 0;
        List<Path> scripts;
        try (var files = Files.list(folder)) {
            scripts =
                    files.filter(f -> f.toString().endsWith(".psdur")).sorted().toList();
        }
        for (Path durations : scripts) {
            String stem = durations.getFileName().toString().replace(".psdur", "");
            Script script = Script.of(Files.readString(folder.resolve(stem + ".txt")));
            Sound sound = SoundReader.read(folder.resolve(stem + ".wav"), Progress.none());
            long before = System.nanoTime();
            Timing timing = reader.read(sound, script, Progress.none());
            reading += System.nanoTime() - before;
            seconds += sound.duration();
            check(script, timing, stem);
            add(byVoice, stem.split("-")[0], ReadingError.between(timing, printed(durations)));
            if (stem.startsWith("slt-")) {
                SimulatedVoice.Speech speech = SimulatedVoice.speak(script.spokenText());
                Timing kevin = reader.read(speech.sound(), script, Progress.none());
                check(script, kevin, "kevin16 " + stem);
                add(byVoice, "kevin16", ReadingError.between(kevin, speech.phones()));
            }
        }
        byVoice.forEach((voice, error) -> System.out.printf("%-8s %s%n", voice, error));
        ReadingError all = byVoice.values().stream().reduce(ReadingError::and).orElseThrow();
        System.out.printf("%-8s %s%n", "all", all);
        System.out.printf("Speed: %.0f times real time over %.0f s of speech%n", seconds / (reading / 1e9), seconds);
    }

    private static void add(Map<String, ReadingError> byVoice, String voice, ReadingError error) {
        byVoice.merge(voice, error, ReadingError::and);
    }

    private static void check(Script script, Timing timing, String name) {
        if (script.words().size() != timing.words().size()) {
            throw new IllegalStateException(name + " lost a word.");
        }
    }

    private static List<SimulatedVoice.Said> printed(Path durations) throws IOException {
        List<SimulatedVoice.Said> said = new ArrayList<>();
        double start = 0;
        for (String part : Files.readString(durations).strip().split("\\s+")) {
            String[] pair = part.split(":");
            double end = Double.parseDouble(pair[1]);
            said.add(new SimulatedVoice.Said(Phone.parse(pair[0]).orElse(Phone.SIL), start, end));
            start = end;
        }
        return said;
    }
}
