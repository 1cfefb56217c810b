package graykite.hearing;

import graykite.reading.HeardPhone;
import java.util.ArrayList;
import java.util.List;

/**
 * How well a word fits its sound: how far, a step of 10 ms, its likelihood stays below that of the best phone (Witt & Young 2000,
 * goodness of pronunciation), turned into a figure from 0 to 1.
 */
final class WordFit {
    /** How fast a word becomes likelier wrong than right around the middle ({@link Tongue#middle}). */
    private static final double SLOPE = 0.8;
    /** What right words usually are below the best, a step. */
    private static final double USUAL = 1.16;
    /** So many frames make a word certain; what shorter ones show is partly chance. */
    private static final double ENOUGH = 40;

    /** A voice or microphone that the model fits badly is forgiven by this share, where enough words show it. */
    private static final double FORGIVEN = 0.5;

    /** Beside sound that nothing in the script explains a word is likelier to have been laid over something else. */
    private static final double BESIDE_UNSCRIPTED = 2.8;

    private WordFit() {}

    /**
     * @param phones of one word, as heard
     * @param ceiling by frame, how likely the sound up to it is at best
     * @param strangeness of the line ({@link Tongue#strangeness})
     * @param beside true when sound that is not in the script comes right before or after
     */
    static double of(List<HeardPhone> phones, double[] ceiling, double strangeness, boolean beside, Tongue tongue) {
        double below = below(phones, ceiling) - FORGIVEN * strangeness;
        // Only measured for the model's own language.
        boolean likelierWrong = beside && tongue == Tongue.OWN;
        return fit(phones, below, likelierWrong ? tongue.middle - BESIDE_UNSCRIPTED : tongue.middle);
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
    static boolean isSpoken(HeardPhone pause, double[] ceiling, Tongue tongue) {
        return lack(List.of(pause), ceiling) > tongue.spoken;
    }

    /**
     * True when it should be asked whether a word was said at all.
     *
     * @param allowance what is forgiven, a step
     */
    static boolean isSuspicious(List<HeardPhone> word, double[] ceiling, Tongue tongue, double allowance) {
        return below(word, ceiling) > tongue.suspicious + allowance;
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
