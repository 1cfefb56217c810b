package graykite.command;

import graykite.acting.LayerPlan;
import graykite.acting.Score;
import graykite.base.Progress;
import graykite.format.ChartFiles;
import graykite.media.Delivery;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.picture.Camera;
import graykite.project.Voice;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.time.FrameRate;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The main job without a window: a recording, its words and a character in, animation out. */
@Command(name = "speak", description = "Animates a character to a recorded line.", mixinStandardHelpOptions = true)
final class SpeakCommand implements Callable<Integer> {
    @Mixin
    private LineInput line;

    @Option(
            names = "--character",
            paramLabel = "NAME|FILE",
            description = "Who speaks: odile, pim, brine, or whatever the command cast opens (default: odile).",
            defaultValue = "odile")
    private String character;

    @Option(
            names = "--fps",
            description = "Frames a second: 24, 29.97, 30000/1001 … (default: 30)",
            defaultValue = "30")
    private String fps;

    @Mixin
    private MouthOptions mouth;

    @Mixin
    private ActingOptions acting;

    @Option(names = "--size", description = "Pixels a side of movies and pictures (default: 720)", defaultValue = "720")
    private int size;

    @Option(
            names = "--view",
            description = "front, three-quarter, profile or mouth (default: front)",
            defaultValue = "front")
    private String view;

    @Option(
            names = "--start-frame",
            paramLabel = "N",
            description = "Number of the first frame in tables and pictures (default: 0).",
            defaultValue = "0")
    private long startFrame;

    @Option(
            names = {"-o", "--out"},
            required = true,
            paramLabel = "OUT",
            description = "A file that ends in .glb .csv .json or .mp4, or a folder for PNG pictures and a WAV.")
    private Path out;

    @Override
    public Integer call() {
        Delivery.Format.of(out);
        FrameRate rate = FrameRate.parse(fps);
        MouthSettings settings = mouth.settings(rate);
        Optional<ChartFiles.Saved> chart = mouth.chart();
        Delivery.View how = new Delivery.View(camera(), checkedSize(), checkedStart());
        List<LayerPlan> layers = acting.layers();
        Sound sound = line.sound();
        CompletableFuture<Character> figure = CompletableFuture.supplyAsync(
                () -> CastCommand.opened(character, Optional.empty()).character());
        Timing timing = line.timing(sound);
        Character speaker = chart.map(c -> c.posesOn(join(figure))).orElseGet(() -> join(figure));
        FittedChart fitted =
                FittedChart.of(speaker, chart.map(ChartFiles.Saved::chart).orElseGet(MouthChart::standard));
        report(speaker, fitted);
        Loudness loudness = Loudness.of(sound);
        Score score = new Score(timing, loudness, MouthWork.of(settings), rate, layers)
                .hearing(acting.heard(sound, loudness));
        Performance performance = Performance.of(speaker, fitted, score);
        Delivery.deliver(Scene.solo(performance), sound, rate, how, out, Progress.none());
        System.out.println(rate.framesToCover(performance.duration()) + " frames at " + rate + " a second in "
                + out.getFileName());
        return 0;
    }

    /** Says plainly what the character or the chart lacks; the line is made all the same. */
    private static void report(Character speaker, FittedChart fitted) {
        if (!fitted.isWhole()) {
            System.err.println("kite: " + speaker.name() + " has no shape for " + String.join(", ", fitted.borrowed())
                    + "; the nearest ones stand in. Assign them on the Cast desk, or rename the shapes.");
        }
        List<Phone> unmapped = fitted.chart().unmapped();
        if (!unmapped.isEmpty()) {
            System.err.println("kite: the chart has no shape for the sounds "
                    + unmapped.stream().map(Phone::name).collect(Collectors.joining(", "))
                    + "; the mouth passes them over. Add them to the chart.");
        }
    }

    private static Character join(CompletableFuture<Character> figure) {
        try {
            return figure.join();
        } catch (CompletionException failure) {
            throw failure.getCause() instanceof RuntimeException own ? own : failure;
        }
    }

    private int checkedSize() {
        if (size < 64 || size > 4096 || size % 2 != 0) {
            throw new IllegalArgumentException("--size is an even number from 64 to 4096, not " + size + ".");
        }
        return size;
    }

    private Camera camera() {
        return switch (view) {
            case "front" -> Camera.FRONT;
            case "three-quarter" -> Camera.THREE_QUARTER;
            case "profile" -> Camera.PROFILE;
            case "mouth" -> Camera.MOUTH;
            default ->
                throw new IllegalArgumentException(
                        "--view is front, three-quarter, profile or mouth, not \"" + view + "\".");
        };
    }

    private long checkedStart() {
        if (startFrame < 0 || startFrame > Voice.LATEST_START) {
            throw new IllegalArgumentException("--start-frame is 0 or more, not " + startFrame + ".");
        }
        return startFrame;
    }
}
