package graykite.studio.model;

import graykite.base.Progress;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.sound.Sound;
import graykite.workbench.LineSound;
import graykite.workbench.Staged;
import graykite.workbench.Workbench;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Keeps what is seen up to date with the project: asks the workbench away from the JavaFX thread and hands on only what the
 * newest state comes to.
 */
final class Derivation implements AutoCloseable {
    private final Workbench workbench;
    private final Jobs jobs;
    private final Consumer<State> show;
    private final Latest worker = new Latest("kite-acting");
    private Optional<Wish> newest = Optional.empty();
    private boolean settled = true;

    /**
     * What is wanted.
     *
     * @param line id of the line that is worked on
     * @param scene id of the scene that it is seen in; empty for the line alone
     */
    record Wish(Project project, String line, String scene) {
        boolean same(Wish other) {
            return project == other.project && line.equals(other.line) && scene.equals(other.scene);
        }
    }

    /**
     * What a wish comes to.
     *
     * @param sound of the line
     * @param performance of the line
     * @param scene what the stage shows
     * @param heard what is played, on the clock of the stage
     * @param start when the line begins there
     */
    record State(
            Wish wish,
            Optional<LineSound> sound,
            Optional<Performance> performance,
            Optional<Scene> scene,
            Optional<Sound> heard,
            double start) {}

    /** @param show receives what the newest wish comes to, on the JavaFX thread */
    Derivation(Workbench workbench, Jobs jobs, Consumer<State> show) {
        this.workbench = workbench;
        this.jobs = jobs;
        this.show = show;
    }

    /** True when what is seen is what the newest state comes to. */
    boolean settled() {
        return settled;
    }

    /** Wants what follows from a project. Call on the JavaFX thread. */
    void want(Wish wish) {
        if (newest.map(wish::same).orElse(false) && !settled) {
            return;
        }
        newest = Optional.of(wish);
        settled = false;
        Optional<Line> unheard = unheard(wish);
        if (unheard.isPresent()) {
            String name = unheard.get().sound().orElseThrow().name();
            jobs.start(
                    Jobs.Lane.SOUND,
                    "Opening " + name,
                    progress -> derive(wish, progress),
                    this::present,
                    () -> worker.ask(() -> silent(wish), this::present));
        } else {
            worker.ask(() -> derive(wish, Progress.none()), this::present, failure -> {
                System.getLogger(Derivation.class.getName())
                        .log(System.Logger.Level.ERROR, "The line cannot be acted", failure);
                jobs.say("The line cannot be acted (" + failure.getMessage() + "). Undo, and report this.");
                settled = true;
            });
        }
    }

    /** A recording that takes its time to open: whoever waits sees progress and may cancel. */
    private Optional<Line> unheard(Wish wish) {
        Optional<SceneWork> scene = wish.project.scene(wish.scene);
        if (scene.isEmpty()) {
            return wish.project.line(wish.line).filter(this::isUnheard);
        }
        return scene.get().blocks().stream()
                .flatMap(b -> wish.project.line(b.line()).stream())
                .filter(this::isUnheard)
                .findFirst();
    }

    private boolean isUnheard(Line line) {
        return line.sound().isPresent() && !workbench.hasHeard(line);
    }

    private State derive(Wish wish, Progress progress) {
        Optional<Line> line = wish.project.line(wish.line);
        Optional<LineSound> sound = line.flatMap(l -> workbench.heard(l, progress));
        Optional<Performance> performance = line.flatMap(l -> workbench.performance(wish.project, l, progress.quiet()));
        Optional<SceneWork> scene = wish.project.scene(wish.scene);
        Staged staged = scene.isPresent()
                ? workbench.scene(wish.project, wish.scene, progress)
                : workbench.line(wish.project, wish.line, progress);
        double start = scene.flatMap(s -> s.block(wish.line))
                .map(SceneWork.Block::start)
                .orElse(0.0);
        return new State(wish, sound, performance, staged.scene(), staged.sound(), start);
    }

    /** What is left of a line whose recording cannot be opened. */
    private static State silent(Wish wish) {
        return new State(wish, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), 0);
    }

    private void present(State state) {
        if (newest.map(state.wish::same).orElse(false)) {
            settled = true;
            show.accept(state);
        }
    }

    @Override
    public void close() {
        worker.close();
    }
}
