package graykite.mouth;

import static graykite.base.Require.requireThat;

import graykite.rig.Character;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Which phone shows as which shape, how firmly, and which shapes there are. What the shapes look like is up to the
 * character ({@link FittedChart}). An edit is a new chart.
 *
 * @param phones how each phone shows; phones that are missing show as nothing, and {@link #unmapped} lists them
 * @param shapes by name, in the order of lists
 * @param motion how this character's mouth goes from shape to shape; empty for what suits its kind
 */
public record MouthChart(Map<Phone, PhoneShape> phones, Map<String, MouthShape> shapes, Optional<MotionStyle> motion) {
    /** The shape of silence; every chart has it. */
    public static final String REST = Viseme.REST.title();

    /** Sizes of chart that are derived ready-made. */
    public static final List<Integer> SIZES = List.of(6, 8, 10, 15);

    public MouthChart {
        phones = Collections.unmodifiableMap(new EnumMap<Phone, PhoneShape>(withRest(phones)));
        shapes = Collections.unmodifiableMap(new LinkedHashMap<>(shapes));
        requireThat(shapes.containsKey(REST), "A mouth chart has the shape %s.", REST);
        requireThat(shapes.size() <= 200, "A mouth chart has at most 200 shapes.");
        for (Map.Entry<String, MouthShape> shape : shapes.entrySet()) {
            requireThat(shape.getKey().equals(shape.getValue().name()), "Shapes stand under their names.");
        }
        for (Map.Entry<Phone, PhoneShape> phone : phones.entrySet()) {
            for (PhoneShape.Step step : phone.getValue().steps()) {
                requireThat(
                        shapes.containsKey(step.shape()),
                        "The sound %s uses the shape \"%s\", which the chart lacks.",
                        phone.getKey().name(),
                        step.shape());
            }
        }
    }

    private static Map<Phone, PhoneShape> withRest(Map<Phone, PhoneShape> phones) {
        Map<Phone, PhoneShape> all = new LinkedHashMap<>(phones);
        all.putIfAbsent(Phone.SIL, StandardPhones.of(Phone.SIL));
        return all;
    }

    /** The chart of 15 shapes that everybody begins with. */
    public static MouthChart standard() {
        Map<String, MouthShape> shapes = new LinkedHashMap<>();
        for (Viseme viseme : Viseme.values()) {
            shapes.put(viseme.title(), MouthShape.of(viseme));
        }
        return new MouthChart(StandardPhones.all(), shapes, Optional.empty());
    }

    /**
     * A chart of fewer shapes, made by merging those that look most alike (common practice: 6 to 10 serve cartoons).
     *
     * @param size one of {@link #SIZES}, or any number from 4 to 15
     */
    public static MouthChart ofSize(int size) {
        requireThat(size >= 4 && size <= Viseme.values().length, "A derived chart has 4 to 15 shapes, not %d.", size);
        List<List<Viseme>> groups = new ArrayList<>();
        for (Viseme viseme : Viseme.values()) {
            groups.add(new ArrayList<>(List.of(viseme)));
        }
        while (groups.size() > size) {
            mergeClosest(groups);
        }
        MouthChart chart = standard();
        for (List<Viseme> group : groups) {
            // Vowels stand for a group: they are seen longest.
            String kept =
                    group.stream().max(Comparator.naturalOrder()).orElseThrow().title();
            for (Viseme other : group) {
                chart = other.title().equals(kept) ? chart : chart.merged(other.title(), kept);
            }
        }
        return chart;
    }

    /** Joins the two groups whose least alike members look most alike; rest and closing shapes stay by themselves. */
    private static void mergeClosest(List<List<Viseme>> groups) {
        int first = 0;
        int second = 0;
        double least = Double.MAX_VALUE;
        for (int a = 0; a < groups.size(); a++) {
            for (int b = a + 1; b < groups.size(); b++) {
                double cost = 0;
                for (Viseme one : groups.get(a)) {
                    for (Viseme other : groups.get(b)) {
                        cost = Math.max(cost, alone(one) || alone(other) ? Double.MAX_VALUE : one.unlike(other));
                    }
                }
                if (cost < least) {
                    least = cost;
                    first = a;
                    second = b;
                }
            }
        }
        groups.get(first).addAll(groups.remove(second));
    }

    private static boolean alone(Viseme viseme) {
        return viseme == Viseme.REST || viseme == Viseme.LIPS_SHUT || viseme == Viseme.LIP_TO_TEETH;
    }

    /** Standard shapes for which a character has no pose yet: they are listed to the user, never silently skipped. */
    public static List<Viseme> missing(Character character) {
        return Arrays.stream(Viseme.values())
                .filter(v -> v != Viseme.REST && !character.poses().containsKey(v.title()))
                .toList();
    }

    /** Phones that have no shape. */
    public List<Phone> unmapped() {
        return Arrays.stream(Phone.values()).filter(p -> !phones.containsKey(p)).toList();
    }

    /** Shapes that no phone uses, apart from rest. */
    public List<String> unused() {
        return shapes.keySet().stream()
                .filter(s -> !s.equals(REST))
                .filter(s -> phones.values().stream().noneMatch(p -> p.uses(s)))
                .toList();
    }

    /** How a phone shows; none when it is unmapped. */
    public Optional<PhoneShape> of(Phone phone) {
        return Optional.ofNullable(phones.get(phone));
    }

    /** The shape that names a phone on the sheet: the first it takes. */
    public String shapeOf(Phone phone) {
        return of(phone).map(p -> p.steps().getFirst().shape()).orElse(REST);
    }

    /** Phones whose first step is a shape. */
    public List<Phone> phonesOf(String shape) {
        return phones.entrySet().stream()
                .filter(p -> p.getValue().steps().getFirst().shape().equals(shape))
                .map(Map.Entry::getKey)
                .toList();
    }

    // --- edits, each a new chart -----------------------------------------------------------------------------------

    public MouthChart withMotion(Optional<MotionStyle> value) {
        return new MouthChart(phones, shapes, value);
    }

    public MouthChart withPhone(Phone phone, PhoneShape shape) {
        Map<Phone, PhoneShape> changed = new EnumMap<>(Phone.class);
        changed.putAll(phones);
        changed.put(phone, shape);
        return new MouthChart(changed, shapes, motion);
    }

    /** A phone without shape. */
    public MouthChart withoutPhone(Phone phone) {
        Map<Phone, PhoneShape> changed = new EnumMap<>(Phone.class);
        changed.putAll(phones);
        changed.remove(phone);
        return new MouthChart(changed, shapes, motion);
    }

    /** A phone shows as another shape: its first step changes, the others stay. An unmapped one becomes as usual there. */
    public MouthChart assigned(Phone phone, String shape) {
        PhoneShape now = of(phone).orElseGet(() -> {
            PhoneShape usual = StandardPhones.of(phone);
            return usual.withSteps(
                    List.of(new PhoneShape.Step(shape, usual.steps().getFirst().share(), 0, 1)));
        });
        List<PhoneShape.Step> steps = new ArrayList<>(now.steps());
        PhoneShape.Step first = steps.getFirst();
        steps.set(0, new PhoneShape.Step(shape, first.share(), first.from(), first.to()));
        return withPhone(phone, now.withSteps(steps));
    }

    /** What an unmapped phone would usually be: its standard shape, or the one here that is most like it. */
    public String proposal(Phone phone) {
        Viseme usual = Viseme.named(StandardPhones.of(phone).steps().getFirst().shape())
                .orElse(Viseme.REST);
        return shapes.values().stream()
                .filter(s -> !s.name().equals(REST) || phone == Phone.SIL)
                .min(Comparator.comparingDouble(s -> usual.unlike(s.kin())))
                .map(MouthShape::name)
                .orElse(REST);
    }

    /** With a new shape, or one of that name changed. */
    public MouthChart withShape(MouthShape shape) {
        Map<String, MouthShape> changed = new LinkedHashMap<>(shapes);
        changed.put(shape.name(), shape);
        return new MouthChart(phones, changed, motion);
    }

    /** Gives some phones of a shape one of their own, which begins as its like. */
    public MouthChart split(String shape, String newName, Collection<Phone> moved) {
        requireThat(!shapes.containsKey(newName), "There is a shape \"%s\" already.", newName);
        MouthChart chart = withShape(shapes.get(shape).named(newName));
        for (Phone phone : moved) {
            PhoneShape now = chart.phones.get(phone);
            if (now != null) {
                chart = chart.withPhone(phone, now.with(s -> swapped(s, shape, newName)));
            }
        }
        return chart;
    }

    /** All that used one shape uses another; the one is gone. */
    public MouthChart merged(String gone, String into) {
        requireThat(!gone.equals(REST), "%s stays: silence is shown with it.", REST);
        requireThat(shapes.containsKey(into) && !gone.equals(into), "A shape is merged into another.");
        return replaced(gone, into, Optional.empty());
    }

    public MouthChart renamed(String from, String to) {
        requireThat(!from.equals(REST), "%s keeps its name: silence is shown with it.", REST);
        requireThat(!shapes.containsKey(to), "There is a shape \"%s\" already.", to);
        return replaced(from, to, Optional.of(shapes.get(from).named(to)));
    }

    private MouthChart replaced(String from, String to, Optional<MouthShape> inPlace) {
        Map<String, MouthShape> changed = new LinkedHashMap<>();
        shapes.forEach((name, shape) -> {
            if (!name.equals(from)) {
                changed.put(name, shape);
            } else {
                inPlace.ifPresent(s -> changed.put(to, s));
            }
        });
        Map<Phone, PhoneShape> spoken = new EnumMap<>(Phone.class);
        phones.forEach((phone, shape) -> spoken.put(phone, shape.with(s -> swapped(s, from, to))));
        return new MouthChart(spoken, changed, motion);
    }

    private static PhoneShape.Step swapped(PhoneShape.Step step, String from, String to) {
        return step.shape().equals(from) ? new PhoneShape.Step(to, step.share(), step.from(), step.to()) : step;
    }

    /** The differences to another chart, a line each; for comparing. */
    public List<String> differences(MouthChart other) {
        List<String> lines = new ArrayList<>();
        shapes.keySet().stream()
                .filter(s -> !other.shapes.containsKey(s))
                .forEach(s -> lines.add("only here: the shape " + s));
        other.shapes.keySet().stream()
                .filter(s -> !shapes.containsKey(s))
                .forEach(s -> lines.add("only there: the shape " + s));
        for (Phone phone : Phone.values()) {
            String here = of(phone).map(MouthChart::inWords).orElse("nothing");
            String there = other.of(phone).map(MouthChart::inWords).orElse("nothing");
            if (!here.equals(there)) {
                lines.add(phone.ipa() + ": " + here + " here, " + there + " there");
            } else if (!of(phone).equals(other.of(phone))) {
                lines.add(phone.ipa() + ": held with another firmness");
            }
        }
        return lines;
    }

    private static String inWords(PhoneShape shape) {
        List<String> steps = shape.steps().stream()
                .map(s -> s.shape() + String.format(Locale.ROOT, " %.0f %%", 100 * s.share()))
                .toList();
        return String.join(shape.glides() ? " → " : " + ", steps);
    }
}
