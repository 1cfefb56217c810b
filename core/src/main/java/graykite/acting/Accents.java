package graykite.acting;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Loudness;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The syllables of a line that are stressed by their loudness. */
final class Accents {
    /** Decibels over the usual loudness at which a syllable is as strong as can be. */
    private static final double STRONGEST = 9;

    private static final double LEAST = 0.35;

    private Accents() {}

    /**
     * A stressed syllable.
     *
     * @param word index of its word
     * @param time shortly after its vowel begins, when it is heard
     * @param strength 0 to 1
     */
    record Accent(int word, double time, double strength) {}

    /** At most one a word, in the order of time. */
    static List<Accent> of(Timing timing, Loudness loudness) {
        double usual = loudness.percentile(0.6);
        List<Accent> accents = new ArrayList<>();
        for (int w = 0; w < timing.words().size(); w++) {
            Optional<TimedPhone> loudest = loudestVowel(timing.words().get(w), loudness);
            if (loudest.isEmpty()) {
                continue;
            }
            TimedPhone vowel = loudest.get();
            double strength = Math.clamp((loudness.at(vowel.range().middle()) - usual) / STRONGEST, 0, 1);
            if (strength >= LEAST) {
                accents.add(new Accent(w, vowel.start() + 0.3 * vowel.length(), strength));
            }
        }
        return accents;
    }

    private static Optional<TimedPhone> loudestVowel(TimedWord word, Loudness loudness) {
        TimedPhone best = null;
        for (TimedPhone phone : word.phones()) {
            boolean louder = best == null
                    || loudness.at(phone.range().middle())
                            > loudness.at(best.range().middle());
            if (phone.phone().isVowel() && louder) {
                best = phone;
            }
        }
        return Optional.ofNullable(best);
    }
}
