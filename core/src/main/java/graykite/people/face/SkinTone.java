package graykite.people.face;

import static graykite.geometry.Ease.bell;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Colour;

/** Paints a person's skin: warm where blood is near, cool at jaw and sockets, the red of the lips, dark in hollows. */
public final class SkinTone {
    private final FacePlan plan;
    private final Person.Tones tones;
    private final Person.Marks marks;

    SkinTone(Person person) {
        plan = person.plan();
        tones = person.tones();
        marks = person.marks();
    }

    Colour of(SkinGrid.Node node) {
        Vec p = node.point();
        if (node.ring() < SkinGrid.SEAM - 1) {
            double deep = (SkinGrid.SEAM - node.ring()) / (double) SkinGrid.BAG_RINGS;
            return tones.lips().mix(tones.cavity(), smooth(0.05, 0.4, deep)).times(1 - 0.72 * smooth(-0.1, 0.55, deep));
        }
        double ax = Math.abs(p.x());
        Vec c = plan.cheek();
        Vec tip = plan.noseTip();
        Vec m = plan.mouth();
        double cheek = bell((ax - c.x() - 2) / 19, (p.y() - c.y() - 2) / 17, 0) * smooth(20, 50, p.z());
        double nose = bell(p.x() / 13, (p.y() - tip.y()) / 13, (p.z() - tip.z() + 2) / 16);
        double chin = bell(p.x() / 20, (p.y() - m.y() + 33) / 15, 0) * smooth(20, 50, p.z());
        double socket = bell((ax - plan.eye().x()) / 21, (p.y() - plan.eye().y() + 2) / 15, 0) * smooth(30, 60, p.z());
        double jaw = smooth(m.y() + 3, m.y() - 31, p.y()) * (1 - chin);
        Colour flush = tones.flush();
        Colour colour = tones.base()
                .mix(flush, 0.62 * cheek + 0.5 * nose + 0.22 * chin)
                .mix(tones.cool(), 0.45 * jaw + 0.25 * socket)
                .mix(flush.times(0.75), 0.25 * socket);
        double grain =
                Math.sin(p.x() * 1.9 + 3 * Math.sin(p.y() * 0.9)) * Math.sin(p.y() * 2.3 + 2 * Math.sin(p.x() * 0.7));
        colour = colour.times(1 - 0.05 * smooth(0.55, 1, grain) * (cheek + nose));
        double brush = brush(p);
        colour = colour.mix(flush, 0.16 * Math.max(0, brush))
                .mix(tones.cool(), 0.16 * Math.max(0, -brush))
                .times(1 + 0.022 * brush);
        colour = marks.over(colour, p);
        double along = (node.ring() - SkinGrid.SEAM) / (double) SkinGrid.LIP_RINGS;
        if (along <= 1.25) {
            double corner = smooth(1, 0.9, Math.abs(node.across()));
            double red = smooth(1.2, 0.86, along) * (0.35 + 0.65 * corner);
            Colour lip = tones.lips()
                    .times(node.half() > 0 ? 0.9 : 1.05)
                    .mix(tones.cavity(), 0.75 * smooth(0.30, -0.1, along));
            colour = colour.mix(lip, red).times(node.ring() < SkinGrid.SEAM ? 0.5 : 1);
        }
        // Light that bounces inside hollows of skin comes back red.
        double hidden = 1 - plan.openness(p, plan.normal(p));
        return new Colour(
                (float) (colour.red() * (1 - 0.75 * hidden)), (float) (colour.green() * (1 - 0.98 * hidden)), (float)
                        (colour.blue() * (1 - 1.0 * hidden)));
    }

    /** Strokes of a broad brush that was drawn down and outwards over the face: warmer here, cooler there, from -1 to 1. */
    private static double brush(Vec p) {
        double along = p.y() - 0.45 * Math.abs(p.x());
        double across = p.x() + 0.3 * p.z();
        double wander = 2.2 * Math.sin(0.11 * along + 0.07 * p.z()) + 1.3 * Math.sin(0.05 * across - 0.19 * along);
        return 0.6 * Math.sin(0.37 * across + wander) * Math.sin(0.13 * along + 0.21 * p.z() + 0.7 * wander)
                + 0.4 * Math.sin(0.61 * across - 0.29 * along - 1.7 * wander);
    }

    /** 1 on a line between two points, falling off over its width; weaker towards its ends. */
    public static double stroke(double x, double y, double ax, double ay, double bx, double by, double width) {
        double ux = bx - ax;
        double uy = by - ay;
        double t = Math.clamp(((x - ax) * ux + (y - ay) * uy) / (ux * ux + uy * uy), 0, 1);
        double away = Math.hypot(x - ax - t * ux, y - ay - t * uy) / width;
        return Math.exp(-away * away) * (0.55 + 0.45 * Math.sin(Math.PI * t));
    }
}
