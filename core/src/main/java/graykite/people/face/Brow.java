package graykite.people.face;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.rig.Channel;
import graykite.rig.Part;
import java.util.Set;

/**
 * A brow: locks of hair that lie over one another like feathers, from the nose outward, on a thin bed that fills the gaps between
 * them. The inner ones stand up, the others follow the arch. They part where the brow is raised and close where it is drawn down.
 */
final class Brow {
    private static final int LOCKS = 14;
    /** Millimetres from the middle of a brow to its inner and its outer end. */
    private static final double INNER = 19;

    private static final double OUTER = 18;
    /** How far a lock runs along the brow, as a share of it. */
    private static final double RUN = 0.32;

    private static final Set<String> RAISERS = Set.of("innerBrowRaiser", "outerBrowRaiser");
    private static final String LOWERER = "browLowerer";

    private final FacePlan plan;
    private final Person.Brows look;
    private final int sign;

    private Brow(FacePlan plan, Person.Brows look, boolean left) {
        this.plan = plan;
        this.look = look;
        sign = left ? 1 : -1;
    }

    static Part of(FacePlan plan, Actions actions, boolean left, int joint, Person.Brows look) {
        MeshBuilder mesh = new MeshBuilder(left ? "left brow" : "right brow", Carving.HAIR, joint);
        Brow brow = new Brow(plan, look, left);
        brow.bed(mesh);
        for (int lock = 0; lock < LOCKS; lock++) {
            brow.lock(mesh, lock);
        }
        actions.moves().forEach((name, move) -> {
            if (actions.channels().get(name).group() != Channel.Group.LIPS) {
                double parting = parting(name);
                mesh.target(name, i -> {
                    Vec at = mesh.point(i);
                    double off = at.y() - brow.spine(brow.along(at));
                    // Skin stretches and folds under a brow, hair does not: all of a lock goes up as its middle does.
                    Vec moved = move.at(Spot.upperFace(at));
                    Vec middle = move.at(Spot.upperFace(at.minus(new Vec(0, off, 0))));
                    double part = parting * off * Math.min(1, middle.length() / 4);
                    return new Vec(moved.x(), middle.y() + part, moved.z());
                });
            }
        });
        return mesh.build();
    }

    /** By how much of their distance from the middle of the brow locks part with an action, or close. */
    private static double parting(String action) {
        String unit = action.replaceFirst("\\.[LR]$", "");
        return RAISERS.contains(unit) ? 0.1 : unit.equals(LOWERER) ? -0.05 : 0;
    }

    /** Share of the way from the inner to the outer end. */
    private double along(Vec place) {
        return (sign * place.x() - plan.brow().x() + INNER) / (INNER + OUTER);
    }

    /** Height of the middle of the brow. */
    private double spine(double u) {
        double share = Math.clamp(u, 0, 1);
        return plan.brow().y()
                + look.arch() * Math.sin(Math.PI * Math.pow(share, 1.25))
                - 2.4 * smooth(0.6, 1, share)
                - 3.4 * (1 - share)
                + look.slant() * share;
    }

    /** Half the width of the brow: blunt at the inner end, drawn out to a point at the outer one. */
    private double width(double u) {
        double share = Math.clamp(u, 0, 1);
        return look.thick() * Math.pow(smooth(-0.06, 0.2, share), 0.7) * Math.pow(1 - share, 0.42) * mix(1, 0.9, share);
    }

    /** A place so far along the brow, beside its middle and over the skin. */
    private Vec place(double u, double beside, double over) {
        Vec b = plan.brow();
        double x = sign * mix(b.x() - INNER, b.x() + OUTER, u);
        Vec skin = plan.surface(
                new Vec(x, spine(u) + beside, b.z()).minus(plan.centre()).unit());
        return skin.plus(plan.normal(skin).times(over));
    }

    private void bed(MeshBuilder mesh) {
        mesh.grid(
                20,
                6,
                true,
                (u, v) -> {
                    double turn = sign * 2 * Math.PI * v;
                    double half = 0.8 * width(u);
                    return place(u, half * Math.cos(turn), Math.max(-1.2, 0.3 * half * Math.sin(turn)) + 0.1);
                },
                p -> look.colour().times(0.72));
    }

    private void lock(MeshBuilder mesh, int lock) {
        double root = mix(-0.01, 0.72, lock / (LOCKS - 1.0));
        // Above, below and in the middle in turns.
        double lane = new double[] {0.5, -0.55, 0}[lock % 3];
        // The first ones stand up steeply, the later ones lie along the brow.
        double rise = 0.5 * smooth(0.25, 0, root);
        double run = RUN * mix(0.85, 1, smooth(0, 0.3, root));
        double tone = 0.95 + 0.1 * (lock * 5 % 7) / 6.0;
        mesh.grid(
                9,
                6,
                true,
                (s, v) -> {
                    double turn = sign * 2 * Math.PI * v;
                    double u = Math.min(0.995, root + run * s);
                    // Broad near the root, drawn out to a point.
                    double leaf = Math.pow(Math.sin(Math.PI * Math.pow(mix(0.08, 0.985, s), 0.62)), 0.9);
                    double half = 0.4 * look.thick() * Math.pow(1 - root, 0.35) * leaf;
                    double middle = mix(lane * width(u), (0.15 * lane + rise) * width(root + run), s);
                    // Each tip lies on the root of the next.
                    double over = 0.35 * look.thick() * mix(0.4, 1, s) * Math.pow(1 - u, 0.3);
                    return place(
                            u,
                            middle + half * Math.cos(turn),
                            Math.max(-0.8, over * leaf + 0.55 * half * Math.sin(turn)));
                },
                p -> look.colour().times(tone));
    }
}
