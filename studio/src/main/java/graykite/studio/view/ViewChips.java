package graykite.studio.view;

import graykite.edit.ProjectEdit;
import graykite.picture.Camera;
import graykite.project.KeptView;
import graykite.project.Project;
import graykite.studio.model.Workspace;
import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** From where the face is looked at: the usual views, those that were kept with the project, and one to keep another. */
final class ViewChips extends FlowPane {
    private final Workspace workspace;
    private final ObjectProperty<Camera> camera;
    private final Button keep = new Button("", new FontIcon(Feather.PLUS));
    private final TextField name = new TextField();
    private List<KeptView> shown = List.of();

    ViewChips(Workspace workspace, ObjectProperty<Camera> camera) {
        super(6, 6);
        this.workspace = workspace;
        this.camera = camera;
        keep.getStyleClass().setAll("button", "stage-chip");
        keep.setId("keep-view");
        keep.setTooltip(new Tooltip("Keep what is seen as a view of the project"));
        keep.setAccessibleText("Keep the view");
        keep.setOnAction(e -> ask(true));
        name.setId("view-name");
        name.setPromptText("Name of the view");
        name.setPrefWidth(130);
        name.setOnAction(e -> keep(name.getText()));
        name.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                ask(false);
                e.consume();
            }
        });
        name.focusedProperty().addListener((o, b, focused) -> {
            if (!focused) {
                ask(false);
            }
        });
        setPickOnBounds(false);
        setAlignment(Pos.TOP_LEFT);
        workspace.history().addListener((o, b, n) -> refresh());
        rebuild();
    }

    private void ask(boolean asking) {
        int place = getChildren().indexOf(asking ? keep : name);
        if (place < 0) {
            return;
        }
        getChildren().set(place, asking ? name : keep);
        if (asking) {
            name.clear();
            name.requestFocus();
        }
    }

    private void keep(String text) {
        String wanted = text.strip();
        ask(false);
        boolean again =
                workspace.project().views().stream().anyMatch(v -> v.name().equals(wanted));
        if (wanted.isEmpty() || wanted.length() > 40) {
            workspace.jobs().say("Type a name of up to 40 letters to keep the view.");
        } else if (!again && workspace.project().views().size() >= Project.MOST_VIEWS) {
            workspace
                    .jobs()
                    .say("A project keeps up to " + Project.MOST_VIEWS + " views. Forget one first (right-click).");
        } else {
            workspace.edit(new ProjectEdit.KeepView(new KeptView(wanted, camera.get())));
        }
    }

    private void refresh() {
        if (!shown.equals(workspace.project().views())) {
            rebuild();
        }
    }

    private void rebuild() {
        shown = workspace.project().views();
        getChildren()
                .setAll(
                        chip("Front", Camera.FRONT, "The face from the front"),
                        chip("Three-quarter", Camera.THREE_QUARTER, "The face from the side of the light"),
                        chip("Profile", Camera.PROFILE, "The face from its left"),
                        chip("Mouth", Camera.MOUTH, "The mouth alone, large"));
        shown.forEach(v -> getChildren().add(chip(v)));
        getChildren().add(keep);
    }

    private Button chip(KeptView view) {
        Button chip = chip(view.name(), view.camera(), "A view of this project; right-click for more");
        MenuItem renew = new MenuItem("Keep what is seen instead");
        renew.setOnAction(e -> keep(view.name()));
        MenuItem forget = new MenuItem("Forget");
        forget.setOnAction(e -> workspace.edit(new ProjectEdit.ForgetView(view.name())));
        chip.setContextMenu(new ContextMenu(renew, forget));
        return chip;
    }

    private Button chip(String text, Camera view, String tip) {
        Button chip = new Button(text);
        chip.getStyleClass().setAll("button", "stage-chip");
        chip.setTooltip(new Tooltip(tip));
        chip.setOnAction(e -> camera.set(view));
        return chip;
    }
}
