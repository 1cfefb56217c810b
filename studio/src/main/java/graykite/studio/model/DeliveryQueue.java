package graykite.studio.model;

import graykite.delivery.DeliveryPlan;
import graykite.delivery.Item;
import graykite.delivery.Output;
import graykite.delivery.Subjects;
import graykite.media.DeliveryReport;
import graykite.media.DeliveryRun;
import graykite.picture.Camera;
import graykite.project.Line;
import graykite.project.Project;
import graykite.proof.checks.Checks;
import graykite.studio.model.Queued.State;
import graykite.workbench.Proofs;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import javafx.application.Platform;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.collections.ObservableMap;

/** Deliveries one after another: each can be cancelled, and tried again where it failed. On the JavaFX thread. */
public final class DeliveryQueue {
    private static final int MOST = 50;

    private final Workspace workspace;
    private final ObservableList<Queued> list = FXCollections.observableArrayList();
    private final ObservableList<Queued> seen = FXCollections.unmodifiableObservableList(list);

    private final ObservableMap<String, Line> delivered = FXCollections.observableHashMap();

    DeliveryQueue(Workspace workspace) {
        this.workspace = workspace;
    }

    /** All of them, the newest first. */
    public ObservableList<Queued> list() {
        return seen;
    }

    /** Lines as they were when they were delivered last in this session, by id. */
    public ObservableMap<String, Line> delivered() {
        return delivered;
    }

    private void remember(Queued queued, List<DeliveryRun.Outcome> outcomes) {
        for (DeliveryRun.Outcome outcome : outcomes) {
            Item item = outcome.output().item();
            boolean written = outcome.problem().isEmpty() && item.kind() == Item.What.LINE;
            if (written && item.as().isEmpty()) {
                queued.project.line(item.id()).ifPresent(l -> delivered.put(l.id(), l));
            }
        }
    }

    Queued add(
            String title,
            Path folder,
            Project project,
            DeliveryPlan plan,
            Map<String, Camera> views,
            boolean mayReplace) {
        Queued queued = new Queued(title, folder, project, plan, views);
        queued.mayReplace = mayReplace;
        list.addFirst(queued);
        while (list.size() > MOST && list.getLast().isOver()) {
            list.removeLast();
        }
        start(queued);
        return queued;
    }

    /** Stops one that waits or runs; what it has written stays, nothing is left half. */
    public void cancel(Queued queued) {
        queued.cancel.set(true);
        if (queued.state.get() == State.WAITING) {
            queued.state.set(State.CANCELLED);
            queued.says.set("Cancelled before it began");
        }
    }

    /** Does again what is not written yet. */
    public void retry(Queued queued) {
        if (queued.isOver()) {
            start(queued);
        }
    }

    /** Yes, what is there already is to be replaced. */
    public void replace(Queued queued) {
        queued.mayReplace = true;
        retry(queued);
    }

    /** Takes one that is over off the list. */
    public void forget(Queued queued) {
        if (queued.isOver()) {
            list.remove(queued);
        }
    }

    /** Writes a report of it beside its files: a row a line with words, doubts, notes, files and what went wrong. */
    public void report(Queued queued) {
        List<DeliveryRun.Outcome> outcomes = queued.outcomes;
        Project project = queued.project;
        Proofs proofs = new Proofs(workspace.workbench(), Checks.shipped());
        workspace
                .jobs()
                .start(
                        Jobs.Lane.DELIVERY,
                        "Writing the report of " + queued.title(),
                        progress -> {
                            DeliveryReport.of(
                                            project, outcomes, queued.folder(), workspace.workbench(), proofs, progress)
                                    .write(queued.folder());
                            return queued.folder().resolve("report.html");
                        },
                        page -> workspace.jobs().say("The report is " + page + "."),
                        () -> {});
    }

    private record Done(List<Path> there, List<DeliveryRun.Outcome> outcomes, boolean cancelled) {}

    private void start(Queued queued) {
        queued.cancel.set(false);
        queued.state.set(State.WAITING);
        queued.says.set("Waits for its turn");
        queued.fraction.set(0);
        queued.problems = List.of();
        DeliveryPlan plan = queued.plan;
        boolean mayReplace = queued.mayReplace;
        workspace
                .jobs()
                .start(
                        Jobs.Lane.DELIVERY,
                        "Delivering " + queued.title(),
                        strip -> {
                            if (queued.cancel.get()) {
                                return new Done(List.of(), List.of(), true);
                            }
                            List<Path> there = mayReplace ? List.of() : plan.existing();
                            if (!there.isEmpty()) {
                                return new Done(there, List.of(), false);
                            }
                            Platform.runLater(() -> begins(queued, plan));
                            try {
                                Subjects subjects = new Subjects(workspace.workbench(), queued.views);
                                return new Done(
                                        List.of(),
                                        DeliveryRun.run(
                                                subjects,
                                                queued.project,
                                                plan,
                                                told -> {},
                                                queued.watched(
                                                        strip,
                                                        part -> Platform.runLater(() -> queued.fraction.set(part)))),
                                        false);
                            } catch (CancellationException stopped) {
                                return new Done(List.of(), List.of(), true);
                            }
                        },
                        done -> ended(queued, plan, done),
                        () -> {
                            queued.state.set(State.FAILED);
                            queued.says.set(workspace.jobs().message().get());
                        });
    }

    private static void begins(Queued queued, DeliveryPlan plan) {
        queued.state.set(State.RUNNING);
        queued.says.set(count(plan.outputs().size(), "file"));
    }

    private void ended(Queued queued, DeliveryPlan plan, Done done) {
        if (done.cancelled) {
            queued.state.set(State.CANCELLED);
            queued.says.set("Cancelled; nothing half was left");
            return;
        }
        if (!done.there.isEmpty()) {
            queued.state.set(State.ASKS);
            queued.says.set(
                    done.there.size() == 1
                            ? done.there.getFirst().getFileName() + " is there already."
                            : count(done.there.size(), "file") + " are there already.");
            return;
        }
        remember(queued, done.outcomes);
        queued.outcomes = DeliveryReport.joined(queued.outcomes, done.outcomes);
        List<DeliveryRun.Outcome> failed =
                done.outcomes.stream().filter(o -> o.problem().isPresent()).toList();
        if (failed.isEmpty()) {
            queued.state.set(State.DONE);
            queued.fraction.set(1);
            queued.says.set(count(plan.outputs().size(), "file") + " written");
            workspace
                    .jobs()
                    .say("Delivered " + count(plan.outputs().size(), "file") + " of " + queued.title() + " to "
                            + queued.folder() + ".");
            return;
        }
        queued.problems = failed.stream()
                .map(o -> o.output().of() + ", " + o.output().kind().title() + ": "
                        + o.problem().orElseThrow())
                .toList();
        queued.state.set(State.FAILED);
        queued.says.set(failed.size() + " of " + count(plan.outputs().size(), "file") + " not written. "
                + failed.getFirst().problem().orElseThrow());
        // Trying again is about what is missing; what was just written would only be in the way.
        List<Output> missing = failed.stream().map(DeliveryRun.Outcome::output).toList();
        queued.plan = new DeliveryPlan(plan.order(), missing);
        workspace.jobs().say(queued.problems.getFirst());
    }

    private static String count(int count, String what) {
        return count + " " + what + (count == 1 ? "" : "s");
    }
}
