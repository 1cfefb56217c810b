package graykite.studio.desk;

import graykite.delivery.DeliveryPlan;
import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.delivery.OrderFiles;
import graykite.delivery.Output;
import graykite.picture.Camera;
import graykite.project.Member;
import graykite.studio.model.Deliveries;
import graykite.studio.model.Deliveries.What;
import graykite.studio.model.FileMemory;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Workspace;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ComboBox;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.kordamp.ikonli.feather.Feather;

/** Delivery: lines and scenes as files, what will be written before it is, and a queue. */
public final class DeliveryDesk extends Desk {
    /** Name of the view in which the stage is seen. */
    static final String STAGE = "stage";

    private static final int LISTED = 4;

    private final Workspace workspace;
    private final Deliveries deliveries;
    private final FileMemory asks;
    private final Supplier<Camera> camera;
    private final ComboBox<What> what = new ComboBox<>();
    private final MenuButton performers = new MenuButton();
    private final MenuButton presets = new MenuButton("Presets");
    private final KindsPane kinds;
    private final OrderFields fields;
    private final Button folder;
    private final Label summary = new Label();
    private final Label listed = Parts.quiet("");
    private final Button deliver;
    private final Map<What, String> titles = new EnumMap<>(What.class);

    /**
     * @param camera how the stage is seen
     * @param picker asks where things go
     */
    public DeliveryDesk(Workspace workspace, Supplier<Camera> camera, FilePicker picker) {
        this.workspace = workspace;
        this.deliveries = workspace.deliveries();
        this.camera = camera;
        this.asks = new FileMemory(picker, workspace.settings(), "deliveries");
        this.kinds = new KindsPane(deliveries);
        this.fields = new OrderFields(workspace);
        what.getItems().addAll(What.values());
        what.setConverter(new Shown<>(w -> titles.getOrDefault(w, "")));
        what.setMaxWidth(Double.MAX_VALUE);
        what.setId("deliver-what");
        what.setAccessibleText("What is delivered");
        what.setTooltip(new Tooltip("What of the project is delivered; more is chosen in the table of lines (Ctrl+L)"));
        what.setOnAction(e -> {
            if (what.getValue() != null) {
                deliveries.what().set(what.getValue());
            }
        });
        HBox.setHgrow(what, Priority.ALWAYS);
        performers.setTooltip(
                new Tooltip("Who performs the lines: their speakers, or others, each in files of their own"));
        performers.setId("deliver-as");
        performers.setMinWidth(MenuButton.USE_PREF_SIZE);
        presets.setId("delivery-presets");
        presets.setTooltip(new Tooltip("What was set up once, to be used again and shared"));
        folder = Parts.button("", Feather.FOLDER, "Choose where the files go", "delivery-folder", this::chooseFolder);
        folder.setMaxWidth(Double.MAX_VALUE);
        folder.setTextOverrun(OverrunStyle.LEADING_ELLIPSIS);
        folder.getStyleClass().add("row-button");
        HBox.setHgrow(folder, Priority.ALWAYS);
        deliver = Parts.button("Deliver", Feather.SEND, "Writes these files (Ctrl+E)", "export", this::deliverOrAsk);
        deliver.getStyleClass().add("primary");
        deliver.setMaxWidth(Double.MAX_VALUE);
        summary.getStyleClass().add("proof-summary");
        summary.setWrapText(true);
        summary.setMinHeight(Label.USE_PREF_SIZE);
        summary.setId("delivery-summary");
        Label into = new Label("Into");
        into.setMinWidth(46);
        HBox head = Parts.row(Parts.title("Delivery"), new Gap(), presets);
        getChildren()
                .addAll(
                        head,
                        Parts.row(what, performers),
                        Parts.card(kinds),
                        Parts.card(fields, Parts.row(into, folder)),
                        summary,
                        listed,
                        deliver,
                        new QueuePane(deliveries.queue(), asks, workspace.jobs()::say));
        offerPresets();
        deliveries.order().addListener((o, b, n) -> refresh());
        deliveries.what().addListener((o, b, n) -> refresh());
        deliveries.chosen().addListener((o, b, n) -> refresh());
        deliveries.performers().addListener((o, b, n) -> refresh());
        deliveries.folder().addListener((o, b, n) -> refresh());
    }

    /** Room between what stands left and right. */
    private static final class Gap extends Region {
        Gap() {
            HBox.setHgrow(this, Priority.ALWAYS);
        }
    }

    /** Chooses one format. */
    public void choose(Kind kind) {
        deliveries.order().set(deliveries.order().get().withKinds(Set.of(kind)));
    }

    /** Asks for a folder where none is chosen yet, and delivers there. */
    public void deliverOrAsk() {
        if (deliveries.preview().plan().isEmpty()) {
            workspace.jobs().say(deliveries.preview().problem());
            return;
        }
        if (deliveries.folder().get().isEmpty()) {
            chooseFolder();
        }
        deliveries.deliver(Map.of(STAGE, camera.get()));
    }

    /** Delivers into a folder. */
    public void deliverTo(Path into) {
        deliveries.folder().set(Optional.of(into));
        deliverOrAsk();
    }

    private void chooseFolder() {
        asks.folder("Where the files go").ifPresent(f -> deliveries.folder().set(Optional.of(f)));
    }

    // --- presets ---------------------------------------------------------------------------------------------------

    private void offerPresets() {
        List<MenuItem> items = new ArrayList<>();
        for (Order preset : deliveries.presets().list()) {
            MenuItem item = new MenuItem(preset.name());
            item.setOnAction(e -> deliveries.order().set(preset));
            items.add(item);
        }
        TextField name = new TextField();
        name.setPromptText("Keep this as\u2026");
        name.setId("preset-name");
        name.setAccessibleText("Name of the preset");
        CustomMenuItem keep = new CustomMenuItem(name, false);
        name.setOnAction(e -> deliveries
                .presets()
                .save(name.getText(), deliveries.order().get())
                .ifPresent(kept -> {
                    presets.hide();
                    offerPresets();
                    workspace.jobs().say("Kept the preset \"" + kept.name() + "\".");
                    deliveries.order().set(kept);
                }));
        MenuItem save = new MenuItem("Save as a file\u2026");
        save.setOnAction(e -> saveAsFile());
        MenuItem open = new MenuItem("Open a file\u2026");
        open.setOnAction(e -> openFile());
        items.add(new SeparatorMenuItem());
        items.add(keep);
        items.add(save);
        items.add(open);
        presets.getItems().setAll(items);
    }

    private void saveAsFile() {
        Order order = deliveries.order().get();
        asks.save(
                        "Save the preset",
                        "Delivery preset",
                        List.of(OrderFiles.EXTENSION),
                        (order.name().isBlank() ? "delivery" : order.name()) + OrderFiles.EXTENSION)
                .ifPresent(path -> workspace
                        .jobs()
                        .start(
                                "Saving " + path.getFileName(),
                                progress -> {
                                    OrderFiles.save(order, path);
                                    return path;
                                },
                                done -> workspace.jobs().say("Saved " + path.getFileName() + ".")));
    }

    private void openFile() {
        asks.open("Open a preset", "Delivery preset", List.of(OrderFiles.EXTENSION))
                .ifPresent(path -> workspace
                        .jobs()
                        .start(
                                "Opening " + path.getFileName(),
                                progress -> OrderFiles.open(path),
                                order -> deliveries.order().set(order)));
    }

    // --- showing ---------------------------------------------------------------------------------------------------

    @Override
    public void refresh() {
        int chosen = deliveries.chosen().get().size();
        titles.put(
                What.HERE,
                workspace
                        .openScene()
                        .map(s -> "The scene " + s.title().strip())
                        .or(() -> workspace
                                .line()
                                .map(l -> "The line " + l.title().strip()))
                        .orElse("The line"));
        titles.put(What.CHOSEN, chosen == 0 ? "Chosen in the table of lines" : chosen + " chosen in the table");
        titles.put(What.LINES, "All lines (" + workspace.project().lines().size() + ")");
        titles.put(What.SCENES, "All scenes (" + workspace.project().scenes().size() + ")");
        // The combo box asks for its texts anew only when its value is set.
        what.setValue(null);
        what.setValue(deliveries.what().get());
        offerPerformers();
        kinds.refresh();
        fields.refresh();
        folder.setText(deliveries.folder().get().map(Path::toString).orElse("Choose a folder\u2026"));
        Deliveries.Preview preview = deliveries.preview();
        deliver.setDisable(preview.plan().isEmpty());
        summary.getStyleClass().setAll("label", preview.plan().isEmpty() ? "warn" : "proof-summary");
        summary.setText(preview.plan().map(DeliveryDesk::counted).orElse(preview.problem()));
        listed.setText(preview.plan().map(DeliveryDesk::names).orElse(""));
        Parts.shown(listed, preview.plan().isPresent());
    }

    private static String counted(DeliveryPlan plan) {
        int count = plan.outputs().size();
        double megabytes = plan.bytes() / 1e6;
        String size = megabytes >= 1000
                ? String.format(Locale.ROOT, "%.1f GB", megabytes / 1000)
                : String.format(Locale.ROOT, megabytes >= 10 ? "%.0f MB" : "%.1f MB", megabytes);
        return count + (count == 1 ? " file" : " files") + ", about " + size;
    }

    private static String names(DeliveryPlan plan) {
        List<Output> outputs = plan.outputs();
        String first = outputs.stream()
                .limit(LISTED)
                .map(o -> o.path().getFileName() + (o.kind() == Kind.PICTURES ? "/" : ""))
                .collect(Collectors.joining("\n"));
        return outputs.size() <= LISTED ? first : first + "\nand " + (outputs.size() - LISTED) + " more";
    }

    private void offerPerformers() {
        List<String> chosen = deliveries.performers().get();
        List<MenuItem> items = new ArrayList<>();
        for (Member member : workspace.project().cast()) {
            CheckMenuItem item = new CheckMenuItem(member.name());
            item.setSelected(chosen.contains(member.id()));
            item.setOnAction(e -> {
                List<String> changed = new ArrayList<>(chosen);
                if (item.isSelected()) {
                    changed.add(member.id());
                } else {
                    changed.remove(member.id());
                }
                deliveries.performers().set(List.copyOf(changed));
            });
            items.add(item);
        }
        performers.getItems().setAll(items);
        performers.setText(
                chosen.isEmpty()
                        ? "by its speaker"
                        : "by " + chosen.size() + (chosen.size() == 1 ? " other" : " others"));
    }
}
