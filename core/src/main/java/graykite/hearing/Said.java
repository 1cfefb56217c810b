package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.text.WordChoice;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What was really said, as words to be found: those of the script that were heard, and between them unscripted ones with the
 * phones that their sound gave, or those of a short word.
 *
 * @param choices in order of time
 * @param original for each of them the index in the script, or {@link HeardPhone#UNSCRIPTED}
 */
record Said(List<WordChoice> choices, List<Integer> original) {
    /**
     * @param heard phones of words, of unscripted words, and pauses
     * @param script the words that were looked for
     * @param shortWords how unscripted words may sound besides
     */
    static Said of(List<HeardPhone> heard, List<WordChoice> script, List<Pronunciation> shortWords) {
        List<WordChoice> choices = new ArrayList<>();
        List<Integer> original = new ArrayList<>();
        for (List<HeardPhone> run : PhoneRuns.runs(heard)) {
            int word = run.getFirst().word();
            if (word >= 0) {
                choices.add(script.get(word));
                original.add(word);
            } else if (word == HeardPhone.UNSCRIPTED) {
                List<Phone> phones = run.stream().map(HeardPhone::phone).toList();
                Set<Pronunciation> sounds = new LinkedHashSet<>(List.of(new Pronunciation(phones)));
                sounds.addAll(shortWords);
                choices.add(ShortWords.unscripted(List.copyOf(sounds)));
                original.add(HeardPhone.UNSCRIPTED);
            }
        }
        return new Said(choices, original);
    }

    /** What was heard of these words, with the indices of the script. */
    List<HeardPhone> restored(List<HeardPhone> heard) {
        return heard.stream()
                .map(p -> new HeardPhone(
                        p.word() < 0 ? p.word() : original.get(p.word()),
                        p.variant(),
                        p.index(),
                        p.phone(),
                        p.startFrame(),
                        p.endFrame(),
                        p.score()))
                .toList();
    }
}
