package graykite.studio.model;

import graykite.acting.LayerPlan;
import graykite.acting.OwnCurvesPlan;
import graykite.acting.Pass;
import graykite.acting.PassesPlan;
import graykite.acting.Performed;
import graykite.acting.SpeechPlan;
import graykite.edit.ActingEdit;
import graykite.edit.ProjectEdit;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Thinning;
import graykite.motion.Track;
import graykite.project.Line;
import graykite.reading.Place;
import graykite.rig.Roles;
import graykite.scene.Baked;
import graykite.scene.Performance;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Merging layers and keeping what they do, worked out off the window's thread. Every change undoes. */
public final class LayerBaking {
    /** The error that keys may have, as a share of what a control can do. */
    private static final double ERROR = 0.005;

    private final Workspace workspace;

    /** @param workspace whose line is worked on */
    public LayerBaking(Workspace workspace) {
        this.workspace = workspace;
    }

    private static double allowed(String control) {
        return ERROR * (Roles.turns(control) ? 30 : 1);
    }

    private record Done(Performed what, String size) {}

    private static Done thinned(String name, Track track) {
        Thinning.Result result = Thinning.thinned(track, LayerBaking::allowed);
        return new Done(
                Performed.whole(name, result.motion()),
                String.format(
                        Locale.ROOT,
                        "%s, nowhere further off than %.1f %% of what a control can do",
                        Counted.of(result.motion().keys(), "key"),
                        100 * ERROR * result.error()));
    }

    /** Merges a layer with the one below it into few keys. The mouth stays live: nothing is merged into it. */
    public void mergeDown(int index) {
        Optional<Performance> performance = workspace.performance().get();
        Optional<Line> line = workspace.line();
        if (performance.isEmpty() || line.isEmpty() || index < 1) {
            return;
        }
        List<LayerPlan> plans = line.get().layers().plans();
        LayerPlan upper = plans.get(index);
        LayerPlan lower = plans.get(index - 1);
        if (lower instanceof SpeechPlan || lower instanceof OwnCurvesPlan) {
            workspace
                    .jobs()
                    .say("\"" + lower.setting().name()
                            + "\" stays live with the words. Put the layer above another one, then merge it.");
            return;
        }
        String name = upper.setting().name() + " and " + lower.setting().name();
        workspace
                .jobs()
                .start(
                        "Merging two layers",
                        progress -> thinned(name, Baked.merged(performance.get(), index, progress)),
                        done -> {
                            if (workspace
                                    .line()
                                    .map(Line::layers)
                                    .equals(Optional.of(line.get().layers()))) {
                                merge(index, name, done);
                            } else {
                                workspace.jobs().say("The layers were changed meanwhile; nothing was merged.");
                            }
                        });
    }

    private void merge(int index, String name, Done done) {
        long gesture = workspace.newGesture();
        PassesPlan merged = new PassesPlan(
                LayerSetting.of(name, Blend.ADD),
                List.of(new Pass(Place.at(0), Place.at(done.what.length()), done.what, true, 0, 1, Map.of())));
        workspace.editLine(gesture, l -> new ActingEdit.RemoveLayer(l, index));
        workspace.editLine(gesture, l -> new ActingEdit.ChangeLayer(l, index - 1, merged));
        workspace.jobs().say("Merged: " + done.size + ". Undo brings both back.");
    }

    /**
     * Keeps what a layer does in a stretch for other lines and characters.
     *
     * @param range seconds of the line
     */
    public void keep(int index, TimeRange range) {
        workspace.performance().get().ifPresent(performance -> {
            String name = performance.layers().get(index).setting().name();
            workspace
                    .jobs()
                    .start(
                            "Keeping a performance",
                            progress -> thinned(name, Baked.performance(performance, List.of(index), range, progress)),
                            done -> {
                                if (workspace.edit(new ProjectEdit.KeepPerformance(done.what))) {
                                    workspace
                                            .jobs()
                                            .say("Kept as \"" + name + "\", for any line and character: " + done.size
                                                    + ". It is on the tab Live.");
                                }
                            });
        });
    }
}
