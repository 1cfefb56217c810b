package graykite.command;

import graykite.base.AtomicFiles;
import graykite.mouth.Viseme;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.picture.Renderer;
import graykite.picture.Vec;
import graykite.rig.Cast;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Deformer;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Looks at a character: its channels as text, its mouth shapes as one picture. */
@Command(name = "cast", description = "Lists or draws a character.", mixinStandardHelpOptions = true)
final class CastCommand implements Callable<Integer> {
    private static final int CELL = 240;
    private static final int COLUMNS = 5;

    @Parameters(index = "0", paramLabel = "NAME", description = "A character that ships with Gray Kite: odile.")
    private String name;

    @Option(names = "--sheet", paramLabel = "PNG", description = "Draws every mouth shape into one picture.")
    private Path sheet;

    @Override
    public Integer call() {
        Character character = Cast.byName(name);
        System.out.println(character.name() + ": " + character.triangleCount() + " triangles, "
                + character.channels().size() + " channels");
        for (Channel channel : character.channels()) {
            System.out.printf("  %-24s %-7s %s%n", channel.name(), channel.group(), channel.describes());
        }
        if (sheet != null) {
            Picture picture = drawn(character);
            AtomicFiles.write(sheet, out -> Png.write(picture, out));
        }
        return 0;
    }

    private static Picture drawn(Character character) {
        Camera camera = new Camera(new Vec(0, -66, 70), 0, 0, 1400, 120);
        Deformer deformer = new Deformer(character);
        Renderer renderer = new Renderer();
        List<Picture> cells = new ArrayList<>();
        for (Viseme viseme : Viseme.values()) {
            double[] values = character.values(character.poses().get(viseme.title()));
            cells.add(renderer.draw(deformer.deform(values), camera, CELL, CELL));
        }
        int rows = (cells.size() + COLUMNS - 1) / COLUMNS;
        int width = COLUMNS * CELL;
        int[] pixels = new int[width * rows * CELL];
        for (int i = 0; i < cells.size(); i++) {
            int at = i / COLUMNS * CELL * width + i % COLUMNS * CELL;
            for (int y = 0; y < CELL; y++) {
                System.arraycopy(cells.get(i).pixels(), y * CELL, pixels, at + y * width, CELL);
            }
        }
        return new Picture(width, rows * CELL, pixels);
    }
}
