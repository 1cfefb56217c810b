package graykite.command;

import graykite.acting.Heard;
import graykite.acting.InstinctsPlan;
import graykite.acting.LayerPlan;
import graykite.acting.Layers;
import graykite.format.ActingFiles;
import graykite.sound.Loudness;
import graykite.sound.Pitch;
import graykite.sound.Sound;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** What lies over speech: instincts, the mood of the voice, looks and cues. */
final class ActingOptions {
    /** Longer than this the pitch takes too long to find. */
    private static final double LONG = 600;

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    @Option(names = "--seed", description = "Variation of blinks, eyes and head (default: 1)", defaultValue = "1")
    private long seed;

    @Option(
            names = "--mood",
            paramLabel = "off|auto",
            description = "Whether the mood heard in the voice moves the instincts (default: auto).",
            defaultValue = "auto")
    private String mood;

    @Option(
            names = "--instincts",
            paramLabel = "FILE",
            description = "Amounts, variations and marks of blinks, eyes, brows, head and breath (acting.schema.json).")
    private Optional<Path> instincts = Optional.empty();

    @Option(
            names = "--look",
            paramLabel = "FILE",
            description = "Where whoever speaks looks, and when (acting.schema.json).")
    private Optional<Path> look = Optional.empty();

    @Option(
            names = "--cues",
            paramLabel = "FILE",
            description = "Expressions that come at marks, stresses, pauses and tags (acting.schema.json).")
    private Optional<Path> cues = Optional.empty();

    /** The layers of the line, the lowest first; files are read before anything else is done. */
    List<LayerPlan> layers() {
        if (!mood.equals("off") && !mood.equals("auto")) {
            throw new ParameterException(spec.commandLine(), "--mood is off or auto, not \"" + mood + "\".");
        }
        Layers usual = Layers.usual().withSeed(seed);
        List<LayerPlan> layers = new ArrayList<>();
        for (LayerPlan plan : usual.plans()) {
            layers.add(plan instanceof InstinctsPlan own ? instincts(own) : plan);
        }
        look.map(ActingFiles::looks).ifPresent(layers::add);
        cues.map(ActingFiles::cues).ifPresent(layers::add);
        return layers;
    }

    private InstinctsPlan instincts(InstinctsPlan usual) {
        InstinctsPlan plan = instincts.map(ActingFiles::instincts).orElse(usual);
        return mood.equals("off") ? plan.with(plan.instincts().withMood(0)) : plan;
    }

    /** What is heard in the voice. */
    Heard heard(Sound sound, Loudness loudness) {
        boolean listens = mood.equals("auto") && sound.duration() <= LONG;
        return Heard.of(loudness, listens ? Optional.of(Pitch.of(sound)) : Optional.empty());
    }
}
