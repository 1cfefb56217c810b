package graykite.people.face;

import graykite.rig.Part;
import java.util.ArrayList;
import java.util.List;

/** A mesh of things that stand in the skin, each of which goes as a whole with the vertex at its root. */
final class Rooted {
    private final MeshBuilder mesh;
    /** The root of each vertex of the mesh so far. */
    private final List<Spot> roots = new ArrayList<>();

    Rooted(MeshBuilder mesh) {
        this.mesh = mesh;
    }

    /** All that was added to the mesh since the last root stands in this one. */
    void at(SkinGrid.Node root) {
        Spot spot = Spot.onSkin(root);
        while (roots.size() < mesh.size()) {
            roots.add(spot);
        }
    }

    Part part(Actions actions) {
        actions.moves().forEach((name, move) -> mesh.target(name, i -> move.at(roots.get(i))));
        return mesh.build();
    }
}
