package graykite.studio.model;

import graykite.acting.Clip;
import graykite.acting.Cue;
import graykite.acting.CueSpots.Spot;
import graykite.acting.CueSpots.State;
import graykite.acting.CuesPlan;
import graykite.base.Names;
import graykite.edit.CueEdit;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.scene.Performance;
import graykite.sound.Loudness;
import graykite.text.Tags;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/** The cues of the line: what comes by itself, and where. Every change undoes. */
public final class CueEdits {
    private final Workspace workspace;
    private Known known = new Known(Optional.empty(), Timing.empty(0), Loudness.silent(0.1), List.of());
    private final ObjectProperty<Optional<String>> chosen = new SimpleObjectProperty<>(Optional.empty());

    CueEdits(Workspace workspace) {
        this.workspace = workspace;
        workspace.lineId().addListener((o, b, n) -> chosen.set(Optional.empty()));
    }

    /** Name of the cue that is worked on. */
    public ObjectProperty<Optional<String>> chosen() {
        return chosen;
    }

    private Optional<CuesPlan> plan() {
        return workspace.line().flatMap(l -> l.layers().first(CuesPlan.class));
    }

    /** The rules of the line. */
    public List<Cue> cues() {
        return plan().map(CuesPlan::cues).orElse(List.of());
    }

    public Optional<Cue> cue() {
        return chosen.get().flatMap(name -> plan().flatMap(p -> p.cue(name)));
    }

    /** Every place of every cue in the reading of the line, in the order of time; looked for once and kept. */
    public List<Spot> spots() {
        Optional<CuesPlan> plan = plan();
        Optional<Performance> performance = workspace.performance().get();
        if (plan.isEmpty() || performance.isEmpty()) {
            return List.of();
        }
        WordFinder words = LineWords.of(workspace);
        Loudness loudness = performance.get().score().loudness();
        if (!known.holds(plan.get(), words.timing(), loudness)) {
            known = new Known(
                    Optional.of(plan.get()),
                    words.timing(),
                    loudness,
                    plan.get().spots(words, loudness));
        }
        return known.spots;
    }

    /** The places that were found last, and for what. */
    private record Known(Optional<CuesPlan> plan, Timing timing, Loudness loudness, List<Spot> spots) {
        boolean holds(CuesPlan nowPlan, Timing nowTiming, Loudness nowLoudness) {
            return plan.filter(p -> p == nowPlan).isPresent() && timing == nowTiming && loudness == nowLoudness;
        }
    }

    /** The word at which a cue comes, with its mark. */
    public String wordOf(Spot spot) {
        List<TimedWord> words = workspace.timing().map(Timing::words).orElse(List.of());
        return spot.word() < words.size()
                ? Tags.written(
                        words.get(spot.word()).text(), words.get(spot.word()).mark())
                : "";
    }

    /** What a cue waits for, in words. */
    public static String inWords(Cue.Trigger at) {
        return switch (at) {
            case Cue.Mark mark ->
                switch (mark) {
                    case COMMA -> "Comma";
                    case STOP -> "Full stop";
                    case QUESTION -> "Question";
                    case EXCLAMATION -> "Exclamation";
                };
            case Cue.Stress s -> "Stressed word";
            case Cue.Pause pause -> String.format(Locale.ROOT, "Pause over %.1f s", pause.longerThan());
            case Cue.Tag tag -> "[" + tag.word() + "]";
        };
    }

    /** Adds a rule as it usually comes, and chooses it. */
    public void add(Cue.Trigger at, String pose) {
        if (workspace.line().isEmpty()) {
            workspace.jobs().say("There is no line for a cue.");
            return;
        }
        String name = Names.free(
                inWords(at), n -> cues().stream().anyMatch(c -> c.name().equals(n)));
        Cue cue = Cue.of(name, at, Clip.Look.of(pose).withMouth(0.2));
        // Feelings change with the words that show them, not after: what hangs on the end of a word begins within it.
        Cue usual = switch (at) {
            case Cue.Mark mark -> cue.withTimes(-0.4, 0.9);
            case Cue.Stress s -> cue.withTimes(-0.2, 0.5);
            case Cue.Pause pause -> cue.withTimes(0, pause.longerThan() + 0.3);
            case Cue.Tag tag -> cue;
        };
        if (workspace.editLine(0, l -> new CueEdit.SetCue(l, usual))) {
            chosen.set(Optional.of(name));
            long places =
                    spots().stream().filter(s -> s.cue().name().equals(name)).count();
            if (places == 0) {
                workspace.jobs().say("Nothing on this line calls the cue " + name + " yet.");
            }
        }
    }

    /** Changes the chosen rule. */
    public void change(long gesture, UnaryOperator<Cue> change) {
        cue().ifPresent(c -> workspace.editLine(gesture, l -> new CueEdit.SetCue(l, change.apply(c))));
    }

    /** Removes the chosen rule. @return false when none is chosen */
    public boolean delete() {
        Optional<Cue> cue = cue();
        chosen.set(Optional.empty());
        cue.ifPresent(c -> workspace.editLine(0, l -> new CueEdit.RemoveCue(l, c.name())));
        return cue.isPresent();
    }

    /** Gives all lines of the project the rules of this one. */
    public void spread() {
        workspace.editLine(0, CueEdit.SpreadCues::new);
    }

    /** Lets a cue come at a place, or stay away. */
    public void turn(Spot spot, boolean on) {
        workspace.editLine(0, l -> new CueEdit.SwitchCue(l, spot.cue().name(), spot.word(), on, spot.shift()));
    }

    /** Moves a cue at one place. @param start seconds of the line at which it begins to come */
    public void move(Spot spot, double start, long gesture) {
        double shift = Math.clamp(spot.shift() + start - spot.start(), -Cue.FARTHEST, Cue.FARTHEST);
        workspace.editLine(
                gesture,
                l -> new CueEdit.SwitchCue(l, spot.cue().name(), spot.word(), spot.state() == State.COMES, shift));
    }

    /** Makes a place a clip of its own. */
    public void take(Spot spot) {
        workspace.editLine(
                0,
                l -> new CueEdit.TakeCue(
                        l,
                        spot.cue().name(),
                        spot.word(),
                        spot.start(),
                        spot.end(),
                        spot.clip().look()));
    }
}
