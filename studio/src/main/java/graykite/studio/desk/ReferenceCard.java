package graykite.studio.desk;

import graykite.edit.LineEdit;
import graykite.project.Line;
import graykite.project.Reference;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Workspace;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Film or numbered pictures that the line is acted after: which, where they are seen, and when they begin. */
final class ReferenceCard extends VBox {
    private static final List<String> ENDINGS =
            List.of(".mp4", ".mov", ".mkv", ".avi", ".webm", ".m4v", ".png", ".jpg", ".jpeg");

    private final Workspace workspace;
    private final FilePicker picker;
    private final Label file = Parts.quiet("");
    private final Button choose = new Button("Film or pictures…", new FontIcon(Feather.FILM));
    private final Button remove = new Button("", new FontIcon(Feather.TRASH_2));
    private final ComboBox<Reference.Place> place = new ComboBox<>();
    private final TextField offset = new TextField();
    private final CheckBox mirrored = new CheckBox("Mirrored");
    private final CheckBox heard = new CheckBox("Heard");
    private final Parts.Tuner opacity;
    private final VBox more;
    private long gesture;
    private boolean filling;

    ReferenceCard(Workspace workspace, FilePicker picker) {
        super(6);
        this.workspace = workspace;
        this.picker = picker;
        getStyleClass().add("card");
        setId("reference-card");
        choose.setId("choose-reference");
        choose.setTooltip(new Tooltip("A film, or one of numbered pictures; it stays where it is and is not copied"));
        choose.setOnAction(e -> choose());
        remove.setId("remove-reference");
        remove.setAccessibleText("Take the reference away");
        remove.setTooltip(new Tooltip("Take the reference away; the file stays"));
        remove.setOnAction(e -> set(Optional.empty(), 0));
        place.setId("reference-place");
        place.getItems().setAll(Reference.Place.values());
        place.setConverter(new StringConverter<>() {
            @Override
            public String toString(Reference.Place value) {
                return value == null ? "" : value.title();
            }

            @Override
            public Reference.Place fromString(String text) {
                return Reference.Place.valueOf(text);
            }
        });
        place.setMaxWidth(Double.MAX_VALUE);
        place.setAccessibleText("Where the reference is seen");
        place.setOnAction(e -> {
            if (!filling && place.getValue() != null) {
                change(0, r -> r.withPlace(place.getValue()));
            }
        });
        HBox.setHgrow(place, Priority.ALWAYS);
        offset.setPrefWidth(72);
        offset.setId("reference-offset");
        offset.getStyleClass().add("figures");
        offset.setAccessibleText("When the reference begins, in seconds of the line");
        offset.setTooltip(new Tooltip("When it begins, in seconds of the line; below 0 it has begun already"));
        offset.setOnAction(e -> Parts.number(offset.getText()).ifPresent(v -> change(0, r -> r.withOffset(v))));
        mirrored.setOnAction(e -> change(0, r -> r.withMirrored(mirrored.isSelected())));
        heard.setId("reference-heard");
        heard.setTooltip(new Tooltip("Its own sound is heard with the voice"));
        heard.setOnAction(e -> change(0, r -> r.withHeard(heard.isSelected())));
        opacity = new Parts.Tuner(
                "Opacity",
                "How strongly it shows behind or over the face",
                0,
                1,
                0.5,
                Parts::percent,
                () -> gesture = workspace.newGesture(),
                v -> change(gesture, r -> r.withOpacity(v)));
        more = new VBox(6, place, Parts.row(new Label("begins at"), offset, new Label("s"), mirrored, heard), opacity);
        getChildren().addAll(Parts.heading("Reference"), file, Parts.row(choose, remove), more);
    }

    private Optional<Reference> now() {
        return workspace.line().flatMap(Line::reference);
    }

    private void choose() {
        picker.open(new FilePicker.Ask("A film or pictures to act after", "Films and pictures", ENDINGS, "", folder()))
                .ifPresent(path -> {
                    String chosen = path.toAbsolutePath().toString();
                    set(Optional.of(now().map(r -> r.withPath(chosen)).orElseGet(() -> Reference.of(chosen))), 0);
                });
    }

    private Optional<Path> folder() {
        return now().map(r -> Path.of(r.path()).getParent()).filter(p -> p != null && Files.isDirectory(p));
    }

    private void set(Optional<Reference> reference, long within) {
        workspace.editLine(within, l -> new LineEdit.SetReference(l, reference));
    }

    private void change(long within, UnaryOperator<Reference> change) {
        now().ifPresent(r -> set(Optional.of(change.apply(r)), within));
    }

    void refresh() {
        Optional<Reference> reference = now();
        setDisable(workspace.line().isEmpty());
        Parts.shown(more, reference.isPresent());
        Parts.shown(remove, reference.isPresent());
        choose.setText(
                reference.isEmpty() ? "Film or pictures…" : missing(reference.get()) ? "Find it again…" : "Another…");
        reference.ifPresent(r -> file.setTooltip(new Tooltip(r.path())));
        file.setText(reference
                .map(r -> missing(r) ? r.name() + " is not there any more." : r.name())
                .orElse("Act after a film: it stays in step with the line, to the frame."));
        filling = true;
        reference.ifPresent(r -> {
            place.setValue(r.place());
            mirrored.setSelected(r.mirrored());
            heard.setSelected(r.heard());
            opacity.set(r.opacity());
            opacity.setDisable(r.place() == Reference.Place.BESIDE);
            if (!offset.isFocused()) {
                offset.setText(String.format(Locale.ROOT, "%.3f", r.offset()));
            }
        });
        filling = false;
    }

    private static boolean missing(Reference reference) {
        return reference.file().filter(Files::exists).isEmpty();
    }
}
