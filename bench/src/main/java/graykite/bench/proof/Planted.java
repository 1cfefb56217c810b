package graykite.bench.proof;

import graykite.project.Project;
import graykite.proof.Shot;
import graykite.time.TimeRange;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.UnaryOperator;

/**
 * A fault that was planted in a clean line.
 *
 * @param project with the fault in it
 * @param seen what is changed of what checks see, for faults that nothing in a project can make
 * @param film what is known of the reference
 * @param where it was planted, in seconds of the line
 */
record Planted(Project project, Optional<UnaryOperator<Shot>> seen, Optional<Shot.Film> film, TimeRange where) {
    /** A kind of fault. */
    interface Kind {
        /** One variation; nothing where the line has no place for it. */
        Optional<Planted> in(Clean clean, SplittableRandom random);
    }

    static Optional<Planted> at(Project project, double from, double to) {
        return Optional.of(new Planted(
                project, Optional.empty(), Optional.empty(), new TimeRange(Math.max(0, from), Math.max(from, to))));
    }

    static Optional<Planted> seen(Project project, double from, double to, UnaryOperator<Shot> seen) {
        return Optional.of(new Planted(project, Optional.of(seen), Optional.empty(), new TimeRange(from, to)));
    }

    static Optional<Planted> filmed(Project project, double to, Shot.Film film) {
        return Optional.of(new Planted(project, Optional.empty(), Optional.of(film), new TimeRange(0, to)));
    }

    Shot shot(Clean clean) {
        Shot shot = clean.shot(project, film);
        return seen.map(s -> s.apply(shot)).orElse(shot);
    }
}
