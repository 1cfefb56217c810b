package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import java.util.List;

/** Recordings in which speech hardly stands out. Limit: decibels between loud and soft. */
record SoundNoisy(Rule rule) implements Check {
    private static final double LEAST_SECONDS = 1;

    @Override
    public Needs needs() {
        return Needs.SOUND;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Sound sound = shot.voice().orElseThrow().sound();
        if (sound.duration() < LEAST_SECONDS || sound.peak() == 0) {
            return List.of();
        }
        Loudness loudness = shot.voice().orElseThrow().loudness();
        double range = loudness.percentile(0.95) - loudness.percentile(0.05);
        return range >= rule.limit("range_db")
                ? List.of()
                : List.of(shot.noteOfLine(
                        rule,
                        List.of(Mending.askForATake(shot, 0, "the recording is noisy.")),
                        "Loud and soft parts are only %.0f dB apart: the recording is noisy or has no pauses.",
                        range));
    }
}
