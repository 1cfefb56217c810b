package graykite.hearing;

import graykite.base.Progress;
import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.text.Pronunciation;
import graykite.text.WordChoice;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Finds short words that are spoken but not in the script. Their neighbours stretch over them and still fit well enough to be
 * believed, so where two words meet and the sounds there leave something to be desired, it is asked whether they are likelier with
 * such a word between them; where a phrase begins, with such a word before it.
 */
final class SwallowedWords {
    /**
     * Natural logarithm of how much likelier the sounds at a border must be with a word between them. Chosen on synthetic voices: hardly
     * a border of an exact script is, of those at which a short word was left out seven in ten (docs/benchmarks.md).
     */
    private static final double GAIN = 35;

    /** The same after a pause: with 35, one of 199 exact announcements gained a word that is not there. */
    private static final double GAIN_AFTER_PAUSE = 45;

    /** Sounds on either side of a border that are heard again. */
    private static final int NEAR = 2;

    private final Aligner aligner;
    private final Features features;
    private final List<WordChoice> choices;
    private final Pins pins;

    /** @param pins words that were set by hand stay as they are */
    SwallowedWords(Aligner aligner, Features features, List<WordChoice> choices, Pins pins) {
        this.aligner = aligner;
        this.features = features;
        this.choices = choices;
        this.pins = pins;
    }

    /** Where a word may have been swallowed, by the phones of the words around it: of two that meet, or none and one that follows a pause. */
    private record Border(List<HeardPhone> before, List<HeardPhone> after) {
        Doubtful stretch() {
            List<HeardPhone> phones = phones();
            return new Doubtful(
                    phones.getFirst().word(),
                    phones.getLast().word(),
                    phones.getFirst().startFrame(),
                    phones.getLast().endFrame());
        }

        /** The sounds next to it on either side. */
        Border near() {
            return new Border(
                    before.subList(Math.max(0, before.size() - NEAR), before.size()),
                    after.subList(0, Math.min(after.size(), NEAR)));
        }

        /** How much likelier the sounds must be with another word. */
        double gain() {
            return before.isEmpty() ? GAIN_AFTER_PAUSE : GAIN;
        }

        List<HeardPhone> phones() {
            return Stream.concat(before.stream(), after.stream()).toList();
        }

        /** One thing for each word at the border, and another one for what may come before the second. */
        <T> List<T> around(Function<List<HeardPhone>, T> word, Stream<T> between) {
            Stream<T> first = before.isEmpty() ? Stream.empty() : Stream.of(word.apply(before));
            return Stream.of(first, between, Stream.of(word.apply(after)))
                    .flatMap(s -> s)
                    .toList();
        }
    }

    /** What was heard, with the words that were swallowed. */
    ScriptSearch.Heard foundIn(ScriptSearch.Heard heard, Progress progress) {
        List<HeardPhone> all = heard.phones();
        List<List<HeardPhone>> runs = PhoneRuns.runs(all);
        for (int i = 0; i < runs.size(); i++) {
            progress.step(i / (double) runs.size());
            // Where no word between them makes the sounds likelier than at best, none is asked for.
            Optional<Border> border = border(runs, i)
                    .filter(b -> PhoneRuns.lack(b.near().phones(), heard.ceiling()) >= b.gain())
                    .filter(b -> isLikelierWithAWord(b.near()));
            if (border.isPresent()) {
                List<HeardPhone> before = all;
                all = withAWord(border.get())
                        .map(anew -> border.get().stretch().replaced(before, anew))
                        .orElse(before);
                runs = PhoneRuns.runs(all);
            }
        }
        return new ScriptSearch.Heard(all, heard.ceiling());
    }

    /** What meets before a run, if a word may have been swallowed there. */
    private Optional<Border> border(List<List<HeardPhone>> runs, int at) {
        List<HeardPhone> before = word(runs, at - 1);
        List<HeardPhone> after = word(runs, at);
        if (after.isEmpty()) {
            return Optional.empty();
        }
        boolean meet = before.isEmpty()
                ? at == 0 || runs.get(at - 1).getFirst().word() == HeardPhone.PAUSE
                : before.getFirst().word() + 1 == after.getFirst().word();
        return meet ? Optional.of(new Border(before, after)) : Optional.empty();
    }

    /** The phones of a word that is not as it was set by hand; none when there is none. */
    private List<HeardPhone> word(List<List<HeardPhone>> runs, int at) {
        if (at < 0 || at >= runs.size()) {
            return List.of();
        }
        int word = runs.get(at).getFirst().word();
        return word < 0 || pins.holds(word) ? List.of() : runs.get(at);
    }

    private boolean isLikelierWithAWord(Border near) {
        double with = likelihood(near, near.around(SwallowedWords::sounds, Stream.of(ShortWords.UNSCRIPTED)));
        // Most borders are done with here: within the line the sounds were hardly likelier than they are alone.
        return with >= HeardPhone.likelihood(near.phones()) + near.gain()
                && with >= likelihood(near, near.around(SwallowedWords::sounds, Stream.empty())) + near.gain();
    }

    /** The words of the script there, with another one. */
    private Optional<List<HeardPhone>> withAWord(Border border) {
        Said said = new Said(
                border.around(w -> choices.get(w.getFirst().word()), Stream.of(ShortWords.UNSCRIPTED)),
                border.around(w -> w.getFirst().word() - border.stretch().first(), Stream.of(HeardPhone.UNSCRIPTED)));
        return aligned(border, said.choices()).map(said::restored);
    }

    /** Part of a word with the sounds that it was heard with. */
    private static WordChoice sounds(List<HeardPhone> phones) {
        return ShortWords.unscripted(
                List.of(new Pronunciation(phones.stream().map(HeardPhone::phone).toList())));
    }

    private Optional<List<HeardPhone>> aligned(Border border, List<WordChoice> words) {
        Doubtful stretch = border.stretch();
        return aligner.alignBriefly(features.between(stretch.from(), stretch.to()), words);
    }

    private double likelihood(Border border, List<WordChoice> words) {
        return aligned(border, words).map(HeardPhone::likelihood).orElse(Double.NEGATIVE_INFINITY);
    }
}
