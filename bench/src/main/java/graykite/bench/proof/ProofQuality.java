package graykite.bench.proof;

import graykite.base.BadInput;
import graykite.project.Project;
import graykite.proof.Proof;
import graykite.proof.ProofNote;
import graykite.proof.Shot;
import graykite.proof.checks.Checks;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;

/**
 * How good the proof is: faults of every kind planted in lines without faults, how many it finds and its fixes mend, and how
 * many notes it makes where nothing was planted.
 */
public final class ProofQuality {
    /** So far beside where it was planted, in seconds, a finding still counts. */
    private static final double BESIDE = 0.6;

    /** A fix may have to be used so often: one blink does not mend half a minute without. */
    private static final int FIXES = 6;

    /**
     * What came of one check.
     *
     * @param planted how many faults
     * @param found how many of them it found
     * @param mendable of those found, how many an edit can mend: not those that were only shown to the check, and those
     *     for which it asks for another take
     * @param mended of those, how many its first fix mended
     * @param missed lines in which it did not find what was planted, or its fix did not mend it
     */
    public record Score(int planted, int found, int mendable, int mended, List<String> missed) {}

    private final List<Clean> lines;

    private ProofQuality(List<Clean> lines) {
        this.lines = lines;
    }

    /** @param speech folder of the recordings of people */
    public static ProofQuality on(Path speech) throws IOException {
        return new ProofQuality(CleanLines.all(speech));
    }

    /** Everything that can be planted, by check. */
    static Map<String, Planted.Kind> kinds() {
        Map<String, Planted.Kind> all = new TreeMap<>();
        all.putAll(PlantedWords.kinds());
        all.putAll(PlantedMouths.kinds());
        all.putAll(PlantedFaces.kinds());
        all.putAll(PlantedData.kinds());
        return all;
    }

    /** Plants a kind of fault. @param variations how many times */
    public Score score(String check, int variations) {
        Planted.Kind kind = kinds().get(check);
        int planted = 0;
        int found = 0;
        int mendable = 0;
        int mended = 0;
        List<String> missed = new ArrayList<>();
        for (int v = 0; planted < variations && v < 20 * variations; v++) {
            Clean clean = lines.get(v % lines.size());
            Optional<Planted> fault = kind.in(clean, new SplittableRandom(7919L * v + check.hashCode()));
            if (fault.isEmpty()) {
                continue;
            }
            planted++;
            Shot shot = fault.get().shot(clean);
            Optional<ProofNote> note = found(check, fault.get(), shot);
            if (note.isPresent()) {
                found++;
                boolean asks = note.get().fixes().getFirst().asksForATake();
                boolean real = fault.get().seen().isEmpty() && !asks;
                mendable += real ? 1 : 0;
                boolean mends = real && mends(check, clean, fault.get(), note.get());
                mended += mends ? 1 : 0;
                if (real && !mends) {
                    missed.add(clean.name() + " (found, not mended)");
                }
            } else {
                missed.add(clean.name());
            }
        }
        return new Score(planted, found, mendable, mended, missed);
    }

    private static Optional<ProofNote> found(String check, Planted fault, Shot shot) {
        return Clean.proof(shot).notes().stream()
                .filter(n -> n.rule().id().equals(check))
                .filter(n -> n.range().start() <= fault.where().end() + BESIDE
                        && n.range().end() >= fault.where().start() - BESIDE)
                .findFirst();
    }

    private static boolean mends(String check, Clean clean, Planted fault, ProofNote note) {
        Project project = fault.project();
        Optional<ProofNote> now = Optional.of(note);
        try {
            for (int k = 0; k < FIXES && now.isPresent(); k++) {
                project = now.get().fixes().getFirst().on(project);
                Planted again = new Planted(project, fault.seen(), filmAfter(project, fault), fault.where());
                now = found(check, again, again.shot(clean));
            }
        } catch (BadInput | IllegalArgumentException refused) {
            return false;
        }
        return now.isEmpty();
    }

    /** Without a reference nothing is known of it. */
    private static Optional<Shot.Film> filmAfter(Project project, Planted fault) {
        return project.lines().getFirst().reference().isPresent() ? fault.film() : Optional.empty();
    }

    /** Notes on the lines as they are, all checks together. */
    public List<String> falseNotes() {
        List<String> notes = new ArrayList<>();
        for (Clean clean : lines) {
            Proof proof = Clean.proof(clean.shot(clean.project(), Optional.empty()));
            for (ProofNote note : proof.notes()) {
                notes.add(String.format(
                        Locale.ROOT,
                        "%s %.2f s %s: %s",
                        clean.name(),
                        note.time(),
                        note.rule().id(),
                        note.says()));
            }
        }
        return notes;
    }

    /** Minutes that all lines last together. */
    public double minutes() {
        return lines.stream().mapToDouble(Clean::duration).sum() / 60;
    }

    /** Prints the table of docs/benchmarks.md. @param only a regular expression for the names of checks */
    public static void print(Path speech, int variations, String only) throws IOException {
        ProofQuality quality = on(speech);
        System.out.println("| check | planted | found | mended by its first fix |");
        System.out.println("|---|---|---|---|");
        int planted = 0;
        int found = 0;
        List<String> misses = new ArrayList<>();
        for (String check : Checks.names().stream().filter(c -> c.matches(only)).toList()) {
            Score score = quality.score(check, variations);
            planted += score.planted();
            found += score.found();
            score.missed().stream().distinct().forEach(m -> misses.add("missed: " + check + " in " + m));
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %d | %d | %s |%n",
                    check,
                    score.planted(),
                    score.found(),
                    score.mendable() == 0 ? "-" : score.mended() + " of " + score.mendable());
        }
        misses.forEach(System.out::println);
        List<String> wrong = quality.falseNotes();
        wrong.forEach(n -> System.out.println("not planted: " + n));
        System.out.printf(
                Locale.ROOT,
                "%d of %d found (%.1f %%); %d notes that nobody planted in %.1f minutes%n",
                found,
                planted,
                100.0 * found / planted,
                wrong.size(),
                quality.minutes());
    }
}
