package graykite.studio.view;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.control.TableColumn;
import javafx.scene.image.Image;

/** The columns of the table of lines. Those of pictures and figures keep their width, the others share what is left. */
final class LineColumns {
    private LineColumns() {}

    /** @param picture of who speaks a line, once it is at hand */
    static List<TableColumn<LineEntry, ?>> all(Function<LineEntry, Optional<Image>> picture) {
        TableColumn<LineEntry, LineEntry> face = fixed(column("", 44, e -> e));
        face.setSortable(false);
        face.setCellFactory(c -> new LineCells.Face(picture));
        TableColumn<LineEntry, Double> length = fixed(column("Length", 82, LineEntry::seconds));
        length.setCellFactory(c -> new LineCells.Seconds());
        length.getStyleClass().add("figures-column");
        TableColumn<LineEntry, LineEntry> far = fixed(column("So far", 78, e -> e));
        far.setComparator(Comparator.comparingDouble(LineEntry::progress));
        far.setCellFactory(c -> new LineCells.Knots());
        return List.of(
                face,
                atLeast(110, column("Name", 150, LineEntry::title)),
                atLeast(88, column("Who", 100, LineEntry::speakerName)),
                column("Words", 220, LineEntry::words),
                length,
                far,
                count("Doubts", 66, LineEntry::doubts),
                count("Notes", 58, LineEntry::notes),
                column("Trouble", 120, LineEntry::problem));
    }

    private static TableColumn<LineEntry, Integer> count(
            String name, double width, Function<LineEntry, Integer> value) {
        TableColumn<LineEntry, Integer> column = fixed(column(name, width, value));
        column.setCellFactory(c -> new LineCells.Count());
        column.getStyleClass().add("figures-column");
        return column;
    }

    private static <T> TableColumn<LineEntry, T> atLeast(double width, TableColumn<LineEntry, T> column) {
        column.setMinWidth(width);
        return column;
    }

    private static <T> TableColumn<LineEntry, T> fixed(TableColumn<LineEntry, T> column) {
        column.setMinWidth(column.getPrefWidth());
        column.setMaxWidth(column.getPrefWidth());
        return column;
    }

    private static <T> TableColumn<LineEntry, T> column(String name, double width, Function<LineEntry, T> value) {
        TableColumn<LineEntry, T> column = new TableColumn<>(name);
        column.setPrefWidth(width);
        column.setCellValueFactory(c -> new ReadOnlyObjectWrapper<>(value.apply(c.getValue())));
        return column;
    }
}
