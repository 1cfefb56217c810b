package graykite.studio.model;

import graykite.format.character.Cast;
import graykite.project.Member;
import graykite.rig.Character;
import graykite.rig.Deformer;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;

/**
 * The figures of the cast, opened when somebody needs them and kept. Lives on the JavaFX thread; opening goes on
 * elsewhere.
 */
public final class Figures {
    private final Map<String, CompletableFuture<Character>> shipped = new HashMap<>();
    private final Map<Finish, CompletableFuture<Character>> finished = new HashMap<>();
    private final Map<Character, Deformer> deformers = new IdentityHashMap<>();

    /** All of a member that its figure shows: the mouth chart is no part of it, so editing the chart makes no new figure. */
    private record Finish(Member.Source source, String name, Optional<Member.Library> library) {
        static Finish of(Member member) {
            return new Finish(member.source(), member.name(), member.library().map(Member.Library::withoutChart));
        }
    }

    /** @param first one that is on its way already, by its name */
    public Figures(String first, CompletableFuture<Character> figure) {
        shipped.put(first, figure);
    }

    /** The figure of a member of the cast, with what the user decided about it; may still be on its way. */
    public CompletableFuture<Character> of(Member member) {
        return finished.computeIfAbsent(
                Finish.of(member),
                key -> base(member).thenApply(member::finished).thenApply(figure -> {
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
