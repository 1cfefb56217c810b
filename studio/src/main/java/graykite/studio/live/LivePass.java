package graykite.studio.live;

import graykite.acting.PassesLayer.Ready;
import graykite.live.Instrument;
import graykite.live.LiveLayer;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Performing on the face while the line plays: trying, counting in, recording. Lives on the JavaFX thread. */
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
    private final LiveInputs inputs;
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(State.OFF);
    private final ReadOnlyIntegerWrapper count = new ReadOnlyIntegerWrapper(0);
    private final ReadOnlyObjectWrapper<Optional<LiveLayer>> layer = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final List<Runnable> moved = new ArrayList<>();
    private List<String> controls = List.of();
    private Optional<Recording> recording = Optional.empty();
    private Optional<Ready> extended = Optional.empty();
    private long countsUntil;
    private final Pulse pulse = new Pulse(this::tick);

    /** @param player plays the line while it is performed */
    public LivePass(Workspace workspace, Player player) {
        this.workspace = workspace;
        this.player = player;
        this.settings = new LiveSettings(workspace.settings());
        this.inputs = new LiveInputs(workspace);
        inputs.instruments().addListener((o, b, n) -> rebuild());
        settings.adds().addListener((o, b, n) -> rebuild());
        settings.mouth().addListener((o, b, n) -> rebuild());
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
        return inputs.instruments();
    }

    public LiveSettings settings() {
        return settings;
    }

    /** The hand over the face. */
    Hand hand() {
        return inputs.hand();
    }

    /** Is told whenever the face has moved under the hand. */
    public void whenMoved(Runnable action) {
        moved.add(action);
    }

    /** The capture stream that is listened to. */
    public Optional<Stream> stream() {
        return inputs.stream();
    }

    /** The controller that is listened to. */
    public Optional<Knobs> knobs() {
        return inputs.knobs();
    }

    /** The mouse alone plays. */
    public void useMouse() {
        inputs.useMouse();
        listen();
    }

    /** A capture stream plays too. @param port where it is sent to @param simulated true for the device that ships */
    public void useStream(int port, boolean simulated) {
        inputs.useStream(port, simulated);
        listen();
    }

    /** A controller plays too. @param name as it is plugged in; empty for the one on the screen */
    public void useKnobs(String name) {
        inputs.useKnobs(name);
        listen();
    }

    /** Something is listened to as long as it is chosen: its figures are shown before anything is tried. */
    private void listen() {
        rebuild();
        if (state.get() != State.OFF || inputs.listens()) {
            pulse.start();
        } else {
            pulse.stop();
        }
    }

    /** Begins to try, or ends whatever goes on. */
    public void tryOut(boolean on) {
        if (!on) {
            off();
        } else if (state.get() == State.OFF && ready()) {
            inputs.hand().rest();
            state.set(State.TRYING);
            listen();
        }
    }

    private boolean ready() {
        if (workspace.performance().get().isEmpty()) {
            workspace.jobs().say("There is nobody to perform: read the line first.");
            return false;
        }
        if (inputs.isEmpty()) {
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
        } else if (state.get() == State.COUNTING) {
            off();
        } else if (ready()) {
            begin();
        }
    }

    private void begin() {
        if (state.get() == State.OFF) {
            inputs.hand().rest();
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

    /** Goes on performing from the end of the chosen pass, with what it performs; what comes is joined to it. */
    public void extend() {
        Optional<Ready> pass = workspace.passes().pass();
        if (pass.isEmpty() || !ready()) {
            return;
        }
        List<String> performed = pass.get().pass().what().motion().controls();
        if (!inputs.controls().equals(performed)) {
            workspace.jobs().say("Choose what this pass performs first: " + String.join(", ", performed) + ".");
        } else if (pass.get().end() > player.duration() - 0.1) {
            workspace.jobs().say("The pass ends with the line; there is nothing to go on over.");
        } else {
            player.looping().set(false);
            player.seek(pass.get().end());
            extended = pass;
            record();
        }
    }

    /** The stretch that would be recorded now. */
    public TimeRange range() {
        return Recording.range(player);
    }

    private void roll() {
        recording = Optional.of(new Recording(workspace, player, inputs, settings, controls, extended, range().end()));
        state.set(State.RECORDING);
        player.play();
    }

    private void tick() {
        List<Stream.Face> faces = inputs.taken();
        if (state.get() == State.OFF) {
            return;
        }
        if (state.get() == State.TRYING && !controls.equals(inputs.controls())) {
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
        if (state.get() == State.RECORDING && recording.orElseThrow().keep(faces)) {
            finish();
        }
        show();
    }

    private void show() {
        layer.get().ifPresent(l -> l.set(inputs.played(controls)));
        moved.forEach(Runnable::run);
    }

    /** The hand was moved: the face follows with the very next picture, not with the next pulse. */
    void handMoved() {
        if (state.get() != State.OFF) {
            show();
        }
    }

    private void finish() {
        Recording done = recording.orElseThrow();
        recording = Optional.empty();
        extended = Optional.empty();
        player.pause();
        state.set(State.TRYING);
        done.finish(this::off);
    }

    /** Ends what goes on; what was being recorded is not kept. */
    public void off() {
        if (state.get() == State.RECORDING) {
            player.pause();
        }
        recording = Optional.empty();
        extended = Optional.empty();
        state.set(State.OFF);
        listen();
        moved.forEach(Runnable::run);
    }

    private void rebuild() {
        if (state.get() == State.RECORDING) {
            return;
        }
        controls = inputs.controls();
        Optional<Character> who = workspace.performance().get().map(Performance::character);
        if (state.get() == State.OFF || who.isEmpty() || controls.isEmpty()) {
            layer.set(Optional.empty());
            return;
        }
        double mouth = inputs.stream().isPresent() ? settings.mouth().get() : 1;
        LiveLayer made = new LiveLayer(who.get(), controls, settings.adds().get(), mouth);
        made.set(inputs.played(controls));
        layer.set(Optional.of(made));
    }

    @Override
    public void close() {
        pulse.stop();
        inputs.close();
    }
}
