package graykite.command;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.delivery.DeliveryPlan;
import graykite.delivery.Item;
import graykite.delivery.NameTemplate;
import graykite.delivery.Order;
import graykite.delivery.Subjects;
import graykite.format.ProjectFiles;
import graykite.media.DeliveryRun;
import graykite.media.SoundReader;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.workbench.Figures;
import graykite.workbench.Workbench;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Hands over lines and scenes of projects in any format. */
@Command(
        name = "deliver",
        description = "Delivers lines and scenes of projects: glTF, curves, movies, pictures, sheets, subtitles.",
        mixinStandardHelpOptions = true)
final class DeliverCommand implements Callable<Integer> {
    @Parameters(arity = "1..*", paramLabel = "PROJECT", description = "Files that end in .kite.")
    private List<Path> projects;

    @Option(
            names = "--lines",
            paramLabel = "LIST|all",
            description =
                    "Names or numbers (1 3-5) of lines, separated by commas (default: all, or none with --scenes).")
    private String lines;

    @Option(
            names = "--scenes",
            paramLabel = "LIST|all",
            description = "Names or numbers of scenes, separated by commas (default: none).")
    private String scenes;

    @Mixin
    private OrderOptions what;

    @Option(
            names = "--names",
            paramLabel = "TEMPLATE",
            description = "Names of files, with {project} {line} {number} {speaker} {take} {rate} {date} filled in"
                    + " (default: {line}).")
    private String names;

    @Option(
            names = "--thin",
            paramLabel = "SHARE",
            description = "Thins the keys of glTF within this error, a share of each channel's range (default: a key a"
                    + " frame).")
    private Double thin;

    @Option(
            names = "--channels",
            paramLabel = "LIST",
            description = "Only these channels or regions (jaw, lips, tongue, cheeks, brows, lids, eyes, head, body).")
    private String channels;

    @Option(names = "--animation-only", description = "glTF without the character: its named nodes and their keys.")
    private boolean animationOnly;

    @Option(
            names = "--compact",
            description =
                    "glTF in less than half the size: whole numbers (KHR_mesh_quantization), which readers have to"
                            + " know.")
    private boolean compact;

    @Option(
            names = "--as",
            paramLabel = "LIST",
            description = "Members of the cast who perform the lines, each for itself, in place of the speakers.")
    private String as;

    @Mixin
    private PictureOptions pictures;

    @Mixin
    private SpanOptions span;

    @Option(names = "--dry-run", description = "Only prints what would be written.")
    private boolean dryRun;

    @Option(names = "--overwrite", description = "Replace what is there already.")
    private boolean overwrite;

    @Option(
            names = {"-o", "--out"},
            required = true,
            paramLabel = "FOLDER",
            description = "Where the files go; made when it does not exist.")
    private Path out;

    /** A project with what will be written of it. */
    private record Job(Project project, DeliveryPlan plan) {}

    @Override
    public Integer call() {
        Order order = order();
        List<Job> jobs = new ArrayList<>();
        for (Path file : projects) {
            ProjectPaths.check(file);
            Project project = ProjectFiles.open(file);
            jobs.add(new Job(project, DeliveryPlan.of(project, items(project), order, out, LocalDate.now())));
        }
        // Projects may not take one another's names either.
        DeliveryPlan all = new DeliveryPlan(
                order, jobs.stream().flatMap(j -> j.plan.outputs().stream()).toList());
        all.checkClashes();
        if (dryRun) {
            all.outputs()
                    .forEach(o -> System.out.println(o.path() + "\t" + o.kind().id()));
            return 0;
        }
        if (!overwrite) {
            all.checkNothingIsReplaced();
        }
        return run(jobs);
    }

    private static int run(List<Job> jobs) {
        long failed = 0;
        long written = 0;
        for (Job job : jobs) {
            Workbench workbench = new Workbench(SoundReader::read, new Figures());
            List<DeliveryRun.Outcome> outcomes = DeliveryRun.run(
                    new Subjects(workbench, Map.of()), job.project, job.plan, DeliverCommand::tell, Progress.none());
            long bad = outcomes.stream().filter(o -> o.problem().isPresent()).count();
            failed += bad;
            written += outcomes.size() - bad;
        }
        System.err.println("kite: " + written + (written == 1 ? " file" : " files") + " written"
                + (failed > 0 ? ", " + failed + " not" : "") + ".");
        return failed == 0 ? 0 : 1;
    }

    private static void tell(DeliveryRun.Outcome outcome) {
        if (outcome.problem().isEmpty()) {
            System.out.println(outcome.output().path());
        } else {
            System.err.println("kite: " + outcome.output().of() + ", "
                    + outcome.output().kind().id() + ": " + outcome.problem().get());
        }
    }

    // --- what is asked for -------------------------------------------------------------------------------------------

    private Order order() {
        Order order = what.order();
        if (names != null) {
            OptionValue.check(() -> NameTemplate.check(names));
            order = order.withNames(names);
        }
        Order.Curves curves = order.curves();
        curves = thin == null ? curves : curves.thinned(thin);
        curves = channels == null ? curves : curves.only(split(channels));
        curves = animationOnly ? curves.withFigure(false) : curves;
        order = order.withCurves(compact ? curves.compact(true) : curves);
        return order.withPictures(pictures.over(order.pictures())).withSpan(span.over(order.span()));
    }

    private List<Item> items(Project project) {
        List<Item> items = new ArrayList<>();
        if (lines != null || scenes == null) {
            List<Line> chosen = Chosen.of(lines == null ? "all" : lines, project.lines(), Line::title, "line");
            chosen.forEach(l -> items.addAll(performed(project, Item.line(l.id()))));
        }
        if (scenes != null) {
            List<SceneWork> chosen = Chosen.of(scenes, project.scenes(), SceneWork::title, "scene");
            chosen.forEach(s -> items.add(Item.scene(s.id())));
        }
        return items;
    }

    private List<Item> performed(Project project, Item item) {
        return as == null
                ? List.of(item)
                : split(as).stream()
                        .map(name -> item.as(member(project, name).id()))
                        .toList();
    }

    private static Member member(Project project, String name) {
        return project.cast().stream()
                .filter(m -> m.id().equalsIgnoreCase(name) || m.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> new BadInput("Nobody in the cast is \"" + name + "\". The cast is "
                        + project.cast().stream().map(Member::name).collect(Collectors.joining(", ")) + "."));
    }

    private static List<String> split(String list) {
        return Arrays.stream(list.split(","))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
    }
}
