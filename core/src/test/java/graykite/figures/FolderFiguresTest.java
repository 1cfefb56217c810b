package graykite.figures;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.format.character.FigureFiles;
import graykite.format.character.Found;
import graykite.mouth.MouthChart;
import graykite.mouth.Viseme;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Pose;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Folders of OBJ shapes and of drawings, and what can be wrong with them. */
class FolderFiguresTest {
    @TempDir
    private Path folder;

    private void obj(String name, String text) throws IOException {
        Files.writeString(folder.resolve(name), text);
    }

    /** A square of 200 mm; "jawOpen" lowers its first corner by 60 mm. */
    private void square() throws IOException {
        obj(
                "neutral.obj",
                "# a square\nmtllib skin.mtl\nv 0 0 0\nv 0.2 0 0\nv 0.2 0.2 0\nv 0 0.2 0\nvt 0 0\nvt 1 0\nvt 1 1\nvt 0 1\nusemtl red\nf 1/1 2/2 3/3 4/4\n");
        obj("skin.mtl", "newmtl red\nKd 1 0 0\n");
        obj("jawOpen.obj", "v 0 -0.06 0\nv 0.2 0 0\nv 0.2 0.2 0\nv 0 0.2 0\nf 1 2 3 4\n");
    }

    @Test
    void shapesOverANeutral() throws IOException {
        square();
        Found found = FigureFiles.read(folder, Progress.none());
        Character c = found.character();
        assertEquals(2, c.triangleCount());
        assertEquals("jawDrop", found.matches().getFirst().target());
        float[] p = c.parts().getFirst().positions();
        float[] moved = new Deformer(c).placed(c.parts().getFirst(), c.values(Pose.of("jawDrop", 0.5)));
        assertEquals(200, p[3] - p[0], 1e-3);
        assertEquals(-30, moved[1] - p[1], 1e-3);
        assertEquals(1, c.parts().getFirst().colours()[0], 1e-6);
        assertEquals(0, c.parts().getFirst().colours()[1], 1e-6);
        assertTrue(MouthChart.missing(c).contains(Viseme.OO));
    }

    private String fault() {
        return assertThrows(BadInput.class, () -> FigureFiles.read(folder, Progress.none()))
                .getMessage();
    }

    @Test
    void theFirstMeshThatDiffersIsNamed() throws IOException {
        square();
        obj("smile.obj", "v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n");
        assertTrue(fault().startsWith("smile.obj: has 3 vertices, neutral.obj has 4"), fault());
    }

    @Test
    void brokenLinesAreNamed() throws IOException {
        square();
        obj("neutral.obj", "v 0 0 0\nv 1 0 zero\nf 1 2 2\n");
        assertTrue(fault().contains("neutral.obj: line 2: \"zero\" is not a number"), fault());
        obj("neutral.obj", "v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 9\n");
        assertTrue(fault().contains("line 4 asks for number 9"), fault());
        obj("neutral.obj", "v 0 0 0\nv 1 0 0\nv 0 1 0\n");
        assertTrue(fault().contains("no faces"), fault());
        obj("neutral.obj", "v 0 0 0\nv 1 0 0\nv 0 1 0\nf / / /\n");
        assertTrue(fault().contains("neutral.obj: line 4: \"\" is no vertex"), fault());
        obj("neutral.obj", "\u0000\u0001\u0002");
        assertTrue(fault().contains("no OBJ mesh"), fault());
        Files.delete(folder.resolve("neutral.obj"));
        obj("smile.obj", "v 0 0 0\n");
        assertTrue(fault().contains("Call it neutral.obj"), fault());
    }

    /** A material file that is the root of the disk, and more corners than a mesh can need. */
    @Test
    void hostileMeshesAreRefusedOrShownPlain() throws IOException {
        square();
        obj("neutral.obj", Files.readString(folder.resolve("neutral.obj")).replace("skin.mtl", "/"));
        assertTrue(
                FigureFiles.read(folder, Progress.none()).remarks().stream().anyMatch(r -> r.contains("shown plain")));
        obj("neutral.obj", "v 0 0 0\nv 1 0 0\nv 0 1 0\n" + ("f" + " 1 2 3".repeat(1000) + "\n").repeat(500));
        assertTrue(fault().contains("more than 1333333 triangles"), fault());
    }

    @Test
    void negativeIndicesCountFromTheEnd() throws IOException {
        obj("neutral.obj", "v 0 0 0\nv 0.2 0 0\nv 0 0.2 0\nf -3 -2 -1\n");
        Found found = FigureFiles.read(folder, Progress.none());
        assertEquals(1, found.character().triangleCount());
        assertTrue(found.remarks().stream().anyMatch(r -> r.contains("only the neutral mesh")));
    }

    private void png(String name, int width, int height, Color colour) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(colour);
        pen.fillRect(width / 4, height / 2, width / 2, height / 4);
        pen.dispose();
        ImageIO.write(image, "png", folder.resolve(name).toFile());
    }

    @Test
    void drawings() throws IOException {
        png("base.png", 64, 64, Color.WHITE);
        png("mouth_rest.png", 64, 64, Color.PINK);
        png("mouth_ah.png", 64, 64, Color.RED);
        png("MBP.png", 64, 64, Color.BLUE);
        png("oo.png", 32, 16, Color.GREEN);
        png("blink.png", 64, 64, Color.GRAY);
        Found found = FigureFiles.read(folder, Progress.none());
        Character c = found.character();
        assertEquals(Character.Kind.DRAWN, c.kind());
        assertEquals(6, c.parts().size());
        assertTrue(c.poses().containsKey("Ah")
                && c.poses().containsKey("Lips shut")
                && c.poses().containsKey("Oo"));
        assertTrue(c.has("lidClose.L"));
        assertTrue(found.remarks().getFirst().contains("another size"));
        // One mouth is seen at a time, the lids only when they are closed.
        assertEquals(2, new Deformer(c).deform(c.values(c.poses().get("Ah"))).size());
        assertEquals(3, new Deformer(c).deform(c.values(Pose.of("lidClose", 1))).size());
    }

    @Test
    void foldersThatHoldNothing() throws IOException {
        assertTrue(fault().contains("neither OBJ shapes nor PNG drawings"));
        Files.writeString(folder.resolve("ah.png"), "no picture");
        assertTrue(fault().contains("ah.png: is neither PNG, JPEG nor WebP"), fault());
        assertThrows(BadInput.class, () -> FigureFiles.read(folder.resolve("nowhere.glb"), Progress.none()));
        Path text = Files.writeString(folder.resolve("notes.md"), "x");
        assertTrue(assertThrows(BadInput.class, () -> FigureFiles.read(text, Progress.none()))
                .getMessage()
                .contains("is no character"));
    }
}
