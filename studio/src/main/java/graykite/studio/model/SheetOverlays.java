package graykite.studio.model;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;

/**
 * What the sheet shows on demand, each while it is true.
 *
 * @param loudness over the wave
 * @param pitch over the wave
 * @param weights of the layers, in a row of their own
 * @param marks of the instincts, in a row of their own
 * @param keys of a channel, in a row of their own
 */
public record SheetOverlays(
        BooleanProperty loudness,
        BooleanProperty pitch,
        BooleanProperty weights,
        BooleanProperty marks,
        BooleanProperty keys) {
    /** Nothing of it. */
    SheetOverlays() {
        this(
                new SimpleBooleanProperty(false),
                new SimpleBooleanProperty(false),
                new SimpleBooleanProperty(false),
                new SimpleBooleanProperty(false),
                new SimpleBooleanProperty(false));
    }
}
