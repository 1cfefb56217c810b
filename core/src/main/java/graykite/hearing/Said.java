package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.reading.TimedWord;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.text.Script;
import graykite.text.WordChoice;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

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

    /** All that was heard, as it was heard. @param script the words that were looked for */
    static Said all(ScriptSearch.Heard heard, List<WordChoice> script) {
        List<WordChoice> choices = new ArrayList<>();
        List<Integer> original = new ArrayList<>();
        Map<Integer, String> texts = heard.byEar().texts();
        for (List<HeardPhone> run : PhoneRuns.runs(heard.phones(), texts.keySet())) {
            int word = run.getFirst().word();
            if (word != HeardPhone.PAUSE) {
                choices.add(
                        word >= 0
                                ? script.get(word)
                                : heardAs(run, texts.getOrDefault(run.getFirst().startFrame(), TimedWord.UNSCRIPTED)));
                original.add(word);
            }
        }
        return new Said(choices, original);
    }

    private static WordChoice heardAs(List<HeardPhone> phones, String text) {
        Pronunciation sounds =
                new Pronunciation(phones.stream().map(HeardPhone::phone).toList());
        return new WordChoice(new Script.Word(text, List.of(text), ""), List.of(sounds), false);
    }

    /** No words. */
    static Said nothing() {
        return new Said(List.of(), List.of());
    }

    /** Words that the script does not have. */
    static Said unscripted(List<WordChoice> words) {
        return new Said(words, Collections.nCopies(words.size(), HeardPhone.UNSCRIPTED));
    }

    /** These words and others after them. */
    Said then(Said next) {
        return new Said(
                Stream.concat(choices.stream(), next.choices.stream()).toList(),
                Stream.concat(original.stream(), next.original.stream()).toList());
    }

    /**
     * What was said of some words of the script, from one index to before another, and between them and their neighbours where those were said
     * too.
     */
    Said between(int first, int end) {
        boolean follows = first == 0 || original.contains(first - 1);
        int from = follows ? 1 + original.lastIndexOf(first - 1) : place(first);
        boolean leads = original.contains(end) || place(end) == original.size();
        int to = place(end);
        while (!leads && to > from && original.get(to - 1) < 0) {
            to--;
        }
        return from < to ? new Said(choices.subList(from, to), original.subList(from, to)) : nothing();
    }

    /** Where the first word of the script is that is not before one; the end where there is none. */
    private int place(int word) {
        int place = 0;
        while (place < original.size() && original.get(place) < word) {
            place++;
        }
        return place;
    }

    /** What unscripted words say where that is known, each by the frame at which it begins. @param heard phones of these words, and pauses */
    Map<Integer, String> texts(List<HeardPhone> heard) {
        Map<Integer, String> texts = new HashMap<>();
        for (List<HeardPhone> word : PhoneRuns.words(heard)) {
            int index = word.getFirst().word();
            String text = choices.get(index).word().written();
            if (original.get(index) == HeardPhone.UNSCRIPTED && !text.equals(TimedWord.UNSCRIPTED)) {
                texts.put(word.getFirst().startFrame(), text);
            }
        }
        return texts;
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
