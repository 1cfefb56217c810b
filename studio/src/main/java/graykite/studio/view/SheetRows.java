package graykite.studio.view;

/** Where the rows of the sheet lie, in pixels. */
final class SheetRows {
    static final double GUTTER = 76;
    static final double RULER = 26;
    static final double WAVE = 52;
    static final double WORDS = 27;
    static final double SOUNDS = 27;
    static final double MOUTHS = 54;
    static final double FEEL = 24;

    static final double WORDS_TOP = RULER + WAVE;
    static final double SOUNDS_TOP = WORDS_TOP + WORDS;
    static final double MOUTHS_TOP = SOUNDS_TOP + SOUNDS;
    static final double FEEL_TOP = MOUTHS_TOP + MOUTHS;
    /** End of the rows that are always there; below lies the curve of a channel while one is chosen. */
    static final double BOTTOM = FEEL_TOP + FEEL;

    static final double CURVE = 112;

    private SheetRows() {}

    static boolean inWords(double y) {
        return y >= WORDS_TOP && y < SOUNDS_TOP;
    }

    static boolean inFeel(double y) {
        return y >= FEEL_TOP && y < BOTTOM;
    }

    static boolean inMouths(double y) {
        return y >= MOUTHS_TOP && y < FEEL_TOP;
    }

    static boolean inSounds(double y) {
        return y >= SOUNDS_TOP && y < SOUNDS_TOP + SOUNDS;
    }
}
