package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.acting.Instincts.Kind;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.time.TimeMap;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/**
 * Blinks, eyes, brows, head and breath, made from voice and words.
 *
 * @param seed the variation that was asked for last
 * @param instincts how much of each, and which variation
 * @param own the marks of kinds that were taken over by hand; what is not named is generated
 */
public record InstinctsPlan(LayerSetting setting, long seed, Instincts instincts, Map<Kind, List<Mark>> own)
        implements LayerPlan {
    private static final int MOST = 20_000;

    public InstinctsPlan {
        EnumMap<Kind, List<Mark>> checked = new EnumMap<>(Kind.class);
        own.forEach((kind, marks) -> {
            requireThat(marks.size() <= MOST, "A line has at most %d marks of a kind, not %d.", MOST, marks.size());
            checked.put(kind, marks.stream().map(m -> m.of(kind)).toList());
        });
        own = Collections.unmodifiableMap(checked);
    }

    /** Everything as people do it. */
    public InstinctsPlan(LayerSetting setting, long seed) {
        this(setting, seed, Instincts.of(seed), Map.of());
    }

    @Override
    public InstinctsPlan with(LayerSetting newSetting) {
        return new InstinctsPlan(newSetting, seed, instincts, own);
    }

    public InstinctsPlan with(Instincts changed) {
        return new InstinctsPlan(setting, seed, changed, own);
    }

    /** With the marks of a kind; from now on they are the hand's. */
    public InstinctsPlan with(Kind kind, UnaryOperator<List<Mark>> change) {
        EnumMap<Kind, List<Mark>> changed = new EnumMap<>(Kind.class);
        changed.putAll(own);
        changed.put(kind, change.apply(own.getOrDefault(kind, List.of())));
        return new InstinctsPlan(setting, seed, instincts, changed);
    }

    /** With a kind generated again. */
    public InstinctsPlan givenBack(Kind kind) {
        EnumMap<Kind, List<Mark>> changed = new EnumMap<>(Kind.class);
        changed.putAll(own);
        changed.remove(kind);
        return new InstinctsPlan(setting, seed, instincts, changed);
    }

    /** Another variation of all that is not locked. */
    public InstinctsPlan varied(long newSeed) {
        return new InstinctsPlan(setting, newSeed, instincts.varied(newSeed), own);
    }

    @Override
    public Layer ready(LayerContext context) {
        Life life = Life.generate(
                context.score().timing(),
                context.score().loudness(),
                context.score().heard(),
                instincts);
        return new InstinctsLayer(setting, context.character(), LifeMarks.with(life, own, context.words()));
    }

    @Override
    public InstinctsPlan retimed(TimeMap change) {
        EnumMap<Kind, List<Mark>> moved = new EnumMap<>(Kind.class);
        own.forEach((kind, marks) ->
                moved.put(kind, marks.stream().map(m -> m.retimed(change)).toList()));
        return new InstinctsPlan(setting, seed, instincts, moved);
    }
}
