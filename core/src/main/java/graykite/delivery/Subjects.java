package graykite.delivery;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.picture.Camera;
import graykite.project.Comment;
import graykite.project.KeptView;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.proof.ProofNote;
import graykite.proof.checks.Checks;
import graykite.scene.Scene;
import graykite.sound.Sound;
import graykite.workbench.LineSheet;
import graykite.workbench.Moments;
import graykite.workbench.Proofs;
import graykite.workbench.Staged;
import graykite.workbench.Workbench;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Makes lines and scenes of a project ready to be delivered. Takes its time; not for an interface thread. */
public final class Subjects {
    /** Rate of what is heard of a scene without recordings. */
    private static final int SILENT = 48_000;

    private final Workbench workbench;
    private final Proofs proofs;
    private final Map<String, Camera> more;

    /** @param more views that have a name besides those of everybody and of the project, such as that of the stage */
    public Subjects(Workbench workbench, Map<String, Camera> more) {
        this.workbench = workbench;
        this.proofs = new Proofs(workbench, Checks.shipped());
        this.more = Map.copyOf(more);
    }

    /** The project in which somebody else performs the line, where an item asks for that. */
    public static Project cast(Project project, Item item) {
        return item.as()
                .map(member -> {
                    project.member(member).orElseThrow(() -> new BadInput("Nobody in the cast is \"" + member + "\"."));
                    return project.with(line(project, item.id()).withSpeaker(member));
                })
                .orElse(project);
    }

    private static Line line(Project project, String id) {
        return project.line(id).orElseThrow(() -> new BadInput("The line is no longer in the project."));
    }

    /**
     * Makes an item ready.
     *
     * @param noted true when what was said about it is wanted too
     * @throws BadInput when it is not read yet
     */
    public Subject of(Project before, Item item, boolean noted, Progress progress) {
        Project project = cast(before, item);
        return switch (item.kind()) {
            case LINE -> ofLine(project, line(project, item.id()), noted, progress);
            case SCENE ->
                ofScene(
                        project,
                        project.scene(item.id())
                                .orElseThrow(() -> new BadInput("The scene is no longer in the project.")),
                        noted,
                        progress);
        };
    }

    private Subject ofLine(Project project, Line line, boolean noted, Progress progress) {
        Staged staged = workbench.line(project, line.id(), progress);
        String title = line.title().strip();
        Scene scene = staged.scene()
                .orElseThrow(() -> new BadInput("\"" + title + "\" "
                        + (line.sound().isEmpty() ? "has no recording" : "is not read yet")
                        + ", so there is nothing to deliver of it."));
        return new Subject(
                title,
                scene,
                project.dressing(line.id()),
                staged.sound().orElseGet(() -> Sound.silence(scene.duration(), SILENT)),
                project.rate(),
                line.voice().startFrame(),
                List.of(project.speakerOf(line).name()),
                Map.of(line.id(), title),
                noted ? notes(project, line, 0, progress) : List.of(),
                views(project),
                p -> new LineSheet(new Moments(workbench)).of(project, line, p));
    }

    private Subject ofScene(Project project, SceneWork work, boolean noted, Progress progress) {
        Staged staged = workbench.scene(project, work.id(), progress);
        String title = work.title().strip();
        Scene scene = staged.scene()
                .orElseThrow(() -> new BadInput(
                        "No line of \"" + title + "\" is read yet, so there is nothing to deliver of it."));
        List<String> people = new ArrayList<>();
        for (int i = 0; i < scene.size(); i++) {
            String member = scene.role(i).member();
            people.add(project.member(member).map(m -> m.name()).orElse(member));
        }
        Map<String, String> lines = new LinkedHashMap<>();
        List<Subject.Noted> notes = new ArrayList<>();
        for (SceneWork.Block block : work.blocks()) {
            project.line(block.line()).ifPresent(line -> {
                lines.put(line.id(), line.title().strip());
                if (noted) {
                    notes.addAll(notes(project, line, block.start(), progress));
                }
            });
        }
        notes.sort(Comparator.comparingDouble(Subject.Noted::time));
        return new Subject(
                title,
                scene,
                project.dressing(work.id()),
                staged.sound().orElseGet(() -> Sound.silence(scene.duration(), SILENT)),
                project.rate(),
                0,
                people,
                lines,
                notes,
                views(project),
                p -> new LineSheet(new Moments(workbench)).ofScene(project, work, p));
    }

    private Function<String, Optional<Camera>> views(Project project) {
        return name -> Optional.ofNullable(more.get(name))
                .or(() -> Optional.ofNullable(STANDARD.get(name)))
                .or(() -> project.views().stream()
                        .filter(v -> v.name().equalsIgnoreCase(name))
                        .map(KeptView::camera)
                        .findFirst());
    }

    /** The views that everybody has, by name. */
    public static final Map<String, Camera> STANDARD = standard();

    private static Map<String, Camera> standard() {
        Map<String, Camera> views = new LinkedHashMap<>();
        views.put("front", Camera.FRONT);
        views.put("three-quarter", Camera.THREE_QUARTER);
        views.put("profile", Camera.PROFILE);
        views.put("mouth", Camera.MOUTH);
        return views;
    }

    /** Open comments, and what the proof finds. */
    private List<Subject.Noted> notes(Project project, Line line, double start, Progress progress) {
        List<Subject.Noted> notes = new ArrayList<>();
        for (Comment comment : line.review().comments()) {
            if (!comment.done()) {
                notes.add(new Subject.Noted(start + comment.at().in(line.words()), comment.text()));
            }
        }
        for (ProofNote note :
                proofs.of(project, line, Optional.empty(), progress.quiet()).open()) {
            notes.add(new Subject.Noted(start + note.time(), note.rule().title()));
        }
        notes.sort(Comparator.comparingDouble(Subject.Noted::time));
        return notes;
    }
}
