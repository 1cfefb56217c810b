package graykite.command;

import graykite.acting.Layers;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.format.DictionaryFiles;
import graykite.format.ProjectFiles;
import graykite.hearing.Reader;
import graykite.media.SoundReader;
import graykite.mouth.MouthWork;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.Review;
import graykite.project.SceneWork;
import graykite.project.SoundFile;
import graykite.project.Voice;
import graykite.reading.Timing;
import graykite.text.Pronunciation;
import graykite.text.Script;
import graykite.time.FrameRate;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** For developers: reads a folder of recordings with scripts into a project; the demo project is made with it. */
@Command(
        name = "demo-project",
        hidden = true,
        description = "Reads a folder of recordings (name-speaker.flac with name-speaker.txt) into a project.",
        mixinStandardHelpOptions = true)
final class DemoProjectCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "FOLDER")
    private Path folder;

    @Option(
            names = {"-o", "--out"},
            required = true)
    private Path out;

    @Override
    public Integer call() throws IOException {
        Reader reader = Reader.shipped();
        Map<String, Pronunciation> words = DictionaryFiles.open(folder.resolveSibling("words.txt"));
        List<Path> sounds;
        try (var files = Files.list(folder)) {
            sounds = files.filter(f -> f.toString().endsWith(".flac")).sorted().toList();
        }
        List<Line> lines = new ArrayList<>();
        for (Path sound : sounds) {
            String stem = sound.getFileName().toString().replace(".flac", "");
            String speaker = stem.substring(stem.lastIndexOf('-') + 1);
            Path text = sound.resolveSibling(stem + ".txt");
            if (!Files.exists(text)) {
                throw BadInput.inFile(sound, "has no script beside it.");
            }
            String script = Files.readString(text).strip();
            Timing timing =
                    reader.read(SoundReader.read(sound, Progress.none()), Script.of(script), words, Progress.none());
            int number = lines.size() + 1;
            lines.add(new Line(
                    "line-" + number,
                    number + "  "
                            + script.replaceAll("^(\\S+(?:\\s+\\S+){0,2}).*", "$1")
                                    .replaceAll("[,.!?]+$", ""),
                    speaker,
                    Optional.of(new SoundFile(sound.getFileName().toString(), Files.readAllBytes(sound))),
                    Voice.PLAIN,
                    script,
                    false,
                    Optional.of(timing),
                    MouthWork.STANDARD,
                    Layers.usual().withSeed(number),
                    Optional.empty(),
                    Review.NOTHING));
        }
        ProjectFiles.save(
                new Project("The night ferry", Project.OUR_CAST, FrameRate.THIRTY, lines, List.of(night(lines)), words),
                out);
        System.out.println(lines.size() + " lines in " + out);
        return 0;
    }

    /** All lines one after another, with everybody on stage. */
    private static SceneWork night(List<Line> lines) {
        List<SceneWork.Block> blocks = new ArrayList<>();
        double time = 0;
        for (Line line : lines) {
            blocks.add(new SceneWork.Block(line.id(), time));
            time += line.timing().orElseThrow().duration() + SceneWork.USUAL_GAP;
        }
        return new SceneWork(
                "night",
                "A night on the ferry",
                Project.OUR_CAST.stream()
                        .map(m -> new SceneWork.Standing(m.id(), Optional.empty()))
                        .toList(),
                blocks);
    }
}
