package graykite.base;

/** Checks at the edges of the domain: a broken promise of the caller is reported at once, in words. */
public final class Require {
    private Require() {}

    /**
     * Throws when a condition that the caller promised does not hold.
     *
     * @param condition what must be true
     * @param message a {@link String#format} pattern that says what was expected
     * @throws IllegalArgumentException when the condition is false
     */
    public static void requireThat(boolean condition, String message, Object... arguments) {
        if (!condition) {
            throw new IllegalArgumentException(arguments.length == 0 ? message : String.format(message, arguments));
        }
    }
}
