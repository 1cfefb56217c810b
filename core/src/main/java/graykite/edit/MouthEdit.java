package graykite.edit;

import graykite.motion.Curve;
import graykite.mouth.Diction;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.Section;
import graykite.mouth.TakenCurve;
import graykite.mouth.TouchUp;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;

/** Changes of what is decided about the mouth of a line: diction, sections, touch-ups and own curves. */
public sealed interface MouthEdit extends Edit {
    String line();

    private static Project changed(Project project, String named, UnaryOperator<MouthWork> change) {
        return LineEdit.changed(project, named, l -> l.withMouth(change.apply(l.mouth())));
    }

    private static Project onWords(Project project, String named, BiFunction<MouthWork, WordFinder, MouthWork> change) {
        return LineEdit.changed(
                project, named, l -> l.withMouth(change.apply(l.mouth(), new WordFinder(Find.reading(l)))));
    }

    private static <T> List<T> without(List<T> all, int index, String what) {
        List<T> fewer = new ArrayList<>(all);
        fewer.remove(Find.there(all, index, what, "line"));
        return fewer;
    }

    /** How the whole line is spoken. */
    record SetMouth(String line, MouthSettings settings) implements MouthEdit {
        @Override
        public String inWords() {
            return "How the line is spoken";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, w -> w.withSettings(settings));
        }
    }

    /** Words that are spoken in their own way. @param first index of the first word @param last of the last */
    record AddSection(String line, int first, int last, Diction diction, Optional<MotionStyle> motion, double blend)
            implements MouthEdit {
        @Override
        public String inWords() {
            return "Cut a section";
        }

        @Override
        public Project on(Project project) {
            return LineEdit.changed(project, line, l -> {
                Timing timing = Find.reading(l);
                Find.there(timing, first, -1);
                Find.there(timing, last, -1);
                List<Section> all = new ArrayList<>(l.mouth().sections());
                all.add(new Section(
                        Anchor.of(timing, Math.min(first, last), -1),
                        Anchor.of(timing, Math.max(first, last), -1),
                        diction,
                        motion,
                        blend));
                return l.withMouth(l.mouth().withSections(all));
            });
        }
    }

    record ChangeSection(String line, int section, Diction diction, Optional<MotionStyle> motion, double blend)
            implements MouthEdit {
        @Override
        public String inWords() {
            return "How the section is spoken";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, w -> {
                Section now = w.sections().get(Find.there(w.sections(), section, "section", "line"));
                return w.withSection(
                        section, now.withDiction(diction).withMotion(motion).withBlend(blend));
            });
        }
    }

    record RemoveSection(String line, int section) implements MouthEdit {
        @Override
        public String inWords() {
            return "Remove a section";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, w -> w.withSections(without(w.sections(), section, "section")));
        }
    }

    /**
     * A touch-up on a word or a sound; it takes the place of one that is there, and one that does nothing is dropped.
     *
     * @param phone index of the sound, -1 for the whole word
     * @param touch what to do; where it stands in it does not matter
     */
    record Touch(String line, int word, int phone, TouchUp touch) implements MouthEdit {
        @Override
        public String inWords() {
            return "Touch up: " + touch.inWords();
        }

        @Override
        public Project on(Project project) {
            return LineEdit.changed(project, line, l -> l.withMouth(touched(l)));
        }

        private MouthWork touched(Line l) {
            Timing timing = Find.reading(l);
            Find.there(timing, word, phone);
            MouthWork work = l.mouth();
            List<Optional<Anchor.Spot>> spots =
                    Anchor.find(work.touchUps().stream().map(TouchUp::at).toList(), timing);
            int there = spots.indexOf(Optional.of(new Anchor.Spot(word, phone)));
            return there < 0
                    ? work.plus(touch.movedTo(Anchor.of(timing, word, phone)))
                    : work.withTouchUp(there, t -> touch.movedTo(t.at()));
        }
    }

    /** Mutes a touch-up, or lets it speak again. @param touch its index in the line */
    record MuteTouch(String line, int touch, boolean muted) implements MouthEdit {
        @Override
        public String inWords() {
            return muted ? "Mute a touch-up" : "Unmute a touch-up";
        }

        @Override
        public Project on(Project project) {
            return changed(
                    project,
                    line,
                    w -> w.withTouchUp(Find.there(w.touchUps(), touch, "touch-up", "line"), t -> t.withMuted(muted)));
        }
    }

    /** @param touch its index in the line */
    record RemoveTouch(String line, int touch) implements MouthEdit {
        @Override
        public String inWords() {
            return "Remove a touch-up";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, w -> w.withTouchUps(without(w.touchUps(), touch, "touch-up")));
        }
    }

    /** Takes a stretch of a channel over into keys; own curves that it overlaps go into it. @param curve seconds of the line */
    record TakeOver(String line, String channel, Curve curve) implements MouthEdit {
        @Override
        public String inWords() {
            return "Take over " + channel;
        }

        @Override
        public Project on(Project project) {
            return onWords(project, line, (w, words) -> {
                List<TakenCurve> all = new ArrayList<>(w.curves());
                all.removeIf(c -> c.channel().equals(channel)
                        && c.in(words)
                                .map(k -> k.start() < curve.end() && k.end() > curve.start())
                                .orElse(false));
                all.add(TakenCurve.of(channel, curve, words));
                return w.withCurves(all);
            });
        }
    }

    /** Other keys for an own curve. @param own its index in the line @param curve seconds of the line */
    record ChangeCurve(String line, int own, Curve curve) implements MouthEdit {
        @Override
        public String inWords() {
            return "Keys of a curve";
        }

        @Override
        public Project on(Project project) {
            return onWords(project, line, (w, words) -> {
                List<TakenCurve> all = new ArrayList<>(w.curves());
                TakenCurve now = all.get(Find.there(all, own, "own curve", "line"));
                all.set(own, TakenCurve.of(now.channel(), curve, words));
                return w.withCurves(all);
            });
        }
    }

    /** Returns an own curve to what is generated. @param own its index in the line */
    record GiveBack(String line, int own) implements MouthEdit {
        @Override
        public String inWords() {
            return "Give a curve back";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, w -> w.withCurves(without(w.curves(), own, "own curve")));
        }
    }
}
