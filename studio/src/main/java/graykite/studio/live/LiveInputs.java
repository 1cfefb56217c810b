package graykite.studio.live;

import graykite.base.BadInput;
import graykite.live.Fader;
import graykite.live.Instrument;
import graykite.studio.model.Workspace;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/** What is performed with: the hand over the face and what it plays, a controller, a capture stream. */
final class LiveInputs implements AutoCloseable {
    private final Workspace workspace;
    private final Hand hand = new Hand();
    private final ObjectProperty<List<Instrument>> instruments =
            new SimpleObjectProperty<>(List.of(Instrument.ALL.getFirst()));
    private Optional<Stream> stream = Optional.empty();
    private Optional<Knobs> knobs = Optional.empty();
    private long followed = System.nanoTime();

    LiveInputs(Workspace workspace) {
        this.workspace = workspace;
    }

    Hand hand() {
        return hand;
    }

    /** What the hand plays. */
    ObjectProperty<List<Instrument>> instruments() {
        return instruments;
    }

    Optional<Stream> stream() {
        return stream;
    }

    Optional<Knobs> knobs() {
        return knobs;
    }

    /** The hand alone plays. */
    void useMouse() {
        swap(Optional::empty, Optional::empty);
    }

    void useStream(int port, boolean simulated) {
        swap(() -> Optional.of(new Stream(port, simulated)), Optional::empty);
    }

    /** @param name of a controller; empty for the one on the screen, which keeps what was learned */
    void useKnobs(String name) {
        List<Fader> learned = knobs.map(Knobs::faders).orElse(List.of());
        swap(Optional::empty, () -> Optional.of(new Knobs(name, learned)));
    }

    private void swap(Supplier<Optional<Stream>> next, Supplier<Optional<Knobs>> nextKnobs) {
        close();
        try {
            stream = next.get();
            knobs = nextKnobs.get();
        } catch (BadInput taken) {
            workspace.jobs().say(taken.getMessage());
        }
    }

    /** True when something besides the hand is listened to. */
    boolean listens() {
        return stream.isPresent() || knobs.isPresent();
    }

    /** True when nothing is there that could be performed. */
    boolean isEmpty() {
        return instruments.get().isEmpty() && !listens();
    }

    /** Takes what came since the last time. */
    List<Stream.Face> taken() {
        long now = System.nanoTime();
        hand.follow((now - followed) / 1e9);
        followed = now;
        knobs.ifPresent(Knobs::take);
        if (knobs.map(k -> !k.isThere()).orElse(false)) {
            workspace.jobs().say("The controller was pulled out; the mouse still plays.");
            useMouse();
        }
        return stream.map(Stream::taken).orElse(List.of());
    }

    /** Every control that is performed now, each once. */
    List<String> controls() {
        Set<String> all = new LinkedHashSet<>(Instrument.controls(instruments.get()));
        knobs.ifPresent(k -> k.faders().forEach(f -> all.add(f.control())));
        stream.ifPresent(s -> all.addAll(s.controls()));
        return List.copyOf(all);
    }

    /** What they are now. @param controls whose values are asked for, in this order */
    double[] played(List<String> controls) {
        return played(controls, stream.map(Stream::face).orElse(Map.of()));
    }

    /** As {@link #played(List)} with another face in the stream. */
    double[] played(List<String> controls, Map<String, Double> captured) {
        Map<String, Double> all = new LinkedHashMap<>();
        controls.forEach(c -> all.put(c, 0.0));
        captured.forEach((c, v) -> all.computeIfPresent(c, (k, was) -> v));
        knobs.ifPresent(k -> k.values().forEach((c, v) -> all.computeIfPresent(c, (n, was) -> v)));
        double[] byHand = Instrument.play(instruments.get(), hand.inputs());
        List<String> names = Instrument.controls(instruments.get());
        for (int c = 0; c < byHand.length; c++) {
            double value = byHand[c];
            all.computeIfPresent(names.get(c), (n, was) -> was + value);
        }
        return controls.stream().mapToDouble(all::get).toArray();
    }

    /** What a pass that is recorded now is called. */
    String name() {
        if (stream.isPresent()) {
            return "Capture";
        }
        String played = instruments.get().stream().map(Instrument::name).collect(Collectors.joining(", "));
        return played.isEmpty() ? "Knobs" : played;
    }

    @Override
    public void close() {
        stream.ifPresent(Stream::close);
        knobs.ifPresent(Knobs::close);
        stream = Optional.empty();
        knobs = Optional.empty();
    }
}
