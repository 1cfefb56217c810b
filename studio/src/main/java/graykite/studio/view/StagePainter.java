package graykite.studio.view;

import graykite.picture.Camera;
import graykite.picture.Dressing;
import graykite.picture.Renderer;
import graykite.picture.Surface;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;

/**
 * Draws who is on stage, from one side or several at once, on a thread of its own. While a picture is drawn only the newest
 * wish is kept, so a slow machine shows fewer pictures and never late ones; pictures of one wish appear together. On a machine that
 * is too slow for sixty careful pictures a second, what moves is drawn quickly, and once more with care when it has come to rest.
 */
public final class StagePainter implements AutoCloseable {
    private static final double LONGEST_DELAY = 0.15;

    /** Those who are on stage, ready to be drawn at their values. */
    public interface Troupe {
        List<Surface> surfaces(List<double[]> values);

        /** The camera as it must stand for all of them to be seen in a picture so many times as wide as high. */
        Camera framed(Camera camera, double aspect);
    }

    /**
     * A picture that is wanted: for which eye, from where, how large in pixels.
     *
     * @param other share of the width, from the left, in which others are seen in place of those on stage; 1 for them alone
     * @param density pixels of the picture for one of the window: more than 1 where a screen is fine or everything is large
     */
    record Shot(StageEye eye, Camera camera, int width, int height, double other, double density) {
        Shot from(Camera elsewhere) {
            return new Shot(eye, elsewhere, width, height, other, density);
        }

        Shot showing(double share) {
            return new Shot(eye, camera, width, height, share, density);
        }
    }

    /** Others that are compared with those on stage, at the same time. */
    public record Others(Troupe troupe, List<double[]> values) {}

    /** How those on stage are lit, and what is behind them. @param clear true when something else shows through there */
    record Ground(Dressing dressing, boolean clear) {}

    private record Wish(
            Troupe troupe,
            List<double[]> values,
            Optional<Others> others,
            Ground ground,
            List<Shot> shots,
            long asked) {
        Wish askedNow() {
            return new Wish(troupe, values, others, ground, shots, System.nanoTime());
        }
    }

    private final ExecutorService painter = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("kite-stage").factory());
    /** Comes to the same thread, once a movement would be over. */
    private final Executor atRest =
            CompletableFuture.delayedExecutor((long) (1000 * Pace.MOVEMENT), TimeUnit.MILLISECONDS, painter);

    private final AtomicReference<Wish> wish = new AtomicReference<>();
    /** What was drawn last; used on the painter's thread alone, like what follows. */
    private Optional<Wish> last = Optional.empty();

    private final Pace pace;
    private final Semaphore oneAtATime = new Semaphore(1);
    private volatile long shown;
    private volatile double delay;
    private volatile double lastDelay;
    private final List<Runnable> firstShown = new ArrayList<>();
    private Runnable eachShown = () -> {};

    StagePainter() {
        this(new Pace());
    }

    /** @param pace what tells which pictures are drawn quickly */
    StagePainter(Pace pace) {
        this.pace = pace;
    }

    /** Wishes for pictures; what was wished for before and is not begun is forgotten, and all once it is closed. */
    void draw(Troupe troupe, List<double[]> values, Optional<Others> others, Ground ground, List<Shot> shots) {
        if (painter.isShutdown()) {
            return;
        }
        if (wish.getAndSet(new Wish(troupe, values, others, ground, List.copyOf(shots), System.nanoTime())) == null) {
            painter.execute(this::paint);
        }
    }

    private void paint() {
        Wish now = wish.getAndSet(null);
        if (now == null) {
            return;
        }
        boolean quick = pace.quick(now.asked * 1e-9);
        last = Optional.of(now);
        paint(now, quick);
        if (quick) {
            atRest.execute(() -> paintCarefully(now));
        }
    }

    /** Draws once more what was drawn quickly, if nothing has moved since. */
    private void paintCarefully(Wish shown) {
        if (wish.get() == null && last.filter(l -> l == shown).isPresent()) {
            paint(shown.askedNow(), false);
        }
    }

    private void paint(Wish now, boolean quick) {
        long begun = System.nanoTime();
        List<Surface> surfaces = now.troupe.surfaces(now.values);
        Optional<List<Surface>> compared = now.others.map(o -> o.troupe.surfaces(o.values));
        List<int[]> drawn = now.shots.stream()
                .map(s -> {
                    Brush brush = s.eye.brush().quick(quick);
                    return compared.isPresent() && s.other > 0
                            ? brush.draw(now.troupe, surfaces, now.others.get().troupe, compared.get(), now.ground, s)
                            : brush.draw(now.troupe, surfaces, now.ground, s);
                })
                .toList();
        pace.took(quick, seconds(begun));
        oneAtATime.acquireUninterruptibly();
        Platform.runLater(() -> {
            present(now, drawn);
            oneAtATime.release();
        });
    }

    private static double seconds(long since) {
        return (System.nanoTime() - since) * 1e-9;
    }

    private void present(Wish now, List<int[]> drawn) {
        shown = shown + 1;
        double took = seconds(now.asked);
        lastDelay = took;
        delay = Math.min(LONGEST_DELAY, delay + 0.15 * (took - delay));
        for (int i = 0; i < drawn.size(); i++) {
            now.shots.get(i).eye.present(drawn.get(i), now.shots.get(i));
        }
        List<Runnable> waiting = List.copyOf(firstShown);
        firstShown.clear();
        waiting.forEach(Runnable::run);
        eachShown.run();
    }

    double expectedDelay() {
        return delay;
    }

    double lastDelay() {
        return lastDelay;
    }

    void whenFirstShown(Runnable action) {
        firstShown.add(action);
    }

    /** Has something done with every picture that is put on the screen, in the same pulse of the window. */
    void withEachShown(Runnable action) {
        eachShown = action;
    }

    long pictures() {
        return shown;
    }

    @Override
    public void close() {
        painter.shutdownNow();
    }

    /**
     * What an eye's pictures are drawn with: into pixels that are not about to be shown, so that drawing the next picture and
     * showing the last one go side by side.
     */
    static final class Brush {
        private final Renderer renderer = new Renderer();
        private final int[][] canvases = {new int[0], new int[0], new int[0]};
        private int back;

        /** Whether pictures follow each other so fast that their outlines need not be looked at closely. */
        private Brush quick(boolean wanted) {
            renderer.setQuick(wanted);
            return this;
        }

        private int[] draw(Troupe troupe, List<Surface> surfaces, Ground ground, Shot shot) {
            back = (back + 1) % canvases.length;
            if (canvases[back].length != shot.width * shot.height) {
                canvases[back] = new int[shot.width * shot.height];
            }
            draw(troupe, surfaces, ground, shot, canvases[back]);
            return canvases[back];
        }

        /** With others in the left part of the picture. */
        private int[] draw(
                Troupe troupe, List<Surface> surfaces, Troupe others, List<Surface> theirs, Ground ground, Shot shot) {
            int[] canvas = draw(troupe, surfaces, ground, shot);
            int[] second = new int[canvas.length];
            draw(others, theirs, ground, shot, second);
            int part = (int) Math.round(Math.clamp(shot.other, 0, 1) * shot.width);
            for (int y = 0; y < shot.height; y++) {
                System.arraycopy(second, y * shot.width, canvas, y * shot.width, part);
            }
            return canvas;
        }

        private void draw(Troupe troupe, List<Surface> surfaces, Ground ground, Shot shot, int[] pixels) {
            Camera camera = troupe.framed(shot.camera, shot.width / (double) shot.height);
            renderer.dress(ground.dressing);
            renderer.setClear(ground.clear);
            renderer.draw(surfaces, camera, shot.width, shot.height, pixels);
        }
    }
}
