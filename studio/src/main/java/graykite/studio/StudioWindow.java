package graykite.studio;

import graykite.acting.PoseKey;
import graykite.edit.ActingEdit;
import graykite.format.ProjectFiles;
import graykite.format.character.FigureFiles;
import graykite.mouth.MouthWork;
import graykite.scene.Performance;
import graykite.studio.desk.ActingDesk;
import graykite.studio.desk.CastDesk;
import graykite.studio.desk.DeliveryDesk;
import graykite.studio.desk.Desk;
import graykite.studio.desk.MouthDesk;
import graykite.studio.desk.ProofDesk;
import graykite.studio.desk.ReadingDesk;
import graykite.studio.desk.VoiceDesk;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Knot;
import graykite.studio.model.Palette;
import graykite.studio.model.Trial;
import graykite.studio.model.UserAction;
import graykite.studio.model.Workspace;
import graykite.studio.play.Microphone;
import graykite.studio.play.Player;
import graykite.studio.view.LineBar;
import graykite.studio.view.LinesTable;
import graykite.studio.view.MessagesOverlay;
import graykite.studio.view.MouthPictures;
import graykite.studio.view.SheetView;
import graykite.studio.view.StageView;
import graykite.studio.view.StartScreen;
import graykite.studio.view.StatusStrip;
import graykite.studio.view.StringSide;
import graykite.studio.view.TransportBar;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ChangeListener;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;

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
    private final ChangeListener<Boolean> fullScreen = (o, before, full) -> fullScreenChanged(full);
    private boolean drawing;
    private Optional<MouthPictures> mouths = Optional.empty();

    /** @param picker asks the user for files */
    StudioWindow(Stage stage, Workspace workspace, Player player, FilePicker picker) {
        this.picker = picker;
        this.stage = stage;
        this.workspace = workspace;
        this.face = new StageView(workspace);
        this.player = player;
        this.sheet = new SheetView(workspace, player);
        this.string = new StringSide(knot);
        this.readiness = new Readiness(workspace);
        this.files = new FileDialogs(stage, workspace, picker, this::openProject, this::take, this::takeRecordings);
        this.lines = new LineBar(workspace, files::save, this::toggleLines);
        this.trial = new Trial(workspace);
        this.bringIn = new BringIn(picker, workspace, trial, root, knot, this::cast, this::keyPose);
        this.desks = new Desks(this::desk, knot);
        this.director = new StageDirector(workspace, player, face, trial, knot);
        this.actions = new WindowActions(this, files, root).list();
        this.greeter = new Greeter(this, files, root);
        this.strip =
                new StatusStrip(workspace.jobs(), player.audible(), () -> new MessagesOverlay(root, workspace).open());
        this.work = layOut();
        this.table = new LinesTable(workspace, stageArea, this::picture);
        watch();
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

    public DeliveryDesk delivery() {
        return (DeliveryDesk) desks.of(Knot.DELIVERY);
    }

    // --- building ------------------------------------------------------------------------------------------------

    private Desk desk(Knot station) {
        return switch (station) {
            case CAST -> new CastDesk(workspace, trial, root, bringIn);
            case VOICE ->
                new VoiceDesk(
                        workspace,
                        player,
                        files::chooseRecording,
                        Microphone.present(workspace.intake()::wordsToRecord));
            case READING -> new ReadingDesk(workspace, player, new ReadingFiles(files, workspace));
            case MOUTH ->
                new MouthDesk(workspace, player, trial, new MouthFiles(files, workspace, knot, this::mouthDesk));
            case ACTING -> new ActingDesk(workspace, this::keyPose);
            case PROOF -> new ProofDesk(workspace);
            case DELIVERY -> new DeliveryDesk(workspace, face.camera()::get, picker);
        };
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

    /** The face alone on the whole screen; Escape or the same key brings the window back. */
    void showFaceAlone(boolean alone) {
        work.showAlone(alone);
        all.setLeft(alone ? null : string);
        all.setBottom(alone ? null : strip);
        stage.setFullScreenExitHint("");
        stage.setFullScreen(alone);
    }

    boolean isFaceAlone() {
        return work.isAlone();
    }

    private void fullScreenChanged(boolean full) {
        if (!full && work.isAlone()) {
            showFaceAlone(false);
        }
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

    // --- following the project -----------------------------------------------------------------------------------

    private void watch() {
        workspace.history().addListener((o, b, n) -> refresh());
        workspace.lineId().addListener((o, before, now) -> {
            boolean together = workspace
                    .openScene()
                    .filter(s -> s.block(before).isPresent() && s.block(now).isPresent())
                    .isPresent();
            if (!together) {
                player.pause();
                player.seek(0);
            }
            refresh();
        });
        workspace.savedProject().addListener((o, b, n) -> refresh());
        workspace.selection().addListener((o, b, n) -> desks.refresh());
        player.loopRange().addListener((o, b, n) -> desks.refresh());
        workspace.mouth().asked().addListener((o, b, channel) -> {
            if (!channel.isEmpty()) {
                knot.set(Knot.MOUTH);
                mouthDesk().ask(channel);
                workspace.mouth().asked().set("");
            }
        });
        workspace.mouth().section().addListener((o, b, n) -> {
            if (n.intValue() >= 0) {
                knot.set(Knot.MOUTH);
                mouthDesk().openTab("Speak");
            }
        });
        workspace.keys().index().addListener((o, b, n) -> {
            if (n.intValue() >= 0) {
                knot.set(Knot.ACTING);
            }
            desks.refresh();
        });
        workspace.sound().addListener((o, b, sound) -> refresh());
        workspace.stageSound().addListener((o, b, heard) -> heard.sound()
                .ifPresent(sound -> player.load(sound, heard.lineStart())));
        workspace.performance().addListener((o, b, performance) -> {
            director.show();
            performance.ifPresent(this::showMouths);
            refresh();
        });
        knot.addListener((o, b, now) -> {
            desks.open(face.tool());
            work.showDesk(true);
        });
        stage.fullScreenProperty().addListener(fullScreen);
        desks.open(face.tool());
        director.show();
    }

    /** The face of somebody, small, for lists. */
    private CompletableFuture<javafx.scene.image.Image> picture(graykite.project.Member member) {
        return workspace.figures().of(member).thenApplyAsync(MouthPictures::portrait);
    }

    /** The small mouths on sheet and desk are those of who speaks; drawn after the face, away from this thread. */
    private void showMouths(Performance performance) {
        MouthWork work = performance.score().work();
        if (drawing
                || mouths.map(m -> m.serve(performance.character(), performance.chart(), work))
                        .orElse(false)) {
            return;
        }
        drawing = true;
        Optional<MouthPictures> before = mouths;
        CompletableFuture.supplyAsync(
                        () -> MouthPictures.of(performance.character(), performance.chart(), work, before))
                .thenAccept(pictures -> Platform.runLater(() -> {
                    drawing = false;
                    mouths = Optional.of(pictures);
                    desks.show(pictures);
                    // The line may have become another one meanwhile.
                    workspace.performance().get().ifPresent(this::showMouths);
                }));
    }

    /** Keys a pose at the playhead; a key that stands there already is replaced. */
    void keyPose(String pose) {
        double time = Math.max(0, player.time().get());
        workspace.editLine(0, l -> new ActingEdit.KeyPose(l, time, pose, 1, PoseKey.USUAL_EASE));
        workspace
                .jobs()
                .say(
                        workspace.line().isEmpty()
                                ? "There is no line to key on."
                                : "Keyed " + pose + " at the playhead.");
    }

    /** Keys the pose that was chosen last on the Cast desk. */
    void keyChosenPose() {
        String pose = trial.pose().get();
        if (pose.isEmpty()) {
            workspace.jobs().say("Choose a pose on the Cast desk first; K keys it at the playhead.");
        } else {
            keyPose(pose);
        }
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

    // --- start and end -------------------------------------------------------------------------------------------

    void start() {
        stage.setOnCloseRequest(this::closeRequested);
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
        files.unlessUnsaved(() -> workspace.documents().openDemo(this::hideStart));
    }

    public void openProject(Path path) {
        files.unlessUnsaved(() -> workspace.documents().open(path, this::hideStart));
    }

    /** Stops everything; the last state of unsaved work stays on disk only when the program did not end by itself. */
    public void close() {
        // The stage outlives the window where several are opened one after the other.
        stage.fullScreenProperty().removeListener(fullScreen);
        table.close();
        player.close();
        face.close();
        sheet.close();
        desks.close();
        workspace.close();
    }

    private void closeRequested(WindowEvent e) {
        if (!workspace.dirty()) {
            workspace.safekeeping().closeClean();
            return;
        }
        e.consume();
        files.unlessUnsaved(() -> {
            workspace.safekeeping().closeClean();
            stage.setOnCloseRequest(null);
            stage.close();
        });
    }

    // --- files ---------------------------------------------------------------------------------------------------

    /** Takes a dropped or chosen file for what it is: a project, a recording or a script. */
    public void take(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(ProjectFiles.EXTENSION)) {
            openProject(path);
        } else if (FigureFiles.mayHold(path)) {
            hideStart();
            bringIn.take(path);
        } else if (FileDialogs.SCRIPTS.stream().anyMatch(name::endsWith)) {
            hideStart();
            knot.set(Knot.READING);
            workspace.intake().loadScript(path);
        } else {
            hideStart();
            knot.set(Knot.READING);
            workspace.intake().addRecording(path);
        }
    }

    /** Takes several recordings at once: they are opened together and read on all cores. */
    public void takeRecordings(List<Path> paths) {
        hideStart();
        knot.set(Knot.READING);
        workspace.intake().addRecordings(paths);
    }

    // --- what actions ask for ------------------------------------------------------------------------------------

    void newProject() {
        files.unlessUnsaved(() -> {
            workspace.replaceProject(graykite.project.Project.empty(), Optional.empty());
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

    /** Reads the line with what stands on the Reading desk. */
    void readNow() {
        readingDesk().readNow();
    }

    private boolean overlayOpen() {
        return root.getChildren().size() > 1 && !(root.getChildren().getLast() instanceof StartScreen);
    }
}
