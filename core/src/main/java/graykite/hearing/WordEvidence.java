package graykite.hearing;

/**
 * What the signs of a word weigh, in natural logarithms of the odds that it was not said.
 *
 * @param below what being less likely than the best counts, a step
 * @param certain what it counts besides where it is certain
 * @param usual what right words are less likely by, so that it does not count there
 * @param squeezed what being squeezed counts
 * @param blamed what it counts that the word answers for sound beside it that is not in the script
 * @param base what speaks against any word
 */
record WordEvidence(double below, double certain, double usual, double squeezed, double blamed, double base) {
    /** Of the model's own language: even odds for a word of enough frames that is 4.1 below, or 1.3 where it answers for unscripted sound. */
    static final WordEvidence OF_OWN = new WordEvidence(0, 1.25, 1.16, 0, 3.5, -3.675);

    /**
     * Of other languages, learnt from every fourth of 851 French and 820 Spanish phrases and 1,518 lines of Dutch actors with a tenth of
     * the words replaced ({@code ./kite bench learn-doubts}). The base was then raised by 1.4: more words are pointed at than are likelier
     * wrong than right. Being far below counts little in a brief word. What unexplained sound counts was chosen, out of 1, 1.4, 2 and 3, on
     * every third announcement, eighth phrase and fourteenth Dutch line, heard with a trained ear.
     */
    static final WordEvidence OF_OTHERS = new WordEvidence(-0.212, 0.606, 0, 1.298, 2, -2.5);

    /**
     * The same with a trained ear that had not met those speakers, learnt from the same recordings; the base was then raised by 1.9, with
     * every third announcement and the Dutch lines in view.
     */
    static final WordEvidence OF_OTHERS_TRAINED = new WordEvidence(-0.265, 0.811, 0, 1.544, 2, -3);

    double against(WordSigns signs, boolean isBlamed) {
        return base
                + below * signs.below()
                + certain * signs.certainty() * (signs.below() - usual)
                + squeezed * signs.squeezed()
                + (isBlamed ? blamed : 0);
    }
}
