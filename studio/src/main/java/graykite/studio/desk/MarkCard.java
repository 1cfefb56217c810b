package graykite.studio.desk;

import graykite.acting.Instincts.Kind;
import graykite.acting.LifeMarks.Placed;
import graykite.acting.Mark;
import graykite.studio.model.MarkEdits;
import graykite.studio.model.MarkEdits.Choice;
import graykite.studio.model.Workspace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The chosen mark of an instinct: when, and its figures. */
final class MarkCard extends VBox {
    private final Workspace workspace;
    private final MarkEdits edits;
    private final Label heading = Parts.heading("");
    private final TextField time = new TextField();
    private final VBox figures = new VBox(2);
    private final List<Parts.Tuner> tuners = new ArrayList<>();
    private Optional<Kind> shown = Optional.empty();
    private long gesture;

    MarkCard(Workspace workspace) {
        super(6);
        this.workspace = workspace;
        this.edits = workspace.marks();
        getStyleClass().add("card");
        setId("mark-card");
        time.setPrefWidth(72);
        time.getStyleClass().add("figures");
        time.setAccessibleText("When, in seconds");
        time.setOnAction(e -> Parts.number(time.getText()).ifPresent(t -> edits.move(t, 0)));
        Button delete = new Button("", new FontIcon(Feather.TRASH_2));
        delete.setAccessibleText("Remove it");
        delete.setTooltip(new Tooltip("Remove it (Delete)"));
        delete.setOnAction(e -> edits.delete());
        getChildren().addAll(Parts.row(heading, new Label("at"), time, new Label("s"), delete), figures);
    }

    private static String singular(Kind kind) {
        return switch (kind) {
            case BLINKS -> "A blink";
            case EYES -> "A dart of the eyes";
            case BROWS -> "A lift of the brows";
            case HEAD -> "A move of the head";
            case BREATH -> "A breath";
        };
    }

    private static String text(Mark.Figure figure, double value) {
        return switch (figure.unit()) {
            case "%" -> Parts.percent(value);
            case "°" -> String.format(Locale.ROOT, "%.1f°", value);
            default -> Parts.seconds(value);
        };
    }

    private void build(Kind kind) {
        shown = Optional.of(kind);
        tuners.clear();
        List<Mark.Figure> all = Mark.figures(kind);
        for (int i = 0; i < all.size(); i++) {
            Mark.Figure figure = all.get(i);
            int index = i;
            tuners.add(new Parts.Tuner(
                    figure.title(),
                    figure.title() + ", as it is for this one",
                    figure.least(),
                    figure.most(),
                    figure.usual(),
                    v -> text(figure, v),
                    () -> gesture = workspace.newGesture(),
                    v -> edits.set(index, v, gesture)));
        }
        figures.getChildren().setAll(tuners);
    }

    void refresh() {
        Optional<Placed> mark = edits.mark();
        Parts.shown(this, mark.isPresent());
        mark.ifPresent(m -> {
            Kind kind = edits.chosen().get().map(Choice::kind).orElseThrow();
            if (!shown.equals(Optional.of(kind))) {
                build(kind);
            }
            heading.setText(singular(kind));
            if (!time.isFocused()) {
                time.setText(String.format(Locale.ROOT, "%.3f", m.time()));
            }
            for (int i = 0; i < tuners.size(); i++) {
                tuners.get(i).set(m.mark().figures().get(i));
            }
        });
    }
}
