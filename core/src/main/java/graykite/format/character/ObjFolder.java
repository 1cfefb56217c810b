package graykite.format.character;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.figures.NameMatcher;
import graykite.figures.Placement;
import graykite.geometry.Vec;
import graykite.picture.Material;
import graykite.picture.Texture;
import graykite.rig.Joint;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A folder of OBJ files, one a shape, over a neutral one with the same vertices in the same order. A shape is called as
 * its file.
 */
final class ObjFolder {
    private static final List<String> NEUTRAL = List.of("neutral", "rest", "base", "basis", "default");
    private static final int MOST = 1000;

    private ObjFolder() {}

    /** The OBJ files of a folder by name. */
    static List<Path> files(Path folder) {
        return named(folder, ".obj");
    }

    static List<Path> named(Path folder, String extension) {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f ->
                            f.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(extension))
                    .filter(f -> !f.getFileName().toString().startsWith("."))
                    .sorted()
                    .limit(MOST + 1L)
                    .toList();
        } catch (IOException missing) {
            throw BadInput.inFile(folder, "cannot be opened. Check that the folder exists.", missing);
        }
    }

    /** Reads the folder. */
    static Found read(Path folder, Progress progress) {
        List<Path> files = files(folder);
        if (files.size() > MOST) {
            throw BadInput.inFile(folder, "holds more than " + MOST + " OBJ files.");
        }
        Path neutralFile = neutral(folder, files);
        ObjMesh neutral = ObjMesh.read(neutralFile, true);
        Map<String, float[]> shapes = new LinkedHashMap<>();
        for (int i = 0; i < files.size(); i++) {
            progress.step(0.05 + 0.8 * i / files.size());
            Path file = files.get(i);
            if (file.equals(neutralFile)) {
                continue;
            }
            ObjMesh shape = ObjMesh.read(file, false);
            if (shape.vertexCount() != neutral.vertexCount()) {
                throw BadInput.inFile(
                        file,
                        "has " + shape.vertexCount() + " vertices, " + neutralFile.getFileName() + " has "
                                + neutral.vertexCount() + ". Export both from one mesh with the same vertex order.");
            }
            shapes.put(stem(file), shape.positions());
        }
        List<String> remarks = new ArrayList<>();
        if (shapes.isEmpty()) {
            remarks.add("There is only the neutral mesh: bring shapes, or carry them over from one of our heads.");
        }
        List<Part> raw = parts(neutral, shapes, folder, remarks);
        Placement placement = Placement.fitting(raw, 1000, remarks);
        String name = folder.toAbsolutePath().normalize().getFileName().toString();
        return Assembly.modelled(
                name,
                shapes.keySet(),
                List.of(new Joint("body", -1, Vec.ZERO, List.of())),
                raw.stream().map(placement::placed).toList(),
                Map.of(),
                remarks);
    }

    private static Path neutral(Path folder, List<Path> files) {
        if (files.isEmpty()) {
            throw BadInput.inFile(folder, "holds no OBJ files.");
        }
        if (files.size() == 1) {
            return files.getFirst();
        }
        for (String word : NEUTRAL) {
            for (Path file : files) {
                if (NameMatcher.words(stem(file)).contains(word)) {
                    return file;
                }
            }
        }
        throw BadInput.inFile(
                folder, "none of its " + files.size() + " OBJ files is the neutral one. Call it neutral.obj.");
    }

    static String stem(Path file) {
        return file.getFileName().toString().replaceFirst("\\.[^.]*$", "");
    }

    /** One part a material; a vertex for each pair of place and texture coordinate. */
    private static List<Part> parts(ObjMesh neutral, Map<String, float[]> shapes, Path folder, List<String> remarks) {
        Map<String, ObjMaterials.Look> looks = ObjMaterials.read(folder, neutral.library(), remarks);
        List<Part> parts = new ArrayList<>();
        neutral.faces().forEach((material, corners) -> {
            Map<Long, Integer> made = new HashMap<>();
            Map<Integer, Integer> firstOf = new HashMap<>();
            int[] triangles = new int[corners.length / 2];
            int[] origin = new int[triangles.length];
            int[] coordinate = new int[triangles.length];
            int count = 0;
            for (int i = 0; i < triangles.length; i++) {
                long key = (long) corners[2 * i] << 32 | corners[2 * i + 1] & 0xffffffffL;
                Integer at = made.get(key);
                if (at == null) {
                    at = count++;
                    made.put(key, at);
                    origin[at] = corners[2 * i];
                    coordinate[at] = corners[2 * i + 1];
                    firstOf.putIfAbsent(corners[2 * i], at);
                }
                triangles[i] = at;
            }
            parts.add(part(
                    material.isEmpty() ? "mesh" : material,
                    neutral,
                    shapes,
                    looks.getOrDefault(material, ObjMaterials.Look.PLAIN),
                    Arrays.copyOf(origin, count),
                    Arrays.copyOf(coordinate, count),
                    triangles,
                    firstOf));
        });
        return parts;
    }

    private static Part part(
            String name,
            ObjMesh neutral,
            Map<String, float[]> shapes,
            ObjMaterials.Look look,
            int[] origin,
            int[] coordinate,
            int[] triangles,
            Map<Integer, Integer> firstOf) {
        int count = origin.length;
        float[] positions = new float[3 * count];
        float[] colours = new float[3 * count];
        float[] uv = new float[2 * count];
        int[] twins = new int[count];
        boolean twinned = false;
        for (int i = 0; i < count; i++) {
            System.arraycopy(neutral.positions(), 3 * origin[i], positions, 3 * i, 3);
            System.arraycopy(look.colour(), 0, colours, 3 * i, 3);
            if (coordinate[i] >= 0) {
                uv[2 * i] = neutral.coordinates()[2 * coordinate[i]];
                uv[2 * i + 1] = 1 - neutral.coordinates()[2 * coordinate[i] + 1];
            }
            twins[i] = firstOf.get(origin[i]);
            twinned |= twins[i] != i;
        }
        List<MorphTarget> targets = new ArrayList<>();
        shapes.forEach((shape, there) -> {
            int[] moved = new int[count];
            float[] moves = new float[3 * count];
            int n = 0;
            for (int i = 0; i < count; i++) {
                float dx = there[3 * origin[i]] - positions[3 * i];
                float dy = there[3 * origin[i] + 1] - positions[3 * i + 1];
                float dz = there[3 * origin[i] + 2] - positions[3 * i + 2];
                if (Math.abs(dx) + Math.abs(dy) + Math.abs(dz) > 1e-6f) {
                    moved[n] = i;
                    moves[3 * n] = dx;
                    moves[3 * n + 1] = dy;
                    moves[3 * n + 2] = dz;
                    n++;
                }
            }
            targets.add(new MorphTarget(shape, Arrays.copyOf(moved, n), Arrays.copyOf(moves, 3 * n)));
        });
        Optional<Texture> texture = look.texture();
        Part.Looks looks = new Part.Looks(
                Optional.empty(),
                texture,
                texture.isPresent() ? uv : new float[0],
                twinned ? twins : new int[0],
                Optional.empty());
        Material material = new Material(name, 0.55f, 0.18f, 0.5f, 0.4f, true);
        return new Part(name, material, 0, positions, colours, triangles, targets, looks);
    }
}
