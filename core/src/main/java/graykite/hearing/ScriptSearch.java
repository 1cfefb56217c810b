package graykite.hearing;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.text.WordChoice;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Finds the words of a script in a sound: strictly first, where they fit badly with a way round each of them, and with short words between them. */
final class ScriptSearch {
    /** Natural logarithm of how much likelier, a word, a line must be without the times that its script says to go without. Chosen, not measured. */
    private static final double ELSEWHERE = 15;

    private final Aligner aligner;
    private final Tongue tongue;
    private final EarWords ear;

    /**
     * What was heard of a script.
     *
     * @param phones of words, of unscripted words, and pauses, without gaps
     * @param ceiling by frame, how likely the sound up to it is at best
     * @param byEar what a trained ear says of it
     */
    record Heard(List<HeardPhone> phones, double[] ceiling, ByEar byEar) {
        /** By the speech model alone. */
        Heard(List<HeardPhone> phones, double[] ceiling) {
            this(phones, ceiling, ByEar.nothing());
        }

        /** The same with the ends of words that were heard beside them. */
        Heard withTrailingSounds() {
            return new Heard(TrailingSounds.joined(phones), ceiling, byEar);
        }

        /**
         * The same words and other sounds, laid into a sound in another way.
         *
         * @param script the words that were looked for
         * @return none when the sound is too short for them
         */
        Optional<Heard> again(
                Aligner aligner, Features features, List<WordChoice> script, Pins pins, Progress progress) {
            Said said = Said.all(this, script);
            return aligner.align(features, said.choices(), pins.anywhere().on(said.original()), progress)
                    .map(found -> new Heard(
                            said.restored(found.words()),
                            found.ceiling(),
                            new ByEar(byEar.confirmed(), said.texts(found.words()))));
        }
    }

    /**
     * @param tongue that the words are in: what is asked before one is doubted
     * @param ear what else may tell what was said
     */
    ScriptSearch(Aligner aligner, Tongue tongue, EarWords ear) {
        this.ear = ear;
        this.aligner = aligner;
        this.tongue = tongue;
    }

    /** Hears the words, each as one of its choices. */
    Heard hear(Features features, List<WordChoice> choices, Pins given, Progress progress) {
        Optional<Aligner.Found> exact = aligner.align(features, choices, given, progress.part(0, 0.5));
        Pins pins = given;
        if (given.hasRooms() && exact.map(f -> !doubtful(f, features).isEmpty()).orElse(true)) {
            // The times of another cut of the recording are worse than none.
            Optional<Aligner.Found> anywhere = aligner.align(features, choices, given.anywhere(), Progress.none());
            if (likelihood(anywhere) > likelihood(exact) + ELSEWHERE * choices.size()) {
                exact = anywhere;
                pins = given.anywhere();
            }
        }
        Heard heard = believed(features, choices, pins, exact, progress.part(0.5, 0.7));
        Heard complete = tongue.shortWords().isEmpty()
                ? heard
                : new SwallowedWords(aligner, features, choices, pins).foundIn(heard, progress.part(0.7, 0.8));
        return new SecondOpinion(aligner, features, choices, tongue, ear).on(complete, pins, progress.part(0.8, 1));
    }

    /** What was heard strictly, where that can be believed; the rest is heard anew. */
    private Heard believed(
            Features features, List<WordChoice> choices, Pins pins, Optional<Aligner.Found> exact, Progress progress) {
        if (exact.isEmpty()) {
            return loosely(features, choices, pins, Looseness.unknown(choices.size(), tongue), progress);
        }
        Aligner.Found found = exact.get();
        LineFit fit = fit(found);
        List<List<HeardPhone>> words = PhoneRuns.words(found.words());
        List<Doubtful> stretches = Doubtful.in(found, features.frames(), fit);
        if (!pins.isEmpty() && !stretches.isEmpty()) {
            return loosely(features, choices, pins, Looseness.of(fit, words), progress);
        }
        List<HeardPhone> heard = found.words();
        for (int i = 0; i < stretches.size(); i++) {
            Doubtful stretch = stretches.get(i);
            Progress part = progress.part(i / (double) stretches.size(), (i + 1.0) / stretches.size());
            Heard anew = loosely(
                    features.between(stretch.from(), stretch.to()),
                    choices.subList(stretch.first(), stretch.last() + 1),
                    pins.roomsFrom(stretch.first(), stretch.from() * HeardPhone.SECONDS_A_FRAME),
                    Looseness.of(fit, words.subList(stretch.first(), stretch.last() + 1)),
                    part);
            heard = stretch.replaced(heard, anew.phones());
        }
        return new Heard(heard, found.ceiling());
    }

    private List<Doubtful> doubtful(Aligner.Found found, Features features) {
        return Doubtful.in(found, features.frames(), fit(found));
    }

    private LineFit fit(Aligner.Found found) {
        return new LineFit(found.words(), found.ceiling(), tongue);
    }

    private static double likelihood(Optional<Aligner.Found> found) {
        return found.map(f -> HeardPhone.likelihood(f.words())).orElse(Double.NEGATIVE_INFINITY);
    }

    /** Hears words of which some may not have been said, and sound that they do not explain. */
    private Heard loosely(
            Features features, List<WordChoice> choices, Pins pins, Looseness looseness, Progress progress) {
        Optional<Aligner.Found> loose = aligner.alignLoosely(features, choices, pins, looseness, progress.part(0, 0.8));
        Aligner.Found found = loose.orElseThrow(
                () -> new BadInput(
                        pins.isEmpty()
                                ? String.format(
                                        Locale.ROOT,
                                        "The recording lasts %.1f s, too short for the %d words of the script. Check that they"
                                                + " belong together.",
                                        features.frames() * HeardPhone.SECONDS_A_FRAME,
                                        choices.size())
                                : "The pinned sounds leave no room for the words between them. Release some pins and read again."));
        List<HeardPhone> tidy = HeardWords.tidy(found);
        Said said = Said.of(tidy, choices, tongue.shortWords());
        // Once it is known what was said, all of it is heard again in the context of its neighbours.
        return aligner.align(features, said.choices(), pins.on(said.original()), progress.part(0.8, 1))
                .map(again -> new Heard(said.restored(again.words()), again.ceiling()))
                .orElseGet(() -> new Heard(tidy, found.ceiling()));
    }
}
