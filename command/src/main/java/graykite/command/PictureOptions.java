package graykite.command;

import graykite.delivery.Behind;
import graykite.delivery.Order;
import graykite.delivery.OrderFiles;
import java.util.Arrays;
import java.util.List;
import picocli.CommandLine.Option;

/** How movies and pictures are drawn, as it is asked for on the command line. */
final class PictureOptions {
    @Option(
            names = "--size",
            paramLabel = "PIXELS|WxH",
            description = "Size of movies and pictures, 64 to 4096, even: 720 or 1920x1080 (default: 720).")
    private String size;

    @Option(
            names = "--view",
            paramLabel = "NAME[,NAME...]",
            description = "front, three-quarter, profile, mouth, or one that the project keeps (default: front).")
    private String view;

    @Option(
            names = "--background",
            paramLabel = "NAME",
            description =
                    "felt, night, paper, green, a colour such as #4a5560, or none where the format can be seen through "
                            + "(default: as on the stage).")
    private String background;

    @Option(
            names = "--light",
            paramLabel = "MOOD[,SIDE,UP]",
            description = "day, lamp or fog, and where the key light comes from, in degrees to the right and up: "
                    + "lamp,-40,20 (default: as on the stage).")
    private String light;

    @Option(names = "--deep", description = "PNG pictures with 16 bits a colour.")
    private boolean deep;

    /** What is asked for over the usual. */
    Order.Pictures pictures() {
        return over(Order.Pictures.STANDARD);
    }

    /** What is asked for over what a preset says. */
    Order.Pictures over(Order.Pictures preset) {
        Order.Pictures pictures = size == null ? preset : preset.sized(size);
        if (view != null) {
            List<String> views = Arrays.stream(view.split(","))
                    .map(String::strip)
                    .filter(v -> !v.isEmpty())
                    .toList();
            pictures = pictures.seen(views);
        }
        if (background != null) {
            pictures = pictures.before(Behind.of(background));
        }
        if (light != null) {
            pictures = pictures.lit(OrderFiles.light(light));
        }
        return deep ? pictures.deep(true) : pictures;
    }
}
