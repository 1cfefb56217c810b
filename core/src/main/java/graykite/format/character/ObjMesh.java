package graykite.format.character;

import graykite.base.BadInput;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One Wavefront OBJ file: its vertices in order, its faces by material. Polygons are cut into fans; lines and points are
 * passed over.
 *
 * @param positions x y z of each "v" line
 * @param coordinates u v of each "vt" line
 * @param faces corners by material: vertex and texture coordinate (-1 for none) of three corners a triangle
 * @param library material file, empty for none
 */
record ObjMesh(float[] positions, float[] coordinates, Map<String, int[]> faces, String library) {
    private static final long LARGEST = 300L << 20;
    /** Corners of all triangles together: ten to a vertex of the largest mesh. */
    private static final int MOST_CORNERS = 10 * GltfFigure.MOST_VERTICES;

    int vertexCount() {
        return positions.length / 3;
    }

    /**
     * Reads a file.
     *
     * @param withFaces false reads the positions alone, for shapes over a neutral
     * @throws BadInput with the line that is broken
     */
    static ObjMesh read(Path file, boolean withFaces) {
        Growing positions = new Growing();
        Growing coordinates = new Growing();
        Map<String, GrowingInts> faces = new LinkedHashMap<>();
        String material = "";
        String library = "";
        int number = 0;
        try (BufferedReader in = open(file)) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                number++;
                String[] words = line.strip().split("\\s+");
                switch (words[0]) {
                    case "v" -> figures(words, 3, positions, file, number);
                    case "vt" -> {
                        if (withFaces) {
                            figures(words, 2, coordinates, file, number);
                        }
                    }
                    case "f" -> {
                        if (withFaces) {
                            face(
                                    words,
                                    positions.size() / 3,
                                    coordinates.size() / 2,
                                    faces.computeIfAbsent(material, m -> new GrowingInts()),
                                    file,
                                    number);
                        }
                    }
                    case "usemtl" -> material = words.length > 1 ? words[1] : "";
                    case "mtllib" ->
                        library = words.length > 1 ? line.strip().substring(6).strip() : "";
                    default -> {
                        // Groups, smoothing, normals and comments change nothing here.
                    }
                }
                if (positions.size() / 3 > GltfFigure.MOST_VERTICES) {
                    throw BadInput.inFile(
                            file, "has more than " + GltfFigure.MOST_VERTICES + " vertices. Export the head alone.");
                }
            }
        } catch (IOException broken) {
            throw BadInput.inFile(file, "cannot be read after line " + number + ".", broken);
        }
        if (positions.size() == 0) {
            throw BadInput.inFile(file, "holds no vertices; it is no OBJ mesh.");
        }
        Map<String, int[]> done = new LinkedHashMap<>();
        faces.forEach((name, corners) -> done.put(name, corners.done()));
        if (withFaces && done.isEmpty()) {
            throw BadInput.inFile(file, "holds vertices, but no faces.");
        }
        return new ObjMesh(positions.done(), coordinates.done(), done, library);
    }

    private static BufferedReader open(Path file) throws IOException {
        if (Files.size(file) > LARGEST) {
            throw BadInput.inFile(file, "is larger than " + (LARGEST >> 20) + " MB. Export the head alone.");
        }
        // Names may be in any encoding; figures are the same in all of them.
        return new BufferedReader(new InputStreamReader(Files.newInputStream(file), StandardCharsets.ISO_8859_1));
    }

    private static void figures(String[] words, int count, Growing into, Path file, int number) {
        if (words.length <= count) {
            throw BadInput.inFile(file, "line " + number + " has too few figures.");
        }
        for (int k = 1; k <= count; k++) {
            float value;
            try {
                value = Float.parseFloat(words[k]);
            } catch (NumberFormatException broken) {
                throw BadInput.inFile(file, "line " + number + ": \"" + words[k] + "\" is not a number.", broken);
            }
            if (!Float.isFinite(value)) {
                throw BadInput.inFile(file, "line " + number + ": \"" + words[k] + "\" is not a finite number.");
            }
            into.add(value);
        }
    }

    private static void face(String[] words, int vertices, int coordinates, GrowingInts into, Path file, int number) {
        int corners = words.length - 1;
        if (corners < 3) {
            throw BadInput.inFile(file, "line " + number + ": a face has at least three corners.");
        }
        if (into.size() / 2 + 3L * corners > MOST_CORNERS) {
            throw BadInput.inFile(
                    file,
                    "line " + number + ": there are more than " + MOST_CORNERS / 3
                            + " triangles. Export the head alone, or reduce it.");
        }
        int[] vertex = new int[corners];
        int[] coordinate = new int[corners];
        for (int c = 0; c < corners; c++) {
            String[] parts = words[c + 1].split("/", -1);
            vertex[c] = index(parts[0], vertices, file, number);
            coordinate[c] = parts.length > 1 && !parts[1].isEmpty() ? index(parts[1], coordinates, file, number) : -1;
        }
        for (int c = 1; c + 1 < corners; c++) {
            for (int k : new int[] {0, c, c + 1}) {
                into.add(vertex[k]);
                into.add(coordinate[k]);
            }
        }
    }

    /** Indices count from 1, or from the end when negative. */
    private static int index(String word, int count, Path file, int number) {
        int index;
        try {
            index = Integer.parseInt(word);
        } catch (NumberFormatException broken) {
            throw BadInput.inFile(file, "line " + number + ": \"" + word + "\" is no vertex.", broken);
        }
        int at = index < 0 ? count + index : index - 1;
        if (at < 0 || at >= count) {
            throw BadInput.inFile(
                    file, "line " + number + " asks for number " + index + ", but only " + count + " stand before it.");
        }
        return at;
    }

    /** Floats that come one by one. */
    private static final class Growing {
        private float[] values = new float[1024];
        private int size;

        void add(float value) {
            if (size == values.length) {
                values = Arrays.copyOf(values, 2 * size);
            }
            values[size++] = value;
        }

        int size() {
            return size;
        }

        float[] done() {
            return Arrays.copyOf(values, size);
        }
    }

    /** Whole numbers that come one by one. */
    private static final class GrowingInts {
        private final List<int[]> full = new ArrayList<>();
        private int[] values = new int[4096];
        private int size;

        void add(int value) {
            if (size == values.length) {
                full.add(values);
                values = new int[values.length];
                size = 0;
            }
            values[size++] = value;
        }

        int size() {
            return 4096 * full.size() + size;
        }

        int[] done() {
            int[] all = new int[4096 * full.size() + size];
            for (int i = 0; i < full.size(); i++) {
                System.arraycopy(full.get(i), 0, all, 4096 * i, 4096);
            }
            System.arraycopy(values, 0, all, 4096 * full.size(), size);
            return all;
        }
    }
}
