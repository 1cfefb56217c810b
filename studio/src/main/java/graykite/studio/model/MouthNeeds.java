package graykite.studio.model;

import graykite.mouth.FittedChart;
import graykite.mouth.Section;
import graykite.mouth.TakenCurve;
import graykite.project.Line;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.scene.Performance;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What is missing before a line's mouth is as it should be, each with what to do about it. */
public final class MouthNeeds {
    /** What to do. */
    public enum Way {
        OPEN_RECORDING("Add a recording"),
        READ("Read the line"),
        MAP("Map them"),
        KEEP_NEAREST("Keep the nearest"),
        ASSIGN("Assign shapes"),
        SEE_TOUCH_UPS("See them"),
        SEE_CURVES("See them"),
        SEE_SECTIONS("See them");

        private final String title;

        Way(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /**
     * Something that is missing.
     *
     * @param text for people
     * @param ways what can be done, the first of them proposed
     * @param blocks true when there is no movement before it is done
     */
    public record Need(String text, List<Way> ways, boolean blocks) {}

    private MouthNeeds() {}

    /** What a line lacks, the most important first. */
    public static List<Need> of(Workspace workspace) {
        List<Need> needs = new ArrayList<>();
        Optional<Line> line = workspace.line();
        if (line.flatMap(Line::sound).isEmpty()) {
            needs.add(new Need("There is no recording to speak to.", List.of(Way.OPEN_RECORDING), true));
            return needs;
        }
        Optional<Timing> timing = line.flatMap(Line::timing);
        if (timing.isEmpty()) {
            needs.add(new Need("The line is not read yet: its sounds have no times.", List.of(Way.READ), true));
        }
        List<Phone> unmapped = workspace.charts().chart().unmapped();
        if (!unmapped.isEmpty()) {
            needs.add(new Need(
                    "The chart has no shape for "
                            + joined(unmapped.stream().map(Phone::ipa).toList()) + ": the mouth passes them over.",
                    List.of(Way.MAP),
                    false));
        }
        List<String> borrowed =
                workspace.charts().fitted().map(FittedChart::borrowed).orElse(List.of());
        if (!borrowed.isEmpty()) {
            needs.add(new Need(
                    workspace.speaker().name() + " has no look of its own for " + joined(borrowed)
                            + ": the nearest shapes stand in.",
                    List.of(Way.ASSIGN, Way.KEEP_NEAREST),
                    false));
        }
        timing.ifPresent(t -> lost(workspace, t, needs));
        return needs;
    }

    private static void lost(Workspace workspace, Timing timing, List<Need> needs) {
        List<Optional<Anchor.Spot>> places = workspace
                .performance()
                .get()
                .map(Performance::beats)
                .map(b -> b.touchUpPlaces())
                .orElse(List.of());
        count(needs, places.stream().filter(Optional::isEmpty).count(), "touch-up", Way.SEE_TOUCH_UPS);
        WordFinder words = new WordFinder(timing);
        List<TakenCurve> curves = workspace.mouth().work().curves();
        count(needs, curves.stream().filter(c -> c.in(words).isEmpty()).count(), "own curve", Way.SEE_CURVES);
        List<Section> sections = workspace.mouth().work().sections();
        count(
                needs,
                sections.stream()
                        .filter(s -> workspace.mouth().range(s).isEmpty())
                        .count(),
                "section",
                Way.SEE_SECTIONS);
    }

    private static void count(List<Need> needs, long count, String what, Way way) {
        if (count > 0) {
            needs.add(new Need(
                    count + " " + what + (count == 1 ? " waits for its word" : "s wait for their words")
                            + ", which this reading lacks.",
                    List.of(way),
                    false));
        }
    }

    private static String joined(List<String> names) {
        return names.size() > 6
                ? names.stream().limit(5).collect(Collectors.joining(", ")) + " and " + (names.size() - 5) + " more"
                : String.join(", ", names);
    }
}
