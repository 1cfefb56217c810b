package graykite.hearing;

import graykite.text.Pronunciation;
import java.util.Arrays;
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
            WordEvidence.OF_OWN,
            3.6, // suspicious
            115, // spoken
            2, // a frame of unscripted sound
            -10, // its start
            -8, // a missing word
            0, // how much what speaks against it changes that
            90), // the beam
    /**
     * Any other. Right words of people's French, Spanish and Italian announcements stay 3.3 a step below the best in the median,
     * English ones 1.3, wrong ones 7 and 8; what some of their sounds are also heard as brings the right ones nearer by a third of a
     * step. The limits were chosen on every third of those recordings, every eighth phrase of a painting program in French and
     * Spanish and every fourteenth line that Dutch actors speak (bench: InexactScripts, PlantedWords).
     */
    OTHER(
            3.3, // usual line
            3, // words to judge it
            WordEvidence.OF_OTHERS,
            4.8, // suspicious
            160, // spoken
            3.8f, // a frame of unscripted sound
            -12, // its start
            -48, // a missing word
            15, // how much what speaks against it changes that
            400), // the beam
    /**
     * Any other, and a trained ear hears its phones too. What unscripted sound costs was chosen on every third of the announcements, heard by
     * an ear that had not met them.
     */
    OTHER_TRAINED(OTHER, WordEvidence.OF_OTHERS_TRAINED, 4.4f);

    /** So far below the best, a step, is the middle one of an ordinary line's words. */
    private final double usualLine;

    /** Fewer words do not show whether a line is out of the ordinary. */
    private final int wordsToJudge;

    /** What speaks against a word. */
    final WordEvidence evidence;

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

    /** What it costs to pass over a word against which as much speaks as for it. */
    final float wordMissing;

    /** What becomes cheaper by each unit of what speaks against a word. */
    final double missingByEvidence;

    /**
     * Paths that are further below the best one are not followed, unless none comes through. The dearer a word is that is passed over, and sound
     * that is in no script, the further below is the right path until it is past them: of scripts with wrong words in other languages
     * one word in twenty-five lost its place at 90.
     */
    final double beam;

    /** Like another but for the evidence and what a frame of unscripted sound costs. */
    Tongue(Tongue like, WordEvidence evidence, float unscriptedFrame) {
        this(
                like.usualLine,
                like.wordsToJudge,
                evidence,
                like.suspicious,
                like.spoken,
                unscriptedFrame,
                like.unscriptedStart,
                like.wordMissing,
                like.missingByEvidence,
                like.beam);
    }

    Tongue(
            double usualLine,
            int wordsToJudge,
            WordEvidence evidence,
            double suspicious,
            double spoken,
            float unscriptedFrame,
            float unscriptedStart,
            float wordMissing,
            double missingByEvidence,
            double beam) {
        this.usualLine = usualLine;
        this.wordsToJudge = wordsToJudge;
        this.evidence = evidence;
        this.suspicious = suspicious;
        this.spoken = spoken;
        this.unscriptedFrame = unscriptedFrame;
        this.unscriptedStart = unscriptedStart;
        this.wordMissing = wordMissing;
        this.missingByEvidence = missingByEvidence;
        this.beam = beam;
    }

    /**
     * How far the words of a line are below the best beyond what is usual, a step: what its voice and recording are to blame for, or
     * a spelling that says little.
     *
     * @param below of each word
     * @return 0 for a line of few words, or an ordinary one
     */
    double strangeness(double[] below) {
        if (below.length < wordsToJudge) {
            return 0;
        }
        double[] all = below.clone();
        Arrays.sort(all);
        return Math.max(0, all[all.length / 2] - usualLine);
    }

    /** How short words sound that scripts leave out; of other languages none are known, and those of English would put English mouths there. */
    List<Pronunciation> shortWords() {
        return this == OWN ? ShortWords.ALL : List.of();
    }
}
