package graykite.studio.play;

import graykite.base.Aside;
import graykite.sound.Sound;
import graykite.sound.Stretch;
import graykite.time.TimeRange;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongSupplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;

/**
 * The one clock of the window, which shows the time of the line that is worked on. While it plays, time is what the sound device says was heard; otherwise it is where the
 * user put it.
 */
public final class Player implements AutoCloseable {
    private static final double SCRUB_SECONDS = 0.07;
    /** So long what shows the time waits for a picture, in nanoseconds. */
    private static final long LONGEST_WAIT = 100_000_000;

    private final AudioOut out;
    private final LongSupplier nanoTime;
    private final ReadOnlyDoubleWrapper time = new ReadOnlyDoubleWrapper(0);
    private final ReadOnlyDoubleWrapper shown = new ReadOnlyDoubleWrapper(0);
    private final ReadOnlyBooleanWrapper playing = new ReadOnlyBooleanWrapper(false);
    private final BooleanProperty looping = new SimpleBooleanProperty(false);
    private final DoubleProperty speed = new SimpleDoubleProperty(1);
    private final ObjectProperty<Optional<TimeRange>> loopRange = new SimpleObjectProperty<>(Optional.empty());
    private final Map<Double, float[]> stretched = new HashMap<>();
    private Sound sound = Sound.silence(0.001, 16_000);
    /** When the line begins in the sound; times before it are negative. */
    private double lineStart;

    private long lastShown;
    private double startedFrom;
    private double playsTo;
    private final AnimationTimer pulse = new AnimationTimer() {
        @Override
        public void handle(long now) {
            follow();
        }
    };

    public Player(AudioOut out) {
        this(out, System::nanoTime);
    }

    /** @param nanoTime as {@link System#nanoTime()} */
    Player(AudioOut out, LongSupplier nanoTime) {
        this.out = out;
        this.nanoTime = nanoTime;
        speed.addListener((o, before, now) -> restart());
        looping.addListener((o, before, now) -> restart());
        loopRange.addListener((o, before, now) -> restart());
        time.addListener((o, before, now) -> {
            if (!playing.get() || nanoTime.getAsLong() - lastShown > LONGEST_WAIT) {
                showTime();
            }
        });
        playing.addListener((o, before, now) -> showTime());
    }

    /** True when a sound device plays. */
    public boolean audible() {
        return out.audible();
    }

    /** Seconds. */
    public ReadOnlyDoubleProperty time() {
        return time.getReadOnlyProperty();
    }

    /**
     * The time for clocks and playheads, in seconds. While it plays it moves with the pictures: every movement anywhere has
     * the whole window brought to the screen, which takes as long as half a picture.
     */
    public ReadOnlyDoubleProperty shown() {
        return shown.getReadOnlyProperty();
    }

    /** Tells that a picture has come: what shows the time comes with it. Call on the JavaFX thread. */
    public void pictured() {
        showTime();
    }

    private void showTime() {
        lastShown = nanoTime.getAsLong();
        shown.set(time.get());
    }

    public ReadOnlyBooleanProperty playing() {
        return playing.getReadOnlyProperty();
    }

    public BooleanProperty looping() {
        return looping;
    }

    /** 1, 0.5 or 0.25; the pitch stays. */
    public DoubleProperty speed() {
        return speed;
    }

    /** The stretch that is repeated; the whole line when empty. */
    public ObjectProperty<Optional<TimeRange>> loopRange() {
        return loopRange;
    }

    /** What is played. */
    public Sound sound() {
        return sound;
    }

    /** When the sound ends, in seconds of the line. */
    public double duration() {
        return sound.duration() - lineStart;
    }

    /** When the sound begins, in seconds of the line: 0, or less in a scene in which others speak before. */
    public double beginning() {
        return -lineStart;
    }

    /** Changes what is played; playing stops. */
    public void load(Sound newSound) {
        load(newSound, 0);
    }

    /**
     * Changes what is played, or which line of it the clock belongs to. The moment that is looked at stays where the sound
     * is the same; playing stops where it is another.
     *
     * @param newStart when the line begins in the sound, in seconds
     */
    public void load(Sound newSound, double newStart) {
        double moment = time.get() + lineStart;
        if (newSound == sound && playing.get()) {
            double by = lineStart - newStart;
            lineStart = newStart;
            startedFrom += by;
            playsTo += by;
            time.set(time.get() + by);
            return;
        }
        pause();
        boolean same = newSound == sound;
        sound = newSound;
        if (!same) {
            stretched.clear();
            // The same line louder, or on another clock, is looped where it was.
            loopRange.set(loopRange.get().filter(r -> r.start() < sound.duration() - newStart - 0.02));
        }
        double wanted = same ? moment - newStart : time.get();
        lineStart = newStart;
        seek(Math.clamp(wanted, beginning(), Math.max(beginning(), duration())));
        if (out.audible()) {
            prepare(0.5);
            prepare(0.25);
        }
    }

    /** Slow versions take a moment to make, so they are made before they are asked for. */
    private void prepare(double slow) {
        Sound source = sound;
        Aside.ask(() -> Stretch.atSpeed(Sound.mono(source.mixed(), source.rate()), slow))
                .thenAccept(made -> Platform.runLater(() -> {
                    if (sound == source) {
                        stretched.put(slow, made.mixed());
                    }
                }));
    }

    /** The time at this very moment; {@link #time()} tells it some forty times a second only. */
    public double now() {
        return playing.get() ? Math.min(playsTo, startedFrom + out.heard() * speed.get() / sound.rate()) : time.get();
    }

    public void toggle() {
        if (playing.get()) {
            pause();
        } else {
            play();
        }
    }

    public void play() {
        double from = time.get();
        double end = rangeEnd();
        if (from >= end - 0.005 || from < rangeStart()) {
            from = rangeStart();
        }
        startFrom(from);
    }

    private double rangeStart() {
        return looping.get() ? loopRange.get().map(TimeRange::start).orElse(beginning()) : beginning();
    }

    private double rangeEnd() {
        return looping.get()
                ? loopRange.get().map(r -> Math.min(r.end(), duration())).orElse(duration())
                : duration();
    }

    private void startFrom(double from) {
        startedFrom = from;
        playsTo = rangeEnd();
        time.set(from);
        playing.set(true);
        out.play(samples(), sound.rate(), sample(from), sample(playsTo));
        pulse.start();
    }

    private int sample(double seconds) {
        return (int) Math.round((seconds + lineStart) * sound.rate() / speed.get());
    }

    private float[] samples() {
        double slow = speed.get();
        if (slow == 1 || !out.audible()) {
            return sound.mixed();
        }
        return stretched.computeIfAbsent(
                slow,
                s -> Stretch.atSpeed(Sound.mono(sound.mixed(), sound.rate()), s).mixed());
    }

    public void pause() {
        if (playing.get()) {
            follow();
            out.stop();
            playing.set(false);
            pulse.stop();
        }
    }

    private void restart() {
        if (playing.get()) {
            double at = time.get();
            out.stop();
            startFrom(at >= rangeEnd() || at < rangeStart() ? rangeStart() : at);
        }
    }

    /** Goes to a time; goes on playing from there when it was playing. */
    public void seek(double seconds) {
        double bounded = Math.clamp(seconds, beginning(), Math.max(beginning(), duration()));
        if (playing.get()) {
            out.stop();
            startFrom(bounded);
        } else {
            time.set(bounded);
        }
    }

    /** Goes to a time and lets a moment of it be heard. */
    public void scrub(double seconds) {
        pause();
        seek(seconds);
        if (out.audible()) {
            int from = (int) ((time.get() + lineStart) * sound.rate());
            out.play(sound.mixed(), sound.rate(), from, from + (int) (SCRUB_SECONDS * sound.rate()));
        }
    }

    /** Lets something else be heard once, such as a word in the voice service's mouth; the line stays where it is. */
    public void audition(Sound other) {
        pause();
        out.play(other.mixed(), other.rate(), 0, other.length());
    }

    private void follow() {
        if (!playing.get()) {
            return;
        }
        double now = now();
        if (now >= playsTo - 1e-9) {
            if (looping.get() && rangeEnd() - rangeStart() > 0.02) {
                startFrom(rangeStart());
            } else {
                time.set(playsTo);
                out.stop();
                playing.set(false);
                pulse.stop();
            }
        } else {
            time.set(now);
        }
    }

    @Override
    public void close() {
        pulse.stop();
        out.close();
    }
}
