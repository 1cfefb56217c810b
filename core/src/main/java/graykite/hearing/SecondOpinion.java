package graykite.hearing;

import graykite.base.Progress;
import graykite.reading.Doubt;
import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.text.WordChoice;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.IntStream;

/** Asks a trained ear what is said where a script seems not to say it. It is asked nothing else, as it takes longer than reading does. */
final class SecondOpinion {
    /**
     * Natural logarithm of how much less likely, a step, a stretch may be with the words of the ear: sounds of which nobody knows the word fit
     * by chance. Where the ear was right in announcements by people it was at most 0.6, with the words of another text 5.7.
     */
    private static final double LESS_LIKELY = 0.8;

    private final Aligner aligner;
    private final Features features;
    private final List<WordChoice> choices;
    private final Tongue tongue;
    private final EarWords ear;

    /** @param choices the words of the script */
    SecondOpinion(Aligner aligner, Features features, List<WordChoice> choices, Tongue tongue, EarWords ear) {
        this.aligner = aligner;
        this.features = features;
        this.choices = choices;
        this.tongue = tongue;
        this.ear = ear;
    }

    /** What was heard, once the ear was asked. @param pins where something was set by hand the ear is not asked */
    ScriptSearch.Heard on(ScriptSearch.Heard heard, Pins pins, Progress progress) {
        List<HeardPhone> all = heard.phones();
        Set<Integer> confirmed = new HashSet<>();
        Map<Integer, String> texts = new HashMap<>();
        List<Doubtful> stretches = Doubtful.around(doubted(heard), choices.size(), all, features.frames());
        for (int i = 0; i < stretches.size(); i++) {
            Doubtful stretch = stretches.get(i);
            Progress part = progress.part(i / (double) stretches.size(), (i + 1.0) / stretches.size());
            if (IntStream.rangeClosed(stretch.first(), stretch.last()).noneMatch(pins::holds)) {
                Opinion opinion = opinion(stretch, stretch.within(all), part);
                all = stretch.replaced(all, opinion.phones);
                opinion.confirmed.forEach(w -> confirmed.add(w + stretch.first()));
                opinion.texts.forEach((frame, text) -> texts.put(frame + stretch.from(), text));
            }
        }
        progress.step(1);
        return new ScriptSearch.Heard(all, heard.ceiling(), new ByEar(confirmed, texts));
    }

    /** What is heard in a stretch, counted from its beginning, and what the ear says of it. */
    private record Opinion(List<HeardPhone> phones, Set<Integer> confirmed, Map<Integer, String> texts) {}

    private Opinion opinion(Doubtful stretch, List<HeardPhone> heard, Progress progress) {
        Features there = features.between(stretch.from(), stretch.to());
        List<WordChoice> script = choices.subList(stretch.first(), stretch.last() + 1);
        Said believed = Said.of(heard, script, tongue.shortWords());
        AmendedScript.Amended amended =
                AmendedScript.of(aligner, there, script, believed, ear.between(stretch.from(), stretch.to(), progress));
        Said said = amended.said();
        return said.equals(believed)
                ? new Opinion(heard, amended.confirmed(), Map.of())
                : aligner.align(there, said.choices(), Pins.none(), Progress.none())
                        .filter(found -> HeardPhone.likelihood(heard) - HeardPhone.likelihood(found.words())
                                < LESS_LIKELY * there.frames() / Aligner.STEP)
                        .map(found -> new Opinion(
                                said.restored(found.words()), amended.confirmed(), said.texts(found.words())))
                        .orElseGet(() -> new Opinion(heard, Set.of(), Map.of()));
    }

    /** The words of the script that were not heard, that fit badly, or beside which something else is heard. */
    private SortedSet<Integer> doubted(ScriptSearch.Heard heard) {
        LineFit fit = new LineFit(heard.phones(), heard.ceiling(), tongue);
        SortedSet<Integer> doubted = new TreeSet<>();
        int next = 0;
        for (List<HeardPhone> run : PhoneRuns.runs(heard.phones())) {
            int word = run.getFirst().word();
            if (word == HeardPhone.UNSCRIPTED) {
                doubted.add(next - 1);
                doubted.add(next);
            } else if (word >= 0) {
                IntStream.range(next, word).forEach(doubted::add);
                if (fit.of(run, false, false) < Doubt.WEAK) {
                    doubted.add(word);
                }
                next = word + 1;
            }
        }
        IntStream.range(next, choices.size()).forEach(doubted::add);
        return doubted;
    }
}
