package graykite.studio.desk;

import graykite.mouth.PhoneShape;
import graykite.rig.LipGap;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.studio.model.Workspace;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Label;

/** Proof: what can be checked today is whether the lips meet, on the mesh. */
public final class ProofDesk extends Desk {
    private final Workspace workspace;
    private final Label closures = Parts.quiet("");

    public ProofDesk(Workspace workspace) {
        this.workspace = workspace;
        getChildren()
                .addAll(
                        Parts.title("Proof"),
                        Parts.card(Parts.heading("Closures, measured on the mesh"), closures),
                        Parts.quiet(
                                "Still to come: proof notes with reasons and fixes, comparing versions, comments."));
    }

    @Override
    public void refresh() {
        Optional<Performance> performance = workspace.performance().get();
        closures.setText(performance
                .flatMap(p -> workspace.scene().get().map(s -> measure(p, s)))
                .orElse("They are measured once the line is read."));
    }

    private String measure(Performance performance, Scene scene) {
        if (performance.character().lips().isEmpty()) {
            return "They cannot be measured: it is not known where this character's lips meet.";
        }
        LipGap gap = new LipGap(performance.character());
        FrameRate rate = workspace.project().rate();
        List<TimeRange> ranges = performance.beats().closures(PhoneShape.Closure.LIPS);
        int actor = workspace.speakerOnStage();
        double start = workspace.lineStart();
        int sealed = 0;
        double widest = 0;
        for (TimeRange range : ranges) {
            double least = Double.MAX_VALUE;
            long from = rate.frameAt(range.start() - rate.frameLength());
            long to = rate.frameAt(range.end() + rate.frameLength());
            for (long f = from; f <= to; f++) {
                least = Math.min(least, gap.at(scene.at(actor, rate.secondsAt(f) + start)));
            }
            sealed += least < LipGap.SHUT ? 1 : 0;
            widest = Math.max(widest, least);
        }
        return String.format(
                Locale.ROOT,
                "%d of %d p, b and m seal the lips for a frame at %s fps; the widest gap left is %.2f mm.",
                sealed,
                ranges.size(),
                rate,
                widest);
    }
}
