package graykite.studio.view;

import graykite.layer.Changes;
import graykite.picture.Camera;
import graykite.picture.Renderer;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Views;
import graykite.scene.Scene;
import graykite.time.FrameRate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.scene.image.Image;

/**
 * What somebody's mouth really does, frame by frame: small pictures with the head held straight, made in the background and
 * kept while nothing changed. Lives on the JavaFX thread.
 */
final class FilmStrip implements AutoCloseable {
    private static final int SIZE = 64;
    private static final int MOST = 1_500;

    /** Pictures after which those who look are told. */
    private static final int BATCH = 4;

    private final Runnable arrived;
    private final Map<Long, Image> pictures = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Image> eldest) {
            return size() > MOST;
        }
    };
    private final ExecutorService painter = Executors.newSingleThreadExecutor(Thread.ofPlatform()
            .daemon()
            .name("kite-film")
            .priority(Thread.MIN_PRIORITY)
            .factory());
    private final AtomicReference<Wish> wish = new AtomicReference<>();
    private Optional<Source> source = Optional.empty();
    /** Only the painter touches what follows. */
    private final Renderer renderer = new Renderer();

    private Optional<Deformer> deformer = Optional.empty();
    private Optional<Character> deforms = Optional.empty();

    /**
     * What the pictures show.
     *
     * @param lineStart when the line begins on the stage
     */
    private record Source(Scene scene, int actor, double lineStart, FrameRate rate) {
        boolean comparable(Source other) {
            return scene.character(actor) == other.scene.character(other.actor)
                    && actor == other.actor
                    && lineStart == other.lineStart
                    && rate.equals(other.rate);
        }
    }

    private record Wish(Source source, List<Long> frames) {}

    /** @param arrived called on the JavaFX thread when more pictures are there */
    FilmStrip(Runnable arrived) {
        this.arrived = arrived;
    }

    /** Shows somebody on a stage; pictures of frames in which nothing changed stay. */
    void show(Scene scene, int actor, double lineStart, FrameRate rate) {
        Source now = new Source(scene, actor, lineStart, rate);
        if (source.equals(Optional.of(now))) {
            return;
        }
        Optional<Source> before = source;
        source = Optional.of(now);
        if (before.isEmpty() || !now.comparable(before.get())) {
            pictures.clear();
            return;
        }
        Changes changes = scene.since(before.get().scene());
        double frame = rate.frameLength();
        pictures.keySet().removeIf(f -> {
            double time = rate.secondsAt(f) + lineStart;
            return changes.touch(time - frame / 2, time + frame / 2);
        });
    }

    /** The picture of a frame of the line, if it is there. */
    Optional<Image> at(long frame) {
        return Optional.ofNullable(pictures.get(frame));
    }

    /** Asks for pictures, the most wanted first; what was asked for before and is not there yet is forgotten. */
    void want(List<Long> frames) {
        if (source.isEmpty() || frames.isEmpty() || painter.isShutdown()) {
            return;
        }
        if (wish.getAndSet(new Wish(source.get(), List.copyOf(frames))) == null) {
            painter.execute(this::paint);
        }
    }

    private void paint() {
        for (Wish now = wish.getAndSet(null); now != null; now = wish.getAndSet(null)) {
            Map<Long, Image> made = new LinkedHashMap<>();
            for (long frame : now.frames) {
                if (wish.get() != null) {
                    break;
                }
                made.put(frame, picture(now.source, frame));
                if (made.size() == BATCH) {
                    hand(now.source, made);
                    made = new LinkedHashMap<>();
                }
            }
            hand(now.source, made);
        }
    }

    private Image picture(Source from, long frame) {
        Character character = from.scene.character(from.actor);
        if (deforms.filter(c -> c == character).isEmpty()) {
            deforms = Optional.of(character);
            deformer = Optional.of(new Deformer(character));
        }
        double[] values = from.scene.at(from.actor, from.rate.secondsAt(frame) + from.lineStart);
        List<Channel> channels = character.channels();
        for (int c = 0; c < values.length; c++) {
            values[c] = channels.get(c).carriesFace() ? 0 : values[c];
        }
        Camera close = Views.mouth(character);
        return MouthPictures.image(renderer.draw(deformer.orElseThrow().deform(values), close, SIZE, SIZE));
    }

    private void hand(Source from, Map<Long, Image> made) {
        if (made.isEmpty()) {
            return;
        }
        Platform.runLater(() -> {
            // Those of an older scene are only good where nothing changed since; they are asked for again.
            if (source.filter(s -> s.scene() == from.scene() && s.comparable(from))
                    .isPresent()) {
                pictures.putAll(made);
            }
            arrived.run();
        });
    }

    @Override
    public void close() {
        wish.set(null);
        painter.shutdownNow();
    }
}
