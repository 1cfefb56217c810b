package graykite.command;

import graykite.acting.Heard;
import graykite.acting.LayerPlan;
import graykite.acting.Score;
import graykite.base.Aside;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.delivery.Output;
import graykite.delivery.Span;
import graykite.delivery.Subject;
import graykite.format.ChartFiles;
import graykite.media.Deliverer;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.time.FrameRate;
import java.nio.file.Files;
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

    @Mixin
    private MouthOptions mouth;

    @Mixin
    private ActingOptions acting;

    @Mixin
    private PictureOptions pictures;

    @Mixin
    private SpanOptions span;

    @Option(names = "--overwrite", description = "Replace what is there already.")
    private boolean overwrite;

    @Option(
            names = {"-o", "--out"},
            required = true,
            paramLabel = "OUT",
            description =
                    "A file that ends in .glb .csv .json .mp4 .mov .webm .wav .srt or .vtt, or a folder for PNG pictures"
                            + " and a WAV.")
    private Path out;

    @Override
    public Integer call() {
        Kind kind = Kind.of(out);
        FrameRate rate = OptionValue.of(() -> FrameRate.parse(fps));
        MouthSettings settings = mouth.settings(rate);
        Optional<ChartFiles.Saved> chart = mouth.chart();
        Order order =
                Order.of(kind).withRate(Optional.of(rate)).withSpan(span.span()).withPictures(pictures.pictures());
        if (kind.isDrawn() && order.pictures().views().size() > 1) {
            throw new IllegalArgumentException("speak writes one file: give one --view, not "
                    + order.pictures().views().size() + ".");
        }
        if (Files.exists(out) && !overwrite) {
            throw BadInput.inFile(out, "is there already. Choose another name, or add --overwrite.");
        }
        List<LayerPlan> layers = acting.layers();
        CompletableFuture<Character> figure =
                Aside.ask(() -> CastCommand.opened(character, Optional.empty()).character());
        Sound sound = line.sound();
        Loudness loudness = Loudness.of(sound);
        CompletableFuture<Heard> heard = Aside.ask(() -> acting.heard(sound, loudness));
        Timing timing = line.timing(sound);
        Character opened = Aside.outcome(figure);
        Character speaker = chart.map(c -> c.posesOn(opened)).orElse(opened);
        FittedChart fitted =
                FittedChart.of(speaker, chart.map(ChartFiles.Saved::chart).orElseGet(MouthChart::standard));
        report(speaker, fitted);
        Score score = new Score(timing, loudness, MouthWork.of(settings), rate, layers).hearing(Aside.outcome(heard));
        Performance performance = Performance.of(speaker, fitted, score);
        String title = line.audio.getFileName().toString().replaceFirst("\\.[^.]*$", "");
        Subject subject = Subject.alone(title, Scene.solo(performance), sound, rate, 0);
        Span.Frames frames = order.span().frames(performance.duration(), rate, 0);
        Deliverer.write(subject, order, Output.single(kind, order, title, "", out), Progress.none());
        System.out.println(frames.count() + " frames at " + rate + " a second in " + out.getFileName());
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
}
