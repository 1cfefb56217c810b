package graykite.people.plan;

import static graykite.geometry.Ease.smooth;

import graykite.geometry.Ease;
import graykite.geometry.Vec;

/**
 * Where the sliders take each place of a head. Proportions of a child after the growth of the skull: the cranium has nearly
 * its grown size, the face below the brow is shorter, narrower and flatter, the nose small and its bridge low.
 */
final class Warp {
    private final PersonPlan plan;
    private final double child;
    private final double old;

    Warp(PersonPlan plan) {
        this.plan = plan;
        child = Math.max(0, -plan.slider(Slider.AGE));
        old = Math.max(0, plan.slider(Slider.AGE));
    }

    /** A mass with its middle moved and its radii grown as the space around it does. */
    Mass.Solid solid(Mass mass) {
        Region part = mass.part();
        return switch (mass.solid()) {
            case Mass.Ball ball -> {
                Vec r = ball.radii();
                double large = part == Region.SOCKET ? 1 + 0.13 * (plan.slider(Slider.EYES) + 0.6 * child) : 1;
                yield new Mass.Ball(
                        at(part, ball.at()),
                        new Vec(
                                large * grown(part, ball.at(), new Vec(r.x(), 0, 0)),
                                large * grown(part, ball.at(), new Vec(0, r.y(), 0)),
                                large * grown(part, ball.at(), new Vec(0, 0, r.z()))));
            }
            case Mass.Rod rod -> {
                double size = part == Region.NOSE ? nose() : 1;
                yield new Mass.Rod(
                        at(part, rod.from()),
                        Math.max(0.5, rod.fromRadius() * size),
                        at(part, rod.to()),
                        Math.max(0.5, rod.toRadius() * size));
            }
        };
    }

    private double grown(Region part, Vec middle, Vec reach) {
        return Math.max(
                0.5,
                at(part, middle.plus(reach))
                                .minus(at(part, middle.minus(reach)))
                                .length()
                        / 2);
    }

    /** Where a place goes; left and right alike. */
    Vec at(Region part, Vec p) {
        Vec q = nose(part, p);
        q = chin(cheeks(jaw(q)));
        q = brow(part, q);
        q = grownUp(part, q);
        return new Vec(q.x() * (1 + 0.105 * slider(Slider.WIDTH)), q.y(), q.z());
    }

    private double slider(Slider slider) {
        return plan.slider(slider);
    }

    private double nose() {
        return (1 + 0.26 * slider(Slider.NOSE)) * (1 - 0.28 * child) * (1 + 0.1 * old);
    }

    /** The nose grows about its root; its tip swings up and down. */
    private Vec nose(Region part, Vec p) {
        Vec tip = plan.spots().noseTip();
        Vec root = new Vec(0, plan.eyes().at().y() + 10, tip.z() - 30);
        double share = part == Region.NOSE ? 1 : bell(p, tip, 22, 22, 26);
        Vec off = p.minus(root).times(1 + (nose() - 1) * share);
        double towardsTip = smooth(root.y() - 8, tip.y(), p.y()) * share;
        double turn = 0.30 * (slider(Slider.NOSE_TIP) - 0.45 * old + 0.3 * child) * towardsTip;
        return root.plus(new Vec(
                off.x(),
                off.y() * Math.cos(turn) + off.z() * Math.sin(turn),
                off.z() * Math.cos(turn) - off.y() * Math.sin(turn) * 0.3));
    }

    private Vec jaw(Vec p) {
        double m = plan.mouth().at().y();
        double low = smooth(m + 32, m - 12, p.y()) * smooth(-60, -10, p.z());
        double v = slider(Slider.JAW) - 0.45 * child;
        double sag = old * smooth(m + 18, m - 22, p.y()) * smooth(8, 34, Math.abs(p.x()));
        return new Vec(p.x() * (1 + 0.18 * v * low), p.y() - 4.5 * v * low - 5.5 * sag, p.z() + 2.5 * v * low);
    }

    private Vec chin(Vec p) {
        Vec m = plan.mouth().at();
        double near = bell(p, new Vec(0, m.y() - 31, m.z() - 24), 30, 20, 40);
        return p.plus(new Vec(0, -3.5, 9).times(slider(Slider.CHIN) * near));
    }

    private Vec cheeks(Vec p) {
        Vec c = plan.spots().cheek();
        double v = slider(Slider.CHEEKS) + 0.38 * child - 0.6 * old;
        double side = Math.signum(p.x());
        double near =
                bell(new Vec(Math.abs(p.x()), p.y(), p.z()), new Vec(c.x() + 4, c.y() - 4, c.z() - 16), 24, 24, 34);
        return p.plus(new Vec(6.5 * side, -0.5, 6).times(v * near));
    }

    /** The ridge over the eyes. */
    private Vec brow(Region part, Vec p) {
        double v = part == Region.BROW ? 2.2 * slider(Slider.BROWS) - 3.5 * child + 1.5 * old : 0;
        return p.plus(new Vec(0, -0.3 * v, v));
    }

    private Vec grownUp(Region part, Vec p) {
        if (child == 0) {
            return p;
        }
        double brow = plan.brows().at().y();
        double below = Math.max(0, brow - p.y());
        double face = smooth(brow + 10, brow - 60, p.y());
        double front = smooth(0, 60, p.z());
        double lips = part == Region.MUZZLE || part == Region.LIP ? 5 : 0;
        double forehead = part == Region.SKULL ? 0 : smooth(brow + 4, brow + 26, p.y()) * front;
        return new Vec(
                p.x() * (1 - 0.05 * child * face),
                p.y() + 0.15 * child * below,
                p.z() - (5 + lips) * child * face * front + 3 * child * forehead);
    }

    private static double bell(Vec p, Vec at, double rx, double ry, double rz) {
        return Ease.bell((p.x() - at.x()) / rx, (p.y() - at.y()) / ry, (p.z() - at.z()) / rz);
    }
}
