package graykite.studio.desk;

import graykite.studio.model.DeliveryQueue;
import graykite.studio.model.FileMemory;
import graykite.studio.model.Queued;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The deliveries that wait, run and are over: how far each is, with what can be done about it. */
final class QueuePane extends VBox {
    private final DeliveryQueue queue;
    private final FileMemory files;
    private final Consumer<String> says;
    private final Map<Queued, VBox> rows = new HashMap<>();

    /**
     * @param files shows folders
     * @param says tells the user something
     */
    QueuePane(DeliveryQueue queue, FileMemory files, Consumer<String> says) {
        super(6);
        this.queue = queue;
        this.files = files;
        this.says = says;
        setId("delivery-queue");
        queue.list().addListener((ListChangeListener<Queued>) c -> refresh());
        refresh();
    }

    private void refresh() {
        List<Queued> list = queue.list();
        rows.keySet().retainAll(list);
        getChildren().setAll(Parts.heading("Queue"));
        if (list.isEmpty()) {
            getChildren().setAll(Parts.quiet("What is delivered is listed here, with its progress."));
        }
        list.forEach(q -> getChildren().add(rows.computeIfAbsent(q, this::row)));
    }

    private VBox row(Queued queued) {
        Label title = new Label(queued.title());
        title.getStyleClass().add("heading");
        title.setTextOverrun(OverrunStyle.ELLIPSIS);
        title.setMaxWidth(Double.MAX_VALUE);
        title.setMinWidth(0);
        HBox.setHgrow(title, Priority.ALWAYS);
        FontIcon mark = new FontIcon(Feather.CLOCK);
        HBox buttons = new HBox(4);
        Label says = Parts.quiet("");
        says.textProperty().bind(queued.says());
        ProgressBar bar = new ProgressBar(0);
        bar.progressProperty().bind(queued.fraction());
        bar.setMaxWidth(Double.MAX_VALUE);
        bar.getStyleClass().add("level");
        VBox row = new VBox(4, Parts.row(mark, title, buttons), bar, says);
        row.getStyleClass().add("list-row");
        Runnable show = () -> show(queued, mark, buttons, bar, says);
        queued.state().addListener((o, b, n) -> show.run());
        show.run();
        return row;
    }

    private void show(Queued queued, FontIcon mark, HBox buttons, ProgressBar bar, Label says) {
        mark.setIconCode(
                switch (queued.state().get()) {
                    case WAITING -> Feather.CLOCK;
                    case RUNNING -> Feather.LOADER;
                    case ASKS -> Feather.HELP_CIRCLE;
                    case DONE -> Feather.CHECK;
                    case FAILED -> Feather.ALERT_TRIANGLE;
                    case CANCELLED -> Feather.SLASH;
                });
        mark.getStyleClass().removeAll("good", "fault");
        Parts.shown(bar, queued.state().get() == Queued.State.RUNNING);
        says.getStyleClass().setAll(queued.state().get() == Queued.State.FAILED ? "warn" : "quiet");
        says.setTooltip(queued.problems().isEmpty() ? null : new Tooltip(String.join("\n", queued.problems())));
        buttons.getChildren().clear();
        switch (queued.state().get()) {
            case WAITING, RUNNING ->
                add(buttons, "Cancel", Feather.X, "Stops this delivery", () -> queue.cancel(queued));
            case ASKS -> {
                add(buttons, "Replace", Feather.REFRESH_CW, "Writes over what is there", () -> queue.replace(queued));
                forget(buttons, queued);
            }
            case DONE -> {
                mark.getStyleClass().add("good");
                addReport(buttons, queued);
                add(buttons, "Show", Feather.FOLDER, "Opens the folder", () -> reveal(queued));
                forget(buttons, queued);
            }
            case FAILED, CANCELLED -> {
                mark.getStyleClass().add("fault");
                addReport(buttons, queued);
                add(buttons, "Again", Feather.ROTATE_CW, "Tries what is missing again", () -> queue.retry(queued));
                forget(buttons, queued);
            }
        }
    }

    private void reveal(Queued queued) {
        if (!files.reveal(queued.folder())) {
            says.accept("There is no file manager here. The files are in " + queued.folder() + ".");
        }
    }

    private void addReport(HBox buttons, Queued queued) {
        if (queued.canReport()) {
            add(
                    buttons,
                    "Report",
                    Feather.LIST,
                    "Writes report.html, .csv and .json beside the files: a row a line, with what to look at",
                    () -> queue.report(queued));
        }
    }

    private void forget(HBox buttons, Queued queued) {
        Button forget = new Button("", new FontIcon(Feather.X));
        forget.setAccessibleText("Take " + queued.title() + " off the list");
        forget.setTooltip(new Tooltip("Takes it off the list; the files stay"));
        forget.setOnAction(e -> queue.forget(queued));
        buttons.getChildren().add(forget);
    }

    private static void add(HBox buttons, String text, Feather icon, String tip, Runnable action) {
        Button button = Parts.button(text, icon, tip, "queue-" + text.toLowerCase(Locale.ROOT), action);
        button.setMinWidth(Button.USE_PREF_SIZE);
        buttons.getChildren().add(button);
    }
}
