package graykite.studio;

import graykite.base.BadInput;
import graykite.base.Names;
import graykite.edit.CastEdit;
import graykite.figures.BareHead;
import graykite.format.character.Cast;
import graykite.format.character.FigureFiles;
import graykite.format.character.Found;
import graykite.format.character.LandmarkFiles;
import graykite.format.character.PlanFiles;
import graykite.geometry.Vec;
import graykite.mouth.MouthChart;
import graykite.people.face.PictureFigure;
import graykite.people.plan.PersonPlan;
import graykite.project.Member;
import graykite.project.Project;
import graykite.rig.Character;
import graykite.studio.desk.CastDesk;
import graykite.studio.model.FileMemory;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Knot;
import graykite.studio.model.Trial;
import graykite.studio.model.Workspace;
import graykite.studio.view.BringInOverlay;
import graykite.studio.view.LandmarkGround;
import graykite.studio.view.LandmarkOverlay;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.scene.layout.StackPane;

/** Brings characters into the project: asks for a file, opens it, shows what was found, adds it to the cast. */
final class BringIn implements CastDesk.Asks {
    private final FileMemory memory;
    private final Workspace workspace;
    private final Trial trial;
    private final StackPane root;
    private final ObjectProperty<Knot> knot;
    private final Supplier<CastDesk> desk;
    private final Consumer<String> keyPose;

    BringIn(
            FilePicker picker,
            Workspace workspace,
            Trial trial,
            StackPane root,
            ObjectProperty<Knot> knot,
            Supplier<CastDesk> desk,
            Consumer<String> keyPose) {
        this.workspace = workspace;
        this.memory = new FileMemory(picker, workspace.settings(), "characters");
        this.trial = trial;
        this.root = root;
        this.knot = knot;
        this.desk = desk;
        this.keyPose = keyPose;
    }

    @Override
    public void bringFile() {
        memory.open("Bring in a character", "Characters", List.of(".glb", ".gltf", ".kite-character", ".obj"))
                .ifPresent(this::take);
    }

    @Override
    public void bringFolder() {
        memory.folder("A folder of OBJ shapes or PNG drawings").ifPresent(this::take);
    }

    @Override
    public void bringPicture() {
        memory.open("A picture of a face", "Pictures", List.of(".png", ".jpg", ".jpeg"))
                .ifPresent(this::takePicture);
    }

    @Override
    public void bringBareHead() {
        memory.open("A bare head", "Meshes", List.of(".glb", ".gltf", ".obj")).ifPresent(this::takeBareHead);
    }

    @Override
    public void ownFace(String like) {
        addCarved(PlanFiles.shipped(like));
    }

    @Override
    public void bringPlan() {
        memory.open("The plan of a face", "Plans", List.of(".json"))
                .ifPresent(path -> workspace
                        .jobs()
                        .start("Opening " + path.getFileName(), progress -> PlanFiles.read(path), this::addCarved));
    }

    /** Adds a face that can be shaped and turns to it. */
    private void addCarved(PersonPlan plan) {
        String id = Project.newId();
        String name = unique(plan.name());
        workspace.edit(
                new CastEdit.AddMember(new Member(id, name, new Member.Carved(plan.withName(name)), Optional.empty())));
        trial.memberId().set(id);
        knot.set(Knot.CAST);
        desk.get().openTab("Face");
    }

    @Override
    public Optional<String> planOf(Member member) {
        return member.source() instanceof Member.Shipped shipped
                        && PlanFiles.names().contains(shipped.figure())
                ? Optional.of(shipped.figure())
                : Optional.empty();
    }

    @Override
    public Optional<Path> saveAs(String title, String name, List<String> endings) {
        return memory.save(title, title, endings, name);
    }

    @Override
    public void keyPose(String pose) {
        keyPose.accept(pose);
    }

    /** Opens a character and shows what was found in it. */
    void take(Path path) {
        workspace
                .jobs()
                .start(
                        "Opening " + path.getFileName(),
                        progress -> FigureFiles.read(path, progress),
                        found -> offer(path.getFileName().toString(), found));
    }

    private void offer(String file, Found found) {
        new BringInOverlay(root, file, found, () -> add(found.character())).open();
    }

    /** Adds a finished figure to the cast and turns to it. */
    void add(Character figure) {
        String id = Project.newId();
        String name = unique(figure.name());
        workspace.edit(new CastEdit.AddMember(new Member(id, name, new Member.Own(figure), Optional.empty())));
        trial.memberId().set(id);
        knot.set(Knot.CAST);
        boolean whole = MouthChart.missing(figure).isEmpty();
        desk.get().openTab(whole ? "Check" : "Shapes");
        if (whole) {
            desk.get().checkRig();
        }
    }

    private String unique(String name) {
        return Names.free(name.isBlank() ? "Character" : name, this::taken);
    }

    private boolean taken(String name) {
        return workspace.project().cast().stream().anyMatch(m -> m.name().equals(name));
    }

    /** Lets the user mark a face on a picture and makes a character of it. */
    void takePicture(Path path) {
        workspace
                .jobs()
                .start(
                        "Opening " + path.getFileName(),
                        progress -> new Opened<>(FigureFiles.picture(path), Cast.byName("odile")),
                        opened -> new LandmarkOverlay(
                                        root,
                                        "Mark the face on " + path.getFileName(),
                                        "Drag each point to its place, or choose one and click. The wheel zooms. The character's own"
                                                + " left is on the right of the picture.",
                                        LandmarkGround.Flat.whole(opened.ground()),
                                        PictureFigure.usual(
                                                opened.ground().width(),
                                                opened.ground().height()),
                                        opened.example(),
                                        "Make the character",
                                        marking(
                                                path,
                                                marks -> workspace
                                                        .jobs()
                                                        .start(
                                                                "Making a character of " + path.getFileName(),
                                                                progress -> FigureFiles.fromPicture(path, marks),
                                                                found -> offer(
                                                                        path.getFileName()
                                                                                .toString(),
                                                                        found))))
                                .open());
    }

    /** Lets the user mark a bare head and carries our shapes over to it. */
    void takeBareHead(Path path) {
        workspace
                .jobs()
                .start(
                        "Opening " + path.getFileName(),
                        progress ->
                                new Opened<>(FigureFiles.read(path, progress).character(), Cast.byName("odile")),
                        opened -> new LandmarkOverlay(
                                        root,
                                        "Mark the face of " + path.getFileName(),
                                        "Drag each point to its place on the head; turn it for temples and jaw. The wheel zooms.",
                                        LandmarkGround.Head.of(opened.ground()),
                                        BareHead.guess(opened.ground(), opened.example()),
                                        opened.example(),
                                        "Carry Odile's shapes over",
                                        marking(
                                                path,
                                                marks -> workspace
                                                        .jobs()
                                                        .start(
                                                                "Carrying shapes over to " + path.getFileName(),
                                                                progress -> FigureFiles.fromBareHead(
                                                                        path, marks, opened.example(), true, progress),
                                                                found -> offer(
                                                                        path.getFileName()
                                                                                .toString(),
                                                                        found))))
                                .open());
    }

    /** What is marked on, and the face that serves as an example. */
    private record Opened<T>(T ground, Character example) {}

    private LandmarkOverlay.Asks marking(Path path, Consumer<Map<String, Vec>> make) {
        return new LandmarkOverlay.Asks() {
            @Override
            public void save(Map<String, Vec> marks) {
                String stem = path.getFileName().toString().replaceFirst("\\.[^.]*$", "");
                saveAs("Save the landmarks", stem + ".landmarks.json", List.of(".json"))
                        .ifPresent(file -> workspace
                                .jobs()
                                .start(
                                        "Saving " + file.getFileName(),
                                        progress -> {
                                            LandmarkFiles.write(marks, file);
                                            return file;
                                        },
                                        done -> workspace.jobs().say("Saved " + done.getFileName() + ".")));
            }

            @Override
            public Optional<Map<String, Vec>> load() {
                return memory.open("Load landmarks", "Landmarks", List.of(".json"))
                        .flatMap(file -> {
                            try {
                                return Optional.of(LandmarkFiles.read(file));
                            } catch (BadInput wrong) {
                                workspace.jobs().say(wrong.getMessage());
                                return Optional.empty();
                            }
                        });
            }

            @Override
            public void make(Map<String, Vec> marks) {
                make.accept(marks);
            }
        };
    }
}
