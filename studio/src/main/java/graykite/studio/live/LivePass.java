package graykite.studio.live;

import graykite.base.BadInput;
import graykite.edit.PassEdit;
import graykite.live.Fader;
import graykite.live.Instrument;
import graykite.live.LiveLayer;
import graykite.motion.Motion;
import graykite.motion.Track;
import graykite.motion.TrackRecorder;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.animation.AnimationTimer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/**
 * Performing on the face while the line plays: what is chosen to be played, by what, and the recording of it. Lives on the
 * JavaFX thread.
 */
public final class LivePass implements AutoCloseable {
    private static final long BEAT = 600_000_000L;

    /** What is going on. */
    public enum State {
        /** The face does what the line says. */
        OFF,
        /** The face follows the hand; nothing is kept. */
        TRYING,
        /** Three beats before a recording. */
        COUNTING,
        /** The line plays and what the hand does is kept. */
        RECORDING
    }

    private final Workspace workspace;
    private final Player player;
    private final LiveSettings settings;
    private final Hand hand = new Hand();
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(State.OFF);
    private final ReadOnlyIntegerWrapper count = new ReadOnlyIntegerWrapper(0);
    private final ReadOnlyObjectWrapper<Optional<LiveLayer>> layer = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ObjectProperty<List<Instrument>> instruments =
            new SimpleObjectProperty<>(List.of(Instrument.ALL.getFirst()));
    private final List<Runnable> moved = new ArrayList<>();
    private Optional<Stream> stream = Optional.empty();
    private Optional<Knobs> knobs = Optional.empty();
    private List<String> controls = List.of();
    private double[] values = new double[0];
    private Optional<TrackRecorder> recorder = Optional.empty();
    private double until;
    private long countsUntil;
    private final AnimationTimer pulse = new AnimationTimer() {
        @Override
        public void handle(long now) {
            tick(now);
        }
    };

    /** @param player plays the line while it is performed */
    public LivePass(Workspace workspace, Player player) {
        this.workspace = workspace;
        this.player = player;
        this.settings = new LiveSettings(workspace.settings());
        instruments.addListener((o, b, n) -> rebuild());
        settings.adds().addListener((o, b, n) -> rebuild());
        workspace.lineId().addListener((o, b, n) -> off());
        workspace.performance().addListener((o, before, now) -> {
            if (!before.map(Performance::character).equals(now.map(Performance::character))) {
                rebuild();
            }
        });
    }

    public ReadOnlyObjectProperty<State> state() {
        return state.getReadOnlyProperty();
    }

    /** Beats that are left before a recording. */
    public ReadOnlyIntegerProperty count() {
        return count.getReadOnlyProperty();
    }

    /** What lies on top of the line while it is performed. */
    public ReadOnlyObjectProperty<Optional<LiveLayer>> layer() {
        return layer.getReadOnlyProperty();
    }

    /** What the hand plays. */
    public ObjectProperty<List<Instrument>> instruments() {
        return instruments;
    }

    public LiveSettings settings() {
        return settings;
    }

    /** The hand over the face. */
    Hand hand() {
        return hand;
    }

    /** Is told whenever the face has moved under the hand. */
    public void whenMoved(Runnable action) {
        moved.add(action);
    }

    /** The capture stream that is listened to. */
    public Optional<Stream> stream() {
        return stream;
    }

    /** The controller that is listened to. */
    public Optional<Knobs> knobs() {
        return knobs;
    }

    // --- with what -----------------------------------------------------------------------------------------------

    /** The mouse alone plays. */
    public void useMouse() {
        swap(Optional::empty, Optional::empty);
    }

    /** A capture stream plays too. @param port where it is sent to @param simulated true for the device that ships */
    public void useStream(int port, boolean simulated) {
        swap(() -> Optional.of(new Stream(port, simulated)), Optional::empty);
    }

    /** A controller plays too. @param name as it is plugged in; empty for the one on the screen */
    public void useKnobs(String name) {
        List<Fader> learned = knobs.map(Knobs::faders).orElse(List.of());
        swap(Optional::empty, () -> Optional.of(new Knobs(name, learned)));
    }

    private void swap(Supplier<Optional<Stream>> next, Supplier<Optional<Knobs>> nextKnobs) {
        stream.ifPresent(Stream::close);
        knobs.ifPresent(Knobs::close);
        stream = Optional.empty();
        knobs = Optional.empty();
        try {
            stream = next.get();
            knobs = nextKnobs.get();
        } catch (BadInput taken) {
            workspace.jobs().say(taken.getMessage());
        }
        rebuild();
        listen();
    }

    /** Something is listened to as long as it is chosen: its figures are shown before anything is tried. */
    private void listen() {
        if (state.get() != State.OFF || stream.isPresent() || knobs.isPresent()) {
            pulse.start();
        } else {
            pulse.stop();
        }
    }

    // --- trying and recording ------------------------------------------------------------------------------------

    /** Begins to try, or ends whatever goes on. */
    public void tryOut(boolean on) {
        if (!on) {
            off();
        } else if (state.get() == State.OFF && ready()) {
            hand.rest();
            state.set(State.TRYING);
            rebuild();
            listen();
        }
    }

    private boolean ready() {
        if (workspace.performance().get().isEmpty()) {
            workspace.jobs().say("There is nobody to perform: read the line first.");
            return false;
        }
        if (instruments.get().isEmpty() && stream.isEmpty() && knobs.isEmpty()) {
            workspace.jobs().say("Choose on the drawn face what you perform.");
            return false;
        }
        return true;
    }

    /**
     * Records over the loop when there is one, else from the playhead to the end of the line; what was being recorded is kept.
     */
    public void record() {
        if (state.get() == State.RECORDING) {
            finish();
            return;
        }
        if (state.get() == State.COUNTING) {
            off();
            return;
        }
        if (!ready()) {
            return;
        }
        if (state.get() == State.OFF) {
            hand.rest();
        }
        rebuild();
        TimeRange range = range();
        player.pause();
        player.seek(range.start());
        if (settings.countIn().get()) {
            countsUntil = System.nanoTime() + 3 * BEAT;
            count.set(3);
            state.set(State.COUNTING);
        } else {
            roll();
        }
        listen();
    }

    /** The stretch that would be recorded now. */
    public TimeRange range() {
        double end = Math.max(0.1, player.duration());
        Optional<TimeRange> loop =
                player.loopRange().get().filter(r -> player.looping().get());
        double from = loop.map(TimeRange::start).orElse(player.time().get());
        double begins = from > end - 0.1 ? 0 : Math.max(0, from);
        return new TimeRange(
                begins, Math.max(begins + 0.1, loop.map(TimeRange::end).orElse(end)));
    }

    private void roll() {
        TimeRange range = range();
        until = range.end();
        recorder = Optional.of(new TrackRecorder(controls));
        state.set(State.RECORDING);
        player.play();
    }

    private void tick(long now) {
        if (knobs.isPresent()) {
            boolean learned = knobs.get().take();
            if (!knobs.get().isThere()) {
                workspace.jobs().say("The controller was pulled out; the mouse still plays.");
                useMouse();
                return;
            }
            if (learned) {
                rebuild();
            }
        }
        List<Stream.Face> faces = stream.map(Stream::taken).orElse(List.of());
        if (state.get() == State.OFF) {
            return;
        }
        if (state.get() == State.TRYING && !controls.equals(wanted())) {
            rebuild();
        }
        if (state.get() == State.COUNTING) {
            int left = (int) Math.ceil((countsUntil - System.nanoTime()) / (double) BEAT);
            count.set(Math.max(0, left));
            if (left <= 0) {
                rebuild();
                roll();
            }
        }
        if (state.get() == State.RECORDING) {
            keep(faces);
        }
        values = played(stream.map(Stream::face).orElse(Map.of()));
        layer.get().ifPresent(l -> l.set(values));
        moved.forEach(Runnable::run);
    }

    private void keep(List<Stream.Face> faces) {
        TrackRecorder kept = recorder.orElseThrow();
        double now = player.now();
        for (Stream.Face face : faces) {
            double ago =
                    (System.nanoTime() - face.nanos()) * 1e-9 * player.speed().get();
            kept.add(now - ago, played(face.values()));
        }
        kept.add(now, played(stream.map(Stream::face).orElse(Map.of())));
        if (!player.playing().get() || now >= until) {
            finish();
        }
    }

    private void finish() {
        TrackRecorder kept = recorder.orElseThrow();
        recorder = Optional.empty();
        player.pause();
        state.set(State.TRYING);
        Optional<Track> track = kept.track(Take.RATE);
        if (track.isEmpty()) {
            workspace.jobs().say("Nothing was recorded: it was stopped at once.");
            return;
        }
        double start = Math.max(0, kept.start());
        boolean captured = stream.isPresent();
        double mouth = captured ? settings.mouth().get() : 1;
        boolean adds = settings.adds().get();
        double smooth = settings.smooth().get();
        double thin = settings.thin().get();
        String name = name();
        if (kept.late() + kept.refused() > 0) {
            workspace
                    .jobs()
                    .say(kept.late() + kept.refused()
                            + " samples of the stream were late or no figures, and left out.");
        }
        String line = workspace.lineId().get();
        workspace
                .jobs()
                .start(
                        "Working out the pass",
                        progress -> Take.worked(track.get(), smooth, thin),
                        motion -> lay(line, start, motion, name, adds, mouth));
    }

    private void lay(String line, double start, Motion motion, String name, boolean adds, double mouth) {
        PassEdit.Look look = Take.look(name, motion, adds, mouth);
        if (workspace.edit(new PassEdit.AddPass(line, "", start, start + motion.duration(), look))) {
            workspace.passes().chooseLast();
            off();
            player.seek(start);
            workspace
                    .jobs()
                    .say(String.format(
                            Locale.ROOT,
                            "Recorded %s, %.2f s. Play it; record again to do it better.",
                            name,
                            motion.duration()));
        }
    }

    private String name() {
        if (stream.isPresent()) {
            return "Capture";
        }
        String played = instruments.get().stream().map(Instrument::name).collect(Collectors.joining(", "));
        return played.isEmpty() ? "Knobs" : played;
    }

    /** Ends what goes on; what was being recorded is not kept. */
    public void off() {
        if (state.get() == State.RECORDING) {
            player.pause();
        }
        recorder = Optional.empty();
        state.set(State.OFF);
        rebuild();
        listen();
        moved.forEach(Runnable::run);
    }

    // --- what is played ------------------------------------------------------------------------------------------

    private List<String> wanted() {
        Set<String> all = new LinkedHashSet<>(Instrument.controls(instruments.get()));
        knobs.ifPresent(k -> k.faders().forEach(f -> all.add(f.control())));
        stream.ifPresent(s -> all.addAll(s.controls()));
        return List.copyOf(all);
    }

    private double[] played(Map<String, Double> captured) {
        Map<String, Double> all = new LinkedHashMap<>();
        controls.forEach(c -> all.put(c, 0.0));
        captured.forEach((c, v) -> all.computeIfPresent(c, (k, was) -> v));
        knobs.ifPresent(k -> k.values().forEach((c, v) -> all.computeIfPresent(c, (n, was) -> v)));
        double[] byHand = Instrument.play(instruments.get(), hand.inputs());
        List<String> names = Instrument.controls(instruments.get());
        for (int c = 0; c < byHand.length; c++) {
            all.merge(names.get(c), byHand[c], Double::sum);
        }
        return controls.stream().mapToDouble(all::get).toArray();
    }

    private void rebuild() {
        if (state.get() == State.RECORDING) {
            return;
        }
        controls = wanted();
        Optional<Character> who = workspace.performance().get().map(Performance::character);
        boolean on = state.get() != State.OFF && who.isPresent() && !controls.isEmpty();
        if (!on) {
            layer.set(Optional.empty());
            return;
        }
        double mouth = stream.isPresent() ? settings.mouth().get() : 1;
        LiveLayer made = new LiveLayer(who.get(), controls, settings.adds().get(), mouth);
        values = played(stream.map(Stream::face).orElse(Map.of()));
        made.set(values);
        layer.set(Optional.of(made));
    }

    @Override
    public void close() {
        pulse.stop();
        stream.ifPresent(Stream::close);
        knobs.ifPresent(Knobs::close);
    }
}
