package graykite.proof.checks;

import graykite.acting.Clip;
import graykite.acting.ClipsLayer;
import graykite.edit.Edit;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.checks.Mending.OnLine;
import graykite.rig.Channel;
import graykite.rig.Channel.Group;
import graykite.rig.Character;
import graykite.rig.Roles;
import java.util.ArrayList;
import java.util.List;

/** Faces that change within a frame: clips that come or go at once, and anything else that leaps. Limit: share of its range that a channel goes in a frame. */
record Jump(Rule rule) implements Check {
    private static final double HEAD_DEGREES = 10;

    @Override
    public Needs needs() {
        return Needs.MOVEMENT;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double frame = film.rate().frameLength();
        List<ProofNote> notes = new ArrayList<>();
        for (OnLine<ClipsLayer.Ready> clip : Mending.clips(shot)) {
            ClipsLayer.Ready at = clip.what();
            boolean still = Feelings.pose(shot, at).values().isEmpty();
            boolean in = at.fadeIn() < frame;
            if (!still && (in || at.fadeOut() < frame)) {
                double time = in ? at.start() : at.foot() + at.fadeOut();
                Edit eased = Mending.change(
                        shot,
                        clip,
                        l -> l.withEases(
                                Math.max(l.easeIn(), Clip.USUAL_EASE), Math.max(l.easeOut(), Clip.USUAL_EASE)));
                notes.add(shot.note(
                        rule,
                        time,
                        time + frame,
                        List.of(Fix.of("Ease it", eased)),
                        "%s %s within a frame.",
                        at.clip().look().content().name(),
                        in ? "comes" : "goes"));
            }
        }
        leaps(shot, film, notes);
        return notes;
    }

    private void leaps(Shot shot, Footage film, List<ProofNote> notes) {
        List<Channel> channels = shot.character().channels();
        double[] most = channels.stream().mapToDouble(c -> most(shot, c)).toArray();
        for (int c = 0; c < most.length; c++) {
            for (int f = 0; most[c] < Double.MAX_VALUE && f + 1 < film.frames(); f++) {
                double way = Math.abs(film.value(f + 1, c) - film.value(f, c));
                double time = film.time(f);
                if (way > most[c] && notes.stream().noneMatch(n -> Math.abs(n.time() - time) < 0.15)) {
                    notes.add(shot.note(
                            rule,
                            time,
                            film.time(f + 1),
                            fixes(shot, time),
                            "%s leaps by %.1f within a frame.",
                            channels.get(c).name(),
                            way));
                }
            }
        }
    }

    /** How far a channel may go within a frame; as far as it likes for eyes and lids, which dart, and for drawings. */
    private double most(Shot shot, Channel channel) {
        boolean drawn = shot.character().kind() == Character.Kind.DRAWN && channel.group() != Group.HEAD;
        return drawn
                ? Double.MAX_VALUE
                : switch (channel.group()) {
                    case BROWS, CHEEKS -> rule.limit("share") * (channel.max() - channel.min());
                    case HEAD, BODY -> Roles.turns(channel.name()) ? HEAD_DEGREES : Double.MAX_VALUE;
                    default -> Double.MAX_VALUE;
                };
    }

    /** Passes come and go more slowly; what leaps within one is made smoother. */
    private static List<Fix> fixes(Shot shot, double time) {
        List<Fix> fixes = new ArrayList<>();
        Mending.passes(shot).stream()
                .filter(p -> p.what().start() - 0.1 < time && p.what().end() + 0.1 > time)
                .forEach(p -> fixes.add(Fix.of(
                        "Ease the pass and smooth it",
                        Mending.repass(shot, p, q -> Smoothing.of(q).withEase(Math.max(0.2, q.ease()))))));
        if (fixes.isEmpty()) {
            fixes.add(Mending.calmerHead(shot, time, time));
        }
        return fixes;
    }
}
