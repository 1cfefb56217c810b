package graykite.rig;

import static graykite.base.Require.requireThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How some vertices of a part move when a channel or corrective goes from 0 to 1.
 *
 * @param name the channel or corrective that drives it
 * @param vertices which vertices move, ascending
 * @param moves x y z in millimetres for each of them
 */
public record MorphTarget(String name, int[] vertices, float[] moves) {
    public MorphTarget {
        requireThat(moves.length == 3 * vertices.length, "Each moved vertex has three figures.");
    }

    /**
     * The target for some of the vertices.
     *
     * @param kept the new indices of each vertex that is kept
     * @return nothing when it moves none of them
     */
    Optional<MorphTarget> only(Map<Integer, List<Integer>> kept) {
        List<Integer> moved = new ArrayList<>();
        List<Float> figures = new ArrayList<>();
        for (int i = 0; i < vertices.length; i++) {
            for (int at : kept.getOrDefault(vertices[i], List.of())) {
                moved.add(at);
                for (int k = 0; k < 3; k++) {
                    figures.add(moves[3 * i + k]);
                }
            }
        }
        if (moved.isEmpty()) {
            return Optional.empty();
        }
        float[] fewer = new float[figures.size()];
        for (int i = 0; i < fewer.length; i++) {
            fewer[i] = figures.get(i);
        }
        return Optional.of(new MorphTarget(name, moved.stream().mapToInt(v -> v).toArray(), fewer));
    }
}
