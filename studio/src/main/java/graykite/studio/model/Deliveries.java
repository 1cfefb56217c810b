package graykite.studio.model;

import graykite.base.BadInput;
import graykite.delivery.DeliveryPlan;
import graykite.delivery.Item;
import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.picture.Camera;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/** What is handed over, how and where to. On the JavaFX thread. */
public final class Deliveries {
    private static final String FOLDER = "delivery.folder";

    /** What of the project is delivered. */
    public enum What {
        /** The scene that is open, else the line. */
        HERE,
        /** What was chosen in the table of lines. */
        CHOSEN,
        /** Every line. */
        LINES,
        /** Every scene. */
        SCENES
    }

    private final Workspace workspace;
    private final DeliveryQueue queue;
    private final DeliveryPresets presets;
    private final ObjectProperty<Order> order;
    private final ObjectProperty<What> what = new SimpleObjectProperty<>(What.HERE);
    private final ObjectProperty<List<Item>> chosen = new SimpleObjectProperty<>(List.of());
    private final ObjectProperty<List<String>> performers = new SimpleObjectProperty<>(List.of());
    private final ObjectProperty<Optional<Path>> folder;

    private Asked last = new Asked(Project.empty(), List.of(), Order.of(Kind.GLB), Optional.empty());
    private Preview preview = new Preview(Optional.empty(), "");

    /**
     * What would be written now.
     *
     * @param plan nothing where nothing can be
     * @param problem why not; empty when all is well
     */
    public record Preview(Optional<DeliveryPlan> plan, String problem) {}

    Deliveries(Workspace workspace) {
        this.workspace = workspace;
        this.queue = new DeliveryQueue(workspace);
        this.presets = new DeliveryPresets(workspace.settings(), workspace.jobs());
        this.order = new SimpleObjectProperty<>(presets.last().orElse(Order.of(Kind.GLB)));
        this.folder = new SimpleObjectProperty<>(known(workspace.settings().text(FOLDER, "")));
        order.addListener((o, b, n) -> presets.remember(n));
        folder.addListener((o, b, n) ->
                workspace.settings().setText(FOLDER, n.map(Path::toString).orElse("")));
    }

    private static Optional<Path> known(String text) {
        try {
            return Optional.of(text).filter(t -> !t.isBlank()).map(Path::of).filter(Files::isDirectory);
        } catch (InvalidPathException foreign) {
            return Optional.empty();
        }
    }

    public DeliveryQueue queue() {
        return queue;
    }

    public DeliveryPresets presets() {
        return presets;
    }

    /** How it is delivered. */
    public ObjectProperty<Order> order() {
        return order;
    }

    /** True when a line was delivered in this session and is still as it was then. */
    public boolean delivered(Line line) {
        return queue.delivered().get(line.id()) == line;
    }

    /** What of the project is delivered. */
    public ObjectProperty<What> what() {
        return what;
    }

    /** What was chosen to be delivered together. */
    public ObjectProperty<List<Item>> chosen() {
        return chosen;
    }

    /** Members of the cast who perform the lines in place of their speakers, each for itself; none for the speakers. */
    public ObjectProperty<List<String>> performers() {
        return performers;
    }

    /** Where it goes; remembered. */
    public ObjectProperty<Optional<Path>> folder() {
        return folder;
    }

    /** Delivers what was chosen elsewhere, from now on. */
    public void choose(List<Item> items) {
        chosen.set(List.copyOf(items));
        what.set(items.isEmpty() ? What.HERE : What.CHOSEN);
    }

    /** Lines and scenes that are meant; those that are gone are left out. */
    public List<Item> items() {
        Project project = workspace.project();
        List<Item> items = switch (what.get()) {
            case HERE ->
                workspace
                        .openScene()
                        .map(s -> Item.scene(s.id()))
                        .or(() -> workspace.line().map(l -> Item.line(l.id())))
                        .map(List::of)
                        .orElse(List.of());
            case CHOSEN ->
                chosen.get().stream()
                        .filter(i -> i.kind() == Item.What.LINE
                                ? project.line(i.id()).isPresent()
                                : project.scene(i.id()).isPresent())
                        .toList();
            case LINES -> project.lines().stream().map(l -> Item.line(l.id())).toList();
            case SCENES ->
                project.scenes().stream().map(s -> Item.scene(s.id())).toList();
        };
        List<String> others = performers.get().stream()
                .filter(m -> project.member(m).isPresent())
                .toList();
        if (others.isEmpty()) {
            return items;
        }
        List<Item> performed = new ArrayList<>();
        for (Item item : items) {
            if (item.kind() == Item.What.SCENE) {
                performed.add(item);
            } else {
                others.forEach(m -> performed.add(item.as(m)));
            }
        }
        return performed;
    }

    /** What is delivered, in words. */
    public String title() {
        List<Item> items = items();
        if (items.size() == 1) {
            Item only = items.getFirst();
            return (only.kind() == Item.What.LINE
                            ? workspace.project().line(only.id()).map(Line::title)
                            : workspace.project().scene(only.id()).map(SceneWork::title))
                    .orElse("")
                    .strip();
        }
        return items.size() + (what.get() == What.SCENES ? " scenes" : " lines");
    }

    /** What would be written; nothing is worked out for it. */
    public Preview preview() {
        Asked asked = new Asked(workspace.project(), items(), order.get(), folder.get());
        if (!asked.sameAs(last)) {
            last = asked;
            preview = previewed(asked.items);
        }
        return preview;
    }

    /** What a preview follows from; with thousands of lines it is not made for every click. */
    private record Asked(Project project, List<Item> items, Order order, Optional<Path> folder) {
        boolean sameAs(Asked other) {
            return project == other.project
                    && order.equals(other.order)
                    && folder.equals(other.folder)
                    && items.equals(other.items);
        }
    }

    private Preview previewed(List<Item> items) {
        if (items.isEmpty()) {
            return new Preview(Optional.empty(), "There is nothing to deliver yet.");
        }
        boolean ready = items.stream().anyMatch(i -> i.kind() == Item.What.SCENE || isRead(i.id()));
        if (!ready) {
            return new Preview(
                    Optional.empty(),
                    "There is nothing to deliver yet: " + (items.size() == 1 ? "the line has" : "the lines have")
                            + " no reading. Read on the Reading desk first.");
        }
        try {
            Path into = folder.get().orElse(Path.of("."));
            return new Preview(
                    Optional.of(DeliveryPlan.of(workspace.project(), items, order.get(), into, LocalDate.now())), "");
        } catch (BadInput refused) {
            return new Preview(Optional.empty(), refused.getMessage());
        }
    }

    private boolean isRead(String line) {
        return workspace
                .project()
                .line(line)
                .map(l -> l.timing().isPresent() && l.sound().isPresent())
                .orElse(false);
    }

    /**
     * Delivers to the folder that was chosen; goes on in the queue.
     *
     * @param views of the stage, by name
     * @return nothing when there is nothing to deliver, or no folder
     */
    public Optional<Queued> deliver(Map<String, Camera> views) {
        Preview preview = preview();
        if (preview.plan().isEmpty()) {
            workspace.jobs().say(preview.problem());
            return Optional.empty();
        }
        return folder.get()
                .map(into -> queue.add(
                        title(), into, workspace.project(), preview.plan().get(), views, false));
    }
}
