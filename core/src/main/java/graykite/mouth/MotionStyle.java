package graykite.mouth;

import java.util.Locale;
import java.util.Optional;

/** How a mouth goes from shape to shape. */
public enum MotionStyle {
    /** Smooth curves that pass near the shapes: for modelled faces. */
    FLOWING("Flowing", "Smooth curves near the shapes, for modelled faces"),
    /** Eases into each shape and pops to the next: for snappy, posed work. */
    CRISP("Crisp", "Eases into each shape, then pops to the next"),
    /** One shape at a time, none in between: for drawings and pixels. */
    HELD("Held", "One shape at a time with a least number of frames, as drawings move");

    private final String title;
    private final String describes;

    MotionStyle(String title, String describes) {
        this.title = title;
        this.describes = describes;
    }

    public String title() {
        return title;
    }

    public String describes() {
        return describes;
    }

    /** The name in files. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Reads the name in files, in any case. */
    public static Optional<MotionStyle> parse(String word) {
        for (MotionStyle style : values()) {
            if (style.word().equals(word.strip().toLowerCase(Locale.ROOT))) {
                return Optional.of(style);
            }
        }
        return Optional.empty();
    }
}
