package graykite.delivery;

import graykite.base.BadInput;
import graykite.project.Project;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What a delivery will write, known before anything is worked out: which files, under which names, about how large.
 *
 * @param outputs in the order in which they are written
 */
public record DeliveryPlan(Order order, List<Output> outputs) {
    /** More files than these are a mistake. */
    private static final int MOST = 200_000;

    public DeliveryPlan {
        outputs = List.copyOf(outputs);
    }

    /**
     * Plans a delivery.
     *
     * @param items what of the project; nothing of it is worked out
     * @param folder where all of it goes
     * @param today fills {date}
     * @throws BadInput when a name comes twice or a line is gone
     */
    public static DeliveryPlan of(Project project, List<Item> items, Order order, Path folder, LocalDate today) {
        List<Output> outputs = new ArrayList<>();
        for (Item item : items) {
            outputs.addAll(ItemPlan.of(project, item, order, folder, today));
            if (outputs.size() > MOST) {
                throw new BadInput(
                        "More than " + MOST + " files are asked for at once. Deliver fewer lines at a time.");
            }
        }
        DeliveryPlan plan = new DeliveryPlan(order, outputs);
        plan.checkClashes();
        return plan;
    }

    /** @throws BadInput when two outputs would have one name */
    public void checkClashes() {
        Map<String, Output> taken = new HashMap<>();
        for (Output output : outputs) {
            // Many systems do not tell capitals from small letters.
            Output other =
                    taken.putIfAbsent(output.path().getFileName().toString().toLowerCase(Locale.ROOT), output);
            if (other != null) {
                throw new BadInput("\"" + other.of() + "\" and \"" + output.of() + "\" would both be written as "
                        + output.path().getFileName() + ". Put {number}, {speaker} or another field into the names.");
            }
        }
    }

    // --- what is there already ---------------------------------------------------------------------------------------

    /** Files and folders of this plan that are there already. */
    public List<Path> existing() {
        return outputs.stream().map(Output::path).filter(Files::exists).toList();
    }

    /** @throws BadInput when anything would be replaced */
    public void checkNothingIsReplaced() {
        List<Path> there = existing();
        if (!there.isEmpty()) {
            throw BadInput.inFile(
                    there.getFirst(),
                    "is there already" + (there.size() == 1 ? "" : ", and " + (there.size() - 1) + " more")
                            + ". Choose another folder or other names, or add --overwrite.");
        }
    }

    /** About how many bytes all of it takes. */
    public long bytes() {
        return outputs.stream().mapToLong(Output::bytes).sum();
    }
}
