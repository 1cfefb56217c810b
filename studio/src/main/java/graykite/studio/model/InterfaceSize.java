package graykite.studio.model;

import java.util.List;
import java.util.Properties;

/**
 * How large text and controls are, in percent of their usual size. The toolkit asks for it once, as it starts, so a change is
 * seen from the next start on.
 */
public final class InterfaceSize {
    /** WCAG 2.2, 1.4.4, asks for text that can be made larger without loss. */
    private static final List<Integer> SIZES = List.of(100, 125, 150);

    private static final String NAME = "interface-size";
    /** What the toolkit reads on Linux and on Windows; on macOS the system's own setting of the screen counts. */
    private static final List<String> PROPERTIES = List.of("glass.gtk.uiScale", "glass.win.uiScale");

    private InterfaceSize() {}

    /** Percent of the usual size. */
    public static int of(Settings settings) {
        String kept = settings.text(NAME, "100");
        return SIZES.stream().filter(s -> s.toString().equals(kept)).findFirst().orElse(SIZES.getFirst());
    }

    /**
     * Makes everything larger or smaller from the next start on, as far as it goes.
     *
     * @param steps 1 for the next larger size, -1 for the next smaller
     * @return the size that is kept now, in percent
     */
    public static int change(Settings settings, int steps) {
        int place = Math.clamp(SIZES.indexOf(of(settings)) + steps, 0, SIZES.size() - 1);
        settings.setText(NAME, SIZES.get(place).toString());
        return SIZES.get(place);
    }

    /** Asks the toolkit for the size that is kept, before it starts. At the usual size the system's own choice counts, and one given by hand always. */
    public static void ask(Settings settings, Properties toolkit) {
        int size = of(settings);
        if (size != SIZES.getFirst()) {
            PROPERTIES.forEach(name -> toolkit.putIfAbsent(name, size + "%"));
        }
    }
}
