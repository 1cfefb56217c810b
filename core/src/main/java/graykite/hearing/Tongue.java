package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.text.Pronunciation;
import java.util.List;

/**
 * Whether the words of a script are of the language that the acoustic model was made for. Right words of another language fit
 * their sound less well, so more must be amiss before they are doubted, and what is heard instead must be clearer.
 */
enum Tongue {
    /** The language of the model: English. */
    OWN(
            1.6, // usual line
            5, // words to judge it
            4.1, // middle
            3.6, // suspicious
            115, // spoken
            2, // a frame of unscripted sound
            -10, // its start
            -8), // a missing word
    /**
     * Any other. Right words of people's French, Spanish and Italian announcements stay 3.3 a step below the best in the median,
     * English ones 1.3, wrong ones 7 and 8. The limits were chosen on every third of those recordings and on a twelfth of lines that
     * Dutch actors speak (bench: InexactScripts, PlantedWords).
     */
    OTHER(
            3.3, // usual line
            3, // words to judge it
            6.5, // middle
            5.5, // suspicious
            160, // spoken
            4.2f, // a frame of unscripted sound
            -12, // its start
            -40); // a missing word

    /** So far below the best, a step, is the middle one of an ordinary line's words. */
    private final double usualLine;

    /** Fewer words do not show whether a line is out of the ordinary. */
    private final int wordsToJudge;

    /** So far a step below the best, right and wrong words are equally likely. */
    final double middle;

    /** A word that is further below the best, a step, is not believed without asking whether it was said at all. */
    final double suspicious;

    /**
     * A pause whose sound is in all so much less likely than at best is heard anew. In exact English scripts none had more than 74 on
     * synthetic voices, and three had more than 113 on announcements by people: 121 and 125, in which nothing was found, and 242, in
     * which there is a syllable. In a trial with words left out of those scripts the clearest had 159 to 449.
     */
    final double spoken;

    /**
     * What a frame of unscripted sound costs against the best that phones without words can explain. Chosen, like the two that follow,
     * so that exact scripts lose no word and wrong words give way.
     */
    final float unscriptedFrame;

    /** What it costs to begin a stretch of unscripted sound. */
    final float unscriptedStart;

    /** What it costs to pass over a word. */
    final float wordMissing;

    Tongue(
            double usualLine,
            int wordsToJudge,
            double middle,
            double suspicious,
            double spoken,
            float unscriptedFrame,
            float unscriptedStart,
            float wordMissing) {
        this.usualLine = usualLine;
        this.wordsToJudge = wordsToJudge;
        this.middle = middle;
        this.suspicious = suspicious;
        this.spoken = spoken;
        this.unscriptedFrame = unscriptedFrame;
        this.unscriptedStart = unscriptedStart;
        this.wordMissing = wordMissing;
    }

    /**
     * How far the words of a line are below the best beyond what is usual, a step: what its voice and recording are to blame for, or
     * a spelling that says little.
     *
     * @param words the phones of each
     * @param ceiling by frame, how likely the sound up to it is at best
     * @return 0 for a line of few words, or an ordinary one
     */
    double strangeness(List<List<HeardPhone>> words, double[] ceiling) {
        if (words.size() < wordsToJudge) {
            return 0;
        }
        double[] all = words.stream()
                .mapToDouble(w -> WordFit.below(w, ceiling))
                .sorted()
                .toArray();
        return Math.max(0, all[all.length / 2] - usualLine);
    }

    /** How short words sound that scripts leave out; of other languages none are known, and those of English would put English mouths there. */
    List<Pronunciation> shortWords() {
        return this == OWN ? ShortWords.ALL : List.of();
    }

    /** What of its strangeness is forgiven, a step, before it is asked whether a word was said: nothing in the model's own language, where it is right oftener. */
    double allowance(List<List<HeardPhone>> words, double[] ceiling) {
        return this == OWN ? 0 : strangeness(words, ceiling);
    }
}
