package graykite.figures;

import graykite.geometry.Vec;
import graykite.picture.Camera;
import graykite.picture.Material;
import graykite.picture.Renderer;
import graykite.picture.Surface;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.List;

/** How much of an eyeball is seen from the front: what one would see, counted in points of a picture. */
final class EyeWindow {
    private static final int SIZE = 320;
    private static final Material FLAT = Material.drawing("count");

    private EyeWindow() {}

    /**
     * Points of a picture in which the eyeball of a side is seen at given values; -1 when no mesh is called an eye.
     *
     * @param side ".L" or ".R"
     */
    static double seen(Character character, double[] values, String side) {
        Deformer deformer = new Deformer(character);
        double sign = side.equals(".L") ? 1 : -1;
        List<Surface> surfaces = new ArrayList<>();
        double x = 0;
        double y = 0;
        double z = 0;
        int n = 0;
        for (Part part : character.parts()) {
            float[] p = deformer.placed(part, values);
            float[] colours = new float[p.length];
            if (FaceMap.isEye(part)) {
                for (int i = 0; i < p.length; i += 3) {
                    if (Math.signum(p[i]) == sign) {
                        colours[i] = 0.9f;
                        x += p[i];
                        y += p[i + 1];
                        z += p[i + 2];
                        n++;
                    }
                }
            }
            surfaces.add(new Surface(p, new float[p.length], colours, part.triangles(), FLAT));
        }
        if (n == 0) {
            return -1;
        }
        Camera close = new Camera(new Vec(x / n, y / n, z / n), 0, 0, 1400, 60);
        int[] pixels = new Renderer().draw(surfaces, close, SIZE, SIZE).pixels();
        int seen = 0;
        for (int pixel : pixels) {
            int red = pixel >> 16 & 255;
            int green = pixel >> 8 & 255;
            seen += red > 200 && green < 40 ? 1 : 0;
        }
        return seen;
    }
}
