package graykite.delivery;

import graykite.base.BadInput;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.time.FrameRate;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

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
            add(project, item, order, folder, today, outputs);
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

    private static void add(
            Project before, Item item, Order order, Path folder, LocalDate today, List<Output> outputs) {
        Project project = Subjects.cast(before, item);
        List<String> spoken = spoken(project, item);
        List<Member> people = people(project, item, spoken);
        String title = title(project, item);
        String base = NameTemplate.filled(order.names(), fields(project, item, order, people, today));
        FrameRate rate = order.rate().orElse(project.rate());
        double seconds = seconds(project, item, spoken);
        for (Kind kind : order.kinds()) {
            switch (kind.makes()) {
                case ONE ->
                    outputs.add(
                            output(item, title, kind, Optional.empty(), -1, "", folder, base, order, rate, seconds));
                case ONE_A_PERSON -> {
                    for (int p = 0; p < people.size(); p++) {
                        String own = people.size() == 1
                                ? base
                                : base + "-" + NameTemplate.safe(people.get(p).id());
                        outputs.add(
                                output(item, title, kind, Optional.empty(), p, "", folder, own, order, rate, seconds));
                    }
                }
                case ONE_A_VIEW -> {
                    List<String> views = order.pictures().views();
                    for (String view : views) {
                        String own = views.size() == 1 ? base : base + "-" + NameTemplate.safe(view);
                        outputs.add(output(
                                item, title, kind, Optional.of(view), -1, "", folder, own, order, rate, seconds));
                    }
                }
                case ONE_A_LINE -> {
                    for (String line : spoken) {
                        String own = spoken.size() == 1
                                ? base
                                : base + "-"
                                        + NameTemplate.safe(
                                                project.line(line).orElseThrow().title());
                        outputs.add(output(
                                item, title, kind, Optional.empty(), -1, line, folder, own, order, rate, seconds));
                    }
                }
            }
        }
    }

    private static Output output(
            Item item,
            String title,
            Kind kind,
            Optional<String> view,
            int actor,
            String line,
            Path folder,
            String base,
            Order order,
            FrameRate rate,
            double seconds) {
        return new Output(
                item,
                title,
                kind,
                view,
                actor,
                line,
                folder.resolve(base + kind.ending()),
                Sizes.about(kind, order, rate, seconds));
    }

    // --- what there is -----------------------------------------------------------------------------------------------

    private static String title(Project project, Item item) {
        return switch (item.kind()) {
            case LINE -> project.line(item.id()).map(Line::title).orElse("").strip();
            case SCENE ->
                project.scene(item.id()).map(SceneWork::title).orElse("").strip();
        };
    }

    /** Ids of the lines that are spoken and read. */
    private static List<String> spoken(Project project, Item item) {
        List<String> ids =
                switch (item.kind()) {
                    case LINE -> List.of(item.id());
                    case SCENE ->
                        project
                                .scene(item.id())
                                .orElseThrow(() -> new BadInput("The scene is no longer in the project."))
                                .blocks()
                                .stream()
                                .map(SceneWork.Block::line)
                                .toList();
                };
        return ids.stream()
                .filter(id -> project.line(id)
                        .map(l -> l.timing().isPresent() && l.sound().isPresent())
                        .orElse(false))
                .toList();
    }

    /** Who stands on the stage, in the order in which the workbench puts them there. */
    private static List<Member> people(Project project, Item item, List<String> spoken) {
        Set<String> present = new LinkedHashSet<>();
        if (item.kind() == Item.What.SCENE) {
            project.scene(item.id()).orElseThrow().people().forEach(p -> present.add(p.member()));
            spoken.forEach(id -> present.add(
                    project.speakerOf(project.line(id).orElseThrow()).id()));
        } else {
            Line line =
                    project.line(item.id()).orElseThrow(() -> new BadInput("The line is no longer in the project."));
            present.add(project.speakerOf(line).id());
        }
        return present.stream().flatMap(id -> project.member(id).stream()).toList();
    }

    private static double seconds(Project project, Item item, List<String> spoken) {
        double end = 0;
        for (String id : spoken) {
            double start = item.kind() == Item.What.LINE
                    ? 0
                    : project.scene(item.id())
                            .orElseThrow()
                            .block(id)
                            .orElseThrow()
                            .start();
            end = Math.max(
                    end,
                    start
                            + project.line(id)
                                    .orElseThrow()
                                    .timing()
                                    .orElseThrow()
                                    .duration());
        }
        return end;
    }

    private static Map<String, String> fields(
            Project project, Item item, Order order, List<Member> people, LocalDate today) {
        boolean line = item.kind() == Item.What.LINE;
        int number = line
                ? project.lines().indexOf(project.line(item.id()).orElseThrow())
                : project.scenes().indexOf(project.scene(item.id()).orElseThrow());
        String take = line
                ? project.line(item.id())
                        .flatMap(Line::sound)
                        .map(s -> s.name().replaceFirst("\\.[^.]*$", ""))
                        .orElse("")
                : "";
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("project", project.title());
        fields.put("line", title(project, item));
        fields.put("number", String.format(Locale.ROOT, "%03d", number + 1));
        fields.put("speaker", people.size() == 1 ? people.getFirst().name() : "all");
        fields.put("take", take);
        fields.put("rate", order.rate().orElse(project.rate()).toString());
        fields.put("date", today.toString());
        return fields;
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
