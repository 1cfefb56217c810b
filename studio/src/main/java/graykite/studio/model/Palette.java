package graykite.studio.model;

import javafx.scene.paint.Color;

/** The colours of the canvases; the same tokens as in studio.css. */
public record Palette(
        Color paper,
        Color paper2,
        Color line,
        Color card,
        Color ink,
        Color ink2,
        Color string,
        Color sand,
        Color tide,
        Color moss,
        Color plum) {
    public static final Palette LIGHT = new Palette(
            Color.web("#F4F2ED"),
            Color.web("#EAE7E0"),
            Color.web("#D5D1C7"),
            Color.web("#FBFAF7"),
            Color.web("#23272E"),
            Color.web("#5C636E"),
            Color.web("#B83E32"),
            Color.web("#C99A4B"),
            Color.web("#1A7280"),
            Color.web("#4F8457"),
            Color.web("#7B5183"));
    public static final Palette DUSK = new Palette(
            Color.web("#24272C"),
            Color.web("#2D3137"),
            Color.web("#3E434B"),
            Color.web("#2A2E34"),
            Color.web("#E8E6E1"),
            Color.web("#A6ACB5"),
            Color.web("#E8776A"),
            Color.web("#D9AF66"),
            Color.web("#57B0BF"),
            Color.web("#7DB085"),
            Color.web("#B78FBE"));
}
