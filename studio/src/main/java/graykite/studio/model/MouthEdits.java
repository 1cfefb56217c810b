package graykite.studio.model;

import graykite.edit.MouthEdit;
import graykite.mouth.Diction;
import graykite.mouth.Manner;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.Section;
import graykite.mouth.TouchUp;
import graykite.project.Line;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.scene.Performance;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;

/** What is decided about the mouth of the line: diction, sections and touch-ups. Every change undoes. */
public final class MouthEdits {
    private final Workspace workspace;
    private final OwnCurves curves;
    private final IntegerProperty section = new SimpleIntegerProperty(-1);

    MouthEdits(Workspace workspace) {
        this.workspace = workspace;
        this.curves = new OwnCurves(workspace);
        workspace.lineId().addListener((o, b, n) -> section.set(-1));
    }

    /** Curves that are the user's own. */
    public OwnCurves curves() {
        return curves;
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
}
