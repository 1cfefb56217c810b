package graykite.studio.model;

import graykite.edit.CastEdit;
import graykite.people.FaceMaker;
import graykite.people.plan.PersonPlan;
import graykite.project.Member;
import graykite.rig.Character;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.UnaryOperator;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;

/**
 * Shapes a face that is carved of a plan. While a hand is at it the face is only sketched, again and again; once it rests
 * the face is made whole, by one edit.
 */
public final class FaceShaping implements AutoCloseable {
    private final Workspace workspace;
    private final Trial trial;
    private final PauseTransition rest = new PauseTransition(Duration.millis(350));
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("face sketch").factory());
    private Optional<PersonPlan> wished = Optional.empty();
    /** Whose wish it is: nothing is lost when somebody else is looked at before it is settled. */
    private String whose = "";

    private String what = "";
    private boolean sketching;
    private boolean held;

    public FaceShaping(Workspace workspace, Trial trial) {
        this.workspace = workspace;
        this.trial = trial;
        rest.setOnFinished(e -> {
            if (!held) {
                settle();
            }
        });
        workspace.history().addListener((o, b, n) -> forget());
        trial.memberId().addListener((o, b, n) -> release());
    }

    /** The plan of the member that is looked at, as it is wished for; nothing for one that came finished. */
    public Optional<PersonPlan> plan() {
        return wished.or(() -> trial.member().source() instanceof Member.Carved carved
                ? Optional.of(carved.plan())
                : Optional.empty());
    }

    /** A drag begins: nothing is settled before {@link #release}. */
    public void hold() {
        held = true;
    }

    /** The drag ends. */
    public void release() {
        held = false;
        settle();
    }

    /** Wishes for another plan and sketches it. @param name what is done, in words */
    public void wish(String name, UnaryOperator<PersonPlan> change) {
        plan().map(change).ifPresent(changed -> {
            wished = Optional.of(changed);
            whose = trial.member().id();
            what = name;
            rest.playFromStart();
            sketch();
        });
    }

    /** Makes what is wished for an edit at once. */
    public void settle() {
        rest.stop();
        Optional<PersonPlan> settled = wished;
        wished = Optional.empty();
        settled.ifPresent(plan -> workspace.edit(new CastEdit.ShapeFace(whose, plan, what)));
    }

    private void forget() {
        rest.stop();
        wished = Optional.empty();
        held = false;
    }

    /** Sketches the newest wish; while one is drawn, others wait for their turn and only the last of them is drawn. */
    private void sketch() {
        if (sketching || wished.isEmpty() || worker.isShutdown()) {
            return;
        }
        sketching = true;
        PersonPlan plan = wished.get();
        String member = trial.member().id();
        worker.execute(() -> {
            Optional<Character> drawn = drawn(plan);
            Platform.runLater(() -> {
                sketching = false;
                boolean current = trial.member().id().equals(member) && plan().isPresent();
                if (current) {
                    drawn.ifPresent(trial::sketch);
                }
                if (current && !wished.equals(Optional.of(plan))) {
                    sketch();
                }
            });
        });
    }

    private Optional<Character> drawn(PersonPlan plan) {
        try {
            return Optional.of(FaceMaker.sketch(plan));
        } catch (IllegalArgumentException noHead) {
            Platform.runLater(() -> workspace.jobs().say(noHead.getMessage()));
            return Optional.empty();
        }
    }

    @Override
    public void close() {
        worker.shutdownNow();
    }
}
