package graykite.people.face;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Corrective;
import graykite.rig.LipLine;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.IntFunction;

/** The skin with its colours, its actions and the correctives that keep the lips able to close. */
final class SkinPart {
    /** What shuts the lips, against everything that may open them. */
    static final List<String> OPENERS = List.of(
            "jawDrop",
            "lipFunneler",
            "lipPucker",
            "upperLipRaiser.L",
            "upperLipRaiser.R",
            "lowerLipDepressor.L",
            "lowerLipDepressor.R",
            "lipCornerPuller.L",
            "lipCornerPuller.R",
            "lipCornerDepressor.L",
            "lipCornerDepressor.R",
            "lipStretcher.L",
            "lipStretcher.R",
            "noseWrinkler.L",
            "noseWrinkler.R",
            "chinRaiser",
            "lipTightener",
            "lipPressor",
            "lipSuck",
            "jawSideways.L",
            "jawSideways.R",
            "jawThrust");

    private final SkinMesh grid;
    private final Actions actions;
    private final List<EyeRim> eyes;
    private final CornerSkin corners;
    private final Part part;
    private final List<Corrective> correctives = new ArrayList<>();

    SkinPart(
            FacePlan plan,
            SkinMesh grid,
            List<EyeRim> eyes,
            Actions actions,
            Material material,
            int joint,
            Function<SkinGrid.Node, Colour> colour) {
        this.grid = grid;
        this.actions = actions;
        this.eyes = eyes;
        corners = new CornerSkin(grid);
        MeshBuilder mesh = new MeshBuilder("skin", material, joint);
        List<Colour> colours = grid.nodes().parallelStream().map(colour).toList();
        for (int i = 0; i < colours.size(); i++) {
            mesh.add(grid.nodes().get(i).point(), colours.get(i));
        }
        grid.faces().forEach(mesh::face);
        Map<String, IntFunction<Vec>> targets = new LinkedHashMap<>();
        actions.moves().keySet().forEach(name -> targets.put(name, i -> move(name, i)));
        if (actions.moves().isEmpty()) {
            part = mesh.build();
            return;
        }
        for (String opener : OPENERS) {
            closing(targets, "lipsTogether", opener);
            towardsTeeth(targets, opener);
        }
        for (Actions.Meeting meeting : actions.meetings()) {
            String name = meeting.first() + "*" + meeting.second();
            correctives.add(new Corrective(name, meeting.first(), meeting.second()));
            targets.put(name, i -> meeting.move().at(Spot.onSkin(grid.nodes().get(i))));
        }
        add(mesh, targets);
        part = mesh.build();
    }

    /** Stretches the skin beside the corners for all targets at once, then adds them in their order. */
    private void add(MeshBuilder mesh, Map<String, IntFunction<Vec>> targets) {
        List<Vec[]> stretched =
                targets.values().parallelStream().map(corners::stretched).toList();
        Iterator<Vec[]> next = stretched.iterator();
        targets.keySet().forEach(name -> {
            Vec[] moves = next.next();
            mesh.target(name, i -> moves[i]);
        });
    }

    private Vec move(String action, int vertex) {
        SkinGrid.Node node = grid.nodes().get(vertex);
        Vec move = actions.moves().get(action).at(Spot.onSkin(node));
        for (EyeRim eye : eyes) {
            move = eye.slid(node.point(), move);
        }
        return move;
    }

    /** Takes back what an action opens between the two sides of the seam: a quarter above, three quarters below. */
    private void closing(Map<String, IntFunction<Vec>> targets, String shut, String opener) {
        String name = shut + "*" + opener;
        correctives.add(new Corrective(name, shut, opener));
        targets.put(name, i -> {
            SkinGrid.Node node = grid.nodes().get(i);
            boolean upper = Math.sin(SkinGrid.angle(node.spoke())) >= 0;
            int other = SkinGrid.SPOKES - node.spoke();
            Vec up = move(opener, grid.index(SkinGrid.SEAM, upper ? node.spoke() : other));
            Vec down = move(opener, grid.index(SkinGrid.SEAM, upper ? other : node.spoke()));
            Vec opened = up.minus(down);
            double reach = follow(node, 1);
            return opened.times(reach * (upper ? -0.22 : 0.78));
        });
    }

    /** Keeps the lower lip under the upper teeth whatever moves it away. */
    private void towardsTeeth(Map<String, IntFunction<Vec>> targets, String opener) {
        String name = "lipToTeeth*" + opener;
        correctives.add(new Corrective(name, "lipToTeeth", opener));
        targets.put(name, i -> {
            SkinGrid.Node node = grid.nodes().get(i);
            if (Math.sin(SkinGrid.angle(node.spoke())) >= 0) {
                return Vec.ZERO;
            }
            Vec moved = move(opener, grid.index(SkinGrid.SEAM, node.spoke()));
            double reach = follow(node, 1.5);
            return moved.times(-reach * Math.abs(node.half()));
        });
    }

    /**
     * How far a place goes along with the seam when the lips are brought together: fully on the lips, less and less
     * around them, least beside the corners, where nothing has opened.
     */
    private static double follow(SkinGrid.Node node, double narrow) {
        if (node.ring() < SkinGrid.SEAM) {
            return smooth(0, 0.6, node.ring() / (double) SkinGrid.SEAM);
        }
        int out = node.ring() - SkinGrid.BORDER;
        if (out <= 0) {
            return 1;
        }
        double beside = mix(1, Math.pow(node.open(), narrow), smooth(0, 10, out));
        return Math.pow(node.lipness(), 0.8) * (1 - smooth(0.0, 1.0, out / 26.0)) * beside;
    }

    Part part() {
        return part;
    }

    List<Corrective> correctives() {
        return correctives;
    }

    LipLine lips(int partIndex) {
        int half = SkinGrid.SPOKES / 2;
        int[] upper = new int[half - 1];
        int[] lower = new int[half - 1];
        for (int i = 1; i < half; i++) {
            upper[i - 1] = grid.index(SkinGrid.SEAM, i);
            lower[i - 1] = grid.index(SkinGrid.SEAM, SkinGrid.SPOKES - i);
        }
        return new LipLine(partIndex, upper, lower);
    }
}
