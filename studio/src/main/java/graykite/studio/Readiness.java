package graykite.studio;

import graykite.acting.Layers;
import graykite.mouth.MouthChart;
import graykite.project.Line;
import graykite.proof.Proof;
import graykite.proof.Severity;
import graykite.scene.Performance;
import graykite.studio.model.Counted;
import graykite.studio.model.Knot;
import graykite.studio.model.MouthNeeds;
import graykite.studio.model.Workspace;
import graykite.studio.view.StringSide;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How far each station of the string has come for the line that is worked on. */
final class Readiness {
    private final Workspace workspace;

    Readiness(Workspace workspace) {
        this.workspace = workspace;
    }

    StringSide.State of(Knot station) {
        Optional<Line> line = workspace.line();
        boolean sound = line.flatMap(Line::sound).isPresent();
        Optional<Performance> performance = workspace.performance().get();
        return switch (station) {
            case CAST -> {
                if (!workspace.figures().isReady(workspace.speaker())) {
                    yield new StringSide.State(0, "The character is being opened.");
                }
                int missing = MouthChart.missing(workspace.character().join()).size();
                String name = workspace.speaker().name();
                yield missing == 0
                        ? new StringSide.State(1, name + " is ready.")
                        : new StringSide.State(
                                0.5, name + " lacks " + missing + " mouth shapes: assign them under Shapes.");
            }
            case VOICE ->
                sound
                        ? new StringSide.State(1, "The line has its recording.")
                        : new StringSide.State(0, "There is no recording yet.");
            case READING -> {
                long guessed = line.flatMap(Line::timing).stream()
                        .flatMap(t -> t.words().stream())
                        .filter(w -> w.guessed())
                        .count();
                if (line.flatMap(Line::timing).isEmpty()) {
                    yield new StringSide.State(
                            sound ? 0.5 : 0, sound ? "The line is not read yet." : "A recording comes first.");
                }
                yield guessed > 0
                        ? new StringSide.State(0.5, "Read; words that the dictionary lacks: " + guessed + ".")
                        : new StringSide.State(1, "Every word is read.");
            }
            case MOUTH -> {
                List<MouthNeeds.Need> needs = MouthNeeds.of(workspace);
                yield needs.isEmpty()
                        ? new StringSide.State(1, "The mouth moves.")
                        : new StringSide.State(
                                needs.stream().anyMatch(MouthNeeds.Need::blocks) ? 0 : 0.5,
                                needs.stream().map(MouthNeeds.Need::text).collect(Collectors.joining("\n")));
            }
            case ACTING -> {
                if (performance.isEmpty()) {
                    yield new StringSide.State(0, "Instincts come with the reading.");
                }
                boolean acted = line.map(l -> !l.layers()
                                .plans()
                                .equals(Layers.usual().withSeed(l.seed()).plans()))
                        .orElse(false);
                yield acted
                        ? new StringSide.State(1, "Acted: more than instincts lies on the line.")
                        : new StringSide.State(0.5, "Instincts play; nothing is acted over them yet.");
            }
            case PROOF ->
                proof(performance.isPresent(), workspace.proof().proof().get());
            case DELIVERY ->
                performance.isEmpty()
                        ? new StringSide.State(0, "There is nothing to deliver yet.")
                        : line.map(workspace.deliveries()::delivered)
                                .map(now -> now
                                        ? new StringSide.State(1, "Delivered as it is now.")
                                        : new StringSide.State(
                                                0.5, "Changed since it was delivered, or not delivered yet."))
                                .orElseThrow();
        };
    }

    private static StringSide.State proof(boolean acted, Proof found) {
        if (!acted) {
            return new StringSide.State(0, "There is nothing to check yet.");
        }
        String counts = Stream.of(Severity.values())
                .filter(s -> found.count(s) > 0)
                .map(s -> Counted.of(found.count(s), s.title().toLowerCase(Locale.ROOT)))
                .collect(Collectors.joining(", "));
        return counts.isEmpty()
                ? new StringSide.State(1, "Nothing to mend on this line.")
                : new StringSide.State(
                        0.5,
                        "On this line: " + counts + ". N goes to the next.",
                        found.open().size());
    }
}
