package graykite.proof.checks;

import graykite.acting.Clip;
import graykite.acting.ClipsLayer;
import graykite.acting.ClipsPlan;
import graykite.acting.Instincts.Kind;
import graykite.acting.InstinctsPlan;
import graykite.acting.LayerPlan;
import graykite.acting.LifeMarks;
import graykite.acting.LookPoint;
import graykite.acting.Mark;
import graykite.acting.Pass;
import graykite.acting.PassesLayer;
import graykite.acting.PassesPlan;
import graykite.edit.ActingEdit;
import graykite.edit.ClipEdit;
import graykite.edit.Edit;
import graykite.edit.LookEdit;
import graykite.edit.MarkEdit;
import graykite.edit.MouthEdit;
import graykite.edit.PassEdit;
import graykite.edit.ReviewEdit;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.mouth.TouchUp;
import graykite.proof.Fix;
import graykite.proof.Shot;
import graykite.reading.Anchor;
import graykite.rig.Channel;
import graykite.scene.Performance;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** What checks propose: edits that several of them have in common. */
final class Mending {
    private Mending() {}

    /** What no edit of the animation mends is asked of those who record. */
    static Fix askForATake(Shot shot, double time, String why) {
        return Fix.of(
                "Ask for another take",
                ReviewEdit.AddComment.said(shot.line().id(), time, "Proof", "Another take, please: " + why));
    }

    /** A touch-up on a sound, on top of the one that is there. @param phone -1 for the whole word */
    static Fix touch(Shot shot, String title, int word, int phone, UnaryOperator<TouchUp> change) {
        List<Optional<Anchor.Spot>> places = shot.beats().touchUpPlaces();
        List<TouchUp> all = shot.line().mouth().touchUps();
        TouchUp touch = TouchUp.on(Anchor.of(shot.timing(), word, phone));
        for (int t = 0; t < all.size(); t++) {
            Optional<Anchor.Spot> at = places.get(t);
            if (at.isPresent() && at.get().word() == word && at.get().phone() == phone) {
                touch = all.get(t).withMuted(false);
            }
        }
        return Fix.of(title, new MouthEdit.Touch(shot.line().id(), word, phone, change.apply(touch)));
    }

    /** Clips of the line where they stand, each with the name of its layer. */
    static List<OnLine<ClipsLayer.Ready>> clips(Shot shot) {
        List<OnLine<ClipsLayer.Ready>> all = new ArrayList<>();
        for (LayerPlan plan : shot.line().layers().plans()) {
            if (plan instanceof ClipsPlan clips && !plan.setting().muted()) {
                ClipsLayer.placed(clips.clips(), shot.words())
                        .forEach(c -> all.add(new OnLine<>(plan.setting().name(), c)));
            }
        }
        return all;
    }

    /** Passes of the line where they stand, each with the name of its layer. */
    static List<OnLine<PassesLayer.Ready>> passes(Shot shot) {
        List<OnLine<PassesLayer.Ready>> all = new ArrayList<>();
        for (LayerPlan plan : shot.line().layers().plans()) {
            if (plan instanceof PassesPlan passes && !plan.setting().muted()) {
                PassesLayer.placed(passes.passes(), shot.words())
                        .forEach(p -> all.add(new OnLine<>(plan.setting().name(), p)));
            }
        }
        return all;
    }

    /** Something that stands on a layer of the line. */
    record OnLine<T>(String layer, T what) {}

    static Edit change(Shot shot, OnLine<ClipsLayer.Ready> clip, UnaryOperator<Clip.Look> change) {
        ClipsLayer.Ready at = clip.what();
        return new ClipEdit.ChangeClip(
                shot.line().id(),
                clip.layer(),
                at.index(),
                at.start(),
                at.end(),
                change.apply(at.clip().look()));
    }

    static Edit repass(Shot shot, OnLine<PassesLayer.Ready> pass, UnaryOperator<Pass> change) {
        PassesLayer.Ready at = pass.what();
        return new PassEdit.ChangePass(
                shot.line().id(),
                pass.layer(),
                at.index(),
                at.start(),
                at.end(),
                PassEdit.Look.of(change.apply(at.pass())));
    }

    /** Takes off the mouth whatever hand lies on it in a stretch: clips, passes and curves; nothing where there is none. */
    static List<Fix> mouthToSpeech(Shot shot, double from, double to) {
        List<Edit> edits = new ArrayList<>();
        clips(shot).stream()
                .filter(c -> c.what().start() < to && c.what().end() > from)
                .filter(c -> c.what().clip().look().mouth() > 0)
                .forEach(c -> edits.add(change(shot, c, l -> l.withMouth(0))));
        passes(shot).stream()
                .filter(p -> p.what().start() < to && p.what().end() > from)
                .filter(p -> p.what().pass().mouth() > 0)
                .forEach(p -> edits.add(repass(shot, p, q -> q.withMouth(0))));
        giveBack(shot, from, to).ifPresent(edits::add);
        return edits.isEmpty() ? List.of() : List.of(new Fix("Leave the mouth to speech here", edits));
    }

    /** The topmost own curve of the mouth in a stretch, returned to what is generated. */
    static Optional<Edit> giveBack(Shot shot, double from, double to) {
        for (int c = shot.line().mouth().curves().size() - 1; c >= 0; c--) {
            boolean there = shot.line()
                    .mouth()
                    .curves()
                    .get(c)
                    .in(shot.words())
                    .map(k -> k.start() < to && k.end() > from)
                    .orElse(false);
            if (there) {
                return Optional.of(new MouthEdit.GiveBack(shot.line().id(), c));
            }
        }
        return Optional.empty();
    }

    /** The layer of what the face does by itself, and its place. */
    static Optional<Integer> instincts(Shot shot) {
        return shot.line().layers().find(InstinctsPlan.class, "");
    }

    private static InstinctsPlan plan(Shot shot, int index) {
        return (InstinctsPlan) shot.line().layers().plans().get(index);
    }

    /** Lets the face live: instincts that are missing, muted or turned down come as people do it. */
    static Fix liveliness(Shot shot, Kind... kinds) {
        Optional<Integer> there = instincts(shot);
        if (there.isEmpty()) {
            return Fix.of(
                    "Let the instincts play",
                    new ActingEdit.AddLayer(
                            shot.line().id(), 1, new InstinctsPlan(LayerSetting.of("Instincts", Blend.ADD), 1)));
        }
        InstinctsPlan plan = plan(shot, there.get());
        InstinctsPlan lively = plan.with(plan.setting().withMuted(false).withWeight(LayerSetting.always(1)));
        for (Kind kind : kinds) {
            lively = lively.with(lively.instincts()
                    .with(
                            kind,
                            lively.instincts()
                                    .of(kind)
                                    .withAmount(Math.max(
                                            1, lively.instincts().of(kind).amount()))));
        }
        return lively.equals(plan)
                ? Fix.of("Add a breath of movement", lifted(shot))
                : Fix.of(
                        "Let the instincts play",
                        new ActingEdit.ChangeLayer(shot.line().id(), there.get(), lively));
    }

    /** A live layer of instincts on top, for a face that something holds still from above. */
    private static Edit lifted(Shot shot) {
        int top = shot.line().layers().plans().size();
        String name = shot.line().layers().freeName("Breath of life");
        return new ActingEdit.AddLayer(
                shot.line().id(),
                top,
                new InstinctsPlan(LayerSetting.of(name, Blend.ADD), shot.line().seed() + 1));
    }

    /** Half as much of the head, wherever it comes from in a stretch. */
    static Fix calmerHead(Shot shot, double from, double to) {
        List<Edit> edits = new ArrayList<>();
        for (OnLine<PassesLayer.Ready> pass : passes(shot)) {
            if (pass.what().start() < to && pass.what().end() > from) {
                Map<String, Double> less = new TreeMap<>();
                pass.what().pass().what().motion().controls().stream()
                        .filter(c -> c.startsWith("head"))
                        .forEach(c -> less.put(c, 0.5 * pass.what().pass().weight(c)));
                if (!less.isEmpty()) {
                    edits.add(repass(shot, pass, p -> p.weighing(less)));
                }
            }
        }
        if (edits.isEmpty()) {
            instincts(shot).ifPresent(i -> {
                InstinctsPlan plan = plan(shot, i);
                double half = plan.instincts().of(Kind.HEAD).amount() / 2;
                edits.add(new ActingEdit.ChangeLayer(
                        shot.line().id(),
                        i,
                        plan.with(plan.instincts()
                                .with(Kind.HEAD, plan.instincts().of(Kind.HEAD).withAmount(half)))));
            });
        }
        return edits.isEmpty() ? liveliness(shot, Kind.HEAD) : new Fix("Half as much of the head", edits);
    }

    /** What brings instincts back that somebody weakened; nothing where they play in full. */
    static Optional<Edit> wholeInstincts(Shot shot) {
        return instincts(shot).flatMap(i -> {
            InstinctsPlan plan = plan(shot, i);
            boolean less = plan.setting().weight().keys().stream().anyMatch(k -> k.value() < 1);
            return less
                    ? Optional.of(new ActingEdit.ChangeLayer(
                            shot.line().id(), i, plan.with(plan.setting().withWeight(LayerSetting.always(1)))))
                    : Optional.empty();
        });
    }

    /** What has to come before marks of a kind are changed: they are taken over unless they are the hand's already. */
    static List<Edit> taken(Shot shot, Kind kind) {
        List<Edit> edits = new ArrayList<>();
        Optional<Integer> there = instincts(shot);
        if (there.isEmpty()) {
            edits.add(new ActingEdit.AddLayer(
                    shot.line().id(), 1, new InstinctsPlan(LayerSetting.of("Instincts", Blend.ADD), 1)));
        } else if (plan(shot, there.get()).setting().muted()) {
            InstinctsPlan plan = plan(shot, there.get());
            edits.add(new ActingEdit.ChangeLayer(
                    shot.line().id(), there.get(), plan.with(plan.setting().withMuted(false))));
        }
        boolean own = there.map(i -> plan(shot, i).own().containsKey(kind)).orElse(false);
        if (!own) {
            edits.add(new MarkEdit.TakeMarks(shot.line().id(), kind, marks(shot, kind)));
        }
        return edits;
    }

    /** The marks of a kind as they are, made by themselves or by hand. */
    static List<Mark> marks(Shot shot, Kind kind) {
        Optional<List<Mark>> own = instincts(shot)
                .map(i -> plan(shot, i).own())
                .filter(o -> o.containsKey(kind))
                .map(o -> o.get(kind));
        return own.orElseGet(() -> shot.performance()
                .flatMap(Performance::life)
                .map(l -> LifeMarks.of(l, kind, shot.words()))
                .orElse(List.of()));
    }

    /** One more blink. */
    static Fix blinkAt(Shot shot, double time) {
        List<Edit> edits = new ArrayList<>(taken(shot, Kind.BLINKS));
        edits.add(new MarkEdit.AddMark(
                shot.line().id(),
                Kind.BLINKS,
                time,
                Mark.figures(Kind.BLINKS).stream().map(Mark.Figure::usual).toList()));
        return new Fix("Blink here", edits);
    }

    /** Looks at the viewer for a stretch. */
    static Fix lookBack(Shot shot, double from, double to) {
        return Fix.of(
                "Look at the viewer", new LookEdit.AddLook(shot.line().id(), from, to, new LookPoint.Viewer(), 0.3));
    }

    /** Which channels belong to the mouth. */
    static Predicate<Channel> ofMouth() {
        return c -> switch (c.group()) {
            case JAW, LIPS, TONGUE -> true;
            default -> false;
        };
    }
}
