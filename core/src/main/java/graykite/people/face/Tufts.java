package graykite.people.face;

import static graykite.geometry.Ease.mix;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.rig.Part;
import java.util.List;

/** Locks of fur in rows: each rises out of the skin, lies down towards its point, and goes with the skin that it stands in. */
final class Tufts {
    /** Locks beside one another overlap by a share of their width. */
    private static final double CLOSE = 0.55;

    /** How much longer a lock in the middle of its row is than one at its ends. */
    private static final double ENDS = 0.55;

    /** Share of its width that a lock is thick. */
    private static final double FLAT = 0.34;

    /** How much a lock's aim points out of the skin when it stands freely. */
    private static final double STANDS = 0.6;

    /** How far over the skin one lies that does not stand, millimetres. */
    private static final double OVER = 2.5;

    /** How far a lock may be aimed to either side of where its row is aimed. */
    private static final double ASTRAY = 0.22;

    /** How deep its root goes, millimetres. */
    private static final double ROOT = 2.5;

    private static final int ALONG = 8;
    private static final int AROUND = 8;

    private final FacePlan plan;
    private final SkinMesh grid;
    private final SkinTone tone;

    Tufts(FacePlan plan, SkinMesh grid, SkinTone tone) {
        this.plan = plan;
        this.grid = grid;
        this.tone = tone;
    }

    Part part(List<Person.Tuft> tufts, Actions actions, int joint) {
        MeshBuilder mesh = new MeshBuilder("tufts", Carving.FUR, joint);
        Rooted rooted = new Rooted(mesh);
        for (Person.Tuft tuft : tufts) {
            for (int side = -1; side <= 1; side += 2) {
                row(mesh, tuft, side, rooted);
            }
        }
        return rooted.part(actions);
    }

    private void row(MeshBuilder mesh, Person.Tuft tuft, int side, Rooted rooted) {
        double row = tuft.to().minus(tuft.from()).length();
        int locks = 1 + (int) Math.round(row / (CLOSE * tuft.width()));
        for (int i = 0; i < locks; i++) {
            double t = (i + 0.5) / locks;
            Vec at = tuft.from().mix(tuft.to(), t).mirroredTo(side);
            Vec on = plan.surface(at.minus(plan.centre()).unit());
            SkinGrid.Node node = grid.nearest(on);
            // No two are alike: neither as long nor aimed alike.
            double uneven = 0.85 + 0.15 * Math.sin(2.4 * i + side);
            double length = tuft.length() * mix(ENDS, 1, Math.sin(Math.PI * t)) * uneven;
            Vec sideways = tuft.to().minus(tuft.from()).unit().times(ASTRAY * Math.sin(4.1 * i + tuft.length()));
            Vec aim = tuft.aim().unit().plus(sideways).mirroredTo(side).unit();
            lock(mesh, on, aim, length, tuft.width(), tone.of(node));
            rooted.at(node);
        }
    }

    private void lock(MeshBuilder mesh, Vec on, Vec aim, double length, double width, Colour colour) {
        Vec out = plan.normal(on);
        // It leaves the skin, bends, and never goes into it; one that is not to stand goes along with the skin.
        double lies = Math.clamp(1 - aim.dot(out) / STANDS, 0, 1);
        Vec beyond = aim.plus(out.times(Math.max(0, -aim.dot(out)) + 0.15)).unit();
        Vec root = on.minus(out.times(ROOT));
        Vec bend = lying(on.plus(aim.plus(out.times(0.2)).unit().times(0.45 * length)), lies);
        Vec tip = lying(on.plus(beyond.times(length)), lies);
        Vec across = tip.minus(root).cross(out).unit();
        Vec thick = across.cross(tip.minus(root).unit()).times(-FLAT);
        mesh.grid(
                ALONG,
                AROUND,
                true,
                (u, v) -> {
                    double round = 2 * Math.PI * v;
                    // A leaf: broadest before its middle, drawn out into a point.
                    double half = 0.5 * width * (0.7 + 0.9 * u) * Math.pow(1 - u, 0.75);
                    Vec middle = root.mix(bend, u).mix(bend.mix(tip, u), u);
                    return middle.plus(across.times(half * Math.cos(round))).plus(thick.times(half * Math.sin(round)));
                },
                p -> colour.times(mix(0.97, 1.12, Math.clamp(p.minus(on).length() / length, 0, 1))));
    }

    /** A place near the skin, closer to it by a share. */
    private Vec lying(Vec place, double share) {
        Vec skin = plan.surface(place.minus(plan.centre()).unit());
        return place.mix(skin.plus(plan.normal(skin).times(OVER)), share);
    }
}
