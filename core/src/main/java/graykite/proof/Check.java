package graykite.proof;

import java.util.List;

/** Looks for one thing that a strict supervisor would point at. Stateless; safe for several threads. */
public interface Check {
    /** What it holds a line against. */
    Rule rule();

    /** What there has to be. */
    default Needs needs() {
        return Needs.NOTHING;
    }

    /** Everything it finds, in the order of time. Asked only where there is what it {@link #needs}. */
    List<ProofNote> notes(Shot shot);
}
