package graykite.delivery;

import graykite.base.BadInput;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.time.FrameRate;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Names all that is written of one line or scene. */
final class ItemPlan {
    private final Project project;
    private final Item item;
    private final Order order;
    private final Path folder;
    private final List<String> spoken;
    private final List<Member> people;
    private final String title;
    private final double seconds;
    private final List<Output> outputs = new ArrayList<>();

    private ItemPlan(Project before, Item item, Order order, Path folder) {
        this.project = Subjects.cast(before, item);
        this.item = item;
        this.order = order;
        this.folder = folder;
        this.spoken = spoken();
        this.people = people();
        this.title = title();
        this.seconds = seconds();
    }

    /** @throws BadInput when the line or scene is gone */
    static List<Output> of(Project project, Item item, Order order, Path folder, LocalDate today) {
        ItemPlan plan = new ItemPlan(project, item, order, folder);
        plan.name(NameTemplate.filled(order.names(), plan.fields(today)));
        return plan.outputs;
    }

    private void name(String base) {
        for (Kind kind : order.kinds()) {
            switch (kind.makes()) {
                case ONE -> add(kind, Optional.empty(), -1, "", base);
                case ONE_A_PERSON -> {
                    for (int p = 0; p < people.size(); p++) {
                        add(
                                kind,
                                Optional.empty(),
                                p,
                                "",
                                apart(base, people.size(), people.get(p).id()));
                    }
                }
                case ONE_A_VIEW -> {
                    List<String> views = order.pictures().views();
                    views.forEach(v -> add(kind, Optional.of(v), -1, "", apart(base, views.size(), v)));
                }
                case ONE_A_LINE ->
                    spoken.forEach(
                            id -> add(kind, Optional.empty(), -1, id, apart(base, spoken.size(), line(id).title())));
            }
        }
    }

    /** Where there are several, what sets one apart stands behind the name. */
    private static String apart(String base, int count, String own) {
        return count == 1 ? base : base + "-" + NameTemplate.safe(own);
    }

    private void add(Kind kind, Optional<String> view, int actor, String line, String name) {
        FrameRate rate = order.rate().orElse(project.rate());
        Path path = folder.resolve(name + kind.ending());
        outputs.add(new Output(item, title, kind, view, actor, line, path, Sizes.about(kind, order, rate, seconds)));
    }

    // --- what there is -----------------------------------------------------------------------------------------------

    private boolean isLine() {
        return item.kind() == Item.What.LINE;
    }

    private Line line(String id) {
        return project.line(id).orElseThrow(() -> new BadInput("The line is no longer in the project."));
    }

    private SceneWork scene() {
        return project.scene(item.id()).orElseThrow(() -> new BadInput("The scene is no longer in the project."));
    }

    private String title() {
        return (isLine() ? line(item.id()).title() : scene().title()).strip();
    }

    /** Ids of the lines that are spoken: of a scene those that are read, a line as it is. */
    private List<String> spoken() {
        return isLine()
                ? List.of(line(item.id()).id())
                : scene().blocks().stream()
                        .map(SceneWork.Block::line)
                        .filter(id -> project.line(id)
                                .map(l -> l.timing().isPresent() && l.sound().isPresent())
                                .orElse(false))
                        .toList();
    }

    /** Who stands on the stage, in the order in which the workbench puts them there. */
    private List<Member> people() {
        Set<String> present = new LinkedHashSet<>();
        if (!isLine()) {
            scene().people().forEach(p -> present.add(p.member()));
        }
        spoken.forEach(id -> present.add(project.speakerOf(line(id)).id()));
        return present.stream().flatMap(id -> project.member(id).stream()).toList();
    }

    private double seconds() {
        double end = 0;
        for (String id : spoken) {
            double start = isLine() ? 0 : scene().block(id).orElseThrow().start();
            end = Math.max(end, start + line(id).timing().map(t -> t.duration()).orElse(0.0));
        }
        return end;
    }

    private Map<String, String> fields(LocalDate today) {
        int number = isLine()
                ? project.lines().indexOf(line(item.id()))
                : project.scenes().indexOf(scene());
        String take = isLine()
                ? line(item.id())
                        .sound()
                        .map(s -> s.name().replaceFirst("\\.[^.]*$", ""))
                        .orElse("")
                : "";
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("project", project.title());
        fields.put("line", title);
        fields.put("number", String.format(Locale.ROOT, "%03d", number + 1));
        fields.put("speaker", people.size() == 1 ? people.getFirst().name() : "all");
        fields.put("take", take);
        fields.put("rate", order.rate().orElse(project.rate()).toString());
        fields.put("date", today.toString());
        return fields;
    }
}
