package graykite.command;

import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.delivery.OrderFiles;
import graykite.time.FrameRate;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import picocli.CommandLine.Option;

/** What is delivered, as it is asked for on the command line: a preset, and what goes before it. */
final class OrderOptions {
    @Option(
            names = "--preset",
            paramLabel = "FILE|NAME",
            description = "A preset that ends in .kite-delivery.json, or one of ours: \"For the engine\","
                    + " \"For the edit\", \"For drawing\", \"For subtitles\".")
    private String preset;

    @Option(
            names = "--format",
            paramLabel = "LIST",
            description =
                    "glb, csv, json, mp4, mov, webm, png, wav, sheet-csv, sheet-pdf, srt, vtt, words-csv, words-ctm,"
                            + " phones-csv, phones-ctm, reading-json, contact; separated by commas (default: glb).")
    private String format;

    @Option(
            names = "--fps",
            description = "Frames a second: 24, 29.97, 30000/1001 … (default: the project's, else 30).")
    private String fps;

    Order order() {
        Order order = preset == null ? Order.of(Kind.GLB) : preset(preset);
        order = format == null ? order : order.withKinds(OptionValue.of(() -> Kind.parseAll(format)));
        return fps == null ? order : order.withRate(Optional.of(OptionValue.of(() -> FrameRate.parse(fps))));
    }

    private static Order preset(String named) {
        Optional<Order> shipped = OrderFiles.shipped(named);
        if (shipped.isPresent()) {
            return shipped.get();
        }
        if (!named.endsWith(OrderFiles.EXTENSION) && !Files.exists(Path.of(named))) {
            throw new IllegalArgumentException("There is no preset \"" + named + "\". Ours are "
                    + OrderFiles.shipped().stream().map(Order::name).collect(Collectors.joining(", "))
                    + "; files of presets end in " + OrderFiles.EXTENSION + ".");
        }
        return OrderFiles.open(Path.of(named));
    }

    /** These options as they are typed, good from any folder. */
    List<String> options() {
        List<String> typed = new ArrayList<>();
        add(typed, "--preset", preset == null ? null : anywhere(preset));
        add(typed, "--format", format);
        add(typed, "--fps", fps);
        return typed;
    }

    /** A name, or the whole path where it names something that is there. */
    static String anywhere(String named) {
        Path path = Path.of(named);
        return Files.exists(path) ? path.toAbsolutePath().toString() : named;
    }

    private static void add(List<String> typed, String name, String value) {
        if (value != null) {
            typed.add(name);
            typed.add(value);
        }
    }
}
