package graykite.command;

import graykite.format.ChartFiles;
import graykite.format.DictionFiles;
import graykite.mouth.Diction;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthSettings;
import graykite.time.FrameRate;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Option;

/** How the mouth moves, as it is asked for on the command line. */
final class MouthOptions {
    @Option(
            names = "--motion",
            paramLabel = "KIND",
            description =
                    "How the mouth goes from shape to shape: flowing, crisp or held (default: what the chart says,"
                            + " else what suits the character)")
    private String motion;

    @Option(
            names = "--diction",
            paramLabel = "NAME|FILE",
            description = "How the line is spoken: plain, murmured, whispered, projected, shouted, clipped, drawled,"
                    + " smiling, or a file that ends in .kite-diction.json (default: plain)")
    private String diction;

    @Option(
            names = "--strength",
            paramLabel = "SHARE",
            description = "Share of the full shapes, 0 to 1.5 (default: what the diction says; plain is 0.8)")
    private Double strength;

    @Option(
            names = "--lead",
            paramLabel = "FRAMES",
            description = "Frames that a shape comes before its sound (default: 50 ms)")
    private Double lead;

    @Option(
            names = "--chart",
            paramLabel = "FILE",
            description = "A mouth chart that ends in .kite-chart.json; poses in it take the place of the character's"
                    + " where it has their channels")
    private Path chart;

    /** @throws IllegalArgumentException with one line that says what is wrong */
    MouthSettings settings(FrameRate rate) {
        MouthSettings settings = MouthSettings.STANDARD;
        if (diction != null) {
            settings = settings.withDiction(diction());
        }
        if (strength != null) {
            settings = settings.withStrength(strength);
        }
        if (lead != null) {
            settings = settings.withLead(lead * rate.frameLength());
        }
        if (motion != null) {
            MotionStyle style = MotionStyle.parse(motion)
                    .orElseThrow(() -> new IllegalArgumentException(
                            "--motion is flowing, crisp or held, not \"" + motion + "\"."));
            settings = settings.withMotion(Optional.of(style));
        }
        return settings;
    }

    private Diction diction() {
        Map<String, Diction> shipped = DictionFiles.shipped();
        if (shipped.containsKey(diction)) {
            return shipped.get(diction);
        }
        Path file = Path.of(diction);
        if (!diction.endsWith(DictionFiles.EXTENSION) && !Files.exists(file)) {
            throw new IllegalArgumentException("There is no diction \"" + diction + "\". They are "
                    + String.join(", ", shipped.keySet()) + ", or a file that ends in " + DictionFiles.EXTENSION + ".");
        }
        return DictionFiles.open(file);
    }

    Optional<ChartFiles.Saved> chart() {
        return Optional.ofNullable(chart).map(ChartFiles::open);
    }
}
