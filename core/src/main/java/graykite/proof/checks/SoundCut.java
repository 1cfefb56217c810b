package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.sound.Loudness;
import java.util.ArrayList;
import java.util.List;

/** Recordings that begin or end in the middle of a sound. Limit: so many decibels under the speech an end must lie. */
record SoundCut(Rule rule) implements Check {
    private static final double END = 0.03;

    @Override
    public Needs needs() {
        return Needs.SOUND;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Loudness loudness = shot.voice().orElseThrow().loudness();
        double length = shot.voice().orElseThrow().sound().duration();
        double speech = loudness.percentile(0.9);
        List<ProofNote> notes = new ArrayList<>();
        for (boolean head : new boolean[] {true, false}) {
            double over = loudness.at(head ? END / 2 : length - END / 2) - speech;
            if (over > -rule.limit("under_speech_db")) {
                String where = head ? "begins" : "ends";
                double time = head ? 0 : length;
                notes.add(shot.note(
                        rule,
                        time,
                        time,
                        List.of(Mending.askForATake(shot, time, "this one " + where + " in the middle of a sound.")),
                        "The recording %s in the middle of a sound, %.0f dB under its loud parts.",
                        where,
                        Math.max(0, -over)));
            }
        }
        return notes;
    }
}
