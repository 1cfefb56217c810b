package graykite.command;

import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.batch.Recordings;
import graykite.format.ScriptFiles;
import graykite.format.TimingFiles;
import graykite.media.SoundReader;
import graykite.reading.Doubt;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Script;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Reads every recording of a folder that has a script beside it, on all cores. */
@Command(
        name = "read",
        description = "Reads all recordings of a folder with the scripts that lie beside them.",
        mixinStandardHelpOptions = true)
final class ReadCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "FOLDER", description = "Recordings and, of the same names, their scripts.")
    private Path folder;

    @Option(names = "--format", description = "ctm, csv, json, vtt or srt (default: ctm)", defaultValue = "ctm")
    private String format;

    @Option(names = "--level", description = "words or phones (default: words)", defaultValue = "words")
    private String level;

    @Mixin
    private HowToRead how;

    @Option(
            names = {"-o", "--out"},
            required = true,
            paramLabel = "FOLDER",
            description = "Where the readings go; made when it does not exist.")
    private Path out;

    @Option(names = "--overwrite", description = "Replace readings that are there already.")
    private boolean overwrite;

    private record Outcome(String name, int words, int doubts, boolean read) {}

    @Override
    public Integer call() throws IOException {
        TimingFiles.Kind kind = OptionValue.of(() -> TimingFiles.Kind.ofName("." + format.toLowerCase(Locale.ROOT)));
        TimingFiles.Level rows = TimeCommand.level(level);
        List<Path> sounds = Recordings.of(folder);
        Files.createDirectories(out);
        Map<Path, Path> results = results(sounds, kind);
        HowToRead.Readings readings = how.readings();
        AtomicInteger done = new AtomicInteger();
        List<Outcome> outcomes = sounds.parallelStream()
                .map(sound -> {
                    Outcome outcome = read(sound, results.get(sound), readings, kind, rows);
                    System.err.println(
                            "kite: " + done.incrementAndGet() + " of " + sounds.size() + ": " + outcome.name());
                    return outcome;
                })
                .toList();
        long failed = outcomes.stream().filter(o -> !o.read()).count();
        int words = outcomes.stream().mapToInt(Outcome::words).sum();
        int doubts = outcomes.stream().mapToInt(Outcome::doubts).sum();
        System.out.println((outcomes.size() - failed) + " recordings read, " + words + " words, " + doubts
                + " to look at" + (failed > 0 ? ", " + failed + " not read" : "") + "; readings in " + out);
        return failed == 0 ? 0 : 1;
    }

    /**
     * Where each reading goes: a file named after its recording, ending included where two share the rest.
     *
     * @throws BadInput before anything is read, when something is there already
     */
    private Map<Path, Path> results(List<Path> sounds, TimingFiles.Kind kind) {
        String ending = "." + kind.name().toLowerCase(Locale.ROOT);
        Map<String, Long> stems =
                sounds.stream().collect(Collectors.groupingBy(ReadCommand::stem, Collectors.counting()));
        Map<Path, Path> results = new HashMap<>();
        for (Path sound : sounds) {
            String name = stems.get(stem(sound)) > 1 ? sound.getFileName().toString() : stem(sound);
            Path result = out.resolve(name + ending);
            if (Files.exists(result) && !overwrite) {
                throw BadInput.inFile(
                        result, "is there already in " + out + ". Choose another folder, or add --overwrite.");
            }
            results.put(sound, result);
        }
        return results;
    }

    private static String stem(Path sound) {
        return sound.getFileName().toString().replaceFirst("\\.[^.]*$", "");
    }

    private Outcome read(
            Path file, Path result, HowToRead.Readings readings, TimingFiles.Kind kind, TimingFiles.Level rows) {
        String name = file.getFileName().toString();
        String stem = stem(file);
        try {
            Timing timing = timing(file, readings);
            LineInput.report(timing, name);
            AtomicFiles.write(result, stream -> TimingFiles.write(timing, kind, rows, stem, stream));
            return new Outcome(name, timing.words().size(), Doubt.of(timing).size(), true);
        } catch (BadInput bad) {
            System.err.println("kite: " + bad.getMessage());
            return new Outcome(name, 0, 0, false);
        }
    }

    private Timing timing(Path file, HowToRead.Readings readings) {
        Sound sound = SoundReader.read(file, Progress.none());
        Optional<Script> script =
                ScriptFiles.beside(file).map(ScriptFiles::read).map(Script::of);
        if (script.isEmpty() && how.bySound) {
            return readings.bySound(sound);
        }
        return readings.read(
                sound,
                script.orElseThrow(() -> BadInput.inFile(
                        file, "no script lies beside it. Add one of the same name, or use --by-sound.")),
                file.getFileName().toString());
    }
}
