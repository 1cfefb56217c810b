package graykite.studio.model;

import javafx.beans.property.BooleanProperty;

/** What is drawn over the wave: each while it is true. */
public record WaveOverlays(BooleanProperty loudness, BooleanProperty pitch) {}
