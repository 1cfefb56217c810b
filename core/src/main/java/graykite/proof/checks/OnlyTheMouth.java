package graykite.proof.checks;

import graykite.acting.Instincts.Kind;
import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.rig.Channel;
import java.util.ArrayList;
import java.util.List;

/** Faces in which nothing but the mouth moves while they speak. Limits: for how many seconds; how little counts as moving, as a share of what channels can do. */
record OnlyTheMouth(Rule rule) implements Check {
    private static final double STEP = 0.5;

    @Override
    public Needs needs() {
        return Needs.MOVEMENT;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        List<Channel> channels = shot.character().channels();
        int length = film.count(rule.limit("seconds"));
        int step = film.count(STEP);
        List<ProofNote> notes = new ArrayList<>();
        int first = -1;
        for (int f = 0; f + length <= film.frames(); f += step) {
            boolean speaks = shot.timing().wordAt(film.time(f + length / 2)) >= 0;
            boolean dead =
                    speaks && !film.stirs(f, f + length - 1, c -> livesByItself(channels.get(c)), rule.limit("moves"));
            if (dead && first < 0) {
                first = f;
            }
            boolean ends = !dead || f + step + length > film.frames();
            if (first >= 0 && ends) {
                double from = film.time(first);
                double to = film.time(Math.min(film.frames(), f + length) - 1);
                notes.add(shot.note(
                        rule,
                        from,
                        to,
                        List.of(Mending.liveliness(shot, Kind.values())),
                        "For %.1f s nothing but the mouth moves.",
                        to - from));
                first = -1;
            }
        }
        return notes;
    }

    /** What speech does not move along: cheeks go with a smile. */
    private static boolean livesByItself(Channel channel) {
        return switch (channel.group()) {
            case BROWS, LIDS, EYES, HEAD, BODY -> true;
            default -> false;
        };
    }
}
