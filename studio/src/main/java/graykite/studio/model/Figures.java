package graykite.studio.model;

import graykite.project.Member;
import graykite.rig.Cast;
import graykite.rig.Character;
import graykite.rig.Deformer;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.concurrent.CompletableFuture;

/**
 * The figures of the cast, opened when somebody needs them and kept. Lives on the JavaFX thread; opening goes on
 * elsewhere.
 */
public final class Figures {
    private final Map<String, CompletableFuture<Character>> shipped = new HashMap<>();
    private final Map<Member, CompletableFuture<Character>> finished = new IdentityHashMap<>();
    private final Map<Character, Deformer> deformers = new IdentityHashMap<>();

    /** @param first one that is on its way already, by its name */
    public Figures(String first, CompletableFuture<Character> figure) {
        shipped.put(first, figure);
    }

    /** The figure of a member of the cast, with what the user decided about it; may still be on its way. */
    public CompletableFuture<Character> of(Member member) {
        return finished.computeIfAbsent(
                member, m -> base(m).thenApply(m::finished).thenApply(figure -> {
                    // Made where the figure is opened, so that nobody waits for it later.
                    deformer(figure);
                    return figure;
                }));
    }

    /** What moves a figure's meshes; made once for each. */
    public Deformer deformer(Character figure) {
        synchronized (deformers) {
            return deformers.computeIfAbsent(figure, Deformer::new);
        }
    }

    /** True when {@link #of} has the figure at hand. */
    public boolean isReady(Member member) {
        CompletableFuture<Character> figure = of(member);
        return figure.isDone() && !figure.isCompletedExceptionally();
    }

    private CompletableFuture<Character> base(Member member) {
        return switch (member.source()) {
            case Member.Own own -> CompletableFuture.completedFuture(own.figure());
            case Member.Shipped s ->
                shipped.computeIfAbsent(s.figure(), name -> CompletableFuture.supplyAsync(() -> Cast.byName(name)));
        };
    }
}
