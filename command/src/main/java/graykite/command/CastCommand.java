package graykite.command;

import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.figures.ContactSheet;
import graykite.figures.Match;
import graykite.figures.RigCheck;
import graykite.figures.RigReport;
import graykite.format.GltfWriter;
import graykite.format.character.Cast;
import graykite.format.character.CharacterStore;
import graykite.format.character.FigureFiles;
import graykite.format.character.Found;
import graykite.format.character.LandmarkFiles;
import graykite.format.character.PlanFiles;
import graykite.mouth.MouthChart;
import graykite.people.FaceMaker;
import graykite.people.plan.PersonPlan;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.rig.Channel;
import graykite.rig.Character;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Looks at a character, ours or anybody's: what was recognised, whether the rig is sound, how all of it looks. */
@Command(name = "cast", description = "Lists, checks, draws or saves a character.", mixinStandardHelpOptions = true)
final class CastCommand implements Callable<Integer> {
    @Parameters(
            index = "0",
            arity = "0..1",
            paramLabel = "NAME|FILE|FOLDER",
            description =
                    "odile, pim, brine, wren or sprat; or .glb, .gltf, .kite-character, a folder of OBJ shapes over neutral.obj,"
                            + " or a folder of PNG mouth drawings.")
    private String name;

    @Option(
            names = "--new",
            paramLabel = "PLAN.json",
            description = "Makes a face of a plan. A plan may be like one of ours and say only what is different:"
                    + " {\"format\": \"graykite-face\", \"version\": 1, \"like\": \"pim\", \"name\": \"Mate\","
                    + " \"shaping\": {\"age\": 0.8, \"nose\": 0.5}}. See docs/faces.md.")
    private Path plan;

    @Spec
    private CommandSpec spec;

    @Option(names = "--list", description = "Prints every channel and what it was taken for (as without options).")
    private boolean list;

    @Option(names = "--check", description = "Checks the rig: drives every channel alone and says what is wrong.")
    private boolean check;

    @Option(
            names = "--sheet",
            paramLabel = "PNG",
            description = "Draws all shapes, poses and channels into one picture.")
    private Path sheet;

    @Option(
            names = "--poses",
            paramLabel = "FILE",
            description = "A list of poses on the frames of the file's animation: a frame and a name a line.")
    private Path poses;

    @Option(
            names = "--landmarks",
            paramLabel = "JSON",
            description =
                    "Landmarks: makes a flat character of a picture (.png, .jpg), or gives a bare head (.glb, .obj)"
                            + " the shapes of a finished one. The window marks and saves them.")
    private Path landmarks;

    @Option(
            names = "--shapes-of",
            paramLabel = "NAME",
            description = "Whose shapes a bare head gets (default: odile).",
            defaultValue = "odile")
    private String donor;

    @Option(
            names = {"-o", "--out"},
            paramLabel = "FILE",
            description = "Saves the character as .kite-character or .glb, or the plan of a face as .json.")
    private Path out;

    @Override
    public Integer call() {
        if ((name == null) == (plan == null)) {
            throw new ParameterException(spec.commandLine(), "Name a character, or a plan with --new.");
        }
        Found found =
                plan != null ? planned() : landmarks == null ? opened(name, Optional.ofNullable(poses)) : marked();
        Character character = found.character();
        found.remarks().forEach(remark -> System.err.println("kite: " + name + ": " + remark));
        System.out.println(character.name() + ": " + character.triangleCount() + " triangles, "
                + character.channels().size() + " channels, "
                + character.poses().size() + " poses");
        if (list || !check && sheet == null && out == null) {
            list(found);
        }
        boolean sound = true;
        if (check) {
            RigReport report = RigCheck.of(character, Progress.none());
            System.out.print(report.text());
            sound = report.count(RigReport.Weight.FAULT) == 0;
        }
        if (sheet != null) {
            Picture picture = ContactSheet.draw(character, Progress.none());
            AtomicFiles.write(sheet, o -> Png.write(picture, o));
        }
        if (out != null) {
            save(character);
        }
        return sound ? 0 : 1;
    }

    private Found planned() {
        PersonPlan person = PlanFiles.read(plan);
        try {
            return new Found(FaceMaker.of(person), List.of(), List.of());
        } catch (IllegalArgumentException noHead) {
            throw BadInput.inFile(plan, noHead.getMessage(), noHead);
        }
    }

    private Found marked() {
        Path file = path(name);
        String ending = name.toLowerCase(Locale.ROOT);
        if (ending.endsWith(".png") || ending.endsWith(".jpg") || ending.endsWith(".jpeg")) {
            return FigureFiles.fromPicture(file, LandmarkFiles.read(landmarks));
        }
        return FigureFiles.fromBareHead(file, LandmarkFiles.read(landmarks), Cast.byName(donor), true, Progress.none());
    }

    /** A character of ours by name, or one from files. */
    static Found opened(String name, Optional<Path> poses) {
        return Cast.has(name)
                ? new Found(Cast.byName(name), List.of(), List.of())
                : FigureFiles.read(path(name), poses, Progress.none());
    }

    private static Path path(String name) {
        Path path = Path.of(name);
        if (!Files.exists(path)) {
            throw new BadInput("There is no character \"" + name + "\". Choose one of: "
                    + String.join(", ", Cast.names()) + ", or a file.");
        }
        return path;
    }

    private static void list(Found found) {
        for (Channel channel : found.character().channels()) {
            Optional<Match> match = found.matches().stream()
                    .filter(m -> m.channel().equals(channel.name()))
                    .findFirst();
            System.out.printf(
                    Locale.ROOT,
                    "  %-28s %-7s %s%n",
                    channel.name(),
                    channel.group(),
                    match.map(m -> "-> " + m.target() + ", " + m.inWords()).orElse(channel.describes()));
        }
        MouthChart.missing(found.character())
                .forEach(v -> System.out.println("  missing: " + v.title() + " (" + v.sounds() + ")"));
    }

    private void save(Character character) {
        String file = out.getFileName().toString().toLowerCase(Locale.ROOT);
        if (file.endsWith(".json")) {
            savePlan();
        } else if (file.endsWith(CharacterStore.EXTENSION)) {
            FigureFiles.save(character, out);
        } else if (file.endsWith(".glb")) {
            AtomicFiles.write(out, o -> GltfWriter.write(character, Optional.empty(), o));
        } else {
            throw BadInput.inFile(out, "ends in neither " + CharacterStore.EXTENSION + ", .glb nor .json.");
        }
    }

    /** The plan of one of ours, or the whole of one that says only what is different. */
    private void savePlan() {
        if (plan == null && !PlanFiles.names().contains(name.toLowerCase(Locale.ROOT))) {
            throw new BadInput(
                    name + " is not made of a plan; these are: " + String.join(", ", PlanFiles.names()) + ".");
        }
        PlanFiles.write(plan == null ? PlanFiles.shipped(name) : PlanFiles.read(plan), out);
    }
}
