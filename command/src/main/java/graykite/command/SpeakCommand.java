package graykite.command;

import graykite.base.Progress;
import graykite.media.Delivery;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthSettings;
import graykite.mouth.Viseme;
import graykite.performance.Line;
import graykite.performance.Performance;
import graykite.picture.Camera;
import graykite.rig.Character;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.speech.Reader;
import graykite.speech.Script;
import graykite.speech.Timing;
import graykite.time.FrameRate;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
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

    @Option(names = "--strength", description = "Share of the full shapes, 0 to 1.5 (default: 0.8)")
    private Double strength;

    @Option(names = "--lead", description = "Frames that a shape comes before its sound (default: 50 ms)")
    private Double lead;

    @Option(names = "--seed", description = "Variation of blinks, eyes and head (default: 1)", defaultValue = "1")
    private long seed;

    @Option(names = "--size", description = "Pixels a side of movies and pictures (default: 720)", defaultValue = "720")
    private int size;

    @Option(
            names = "--view",
            description = "front, three-quarter, profile or mouth (default: front)",
            defaultValue = "front")
    private String view;

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
        MouthSettings settings = MouthSettings.STANDARD;
        if (strength != null) {
            settings = settings.withStrength(strength);
        }
        if (lead != null) {
            settings = settings.withLead(lead * rate.frameLength());
        }
        Delivery.View how = new Delivery.View(camera(), checkedSize());
        Script script = line.words();
        Sound sound = line.sound();
        CompletableFuture<Character> figure = CompletableFuture.supplyAsync(
                () -> CastCommand.opened(character, Optional.empty()).character());
        Timing timing = Reader.shipped().read(sound, script, Progress.none());
        Character speaker = join(figure);
        List<Viseme> missing = MouthChart.missing(speaker);
        if (!missing.isEmpty()) {
            System.err.println("kite: " + speaker.name() + " has no shape for "
                    + missing.stream().map(Viseme::title).collect(Collectors.joining(", "))
                    + "; the nearest ones stand in. Assign them on the Cast desk, or rename the shapes.");
        }
        Performance performance = Performance.of(
                speaker, MouthChart.nearest(speaker), new Line(timing, Loudness.of(sound), settings, rate, seed));
        Delivery.deliver(performance, sound, rate, how, out, Progress.none());
        System.out.println(rate.framesToCover(performance.duration()) + " frames at " + rate + " a second in "
                + out.getFileName());
        return 0;
    }

    private static Character join(CompletableFuture<Character> figure) {
        try {
            return figure.join();
        } catch (java.util.concurrent.CompletionException failure) {
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
}
