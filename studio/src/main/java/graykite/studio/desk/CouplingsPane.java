package graykite.studio.desk;

import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Coupling;
import graykite.rig.Couplings;
import graykite.studio.model.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Rules between channels that always hold: what drives what, what holds what back. */
final class CouplingsPane extends VBox {
    private final Trial trial;
    private final VBox list = new VBox(6);
    private final ComboBox<String> driver = new ComboBox<>();
    private final ComboBox<String> driven = new ComboBox<>();
    private final ComboBox<String> rule = new ComboBox<>();
    private final Parts.Tuner figure;
    private final Label problem = Parts.quiet("");
    private double chosen = 0.5;
    private Optional<Character> shown = Optional.empty();

    CouplingsPane(Trial trial) {
        super(10);
        this.trial = trial;
        for (ComboBox<String> box : List.of(driver, driven, rule)) {
            box.setMaxWidth(Double.MAX_VALUE);
            HBox.setHgrow(box, Priority.ALWAYS);
        }
        driver.setPromptText("When this moves…");
        driven.setPromptText("…this one");
        driver.setAccessibleText("The channel that the rule watches");
        driven.setAccessibleText("The channel that it changes");
        rule.getItems().setAll("drives", "holds back");
        rule.setValue("holds back");
        figure = new Parts.Tuner(
                "By",
                "Where the first is at its end: how much is added, or which share is taken away",
                -1,
                1,
                0.5,
                Parts::percent,
                () -> {},
                this::choose);
        problem.getStyleClass().add("warn");
        problem.setWrapText(true);
        Parts.shown(problem, false);
        driver.setId("coupling-driver");
        driven.setId("coupling-driven");
        rule.setId("coupling-rule");
        rule.setAccessibleText("Kind of the coupling");
        Button add = new Button("Add the rule", new FontIcon(Feather.PLUS));
        add.setId("add-coupling");
        add.setOnAction(e -> add());
        getChildren()
                .addAll(
                        Parts.quiet("Rules hold whatever moves the channels: speech, poses or keys."),
                        list,
                        Parts.card(driver, Parts.row(rule), driven, figure, problem, add));
    }

    private void choose(double value) {
        chosen = value;
        figure.set(value);
    }

    private void add() {
        if (driver.getValue() == null
                || driven.getValue() == null
                || driver.getValue().equals(driven.getValue())) {
            problem.setText("Choose two channels that differ: the one to watch, and the one to change.");
            Parts.shown(problem, true);
            (driver.getValue() == null ? driver : driven).requestFocus();
            return;
        }
        Parts.shown(problem, false);
        Coupling.Rule kind = rule.getValue().equals("drives") ? Coupling.Rule.DRIVES : Coupling.Rule.HOLDS_BACK;
        double reach = reach(driver.getValue());
        double amount = kind == Coupling.Rule.DRIVES ? chosen * reach(driven.getValue()) : Math.abs(chosen);
        Coupling made = new Coupling(
                driver.getValue(),
                driven.getValue(),
                kind,
                List.of(new Coupling.Point(0, 0), new Coupling.Point(reach, amount)));
        change("Add coupling", all -> all.add(made));
    }

    private double reach(String channel) {
        return shown.flatMap(f -> f.channels().stream()
                        .filter(c -> c.name().equals(channel))
                        .findFirst())
                .map(Channel::max)
                .orElse(1.0);
    }

    private void change(String name, Consumer<List<Coupling>> edit) {
        trial.editLibrary(name, l -> {
            List<Coupling> all = new ArrayList<>(l.couplings());
            edit.accept(all);
            return l.withCouplings(all);
        });
    }

    void show(Character character) {
        if (shown.map(f -> f == character).orElse(false)) {
            return;
        }
        shown = Optional.of(character);
        List<String> names = character.channels().stream().map(Channel::name).toList();
        driver.getItems().setAll(names);
        driven.getItems().setAll(names);
        list.getChildren().clear();
        if (character.couplings().isEmpty()) {
            list.getChildren().add(Parts.quiet("No rules yet. A useful first one: pressed lips hold the jaw back."));
        }
        List<Coupling> idle = Couplings.idle(character);
        for (Coupling coupling : character.couplings()) {
            Label words = new Label(coupling.inWords());
            words.setWrapText(true);
            words.setMaxWidth(Double.MAX_VALUE);
            if (idle.contains(coupling)) {
                words.setText(words.getText() + " (idle: a channel is missing)");
                words.getStyleClass().add("warn");
            }
            HBox.setHgrow(words, Priority.ALWAYS);
            Button remove = new Button("", new FontIcon(Feather.X));
            remove.setTooltip(new Tooltip("Remove this rule"));
            remove.setAccessibleText("Remove: " + coupling.inWords());
            remove.setOnAction(e -> change("Remove coupling", all -> all.remove(coupling)));
            list.getChildren().add(Parts.row(words, remove));
        }
    }
}
