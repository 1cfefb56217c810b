package graykite.media;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.delivery.DeliveryPlan;
import graykite.delivery.Item;
import graykite.delivery.Output;
import graykite.delivery.Subject;
import graykite.delivery.Subjects;
import graykite.project.Project;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** Writes all that a plan asks for; what cannot be delivered is said and does not stop the rest. */
public final class DeliveryRun {
    private DeliveryRun() {}

    /**
     * What became of an output.
     *
     * @param problem why it was not written; nothing when it was
     */
    public record Outcome(Output output, Optional<String> problem) {}

    /**
     * Runs a plan. Takes its time; not for an interface thread.
     *
     * @param told hears of each output once it is done, on the thread that runs this
     * @return what became of each output, in the order of the plan
     */
    public static List<Outcome> run(
            Subjects subjects, Project project, DeliveryPlan plan, Consumer<Outcome> told, Progress progress) {
        Map<Item, List<Output>> byItem = new LinkedHashMap<>();
        plan.outputs()
                .forEach(o ->
                        byItem.computeIfAbsent(o.item(), i -> new ArrayList<>()).add(o));
        List<Outcome> outcomes = new ArrayList<>();
        double done = 0;
        double all = Math.max(1, weight(plan.outputs()));
        for (Map.Entry<Item, List<Output>> entry : byItem.entrySet()) {
            double share = weight(entry.getValue()) / all;
            for (Outcome outcome : item(
                    subjects, project, plan, entry.getKey(), entry.getValue(), progress.part(done, done + share))) {
                outcomes.add(outcome);
                told.accept(outcome);
            }
            done += share;
        }
        progress.at(1);
        return outcomes;
    }

    /** What is drawn takes most of the time. */
    private static double weight(List<Output> outputs) {
        return outputs.stream().mapToDouble(o -> o.kind().isDrawn() ? 50 : 1).sum();
    }

    private static List<Outcome> item(
            Subjects subjects, Project project, DeliveryPlan plan, Item item, List<Output> outputs, Progress progress) {
        List<Outcome> outcomes = new ArrayList<>();
        Subject subject;
        try {
            boolean noted = outputs.stream().anyMatch(o -> Deliverer.needsNotes(o.kind()));
            subject = subjects.of(project, item, noted, progress.part(0, 0.05));
        } catch (BadInput missing) {
            outputs.forEach(o -> outcomes.add(new Outcome(o, Optional.of(missing.getMessage()))));
            return outcomes;
        }
        double done = 0.05;
        double all = weight(outputs) / 0.95;
        for (Output output : outputs) {
            double share = weight(List.of(output)) / all;
            try {
                Deliverer.write(subject, plan.order(), output, progress.part(done, done + share));
                outcomes.add(new Outcome(output, Optional.empty()));
            } catch (BadInput refused) {
                outcomes.add(new Outcome(output, Optional.of(refused.getMessage())));
            }
            done += share;
        }
        return outcomes;
    }
}
