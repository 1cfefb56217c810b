package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.sound.SoundHealth;
import java.util.List;

/** Recordings that were too loud for what took them. */
record SoundClipped(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.SOUND;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        List<Double> places = SoundHealth.clipped(shot.voice().orElseThrow().sound());
        if (places.isEmpty()) {
            return List.of();
        }
        String why = "the recording is clipped.";
        return List.of(shot.note(
                rule,
                places.getFirst(),
                places.getLast(),
                List.of(Mending.askForATake(shot, places.getFirst(), why)),
                "The recording is clipped in %d %s, first here.",
                places.size(),
                places.size() == 1 ? "place" : "places"));
    }
}
