package graykite.workbench;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.picture.Lettering;
import graykite.picture.Picture;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.text.TimeLine;
import graykite.time.Timecode;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A line as one sheet of small pictures: one for each sound, with its sign, its word and its time. A scene the same way, one
 * for each half second.
 */
public final class LineSheet {
    private static final int WIDE = 1400;
    private static final int CELL = 128;
    private static final int GAP = 10;
    private static final int EDGE = 28;
    private static final int HEAD = 76;
    private static final int LABEL = 36;
    private static final int PER_ROW = (WIDE - 2 * EDGE + GAP) / (CELL + GAP);

    /** More sounds than these are thinned out evenly. */
    private static final int MOST = 400;

    /** Seconds between the pictures of a scene. */
    private static final double HALF = 0.5;

    private static final Color PAPER = new Color(0xF4F2ED);
    private static final Color INK = new Color(0x23272E);
    private static final Color QUIET = new Color(0x5C636E);

    private record Cell(String sound, String word, double time) {}

    private final Moments moments;
    private final Lettering plain = Lettering.shipped();
    private final Lettering bold = Lettering.bold();

    public LineSheet(Moments moments) {
        this.moments = moments;
    }

    /**
     * Draws the sheet; some seconds of work.
     *
     * @throws BadInput when the line is not read
     */
    public Picture of(Project project, Line line, Progress progress) {
        Timing timing = line.timing()
                .orElseThrow(() -> new BadInput("The line \"" + line.title().strip() + "\" is not read yet."));
        String head =
                line.title().strip() + " \u2013 " + project.speakerOf(line).name();
        return sheet(
                project,
                head,
                TimeLine.without(line.script()).replaceAll("\\s+", " "),
                cells(timing),
                cell -> moments.of(project, line, false, cell.time, CELL),
                progress);
    }

    /**
     * Draws the sheet of a scene.
     *
     * @throws BadInput when none of its lines is read
     */
    public Picture ofScene(Project project, SceneWork scene, Progress progress) {
        double duration = moments.duration(project, scene.id());
        if (duration <= 0) {
            throw new BadInput("No line of the scene \"" + scene.title().strip() + "\" is read yet.");
        }
        int count = (int) Math.min(MOST, Math.ceil(duration / HALF));
        List<Cell> cells = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            cells.add(new Cell("", "", i * duration / count));
        }
        return sheet(
                project,
                scene.title().strip(),
                scene.blocks().size() + " lines",
                cells,
                cell -> moments.ofScene(project, scene.id(), cell.time, CELL, CELL),
                progress);
    }

    private Picture sheet(
            Project project,
            String head,
            String words,
            List<Cell> cells,
            Function<Cell, Optional<Picture>> picture,
            Progress progress) {
        int rows = Math.max(1, (cells.size() + PER_ROW - 1) / PER_ROW);
        int tall = EDGE + HEAD + rows * (CELL + LABEL + GAP) + EDGE;
        BufferedImage image = new BufferedImage(WIDE, tall, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setColor(PAPER);
        pen.fillRect(0, 0, WIDE, tall);
        pen.setColor(INK);
        bold.write(pen, head, EDGE, EDGE + 26, 24);
        pen.setColor(QUIET);
        plain.write(pen, words, EDGE, EDGE + 52, 14);
        for (int i = 0; i < cells.size(); i++) {
            progress.step(0.98 * i / cells.size());
            int left = EDGE + i % PER_ROW * (CELL + GAP);
            int top = EDGE + HEAD + i / PER_ROW * (CELL + LABEL + GAP);
            draw(pen, project, cells.get(i), picture, left, top);
        }
        pen.dispose();
        return new Picture(WIDE, tall, image.getRGB(0, 0, WIDE, tall, null, 0, WIDE));
    }

    private static List<Cell> cells(Timing timing) {
        List<Cell> cells = new ArrayList<>();
        for (TimedWord word : timing.words()) {
            for (TimedPhone phone : word.phones()) {
                cells.add(new Cell(phone.phone().ipa(), word.text(), (phone.start() + phone.end()) / 2));
            }
        }
        if (cells.size() <= MOST) {
            return cells;
        }
        List<Cell> some = new ArrayList<>();
        for (int i = 0; i < MOST; i++) {
            some.add(cells.get((int) ((long) i * cells.size() / MOST)));
        }
        return some;
    }

    private void draw(
            Graphics2D pen, Project project, Cell cell, Function<Cell, Optional<Picture>> picture, int left, int top) {
        picture.apply(cell).ifPresent(p -> {
            BufferedImage drawn = new BufferedImage(CELL, CELL, BufferedImage.TYPE_INT_RGB);
            drawn.setRGB(0, 0, CELL, CELL, p.pixels(), 0, CELL);
            pen.drawImage(drawn, left, top, null);
        });
        pen.setColor(INK);
        bold.write(pen, cell.sound, left, top + CELL + 16, 14);
        plain.write(pen, cell.word, left + 28, top + CELL + 16, 13);
        pen.setColor(QUIET);
        plain.write(pen, Timecode.at(cell.time, 0, project.rate()), left, top + CELL + 32, 12);
    }
}
