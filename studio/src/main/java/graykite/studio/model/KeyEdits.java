package graykite.studio.model;

import graykite.acting.Performed;
import graykite.edit.PassEdit;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.motion.KeyWork;
import graykite.motion.KeyWork.Ref;
import graykite.motion.KeyWork.Snippet;
import graykite.motion.Keyed;
import graykite.reading.Timing;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Roles;
import graykite.rig.Sides;
import graykite.scene.Performance;
import graykite.studio.model.PassEdits.Choice;
import graykite.studio.model.PassEdits.Placed;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

/**
 * Keys of any channel: those of the chosen pass when it has keys, else those of a pass of the hand's own over the whole line.
 * Which are chosen, and what is done to them. Times are those of the line. Every change undoes.
 */
public final class KeyEdits {
    /** Name of the layer and the pass that keys go to when no pass of keys is chosen. */
    public static final String USUAL = "Keys";

    private final Workspace workspace;
    private final PassEdits passes;
    private final StringProperty control = new SimpleStringProperty("");
    private final ObjectProperty<Set<Ref>> chosen = new SimpleObjectProperty<>(Set.of());
    private final BooleanProperty auto = new SimpleBooleanProperty(false);
    private Optional<Snippet> copied = Optional.empty();

    /** The keys that are worked on, with where their pass stands. */
    public record Target(Placed placed, Keyed motion) {
        /** From the line's clock to the motion's. */
        public double inward(double time) {
            Performed what = placed.ready().pass().what();
            double share = (time - placed.ready().start())
                    / (placed.ready().end() - placed.ready().start());
            return what.from() + share * what.length();
        }

        /** From the motion's clock to the line's. */
        public double outward(double time) {
            Performed what = placed.ready().pass().what();
            double share = (time - what.from()) / what.length();
            return placed.ready().start()
                    + share * (placed.ready().end() - placed.ready().start());
        }

        /** Seconds of the motion in a second of the line. */
        double speed() {
            return placed.ready().pass().what().length()
                    / (placed.ready().end() - placed.ready().start());
        }
    }

    KeyEdits(Workspace workspace, PassEdits passes) {
        this.workspace = workspace;
        this.passes = passes;
        workspace.lineId().addListener((o, b, n) -> chosen.set(Set.of()));
        passes.chosen().addListener((o, b, n) -> chosen.set(Set.of()));
        control.addListener((o, b, n) -> chosen.set(Set.of()));
    }

    /** The control whose curve is on top. */
    public StringProperty control() {
        return control;
    }

    /** The keys that are chosen, at times of the motion. */
    public ObjectProperty<Set<Ref>> chosen() {
        return chosen;
    }

    /** True while every change of a value sets a key. */
    public BooleanProperty auto() {
        return auto;
    }

    /** What is worked on; nothing while there are no keys yet. */
    public Optional<Target> target() {
        List<Placed> all = passes.all();
        Optional<Choice> pass = passes.chosen().get();
        return all.stream()
                .filter(p -> pass.map(c -> c.equals(p.choice())).orElse(false))
                .filter(p -> p.ready().pass().what().motion() instanceof Keyed)
                .findFirst()
                .or(() -> all.stream()
                        .filter(p -> p.choice().layer().equals(USUAL)
                                && p.ready().pass().what().motion() instanceof Keyed)
                        .findFirst())
                .map(p -> new Target(p, (Keyed) p.ready().pass().what().motion()));
    }

    /** Every channel that can be keyed on who speaks. */
    public List<Channel> channels() {
        return workspace.performance().get().map(p -> p.character().channels()).orElse(List.of());
    }

    /** The value of the control at a time of the line, as its keys have it, else as it is seen. */
    public double value(double time) {
        return target().filter(t -> t.motion().controls().contains(control.get()))
                .map(t -> t.motion().at(t.motion().controls().indexOf(control.get()), t.inward(time)))
                .or(() -> seen(time))
                .orElse(0.0);
    }

    private Optional<Double> seen(double time) {
        Optional<Performance> performance = workspace.performance().get();
        Optional<Integer> index = performance
                .map(Performance::character)
                .flatMap(c -> Optional.ofNullable(c.channelIndex().get(control.get())));
        return index.flatMap(i ->
                workspace.scene().get().map(s -> s.at(workspace.speakerOnStage(), time + workspace.lineStart())[i]));
    }

    /** Sets a key of the control. @param time seconds of the line */
    public void key(double time, double value, long gesture) {
        if (control.get().isEmpty() || workspace.performance().get().isEmpty()) {
            workspace.jobs().say("Choose a channel first; then it can be keyed.");
            return;
        }
        Optional<Target> target = target();
        if (target.isEmpty()) {
            // The line's own length: its performance may still be on its way.
            double end = Math.max(0.1, workspace.timing().map(Timing::duration).orElse(time));
            Keyed motion = new Keyed(
                    end,
                    List.of(control.get()),
                    List.of(new Curve(List.of(new Key(Math.clamp(time, 0, end), value, Key.Way.SMOOTH, 0, 0)))));
            PassEdit.Look look = new PassEdit.Look(Performed.whole(USUAL, motion), false, 0, 1, Map.of());
            workspace.editLine(gesture, l -> new PassEdit.AddPass(l, USUAL, 0, end, look));
        } else {
            String name = control.get();
            change(gesture, t -> KeyWork.set(t.motion(), name, t.inward(time), value, Key.Way.SMOOTH));
        }
        target().ifPresent(t -> chosen.set(Set.of(new Ref(control.get(), t.inward(time)))));
    }

    /** Changes the motion; only the curves that become others are told to the project. */
    private void change(long gesture, Function<Target, Keyed> change) {
        target().ifPresent(t -> {
            Keyed before = t.motion();
            Keyed after = change.apply(t);
            Choice at = t.placed().choice();
            long one = gesture == 0 ? workspace.newGesture() : gesture;
            for (int c = 0; c < after.controls().size(); c++) {
                String name = after.controls().get(c);
                Curve curve = after.curves().get(c);
                int was = before.controls().indexOf(name);
                if (was < 0 || !before.curves().get(was).equals(curve)) {
                    workspace.editLine(one, l -> new PassEdit.SetCurve(l, at.layer(), at.pass(), name, curve));
                }
            }
        });
    }

    /** Works on the chosen keys. */
    private void chosenKeys(long gesture, UnaryOperator<Keyed> change) {
        if (chosen.get().isEmpty()) {
            workspace.jobs().say("Choose keys on the sheet first; drag a frame about several.");
        } else {
            change(gesture, t -> change.apply(t.motion()));
        }
    }

    /**
     * Drags the keys that were chosen when the drag began.
     *
     * @param began the motion when it began
     * @param seconds later on the line
     * @param by more of the control that is on top, in its unit; others go as far in theirs
     */
    public void drag(Keyed began, Set<Ref> held, double seconds, double by, long gesture) {
        change(gesture, t -> {
            Keyed after = began;
            double later = seconds * t.speed();
            for (String name : held.stream().map(Ref::control).distinct().toList()) {
                Set<Ref> own = new HashSet<>(held);
                own.removeIf(r -> !r.control().equals(name));
                after = KeyWork.moved(after, own, later, by * reach(name) / reach(control.get()));
            }
            Set<Ref> moved = new HashSet<>();
            held.forEach(r -> moved.add(new Ref(r.control(), Math.clamp(r.time() + later, 0, began.duration()))));
            chosen.set(moved);
            return after;
        });
    }

    private static double reach(String name) {
        return Roles.turns(name) ? 30 : 1;
    }

    /** How the curves go on from the chosen keys; from all keys when none is chosen. */
    public void going(Key.Way way) {
        change(0, t -> KeyWork.going(t.motion(), chosen.get().isEmpty() ? KeyWork.all(t.motion()) : chosen.get(), way));
    }

    /** Steps all keys while a performance is blocked, or smooths all of them. */
    public void block(boolean stepped) {
        change(0, t -> KeyWork.going(t.motion(), KeyWork.all(t.motion()), stepped ? Key.Way.STEPPED : Key.Way.SMOOTH));
    }

    /** Favours the key after (above 0) or before (below 0). */
    public void favour(double share) {
        chosenKeys(0, m -> KeyWork.favoured(m, chosen.get(), share));
    }

    /** More or less of the chosen keys. @param factor of their values */
    public void scale(double factor) {
        chosenKeys(0, m -> KeyWork.scaled(m, chosen.get(), 0, 1, factor));
    }

    /** Spreads the chosen keys about the first of them. @param factor of their distances */
    public void stretch(double factor) {
        double about = chosen.get().stream().mapToDouble(Ref::time).min().orElse(0);
        Set<Ref> before = chosen.get();
        chosenKeys(0, m -> KeyWork.scaled(m, before, about, factor, 1));
        Set<Ref> after = new HashSet<>();
        before.forEach(r -> after.add(new Ref(r.control(), about + (r.time() - about) * factor)));
        chosen.set(after);
    }

    /** A hold that still lives after each chosen key. */
    public void movingHold() {
        double frame = workspace.project().rate().frameLength();
        chosenKeys(0, m -> KeyWork.movingHold(m, chosen.get(), 3 * frame, 0.06));
    }

    /** One value of the control over the whole line. */
    public void hold(double value) {
        String name = control.get();
        if (target().isEmpty()) {
            key(0, value, 0);
        } else {
            change(0, t -> KeyWork.held(t.motion(), name, value));
        }
    }

    public void copy() {
        target().filter(t -> !chosen.get().isEmpty()).ifPresent(t -> {
            copied = Optional.of(KeyWork.copied(t.motion(), chosen.get()));
            workspace.jobs().say(Counted.of(chosen.get().size(), "key") + " copied; paste them at the playhead.");
        });
    }

    /** Pastes what was copied. @param mirrored left and right exchanged */
    public void paste(double time, boolean mirrored) {
        if (copied.isEmpty()) {
            workspace.jobs().say("Nothing was copied yet.");
            return;
        }
        Snippet what = mirrored ? mirrored(copied.get()) : copied.get();
        change(0, t -> KeyWork.pasted(t.motion(), what, t.inward(time)));
    }

    private Snippet mirrored(Snippet snippet) {
        Optional<Character> who = workspace.performance().get().map(Performance::character);
        return KeyWork.mirrored(
                snippet,
                Sides::other,
                c -> Sides.of(c) == Sides.Side.NONE
                        && who.map(w -> Sides.turnsSideways(w, c)).orElse(false));
    }

    /** Deletes the chosen keys. @return false when none is chosen */
    public boolean delete() {
        Set<Ref> gone = chosen.get();
        if (gone.isEmpty() || target().isEmpty()) {
            return false;
        }
        chosen.set(Set.of());
        change(0, t -> KeyWork.without(t.motion(), gone));
        return true;
    }
}
