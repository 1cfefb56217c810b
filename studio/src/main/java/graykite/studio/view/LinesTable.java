package graykite.studio.view;

import graykite.project.Member;
import graykite.project.SceneWork;
import graykite.proof.Proof;
import graykite.studio.model.Workspace;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.collections.FXCollections;
import javafx.collections.ListChangeListener;
import javafx.collections.MapChangeListener;
import javafx.collections.ObservableList;
import javafx.collections.transformation.FilteredList;
import javafx.collections.transformation.SortedList;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/**
 * Every line and scene of the project as a table over the stage: find, filter, sort, put in order, choose many and act on
 * many. Only the rows that are seen are drawn, so a thousand scroll as ten do.
 */
public final class LinesTable extends VBox implements AutoCloseable {
    private final Workspace workspace;
    private final StackPane host;
    private final Function<Member, CompletableFuture<Image>> portraits;
    private final Map<String, Image> pictures = new HashMap<>();
    private final ObservableList<LineEntry> all = FXCollections.observableArrayList();
    private final FilteredList<LineEntry> shown = new FilteredList<>(all);
    private final TableView<LineEntry> table = new TableView<>();
    private final TextField find = new TextField();
    private final ComboBox<LineFilter> filter = new ComboBox<>();
    private final Label count = new Label();
    private final LineActions actions;

    /**
     * @param host what it is laid over
     * @param portraits draws somebody's face small
     * @param openDelivery opens the Delivery desk
     */
    public LinesTable(
            Workspace workspace,
            StackPane host,
            Function<Member, CompletableFuture<Image>> portraits,
            Runnable openDelivery) {
        this.workspace = workspace;
        this.host = host;
        this.portraits = portraits;
        this.actions = new LineActions(workspace, table, this::hide, openDelivery);
        setId("lines-table");
        getStyleClass().add("lines-table");
        setSpacing(8);
        setPadding(new Insets(12));
        VBox.setVgrow(table, Priority.ALWAYS);
        getChildren().addAll(top(), table, actions);
        build();
        workspace.history().addListener((o, b, n) -> refresh());
        workspace.problems().addListener((MapChangeListener<String, String>) c -> refresh());
        workspace.proof().byLine().addListener((MapChangeListener<String, Proof>) c -> refresh());
        workspace.lineId().addListener((o, b, n) -> table.refresh());
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                e.consume();
                hide();
            } else if (e.getCode() == KeyCode.F && e.isControlDown()) {
                e.consume();
                find.requestFocus();
            }
        });
    }

    // --- building ------------------------------------------------------------------------------------------------

    private HBox top() {
        Label title = new Label("Lines");
        title.getStyleClass().add("title");
        find.setPromptText("Find in names and words");
        find.setId("find-line");
        find.setPrefWidth(220);
        find.textProperty().addListener((o, b, n) -> keepChosen(this::narrow));
        find.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.ENTER) {
                table.requestFocus();
                table.getSelectionModel().selectFirst();
                e.consume();
            }
        });
        filter.setId("filter-lines");
        filter.setTooltip(new Tooltip("Show only some of the lines"));
        filter.setOnAction(e -> keepChosen(this::narrow));
        count.getStyleClass().add("quiet");
        count.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(count, Priority.ALWAYS);
        Button close = new Button("", new FontIcon(Feather.X));
        close.setAccessibleText("Close the table");
        close.setTooltip(new Tooltip("Back to the face (Ctrl+L or Escape)"));
        close.setOnAction(e -> hide());
        HBox top = new HBox(8, title, find, filter, count, close);
        top.setAlignment(Pos.CENTER_LEFT);
        return top;
    }

    private void build() {
        table.setId("lines-list");
        table.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        table.setFixedCellSize(32);
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        table.setPlaceholder(new Label("No line is like that. Drop recordings on the window to add lines."));
        table.getColumns().setAll(LineColumns.all(e -> pictureOf(e.speaker())));
        SortedList<LineEntry> sorted = new SortedList<>(shown);
        sorted.comparatorProperty().bind(table.comparatorProperty());
        table.setItems(sorted);
        table.setRowFactory(t -> {
            TableRow<LineEntry> row = new TableRow<>();
            row.setOnMouseClicked(e -> {
                if (e.getClickCount() == 2 && !row.isEmpty()) {
                    open(row.getItem());
                }
            });
            return row;
        });
        table.getSelectionModel().getSelectedItems().addListener((ListChangeListener<LineEntry>)
                c -> actions.chosenChanged());
        table.setOnKeyPressed(e -> {
            switch (e.getCode()) {
                case ENTER ->
                    Optional.ofNullable(table.getSelectionModel().getSelectedItem())
                            .ifPresent(this::open);
                case DELETE -> actions.delete();
                case UP, DOWN -> {
                    if (e.isAltDown()) {
                        actions.order(e.getCode() == KeyCode.UP ? -1 : 1);
                        e.consume();
                    }
                }
                default -> {}
            }
        });
        actions.chosenChanged();
    }

    private Optional<Image> pictureOf(String member) {
        if (!pictures.containsKey(member)) {
            workspace
                    .project()
                    .member(member)
                    .ifPresent(m -> portraits
                            .apply(m)
                            .thenAccept(image -> Platform.runLater(() -> {
                                pictures.put(member, image);
                                table.refresh();
                            })));
        }
        return Optional.ofNullable(pictures.get(member));
    }

    // --- showing -------------------------------------------------------------------------------------------------

    public boolean isOpen() {
        return host.getChildren().contains(this);
    }

    /** Shows the table over the stage, or puts it away. */
    public void toggle() {
        if (isOpen()) {
            hide();
        } else {
            host.getChildren().add(this);
            refresh();
            find.requestFocus();
        }
    }

    public void hide() {
        host.getChildren().remove(this);
    }

    private void refresh() {
        if (!isOpen()) {
            return;
        }
        List<LineEntry> now =
                LineEntry.of(workspace.project(), workspace.proof().byLine(), workspace.problems());
        keepChosen(() -> {
            if (!now.equals(all)) {
                all.setAll(now);
            }
            LineFilter before = filter.getValue();
            List<LineFilter> choices = LineFilter.of(workspace.project());
            if (!filter.getItems().equals(choices)) {
                filter.getItems().setAll(choices);
                filter.setValue(choices.contains(before) ? before : choices.getFirst());
            }
            narrow();
        });
        actions.refresh();
    }

    /** Changes what is shown. The table would forget all that is chosen but one, even where the same is shown again. */
    private void keepChosen(Runnable change) {
        List<String> chosen = chosen();
        change.run();
        if (!chosen().equals(chosen)) {
            table.getSelectionModel().clearSelection();
            for (int i = 0; i < table.getItems().size(); i++) {
                if (chosen.contains(table.getItems().get(i).id())) {
                    table.getSelectionModel().select(i);
                }
            }
        }
    }

    private List<String> chosen() {
        return table.getSelectionModel().getSelectedItems().stream()
                .map(LineEntry::id)
                .toList();
    }

    private void narrow() {
        String needle = find.getText().strip().toLowerCase(Locale.ROOT);
        LineFilter wanted = filter.getValue();
        shown.setPredicate(e -> e.matches(needle) && (wanted == null || wanted.keeps(e)));
        count.setText(shown.size() == all.size() ? all.size() + " in all" : shown.size() + " of " + all.size());
    }

    private void open(LineEntry entry) {
        if (entry.scene()) {
            workspace
                    .project()
                    .scene(entry.id())
                    .flatMap(s -> s.blocks().stream().findFirst())
                    .map(SceneWork.Block::line)
                    .ifPresent(workspace.lineId()::set);
            workspace.sceneId().set(entry.id());
        } else {
            workspace.sceneId().set("");
            workspace.lineId().set(entry.id());
        }
        hide();
    }

    @Override
    public void close() {
        hide();
    }
}
