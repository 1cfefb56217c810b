package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.base.Names;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Track;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * The layers of a line.
 *
 * @param plans the lowest first; no two of the same name
 */
public record Layers(List<LayerPlan> plans) {
    private static final int MOST = 500;

    private static final Layers USUAL = new Layers(List.of(
            new SpeechPlan(LayerSetting.of("Mouth", Blend.OVERRIDE)),
            new InstinctsPlan(LayerSetting.of("Instincts", Blend.ADD), 1),
            new OwnCurvesPlan(LayerSetting.of("Own curves", Blend.OVERRIDE)),
            new PosesPlan(LayerSetting.of("Poses", Blend.ADD), List.of())));

    public Layers {
        plans = List.copyOf(plans);
        requireThat(plans.size() <= MOST, "A line has at most %d layers, not %d.", MOST, plans.size());
        requireThat(
                plans.stream().map(p -> p.setting().name()).distinct().count() == plans.size(),
                "Every layer has a name of its own.");
    }

    /** What every line begins with: mouth, instincts, curves taken over, and poses. */
    public static Layers usual() {
        return USUAL;
    }

    /** The first layer of a kind. */
    public <T extends LayerPlan> Optional<T> first(Class<T> kind) {
        return plans.stream().filter(kind::isInstance).map(kind::cast).findFirst();
    }

    /** The index of a layer of a kind. @param name as people read it; empty for the first of its kind */
    public Optional<Integer> find(Class<? extends LayerPlan> kind, String name) {
        for (int i = 0; i < plans.size(); i++) {
            boolean named = name.isEmpty() || plans.get(i).setting().name().equalsIgnoreCase(name.strip());
            if (named && kind.isInstance(plans.get(i))) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** Every dense track that its layers hold. */
    public Stream<Track> tracks() {
        return plans.stream()
                .flatMap(p -> switch (p) {
                    case PassesPlan passes -> passes.passes().stream().map(Pass::what);
                    case ClipsPlan clips ->
                        clips.clips().stream().map(c -> c.look().content());
                    case CuesPlan cues -> cues.cues().stream().map(c -> c.look().content());
                    default -> Stream.<Clip.Content>empty();
                })
                .filter(Performed.class::isInstance)
                .map(c -> ((Performed) c).motion())
                .filter(Track.class::isInstance)
                .map(Track.class::cast);
    }

    /** Seed of the instincts; 1 where there are none. */
    public long seed() {
        return first(InstinctsPlan.class).map(InstinctsPlan::seed).orElse(1L);
    }

    /** The poses that are keyed, in the order of their places. */
    public List<PoseKey> keys() {
        return first(PosesPlan.class).map(PosesPlan::keys).orElse(List.of());
    }

    /** With another variation of the instincts; where their layer was taken out it comes back. */
    public Layers withSeed(long seed) {
        return changed(
                InstinctsPlan.class,
                p -> p.varied(seed),
                () -> plus(1, new InstinctsPlan(LayerSetting.of(freeName("Instincts"), Blend.ADD), seed)));
    }

    /** With other keyed poses; where the layer for them was taken out it comes back, on top. */
    public Layers withKeys(List<PoseKey> keys) {
        return changed(
                PosesPlan.class,
                p -> new PosesPlan(p.setting(), keys),
                () -> keys.isEmpty()
                        ? this
                        : plus(plans.size(), new PosesPlan(LayerSetting.of(freeName("Poses"), Blend.ADD), keys)));
    }

    /**
     * With the first layer of a kind changed; where there is none one is made, on top.
     *
     * @param name of the layer that is made
     * @param make an empty one, from its setting; it adds to what lies below
     */
    public <T extends LayerPlan> Layers changedOrMade(
            Class<T> kind, String name, Function<LayerSetting, T> make, UnaryOperator<T> change) {
        return changed(
                kind,
                change,
                () -> plus(plans.size(), change.apply(make.apply(LayerSetting.of(freeName(name), Blend.ADD)))));
    }

    /** A name for one more layer: the wanted one, or the first number after it that makes it free. */
    public String freeName(String wanted) {
        return Names.free(
                wanted, name -> plans.stream().anyMatch(p -> p.setting().name().equals(name)));
    }

    private <T extends LayerPlan> Layers changed(Class<T> kind, UnaryOperator<T> change, Supplier<Layers> missing) {
        List<LayerPlan> all = new ArrayList<>(plans);
        for (int i = 0; i < all.size(); i++) {
            if (kind.isInstance(all.get(i))) {
                all.set(i, change.apply(kind.cast(all.get(i))));
                return new Layers(all);
            }
        }
        return missing.get();
    }

    /** With another layer in a place. */
    public Layers with(int index, LayerPlan plan) {
        List<LayerPlan> all = new ArrayList<>(plans);
        all.set(index, plan);
        return new Layers(all);
    }

    /** With one more layer. @param index 0 for the lowest */
    public Layers plus(int index, LayerPlan plan) {
        List<LayerPlan> all = new ArrayList<>(plans);
        all.add(Math.clamp(index, 0, all.size()), plan);
        return new Layers(all);
    }

    public Layers without(int index) {
        List<LayerPlan> all = new ArrayList<>(plans);
        all.remove(index);
        return new Layers(all);
    }

    /** After the clock of the line changed. */
    public Layers retimed(TimeMap change) {
        return new Layers(plans.stream().map(p -> p.retimed(change)).toList());
    }
}
