package graykite.delivery;

import java.nio.file.Path;
import java.util.Optional;

/**
 * One file, or one folder of pictures, that is to be written.
 *
 * @param of title of the line or scene
 * @param view name of the view that is seen; nothing for what is not drawn
 * @param actor index of the person on stage; -1 for all
 * @param line id of the spoken line; empty for all
 * @param path where it goes
 * @param bytes about how large it gets
 */
public record Output(
        Item item, String of, Kind kind, Optional<String> view, int actor, String line, Path path, long bytes) {
    /** One file of somebody who speaks alone, seen in the first view of an order. @param line id of the line */
    public static Output single(Kind kind, Order order, String title, String line, Path path) {
        Optional<String> view =
                kind.isDrawn() ? Optional.of(order.pictures().views().getFirst()) : Optional.empty();
        return new Output(
                Item.line(""), title, kind, view, kind.makes() == Kind.Makes.ONE_A_PERSON ? 0 : -1, line, path, 0);
    }
}
