package graykite.command;

import java.util.function.Supplier;

/** Something that is made when it is first asked for, and kept. Safe for several threads. */
final class Once<T> implements Supplier<T> {
    private final Supplier<T> make;
    private volatile boolean made;
    private T value;

    private Once(Supplier<T> make) {
        this.make = make;
    }

    static <T> Once<T> of(Supplier<T> make) {
        return new Once<>(make);
    }

    @Override
    public T get() {
        if (!made) {
            synchronized (this) {
                if (!made) {
                    value = make.get();
                    made = true;
                }
            }
        }
        return value;
    }
}
