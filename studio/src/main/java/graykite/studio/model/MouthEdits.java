package graykite.studio.model;

import graykite.base.Progress;
import graykite.edit.MouthEdit;
import graykite.motion.Curve;
import graykite.motion.KeyReduction;
import graykite.mouth.Diction;
import graykite.mouth.Manner;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.Section;
import graykite.mouth.TakenCurve;
import graykite.mouth.TouchUp;
import graykite.project.Line;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.rig.Channel;
import graykite.scene.Performance;
import graykite.studio.model.Workspace.Selection;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

/** What is decided about the mouth of the line: diction, sections, touch-ups and own curves. Every change undoes. */
public final class MouthEdits {
    /** Share of a channel's range that a taken-over curve may usually be off the generated one. */
    public static final double USUAL_ERROR = 0.02;

    /** Seconds between the samples that keys are made from. */
    private static final double SAMPLING = 1.0 / 200;

    private final Workspace workspace;
    private final IntegerProperty section = new SimpleIntegerProperty(-1);
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

    MouthEdits(Workspace workspace) {
        this.workspace = workspace;
        workspace.lineId().addListener((o, b, n) -> {
            section.set(-1);
            key.set(KeyChoice.NONE);
        });
    }

    public MouthWork work() {
        return workspace.line().map(Line::mouth).orElse(MouthWork.STANDARD);
    }

    private Optional<Timing> timing() {
        return workspace.line().flatMap(Line::timing);
    }

    public void settings(long gesture, UnaryOperator<MouthSettings> change) {
        MouthSettings now = work().settings();
        MouthSettings after = change.apply(now);
        if (!after.equals(now)) {
            workspace.editLine(gesture, l -> new MouthEdit.SetMouth(l, after));
        }
    }

    // --- diction and sections --------------------------------------------------------------------------------------

    /** Index of the section that is worked on, -1 for the whole line. */
    public IntegerProperty section() {
        return section;
    }

    public Optional<Section> chosenSection() {
        int now = section.get();
        return now < 0 || now >= work().sections().size()
                ? Optional.empty()
                : Optional.of(work().sections().get(now));
    }

    /** The diction that is worked on: of the chosen section, else of the line. */
    public Diction diction() {
        return chosenSection().map(Section::diction).orElse(work().settings().diction());
    }

    public void diction(long gesture, UnaryOperator<Diction> change) {
        chosenSection()
                .ifPresentOrElse(
                        s -> editSection(gesture, x -> x.withDiction(change.apply(x.diction()))),
                        () -> settings(gesture, x -> x.withDiction(change.apply(x.diction()))));
    }

    public void editSection(long gesture, UnaryOperator<Section> change) {
        int now = section.get();
        chosenSection().ifPresent(s -> {
            Section after = change.apply(s);
            workspace.editLine(
                    gesture, l -> new MouthEdit.ChangeSection(l, now, after.diction(), after.motion(), after.blend()));
        });
    }

    /** Cuts the words of a stretch out as a section of their own and chooses it; it begins as the line is spoken there. */
    public void cutSection(TimeRange range) {
        Optional<Timing> timing = timing();
        List<Integer> words = timing.map(t -> wordsIn(t, range)).orElse(List.of());
        if (words.isEmpty()) {
            workspace.jobs().say("No word is spoken there: choose a word, or loop a stretch with words.");
            return;
        }
        Diction diction = work().settings().diction();
        workspace.editLine(
                0,
                l -> new MouthEdit.AddSection(
                        l, words.getFirst(), words.getLast(), diction, Optional.empty(), Section.USUAL_BLEND));
        section.set(work().sections().size() - 1);
    }

    public void removeSection(int index) {
        section.set(-1);
        workspace.editLine(0, l -> new MouthEdit.RemoveSection(l, index));
    }

    /** When a section is spoken; nothing when its words are not there. */
    public Optional<TimeRange> range(Section section) {
        return timing().flatMap(t -> Manner.range(section, t));
    }

    /** The section whose words are spoken at a time, the topmost; -1 for none. */
    public int sectionAt(double time) {
        List<Section> sections = work().sections();
        for (int s = sections.size() - 1; s >= 0; s--) {
            if (range(sections.get(s)).map(r -> r.contains(time)).orElse(false)) {
                return s;
            }
        }
        return -1;
    }

    private static List<Integer> wordsIn(Timing timing, TimeRange range) {
        List<Integer> words = new ArrayList<>();
        for (int w = 0; w < timing.words().size(); w++) {
            double middle =
                    (timing.words().get(w).start() + timing.words().get(w).end()) / 2;
            if (middle >= range.start() && middle <= range.end()) {
                words.add(w);
            }
        }
        return words;
    }

    // --- touch-ups -------------------------------------------------------------------------------------------------

    /** Index of the touch-up on exactly this word or sound, if there is one. */
    public Optional<Integer> touchUpOn(Selection at) {
        Optional<Performance> performance = workspace.performance().get();
        if (performance.isEmpty() || at.word() < 0) {
            return Optional.empty();
        }
        List<Optional<Anchor.Spot>> places = performance.get().beats().touchUpPlaces();
        for (int t = 0; t < places.size() && t < work().touchUps().size(); t++) {
            if (places.get(t).equals(Optional.of(new Anchor.Spot(at.word(), at.phone())))) {
                return Optional.of(t);
            }
        }
        return Optional.empty();
    }

    /** Changes the touch-up on a word or sound; makes one when there is none, drops it when it does nothing any more. */
    public void touch(Selection at, long gesture, UnaryOperator<TouchUp> change) {
        Optional<Timing> timing = timing();
        boolean there = timing.isPresent()
                && at.word() >= 0
                && at.word() < timing.get().words().size()
                && at.phone() < timing.get().words().get(at.word()).phones().size();
        if (!there) {
            workspace.jobs().say("Choose a sound or a word on the sheet first.");
            return;
        }
        Optional<Integer> existing = touchUpOn(at);
        TouchUp before = existing.map(t -> work().touchUps().get(t))
                .orElseGet(() -> TouchUp.on(Anchor.of(timing.get(), at.word(), at.phone())));
        TouchUp after = change.apply(before);
        workspace.editLine(gesture, l -> new MouthEdit.Touch(l, at.word(), at.phone(), after));
    }

    public void removeTouchUp(int index) {
        workspace.editLine(0, l -> new MouthEdit.RemoveTouch(l, index));
    }

    public void muteTouchUp(int index, boolean mute) {
        workspace.editLine(0, l -> new MouthEdit.MuteTouch(l, index, mute));
    }

    // --- curves ----------------------------------------------------------------------------------------------------

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
                    ? curves.get(c).in(words())
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
                : work().curves().get(index).in(words());
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

    /** Finds the words that curves are tied to. */
    private WordFinder words() {
        Optional<Timing> timing = timing();
        return workspace
                .performance()
                .get()
                .filter(p -> timing.filter(t -> t == p.timing()).isPresent())
                .map(Performance::words)
                .orElseGet(() -> new WordFinder(timing.orElse(Timing.empty(0))));
    }
}
