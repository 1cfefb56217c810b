package graykite.studio.desk;

import graykite.acting.MotionOn;
import graykite.acting.Pass;
import graykite.acting.Performed;
import graykite.base.Names;
import graykite.edit.PassEdit;
import graykite.edit.ProjectEdit;
import graykite.format.TrackFiles;
import graykite.motion.Track;
import graykite.project.Project;
import graykite.rig.Character;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Performances that were kept, to be put on any line of any character; and captures brought in from files. */
final class PerformancesPane extends VBox {
    private final Workspace workspace;
    private final Player player;
    private final FilePicker picker;
    private final VBox rows = new VBox(2);
    private List<Performed> shown = List.of();
    private Optional<Character> shownFor = Optional.empty();

    PerformancesPane(Workspace workspace, Player player, FilePicker picker) {
        super(6);
        this.workspace = workspace;
        this.player = player;
        this.picker = picker;
        Button bring = new Button("Bring in a capture…", new FontIcon(Feather.DOWNLOAD));
        bring.setId("bring-capture");
        bring.setTooltip(
                new Tooltip(
                        "A CSV with a column \"time\" and one for each control, or the animation of a glTF file, at the playhead"));
        bring.setOnAction(e -> bring());
        getChildren().addAll(Parts.heading("Kept performances"), rows, bring);
    }

    private void bring() {
        picker.open(new FilePicker.Ask(
                        "Bring in a capture", "Captures", List.of(".csv", ".glb", ".gltf"), "", Optional.empty()))
                .ifPresent(this::take);
    }

    private void take(Path file) {
        double at = Math.max(0, player.time().get());
        workspace.jobs().start("Reading " + file.getFileName(), progress -> TrackFiles.all(file), all -> {
            if (all.size() > 1) {
                keep(all, file);
                return;
            }
            all.forEach((name, track) -> {
                lay(Performed.whole(name, track), at, 0);
                tell(track);
            });
        });
    }

    /** A file with several performances: all are kept, to choose from. */
    private void keep(Map<String, Track> all, Path file) {
        int room =
                Project.MOST_PERFORMANCES - workspace.project().performances().size();
        long gesture = workspace.newGesture();
        all.entrySet().stream()
                .limit(Math.max(0, room))
                .forEach(e -> workspace.edit(
                        new ProjectEdit.KeepPerformance(
                                Performed.whole(Names.free(e.getKey(), this::isKept), e.getValue())),
                        gesture));
        workspace
                .jobs()
                .say(file.getFileName() + " holds " + all.size()
                        + " performances. They are kept: choose one to put it at the playhead."
                        + (room < all.size() ? " There was no room for all of them." : ""));
    }

    private boolean isKept(String name) {
        return workspace.project().performances().stream()
                .anyMatch(p -> p.name().equals(name));
    }

    private void tell(Track track) {
        Optional<Character> who = workspace.performance().get().map(p -> p.character());
        List<String> missing = who.map(w -> new MotionOn(w, track).missing()).orElse(List.of());
        workspace
                .jobs()
                .say(String.format(
                        Locale.ROOT,
                        "%d controls, %.1f s; %s. Its mouth is left to speech until you weigh it.",
                        track.controls().size(),
                        track.duration(),
                        missing.isEmpty() ? "this face has them all" : "this face lacks " + missing.size()));
    }

    private void lay(Performed what, double at, double mouth) {
        PassEdit.Look look = new PassEdit.Look(what, false, Pass.USUAL_EASE, mouth, Map.of());
        if (workspace.editLine(0, l -> new PassEdit.AddPass(l, "", at, at + what.length(), look))) {
            workspace.passes().choose(what);
        }
    }

    void refresh(Optional<Character> figure) {
        List<Performed> kept = workspace.project().performances();
        if (kept.equals(shown) && figure.equals(shownFor)) {
            return;
        }
        shown = kept;
        shownFor = figure;
        rows.getChildren().clear();
        if (kept.isEmpty()) {
            rows.getChildren().add(Parts.quiet("Keep a pass that came out well; it is then here for every line."));
        }
        kept.forEach(p -> rows.getChildren().add(row(p, figure)));
    }

    private HBox row(Performed what, Optional<Character> figure) {
        List<String> missing =
                figure.map(f -> new MotionOn(f, what.motion()).missing()).orElse(List.of());
        Button put = new Button(
                what.name() + String.format(Locale.ROOT, ", %.1f s", what.length()), new FontIcon(Feather.PLUS));
        put.getStyleClass().add("row-button");
        put.setMaxWidth(Double.MAX_VALUE);
        put.setId("put-" + what.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
        put.setTooltip(new Tooltip("Puts it on the row live at the playhead"
                + (missing.isEmpty() ? "" : "; this face lacks " + String.join(", ", missing))));
        put.setOnAction(e -> lay(what, Math.max(0, player.time().get()), 1));
        HBox.setHgrow(put, Priority.ALWAYS);
        Button clip = new Button("", new FontIcon(Feather.SMILE));
        clip.setId("clip-" + put.getId().substring("put-".length()));
        clip.setAccessibleText("Put " + what.name() + " on the row feel");
        clip.setTooltip(new Tooltip(
                "Puts it on the row feel as a clip, to be stretched, eased and crossed as expressions are"));
        clip.setOnAction(e -> workspace
                .clips()
                .add(what, workspace.clips().room(Math.max(0, player.time().get()), what.length())));
        Button forget = new Button("", new FontIcon(Feather.X));
        forget.setAccessibleText("Forget the performance " + what.name());
        forget.setTooltip(new Tooltip("Forget it; where it lies on lines it stays"));
        forget.setOnAction(e -> workspace.edit(new ProjectEdit.ForgetPerformance(what.name())));
        Label lacks = Parts.quiet(missing.isEmpty() ? "" : "lacks " + missing.size());
        return Parts.row(put, lacks, clip, forget);
    }
}
