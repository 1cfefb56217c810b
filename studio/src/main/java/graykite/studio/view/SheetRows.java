package graykite.studio.view;

/** Where the rows of the sheet lie, in pixels. */
final class SheetRows {
    static final double GUTTER = 76;
    static final double RULER = 26;
    static final double WAVE = 62;
    static final double WORDS = 27;
    static final double SOUNDS = 27;
    static final double MOUTHS = 58;

    static final double WORDS_TOP = RULER + WAVE;
    static final double SOUNDS_TOP = WORDS_TOP + WORDS;
    static final double BOTTOM = SOUNDS_TOP + SOUNDS + MOUTHS;

    private SheetRows() {}

    static boolean inWords(double y) {
        return y >= WORDS_TOP && y < SOUNDS_TOP;
    }

    static boolean inSounds(double y) {
        return y >= SOUNDS_TOP && y < SOUNDS_TOP + SOUNDS;
    }
}
