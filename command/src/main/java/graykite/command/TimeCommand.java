package graykite.command;

import graykite.base.AtomicFiles;
import graykite.format.TimingFiles;
import graykite.reading.Timing;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Reading alone: which word or phone is spoken when. */
@Command(name = "time", description = "Finds which word and sound is spoken when.", mixinStandardHelpOptions = true)
final class TimeCommand implements Callable<Integer> {
    @Mixin
    private LineInput line;

    @Option(names = "--level", description = "words or phones (default: words)", defaultValue = "words")
    private String level;

    @Option(
            names = {"-o", "--out"},
            required = true,
            paramLabel = "OUT",
            description = "A file that ends in .ctm .csv .json .vtt or .srt.")
    private Path out;

    @Override
    public Integer call() {
        TimingFiles.Kind kind = TimingFiles.Kind.ofName(out.getFileName().toString());
        TimingFiles.Level rows = level(level);
        Timing timing = line.timing(line.sound());
        String name = line.audio.getFileName().toString().replaceFirst("\\.[^.]*$", "");
        AtomicFiles.write(out, stream -> TimingFiles.write(timing, kind, rows, name, stream));
        System.out.println(timing.words().size() + " words read in " + out.getFileName());
        return 0;
    }

    /** words or phones. */
    static TimingFiles.Level level(String name) {
        return switch (name) {
            case "words" -> TimingFiles.Level.WORDS;
            case "phones" -> TimingFiles.Level.PHONES;
            default -> throw new IllegalArgumentException("--level is words or phones, not \"" + name + "\".");
        };
    }
}
