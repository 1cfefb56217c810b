package graykite.proof;

import graykite.base.Progress;
import graykite.project.MeantSo;
import graykite.reading.WordFinder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a strict supervisor says about a line.
 *
 * @param notes in the order of time, what is meant so among them
 * @param unmeasured what could not be looked at here and why, each once
 */
public record Proof(List<ProofNote> notes, List<String> unmeasured) {
    /** Nothing was looked at. */
    public static final Proof NONE = new Proof(List.of(), List.of());

    /** So far away, in seconds, a finding is still the one that was said to be meant so. */
    private static final double SAME = 0.35;

    public Proof {
        notes = List.copyOf(notes);
        unmeasured = List.copyOf(unmeasured);
    }

    /** Looks at a line with some checks. */
    public static Proof of(Shot shot, List<Check> checks, Progress progress) {
        Set<String> unmeasured = new LinkedHashSet<>();
        List<Check> able = new ArrayList<>();
        for (Check check : checks) {
            if (check.needs().ready(shot)) {
                Optional<String> why = check.needs().cannot(shot);
                why.ifPresent(unmeasured::add);
                if (why.isEmpty()) {
                    able.add(check);
                }
            }
        }
        progress.step(0.1);
        WordFinder words = shot.words();
        boolean isLong = shot.footage().map(f -> f.frames() > Footage.LONG).orElse(false);
        List<ProofNote> notes = (isLong ? able.parallelStream() : able.stream())
                .flatMap(c -> c.notes(shot).stream())
                .map(n -> judged(n, shot.line().review().meantSo(), words))
                .sorted(Comparator.comparingDouble(ProofNote::time)
                        .thenComparing(n -> n.rule().severity())
                        .thenComparing(n -> n.rule().id()))
                .toList();
        progress.step(1);
        return new Proof(notes, List.copyOf(unmeasured));
    }

    private static ProofNote judged(ProofNote note, List<MeantSo> meant, WordFinder words) {
        return meant.stream()
                .filter(m -> isAbout(m, note, words))
                .findFirst()
                .map(m -> note.meant(m.reason()))
                .orElse(note);
    }

    /** True when somebody said of just this finding that it is meant so. */
    public static boolean isAbout(MeantSo meant, ProofNote note, WordFinder words) {
        return meant.check().equals(note.rule().id()) && Math.abs(meant.at().in(words) - note.time()) < SAME;
    }

    /** Those of which nobody said that they are meant so. */
    public List<ProofNote> open() {
        return notes.stream().filter(ProofNote::isOpen).toList();
    }

    /** How many open ones there are of a severity. */
    public long count(Severity severity) {
        return open().stream().filter(n -> n.rule().severity() == severity).count();
    }
}
