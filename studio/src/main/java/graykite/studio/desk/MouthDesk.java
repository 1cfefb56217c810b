package graykite.studio.desk;

import graykite.mouth.MouthChart;
import graykite.studio.model.Knot;
import graykite.studio.model.MouthNeeds;
import graykite.studio.model.Trial;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.FaceTool;
import graykite.studio.view.MouthPictures;
import graykite.studio.view.Reveal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Mouth: how the line is spoken, single sounds, the chart, curves, and why the mouth is as it is. */
public final class MouthDesk extends Desk {
    private static final String SPEAK = "Speak";
    private static final String TOUCH_UPS = "Touch-ups";
    private static final String CHART = "Chart";
    private static final String CURVES = "Curves";
    private static final String WHY = "Why";

    private final Workspace workspace;
    private final Asks asks;
    private final VBox needs = new VBox(6);
    private final Tabs tabs = new Tabs();
    private final SpeakPane speak;
    private final TouchUpPane touchUps;
    private final ChartPane chart;
    private final CurvesPane curves;
    private final WhyPane why;
    private final PoseEditor ownPose;
    private final PoseEditor look;
    private final ReadOnlyObjectWrapper<Optional<FaceTool>> tool = new ReadOnlyObjectWrapper<>(Optional.empty());
    private List<MouthNeeds.Need> listed = List.of();

    /** What the desk asks of the window. */
    public interface Asks {
        void go(Knot knot);

        void addRecording();

        void loadChart();

        void saveChart(boolean withPoses);

        /** Chooses a chart file to compare with. */
        void compareChart();
    }

    public MouthDesk(Workspace workspace, Player player, Trial trial, Asks asks) {
        this.workspace = workspace;
        this.asks = asks;
        ownPose = new PoseEditor(workspace, trial, PoseEditor.MOUTH);
        look = new PoseEditor(workspace, trial, PoseEditor.MOUTH);
        speak = new SpeakPane(workspace, player);
        touchUps = new TouchUpPane(workspace, player, ownPose);
        chart = new ChartPane(workspace, look, new ChartMenus.Files() {
            @Override
            public void load() {
                asks.loadChart();
            }

            @Override
            public void save(boolean withPoses) {
                asks.saveChart(withPoses);
            }

            @Override
            public void compare() {
                asks.compareChart();
            }
        });
        curves = new CurvesPane(workspace, player);
        why = new WhyPane(workspace, player, () -> openTab(CURVES));
        tabs.add(SPEAK, "How the line is spoken", speak);
        tabs.add(TOUCH_UPS, "Edits of single sounds and words", touchUps);
        tabs.add(CHART, "Which sound shows as which shape", chart);
        tabs.add(CURVES, "The curve of a channel", curves);
        tabs.add(WHY, "Why the mouth is as it is", why);
        tabs.open().addListener((o, b, n) -> {
            ownPose.close();
            look.close();
            why.forget();
            chooseTool();
            Reveal.top(this);
            refresh();
        });
        ownPose.open().addListener((o, b, n) -> chooseTool());
        look.open().addListener((o, b, n) -> chooseTool());
        workspace.lineId().addListener((o, b, n) -> leave());
        Parts.shown(needs, false);
        getChildren().addAll(Parts.title("Mouth"), needs, tabs);
        tabs.open(SPEAK);
    }

    @Override
    public ReadOnlyObjectProperty<Optional<FaceTool>> tool() {
        return tool.getReadOnlyProperty();
    }

    private void chooseTool() {
        if (ownPose.open().get()) {
            tool.set(Optional.of(ownPose));
        } else if (look.open().get()) {
            tool.set(Optional.of(look));
        } else {
            tool.set(tabs.open().get().equals(WHY) ? Optional.of(why) : Optional.empty());
        }
    }

    /** Ends what is under way, also when another line comes up. */
    @Override
    public void leave() {
        ownPose.close();
        look.close();
    }

    @Override
    public void close() {
        ownPose.stop();
        look.stop();
        why.stop();
    }

    /** Opens Speak, Touch-ups, Chart, Curves or Why. */
    public void openTab(String title) {
        tabs.open(title);
    }

    /** Says why a channel is what it is at the playhead. */
    public void ask(String channel) {
        openTab(WHY);
        why.ask(channel);
    }

    /** Shows the differences to a chart. */
    public void compare(String name, MouthChart other) {
        openTab(CHART);
        chart.compare(name, other);
    }

    @Override
    public void show(MouthPictures pictures) {
        speak.show(pictures);
        touchUps.show(pictures);
        chart.show(pictures);
    }

    private void fillNeeds() {
        List<MouthNeeds.Need> now = MouthNeeds.of(workspace);
        if (now.equals(listed)) {
            return;
        }
        listed = now;
        needs.getChildren().clear();
        for (MouthNeeds.Need need : now) {
            HBox ways = Parts.row();
            for (MouthNeeds.Way way : need.ways()) {
                Button go = new Button(way.title());
                go.setId("need-" + way.name().toLowerCase(Locale.ROOT).replace('_', '-'));
                go.setOnAction(e -> act(way));
                ways.getChildren().add(go);
            }
            VBox card = Parts.card(Parts.quiet(need.text()), ways);
            card.getStyleClass().add(need.blocks() ? "need-first" : "need");
            needs.getChildren().add(card);
        }
        Parts.shown(needs, !now.isEmpty());
    }

    private void act(MouthNeeds.Way way) {
        switch (way) {
            case OPEN_RECORDING -> asks.addRecording();
            case READ -> asks.go(Knot.READING);
            case MAP -> workspace.charts().mapUnmapped();
            case KEEP_NEAREST -> workspace.charts().keepBorrowed();
            case ASSIGN -> asks.go(Knot.CAST);
            case SEE_TOUCH_UPS -> openTab(TOUCH_UPS);
            case SEE_CURVES -> openTab(CURVES);
            case SEE_SECTIONS -> openTab(SPEAK);
        }
    }

    @Override
    public void refresh() {
        fillNeeds();
        boolean nothing = workspace.line().isEmpty();
        tabs.setDisable(nothing);
        switch (tabs.open().get()) {
            case TOUCH_UPS -> touchUps.refresh();
            case CHART -> chart.refresh();
            case CURVES -> curves.refresh();
            case WHY -> why.refresh();
            default -> speak.refresh();
        }
    }
}
