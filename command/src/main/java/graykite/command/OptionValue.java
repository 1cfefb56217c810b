package graykite.command;

import graykite.base.BadInput;
import java.util.function.Supplier;

/** What an option was given. A value that it cannot have is wrong usage, whoever finds out. */
final class OptionValue {
    private OptionValue() {}

    /** @throws IllegalArgumentException with what is said of a value that cannot be */
    static <T> T of(Supplier<T> understood) {
        try {
            return understood.get();
        } catch (BadInput impossible) {
            throw new IllegalArgumentException(impossible.getMessage(), impossible);
        }
    }

    /** The same for a check that gives nothing back. */
    static void check(Runnable check) {
        of(() -> {
            check.run();
            return true;
        });
    }
}
