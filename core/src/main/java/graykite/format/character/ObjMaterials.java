package graykite.format.character;

import graykite.base.BadInput;
import graykite.picture.Colour;
import graykite.picture.Texture;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Colours and pictures of an OBJ mesh, from its material file. What is missing there costs only its look. */
final class ObjMaterials {
    private static final long LARGEST = 4 << 20;
    private static final long LARGEST_PICTURE = 100L << 20;

    /** How a material looks; colour is linear. */
    record Look(float[] colour, Optional<Texture> texture) {
        static final Look PLAIN = new Look(new float[] {0.46f, 0.37f, 0.31f}, Optional.empty());
    }

    private ObjMaterials() {}

    static Map<String, Look> read(Path folder, String library, List<String> remarks) {
        Map<String, Look> looks = new HashMap<>();
        if (library.isEmpty()) {
            return looks;
        }
        Optional<Path> file = inside(folder, library);
        if (file.isEmpty()) {
            remarks.add("The material file " + library + " is not in the folder; the mesh is shown plain.");
            return looks;
        }
        String material = "";
        float[] colour = Look.PLAIN.colour();
        Optional<Texture> texture = Optional.empty();
        try {
            if (Files.size(file.get()) > LARGEST) {
                throw BadInput.inFile(file.get(), "is too large for a material file.");
            }
            for (String line :
                    Files.readString(file.get(), StandardCharsets.ISO_8859_1).split("\\R")) {
                String[] words = line.strip().split("\\s+");
                if (words[0].equals("newmtl") && words.length > 1) {
                    looks.put(material, new Look(colour, texture));
                    material = words[1];
                    colour = Look.PLAIN.colour();
                    texture = Optional.empty();
                } else if (words[0].equals("Kd") && words.length > 3) {
                    colour = colour(words, file.get());
                } else if (words[0].equals("map_Kd") && words.length > 1) {
                    texture = texture(folder, words[words.length - 1], remarks);
                    if (texture.isPresent()) {
                        colour = new float[] {1, 1, 1};
                    }
                }
            }
        } catch (IOException broken) {
            throw BadInput.inFile(file.get(), "cannot be read.", broken);
        }
        looks.put(material, new Look(colour, texture));
        return looks;
    }

    private static float[] colour(String[] words, Path file) {
        int rgb = 0;
        for (int k = 1; k <= 3; k++) {
            try {
                rgb = rgb << 8 | (int) Math.round(255 * Math.clamp(Double.parseDouble(words[k]), 0, 1));
            } catch (NumberFormatException broken) {
                throw BadInput.inFile(file, "\"" + words[k] + "\" is no colour.", broken);
            }
        }
        Colour c = Colour.srgb(rgb);
        return new float[] {c.red(), c.green(), c.blue()};
    }

    private static Optional<Texture> texture(Path folder, String name, List<String> remarks) {
        Optional<Path> file = inside(folder, name);
        if (file.isEmpty()) {
            remarks.add("The picture " + name + " is not in the folder; the mesh is shown plain.");
            return Optional.empty();
        }
        try {
            if (Files.size(file.get()) > LARGEST_PICTURE) {
                throw BadInput.inFile(
                        file.get(), "is larger than " + (LARGEST_PICTURE >> 20) + " MB. Save the picture smaller.");
            }
            return Optional.of(Images.open(Files.readAllBytes(file.get()), name));
        } catch (IOException broken) {
            throw BadInput.inFile(file.get(), "cannot be read.", broken);
        }
    }

    /** A file that is really in the folder; paths that lead out of it are not followed. */
    private static Optional<Path> inside(Path folder, String name) {
        try {
            Path base = folder.toAbsolutePath().normalize();
            // A path that only leads to the root has no name.
            return Optional.ofNullable(Path.of(name.replace('\\', '/')).getFileName())
                    .map(own -> base.resolve(own).normalize())
                    .filter(file -> file.startsWith(base) && Files.isRegularFile(file));
        } catch (InvalidPathException broken) {
            return Optional.empty();
        }
    }
}
