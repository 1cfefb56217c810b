package graykite.studio.desk;

import java.util.function.Function;
import javafx.util.StringConverter;

/** How values of a choice are written; nothing is typed there. */
final class Shown<T> extends StringConverter<T> {
    private final Function<T, String> text;

    Shown(Function<T, String> text) {
        this.text = text;
    }

    @Override
    public String toString(T value) {
        return value == null ? "" : text.apply(value);
    }

    @Override
    public T fromString(String typed) {
        throw new UnsupportedOperationException("Nothing is typed here.");
    }
}
