package graykite.format.character;

import graykite.base.BadInput;
import graykite.figures.Match;
import graykite.figures.NameMatcher;
import graykite.geometry.Vec;
import graykite.mouth.Viseme;
import graykite.picture.Texture;
import graykite.rig.Card;
import graykite.rig.Channel;
import graykite.rig.Channel.Group;
import graykite.rig.Character;
import graykite.rig.Joint;
import graykite.rig.Joint.Axis;
import graykite.rig.Joint.Slide;
import graykite.rig.Joint.Turn;
import graykite.rig.Pose;
import graykite.rig.Showing;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A folder of PNG drawings: one a mouth shape, named by its sound, on the same canvas; a drawing called base, body, head or
 * face lies under all of them, and blink or eyes closed over the eyes.
 */
final class DrawingFolder {
    private static final Set<String> BASES = Set.of("base", "body", "head", "face", "background", "figure");
    private static final Set<String> CLOSED = Set.of("blink", "closed", "shut");
    private static final double TALL = 330;
    private static final int MOST = 120;

    private DrawingFolder() {}

    static Found read(Path folder) {
        List<Path> files = ObjFolder.named(folder, ".png");
        if (files.isEmpty() || files.size() > MOST) {
            throw BadInput.inFile(
                    folder, files.isEmpty() ? "holds no PNG drawings." : "holds more than " + MOST + " PNG files.");
        }
        List<String> remarks = new ArrayList<>();
        Map<String, Texture> mouths = new LinkedHashMap<>();
        Map<String, Texture> lids = new LinkedHashMap<>();
        List<Texture> bases = new ArrayList<>();
        for (Path file : files) {
            Texture drawing = texture(file);
            String name = ObjFolder.stem(file);
            List<String> words = NameMatcher.words(name);
            boolean eyes = words.stream()
                    .anyMatch(w -> w.equals("eye") || w.equals("eyes") || w.equals("lid") || w.equals("lids"));
            if (words.contains("blink") || eyes && words.stream().anyMatch(CLOSED::contains)) {
                lids.put(name, drawing);
            } else if (words.stream().anyMatch(BASES::contains) && !words.contains("mouth")) {
                bases.add(drawing);
            } else {
                mouths.put(name, drawing);
            }
        }
        if (mouths.isEmpty()) {
            throw BadInput.inFile(folder, "holds no drawing of a mouth. Name one a sound: rest.png, ah.png, mbp.png …");
        }
        return made(folder, bases, mouths, lids, remarks);
    }

    private static Texture texture(Path file) {
        try {
            if (Files.size(file) > 64 << 20) {
                throw BadInput.inFile(file, "is larger than 64 MB.");
            }
            return Images.open(Files.readAllBytes(file), file.getFileName().toString());
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read.", missing);
        }
    }

    private static Found made(
            Path folder,
            List<Texture> bases,
            Map<String, Texture> mouths,
            Map<String, Texture> lids,
            List<String> remarks) {
        Texture canvas = bases.isEmpty() ? mouths.values().iterator().next() : bases.getFirst();
        double scale = TALL / canvas.height();
        List<Card> layers = new ArrayList<>();
        for (int i = 0; i < bases.size(); i++) {
            layers.add(layer("base " + (i + 1), bases.get(i), canvas, scale, 2 + i, Optional.empty()));
        }
        int number = 0;
        boolean other = false;
        for (Map.Entry<String, Texture> mouth : mouths.entrySet()) {
            other |= !bases.isEmpty() && !sameSize(mouth.getValue(), canvas);
            layers.add(layer(
                    "mouth " + mouth.getKey(),
                    mouth.getValue(),
                    canvas,
                    scale,
                    30,
                    Optional.of(new Showing("mouth", number++))));
        }
        int lid = 1;
        for (Map.Entry<String, Texture> drawing : lids.entrySet()) {
            layers.add(layer(
                    drawing.getKey(), drawing.getValue(), canvas, scale, 40, Optional.of(new Showing("lids", lid++))));
        }
        if (other) {
            remarks.add(
                    "Some mouths have another size than the base and were set on its lower middle. Draw them on a canvas"
                            + " of the same size to place them yourself.");
        }
        List<Match> matches = new ArrayList<>();
        Map<String, Pose> poses = new LinkedHashMap<>();
        number = 0;
        for (String name : mouths.keySet()) {
            int n = number++;
            NameMatcher.match(name).filter(Match::viseme).ifPresent(m -> {
                matches.add(m);
                poses.putIfAbsent(m.target(), Pose.of("mouth", n));
            });
            poses.putIfAbsent("Drawing " + name, Pose.of("mouth", n));
        }
        poses.putIfAbsent(Viseme.REST.title(), poses.getOrDefault(Viseme.LIPS_SHUT.title(), Pose.of("mouth", 0)));
        return new Found(character(folder, layers, mouths.size(), lids.size(), poses), matches, remarks);
    }

    private static Character character(Path folder, List<Card> layers, int mouths, int lids, Map<String, Pose> poses) {
        List<Channel> channels = new ArrayList<>();
        channels.add(new Channel(
                "mouth", Group.LIPS, 0, Math.max(1, mouths - 1), "Which of the " + mouths + " mouths is seen"));
        Map<String, Pose> roles = new LinkedHashMap<>();
        if (lids > 0) {
            channels.add(new Channel(
                    "lids", Group.LIDS, 0, lids, "Open eyes, or one of " + lids + " drawings of closed ones"));
            roles.put("lidClose.L", Pose.of("lids", lids / 2.0));
            roles.put("lidClose.R", Pose.of("lids", lids / 2.0));
        }
        channels.add(new Channel("headYaw", Group.HEAD, -40, 40, "Moves the figure to the left, as if it turned"));
        channels.add(new Channel("headPitch", Group.HEAD, -30, 30, "Moves the figure up, as if it looked up"));
        channels.add(new Channel("headRoll", Group.HEAD, -30, 30, "Tilts the figure to the left, degrees"));
        Joint body = new Joint("body", -1, Vec.ZERO, List.of());
        Joint head = new Joint(
                "head",
                0,
                new Vec(0, -150, 0),
                List.of(new Turn("headRoll", Axis.Z, -1)),
                List.of(new Slide("headYaw", Axis.X, 0.4), new Slide("headPitch", Axis.Y, 0.4)));
        return new Character(
                folder.toAbsolutePath().normalize().getFileName().toString(),
                Character.Kind.DRAWN,
                channels,
                List.of(body, head),
                Card.parts(layers),
                List.of(),
                Optional.empty(),
                poses,
                roles,
                List.of(),
                Map.of());
    }

    private static boolean sameSize(Texture a, Texture b) {
        return a.width() == b.width() && a.height() == b.height();
    }

    private static Card layer(
            String name, Texture drawing, Texture canvas, double scale, double depth, Optional<Showing> showing) {
        double width = drawing.width() * scale;
        double height = drawing.height() * scale;
        double middle = sameSize(drawing, canvas) ? -6 : -6 - 0.16 * TALL;
        return new Card(name, 1, drawing, -width / 2, middle + height / 2, width, height, depth, showing);
    }
}
