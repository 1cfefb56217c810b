package graykite.format.character;

import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.figures.BareHead;
import graykite.figures.Placement;
import graykite.geometry.Vec;
import graykite.people.face.PictureFigure;
import graykite.picture.Texture;
import graykite.rig.Character;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Opens characters of any kind by what the path is, and saves them with everything that was decided about them. */
public final class FigureFiles {
    private FigureFiles() {}

    /** True when {@link #read} would try a path: a folder, or a file of a kind that may hold a character. */
    public static boolean mayHold(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        return Files.isDirectory(path)
                || name.endsWith(".glb")
                || name.endsWith(".gltf")
                || name.endsWith(".obj")
                || name.endsWith(CharacterStore.EXTENSION);
    }

    /**
     * Opens a character: glTF (.glb, .gltf), a folder of OBJ shapes or of PNG drawings, or a character of Gray Kite.
     *
     * @throws BadInput when it is damaged, foreign or too large
     */
    public static Found read(Path path, Progress progress) {
        return read(path, Optional.empty(), progress);
    }

    /**
     * As {@link #read(Path, Progress)}, with a list of poses on the frames of the file's animation; without one, a list of
     * the same name beside the file is taken.
     */
    public static Found read(Path path, Optional<Path> poseList, Progress progress) {
        if (Files.isDirectory(path)) {
            return folder(path, progress);
        }
        if (!Files.exists(path)) {
            throw BadInput.inFile(path, "does not exist.");
        }
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        try {
            if (name.endsWith(CharacterStore.EXTENSION)) {
                return new Found(stored(path), List.of(), List.of());
            }
            if (name.endsWith(".glb") || name.endsWith(".gltf")) {
                return gltf(path, poseList.or(() -> PoseList.beside(path)), progress);
            }
            if (name.endsWith(".obj")) {
                return ObjFolder.read(path.toAbsolutePath().getParent(), progress);
            }
        } catch (ArithmeticException | NegativeArraySizeException | IndexOutOfBoundsException broken) {
            throw BadInput.inFile(path, "is damaged in a way that has no name. Export it again.", broken);
        }
        throw BadInput.inFile(
                path,
                "is no character: choose .glb, .gltf, " + CharacterStore.EXTENSION
                        + ", or a folder of OBJ or PNG files.");
    }

    private static Found folder(Path folder, Progress progress) {
        if (!ObjFolder.files(folder).isEmpty()) {
            return ObjFolder.read(folder, progress);
        }
        if (!ObjFolder.named(folder, ".png").isEmpty()) {
            return DrawingFolder.read(folder);
        }
        throw BadInput.inFile(folder, "holds neither OBJ shapes nor PNG drawings.");
    }

    private static Character stored(Path path) {
        try (InputStream in = Files.newInputStream(path)) {
            return CharacterStore.read(in);
        } catch (IOException damaged) {
            throw BadInput.inFile(path, damaged.getMessage() + ".", damaged);
        }
    }

    private static Found gltf(Path path, Optional<Path> poseList, Progress progress) {
        GltfFile file = GltfFile.read(path);
        progress.step(0.2);
        GltfScene scene = new GltfScene(file);
        List<String> remarks = new ArrayList<>();
        GltfFigure figure = new GltfFigure(file, scene, remarks);
        progress.step(0.6);
        if (KiteExtras.in(file.json())) {
            return new Found(KiteExtras.read(file, scene, figure), List.of(), remarks);
        }
        Placement placement = Placement.fitting(figure.parts(), 1000, remarks);
        List<Part> parts = figure.parts().stream().map(placement::placed).toList();
        Map<String, Pose> poses = poseList.isPresent()
                ? new GltfPoses(file, scene, placement, true, 0).poses(PoseList.read(poseList.get()))
                : Map.of();
        progress.step(0.8);
        return Assembly.modelled(stem(path), figure.targetNames(), scene.joints(placement), parts, poses, remarks);
    }

    /**
     * Opens a picture of a face, PNG or JPEG.
     *
     * @throws BadInput when it is damaged, huge or no picture
     */
    public static Texture picture(Path file) {
        try {
            if (Files.size(file) > 128 << 20) {
                throw BadInput.inFile(file, "is larger than 128 MB.");
            }
            return Images.open(Files.readAllBytes(file), file.getFileName().toString());
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
    }

    /** Makes a flat character of a picture and the landmarks marked on it. */
    public static Found fromPicture(Path file, Map<String, Vec> marks) {
        try {
            Character made = PictureFigure.of(stem(file), picture(file), marks);
            return new Found(made, List.of(), List.of());
        } catch (IllegalArgumentException wrong) {
            throw BadInput.inFile(file, wrong.getMessage(), wrong);
        }
    }

    /** Gives a bare head the shapes of a finished character. */
    public static Found fromBareHead(
            Path file, Map<String, Vec> marks, Character donor, boolean inside, Progress progress) {
        Found bare = read(file, progress.part(0, 0.2));
        try {
            BareHead.Made made = BareHead.of(bare.character(), marks, donor, inside, progress.part(0.2, 1));
            List<String> remarks = new ArrayList<>(List.of(made.says()));
            remarks.addAll(bare.remarks().stream()
                    .filter(r -> !r.startsWith("There is only"))
                    .toList());
            return new Found(made.character(), List.of(), remarks);
        } catch (IllegalArgumentException wrong) {
            throw BadInput.inFile(file, wrong.getMessage(), wrong);
        }
    }

    private static String stem(Path file) {
        return file.getFileName().toString().replaceFirst("\\.[^.]*$", "");
    }

    /** Saves a character with its poses, roles and couplings. */
    public static void save(Character character, Path file) {
        AtomicFiles.write(file, out -> CharacterStore.write(character, out));
    }
}
