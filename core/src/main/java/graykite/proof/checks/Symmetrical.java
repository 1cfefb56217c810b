package graykite.proof.checks;

import graykite.acting.Clip;
import graykite.acting.ClipsLayer;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.checks.Mending.OnLine;
import graykite.rig.Channel;
import graykite.rig.Pose;
import graykite.rig.Sides;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Expressions that are the same left and right. Limits: for how many seconds; from which amount on; by how much sides differ at least. */
record Symmetrical(Rule rule) implements Check {
    private static final double MORE = 1.08;
    private static final double LESS = 0.9;

    @Override
    public Needs needs() {
        return Needs.MOVEMENT;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        List<ProofNote> notes = new ArrayList<>();
        for (OnLine<ClipsLayer.Ready> clip : Mending.clips(shot)) {
            double from = clip.what().start() + clip.what().fadeIn();
            double to = clip.what().foot();
            Pose pose = Feelings.pose(shot, clip.what());
            if (to - from < rule.limit("seconds") || pose.values().isEmpty() || differs(shot, pose, film, from, to)) {
                continue;
            }
            notes.add(shot.note(
                    rule,
                    clip.what().start(),
                    clip.what().end(),
                    List.of(Fix.of(
                            "More on one side",
                            Mending.change(
                                    shot,
                                    clip,
                                    l -> l.withAmounts(Math.min(Clip.MOST, MORE * l.left()), LESS * l.right())))),
                    "%s is the same on both sides of the face for %.1f s.",
                    clip.what().clip().look().content().name(),
                    to - from));
        }
        return notes;
    }

    /** True when some pair that the expression moves is not moved alike, or it moves no pair far enough to tell. */
    private boolean differs(Shot shot, Pose pose, Footage film, double from, double to) {
        double[] own = shot.character().values(pose);
        List<Channel> channels = shot.character().channels();
        Map<String, Integer> index = shot.character().channelIndex();
        boolean any = false;
        for (int c = 0; c < own.length; c++) {
            Integer other = index.get(Sides.other(channels.get(c).name()));
            if (other == null || other == c || Math.abs(own[c]) < rule.limit("amount")) {
                continue;
            }
            any = true;
            double range = channels.get(c).max() - channels.get(c).min();
            for (int f = film.frame(from); f <= film.frame(to); f++) {
                if (Math.abs(film.value(f, c) - film.value(f, other)) > rule.limit("differs") * range) {
                    return true;
                }
            }
        }
        return !any;
    }
}
