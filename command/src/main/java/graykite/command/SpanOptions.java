package graykite.command;

import graykite.delivery.Span;
import java.util.OptionalLong;
import picocli.CommandLine.Option;

/** Which frames are delivered and how they are numbered, as it is asked for on the command line. */
final class SpanOptions {
    @Option(
            names = "--range",
            paramLabel = "A-B",
            description = "Only these frames (24-96), seconds (1.5s-4s) or timecodes; either end may be left out.")
    private String range;

    @Option(
            names = "--start-frame",
            paramLabel = "N",
            description = "Number of the first frame (default: what the project says, 0 for recordings).")
    private Long startFrame;

    @Option(names = "--pre-roll", paramLabel = "N", description = "Frames before the first (default: 0).")
    private Integer preRoll;

    @Option(names = "--post-roll", paramLabel = "N", description = "Frames after the last (default: 0).")
    private Integer postRoll;

    Span span() {
        return over(Span.WHOLE);
    }

    /** What is asked for over what a preset says. */
    Span over(Span preset) {
        Span span = preset.withRolls(
                preRoll == null ? preset.preRoll() : preRoll, postRoll == null ? preset.postRoll() : postRoll);
        span = startFrame == null ? span : span.withStartFrame(OptionalLong.of(startFrame));
        return range == null ? span : span.withRange(range);
    }
}
