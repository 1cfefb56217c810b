package graykite.figures;

import graykite.base.Progress;
import graykite.mouth.Viseme;
import graykite.picture.Camera;
import graykite.picture.Lettering;
import graykite.picture.Picture;
import graykite.picture.Renderer;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Couplings;
import graykite.rig.Deformer;
import graykite.rig.Pose;
import graykite.rig.Views;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * All that a character can do in one picture: every viseme, every other pose and every channel at its end, from the front
 * and from three quarters.
 */
public final class ContactSheet {
    private static final int WIDE = 1400;
    private static final int CELL = 160;
    private static final int GAP = 10;
    private static final int EDGE = 28;
    private static final int LABEL = 20;
    private static final Color PAPER = new Color(0xF4F2ED);
    private static final Color INK = new Color(0x23272E);
    private static final Color QUIET = new Color(0x5C636E);

    private record Cell(String title, String note, double[] values, List<Camera> cameras) {}

    private record Row(String heading, int cell, List<Cell> cells) {
        int perLine() {
            int each = cells.getFirst().cameras.size() * cell + GAP;
            return Math.max(1, (WIDE - 2 * EDGE + GAP) / each);
        }

        int height() {
            return 44 + (cells.size() + perLine() - 1) / perLine() * (cell + LABEL + GAP);
        }
    }

    private final Character character;
    private final Lettering plain = Lettering.shipped();
    private final Lettering bold = Lettering.bold();

    private ContactSheet(Character character) {
        this.character = character;
    }

    /** Draws the sheet; some seconds of work. */
    public static Picture draw(Character character, Progress progress) {
        return new ContactSheet(character).drawn(progress);
    }

    private Picture drawn(Progress progress) {
        List<Row> rows = rows();
        int tall = EDGE + 60 + rows.stream().mapToInt(Row::height).sum() + EDGE;
        BufferedImage image = new BufferedImage(WIDE, tall, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setColor(PAPER);
        pen.fillRect(0, 0, WIDE, tall);
        pen.setColor(INK);
        bold.write(pen, character.name(), EDGE, EDGE + 26, 28);
        pen.setColor(QUIET);
        plain.write(pen, facts(), EDGE, EDGE + 50, 14);
        int count = rows.stream().mapToInt(r -> r.cells.size()).sum();
        int done = 0;
        int y = EDGE + 60;
        Deformer deformer = new Deformer(character);
        Renderer renderer = new Renderer();
        for (Row row : rows) {
            pen.setColor(INK);
            bold.write(pen, row.heading, EDGE, y + 30, 17);
            for (int i = 0; i < row.cells.size(); i++) {
                progress.step(0.98 * done++ / count);
                int wide = row.cells.getFirst().cameras.size() * row.cell;
                int left = EDGE + i % row.perLine() * (wide + GAP);
                int top = y + 44 + i / row.perLine() * (row.cell + LABEL + GAP);
                cell(pen, renderer, deformer, row.cells.get(i), row.cell, left, top);
            }
            y += row.height();
        }
        pen.dispose();
        return new Picture(WIDE, tall, image.getRGB(0, 0, WIDE, tall, null, 0, WIDE));
    }

    private String facts() {
        return String.format(
                Locale.ROOT,
                "%,d triangles, %d channels, %d poses",
                character.triangleCount(),
                character.channels().size(),
                character.poses().size());
    }

    private void cell(Graphics2D pen, Renderer renderer, Deformer deformer, Cell cell, int size, int left, int top) {
        var surfaces = deformer.deform(cell.values);
        for (int k = 0; k < cell.cameras.size(); k++) {
            Picture picture = renderer.draw(surfaces, cell.cameras.get(k), size, size);
            BufferedImage drawn = new BufferedImage(size, size, BufferedImage.TYPE_INT_RGB);
            drawn.setRGB(0, 0, size, size, picture.pixels(), 0, size);
            pen.drawImage(drawn, left + k * size, top, null);
        }
        pen.setColor(INK);
        plain.write(pen, cell.title, left, top + size + 15, 12.5);
        if (!cell.note.isEmpty()) {
            pen.setColor(QUIET);
            plain.write(pen, cell.note, left + plain.width(cell.title, 12.5) + 7, top + size + 15, 11.5);
        }
    }

    private List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        Camera mouth = Views.mouth(character);
        List<Camera> faces = List.of(Views.face(0), Views.face(34));
        Map<String, Pose> others = new TreeMap<>(character.poses());
        List<Cell> visemes = new ArrayList<>();
        for (Viseme viseme : Viseme.values()) {
            others.remove(viseme.title());
            if (character.poses().containsKey(viseme.title())) {
                visemes.add(new Cell(
                        viseme.title(),
                        viseme.sounds(),
                        values(character.poses().get(viseme.title())),
                        List.of(mouth)));
            }
        }
        if (!visemes.isEmpty()) {
            rows.add(new Row("Visemes", CELL, visemes));
        }
        List<Cell> poses = new ArrayList<>();
        others.forEach((name, pose) -> poses.add(new Cell(name, "", values(pose), faces)));
        if (!poses.isEmpty()) {
            rows.add(new Row("Expressions", CELL, poses));
        }
        Map<Channel.Group, List<Cell>> groups = new LinkedHashMap<>();
        for (int c = 0; c < character.channels().size(); c++) {
            Channel channel = character.channels().get(c);
            List<Cell> group = groups.computeIfAbsent(channel.group(), g -> new ArrayList<>());
            boolean low = channel.group().compareTo(Channel.Group.TONGUE) <= 0;
            List<Camera> cameras = low ? List.of(wider(mouth, 0), wider(mouth, 34)) : faces;
            group.add(new Cell(channel.name(), "", end(c, channel.max()), cameras));
            if (channel.min() < 0) {
                group.add(new Cell(channel.name(), "to its other end", end(c, channel.min()), cameras));
            }
        }
        groups.forEach((group, cells) ->
                rows.add(new Row("Channels: " + group.name().toLowerCase(Locale.ROOT), CELL, cells)));
        return rows;
    }

    private double[] values(Pose pose) {
        double[] values = character.values(pose);
        new Couplings(character).apply(values);
        return values;
    }

    private static Camera wider(Camera mouth, double yaw) {
        return new Camera(mouth.target(), yaw, 3, mouth.distance(), 1.45 * mouth.height());
    }

    private double[] end(int channel, double value) {
        double[] values = new double[character.channels().size()];
        boolean tongue = character.channels().get(channel).group() == Channel.Group.TONGUE;
        if (tongue && character.has("jawDrop")) {
            // Behind a shut mouth nobody would see it.
            values = character.values(Pose.of("jawDrop", 0.5));
        }
        values[channel] = value;
        new Couplings(character).apply(values);
        return values;
    }
}
