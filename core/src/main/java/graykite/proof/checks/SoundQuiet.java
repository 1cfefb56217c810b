package graykite.proof.checks;

import graykite.edit.LineEdit;
import graykite.project.Voice;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.List;

/** Recordings that nobody hears. Limit: the least peak, in decibels under full scale. */
record SoundQuiet(Rule rule) implements Check {
    private static final double WANTED = -6;

    @Override
    public Needs needs() {
        return Needs.SOUND;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        float peak = shot.voice().orElseThrow().sound().peak();
        double decibels = 20 * Math.log10(Math.max(1e-6, peak));
        if (decibels >= rule.limit("peak_db")) {
            return List.of();
        }
        double gain = Math.clamp(shot.line().voice().gain() + WANTED - decibels, -Voice.MOST_GAIN, Voice.MOST_GAIN);
        Fix fix = peak == 0
                ? Mending.askForATake(shot, 0, "the recording is silent.")
                : Fix.of("Make it louder", new LineEdit.SetGain(shot.line().id(), gain));
        return List.of(shot.noteOfLine(
                rule, List.of(fix), "The recording is nearly silent: its loudest moment is at %.0f dB.", decibels));
    }
}
