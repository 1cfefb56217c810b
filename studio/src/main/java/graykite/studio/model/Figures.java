package graykite.studio.model;

import graykite.base.Aside;
import graykite.project.Member;
import graykite.rig.Character;
import graykite.rig.Deformer;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;

/** The figures of the cast for the window: those at hand at once, others when they are opened. Lives on the JavaFX thread. */
public final class Figures {
    private final graykite.workbench.Figures figures;
    private final Map<Member, CompletableFuture<Character>> coming = new HashMap<>();

    /** @param figures opens and keeps them */
    public Figures(graykite.workbench.Figures figures) {
        this.figures = figures;
    }

    graykite.workbench.Figures shared() {
        return figures;
    }

    /** The figure of a member of the cast, with what the user decided about it; may still be on its way. */
    public CompletableFuture<Character> of(Member member) {
        Optional<Character> ready = figures.ready(member);
        if (ready.isPresent()) {
            coming.remove(member);
            return CompletableFuture.completedFuture(ready.get());
        }
        return coming.computeIfAbsent(
                member,
                m -> Aside.ask(() -> {
                    Character figure = figures.of(m);
                    // Made where the figure is opened, so that nobody waits for it later.
                    figures.deformer(figure);
                    return figure;
                }));
    }

    /** What moves a figure's meshes; made once for each. */
    public Deformer deformer(Character figure) {
        return figures.deformer(figure);
    }

    /** True when {@link #of} has the figure at hand. */
    public boolean isReady(Member member) {
        return figures.ready(member).isPresent();
    }
}
