package graykite.studio;

import graykite.base.Progress;
import graykite.format.character.Cast;
import graykite.format.character.FigureFiles;
import graykite.geometry.Vec;
import graykite.media.MovieWriter;
import graykite.mouth.FittedChart;
import graykite.people.face.PictureFigure;
import graykite.picture.Backdrop;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Renderer;
import graykite.picture.SurfacePick;
import graykite.picture.Texture;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import graykite.rig.Pose;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.sound.Sound;
import graykite.studio.view.LandmarkGround;
import graykite.studio.view.LandmarkOverlay;
import graykite.time.FrameRate;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.layout.StackPane;

/** Made-up strangers for the documentation's pictures: a flawed rig, a folder of shapes, a portrait. */
final class DocumentationFigures {
    private DocumentationFigures() {}

    /** Pim with faults: a funnel that raises a brow, lids that stay open a little, a shape that does nothing. */
    static Character flawed() {
        Character pim = Cast.byName("pim");
        List<Part> parts = new ArrayList<>(pim.parts());
        Part skin = parts.getFirst();
        List<MorphTarget> targets = new ArrayList<>();
        for (MorphTarget target : skin.targets()) {
            MorphTarget kept = target;
            if (target.name().equals("outerBrowRaiser.L")) {
                targets.add(new MorphTarget("lipTightener", target.vertices(), target.moves()));
            }
            if (target.name().equals("lipTightener")) {
                continue;
            }
            targets.add(kept);
        }
        parts.set(0, skin.withTargets(targets));
        return new Character(
                "Rough rig",
                pim.kind(),
                pim.channels(),
                pim.joints(),
                parts,
                pim.correctives(),
                pim.lips(),
                pim.poses(),
                Map.of("lidClose.R", Pose.of("lidClose.R", 0.7)),
                List.of(),
                pim.landmarks());
    }

    /** Odile's skin as OBJ files under everyday names, one of them a riddle. */
    static Path objFolder() {
        try {
            Path folder =
                    Files.createDirectory(Files.createTempDirectory("shapes").resolve("harbour_master"));
            Character odile = Cast.byName("odile");
            Part skin = odile.parts().getFirst();
            Map<String, String> shapes = new LinkedHashMap<>();
            shapes.put("neutral", "Rest");
            shapes.put("mouth_ah", "Ah");
            shapes.put("EE", "Ih");
            shapes.put("eh", "Eh");
            shapes.put("shape_07", "Oo");
            shapes.put("MBP", "Lips shut");
            shapes.put("FV", "Lip to teeth");
            shapes.put("oh", "Oh");
            shapes.put("CH", "Hush");
            shapes.put("smile", "Glad");
            for (Map.Entry<String, String> shape : shapes.entrySet()) {
                Pose pose = odile.poses().get(shape.getValue());
                float[] p = new Deformer(odile).morphed(skin, odile.values(pose));
                StringBuilder text = new StringBuilder();
                for (int i = 0; i < p.length; i += 3) {
                    text.append(String.format(
                            Locale.ROOT, "v %.5f %.5f %.5f\n", p[i] / 1000, p[i + 1] / 1000, p[i + 2] / 1000));
                }
                int[] t = skin.triangles();
                for (int i = 0; i < t.length; i += 3) {
                    text.append("f ").append(t[i] + 1).append(' ').append(t[i + 1] + 1);
                    text.append(' ').append(t[i + 2] + 1).append('\n');
                }
                Files.writeString(folder.resolve(shape.getKey() + ".obj"), text);
            }
            return folder;
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    static Character strangers() {
        return FigureFiles.read(objFolder(), Progress.none()).character();
    }

    /** Pim's portrait, and where the landmarks are in its pixels. */
    private record Portrait(Texture picture, Map<String, Vec> marks) {}

    private static Portrait portrait() {
        Character pim = Cast.byName("pim");
        int size = 700;
        Camera camera = new Camera(new Vec(0, -12, 20), 0, 0, 1400, 330);
        Picture picture = new Renderer()
                .draw(new Deformer(pim).deform(new double[pim.channels().size()]), camera, size, size);
        Map<String, Vec> marks = new LinkedHashMap<>();
        for (String name : PictureFigure.NEEDED) {
            double[] at = SurfacePick.seen(pim.landmarks().get(name), camera, size, size);
            marks.put(name, new Vec(at[0], at[1], 0));
        }
        return new Portrait(new Texture(size, size, picture.pixels()), marks);
    }

    /** A flat face from Pim's portrait. */
    static Character flat() {
        Portrait portrait = portrait();
        return PictureFigure.of("Portrait", portrait.picture(), portrait.marks());
    }

    /** Pim's portrait with the landmarks where they belong. */
    static LandmarkOverlay landmarks(StackPane root) {
        Portrait portrait = portrait();
        return new LandmarkOverlay(
                root,
                "Mark the face on portrait.png",
                "Drag each point to its place, or choose one and click. The wheel zooms. The character's own left is on"
                        + " the right of the picture.",
                LandmarkGround.Flat.whole(portrait.picture()),
                portrait.marks(),
                Cast.byName("odile"),
                "Make the character",
                new LandmarkOverlay.Asks() {
                    @Override
                    public void save(Map<String, Vec> all) {
                        // Nothing is kept of a picture for the documentation.
                    }

                    @Override
                    public Optional<Map<String, Vec>> load() {
                        return Optional.empty();
                    }

                    @Override
                    public void make(Map<String, Vec> all) {
                        // Nor made of it.
                    }
                });
    }

    /** A film of somebody who acts the line: Pim, from the side, on paper. */
    static Path film(Performance line) {
        Character pim = Cast.byName("pim");
        Scene scene = Scene.solo(line.actedBy(pim, FittedChart.standard(pim)));
        Renderer renderer = new Renderer();
        renderer.setBackdrop(Backdrop.PAPER);
        try {
            Path file = Files.createTempDirectory("kite-shots").resolve("reference.mp4");
            FrameRate rate = FrameRate.FILM;
            try (MovieWriter writer = new MovieWriter(
                    file, MovieWriter.Codec.H264, 480, 360, rate, Sound.silence(scene.duration(), 48_000))) {
                for (int f = 0; f < scene.duration() * rate.perSecond(); f++) {
                    List<double[]> values = scene.at(rate.secondsAt(f));
                    int[] pixels = new int[480 * 360];
                    renderer.draw(
                            scene.surfaces(values), scene.framed(Camera.THREE_QUARTER, 480 / 360.0), 480, 360, pixels);
                    writer.add(new Picture(480, 360, pixels));
                }
            }
            return file;
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }
}
