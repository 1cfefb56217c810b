package graykite.mouth;

import graykite.rig.Character;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A mouth chart on a character: every shape has a pose there.
 *
 * @param chart the chart
 * @param poses the pose of each shape, at the strength that the chart gives it
 * @param borrowed shapes for which the character has no pose of its own: the nearest one stands in
 */
public record FittedChart(MouthChart chart, Map<String, Pose> poses, List<String> borrowed) {
    public FittedChart {
        poses = Collections.unmodifiableMap(new LinkedHashMap<>(poses));
        borrowed = List.copyOf(borrowed);
    }

    /** The standard chart on a character. */
    public static FittedChart standard(Character character) {
        return of(character, MouthChart.standard());
    }

    /**
     * Fits a chart. A shape without a pose borrows the one that looks most like it; on a character that has no mouth shape
     * at all every shape is rest, and all are listed as borrowed.
     */
    public static FittedChart of(Character character, MouthChart chart) {
        Map<String, Pose> poses = new LinkedHashMap<>();
        List<String> borrowed = new ArrayList<>();
        for (MouthShape shape : chart.shapes().values()) {
            Optional<Pose> own = usable(character, shape.name());
            if (own.isEmpty() && !shape.name().equals(MouthChart.REST)) {
                borrowed.add(shape.name());
            }
            Pose pose = own.or(() -> likest(character, chart, shape)).orElse(Pose.REST);
            // A drawing is one or another, never a part of one.
            poses.put(shape.name(), character.kind() == Character.Kind.DRAWN ? pose : pose.times(shape.strength()));
        }
        return new FittedChart(chart, poses, borrowed);
    }

    private static Optional<Pose> usable(Character character, String name) {
        return Optional.ofNullable(character.poses().get(name))
                .filter(p -> p.values().keySet().stream().allMatch(character::has));
    }

    private static Optional<Pose> likest(Character character, MouthChart chart, MouthShape lacking) {
        if (lacking.name().equals(MouthChart.REST)) {
            return Optional.empty();
        }
        List<MouthShape> candidates = new ArrayList<>(chart.shapes().values());
        for (Viseme viseme : Viseme.values()) {
            candidates.add(MouthShape.of(viseme));
        }
        return candidates.stream()
                .filter(s -> !s.name().equals(MouthChart.REST)
                        && usable(character, s.name()).isPresent())
                .min(Comparator.comparingDouble(s -> lacking.kin().unlike(s.kin())))
                .map(s -> character.poses().get(s.name()));
    }

    /** True when every shape is the character's own. */
    public boolean isWhole() {
        return borrowed.isEmpty();
    }
}
