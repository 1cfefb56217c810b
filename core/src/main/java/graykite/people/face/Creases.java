package graykite.people.face;

import static graykite.geometry.Ease.mix;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.List;

/**
 * Lines that come with an action: each is a narrow ribbon that lies under the skin at rest, where nobody sees it, and rises out
 * of it with its action, thin at first. So a line may be finer than the mesh of the skin.
 */
final class Creases {
    /** Millimetres under the skin at rest; how far the action lifts it; how much the middle of a ribbon stands higher than its sides. */
    private static final double UNDER = 0.75;

    private static final double LIFT = 0.9;
    private static final double RIDGE = 0.34;
    private static final int SECTIONS = 10;
    private static final int ACROSS = 3;

    private final FacePlan plan;
    private final List<EyeRim> rims;
    private final SkinTone tone;

    Creases(FacePlan plan, List<EyeRim> rims, SkinTone tone) {
        this.plan = plan;
        this.rims = rims;
        this.tone = tone;
    }

    /** Where a vertex of a ribbon comes out, and with which channel. */
    private record Rise(Vec by, String channel) {}

    Part part(Person person, Actions actions, Material material, int joint) {
        MeshBuilder mesh = new MeshBuilder("creases", material, joint);
        List<Rise> rises = new ArrayList<>();
        Colour line = person.tones().flush().times(0.62);
        for (Person.Crease crease : person.creases()) {
            for (int side = -1; side <= 1; side += 2) {
                ribbon(mesh, crease, side, line, rises);
            }
        }
        actions.moves()
                .forEach((name, move) -> mesh.target(name, i -> {
                    Vec moved = move.at(Spot.upperFace(mesh.point(i)));
                    return rises.get(i).channel.equals(name) ? moved.plus(rises.get(i).by) : moved;
                }));
        return mesh.build();
    }

    private void ribbon(MeshBuilder mesh, Person.Crease crease, int side, Colour line, List<Rise> rises) {
        String channel = crease.with() + (side > 0 ? ".L" : ".R");
        Vec from = crease.from();
        Vec to = crease.to();
        Vec along = new Vec(to.x() - from.x(), to.y() - from.y(), 0).unit();
        int first = mesh.size();
        for (int i = 0; i < SECTIONS; i++) {
            double t = i / (SECTIONS - 1.0);
            // Broadest before the middle, drawn out towards the far end.
            double full = Math.sin(Math.PI * Math.pow(t, 0.8));
            double half = 0.5 * crease.width() * mix(0.25, 1, full);
            for (int k = 0; k < ACROSS; k++) {
                double beside = mix(-1, 1, k / (ACROSS - 1.0));
                double x = mix(from.x(), to.x(), t) - along.y() * half * beside;
                double y = mix(from.y(), to.y(), t) + along.x() * half * beside;
                Vec on = onSkin(side * x, y);
                Vec out = plan.normal(on);
                double middle = 1 - beside * beside;
                double height = RIDGE * middle * Math.sqrt(full) - UNDER;
                Colour own = tone.of(SkinGrid.Node.upperFace(on));
                mesh.add(on.plus(out.times(height)), own.mix(line, 0.6 * crease.strength() * middle));
                rises.add(new Rise(out.times(LIFT * mix(0.85, 1, full)), channel));
            }
        }
        for (int i = 0; i + 1 < SECTIONS; i++) {
            for (int k = 0; k + 1 < ACROSS; k++) {
                int a = first + i * ACROSS + k;
                if (side > 0) {
                    mesh.quad(a, a + ACROSS, a + ACROSS + 1, a + 1);
                } else {
                    mesh.quad(a, a + 1, a + ACROSS + 1, a + ACROSS);
                }
            }
        }
    }

    /** The foremost place of the skin that is seen there from the front; the nearest one where a plan draws beside the head. */
    private Vec onSkin(double x, double y) {
        Vec on = plan.front(x, y)
                .orElseGet(() -> plan.surface(
                        new Vec(x, y, plan.centre().z()).minus(plan.centre()).unit()));
        for (EyeRim rim : rims) {
            on = rim.eased(on);
        }
        return on;
    }
}
