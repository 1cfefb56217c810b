package graykite.delivery;

import graykite.base.BadInput;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** What a line or a scene can be handed over as. */
public enum Kind {
    GLB("glb", "glTF 2.0 with animation", "glTF", ".glb", Makes.ONE_A_PERSON),
    CURVES_CSV("csv", "Curves, CSV", "CSV", ".csv", Makes.ONE_A_PERSON),
    CURVES_JSON("json", "Curves, JSON", "JSON", ".json", Makes.ONE_A_PERSON),
    MOVIE("mp4", "Movie, H.264 and AAC", "MP4", ".mp4", Makes.ONE_A_VIEW),
    PRORES("mov", "Movie, ProRes 4444", "ProRes", ".mov", Makes.ONE_A_VIEW),
    WEBM("webm", "Movie, VP9 and Opus", "WebM", ".webm", Makes.ONE_A_VIEW),
    PICTURES("png", "PNG pictures in a folder", "PNG", "", Makes.ONE_A_VIEW),
    WAV("wav", "Sound, WAV", "WAV", ".wav", Makes.ONE),
    SHEET_CSV("sheet-csv", "Exposure sheet, CSV", "Sheet CSV", "-sheet.csv", Makes.ONE_A_PERSON),
    SHEET_PDF("sheet-pdf", "Exposure sheet, PDF", "Sheet PDF", "-sheet.pdf", Makes.ONE_A_PERSON),
    SUBRIP("srt", "Subtitles, SubRip", "SubRip", ".srt", Makes.ONE),
    WEBVTT("vtt", "Subtitles, WebVTT", "WebVTT", ".vtt", Makes.ONE),
    WORDS_CSV("words-csv", "Times of words, CSV", "Words CSV", "-words.csv", Makes.ONE_A_LINE),
    WORDS_CTM("words-ctm", "Times of words, CTM", "Words CTM", "-words.ctm", Makes.ONE_A_LINE),
    PHONES_CSV("phones-csv", "Times of sounds, CSV", "Sounds CSV", "-phones.csv", Makes.ONE_A_LINE),
    PHONES_CTM("phones-ctm", "Times of sounds, CTM", "Sounds CTM", "-phones.ctm", Makes.ONE_A_LINE),
    READING_JSON("reading-json", "Words and sounds, JSON", "JSON", "-reading.json", Makes.ONE_A_LINE),
    CONTACT("contact", "Sheet of pictures", "Pictures", "-contact.png", Makes.ONE);

    /** How many files come of one line or scene. */
    public enum Makes {
        ONE,
        ONE_A_PERSON,
        ONE_A_VIEW,
        ONE_A_LINE
    }

    private final String id;
    private final String title;
    private final String label;
    private final String ending;
    private final Makes makes;

    Kind(String id, String title, String label, String ending, Makes makes) {
        this.id = id;
        this.title = title;
        this.label = label;
        this.ending = ending;
        this.makes = makes;
    }

    /** What presets and the command line call it. */
    public String id() {
        return id;
    }

    /** What people call it. */
    public String title() {
        return title;
    }

    /** The same in a word, for where others of its sort stand beside it. */
    public String label() {
        return label;
    }

    /** What its files end in, with all that sets them apart from other kinds; empty for a folder. */
    public String ending() {
        return ending;
    }

    public Makes makes() {
        return makes;
    }

    /** True for what the renderer draws frame by frame. */
    public boolean isDrawn() {
        return makes == Makes.ONE_A_VIEW;
    }

    /** True for what can be seen through where nobody stands. */
    public boolean canBeClear() {
        return this == PRORES || this == PICTURES;
    }

    /**
     * The kind that the name of one file asks for: by its ending, pictures in a folder where it has none.
     *
     * @throws BadInput when nothing is written under such a name
     */
    public static Kind of(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        // Longer endings say more.
        Optional<Kind> kind = Arrays.stream(values())
                .filter(k -> !k.ending.isEmpty() && name.endsWith(k.ending))
                .max(Comparator.comparingInt(k -> k.ending.length()));
        if (kind.isEmpty() && name.contains(".") && !Files.isDirectory(path)) {
            throw BadInput.inFile(
                    path,
                    "the extension is none of .glb .csv .json .mp4 .mov .webm .wav .srt .vtt. Choose one, or a folder"
                            + " for pictures.");
        }
        return kind.orElse(PICTURES);
    }

    /** Several kinds, parted by commas, semicolons or blanks. @throws BadInput when there is no such kind, or none at all */
    public static Set<Kind> parseAll(String list) {
        EnumSet<Kind> kinds = EnumSet.noneOf(Kind.class);
        for (String id : list.strip().split("[,;\\s]+")) {
            kinds.add(parse(id));
        }
        return kinds;
    }

    /** @throws BadInput when there is no such kind */
    public static Kind parse(String id) {
        String wanted = id.strip().toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(k -> k.id.equals(wanted))
                .findFirst()
                .orElseThrow(() -> new BadInput("There is no format \"" + id.strip() + "\". They are "
                        + Arrays.stream(values()).map(Kind::id).collect(Collectors.joining(", ")) + "."));
    }
}
