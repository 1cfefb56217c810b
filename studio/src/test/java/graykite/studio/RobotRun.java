package graykite.studio;

import graykite.studio.model.Documents;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Knot;
import graykite.studio.model.UserAction;
import graykite.studio.play.SilentOut;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.event.Event;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.PopupControl;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.stage.Stage;
import javafx.stage.Window;

/**
 * Edits the demo at random in the real window, by dice that the start number fixes (the course also depends on the machine), and tells every minute what memory and
 * handles have become; no part of what ships. Ends with 1 when anything threw.
 */
public final class RobotRun {
    private static final Logger JAVAFX = Logger.getLogger("javafx");
    /** Steps that would end the run, leave the window or wait for somebody. */
    private static final List<String> LEFT_OUT =
            List.of("Quit", "Close", "The face alone", "New project", "Open", "Demo", "Recent", "Start screen");

    /** Minutes after which the demo is opened anew: then memory must be what it was the first time, whatever was edited. */
    private static final int CHAPTER = 10;

    private final StudioWindow window;
    private final Stage stage;
    private final SplittableRandom random;
    private final Map<String, String> faults;
    private final Deque<String> lately = new ArrayDeque<>();
    private long steps;

    private RobotRun(StudioWindow window, Stage stage, long start, Map<String, String> faults) {
        this.window = window;
        this.stage = stage;
        this.random = new SplittableRandom(start);
        this.faults = faults;
    }

    /** @param arguments minutes, 120 unless said; the start number, 1 unless said */
    public static void main(String[] arguments) throws Exception {
        JAVAFX.setLevel(Level.SEVERE);
        double minutes = arguments.length > 0 ? Double.parseDouble(arguments[0]) : 120;
        long start = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        Map<String, String> faults = new ConcurrentHashMap<>();
        Thread.setDefaultUncaughtExceptionHandler((thread, thrown) -> tell(thrown, faults));
        Path home = Files.createTempDirectory("kite-robot");
        CompletableFuture<RobotRun> opened = new CompletableFuture<>();
        Platform.startup(() -> {
            Thread.currentThread().setUncaughtExceptionHandler((thread, thrown) -> tell(thrown, faults));
            Stage stage = new Stage();
            stage.setWidth(1280);
            stage.setHeight(800);
            StudioWindow window = StudioApp.open(stage, home, new SilentOut(), new Nobody());
            window.openDemo();
            opened.complete(new RobotRun(window, stage, start, faults));
        });
        int code = opened.get().run(minutes);
        delete(home);
        System.exit(code);
    }

    private static void tell(Throwable thrown, Map<String, String> faults) {
        StringWriter text = new StringWriter();
        thrown.printStackTrace(new PrintWriter(text));
        Throwable cause = thrown;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        String at = cause.getClass().getSimpleName()
                + Stream.of(cause.getStackTrace())
                        .filter(e -> e.getClassName().startsWith("graykite."))
                        .findFirst()
                        .map(e -> " at " + e)
                        .orElse("");
        if (faults.putIfAbsent(at, text.toString()) == null) {
            System.out.println("FAULT " + text);
        }
    }

    private int run(double minutes) throws Exception {
        long begin = System.nanoTime();
        int told = 0;
        settle();
        while (System.nanoTime() - begin < minutes * 60e9) {
            onFx(this::step);
            steps++;
            if (steps % 10 == 0) {
                settle();
            }
            int minute = (int) ((System.nanoTime() - begin) / 60_000_000_000L);
            if (minute > told) {
                told = minute;
                settle();
                report(minute);
                if (minute % CHAPTER == 0) {
                    CompletableFuture<Void> opened = new CompletableFuture<>();
                    onFx(() -> window.workspace().documents().openDemo(Documents::demo, () -> opened.complete(null)));
                    opened.get(2, TimeUnit.MINUTES);
                    settle();
                    System.out.print("anew ");
                    report(minute);
                }
            }
        }
        settle();
        report((int) minutes);
        onFx(window::close);
        faults.keySet().forEach(f -> System.out.println("threw: " + f));
        return faults.isEmpty() ? 0 : 1;
    }

    private void report(int minute) throws IOException {
        // Twice: what is softly held and was looked at since the last time outlives one.
        System.gc();
        System.gc();
        Runtime java = Runtime.getRuntime();
        System.out.printf(
                Locale.ROOT,
                "%3d min: %6d steps, heap %4d MB, files and sockets %d, threads %d, lines %d, faults %d%n",
                minute,
                steps,
                (java.totalMemory() - java.freeMemory()) >> 20,
                handles(),
                Thread.activeCount(),
                window.workspace().project().lines().size(),
                faults.size());
    }

    private static long handles() throws IOException {
        Path open = Path.of("/proc/self/fd");
        if (!Files.isDirectory(open)) {
            return -1;
        }
        try (Stream<Path> all = Files.list(open)) {
            return all.count();
        }
    }

    private void settle() throws Exception {
        for (int i = 0; i < 400; i++) {
            CompletableFuture<Boolean> still = new CompletableFuture<>();
            Platform.runLater(() -> still.complete(window.workspace().settled()));
            if (still.get()) {
                return;
            }
            Thread.sleep(25);
        }
    }

    /** What throws there is a fault, and the run goes on. */
    private void onFx(Runnable work) throws Exception {
        CompletableFuture<Void> done = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                work.run();
            } catch (RuntimeException | Error thrown) {
                tell(thrown, faults);
                System.out.println("after: " + lately);
            } finally {
                done.complete(null);
            }
        });
        // A dialog holds the step until it is closed.
        while (!done.isDone()) {
            Thread.sleep(done.isDone() ? 0 : 2);
            Platform.runLater(this::closeDialogs);
        }
        done.get();
    }

    private void closeDialogs() {
        for (Window open : List.copyOf(Window.getWindows())) {
            if (open != stage && !(open instanceof PopupControl)) {
                open.hide();
            }
        }
    }

    private void note(String what) {
        lately.addLast(what);
        if (lately.size() > 12) {
            lately.removeFirst();
        }
    }

    private void step() {
        switch (random.nextInt(12)) {
            case 0, 1 -> action();
            case 2 -> knot();
            case 3 -> undo();
            case 4, 5 -> drag();
            case 6 -> key();
            default -> control();
        }
    }

    private void action() {
        List<UserAction> all = window.actions().stream()
                .filter(a -> LEFT_OUT.stream().noneMatch(a.name()::contains))
                .toList();
        UserAction chosen = all.get(random.nextInt(all.size()));
        note(chosen.name());
        chosen.run().run();
    }

    private void knot() {
        Knot next = Knot.values()[random.nextInt(Knot.values().length)];
        note(next.title());
        window.knot().set(next);
    }

    private void undo() {
        int times = 1 + random.nextInt(4);
        note("undo " + times);
        for (int i = 0; i < times; i++) {
            window.workspace().undo();
        }
        if (random.nextInt(3) == 0) {
            window.workspace().redo();
        }
    }

    private void key() {
        KeyCode[] keys = {
            KeyCode.ESCAPE,
            KeyCode.HOME,
            KeyCode.COMMA,
            KeyCode.PERIOD,
            KeyCode.DELETE,
            KeyCode.D,
            KeyCode.N,
            KeyCode.K,
            KeyCode.B,
            KeyCode.W,
            KeyCode.L,
            KeyCode.ENTER
        };
        KeyCode code = keys[random.nextInt(keys.length)];
        note(code.name());
        boolean shift = random.nextInt(5) == 0;
        Node focus = Optional.ofNullable(stage.getScene().getFocusOwner()).orElse(window.root());
        for (var type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
            Event.fireEvent(focus, new KeyEvent(type, "", "", code, shift, false, false, false));
        }
    }

    private void control() {
        List<Node> all = new ArrayList<>();
        collect(window.root(), all);
        if (all.isEmpty()) {
            return;
        }
        Node chosen = all.get(random.nextInt(all.size()));
        note(chosen.getClass().getSimpleName() + " " + chosen.getId() + " " + chosen.getAccessibleText());
        switch (chosen) {
            case ButtonBase button -> button.fire();
            case Slider slider ->
                slider.setValue(slider.getMin() + random.nextDouble() * (slider.getMax() - slider.getMin()));
            case ComboBox<?> box -> {
                if (!box.getItems().isEmpty()) {
                    box.getSelectionModel().select(random.nextInt(box.getItems().size()));
                }
            }
            case TextField field -> {
                field.setText(text());
                field.fireEvent(new ActionEvent());
            }
            default -> throw new IllegalStateException(chosen.toString());
        }
    }

    private String text() {
        return switch (random.nextInt(5)) {
            case 0 -> "";
            case 1 -> Integer.toString(random.nextInt(-50, 400));
            case 2 -> "fog bell";
            case 3 -> "[sigh] Boat, 42!";
            default -> Double.toString(random.nextDouble() * 3);
        };
    }

    private void collect(Parent parent, List<Node> all) {
        for (Node child : parent.getChildrenUnmodifiable()) {
            if (!child.isVisible() || child.isDisabled()) {
                continue;
            }
            boolean used = child instanceof ButtonBase
                    || child instanceof Slider
                    || child instanceof ComboBox<?>
                    || child instanceof TextField field && field.isEditable();
            if (used) {
                all.add(child);
            } else if (child instanceof Parent inner) {
                collect(inner, all);
            }
        }
    }

    /** Presses somewhere on the face or the sheet, moves about, and lets go. */
    private void drag() {
        Node on = random.nextInt(3) == 0 ? window.face() : window.sheet();
        Bounds room = on.localToScene(on.getBoundsInLocal());
        Point2D from = new Point2D(
                room.getMinX() + random.nextDouble() * room.getWidth(),
                room.getMinY() + random.nextDouble() * room.getHeight());
        Point2D to = new Point2D(
                room.getMinX() + random.nextDouble() * room.getWidth(), from.getY() + (random.nextDouble() - 0.5) * 60);
        MouseButton button = random.nextInt(12) == 0 ? MouseButton.SECONDARY : MouseButton.PRIMARY;
        int clicks = random.nextInt(6) == 0 ? 2 : 1;
        note("drag on " + on.getClass().getSimpleName() + " from " + from + " to " + to);
        Node target = hit(on, from).orElse(on);
        fire(MouseEvent.MOUSE_MOVED, target, from, MouseButton.NONE, 0, true);
        fire(MouseEvent.MOUSE_PRESSED, target, from, button, clicks, true);
        boolean still = random.nextInt(3) == 0;
        if (!still) {
            fire(MouseEvent.DRAG_DETECTED, target, from, button, clicks, false);
            for (int i = 1; i <= 4; i++) {
                Point2D at = from.interpolate(to, i / 4.0);
                fire(MouseEvent.MOUSE_DRAGGED, target, at, button, clicks, false);
            }
        }
        fire(MouseEvent.MOUSE_RELEASED, target, still ? from : to, button, clicks, still);
        if (still) {
            fire(MouseEvent.MOUSE_CLICKED, target, from, button, clicks, true);
        }
    }

    /** The innermost node that a place in the scene belongs to. */
    private static Optional<Node> hit(Node node, Point2D place) {
        if (!node.isVisible() || node.isMouseTransparent() || !node.contains(node.sceneToLocal(place))) {
            return Optional.empty();
        }
        if (node instanceof Parent parent) {
            List<Node> children = parent.getChildrenUnmodifiable();
            for (int i = children.size() - 1; i >= 0; i--) {
                Optional<Node> inner = hit(children.get(i), place);
                if (inner.isPresent()) {
                    return inner;
                }
            }
        }
        return Optional.of(node);
    }

    private void fire(
            javafx.event.EventType<MouseEvent> type,
            Node target,
            Point2D at,
            MouseButton button,
            int clicks,
            boolean still) {
        Point2D screen = new Point2D(stage.getX() + at.getX(), stage.getY() + at.getY());
        boolean down = type != MouseEvent.MOUSE_MOVED && type != MouseEvent.MOUSE_RELEASED;
        Event.fireEvent(
                target,
                new MouseEvent(
                        type,
                        at.getX(),
                        at.getY(),
                        screen.getX(),
                        screen.getY(),
                        button,
                        clicks,
                        random.nextInt(10) == 0,
                        random.nextInt(20) == 0,
                        random.nextInt(20) == 0,
                        false,
                        down && button == MouseButton.PRIMARY,
                        false,
                        down && button == MouseButton.SECONDARY,
                        false,
                        button == MouseButton.SECONDARY,
                        still,
                        new PickResult(target, at.getX(), at.getY())));
    }

    private static void delete(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            Map<Integer, List<Path>> deepest = new TreeMap<>();
            all.forEach(p -> deepest.computeIfAbsent(-p.getNameCount(), k -> new ArrayList<>())
                    .add(p));
            for (List<Path> level : deepest.values()) {
                for (Path path : level) {
                    Files.deleteIfExists(path);
                }
            }
        }
    }

    /** Somebody who closes every question for files. */
    private static final class Nobody implements FilePicker {
        @Override
        public Optional<Path> open(Ask ask) {
            return Optional.empty();
        }

        @Override
        public List<Path> openSeveral(Ask ask) {
            return List.of();
        }

        @Override
        public Optional<Path> save(Ask ask) {
            return Optional.empty();
        }

        @Override
        public boolean mayReplace(Path file) {
            return false;
        }

        @Override
        public Optional<Path> folder(Ask ask) {
            return Optional.empty();
        }

        @Override
        public boolean reveal(Path folder) {
            return false;
        }
    }
}
