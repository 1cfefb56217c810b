package graykite.studio.view;

import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.proof.Proof;
import graykite.reading.Doubt;
import graykite.reading.Timing;
import graykite.text.TimeLine;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A row of the table of lines.
 *
 * @param scene true for a scene, false for a line
 * @param speaker id of who says it; empty for a scene
 * @param seconds its length; negative while it is not known
 * @param sound true when there is a recording
 * @param read true when words have times
 * @param doubts places to look at
 * @param notes open notes of the proof; negative while it was not looked at
 * @param problem what went wrong with it; empty for nothing
 */
record LineEntry(
        String id,
        boolean scene,
        String title,
        String speaker,
        String speakerName,
        String words,
        double seconds,
        boolean sound,
        boolean read,
        int doubts,
        int notes,
        String problem) {
    /** All scenes, then all lines of a project, in its order. */
    static List<LineEntry> of(Project project, Map<String, Proof> proofs, Map<String, String> problems) {
        List<LineEntry> entries = new ArrayList<>();
        project.scenes().forEach(s -> entries.add(of(project, s)));
        project.lines().forEach(l -> entries.add(of(project, l, proofs, problems)));
        return entries;
    }

    private static LineEntry of(Project project, SceneWork scene) {
        List<Line> lines = scene.blocks().stream()
                .flatMap(b -> project.line(b.line()).stream())
                .toList();
        double end = scene.blocks().stream()
                .mapToDouble(b -> b.start()
                        + project.line(b.line())
                                .flatMap(Line::timing)
                                .map(Timing::duration)
                                .orElse(0.0))
                .max()
                .orElse(-1);
        String people =
                lines.stream().map(l -> project.speakerOf(l).name()).distinct().collect(Collectors.joining(", "));
        return new LineEntry(
                scene.id(),
                true,
                scene.title(),
                "",
                people,
                lines.size() + (lines.size() == 1 ? " line" : " lines"),
                end,
                lines.stream().allMatch(l -> l.sound().isPresent()),
                lines.stream().allMatch(l -> l.timing().isPresent()),
                0,
                -1,
                "");
    }

    private static LineEntry of(Project project, Line line, Map<String, Proof> proofs, Map<String, String> problems) {
        Member speaker = project.speakerOf(line);
        Optional<Timing> timing = line.timing();
        return new LineEntry(
                line.id(),
                false,
                line.title().strip(),
                speaker.id(),
                speaker.name(),
                TimeLine.without(line.script()).replaceAll("\\s+", " "),
                timing.map(Timing::duration).orElse(-1.0),
                line.sound().isPresent(),
                timing.isPresent(),
                timing.map(LineEntry::doubts).orElse(0),
                Optional.ofNullable(proofs.get(line.id()))
                        .map(p -> p.open().size())
                        .orElse(-1),
                problems.getOrDefault(line.id(), ""));
    }

    private static int doubts(Timing timing) {
        return Doubt.of(timing).size();
    }

    /** True when its name, speaker or words hold a text. @param needle in lower case */
    boolean matches(String needle) {
        return needle.isEmpty()
                || (title + " " + speakerName + " " + words)
                        .toLowerCase(Locale.ROOT)
                        .contains(needle);
    }

    /** How far it has come, 0 to 1. */
    double progress() {
        return (sound ? 0.4 : 0) + (read ? 0.5 : 0) + (read && doubts == 0 ? 0.1 : 0);
    }
}
