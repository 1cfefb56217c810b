package graykite.bench;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Sound;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * What people recorded, a phrase a file, in a folder for each language: where the first word is said to begin and the last
 * one to end, against the {@link AudibleStretch} of the recording. No limit of an edge is tuned on the languages other than English.
 */
final class PeopleEdges {
    private PeopleEdges() {}

    /** @param most recordings of each language that are read, evenly picked */
    static void print(Path folder, int most) throws IOException {
        try (Stream<Path> languages = Files.list(folder)) {
            for (Path language : languages.sorted().toList()) {
                List<Recorded> all = Recorded.in(language);
                Every every = new Every(Math.max(1, all.size() / most), 0);
                print(language.getFileName().toString(), Recorded.reader(language), every.of(all));
            }
        }
    }

    private static void print(String language, Reader reader, List<Recorded> recordings) {
        EdgeErrors starts = new EdgeErrors();
        EdgeErrors ends = new EdgeErrors();
        TreeMap<String, EdgeErrors> byLast = new TreeMap<>();
        int incomplete = 0;
        for (Recorded recording : recordings) {
            Sound sound = recording.sound();
            AudibleStretch heard = AudibleStretch.of(sound);
            try {
                Timing timing = reader.read(sound, recording.script(), Progress.none());
                List<TimedWord> words = timing.scripted();
                if (!timing.missing().isEmpty() || words.isEmpty()) {
                    incomplete++;
                    continue;
                }
                starts.add(words.getFirst().start(), heard.from());
                ends.add(words.getLast().end(), heard.to());
                String last = words.getLast().phones().getLast().phone().kind().name();
                byLast.computeIfAbsent(last, k -> new EdgeErrors())
                        .add(words.getLast().end(), heard.to());
            } catch (BadInput unreadable) {
                incomplete++;
            }
        }
        System.out.printf(
                Locale.ROOT, "%s: %d recordings, %d with a word amiss%n", language, recordings.size(), incomplete);
        System.out.println("  starts: " + starts.figures());
        System.out.println("  ends:   " + ends.figures());
        byLast.forEach((kind, errors) -> System.out.println("    " + kind + ": " + errors.figures()));
    }
}
