package graykite.format;

import graykite.edit.Edit;
import java.util.function.BiConsumer;
import java.util.function.Function;

/**
 * A kind of edit in files.
 *
 * @param name in the field "edit"
 * @param write puts what the edit says into fields
 * @param read makes the edit from its fields
 */
record EditKind<E extends Edit>(
        String name, Class<E> type, BiConsumer<E, EditFields> write, Function<EditFields, E> read) {
    boolean writes(Edit edit, EditFields fields) {
        if (!type.isInstance(edit)) {
            return false;
        }
        fields.put("edit", name);
        write.accept(type.cast(edit), fields);
        return true;
    }
}
