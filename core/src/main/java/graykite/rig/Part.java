package graykite.rig;

import static graykite.base.Require.requireThat;

import graykite.picture.Material;
import graykite.picture.Texture;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One piece of a character with one material, at rest. Arrays are shared and must not be written to.
 *
 * @param joint index of the joint that carries it
 * @param positions x y z of each vertex in millimetres, in the space of the whole character
 * @param colours linear red green blue of each vertex
 * @param triangles three vertex indices each, counter-clockwise from outside
 * @param targets what channels and correctives do to it; those that are missing do nothing
 * @param looks what lies over it and when it is seen
 */
public record Part(
        String name,
        Material material,
        int joint,
        float[] positions,
        float[] colours,
        int[] triangles,
        List<MorphTarget> targets,
        Looks looks) {

    /**
     * What not every part has.
     *
     * @param skin when it follows several joints
     * @param texture laid over it
     * @param uv two texture coordinates a vertex, empty without a texture
     * @param twins for each vertex the first vertex that shares its place and normal, so that seams of the texture do not
     *     show; empty when there are none
     * @param showing when it is one drawing among several
     */
    public record Looks(
            Optional<Skin> skin, Optional<Texture> texture, float[] uv, int[] twins, Optional<Showing> showing) {
        public static final Looks PLAIN =
                new Looks(Optional.empty(), Optional.empty(), new float[0], new int[0], Optional.empty());

        public static Looks textured(Texture texture, float[] uv) {
            return new Looks(Optional.empty(), Optional.of(texture), uv, new int[0], Optional.empty());
        }

        public Looks seenWhen(Showing when) {
            return new Looks(skin, texture, uv, twins, Optional.of(when));
        }
    }

    public Part {
        targets = List.copyOf(targets);
        requireThat(positions.length % 3 == 0 && triangles.length % 3 == 0, "%s is not made of triangles.", name);
        requireThat(colours.length == positions.length, "%s has a colour for each vertex.", name);
        int count = positions.length / 3;
        for (int index : triangles) {
            requireThat(index >= 0 && index < count, "%s has a triangle with a vertex that does not exist.", name);
        }
        for (MorphTarget target : targets) {
            for (int vertex : target.vertices()) {
                requireThat(
                        vertex >= 0 && vertex < count,
                        "%s of %s moves a vertex that does not exist.",
                        target.name(),
                        name);
            }
        }
        requireThat(
                looks.texture().isEmpty() || looks.uv().length == 2 * count,
                "%s has two texture coordinates a vertex.",
                name);
        requireThat(looks.twins().length == 0 || looks.twins().length == count, "%s has a twin for each vertex.", name);
        for (int twin : looks.twins()) {
            requireThat(twin >= 0 && twin < count, "%s has a twin that does not exist.", name);
        }
        requireThat(
                looks.skin()
                        .map(s -> s.joints().length == s.perVertex(count) * count
                                && s.perVertex(count) % Skin.SET == 0
                                && s.perVertex(count) <= Skin.MOST)
                        .orElse(true),
                "%s has a skin for each vertex.",
                name);
    }

    public Part(
            String name,
            Material material,
            int joint,
            float[] positions,
            float[] colours,
            int[] triangles,
            List<MorphTarget> targets) {
        this(name, material, joint, positions, colours, triangles, targets, Looks.PLAIN);
    }

    public int vertexCount() {
        return positions.length / 3;
    }

    /** The same, following several joints. */
    public Part following(Skin skin) {
        Looks follows = new Looks(Optional.of(skin), looks.texture, looks.uv, looks.twins, looks.showing);
        return new Part(name, material, joint, positions, colours, triangles, targets, follows);
    }

    public Part withTargets(List<MorphTarget> newTargets) {
        return new Part(name, material, joint, positions, colours, triangles, newTargets, looks);
    }

    /**
     * The part reduced to some of its vertices, without triangles: for measuring them at next to no cost.
     *
     * @param vertices which, in the order in which the new part has them
     */
    public Part only(String newName, int[] vertices) {
        Map<Integer, List<Integer>> kept = new HashMap<>();
        float[] places = new float[3 * vertices.length];
        for (int i = 0; i < vertices.length; i++) {
            kept.computeIfAbsent(vertices[i], v -> new ArrayList<>()).add(i);
            System.arraycopy(positions, 3 * vertices[i], places, 3 * i, 3);
        }
        List<MorphTarget> fewer = new ArrayList<>();
        for (MorphTarget target : targets) {
            target.only(kept).ifPresent(fewer::add);
        }
        Optional<Skin> skin = looks.skin().map(s -> s.only(vertices, s.perVertex(vertexCount())));
        return new Part(
                newName,
                material,
                joint,
                places,
                places.clone(),
                new int[0],
                fewer,
                new Looks(skin, Optional.empty(), new float[0], new int[0], Optional.empty()));
    }
}
