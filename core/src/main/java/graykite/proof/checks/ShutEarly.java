package graykite.proof.checks;

import graykite.edit.ReadingEdit;
import graykite.mouth.Beat;
import graykite.mouth.PhoneShape.Closure;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.reading.TimedWord;
import graykite.sound.Loudness;
import java.util.ArrayList;
import java.util.List;

/**
 * Mouths that shut before a pause while the voice still rings. Limits: for how many seconds; the opening in millimetres of lips that
 * look shut; how many decibels under the loudest of its word, and how many above the quiet of the recording, a voice is heard.
 */
record ShutEarly(Rule rule) implements Check {
    /** Seconds of a pause in which it has to have got quiet: what sounds up to the next word is no voice that fades. */
    private static final double QUIET = 0.05;
    /** Decibels by which what comes after a word rises anew, once it has faded: a breath, a click. */
    private static final double RISE = 6;

    private static final double FADED = 12;

    private static final double QUIETEST = 0.05;

    @Override
    public Needs needs() {
        return Needs.LIPS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        List<ProofNote> notes = new ArrayList<>();
        if (shot.voice().isEmpty()) {
            return notes;
        }
        List<Beat> beats = shot.beats().list();
        List<TimedWord> words = shot.timing().words();
        for (int b = 0; b + 1 < beats.size(); b++) {
            Beat beat = beats.get(b);
            if (beat.isSilence() || !beats.get(b + 1).isSilence() || beat.closure() != Closure.NONE) {
                continue;
            }
            boolean wordFollows = beat.word() + 1 < words.size();
            double latest = wordFollows
                    ? words.get(beat.word() + 1).start() - QUIET
                    : shot.timing().duration();
            double heard = heard(shot, words.get(beat.word()), latest);
            if (heard < latest || !wordFollows) {
                addNote(shot, beat, heard, notes);
            }
        }
        return notes;
    }

    /** Until when a word's voice is heard, at the latest to a time. */
    private double heard(Shot shot, TimedWord word, double latest) {
        Loudness loudness = shot.voice().orElseThrow().loudness();
        double loudest = Double.NEGATIVE_INFINITY;
        for (double t = word.start(); t < word.end(); t += Loudness.STEP) {
            loudest = Math.max(loudest, loudness.at(t));
        }
        double limit = Math.max(
                loudest - rule.limit("under_word_db"), loudness.percentile(QUIETEST) + rule.limit("above_quiet_db"));
        double time = word.end();
        double lowest = loudest;
        while (time < latest
                && loudness.at(time) >= limit
                && !(lowest < loudest - FADED && loudness.at(time) > lowest + RISE)) {
            lowest = Math.min(lowest, loudness.at(time));
            time += Loudness.STEP;
        }
        while (time > word.phones().getLast().start() && loudness.at(time) < limit) {
            time -= Loudness.STEP;
        }
        return Math.min(time, latest);
    }

    private void addNote(Shot shot, Beat last, double heard, List<ProofNote> notes) {
        Footage film = shot.film();
        double[] lips = film.lips().orElseThrow();
        TimedWord word = shot.timing().words().get(last.word());
        int first = film.frame(heard) + 1;
        while (first > 0 && film.time(first - 1) > word.start() && lips[first - 1] <= rule.limit("shut_mm")) {
            first--;
        }
        double early = heard - film.time(first);
        if (early < rule.limit("seconds")) {
            return;
        }
        List<Fix> fixes = new ArrayList<>(Mending.mouthToSpeech(shot, film.time(first), heard));
        if (heard > word.end() + Loudness.STEP) {
            fixes.add(Fix.of(
                    "Let the word end with the voice",
                    new ReadingEdit.MoveEnd(shot.line().id(), last.word(), heard)));
        }
        fixes.add(Mending.touch(
                shot,
                "Hold its last sound",
                last.word(),
                last.index(),
                t -> t.withHold(Math.min(2, t.hold() + early))));
        notes.add(shot.note(
                rule,
                film.time(first),
                heard,
                fixes,
                "The mouth is shut %.0f ms before the voice has ended in \u201c%s\u201d.",
                1000 * early,
                Sounds.word(shot, last.word())));
    }
}
