package graykite.studio;

import graykite.acting.Instincts.Kind;
import graykite.format.EditJson;
import graykite.format.Shelf;
import graykite.picture.Camera;
import graykite.project.Line;
import graykite.studio.model.InterfaceSize;
import graykite.studio.model.Knot;
import graykite.studio.model.Selection;
import graykite.studio.model.UserAction;
import graykite.studio.model.Workspace;
import graykite.studio.view.CommandOverlay;
import graykite.studio.view.GuideOverlay;
import graykite.studio.view.HelpOverlay;
import graykite.studio.view.HistoryOverlay;
import graykite.studio.view.MessagesOverlay;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.StackPane;

/** Everything that can be done from anywhere in the window, with its keys. */
final class WindowActions {
    private final StudioWindow window;
    private final FileDialogs files;
    private final StackPane root;
    private List<UserAction> all = List.of();

    WindowActions(StudioWindow window, FileDialogs files, StackPane root) {
        this.window = window;
        this.files = files;
        this.root = root;
    }

    List<UserAction> list() {
        List<UserAction> list = new ArrayList<>(List.of(
                UserAction.of("Playing", "Play or pause", "Space", window.player()::toggle),
                UserAction.of("Playing", "One frame back", "Comma", () -> stepFrame(-1)),
                UserAction.of("Playing", "One frame on", "Period", () -> stepFrame(1)),
                UserAction.of(
                        "Playing", "To the start", "Home", () -> window.player().seek(0)),
                UserAction.of(
                        "Playing",
                        "To the end",
                        "End",
                        () -> window.player().seek(window.player().duration())),
                UserAction.of(
                        "Playing",
                        "Loop",
                        "L",
                        () -> window.player()
                                .looping()
                                .set(!window.player().looping().get())),
                UserAction.of(
                        "Playing",
                        "Half speed",
                        "H",
                        () -> window.player()
                                .speed()
                                .set(window.player().speed().get() == 0.5 ? 1 : 0.5)),
                UserAction.of(
                        "Playing",
                        "Quarter speed",
                        "Shift+H",
                        () -> window.player()
                                .speed()
                                .set(window.player().speed().get() == 0.25 ? 1 : 0.25)),
                UserAction.of(
                        "Sheet", "Next sound", "Right", () -> window.sheet().step(1)),
                UserAction.of(
                        "Sheet", "Previous sound", "Left", () -> window.sheet().step(-1)),
                UserAction.of("Sheet", "Edit the selected word", "Enter", this::editSelected),
                UserAction.of("Sheet", "Nudge the sound's start earlier by a frame", "Alt+Left", () -> nudge(-1)),
                UserAction.of("Sheet", "Nudge the sound's start later by a frame", "Alt+Right", () -> nudge(1)),
                UserAction.of(
                        "Sheet", "Zoom in", "Ctrl+Equals", () -> window.sheet().zoomAtPlayhead(1.5)),
                UserAction.of(
                        "Sheet", "Zoom out", "Ctrl+Minus", () -> window.sheet().zoomAtPlayhead(1 / 1.5)),
                UserAction.of("Sheet", "Show the whole line", "F", window.sheet()::fit),
                UserAction.of("Project", "Undo", "Ctrl+Z", window.workspace()::undo),
                UserAction.of("Project", "Redo", "Ctrl+Shift+Z", window.workspace()::redo),
                UserAction.of("Project", "Save", "Ctrl+S", files::save),
                UserAction.of("Project", "Save as", "Ctrl+Shift+S", () -> files.saveAsThen(() -> {})),
                UserAction.of("Project", "Open a project", "Ctrl+O", files::chooseProject),
                UserAction.of("Project", "New project", "Ctrl+N", window::newProject),
                UserAction.of("Project", "Open the demo", "", window::openDemo),
                UserAction.of("Project", "Add a recording", "Ctrl+I", () -> files.chooseRecording(false)),
                UserAction.of("Project", "Load a script", "Ctrl+T", files::chooseScript),
                UserAction.of(
                        "Project",
                        "Read the line",
                        "Ctrl+R",
                        () -> window.readingDesk().readNow()),
                UserAction.of("Project", "Deliver", "Ctrl+E", () -> {
                    window.knot().set(Knot.DELIVERY);
                    window.delivery().deliverOrAsk();
                }),
                UserAction.of(
                        "Reading",
                        "Read all unread lines",
                        "Ctrl+Shift+R",
                        () -> window.workspace().readings().readUnread()),
                UserAction.of(
                        "Reading",
                        "Draft the words",
                        "",
                        () -> window.workspace().readings().draft()),
                UserAction.of("Reading", "Next doubtful word", "D", this::nextDoubt),
                UserAction.of(
                        "Reading",
                        "Pin or release what is chosen",
                        "P",
                        () -> window.workspace().words().togglePin()),
                UserAction.of(
                        "Reading",
                        "The next word begins here",
                        "W",
                        () -> window.workspace()
                                .words()
                                .marks()
                                .mark(window.player().time().get())),
                UserAction.of(
                        "Reading",
                        "Silence begins here",
                        "Shift+W",
                        () -> window.workspace()
                                .words()
                                .marks()
                                .markSilence(window.player().time().get())),
                UserAction.of(
                        "Reading", "Move the chosen word earlier by a frame", "Shift+Alt+Left", () -> moveWord(-1)),
                UserAction.of("Reading", "Move the chosen word later by a frame", "Shift+Alt+Right", () -> moveWord(1)),
                UserAction.of(
                        "Reading",
                        "Split the chosen word",
                        "",
                        () -> window.workspace().words().splitWord()),
                UserAction.of(
                        "Reading",
                        "Join the chosen word with the next",
                        "",
                        () -> window.workspace().words().mergeWords()),
                UserAction.of(
                        "Reading",
                        "Read by sound alone",
                        "",
                        () -> window.workspace().readings().listen()),
                UserAction.of("Acting", "Key the chosen pose", "K", this::keyChosenPose),
                UserAction.of("Acting", "Record a live pass, or end it", "R", () -> {
                    window.knot().set(Knot.ACTING);
                    window.acting().openTab("Live");
                    window.live().record();
                }),
                UserAction.of(
                        "Acting",
                        "Blink here",
                        "B",
                        () -> window.workspace()
                                .marks()
                                .add(Kind.BLINKS, window.player().time().get())),
                UserAction.of("Acting", "End the live pass and throw it away", "Esc", window.live()::off),
                UserAction.of("Proof", "Next note", "N", () -> stepNote(true)),
                UserAction.of("Proof", "Note before", "Shift+N", () -> stepNote(false)),
                UserAction.of("Sheet", "Delete what is chosen", "Delete", this::deleteChosen),
                UserAction.of("Cast", "Check the rig", "", () -> {
                    window.knot().set(Knot.CAST);
                    window.cast().checkRig();
                }),
                UserAction.of("Window", "Keys and mouse", "F1", () -> new HelpOverlay(root, all).open()),
                UserAction.of(
                        "Window",
                        "Guide to the open desk",
                        "Shift+F1",
                        () -> new GuideOverlay(root, window.knot().get()).open()),
                UserAction.of("Window", "Command box", "Ctrl+K", () -> new CommandOverlay(root, all).open()),
                UserAction.of("Window", "All lines and scenes", "Ctrl+L", window::toggleLines),
                UserAction.of("Window", "Next line", "Ctrl+Down", () -> stepLine(1)),
                UserAction.of("Window", "Previous line", "Ctrl+Up", () -> stepLine(-1)),
                UserAction.of("Window", "Desk away, or back", "Ctrl+0", window::toggleDesk),
                UserAction.of(
                        "Window",
                        "The face alone on the screen",
                        "F11",
                        () -> window.faceAlone().toggle()),
                UserAction.of(
                        "Project",
                        "What was done; copy edits",
                        "Ctrl+H",
                        () -> new HistoryOverlay(root, window.workspace(), new EditJson(Shelf.none())).open()),
                UserAction.of("Window", "Messages", "", () -> new MessagesOverlay(root, window.workspace()).open()),
                UserAction.of("Window", "Start screen", "", window::greet),
                UserAction.of("Window", "Daylight or dusk", "", window::toggleTheme),
                UserAction.of("Window", "Larger text and controls", "", () -> resize(1)),
                UserAction.of("Window", "Smaller text and controls", "", () -> resize(-1)),
                UserAction.of(
                        "Face",
                        "Two views at once, or one",
                        "V",
                        () -> window.face().two().set(!window.face().two().get())),
                UserAction.of(
                        "Face", "Front view", "", () -> window.face().camera().set(Camera.FRONT)),
                UserAction.of(
                        "Face",
                        "Three-quarter view",
                        "",
                        () -> window.face().camera().set(Camera.THREE_QUARTER)),
                UserAction.of(
                        "Face", "Profile view", "", () -> window.face().camera().set(Camera.PROFILE)),
                UserAction.of(
                        "Face", "Mouth view", "", () -> window.face().camera().set(Camera.MOUTH))));
        for (Knot station : Knot.values()) {
            list.add(UserAction.of(
                    "Desks",
                    station.title() + " desk",
                    "Ctrl+" + (station.ordinal() + 1),
                    () -> window.knot().set(station)));
        }
        all = List.copyOf(list);
        return all;
    }

    private void resize(int steps) {
        Workspace workspace = window.workspace();
        int size = InterfaceSize.change(workspace.settings(), steps);
        workspace.jobs().say("Text and controls are at " + size + " % from the next start on.");
    }

    /** The next line of the open scene, else of the project. */
    private void stepLine(int by) {
        Workspace workspace = window.workspace();
        List<String> ids = workspace
                .openScene()
                .map(s -> s.blocks().stream().map(b -> b.line()).toList())
                .orElseGet(
                        () -> workspace.project().lines().stream().map(Line::id).toList());
        if (!ids.isEmpty()) {
            int at = ids.indexOf(workspace.lineId().get());
            workspace.lineId().set(ids.get(Math.clamp(at + by, 0, ids.size() - 1)));
        }
    }

    private void stepNote(boolean forward) {
        window.workspace()
                .proof()
                .step(window.player().time().get(), forward)
                .ifPresent(n -> window.player().seek(n.time()));
    }

    private void nextDoubt() {
        window.knot().set(Knot.READING);
        window.workspace().words().nextDoubt();
        window.workspace().selectedRange().ifPresent(r -> window.player().seek(r.start()));
    }

    /** A key of a curve or of a pose; on the Reading desk the chosen word or sound. */
    private void deleteChosen() {
        boolean reading = window.knot().get() == Knot.READING
                && window.workspace().keys().index().get() < 0
                && window.workspace().words().word().isPresent();
        if (reading) {
            window.workspace().words().delete();
        } else if (!window.workspace().passes().keys().delete()
                && !window.workspace().mouth().curves().deleteKey()
                && !window.workspace().clips().delete()
                && !window.workspace().looks().delete()
                && !window.workspace().passes().delete()
                && !window.workspace().marks().delete()) {
            window.workspace().keys().delete();
        }
    }

    private void stepFrame(int by) {
        window.player().pause();
        FrameRate rate = window.workspace().project().rate();
        window.player().seek(rate.secondsAt(rate.frameAt(window.player().time().get()) + by));
    }

    private void editSelected() {
        int word = window.workspace().selection().get().word();
        if (word >= 0) {
            window.sheet().editWord(word);
        }
    }

    private void moveWord(int frames) {
        window.workspace()
                .words()
                .moveWord(frames * window.workspace().project().rate().frameLength());
    }

    private void nudge(int frames) {
        Selection chosen = window.workspace().selection().get();
        window.workspace()
                .line()
                .flatMap(Line::timing)
                .filter(t -> chosen.word() >= 0)
                .ifPresent(timing -> {
                    int phone = Math.max(0, chosen.phone());
                    double start = timing.words()
                            .get(chosen.word())
                            .phones()
                            .get(phone)
                            .start();
                    double by = frames * window.workspace().project().rate().frameLength();
                    window.workspace().words().moveStart(chosen.word(), phone, start + by, 0);
                });
    }

    /** Keys the pose that was chosen last on the Cast desk. */
    private void keyChosenPose() {
        String pose = window.trial().pose().get();
        if (pose.isEmpty()) {
            window.workspace().jobs().say("Choose a pose on the Cast desk first; K keys it at the playhead.");
        } else {
            window.keyPose(pose);
        }
    }
}
