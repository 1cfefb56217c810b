package graykite.people.face;

import graykite.geometry.Vec;
import graykite.picture.Material;
import graykite.picture.Texture;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** The painted inside of a mouth that lies behind a picture: a dark cavity, two rows of teeth, a tongue. */
final class PictureMouth {
    private static final int FINE = 8;

    private final FacePlan plan;
    private final Actions actions;
    private final Function<Vec, Map<String, Vec>> turned;

    PictureMouth(FacePlan plan, Actions actions, Function<Vec, Map<String, Vec>> turned) {
        this.plan = plan;
        this.actions = actions;
        this.turned = turned;
    }

    List<Part> parts() {
        double y = plan.mouth().y();
        double jaw = actions.jawDrop(plan.mouth()).y();
        List<Part> parts = new ArrayList<>();
        parts.add(card("inside", 62, 64, 0, y - 18, -16, cavity(), Map.of()));
        parts.add(card("upper teeth", 46, 12, 0, y + 0.5, -8, teeth(true), Map.of()));
        Map<String, Vec> withJaw = Map.of("jawDrop", new Vec(0, jaw, 0));
        parts.add(card(
                "tongue",
                36,
                26,
                0,
                y - 11,
                -11,
                tongue(),
                Map.of(
                        "jawDrop", new Vec(0, jaw, 0),
                        "tongueUp", new Vec(0, 11, 0),
                        "tongueOut", new Vec(0, 3, 0),
                        "tongueBack", new Vec(0, 6, 0))));
        parts.add(card("lower teeth", 42, 11, 0, y - 7, -9, teeth(false), withJaw));
        return parts;
    }

    private Part card(
            String name,
            double wide,
            double tall,
            double x,
            double y,
            double depth,
            Texture painted,
            Map<String, Vec> moves) {
        float l = (float) (x - wide / 2);
        float r = (float) (x + wide / 2);
        float t = (float) (y + tall / 2);
        float b = (float) (y - tall / 2);
        float z = (float) depth;
        float[] positions = {l, t, z, l, b, z, r, b, z, r, t, z};
        float[] colours = {1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1};
        Map<String, Vec> all = new LinkedHashMap<>(moves);
        // The inside goes along with the lips in front of it.
        turned.apply(new Vec(0, plan.mouth().y(), plan.mouth().z() - 6)).forEach(all::put);
        List<MorphTarget> targets = new ArrayList<>();
        all.forEach((channel, m) -> {
            float[] figures = new float[12];
            for (int i = 0; i < 12; i++) {
                figures[i] = (float) (i % 3 == 0 ? m.x() : i % 3 == 1 ? m.y() : 0);
            }
            targets.add(new MorphTarget(channel, new int[] {0, 1, 2, 3}, figures));
        });
        return new Part(
                name,
                Material.drawing("mouth"),
                0,
                positions,
                colours,
                new int[] {0, 1, 2, 0, 2, 3},
                targets,
                Part.Looks.textured(painted, new float[] {0, 0, 0, 1, 1, 1, 1, 0}));
    }

    private interface Painting {
        void paint(Graphics2D pen, int width, int height);
    }

    private static Texture painted(int wide, int tall, Painting painting) {
        BufferedImage image = new BufferedImage(wide * FINE, tall * FINE, BufferedImage.TYPE_INT_ARGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        painting.paint(pen, image.getWidth(), image.getHeight());
        pen.dispose();
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return new Texture(image.getWidth(), image.getHeight(), pixels);
    }

    private static Texture cavity() {
        return painted(62, 64, (pen, w, h) -> {
            pen.setPaint(new GradientPaint(0, 0, new Color(0x3C1216), 0, h * 0.5f, new Color(0x1C070A)));
            pen.fillRect(0, 0, w, h);
        });
    }

    private static Texture teeth(boolean upper) {
        int wide = upper ? 46 : 42;
        int tall = upper ? 12 : 11;
        double[] widths = upper ? new double[] {8, 6.4, 5.4, 3.2} : new double[] {5, 5.2, 5, 4};
        return painted(wide, tall, (pen, w, h) -> {
            double at = 0;
            for (int i = 0; i < widths.length; i++) {
                double each = widths[i] * FINE;
                double shorter = (i == 1 || i == 3 ? 0.10 : 0) * h;
                for (int side = -1; side <= 1; side += 2) {
                    double x = w / 2.0 + (side > 0 ? at : -at - each);
                    double y = upper ? -0.3 * h : 0.04 * h + shorter;
                    RoundRectangle2D tooth =
                            new RoundRectangle2D.Double(x + 1, y, each - 2, 1.26 * h - shorter, 0.5 * each, 0.4 * h);
                    int dim = 14 * i;
                    pen.setColor(new Color(246 - dim, 238 - dim, 222 - dim));
                    pen.fill(tooth);
                    pen.setColor(new Color(150, 120, 105, 90));
                    pen.draw(tooth);
                }
                at += each;
            }
        });
    }

    private static Texture tongue() {
        return painted(36, 26, (pen, w, h) -> {
            pen.setPaint(new GradientPaint(0, 0, new Color(0xC4646A), 0, h, new Color(0x8B3841)));
            pen.fill(new Ellipse2D.Double(2, 2, w - 4, 1.5 * h));
            pen.setColor(new Color(0x8B3841));
            pen.fillRect(w / 2 - 2, h / 5, 4, h / 2);
        });
    }
}
