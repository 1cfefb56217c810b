package graykite.people.wear;

import graykite.geometry.Vec;
import graykite.people.face.FacePlan;
import graykite.people.plan.Mass;
import graykite.people.plan.PersonPlan;
import graykite.rig.Part;
import java.util.function.UnaryOperator;

/**
 * Brings what was cut for one figure to the size of another.
 *
 * @param face where things are on the head
 * @param person the shaped person
 * @param head joint of what goes with the head
 * @param body joint of what goes with the shoulders
 */
public record Fit(FacePlan face, PersonPlan person, int head, int body) {
    /** Depth of the axis about which clothes are turned. */
    private static final double AXIS = -18;

    /** Something that was cut for a skull, on this one. */
    Part onHead(Part part, Mass.Ball cutFor) {
        Mass.Ball skull = person.skull();
        Vec from = cutFor.at();
        Vec grow = new Vec(
                skull.radii().x() / cutFor.radii().x(),
                skull.radii().y() / cutFor.radii().y(),
                skull.radii().z() / cutFor.radii().z());
        return moved(part, p -> {
            Vec off = p.minus(from);
            return skull.at().plus(new Vec(off.x() * grow.x(), off.y() * grow.y(), off.z() * grow.z()));
        });
    }

    /** Clothes that were cut for a grown person, on these shoulders. */
    Part onBody(Part part) {
        PersonPlan.Body body = person.body();
        return moved(
                part, p -> new Vec(p.x() * body.build(), p.y() + body.rise(), AXIS + (p.z() - AXIS) * body.build()));
    }

    private static Part moved(Part part, UnaryOperator<Vec> move) {
        float[] p = part.positions().clone();
        for (int i = 0; i < p.length; i += 3) {
            Vec to = move.apply(new Vec(p[i], p[i + 1], p[i + 2]));
            p[i] = (float) to.x();
            p[i + 1] = (float) to.y();
            p[i + 2] = (float) to.z();
        }
        return new Part(
                part.name(), part.material(), part.joint(), p, part.colours(), part.triangles(), part.targets());
    }
}
