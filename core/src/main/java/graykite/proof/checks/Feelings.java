package graykite.proof.checks;

import graykite.acting.Clip;
import graykite.acting.ClipsLayer;
import graykite.acting.InstinctsPlan;
import graykite.acting.Performed;
import graykite.edit.ActingEdit;
import graykite.proof.Fix;
import graykite.proof.Shot;
import graykite.proof.checks.Mending.OnLine;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What clips of a line feel. */
final class Feelings {
    private Feelings() {}

    /** The expression of a clip on the line's character; at rest for performances. */
    static Pose pose(Shot shot, ClipsLayer.Ready clip) {
        Clip.Content content = clip.clip().look().content();
        return content instanceof Performed ? Pose.REST : content.on(shot.character());
    }

    /** True when a feeling at a time opens the eyes wide by itself. */
    static boolean widen(Shot shot, double time) {
        return Mending.clips(shot).stream()
                .filter(c -> c.what().start() <= time && time <= c.what().end())
                .map(c -> pose(shot, c.what()).values())
                .anyMatch(v ->
                        v.getOrDefault("upperLidRaiser", 0.0) > 0.2 || v.getOrDefault("upperLidRaiser.L", 0.0) > 0.2);
    }

    /** Less of whatever opens the eyes: a performance's lids, or what the mood of the voice does. */
    static List<Fix> lessOfLids(Shot shot, double from, double to) {
        List<Fix> fixes = new ArrayList<>();
        Mending.passes(shot).stream()
                .filter(p -> p.what().start() < to && p.what().end() > from)
                .filter(p -> p.what().pass().what().motion().controls().stream()
                        .anyMatch(c -> c.startsWith("upperLidRaiser")))
                .forEach(p -> fixes.add(Fix.of(
                        "Half as much of the lids",
                        Mending.repass(
                                shot,
                                p,
                                q -> q.weighing(Map.of(
                                        "upperLidRaiser.L",
                                        0.5 * q.weight("upperLidRaiser.L"),
                                        "upperLidRaiser.R",
                                        0.5 * q.weight("upperLidRaiser.R")))))));
        Mending.instincts(shot).ifPresent(i -> {
            InstinctsPlan plan = (InstinctsPlan) shot.line().layers().plans().get(i);
            fixes.add(Fix.of(
                    "Switch the mood of the voice off",
                    new ActingEdit.ChangeLayer(
                            shot.line().id(), i, plan.with(plan.instincts().withMood(0)))));
        });
        if (fixes.isEmpty()) {
            fixes.add(Mending.blinkAt(shot, (from + to) / 2));
        }
        return fixes;
    }

    /** The topmost clips that lie over a time, the topmost first. */
    static List<OnLine<ClipsLayer.Ready>> at(Shot shot, double from, double to) {
        List<OnLine<ClipsLayer.Ready>> all = new ArrayList<>(Mending.clips(shot).stream()
                .filter(c -> c.what().start() < to && c.what().end() > from)
                .toList());
        return all.reversed();
    }
}
