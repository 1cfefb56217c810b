package graykite.picture;

import static graykite.base.Require.requireThat;

import graykite.base.Piece;
import graykite.geometry.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Draws surfaces without a graphics card: the same picture in the window, in files and on a machine with no display. A
 * picture is cut into tiles; in each, what is nearest at four points in every pixel is found, then the four are blended. Keeps its buffers between pictures; use one renderer a thread.
 */
public final class Renderer {
    private static final int BANDS = 8;

    /** Pixels below which four points are looked at everywhere: there is an edge nearly everywhere. */
    private static final int SMALL = 40_000;

    private final ShadowMap shadows = new ShadowMap();
    private final Projection scene = new Projection();
    private final Edges edges = new Edges();
    private final Softening softening = new Softening();
    /** One for each row of tiles, kept between pictures. */
    private final List<Brush> brushes = new ArrayList<>();

    private int width;
    private int height;
    private int[] ground = new int[0];
    private Backdrop backdrop = Backdrop.FELT;
    private Lighting lighting = Lighting.USUAL;
    private boolean clear;
    private boolean quick;
    /** Receives 16 bits a colour besides, when somebody wants them: red, green, blue, opacity. */
    private short[] deep = new short[0];

    /** Where nobody stands the picture is transparent; colours are premultiplied. */
    public void setClear(boolean wanted) {
        ground = wanted == clear ? ground : new int[0];
        clear = wanted;
    }

    /** What is seen behind everybody from the next picture on. */
    public void setBackdrop(Backdrop wanted) {
        ground = wanted.equals(backdrop) ? ground : new int[0];
        backdrop = wanted;
    }

    /** How everybody is lit from the next picture on. */
    public void setLighting(Lighting wanted) {
        lighting = wanted;
    }

    /** How everybody is lit, and what is seen behind them, from the next picture on. */
    public void dress(Dressing dressing) {
        setLighting(dressing.lighting());
        setBackdrop(dressing.backdrop());
    }

    /**
     * Whether the next pictures are drawn in two thirds of the time, because others follow them at once: outlines are softened rather
     * than looked at closely, and shadows are cast for every second picture.
     */
    public void setQuick(boolean wanted) {
        quick = wanted;
    }

    /**
     * Draws a picture.
     *
     * @param pixels receives width * height pixels, opaque unless the picture is clear
     */
    public void draw(List<Surface> surfaces, Camera camera, int newWidth, int newHeight, int[] pixels) {
        requireThat(
                newWidth > 0 && newHeight > 0 && newWidth <= 8192 && newHeight <= 8192,
                "Pictures have 1 to 8192 pixels a side.");
        requireThat(pixels.length >= newWidth * newHeight, "The pixel array is too short.");
        if (width != newWidth || height != newHeight || ground.length == 0) {
            width = newWidth;
            height = newHeight;
            paintGround();
        }
        boolean soft = quick && width * height >= SMALL && deep.length == 0;
        Vec key = lighting.key(camera);
        Piece<ShadowMap> casting = Piece.offer(() -> {
            if (!soft || !shadows.lastOnceMore(surfaces, key)) {
                shadows.draw(surfaces, key);
            }
            return shadows;
        });
        // While one thread casts shadows this one finds out what lies where.
        scene.take(surfaces, camera, 2 * width, 2 * height);
        Tiles tiles = new Tiles(scene, width, height, soft ? 1 : 2);
        if (soft) {
            softening.begin(tiles.down);
        } else if (width * height < SMALL) {
            edges.markAll(width, height);
        } else {
            edges.mark(scene, surfaces, width, height);
        }
        Shader shader = new Shader(scene, casting.take(), lighting, camera);
        int vertices = scene.vertexCount();
        IntStream.range(0, BANDS)
                .parallel()
                .forEach(part -> shader.lightVertices(
                        (int) ((long) vertices * part / BANDS), (int) ((long) vertices * (part + 1) / BANDS)));
        Canvas canvas = new Canvas(width, height, pixels, deep, ground, backdrop, clear);
        while (brushes.size() < tiles.down) {
            brushes.add(new Brush());
        }
        IntStream.range(0, tiles.down).parallel().forEach(row -> {
            if (soft) {
                brushes.get(row).paintQuickly(row, tiles, shader, softening, canvas);
            } else {
                brushes.get(row).paint(row, tiles, shader, edges, canvas);
            }
        });
        if (soft) {
            softening.soften(tiles.down, pixels, width, height);
        }
    }

    /** Draws into a new picture. */
    public Picture draw(List<Surface> surfaces, Camera camera, int newWidth, int newHeight) {
        int[] pixels = new int[newWidth * newHeight];
        draw(surfaces, camera, newWidth, newHeight, pixels);
        return new Picture(newWidth, newHeight, pixels);
    }

    /** Draws into a new picture with 16 bits a colour. */
    public DeepPicture drawDeep(List<Surface> surfaces, Camera camera, int newWidth, int newHeight) {
        deep = new short[4 * newWidth * newHeight];
        draw(surfaces, camera, newWidth, newHeight, new int[newWidth * newHeight]);
        DeepPicture picture = new DeepPicture(newWidth, newHeight, deep);
        deep = new short[0];
        return picture;
    }

    private void paintGround() {
        ground = new int[width * height];
        if (clear) {
            return;
        }
        float[] light = new float[3];
        for (int y = 0; y < height; y++) {
            backdrop.light(y / (float) height, light);
            for (int x = 0; x < width; x++) {
                // Half a level of fixed noise keeps the gradient free of bands.
                float grain = ((x * 0x9E3779B1 ^ y * 0x85EBCA6B) >>> 24) / 255f - 0.5f;
                float noise = backdrop.isEven() ? 0 : grain * 0.004f;
                ground[y * width + x] = Tone.pixel(light[0] + noise, light[1] + noise, light[2] + noise);
            }
        }
    }
}
