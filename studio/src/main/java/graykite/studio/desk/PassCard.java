package graykite.studio.desk;

import graykite.acting.MotionOn;
import graykite.acting.Mouths;
import graykite.acting.Pass;
import graykite.acting.PassesLayer.Ready;
import graykite.edit.PassEdit;
import graykite.motion.Keyed;
import graykite.motion.Motion;
import graykite.motion.Track;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Roles;
import graykite.studio.live.PassWork;
import graykite.studio.model.Counted;
import graykite.studio.model.PassEdits;
import graykite.studio.model.Workspace;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleFunction;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** The chosen pass: when, how much of each region, smoother or with fewer keys, kept for other lines. */
final class PassCard extends VBox {
    private final Workspace workspace;
    private final PassEdits edits;
    private final PassWork work;
    private final TextField name = new TextField();
    private final TextField from = new TextField();
    private final TextField to = new TextField();
    private final Label facts = Parts.quiet("");
    private final CheckBox adds = new CheckBox("Add to what is there");
    private final VBox weights = new VBox(2);
    private final Parts.Tuner ease;
    private List<Channel.Group> shown = List.of();
    private final Map<Channel.Group, Parts.Tuner> tuners = new TreeMap<>();
    private long gesture;

    /** @param extend performs on from the end of the chosen pass */
    PassCard(Workspace workspace, Runnable extend) {
        super(6);
        this.workspace = workspace;
        this.edits = workspace.passes();
        this.work = new PassWork(workspace);
        getStyleClass().add("card");
        setId("pass-card");
        name.setAccessibleText("Name of the pass");
        name.setId("pass-name");
        name.setPrefColumnCount(10);
        name.setOnAction(e -> rename());
        for (TextField field : List.of(from, to)) {
            field.setPrefWidth(72);
            field.getStyleClass().add("figures");
            field.setOnAction(e -> place());
        }
        from.setAccessibleText("When the pass begins, in seconds");
        to.setAccessibleText("When the pass ends, in seconds");
        adds.setTooltip(new Tooltip("Off: it takes the place of what is there"));
        adds.setOnAction(e -> edits.look(0, l -> changed(l, adds.isSelected(), l.ease(), l.mouth(), l.weights())));
        ease = tuner(
                "Ease",
                "How long it takes to come and to go",
                2,
                Pass.USUAL_EASE,
                Parts::seconds,
                v -> edits.look(gesture, l -> changed(l, l.adds(), v, l.mouth(), l.weights())));
        Button delete = Parts.button("", Feather.TRASH_2, "Delete the pass (Delete)", "delete-pass", edits::delete);
        delete.setAccessibleText("Delete the pass");
        FlowPane buttons = new FlowPane(
                6,
                6,
                Parts.button(
                        "Smoother",
                        Feather.WIND,
                        "Takes trembling out; it comes no later",
                        "pass-smooth",
                        work::smooth),
                Parts.button(
                        "Fewer keys",
                        Feather.SCISSORS,
                        "Keys in place of samples, or fewer of them; says the error",
                        "pass-thin",
                        work::thin),
                Parts.button(
                        "Go on",
                        Feather.FAST_FORWARD,
                        "Perform on from its end, with the same controls",
                        "pass-extend",
                        extend),
                Parts.button(
                        "Keep",
                        Feather.BOOKMARK,
                        "Keep it for other lines and characters, under its name",
                        "pass-keep",
                        this::keep));
        getChildren()
                .addAll(
                        Parts.heading("The chosen pass"),
                        Parts.row(name, delete),
                        Parts.row(new Label("from"), from, new Label("to"), to, new Label("s")),
                        facts,
                        adds,
                        weights,
                        ease,
                        buttons);
    }

    private static PassEdit.Look changed(
            PassEdit.Look look, boolean adds, double ease, double mouth, Map<String, Double> weights) {
        return new PassEdit.Look(look.what(), adds, ease, mouth, weights);
    }

    private Parts.Tuner tuner(
            String title, String tip, double most, double usual, DoubleFunction<String> text, DoubleConsumer change) {
        return new Parts.Tuner(title, tip, 0, most, usual, text, () -> gesture = workspace.newGesture(), change);
    }

    private void rename() {
        if (!name.getText().isBlank()) {
            edits.what(0, w -> w.named(name.getText().strip()));
        }
    }

    private void keep() {
        edits.pass().ifPresent(r -> {
            edits.keep(r.pass().what().name());
            workspace.jobs().say("Kept as \"" + r.pass().what().name() + "\", for any line and character.");
        });
    }

    private void place() {
        Optional<Double> first = Parts.number(from.getText());
        Optional<Double> last = Parts.number(to.getText());
        if (first.isPresent() && last.isPresent()) {
            edits.place(first.get(), last.get(), 0);
        }
    }

    private static List<Channel.Group> regions(Motion motion) {
        return motion.controls().stream().map(Roles::group).distinct().sorted().toList();
    }

    private void weigh(Channel.Group region, double weight) {
        edits.look(gesture, l -> {
            Map<String, Double> all = new TreeMap<>(l.weights());
            for (String control : l.what().motion().controls()) {
                if (Roles.group(control) == region) {
                    all.put(control, weight);
                }
            }
            all.values().removeIf(w -> w == 1);
            // Somebody who weighs the mouth of a capture wants to see it.
            double mouth = Mouths.isOfMouth(region) ? 1 : l.mouth();
            return changed(l, l.adds(), l.ease(), mouth, all);
        });
    }

    void refresh(Optional<Character> figure) {
        Optional<Ready> chosen = edits.pass();
        Parts.shown(this, chosen.isPresent());
        if (chosen.isEmpty()) {
            return;
        }
        Ready ready = chosen.get();
        Pass pass = ready.pass();
        if (!name.isFocused()) {
            name.setText(pass.what().name());
        }
        if (!from.isFocused()) {
            from.setText(String.format(Locale.ROOT, "%.3f", ready.start()));
        }
        if (!to.isFocused()) {
            to.setText(String.format(Locale.ROOT, "%.3f", ready.end()));
        }
        adds.setSelected(pass.adds());
        ease.set(pass.ease());
        List<Channel.Group> regions = regions(pass.what().motion());
        if (!regions.equals(shown)) {
            shown = regions;
            tuners.clear();
            for (Channel.Group region : regions) {
                String title =
                        region.name().charAt(0) + region.name().substring(1).toLowerCase(Locale.ROOT);
                tuners.put(region, tuner(title, "How much of it is seen", 2, 1, Parts::percent, v -> weigh(region, v)));
            }
            weights.getChildren().setAll(tuners.values());
        }
        tuners.forEach((region, tuner) -> {
            double weight = pass.what().motion().controls().stream()
                    .filter(c -> Roles.group(c) == region)
                    .mapToDouble(pass::weight)
                    .max()
                    .orElse(1);
            tuner.set(Mouths.isOfMouth(region) ? weight * pass.mouth() : weight);
        });
        facts.setText(facts(pass, figure));
    }

    private static String facts(Pass pass, Optional<Character> figure) {
        Motion motion = pass.what().motion();
        String size = switch (motion) {
            case Track track ->
                Counted.of(track.controls().size(), "control") + ", " + String.format(Locale.ROOT, "%.0f", track.rate())
                        + " samples a second";
            case Keyed keyed -> Counted.of(keyed.controls().size(), "control") + ", " + Counted.of(keyed.keys(), "key");
        };
        List<String> missing =
                figure.map(f -> new MotionOn(f, motion).missing()).orElse(List.of());
        return missing.isEmpty()
                ? size
                : size + ". This face lacks "
                        + String.join(
                                ", ", new TreeSet<>(missing).stream().limit(6).toList())
                        + (missing.size() > 6 ? " and " + (missing.size() - 6) + " more" : "") + ": they are left out.";
    }
}
