package graykite.hearing;

import graykite.reading.HeardPhone;
import java.util.ArrayList;
import java.util.List;

/**
 * How well a word fits its sound: how far, a step of 10 ms, its likelihood stays below that of the best phone (Witt & Young 2000,
 * goodness of pronunciation), turned into a figure from 0 to 1.
 */
final class WordFit {
    /** Below the best by so much a step, right and wrong words are equally likely, and how fast that turns. */
    private static final double MIDDLE = 4.1;
    /** The same for words of a language that the acoustic model was not made for. */
    private static final double MIDDLE_FOREIGN = 7.5;

    private static final double SLOPE = 0.8;
    /** What right words usually are below the best, a step. */
    private static final double USUAL = 1.16;
    /** So many frames make a word certain; what shorter ones show is partly chance. */
    private static final double ENOUGH = 40;

    /** What the middle one of a line's words usually is below the best, a step. */
    private static final double USUAL_LINE = 1.6;
    /** A voice or microphone that the model fits badly is forgiven by this share, where enough words show it. */
    private static final double FORGIVEN = 0.5;

    private static final int WORDS_TO_JUDGE = 5;
    /** Beside sound that nothing in the script explains a word is likelier to have been laid over something else. */
    private static final double BESIDE_UNSCRIPTED = 2.8;

    /** A word that is further below the best, a step, is not believed without asking whether it was said at all. */
    private static final double SUSPICIOUS = 3.6;

    /**
     * A pause whose sound is in all so much less likely than at best is heard anew. In exact scripts none had more than 74 on synthetic
     * voices, and three had more than 113 on announcements by people: 121 and 125, in which nothing was found, and 242, in which there is
     * a syllable. In a trial with words left out of those scripts the clearest had 159 to 449.
     */
    private static final double SPOKEN = 115;

    private WordFit() {}

    /**
     * How far the words of a line are below the best beyond what is usual, a step: what its voice and recording are to blame for.
     *
     * @param words the phones of each
     * @param ceiling by frame, how likely the sound up to it is at best
     * @return 0 for a line of few words, or of an ordinary voice
     */
    static double strangeness(List<List<HeardPhone>> words, double[] ceiling) {
        double[] all =
                words.stream().mapToDouble(w -> below(w, ceiling)).sorted().toArray();
        return all.length < WORDS_TO_JUDGE ? 0 : Math.max(0, all[all.length / 2] - USUAL_LINE);
    }

    /**
     * @param phones of one word, as heard
     * @param ceiling by frame, how likely the sound up to it is at best
     * @param strangeness of the line
     * @param beside true when sound that is not in the script comes right before or after
     */
    static double of(List<HeardPhone> phones, double[] ceiling, double strangeness, boolean beside) {
        double below = below(phones, ceiling) - FORGIVEN * strangeness;
        return fit(phones, below, beside ? MIDDLE - BESIDE_UNSCRIPTED : MIDDLE);
    }

    /** The same for a word of another language than that of the acoustic model. */
    static double foreign(List<HeardPhone> phones, double[] ceiling) {
        return fit(phones, below(phones, ceiling), MIDDLE_FOREIGN);
    }

    private static double fit(List<HeardPhone> phones, double below, double middle) {
        int frames = phones.getLast().endFrame() - phones.getFirst().startFrame();
        double certainty = Math.min(1, Math.sqrt(frames / ENOUGH));
        return 1 / (1 + Math.exp((USUAL + certainty * (below - USUAL) - middle) / SLOPE));
    }

    /** By how much a step the phones are less likely than the best. */
    static double below(List<HeardPhone> phones, double[] ceiling) {
        int start = phones.getFirst().startFrame();
        int end = phones.getLast().endFrame();
        double best = ceiling[end - 1] - (start > 0 ? ceiling[start - 1] : 0);
        return (best - HeardPhone.likelihood(phones)) * Aligner.STEP / Math.max(1, end - start);
    }

    /** By how much in all the phones are less likely than the best. */
    static double lack(List<HeardPhone> phones, double[] ceiling) {
        int frames = phones.getLast().endFrame() - phones.getFirst().startFrame();
        return below(phones, ceiling) * frames / Aligner.STEP;
    }

    /** True when a pause can hardly be one. */
    static boolean isSpoken(HeardPhone pause, double[] ceiling) {
        return lack(List.of(pause), ceiling) > SPOKEN;
    }

    /** True when it should be asked whether a word was said at all. */
    static boolean isSuspicious(List<HeardPhone> word, double[] ceiling) {
        return below(word, ceiling) > SUSPICIOUS;
    }

    /** The phones of each word of the script. */
    static List<List<HeardPhone>> words(List<HeardPhone> heard) {
        return runs(heard).stream().filter(r -> r.getFirst().word() >= 0).toList();
    }

    /** The phones of each word, pause, and stretch that the script does not have. */
    static List<List<HeardPhone>> runs(List<HeardPhone> heard) {
        List<List<HeardPhone>> runs = new ArrayList<>();
        int i = 0;
        while (i < heard.size()) {
            int from = i;
            while (i < heard.size() && heard.get(i).word() == heard.get(from).word()) {
                i++;
            }
            runs.add(heard.subList(from, i));
        }
        return runs;
    }
}
