package graykite.studio.model;

import graykite.base.Progress;
import graykite.edit.MouthEdit;
import graykite.motion.Curve;
import graykite.motion.KeyReduction;
import graykite.mouth.MouthWork;
import graykite.mouth.TakenCurve;
import graykite.project.Line;
import graykite.reading.Timing;
import graykite.rig.Channel;
import graykite.scene.Performance;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

/** Curves of single channels that the user took over from what is generated, and their keys. Every change undoes. */
public final class OwnCurves {
    /** Share of a channel's range that a taken-over curve may usually be off the generated one. */
    public static final double USUAL_ERROR = 0.02;

    /** Seconds between the samples that keys are made from. */
    private static final double SAMPLING = 1.0 / 200;

    private final Workspace workspace;
    private final StringProperty channel = new SimpleStringProperty("");
    private final StringProperty asked = new SimpleStringProperty("");
    private final ObjectProperty<KeyChoice> key = new SimpleObjectProperty<>(KeyChoice.NONE);

    /**
     * A key of an own curve that is chosen.
     *
     * @param curve index of the curve, -1 for none
     * @param key index in it
     */
    public record KeyChoice(int curve, int key) {
        public static final KeyChoice NONE = new KeyChoice(-1, -1);
    }

    OwnCurves(Workspace workspace) {
        this.workspace = workspace;
        workspace.lineId().addListener((o, b, n) -> key.set(KeyChoice.NONE));
    }

    private MouthWork work() {
        return workspace.line().map(Line::mouth).orElse(MouthWork.STANDARD);
    }

    private Optional<Timing> timing() {
        return workspace.line().flatMap(Line::timing);
    }

    /** Name of the channel that somebody asked about on the sheet; the Mouth desk answers and empties it. */
    public StringProperty asked() {
        return asked;
    }

    /** Name of the channel whose curve the sheet shows, empty for none. */
    public StringProperty channel() {
        return channel;
    }

    public ObjectProperty<KeyChoice> key() {
        return key;
    }

    /** Index of the shown channel; nothing when the character lacks it. */
    public Optional<Integer> channelIndex() {
        return workspace
                .performance()
                .get()
                .flatMap(p -> Optional.ofNullable(p.character().channelIndex().get(channel.get())));
    }

    /** Own curve of the shown channel at a time, by index. */
    public Optional<Integer> curveAt(double time) {
        Optional<Timing> timing = timing();
        List<TakenCurve> curves = work().curves();
        for (int c = 0; c < curves.size() && timing.isPresent(); c++) {
            Optional<Curve> curve = curves.get(c).channel().equals(channel.get())
                    ? curves.get(c).in(LineWords.of(workspace))
                    : Optional.empty();
            if (curve.map(k -> time >= k.start() - 1e-6 && time <= k.end() + 1e-6)
                    .orElse(false)) {
                return Optional.of(c);
            }
        }
        return Optional.empty();
    }

    /** The keys of an own curve at the times of the reading; nothing when its words are not there. */
    public Optional<Curve> curve(int index) {
        return index < 0 || index >= work().curves().size()
                ? Optional.empty()
                : work().curves().get(index).in(LineWords.of(workspace));
    }

    /**
     * Turns a stretch of the shown channel into keys of the user's own: as it is after everything that speech and instincts
     * do. Own curves that it overlaps go into it. How many keys there are and how far they are off is said when it is done.
     *
     * @param allowed share of the channel's range by which the keys may be off
     */
    public void takeOver(TimeRange range, double allowed) {
        Optional<Performance> performance = workspace.performance().get();
        Optional<Integer> index = channelIndex();
        if (performance.isEmpty()
                || index.isEmpty()
                || performance.get().timing().words().isEmpty()) {
            workspace.jobs().say("Choose a channel of a line that is read; then a stretch of it can be taken over.");
            return;
        }
        Performance line = performance.get();
        double from = Math.clamp(range.start(), 0, line.duration());
        double to = Math.clamp(range.end(), 0, line.duration());
        Channel taken = line.channels().get(index.get());
        String open = workspace.lineId().get();
        double span = taken.max() - taken.min();
        if (to - from < 3 * SAMPLING) {
            workspace.jobs().say("That stretch is too short for keys.");
            return;
        }
        workspace
                .jobs()
                .start(
                        "Taking over " + taken.name(),
                        progress -> KeyReduction.reduce(
                                from, SAMPLING, sampled(line, index.get(), from, to, progress), allowed * span),
                        reduced -> {
                            if (workspace.lineId().get().equals(open)) {
                                own(line, taken, from, to, reduced);
                            } else {
                                workspace.jobs().say("Another line is open now: nothing was taken over.");
                            }
                        });
    }

    private static double[] sampled(Performance line, int channel, double from, double to, Progress progress) {
        double[] samples = new double[(int) Math.round((to - from) / SAMPLING) + 1];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = line.unguarded(channel, from + i * SAMPLING);
            if (i % 500 == 0) {
                progress.step(i / (double) samples.length);
            }
        }
        return samples;
    }

    private void own(Performance line, Channel channel, double from, double to, KeyReduction.Result reduced) {
        key.set(KeyChoice.NONE);
        workspace.editLine(0, l -> new MouthEdit.TakeOver(l, channel.name(), reduced.curve()));
        workspace
                .jobs()
                .say(String.format(
                        Locale.ROOT,
                        "%s is yours from %.2f to %.2f s: %d keys, nowhere more than %.1f %% of its range off.",
                        channel.name(),
                        from,
                        to,
                        reduced.curve().keys().size(),
                        100 * reduced.error() / (channel.max() - channel.min())));
    }

    /** Returns an own curve to what is generated. */
    public void giveBack(int index) {
        key.set(KeyChoice.NONE);
        workspace.editLine(0, l -> new MouthEdit.GiveBack(l, index));
    }

    /** Deletes the chosen key. @return false when none is chosen */
    public boolean deleteKey() {
        KeyChoice now = key.get();
        Optional<Curve> curve = curve(now.curve());
        if (now.key() < 0 || curve.isEmpty()) {
            return false;
        }
        if (curve.get().keys().size() <= 2) {
            workspace.jobs().say("A curve keeps its two ends: give it back to be rid of it.");
            return true;
        }
        key.set(KeyChoice.NONE);
        editCurve(now.curve(), 0, c -> c.without(now.key()));
        return true;
    }

    /** Changes the keys of an own curve, which are given at the times of the reading. */
    public void editCurve(int index, long gesture, UnaryOperator<Curve> change) {
        curve(index)
                .ifPresent(now ->
                        workspace.editLine(gesture, l -> new MouthEdit.ChangeCurve(l, index, change.apply(now))));
    }
}
