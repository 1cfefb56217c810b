package graykite.studio.view;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A card above the dimmed window; Escape or a click beside it closes it. */
public class Overlay extends StackPane {
    private final StackPane host;
    private final Node before;

    /** @param host the window's root pane, on which the card is laid */
    protected Overlay(StackPane host, double width, double height) {
        this.host = host;
        this.before = host.getScene() == null ? null : host.getScene().getFocusOwner();
        getStyleClass().add("overlay-dim");
        setAlignment(Pos.CENTER);
        card = new VBox();
        card.getStyleClass().add("dialog-card");
        card.setMaxSize(width, height);
        card.setPrefWidth(width);
        card.setMinHeight(Region.USE_PREF_SIZE);
        getChildren().add(card);
        setOnMousePressed(e -> {
            if (e.getTarget() == this) {
                close();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                close();
            }
        });
    }

    private final VBox card;

    protected final VBox card() {
        return card;
    }

    /** Shows it; a second overlay of the same kind replaces the first. */
    public final void open() {
        host.getChildren().removeIf(child -> child.getClass() == getClass());
        host.getChildren().add(this);
        card.requestFocus();
    }

    public final void close() {
        host.getChildren().remove(this);
        if (before != null) {
            before.requestFocus();
        }
    }
}
