package graykite.hearing;

import graykite.reading.HeardPhone;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How well the words of a line fit their sound, each from 0 to 1: what is far less likely than the best phones would be was not said
 * (Witt & Young 2000, goodness of pronunciation). What a whole line is unusual by is its voice's or its recording's, and in part
 * forgiven.
 */
final class LineFit {
    /** A voice or microphone that the model fits badly is forgiven by this share, where enough words show it. */
    private static final double FORGIVEN = 0.5;
    /** So many frames make a word certain; what shorter ones show is partly chance. */
    private static final double ENOUGH = 40;
    /** Frames of a phone that was pressed into no time at all: 30 ms. */
    private static final int SQUEEZED = 6;
    /** What is known of any line before it is heard: of so many phones so many are as brief. */
    private static final double USUAL_PHONES = 20;

    private static final double USUALLY_SQUEEZED = 3;

    /** More evidence, in natural logarithm of the odds, is not believed. */
    private static final double MOST_EVIDENCE = 1.5;

    /** What it counts, in natural logarithm of the odds, that a trained ear heard a word too. Chosen: odds that were even at 4.1 below the best, a step, are so at 6.5. */
    private static final double CONFIRMED = 3;

    private final double[] ceiling;
    private final Tongue tongue;
    private final double strangeness;
    private final int phones;
    private final int squeezed;

    /**
     * @param heard phones and pauses of the line
     * @param ceiling by frame, how likely the sound up to it is at best
     */
    LineFit(List<HeardPhone> heard, double[] ceiling, Tongue tongue) {
        this.ceiling = ceiling;
        this.tongue = tongue;
        List<List<HeardPhone>> words = PhoneRuns.words(heard);
        strangeness = tongue.strangeness(
                words.stream().mapToDouble(w -> PhoneRuns.below(w, ceiling)).toArray());
        phones = words.stream().mapToInt(List::size).sum();
        squeezed = words.stream().mapToInt(LineFit::squeezed).sum();
    }

    /** What of the line's strangeness is forgiven, a step, before it is asked whether a word was said: nothing in the model's own language, where it is right oftener. */
    double allowance() {
        return tongue == Tongue.OWN ? 0 : strangeness;
    }

    /** True when the line fits worse throughout than lines usually do: its recording or its voice is hard to hear. */
    boolean isStrange() {
        return strangeness > 0;
    }

    /**
     * How well each word that was heard fits, by its index in the script.
     *
     * @param heard phones of words, of unscripted words, and pauses
     * @param count of the words of the script
     * @param confirmed indices of the words that a trained ear heard too
     */
    Map<Integer, Double> words(List<HeardPhone> heard, int count, Set<Integer> confirmed) {
        List<List<HeardPhone>> runs = PhoneRuns.runs(heard);
        Set<Integer> blamed = UnexplainedSound.blamed(runs, count, word -> tongue.evidence.against(signs(word), false));
        Map<Integer, Double> fits = new HashMap<>();
        for (List<HeardPhone> run : runs) {
            int word = run.getFirst().word();
            if (word >= 0) {
                fits.put(word, of(run, blamed.contains(word), confirmed.contains(word)));
            }
        }
        return fits;
    }

    /** True when it should be asked whether a word was said at all. */
    boolean isSuspicious(List<HeardPhone> word) {
        return PhoneRuns.below(word, ceiling) > tongue.suspicious + allowance();
    }

    /** What it costs to pass over a word. */
    double missing(List<HeardPhone> word) {
        double against = Math.clamp(tongue.evidence.against(signs(word), false), -MOST_EVIDENCE, MOST_EVIDENCE);
        return tongue.wordMissing + tongue.missingByEvidence * against;
    }

    /** True when a pause can hardly be one. */
    boolean isSpoken(HeardPhone pause) {
        return PhoneRuns.lack(List.of(pause), ceiling) > tongue.spoken;
    }

    /**
     * From 0, surely not what was said, to 1.
     *
     * @param word its phones, as heard
     * @param blamed true when it answers for sound beside it that the script does not explain
     * @param confirmed true when a trained ear heard it too
     */
    double of(List<HeardPhone> word, boolean blamed, boolean confirmed) {
        double against = tongue.evidence.against(signs(word), blamed) - (confirmed ? CONFIRMED : 0);
        return 1 / (1 + Math.exp(against));
    }

    WordSigns signs(List<HeardPhone> word) {
        double certainty = Math.min(1, Math.sqrt(PhoneRuns.frames(word) / ENOUGH));
        int own = squeezed(word);
        double usual = (squeezed - own + USUALLY_SQUEEZED) / (phones - word.size() + USUAL_PHONES);
        return new WordSigns(
                PhoneRuns.below(word, ceiling) - FORGIVEN * strangeness,
                certainty,
                (own - usual * word.size()) / Math.sqrt(word.size()));
    }

    private static int squeezed(List<HeardPhone> word) {
        return (int) word.stream()
                .filter(p -> p.endFrame() - p.startFrame() <= SQUEEZED)
                .count();
    }
}
