package graykite.proof;

import java.util.List;
import java.util.Optional;

/** Looks for one thing that a strict supervisor would point at. Stateless; safe for several threads. */
public interface Check {
    /** What it holds a line against. */
    Rule rule();

    /** Everything it finds, in the order of time. Asked only when {@link #cannot} has nothing to say. */
    List<ProofNote> notes(Shot shot);

    /** Why it cannot be looked for here, in words; empty when it can. What is simply not there yet needs no words. */
    default Optional<String> cannot(Shot shot) {
        return Optional.empty();
    }

    /** True once there is what it looks at: a reading, a movement. */
    default boolean ready(Shot shot) {
        return true;
    }
}
