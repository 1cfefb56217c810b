package graykite.base;

import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;

/** How long work tells where it is, and learns that nobody waits for it any more. */
public interface Progress {
    /** @param fraction share of the work that is done, 0 to 1 */
    void at(double fraction);

    /** True once the user asked to stop. */
    boolean cancelled();

    /** @throws CancellationException once the user asked to stop */
    default void step(double fraction) {
        if (cancelled()) {
            throw new CancellationException("Cancelled.");
        }
        at(fraction);
    }

    /** The part of this progress between two fractions, as a progress of its own from 0 to 1. */
    default Progress part(double from, double to) {
        Progress whole = this;
        return new Progress() {
            @Override
            public void at(double fraction) {
                whole.at(from + (to - from) * fraction);
            }

            @Override
            public boolean cancelled() {
                return whole.cancelled();
            }
        };
    }

    /** A progress that can be cancelled but reports nothing: for work that is a part among many. */
    default Progress quiet() {
        Progress whole = this;
        return new Progress() {
            @Override
            public void at(double fraction) {}

            @Override
            public boolean cancelled() {
                return whole.cancelled();
            }
        };
    }

    /** For callers who neither watch nor cancel. */
    static Progress none() {
        return to(fraction -> {});
    }

    /** A progress that only reports and cannot be cancelled. */
    static Progress to(DoubleConsumer sink) {
        return new Progress() {
            @Override
            public void at(double fraction) {
                sink.accept(fraction);
            }

            @Override
            public boolean cancelled() {
                return false;
            }
        };
    }
}
