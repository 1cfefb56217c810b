package graykite.hearing;

import graykite.base.EditDistance;
import graykite.base.Progress;
import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.reading.WordMatch;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.text.WordChoice;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * Holds a script against the words that a trained ear heard. Where they are the same, the script is believed; where they differ, the
 * sound decides between them by the speech model, which an ear that misheard does not convince.
 */
final class AmendedScript {
    /**
     * Natural logarithm of how much likelier the sounds must be as what the ear heard. In exact scripts of announcements by people and of
     * voices, where the ear is wrong, they were less likely in most places and at most 39 likelier (a <i>to</i> that is hardly said); where a word of the script was not
     * said, 25 to 600.
     */
    private static final double CLEARER = 35;

    /** The share of phones that what sounds alike has in common, and more in single words: which of both was said hardly matters then. */
    private static final double ALIKE = 0.5;

    /** The share that the same words have in common when they are written apart or joined: <i>incorrect</i> and <i>in correct</i>. */
    private static final double SAME = 0.8;

    /** As with {@link #ALIKE}, for a word that no dictionary has: what its letters tell is often wrong. */
    private static final double ALIKE_UNKNOWN = 0.3;

    private final Aligner aligner;
    private final Features features;
    private final List<WordChoice> script;
    private final Said believed;
    private final List<WordChoice> heard;
    private final List<List<HeardPhone>> found;

    /** Some words of the script, and those that were heard in their place; either may be none. */
    private record Difference(int first, int end, int firstHeard, int endHeard) {
        Difference before(Difference part) {
            return new Difference(first, part.first, firstHeard, part.firstHeard);
        }

        Difference after(Difference part) {
            return new Difference(part.end, end, part.endHeard, endHeard);
        }
    }

    /** What was said. @param confirmed indices of the words of the script that the ear heard too */
    record Amended(Said said, Set<Integer> confirmed) {}

    private AmendedScript(
            Aligner aligner,
            Features features,
            List<WordChoice> script,
            Said believed,
            List<WordChoice> heard,
            List<List<HeardPhone>> found) {
        this.aligner = aligner;
        this.features = features;
        this.script = script;
        this.believed = believed;
        this.heard = heard;
        this.found = found;
    }

    /**
     * What was said.
     *
     * @param believed to have been said by the speech model alone; it holds where the ear does not convince
     * @param heard the words that the ear heard in the same sound
     */
    static Amended of(
            Aligner aligner, Features features, List<WordChoice> script, Said believed, List<WordChoice> heard) {
        return heard.isEmpty()
                ? new Amended(believed, Set.of())
                : aligner.align(features, heard, Pins.none(), Progress.none())
                        .map(found -> new AmendedScript(
                                aligner, features, script, believed, heard, PhoneRuns.words(found.words())))
                        .map(AmendedScript::amended)
                        .orElseGet(() -> new Amended(believed, Set.of()));
    }

    private Amended amended() {
        int[] partners = WordMatch.partners(sounds(script), sounds(heard));
        Said said = Said.nothing();
        Set<Integer> confirmed = new HashSet<>();
        int first = 0;
        int firstHeard = 0;
        for (int w = 0; w <= script.size(); w++) {
            boolean last = w == script.size();
            if (last || partners[w] >= 0) {
                int endHeard = last ? heard.size() : partners[w];
                said = said.then(decided(new Difference(first, w, firstHeard, endHeard)));
                if (!last) {
                    said = said.then(new Said(List.of(script.get(w)), List.of(w)));
                    confirmed.add(w);
                }
                first = w + 1;
                firstHeard = endHeard + 1;
            }
        }
        return new Amended(said, confirmed);
    }

    /** Words by their sound, so that it does not matter how they are written. */
    private static List<String> sounds(List<WordChoice> words) {
        return words.stream().map(w -> w.pronunciations().getFirst().toString()).toList();
    }

    private Said decided(Difference difference) {
        List<WordChoice> ofScript = script.subList(difference.first, difference.end);
        List<WordChoice> ofEar = heard.subList(difference.firstHeard, difference.endHeard);
        if (ofScript.isEmpty() && ofEar.isEmpty()) {
            return Said.nothing();
        }
        double common = common(ofScript, ofEar);
        Optional<Difference> word = common < SAME ? likest(difference) : Optional.empty();
        if (word.isPresent()) {
            return decided(difference.before(word.get()))
                    .then(decided(word.get()))
                    .then(decided(difference.after(word.get())));
        }
        Said asWritten = new Said(
                ofScript,
                IntStream.range(difference.first, difference.end).boxed().toList());
        if (ofScript.size() == 1 && ofScript.getFirst().guessed() && common >= ALIKE_UNKNOWN) {
            return isClearer(difference, ofEar, ofScript, 0)
                    ? new Said(List.of(saidAs(ofScript.getFirst(), ofEar)), List.of(difference.first))
                    : asWritten;
        }
        if (common >= ALIKE) {
            return asWritten;
        }
        Said alone = believed.between(difference.first, difference.end);
        // Some of the words may have been said: sound beside them fits anyhow, and still the ear must do better.
        boolean some = alone.original().stream().anyMatch(w -> w >= 0);
        return isClearer(difference, ofEar, ofScript, 1) && (!some || isClearer(difference, ofEar, alone.choices(), 1))
                ? Said.unscripted(ofEar)
                : alone;
    }

    /** Of several words the two that were most likely heard for each other, if any sound alike. */
    private Optional<Difference> likest(Difference difference) {
        Optional<Difference> likest = Optional.empty();
        double most = 0;
        for (int s = difference.first; s < difference.end; s++) {
            for (int h = difference.firstHeard; h < difference.endHeard; h++) {
                double common = common(script.subList(s, s + 1), heard.subList(h, h + 1));
                double least = script.get(s).guessed() ? ALIKE_UNKNOWN : ALIKE;
                if (common > Math.max(most, least)) {
                    most = common;
                    likest = Optional.of(new Difference(s, s + 1, h, h + 1));
                }
            }
        }
        return likest.filter(word -> !word.equals(difference));
    }

    /** A word that no dictionary has, with the sounds of what was heard in its place. */
    private static WordChoice saidAs(WordChoice unknown, List<WordChoice> heard) {
        return new WordChoice(unknown.word(), List.of(new Pronunciation(phones(heard))), true);
    }

    /** The share of phones that two rows of words have in common. */
    private static double common(List<WordChoice> first, List<WordChoice> second) {
        List<Phone> a = phones(first);
        List<Phone> b = phones(second);
        return 1 - EditDistance.between(a, b, Function.identity()) / (double) Math.max(a.size(), b.size());
    }

    private static List<Phone> phones(List<WordChoice> words) {
        return words.stream()
                .flatMap(w -> w.pronunciations().getFirst().phones().stream())
                .toList();
    }

    /** True when the sounds there are much likelier as some words than as others. @param around words on either side that are heard with them, on which script and ear agree */
    private boolean isClearer(Difference difference, List<WordChoice> ones, List<WordChoice> others, int around) {
        return likelihood(difference, ones, around) > likelihood(difference, others, around) + CLEARER;
    }

    private double likelihood(Difference difference, List<WordChoice> words, int around) {
        List<WordChoice> all = new ArrayList<>(words);
        int firstHeard = Math.max(0, difference.firstHeard - around);
        int endHeard = Math.min(heard.size(), difference.endHeard + around);
        if (firstHeard < difference.firstHeard) {
            all.addFirst(script.get(difference.first - 1));
        }
        if (endHeard > difference.endHeard) {
            all.addLast(script.get(difference.end));
        }
        int from = firstHeard == 0 ? 0 : found.get(firstHeard).getFirst().startFrame();
        int to = endHeard == heard.size()
                ? features.frames()
                : found.get(endHeard - 1).getLast().endFrame();
        return all.isEmpty()
                ? Double.NEGATIVE_INFINITY
                : aligner.align(features.between(from, to), all, Pins.none(), Progress.none())
                        .map(f -> HeardPhone.likelihood(f.words()))
                        .orElse(Double.NEGATIVE_INFINITY);
    }
}
