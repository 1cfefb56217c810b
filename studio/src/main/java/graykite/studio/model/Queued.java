package graykite.studio.model;

import graykite.base.Progress;
import graykite.delivery.DeliveryPlan;
import graykite.media.DeliveryRun;
import graykite.picture.Camera;
import graykite.project.Project;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.DoubleConsumer;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** A delivery that waits, runs or is over. On the JavaFX thread. */
public final class Queued {
    /** How far it is. */
    public enum State {
        WAITING,
        RUNNING,
        /** Something is there already: the user decides. */
        ASKS,
        DONE,
        FAILED,
        CANCELLED
    }

    final Project project;
    final Map<String, Camera> views;
    final AtomicBoolean cancel = new AtomicBoolean();
    final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(State.WAITING);
    final ReadOnlyDoubleWrapper fraction = new ReadOnlyDoubleWrapper();
    final ReadOnlyStringWrapper says = new ReadOnlyStringWrapper("Waits for its turn");
    private final String title;
    private final Path folder;
    DeliveryPlan plan;
    boolean mayReplace;
    List<String> problems = List.of();
    List<DeliveryRun.Outcome> outcomes = List.of();

    Queued(String title, Path folder, Project project, DeliveryPlan plan, Map<String, Camera> views) {
        this.title = title;
        this.folder = folder;
        this.project = project;
        this.plan = plan;
        this.views = Map.copyOf(views);
    }

    /** What is delivered. */
    public String title() {
        return title;
    }

    /** Where it goes. */
    public Path folder() {
        return folder;
    }

    public ReadOnlyObjectProperty<State> state() {
        return state.getReadOnlyProperty();
    }

    /** Share of the work that is done. */
    public ReadOnlyDoubleProperty fraction() {
        return fraction.getReadOnlyProperty();
    }

    /** Where it is, or what went wrong, in a line. */
    public ReadOnlyStringProperty says() {
        return says.getReadOnlyProperty();
    }

    /** Everything that went wrong, a line each. */
    public List<String> problems() {
        return problems;
    }

    /** True when there is something to report of more than one line or scene. */
    public boolean canReport() {
        return outcomes.stream().map(o -> o.output().item()).distinct().count() > 1;
    }

    /** True once nothing happens to it any more by itself. */
    public boolean isOver() {
        return switch (state.get()) {
            case WAITING, RUNNING -> false;
            case ASKS, DONE, FAILED, CANCELLED -> true;
        };
    }

    /** Progress of the strip, with a cancel of its own. */
    Progress watched(Progress strip, DoubleConsumer shown) {
        return new Progress() {
            @Override
            public void at(double part) {
                strip.at(part);
                shown.accept(part);
            }

            @Override
            public boolean cancelled() {
                return cancel.get() || strip.cancelled();
            }
        };
    }
}
