package graykite.studio;

import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.animation.AnimationTimer;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/**
 * For docs/benchmarks.md ("./kite demo --timing"): prints when the first face was shown, then plays the line in a loop and
 * prints how many pictures came and how far they were from the sound, while Java still learns and once it has. With "--everybody" all
 * lines are placed in a scene first, with "--window 1920x1080" the window has that size.
 */
final class WindowTiming {
    /** Seconds of playing that are not counted, and those that are, twice. */
    private static final double WARM_UP = 8;

    private static final double MEASURED = 10;
    private static final double HAND = 5;

    private final StudioWindow window;
    private final List<Double> errors = new ArrayList<>();
    private long seen;

    WindowTiming(StudioWindow window) {
        this.window = window;
    }

    /** Waits for the first picture of a line and goes on from there. @param arguments what the program was started with */
    void begin(List<String> arguments) {
        window.whenLineShown(() -> {
            System.out.printf(Locale.ROOT, "The face shows %.2f s after the start.%n", sinceStart());
            int size = arguments.indexOf("--window") + 1;
            if (size > 0) {
                String[] sides = arguments.get(size).split("x");
                window.root().getScene().getWindow().setWidth(Integer.parseInt(sides[0]));
                window.root().getScene().getWindow().setHeight(Integer.parseInt(sides[1]));
            }
            if (arguments.contains("--everybody")) {
                window.workspace()
                        .scenes()
                        .make("Everybody", window.workspace().project().lines());
            }
            new AnimationTimer() {
                @Override
                public void handle(long now) {
                    if (window.workspace().settled()) {
                        stop();
                        play();
                    }
                }
            }.start();
        });
    }

    private void play() {
        window.player().looping().set(true);
        window.player().play();
        measure(WARM_UP, () -> measure(0, this::perform));
    }

    /** Counts pictures for a while, after some seconds that are not counted. */
    private void measure(double wait, Runnable then) {
        errors.clear();
        long from = System.nanoTime();
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                double seconds = (System.nanoTime() - from) * 1e-9;
                if (seconds > wait) {
                    sample();
                }
                if (seconds > wait + MEASURED) {
                    stop();
                    report();
                    then.run();
                }
            }
        }.start();
    }

    /**
     * Seconds since the launcher began, or since Java did when it was started without one. The system's own word of when a
     * process began is a second off on some machines: it counts from a start of the machine in whole seconds.
     */
    private static double sinceStart() {
        String began = System.getenv().getOrDefault("KITE_STARTED", "").replace(',', '.');
        double from = began.isEmpty()
                ? ManagementFactory.getRuntimeMXBean().getStartTime() / 1000.0
                : Double.parseDouble(began);
        return System.currentTimeMillis() / 1000.0 - from;
    }

    private void sample() {
        long pictures = window.face().pictures();
        if (pictures != seen) {
            seen = pictures;
            errors.add(1000 * (window.face().lastDelay() - window.face().expectedDelay()));
        }
    }

    private void report() {
        errors.sort(null);
        int n = errors.size();
        System.out.printf(
                Locale.ROOT,
                "%.1f pictures a second on a stage of %.0f x %.0f; picture minus sound: median %.0f ms, 90 %% from %.0f to %.0f ms.%n",
                n / MEASURED,
                window.face().getWidth(),
                window.face().getHeight(),
                errors.get(n / 2),
                errors.get(n / 20),
                errors.get(n * 19 / 20));
    }

    /** A hand moves over the face sixty times a second for some seconds: how long until each picture shows it. */
    private void perform() {
        window.player().pause();
        window.live().tryOut(true);
        List<Double> delays = new ArrayList<>();
        Node eye = window.face().lookup(".stage-eye");
        long from = System.nanoTime();
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                double seconds = (System.nanoTime() - from) * 1e-9;
                double x = window.face().getWidth() * (0.5 + 0.3 * Math.sin(3 * seconds));
                double y = window.face().getHeight() * (0.5 + 0.2 * Math.cos(2 * seconds));
                Event.fireEvent(eye, moved(x, y));
                long pictures = window.face().pictures();
                if (pictures != seen) {
                    seen = pictures;
                    delays.add(1000 * window.face().lastDelay());
                }
                if (seconds > HAND) {
                    stop();
                    window.live().off();
                    delays.sort(null);
                    System.out.printf(
                            Locale.ROOT,
                            "From the hand to the picture: median %.0f ms, 95 %% within %.0f ms.%n",
                            delays.get(delays.size() / 2),
                            delays.get(delays.size() * 19 / 20));
                }
            }
        }.start();
    }

    private static MouseEvent moved(double x, double y) {
        return new MouseEvent(
                MouseEvent.MOUSE_MOVED,
                x,
                y,
                x,
                y,
                MouseButton.NONE,
                0,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                null);
    }
}
