package graykite.workbench;

import graykite.base.Progress;
import graykite.edit.Edit;
import graykite.layer.Changes;
import graykite.project.Line;
import graykite.project.Project;
import graykite.proof.Check;
import graykite.proof.FaceMeasure;
import graykite.proof.Footage;
import graykite.proof.Proof;
import graykite.proof.ProofNote;
import graykite.proof.Shot;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a strict supervisor says about the lines of a project, each alone on the stage. After an edit only the frames that
 * changed are measured again. To be asked away from any interface thread. Safe for several threads.
 */
public final class Proofs {
    /** Bytes of footage that are kept to go on from. */
    private static final long ROOM = 160L << 20;

    private static final int FACES = 16;

    /** A fix may have to be used several times: one blink does not mend half a minute without. */
    private static final int MOST_FIXES = 200;

    private final Workbench workbench;
    private final List<Check> checks;
    private final Memo<FaceMeasure> faces = Memo.ofCount(FACES);

    /** What was filmed of a line last, and what of. */
    private record Filmed(Scene scene, FrameRate rate, Footage footage) {
        long bytes() {
            return 4L * footage.frames() * (footage.character().channels().size() + 4);
        }
    }

    private final Map<String, Filmed> last = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true));

    /** @param checks what is looked for */
    public Proofs(Workbench workbench, List<Check> checks) {
        this.workbench = workbench;
        this.checks = List.copyOf(checks);
    }

    /**
     * Looks at a line. One that is not read is looked at as far as that goes.
     *
     * @param reference what is known of the film that the line is acted after
     */
    public Proof of(Project project, Line line, Optional<Shot.Film> reference, Progress progress) {
        return Proof.of(shot(project, line, reference, progress.part(0, 0.8)), checks, progress.part(0.8, 1));
    }

    /**
     * Edits that mend every open note of a check on a line: its first fix, looked at again after each, for one fix changes
     * what the next has to do. A note that its fix does not mend is passed over.
     *
     * @param check id of the check
     */
    public List<Edit> mending(
            Project project, String line, String check, Optional<Shot.Film> reference, Progress progress) {
        List<Edit> edits = new ArrayList<>();
        Project now = project;
        double passed = -1;
        for (int k = 0; k < MOST_FIXES; k++) {
            double beyond = passed;
            Optional<ProofNote> note =
                    of(now, now.line(line).orElseThrow(), reference, progress.quiet()).open().stream()
                            .filter(n ->
                                    n.rule().id().equals(check) && !n.fixes().isEmpty() && n.time() > beyond)
                            .findFirst();
            if (note.isEmpty() || note.get().fixes().getFirst().asksForATake()) {
                break;
            }
            Project after = note.get().fixes().getFirst().on(now);
            boolean stays = of(after, after.line(line).orElseThrow(), reference, progress.quiet()).open().stream()
                    .anyMatch(n -> n.rule().id().equals(check)
                            && Math.abs(n.time() - note.get().time()) < 1e-6);
            if (stays && after == now) {
                break;
            }
            passed = stays ? note.get().time() : passed;
            edits.addAll(note.get().fixes().getFirst().edits());
            now = after;
            progress.step(Math.min(0.95, (k + 1) / 20.0));
        }
        return edits;
    }

    /** A line as checks look at it. */
    public Shot shot(Project project, Line line, Optional<Shot.Film> reference, Progress progress) {
        Character character = workbench.figures().of(project.speakerOf(line));
        Optional<LineSound> sound = workbench.heard(line, progress.quiet());
        progress.step(0.3);
        Optional<Performance> performance = workbench.performance(project, line, progress.quiet());
        progress.step(0.5);
        Optional<Footage> footage = performance.map(p -> film(project, line, p));
        progress.step(1);
        return new Shot(
                project,
                line,
                character,
                sound.map(s -> new Shot.Voice(s.sound(), s.loudness())),
                performance,
                footage,
                reference);
    }

    private Footage film(Project project, Line line, Performance performance) {
        Scene scene = Scene.solo(
                project.speakerOf(line).id(),
                line.id(),
                performance,
                workbench.figures().deformer(performance.character()));
        FrameRate rate = project.rate();
        Filmed before = last.get(line.id());
        Footage footage;
        if (before != null && before.footage.character() == performance.character() && before.rate.equals(rate)) {
            Changes changes = scene.since(before.scene);
            footage = changes.none()
                    ? before.footage
                    : before.footage.after(scene, 0, 0, performance.duration(), rate, changes);
        } else {
            FaceMeasure face = faces.get(() -> new FaceMeasure(performance.character()), performance.character());
            footage = Footage.of(face, scene, 0, 0, performance.duration(), rate);
        }
        keep(line.id(), new Filmed(scene, rate, footage));
        return footage;
    }

    private void keep(String line, Filmed filmed) {
        synchronized (last) {
            last.put(line, filmed);
            long weighs = last.values().stream().mapToLong(Filmed::bytes).sum();
            var oldest = last.entrySet().iterator();
            while (weighs > ROOM && last.size() > 1) {
                weighs -= oldest.next().getValue().bytes();
                oldest.remove();
            }
        }
    }

    /** Forgets everything, as when another project is opened. */
    public void forgetAll() {
        last.clear();
    }
}
