package graykite.studio;

import graykite.base.Aside;
import graykite.format.ProjectFiles;
import graykite.project.Project;
import graykite.studio.desk.ActingDesk;
import graykite.studio.desk.CastDesk;
import graykite.studio.desk.DeliveryDesk;
import graykite.studio.desk.MouthDesk;
import graykite.studio.desk.ReadingDesk;
import graykite.studio.live.FaceKeys;
import graykite.studio.live.LivePass;
import graykite.studio.model.Documents;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Knot;
import graykite.studio.model.Palette;
import graykite.studio.model.Trial;
import graykite.studio.model.UserAction;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.GuideOverlay;
import graykite.studio.view.LineBar;
import graykite.studio.view.LinesTable;
import graykite.studio.view.MessagesOverlay;
import graykite.studio.view.MouthPictures;
import graykite.studio.view.ReviewBar;
import graykite.studio.view.SheetView;
import graykite.studio.view.StageView;
import graykite.studio.view.StartScreen;
import graykite.studio.view.StatusStrip;
import graykite.studio.view.StringSide;
import graykite.studio.view.TransportBar;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;

/** Puts the parts of the window together: string, stage, desk, bar, sheet and strip. */
public final class StudioWindow {
    private final Stage stage;
    private final Workspace workspace;
    private final Player player;
    private final StackPane root = new StackPane();
    private final StackPane stageArea = new StackPane();
    private final BorderPane all = new BorderPane();
    private final StatusStrip strip;
    private final WorkArea work;
    private final LinesTable table;
    private final StageView face;
    private final SheetView sheet;
    private final StringSide string;
    private final ObjectProperty<Knot> knot = new SimpleObjectProperty<>(Knot.VOICE);
    private final Desks desks;
    private final LineBar lines;
    private final List<UserAction> actions;
    private final Readiness readiness;
    private final FileDialogs files;
    private final FilePicker picker;
    private final Trial trial;
    private final BringIn bringIn;
    private final StageDirector director;
    private final Greeter greeter;
    private final SmallMouths mouths;
    private final Arrivals arrivals;
    private final FaceAlone alone;

    /** @param picker asks the user for files */
    StudioWindow(Stage stage, Workspace workspace, Player player, FilePicker picker) {
        this.picker = picker;
        this.stage = stage;
        this.workspace = workspace;
        this.face = new StageView(workspace);
        this.player = player;
        workspace.proof().playing().bind(player.playing());
        this.sheet = new SheetView(workspace, player);
        this.string = new StringSide(knot, () -> new GuideOverlay(root, knot.get()).open());
        this.readiness = new Readiness(workspace);
        this.files = new FileDialogs(stage, workspace, picker, this::openProject, this::take, this::takeRecordings);
        this.lines = new LineBar(workspace, files::save, this::toggleLines);
        this.trial = new Trial(workspace);
        this.bringIn = new BringIn(picker, workspace, trial, root, knot, this::cast, this::keyPose);
        this.desks = new Desks(new DeskMaker(this, files, bringIn, picker, root), knot);
        this.director = new StageDirector(workspace, player, face, trial, knot);
        this.actions = new WindowActions(this, files, root).list();
        this.greeter = new Greeter(this, files, root);
        this.mouths = new SmallMouths(workspace, desks, this::whenLineShown);
        this.arrivals = new Arrivals(workspace.intake(), bringIn, knot, this::openProject, this::hideStart);
        this.strip =
                new StatusStrip(workspace.jobs(), player.audible(), () -> new MessagesOverlay(root, workspace).open());
        this.work = layOut();
        this.alone = new FaceAlone(stage, all, work, stageArea, new ReviewBar(workspace, player));
        this.table = new LinesTable(
                workspace,
                stageArea,
                m -> Aside.then(workspace.figures().of(m), MouthPictures::portrait),
                () -> knot.set(Knot.DELIVERY));
        new Following(this, desks, director, mouths, this::refresh).begin();
        knot.addListener((o, b, now) -> {
            desks.open(face.tool());
            work.showDesk(true);
        });
        desks.open(face.tool());
        director.show();
        new FaceKeys(live()).install(root, this::overlayOpen);
        KeyBindings.install(root, actions, this::overlayOpen);
        FileDrop.install(root, this::take, this::takeRecordings);
    }

    StackPane root() {
        return root;
    }

    public Workspace workspace() {
        return workspace;
    }

    public Player player() {
        return player;
    }

    public SheetView sheet() {
        return sheet;
    }

    public StageView face() {
        return face;
    }

    public ObjectProperty<Knot> knot() {
        return knot;
    }

    public CastDesk cast() {
        return (CastDesk) desks.of(Knot.CAST);
    }

    public ReadingDesk readingDesk() {
        return (ReadingDesk) desks.of(Knot.READING);
    }

    public MouthDesk mouthDesk() {
        return (MouthDesk) desks.of(Knot.MOUTH);
    }

    /** Scrolls the open desk: 0 its top, 1 its end. */
    void scrollDesk(double share) {
        desks.scroll(share);
    }

    /** Calls back once, when the first picture of a line is on screen. */
    void whenLineShown(Runnable action) {
        director.whenLineShown(action);
    }

    /** Brings characters in. */
    BringIn bringIn() {
        return bringIn;
    }

    /** The face that is tried on the Cast desk. */
    public Trial trial() {
        return trial;
    }

    /** Performing on the face. */
    public LivePass live() {
        return director.live();
    }

    public ActingDesk acting() {
        return (ActingDesk) desks.of(Knot.ACTING);
    }

    public DeliveryDesk delivery() {
        return (DeliveryDesk) desks.of(Knot.DELIVERY);
    }

    private WorkArea layOut() {
        VBox.setVgrow(desks.pane(), Priority.ALWAYS);
        VBox right = new VBox(lines, desks.pane());
        right.getStyleClass().add("desk-side");
        stageArea.getChildren().add(face);
        WorkArea work =
                new WorkArea(workspace.settings(), stageArea, new TransportBar(workspace, player, sheet), sheet, right);
        all.setCenter(work);
        all.setLeft(string);
        all.setBottom(strip);
        root.getChildren().add(all);
        return work;
    }

    /** The face alone on the whole screen. */
    FaceAlone faceAlone() {
        return alone;
    }

    /** Puts the desk away so that stage and sheet have the whole width, or brings it back. */
    void toggleDesk() {
        work.showDesk(!work.isDeskShown());
    }

    /** The table of all lines and scenes, over the stage. */
    void toggleLines() {
        table.toggle();
    }

    /** Everything that can be done from anywhere. */
    List<UserAction> actions() {
        return actions;
    }

    LinesTable table() {
        return table;
    }

    /** Keys a pose at the playhead; a key that stands there already is replaced. */
    void keyPose(String pose) {
        workspace.keys().key(pose, player.time().get());
    }

    private void refresh() {
        lines.refresh();
        desks.refresh();
        string.update(readiness::of, palette());
        String name = workspace
                .file()
                .get()
                .map(p -> p.getFileName().toString())
                .orElse(workspace.project().title());
        stage.setTitle((workspace.dirty() ? "• " : "") + name + " – Gray Kite");
    }

    private Palette palette() {
        return workspace.settings().flag("dusk") ? Palette.DUSK : Palette.LIGHT;
    }

    void start() {
        stage.setOnCloseRequest(files::closing);
        sheet.setPalette(palette());
        refresh();
    }

    /** Shows the start screen. */
    public void greet() {
        greeter.show();
    }

    private void hideStart() {
        greeter.hide();
        sheet.requestFocus();
    }

    public void openDemo() {
        openDemo(Documents::demo);
    }

    /** @param demo what it holds, which may take a moment */
    void openDemo(Supplier<Project> demo) {
        files.unlessUnsaved(() -> workspace.documents().openDemo(demo, this::hideStart));
    }

    public void openProject(Path path) {
        openProject(path, () -> ProjectFiles.open(path));
    }

    /** @param held what the file holds, which may take a moment */
    void openProject(Path path, Supplier<Project> held) {
        files.unlessUnsaved(() -> workspace.documents().open(path, held, this::hideStart));
    }

    /** Stops everything; the last state of unsaved work stays on disk only when the program did not end by itself. */
    public void close() {
        alone.close();
        director.close();
        table.close();
        player.close();
        face.close();
        sheet.close();
        desks.close();
        workspace.close();
    }

    /** Takes a dropped or chosen file for what it is: a project, a character, a recording or a script. */
    public void take(Path path) {
        arrivals.take(path);
    }

    /** Takes several recordings at once: they are opened together and read on all cores. */
    public void takeRecordings(List<Path> paths) {
        arrivals.takeRecordings(paths);
    }

    void newProject() {
        files.unlessUnsaved(() -> {
            workspace.replaceProject(Project.empty(), Optional.empty());
            hideStart();
            knot.set(Knot.VOICE);
        });
    }

    void toggleTheme() {
        boolean dusk = !workspace.settings().flag("dusk");
        workspace.settings().setFlag("dusk", dusk);
        StudioApp.setTheme(stage.getScene(), dusk);
        sheet.setPalette(palette());
        refresh();
    }

    private boolean overlayOpen() {
        return root.getChildren().size() > 1 && !(root.getChildren().getLast() instanceof StartScreen);
    }
}
