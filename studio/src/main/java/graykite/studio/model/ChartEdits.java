package graykite.studio.model;

import graykite.edit.CastEdit;
import graykite.format.ChartFiles;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthChart;
import graykite.project.Member;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.text.Phone;
import java.nio.file.Path;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/** The mouth chart of who speaks the line. Every change undoes. */
public final class ChartEdits {
    private final Workspace workspace;

    ChartEdits(Workspace workspace) {
        this.workspace = workspace;
    }

    public MouthChart chart() {
        return workspace.speaker().chart();
    }

    /** The chart on the figure; nothing while the figure is still being opened. */
    public Optional<FittedChart> fitted() {
        return figure().map(f -> FittedChart.of(f, chart()));
    }

    public Optional<Character> figure() {
        return workspace.figures().isReady(workspace.speaker())
                ? Optional.of(workspace.character().join())
                : Optional.empty();
    }

    public void edit(String name, long gesture, UnaryOperator<MouthChart> change) {
        editLibrary(name, gesture, l -> {
            MouthChart before = l.chart().orElseGet(MouthChart::standard);
            MouthChart after = change.apply(before);
            return after.equals(before) ? l : l.withChart(after);
        });
    }

    private void editLibrary(String name, long gesture, UnaryOperator<Member.Library> change) {
        figure().ifPresent(f -> {
            Member speaker = workspace.speaker();
            Member.Library now = speaker.library().orElseGet(() -> Member.Library.of(f));
            Member.Library after = change.apply(now);
            if (after != now) {
                workspace.edit(new CastEdit.SetLibrary(speaker.id(), after, name), gesture);
            }
        });
    }

    /** Gives a shape another look on this character. */
    public void setPose(String shape, Pose pose) {
        editLibrary("Pose of " + shape, 0, l -> {
            Map<String, Pose> poses = new TreeMap<>(l.poses());
            poses.put(shape, pose);
            return l.withPoses(poses);
        });
    }

    /** A shape that borrows the look of another keeps it as its own. */
    public void keepBorrowed() {
        fitted().ifPresent(chart -> editLibrary("Keep the nearest shapes", 0, l -> {
            Map<String, Pose> poses = new TreeMap<>(l.poses());
            for (String shape : chart.borrowed()) {
                poses.put(shape, chart.poses().get(shape));
            }
            return l.withPoses(poses);
        }));
    }

    /** Every unmapped sound takes the shape that is most like its usual one. */
    public void mapUnmapped() {
        edit("Map the sounds", 0, chart -> {
            MouthChart now = chart;
            for (var phone : chart.unmapped()) {
                now = now.assigned(phone, now.proposal(phone));
            }
            return now;
        });
    }

    /** A shape gets another name: in the chart, in the pose library and in every touch-up of this character's lines. */
    public void rename(String from, String to) {
        workspace.edit(new CastEdit.RenameShape(workspace.speaker().id(), from, to));
    }

    /** A new shape for one sound, or an empty one; it begins as its like looks. */
    public void split(String shape, String name, Collection<Phone> moved) {
        if (chart().shapes().containsKey(name)) {
            workspace.jobs().say("There is a shape \"" + name + "\" already: choose another name.");
            return;
        }
        fitted().ifPresent(now -> editLibrary("New shape " + name, 0, l -> {
            Map<String, Pose> poses = new TreeMap<>(l.poses());
            poses.putIfAbsent(name, poses.getOrDefault(shape, now.poses().get(shape)));
            return l.withPoses(poses).withChart(chart().split(shape, name, moved));
        }));
    }

    // --- files -----------------------------------------------------------------------------------------------------

    /** @param withPoses false for sounds and shapes only, to be shared with other characters */
    public void save(Path file, boolean withPoses) {
        Path named = file.toString().endsWith(ChartFiles.CHART)
                ? file
                : file.resolveSibling(file.getFileName() + ChartFiles.CHART);
        Map<String, Pose> poses = new TreeMap<>();
        if (withPoses) {
            figure().ifPresent(f -> f.poses().forEach((name, pose) -> {
                if (chart().shapes().containsKey(name)) {
                    poses.put(name, pose);
                }
            }));
        }
        MouthChart now = chart();
        workspace
                .jobs()
                .start(
                        "Saving " + named.getFileName(),
                        progress -> {
                            ChartFiles.save(new ChartFiles.Saved(now, poses), named);
                            return named;
                        },
                        done -> workspace.jobs().say("Saved the mouth chart in " + done.getFileName() + "."));
    }

    /** Opens a chart for this character; poses in it are taken where the character has their channels. */
    public void load(Path file) {
        String speaker = workspace.speaker().id();
        workspace.jobs().start("Opening " + file.getFileName(), progress -> ChartFiles.open(file), saved -> {
            if (workspace.speaker().id().equals(speaker)) {
                figure().ifPresent(f -> take(saved, saved.usableOn(f), file));
            } else {
                workspace.jobs().say("Somebody else speaks now: " + file.getFileName() + " was not loaded.");
            }
        });
    }

    private void take(ChartFiles.Saved saved, Map<String, Pose> usable, Path file) {
        editLibrary("Load a mouth chart", 0, l -> {
            Map<String, Pose> poses = new TreeMap<>(l.poses());
            poses.putAll(usable);
            return l.withPoses(poses).withChart(saved.chart());
        });
        workspace
                .jobs()
                .say("Loaded " + saved.chart().shapes().size() + " shapes and " + usable.size() + " of "
                        + saved.poses().size() + " poses from " + file.getFileName() + ".");
    }
}
