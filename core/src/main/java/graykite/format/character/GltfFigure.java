package graykite.format.character;

import com.fasterxml.jackson.databind.JsonNode;
import graykite.base.Names;
import graykite.figures.Twins;
import graykite.geometry.Affine;
import graykite.geometry.Vec;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The meshes of a glTF 2.0 file as parts: morph targets, skins, textures, whatever rides along. */
final class GltfFigure {
    /** Vertices that a figure may have. */
    static final int MOST_VERTICES = 400_000;

    /** Shapes that a mesh may have. */
    static final int MOST_TARGETS = 1000;

    private static final int MOST_INDICES = 6_000_000;

    private final GltfFile file;
    private final GltfAccessors accessors;
    private final GltfScene scene;
    private final GltfSkins skins;
    private final GltfLooks looks;
    private final List<String> remarks;
    private final Set<String> targetNames = new LinkedHashSet<>();
    private final List<Part> parts = new ArrayList<>();
    private int vertices;

    /** @param remarks receives what was left out or named anew, a line each */
    GltfFigure(GltfFile file, GltfScene scene, List<String> remarks) {
        this.file = file;
        this.accessors = new GltfAccessors(file);
        this.scene = scene;
        this.remarks = remarks;
        this.skins = new GltfSkins(file, accessors, scene, remarks);
        this.looks = new GltfLooks(file, accessors, remarks);
        for (int node : scene.order()) {
            JsonNode json = scene.node(node);
            if (json.hasNonNull("mesh")) {
                readMesh(node, json.path("mesh").asInt(-1), json.path("skin").asInt(-1));
            }
        }
        if (parts.isEmpty()) {
            throw file.fault("it holds no mesh of triangles. Export the head as a mesh.");
        }
    }

    /** In the file's own units. */
    List<Part> parts() {
        return parts;
    }

    /** Names of all shapes, in the order of the file. */
    Set<String> targetNames() {
        return targetNames;
    }

    private void readMesh(int node, int mesh, int skin) {
        JsonNode json = file.item("meshes", mesh, "node " + node);
        String name = json.path("name").asText(scene.name(node)).strip();
        String meshPlace = "mesh " + mesh + " \"" + name + "\"";
        int p = 0;
        for (JsonNode primitive : json.path("primitives")) {
            String place = meshPlace + (json.path("primitives").size() > 1 ? ", piece " + p : "");
            int mode = primitive.path("mode").asInt(4);
            if (mode < 4 || mode > 6) {
                remarks.add(place + " is made of points or lines and was left out.");
            } else {
                String title = name + (json.path("primitives").size() > 1 ? " " + (p + 1) : "");
                parts.add(part(node, json, primitive, skin, unique(title), mode, place));
            }
            p++;
        }
    }

    private String unique(String title) {
        return Names.free(title.isEmpty() ? "part" : title, this::taken);
    }

    private boolean taken(String name) {
        return parts.stream().anyMatch(p -> p.name().equals(name));
    }

    private Part part(int node, JsonNode mesh, JsonNode primitive, int skin, String name, int mode, String place) {
        JsonNode attributes = primitive.path("attributes");
        int position = attributes.path("POSITION").asInt(-1);
        if (position < 0) {
            throw file.fault(place + " has no positions.");
        }
        float[] points = accessors.floats(position, "VEC3", MOST_VERTICES, place + ", positions");
        int count = points.length / 3;
        vertices += count;
        if (vertices > MOST_VERTICES) {
            throw file.fault("it has more than " + MOST_VERTICES + " vertices. Export the head alone, or reduce it.");
        }
        float[] normals = accessors.optional(attributes, "NORMAL", "VEC3", count, place);
        int[] triangles = triangles(primitive, count, mode, place);
        GltfSkins.Placed follows = skins.placed(attributes, node, skin, count, place);
        Affine[] movement = follows.movement();
        GltfLooks.Looked looked = looks.of(primitive, attributes, count, place);
        int[] twins = Twins.of(points, normals);
        float[] placed = new float[points.length];
        for (int i = 0; i < count; i++) {
            put(placed, i, movement[i].point(points[3 * i], points[3 * i + 1], points[3 * i + 2]));
        }
        Part.Looks worn = new Part.Looks(follows.skin(), looked.texture(), looked.uv(), twins, Optional.empty());
        return new Part(
                name,
                looked.material(),
                scene.jointFor(node),
                placed,
                looked.colours(),
                looked.twoSided() ? bothSides(triangles) : triangles,
                targets(mesh, primitive, movement, count, place),
                worn);
    }

    private int[] triangles(JsonNode primitive, int count, int mode, String place) {
        int[] indices;
        if (primitive.hasNonNull("indices")) {
            indices = accessors.ints(primitive.path("indices").asInt(-1), "SCALAR", MOST_INDICES, place + ", indices");
        } else {
            indices = new int[count];
            Arrays.setAll(indices, i -> i);
        }
        for (int index : indices) {
            if (index < 0 || index >= count) {
                throw file.fault(place + " has a triangle with vertex " + index + ", but there are " + count + ".");
            }
        }
        if (mode == 4) {
            return Arrays.copyOf(indices, indices.length / 3 * 3);
        }
        int[] triangles = new int[3 * Math.max(0, indices.length - 2)];
        for (int i = 0; i + 2 < indices.length; i++) {
            triangles[3 * i] = mode == 5 ? indices[i + i % 2] : indices[0];
            triangles[3 * i + 1] = mode == 5 ? indices[i + 1 - i % 2] : indices[i + 1];
            triangles[3 * i + 2] = indices[i + 2];
        }
        return triangles;
    }

    private static int[] bothSides(int[] triangles) {
        int[] both = Arrays.copyOf(triangles, 2 * triangles.length);
        for (int i = 0; i < triangles.length; i += 3) {
            both[triangles.length + i] = triangles[i];
            both[triangles.length + i + 1] = triangles[i + 2];
            both[triangles.length + i + 2] = triangles[i + 1];
        }
        return both;
    }

    private List<MorphTarget> targets(JsonNode mesh, JsonNode primitive, Affine[] movement, int count, String place) {
        JsonNode json = file.list(primitive, "targets", place);
        if (json.size() > MOST_TARGETS) {
            throw file.fault(place + " has " + json.size() + " shapes; up to " + MOST_TARGETS + " can be read.");
        }
        JsonNode names = mesh.path("extras").path("targetNames");
        List<MorphTarget> targets = new ArrayList<>();
        Set<String> here = new LinkedHashSet<>();
        for (int t = 0; t < json.size(); t++) {
            String where = place + ", target " + t;
            String name = names.path(t).asText("").strip();
            if (name.isEmpty()) {
                name = "Shape " + (t + 1);
                remarks.add(where + " has no name; it is called \"" + name + "\".");
            }
            if (!here.add(name)) {
                name = name + " (" + (t + 1) + ")";
                here.add(name);
            }
            targetNames.add(name);
            if (!json.get(t).hasNonNull("POSITION")) {
                continue;
            }
            int accessor = json.get(t).path("POSITION").asInt(-1);
            if (accessors.count(accessor, where) != count) {
                throw file.fault(where + " \"" + name + "\" moves " + accessors.count(accessor, where)
                        + " vertices, but the mesh has " + count + ".");
            }
            targets.add(target(name, accessors.floats(accessor, "VEC3", MOST_VERTICES, where), movement));
        }
        return targets;
    }

    private static MorphTarget target(String name, float[] moves, Affine[] movement) {
        int[] moved = new int[moves.length / 3];
        float[] kept = new float[moves.length];
        int n = 0;
        for (int i = 0; i < moved.length; i++) {
            if (Math.abs(moves[3 * i]) + Math.abs(moves[3 * i + 1]) + Math.abs(moves[3 * i + 2]) > 1e-7f) {
                moved[n] = i;
                put(kept, n, movement[i].direction(moves[3 * i], moves[3 * i + 1], moves[3 * i + 2]));
                n++;
            }
        }
        return new MorphTarget(name, Arrays.copyOf(moved, n), Arrays.copyOf(kept, 3 * n));
    }

    private static void put(float[] values, int at, Vec v) {
        values[3 * at] = (float) v.x();
        values[3 * at + 1] = (float) v.y();
        values[3 * at + 2] = (float) v.z();
    }
}
