package graykite.studio.view;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.TableCell;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.shape.Polygon;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The cells of the table of lines that are more than text. */
final class LineCells {
    private LineCells() {}

    /** Who says it, as a face; scenes have several people. */
    static final class Face extends TableCell<LineEntry, LineEntry> {
        private final ImageView view = new ImageView();
        private final FontIcon several = new FontIcon(Feather.USERS);
        private final Function<LineEntry, Optional<Image>> picture;

        Face(Function<LineEntry, Optional<Image>> picture) {
            this.picture = picture;
            view.setFitWidth(28);
            view.setFitHeight(28);
            setAlignment(Pos.CENTER);
        }

        @Override
        protected void updateItem(LineEntry entry, boolean empty) {
            super.updateItem(entry, empty);
            if (empty || entry == null) {
                setGraphic(null);
                return;
            }
            view.setImage(entry.scene() ? null : picture.apply(entry).orElse(null));
            setGraphic(entry.scene() ? several : view);
        }
    }

    /** A length in seconds. */
    static final class Seconds extends TableCell<LineEntry, Double> {
        Seconds() {
            setAlignment(Pos.CENTER_RIGHT);
            getStyleClass().add("figures");
        }

        @Override
        protected void updateItem(Double seconds, boolean empty) {
            super.updateItem(seconds, empty);
            setText(empty || seconds == null || seconds < 0 ? "" : String.format(Locale.ROOT, "%.2f s", seconds));
        }
    }

    /** How many there are; nothing while nobody counted. */
    static final class Count extends TableCell<LineEntry, Integer> {
        Count() {
            setAlignment(Pos.CENTER_RIGHT);
            getStyleClass().add("figures");
        }

        @Override
        protected void updateItem(Integer count, boolean empty) {
            super.updateItem(count, empty);
            setText(empty || count == null || count < 0 ? "" : count.toString());
        }
    }

    /** Three small kites: voice, reading, nothing doubtful; filled where that is done. */
    static final class Knots extends TableCell<LineEntry, LineEntry> {
        private final Polygon[] kites = {kite(), kite(), kite()};
        private final Tooltip tip = new Tooltip();

        Knots() {
            HBox row = new HBox(6, kites);
            row.setAlignment(Pos.CENTER_LEFT);
            setGraphic(row);
            setTooltip(tip);
        }

        private static Polygon kite() {
            Polygon kite = new Polygon(5, 0, 10, 5, 5, 13, 0, 5);
            kite.getStyleClass().add("small-kite");
            return kite;
        }

        @Override
        protected void updateItem(LineEntry entry, boolean empty) {
            super.updateItem(entry, empty);
            getGraphic().setVisible(!empty && entry != null);
            if (empty || entry == null) {
                return;
            }
            boolean[] done = {entry.sound(), entry.read(), entry.read() && entry.doubts() == 0};
            for (int i = 0; i < kites.length; i++) {
                kites[i].getStyleClass().remove("small-kite-done");
                if (done[i]) {
                    kites[i].getStyleClass().add("small-kite-done");
                }
            }
            tip.setText((done[0] ? "Has a recording" : "No recording yet") + "\n"
                    + (done[1] ? "Read" : "Not read yet") + "\n"
                    + (done[2] ? "Nothing doubtful" : entry.doubts() + " places to look at"));
        }
    }
}
