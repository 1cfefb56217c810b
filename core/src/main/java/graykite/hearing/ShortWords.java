package graykite.hearing;

import graykite.reading.TimedWord;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.text.Script;
import graykite.text.WordChoice;
import java.util.Arrays;
import java.util.List;

/**
 * How the short words of English sound that speakers add and scripts leave out: articles, prepositions, forms of <i>to be</i>,
 * mostly weak (common practice, from memory). Those that two vowels in a row sound like by themselves (<i>I, we, you, it</i>) are
 * left out.
 */
final class ShortWords {
    private static final List<String> SOUNDS = List.of(
            "DH AH",
            "DH IY",
            "AH",
            "AE N",
            "AH N",
            "AE N D",
            "AH N D",
            "AE T",
            "AH V",
            "T UW",
            "T AH",
            "IH N",
            "AA N",
            "F AO R",
            "F ER",
            "F R AH M",
            "B AY",
            "W IH DH",
            "AE Z",
            "IH Z",
            "W AA Z",
            "B IY",
            "Y AO R",
            "HH IH Z",
            "DH AE T",
            "DH IH S",
            "N AA T",
            "W IH L");

    static final List<Pronunciation> ALL = SOUNDS.stream()
            .map(sounds -> new Pronunciation(
                    Arrays.stream(sounds.split(" ")).map(Phone::valueOf).toList()))
            .toList();

    /** A word of the line that the script does not have, and that is one of these. */
    static final WordChoice UNSCRIPTED = unscripted(ALL);

    private ShortWords() {}

    /** A word that the script does not have. @param pronunciations how it may sound */
    static WordChoice unscripted(List<Pronunciation> pronunciations) {
        Script.Word unknown = new Script.Word(TimedWord.UNSCRIPTED, List.of(TimedWord.UNSCRIPTED), "");
        return new WordChoice(unknown, pronunciations, false);
    }
}
