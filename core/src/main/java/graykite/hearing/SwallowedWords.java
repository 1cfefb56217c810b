package graykite.hearing;

import graykite.base.Progress;
import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.text.Pronunciation;
import graykite.text.WordChoice;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Finds short words that are spoken but not in the script. Their neighbours stretch over them and still fit well enough to be
 * believed, so where two words meet and the sounds there leave something to be desired, it is asked whether they are likelier with
 * such a word between them.
 */
final class SwallowedWords {
    /**
     * Natural logarithm of how much likelier the sounds at a border must be with a word between them. Chosen on synthetic voices: hardly
     * a border of an exact script is, of those at which a short word was left out seven in ten (docs/benchmarks.md).
     */
    private static final double GAIN = 35;

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

    /** Two words that may meet, by their phones. */
    private record Border(List<HeardPhone> before, List<HeardPhone> after) {
        int first() {
            return before.getFirst().word();
        }

        int second() {
            return after.getFirst().word();
        }

        /** True when nothing lies between them, neither in the sound nor in the script. */
        boolean isTight() {
            return second() == first() + 1
                    && before.getLast().endFrame() == after.getFirst().startFrame();
        }

        Doubtful stretch() {
            return new Doubtful(
                    first(),
                    second(),
                    before.getFirst().startFrame(),
                    after.getLast().endFrame());
        }

        /** The sounds next to it on either side. */
        Border near() {
            return new Border(
                    before.subList(Math.max(0, before.size() - NEAR), before.size()),
                    after.subList(0, Math.min(after.size(), NEAR)));
        }

        List<HeardPhone> phones() {
            return Stream.concat(before.stream(), after.stream()).toList();
        }

        /** By how much its sounds are less likely than at best. */
        double lack(double[] ceiling) {
            Doubtful stretch = stretch();
            return WordFit.below(phones(), ceiling) * (stretch.to() - stretch.from()) / Aligner.STEP;
        }
    }

    /** What was heard, with the words that were swallowed. */
    ScriptSearch.Heard foundIn(ScriptSearch.Heard heard, Progress progress) {
        List<HeardPhone> all = heard.phones();
        List<List<HeardPhone>> words = WordFit.words(all);
        for (int w = 0; w + 1 < words.size(); w++) {
            progress.step(w / (double) words.size());
            Border border = new Border(words.get(w), words.get(w + 1));
            boolean open = border.isTight() && !pins.holds(border.first()) && !pins.holds(border.second());
            // No word between them makes them likelier than at best.
            if (open && border.near().lack(heard.ceiling()) >= GAIN && isLikelierWithAWord(border.near())) {
                List<HeardPhone> before = all;
                all = withAWord(border)
                        .map(anew -> border.stretch().replaced(before, anew))
                        .orElse(before);
                words = WordFit.words(all);
            }
        }
        return new ScriptSearch.Heard(all, heard.ceiling());
    }

    private boolean isLikelierWithAWord(Border near) {
        WordChoice end = sounds(near.before());
        WordChoice begin = sounds(near.after());
        double three = likelihood(near, List.of(end, ShortWords.UNSCRIPTED, begin));
        // Most borders are done with here: within the line the sounds were hardly likelier than they are alone.
        return three >= HeardPhone.likelihood(near.phones()) + GAIN
                && three >= likelihood(near, List.of(end, begin)) + GAIN;
    }

    /** Both words with another one between them. */
    private Optional<List<HeardPhone>> withAWord(Border border) {
        Said said = new Said(
                List.of(choices.get(border.first()), ShortWords.UNSCRIPTED, choices.get(border.second())),
                List.of(0, HeardPhone.UNSCRIPTED, 1));
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
