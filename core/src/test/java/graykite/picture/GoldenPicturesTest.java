package graykite.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.rig.Character;
import graykite.rig.Deformer;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Our people look as they did, front and profile: on the mean within a third of a level of 255, and 99.5 % of the pixels
 * within 8. Whoever changes the renderer for speed must not change the picture. After a change that is meant, the pictures in
 * {@code src/test/resources/golden} are made anew with {@code -Dgraykite.golden=write} and looked at.
 */
class GoldenPicturesTest {
    private static final int SIZE = 240;
    private static final double MEAN = 0.33;
    private static final int NEAR = 8;
    private static final double NEARLY_ALL = 0.995;

    @ParameterizedTest
    @CsvSource({
        "odile,front",
        "odile,profile",
        "pim,front",
        "pim,profile",
        "brine,front",
        "brine,profile",
        "wren,front",
        "wren,profile",
        "sprat,front",
        "sprat,profile"
    })
    void looksAsItDid(String name, String view) throws IOException {
        Character who = Cast.byName(name);
        Camera camera = view.equals("front") ? Camera.FRONT : Camera.PROFILE;
        double[] values = who.values(who.poses().get("Eh"));
        Picture now = new Renderer().draw(new Deformer(who).deform(values), camera, SIZE, SIZE);
        String file = name + "-" + view + ".png";
        if ("write".equals(System.getProperty("graykite.golden"))) {
            Files.write(Path.of("src/test/resources/golden", file), Png.bytes(now));
        }
        try (InputStream in = GoldenPicturesTest.class.getResourceAsStream("/golden/" + file)) {
            BufferedImage before = ImageIO.read(in);
            assertEquals(SIZE, before.getWidth());
            long sum = 0;
            int near = 0;
            for (int i = 0; i < SIZE * SIZE; i++) {
                int off = difference(now.pixels()[i], before.getRGB(i % SIZE, i / SIZE));
                sum += off;
                near += off <= NEAR ? 1 : 0;
            }
            double mean = sum / (double) (SIZE * SIZE);
            assertTrue(mean <= MEAN, file + " is " + mean + " levels off on the mean");
            assertTrue(near >= NEARLY_ALL * SIZE * SIZE, file + ": " + (SIZE * SIZE - near) + " pixels differ");
        }
    }

    private static int difference(int one, int other) {
        int most = 0;
        for (int shift = 0; shift < 24; shift += 8) {
            most = Math.max(most, Math.abs((one >> shift & 255) - (other >> shift & 255)));
        }
        return most;
    }
}
