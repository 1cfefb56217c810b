package graykite.proof.checks;

import graykite.edit.MouthEdit;
import graykite.mouth.Beat;
import graykite.mouth.Diction;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.rig.Channel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Sounds in a row through which the mouth does not move. Limits: how many sounds; for how many seconds; how little counts as moving, in millimetres and as a share of what channels can do. */
record SameShape(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.MOVEMENT;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        Optional<double[]> lips = film.lips();
        List<Channel> channels = shot.character().channels();
        int sounds = (int) rule.limit("sounds");
        List<Beat> beats = shot.beats().list();
        List<ProofNote> notes = new ArrayList<>();
        int b = 0;
        while (b + sounds <= beats.size()) {
            int last = b;
            while (last < beats.size()
                    && !beats.get(last).isSilence()
                    && still(film, lips, channels, beats.get(b), beats.get(last))) {
                last++;
            }
            List<Beat> run = beats.subList(b, Math.max(b, last));
            boolean differ = run.stream()
                            .flatMap(r -> r.targets().stream())
                            .map(Beat.Target::shape)
                            .distinct()
                            .count()
                    > 1;
            double length =
                    run.isEmpty() ? 0 : run.getLast().end() - run.getFirst().start();
            if (run.size() >= sounds && differ && length >= rule.limit("seconds")) {
                notes.add(note(shot, run));
                b = last;
            } else {
                b++;
            }
        }
        return notes;
    }

    private ProofNote note(Shot shot, List<Beat> run) {
        double from = Math.max(0, run.getFirst().start());
        double to = run.getLast().end();
        List<Fix> fixes = new ArrayList<>(Mending.mouthToSpeech(shot, from, to));
        if (!shot.line().mouth().settings().diction().equals(Diction.PLAIN)) {
            fixes.add(Fix.of(
                    "Speak plainly",
                    new MouthEdit.SetMouth(
                            shot.line().id(), shot.line().mouth().settings().withDiction(Diction.PLAIN))));
        }
        Beat middle = run.get(run.size() / 2);
        fixes.add(Mending.touch(
                shot, "Make the middle sound stronger", middle.word(), middle.index(), t -> t.withStrength(1.5)));
        return shot.note(
                rule,
                from,
                to,
                fixes,
                "The mouth stands still through %d sounds, %.2f s, from \u201c%s\u201d on.",
                run.size(),
                to - from,
                Sounds.word(shot, run.getFirst().word()));
    }

    private boolean still(Footage film, Optional<double[]> lips, List<Channel> channels, Beat first, Beat last) {
        int from = film.frame(first.start());
        int to = film.frame(last.end());
        if (film.stirs(from, to, c -> Mending.ofMouth().test(channels.get(c)), rule.limit("share"))) {
            return false;
        }
        if (lips.isEmpty()) {
            return true;
        }
        double low = Double.MAX_VALUE;
        double high = 0;
        for (int f = from; f <= to; f++) {
            low = Math.min(low, lips.get()[f]);
            high = Math.max(high, lips.get()[f]);
        }
        return high - low < rule.limit("moves_mm");
    }
}
