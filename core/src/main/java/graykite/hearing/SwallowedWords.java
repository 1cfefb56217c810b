package graykite.hearing;

import graykite.base.Progress;
import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.text.Pronunciation;
import graykite.text.WordChoice;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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

    /** Two words that meet: their phones, and where the second one's begin. */
    private record Border(List<HeardPhone> phones, int middle) {
        int first() {
            return phones.getFirst().word();
        }

        int second() {
            return phones.getLast().word();
        }

        int start() {
            return phones.getFirst().startFrame();
        }

        int end() {
            return phones.getLast().endFrame();
        }

        /** The sounds next to the border. */
        List<HeardPhone> near() {
            return phones.subList(Math.max(0, middle - NEAR), Math.min(phones.size(), middle + NEAR));
        }

        /** By how much the sounds next to it are less likely than at best. */
        double lack(double[] ceiling) {
            List<HeardPhone> near = near();
            int frames = near.getLast().endFrame() - near.getFirst().startFrame();
            return WordFit.below(near, ceiling) * frames / Aligner.STEP;
        }
    }

    /** What was heard, with the words that were swallowed. */
    ScriptSearch.Heard foundIn(ScriptSearch.Heard heard, Progress progress) {
        List<HeardPhone> all = heard.phones();
        for (int i = 1; i < all.size(); i++) {
            progress.step(i / (double) all.size());
            if (meet(all.get(i - 1), all.get(i))) {
                Border border = border(all, i);
                // No word between them makes them likelier than at best.
                if (border.lack(heard.ceiling()) >= GAIN) {
                    all = replaced(all, border, between(border));
                    i = next(all, border);
                }
            }
        }
        return new ScriptSearch.Heard(all, heard.ceiling());
    }

    private boolean meet(HeardPhone before, HeardPhone after) {
        return before.word() >= 0
                && after.word() == before.word() + 1
                && !pins.holds(before.word())
                && !pins.holds(after.word());
    }

    private static Border border(List<HeardPhone> all, int second) {
        int from = second;
        while (from > 0 && all.get(from - 1).word() == all.get(second - 1).word()) {
            from--;
        }
        int to = second;
        while (to < all.size() && all.get(to).word() == all.get(second).word()) {
            to++;
        }
        return new Border(all.subList(from, to), second - from);
    }

    /** The first phone of the second word, from where the next border is looked for. */
    private static int next(List<HeardPhone> all, Border border) {
        int at = 0;
        while (all.get(at).word() != border.second()) {
            at++;
        }
        return at;
    }

    /** Both words with another one between them, where the sounds at their border are much likelier with it. */
    private Optional<List<HeardPhone>> between(Border border) {
        List<HeardPhone> near = border.near();
        int middle = Math.min(NEAR, border.middle());
        WordChoice end = sounds(near.subList(0, middle));
        WordChoice begin = sounds(near.subList(middle, near.size()));
        double three = likelihood(aligned(near, List.of(end, ShortWords.UNSCRIPTED, begin)));
        // Most borders are done with here: within the line the sounds were hardly likelier than they are alone.
        if (three < likelihood(Optional.of(near)) + GAIN) {
            return Optional.empty();
        }
        double two = likelihood(aligned(near, List.of(end, begin)));
        if (three < two + GAIN) {
            return Optional.empty();
        }
        List<WordChoice> words =
                List.of(choices.get(border.first()), ShortWords.UNSCRIPTED, choices.get(border.second()));
        return aligned(border.phones(), words).map(phones -> inLine(phones, border));
    }

    /** Part of a word with the sounds that it was heard with. */
    private static WordChoice sounds(List<HeardPhone> phones) {
        return ShortWords.unscripted(
                List.of(new Pronunciation(phones.stream().map(HeardPhone::phone).toList())));
    }

    private Optional<List<HeardPhone>> aligned(List<HeardPhone> where, List<WordChoice> words) {
        return aligner.alignBriefly(
                features.between(where.getFirst().startFrame(), where.getLast().endFrame()), words);
    }

    private static List<HeardPhone> inLine(List<HeardPhone> phones, Border border) {
        int[] words = {border.first(), HeardPhone.UNSCRIPTED, border.second()};
        return phones.stream()
                .map(p -> new HeardPhone(
                        p.word() < 0 ? p.word() : words[p.word()],
                        p.variant(),
                        p.index(),
                        p.phone(),
                        p.startFrame() + border.start(),
                        p.endFrame() + border.start(),
                        p.score()))
                .toList();
    }

    private static List<HeardPhone> replaced(List<HeardPhone> all, Border border, Optional<List<HeardPhone>> anew) {
        if (anew.isEmpty()) {
            return all;
        }
        List<HeardPhone> next = new ArrayList<>();
        all.stream().filter(p -> p.endFrame() <= border.start()).forEach(next::add);
        next.addAll(anew.get());
        all.stream().filter(p -> p.startFrame() >= border.end()).forEach(next::add);
        return next;
    }

    private static double likelihood(Optional<List<HeardPhone>> phones) {
        return phones.map(p -> p.stream().mapToDouble(HeardPhone::score).sum()).orElse(Double.NEGATIVE_INFINITY);
    }
}
