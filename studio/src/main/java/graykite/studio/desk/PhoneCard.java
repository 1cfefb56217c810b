package graykite.studio.desk;

import graykite.mouth.MouthChart;
import graykite.mouth.PhoneShape;
import graykite.mouth.PhoneShape.Closure;
import graykite.mouth.PhoneShape.Firmness;
import graykite.mouth.PhoneShape.Step;
import graykite.rig.Channel;
import graykite.studio.model.ChartEdits;
import graykite.studio.model.Workspace;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** How one sound shows: its shape or two in sequence, how firmly it holds the mouth, and what must touch. */
final class PhoneCard extends VBox {
    private static final String NO_SECOND = "No second shape";
    private static final List<String> TOUCHES =
            List.of("Nothing must touch", "The lips must touch", "Lip must touch teeth");

    private final Workspace workspace;
    private final ChartEdits charts;
    private final Phone phone;
    private long gesture;

    PhoneCard(Workspace workspace, Phone phone) {
        super(6);
        this.workspace = workspace;
        this.charts = workspace.charts();
        this.phone = phone;
        getStyleClass().add("card");
        setId("phone-card");
        charts.chart().of(phone).ifPresent(this::build);
    }

    private void edit(String name, long drag, UnaryOperator<PhoneShape> change) {
        charts.edit(
                name,
                drag,
                c -> c.of(phone).map(p -> c.withPhone(phone, change.apply(p))).orElse(c));
    }

    private void build(PhoneShape now) {
        MouthChart chart = charts.chart();
        Step first = now.steps().getFirst();
        Label title = Parts.heading("The sound " + phone.ipa() + "  (" + phone.name() + ")");
        title.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(title, Priority.ALWAYS);
        Button unmap = new Button("Unmap");
        unmap.setTooltip(new Tooltip("Leave this sound without a shape; it is listed until it has one"));
        unmap.setOnAction(e -> charts.edit("Unmap " + phone.ipa(), 0, c -> c.withoutPhone(phone)));
        getChildren().add(Parts.row(title, unmap));
        getChildren()
                .add(choice(
                        "Shape",
                        List.copyOf(chart.shapes().keySet()),
                        first.shape(),
                        shape ->
                                charts.edit("Show " + phone.ipa() + " as " + shape, 0, c -> c.assigned(phone, shape))));
        getChildren()
                .add(percent(
                        "Share",
                        "How much of the full shape",
                        1.2,
                        first.share(),
                        (p, v) -> p.withSteps(replaced(p, 0, v))));
        second(now, chart);
        getChildren().add(Parts.quiet("How firmly it holds the mouth: at 0 % it takes whatever its neighbours do."));
        Firmness firm = now.firm();
        getChildren()
                .addAll(
                        percent(
                                "Jaw",
                                "How firmly it holds the jaw",
                                1,
                                firm.jaw(),
                                (p, v) -> p.withFirm(p.firm().withJaw(v))),
                        percent(
                                "Lips",
                                "How firmly it holds lips and cheeks",
                                1,
                                firm.lips(),
                                (p, v) -> p.withFirm(p.firm().withLips(v))),
                        percent(
                                "Tongue",
                                "How firmly it holds the tongue",
                                1,
                                firm.tongue(),
                                (p, v) -> p.withFirm(p.firm().withTongue(v))));
        firm.channels()
                .forEach((channel, value) -> getChildren()
                        .add(percent(
                                channel,
                                "How firmly it holds this channel; reset to 100 %",
                                1,
                                value,
                                (p, v) -> p.withFirm(held(p.firm(), channel, Optional.of(v))))));
        getChildren().add(oneChannel(now));
        getChildren()
                .add(choice(
                        "Closure",
                        TOUCHES,
                        TOUCHES.get(now.closure().ordinal()),
                        text -> edit(
                                "Closure of " + phone.ipa(),
                                0,
                                p -> new PhoneShape(p.steps(), p.firm(), Closure.values()[TOUCHES.indexOf(text)]))));
    }

    /** A sound may go through two shapes, one after the other, or mix them. */
    private void second(PhoneShape now, MouthChart chart) {
        List<String> shapes = new ArrayList<>(List.of(NO_SECOND));
        shapes.addAll(chart.shapes().keySet());
        Optional<Step> then = now.steps().size() > 1 ? Optional.of(now.steps().get(1)) : Optional.empty();
        getChildren()
                .add(choice(
                        "Then",
                        shapes,
                        then.map(Step::shape).orElse(NO_SECOND),
                        shape -> edit(
                                "Second shape of " + phone.ipa(),
                                0,
                                p -> shape.equals(NO_SECOND) ? one(p) : gliding(p, shape))));
        then.ifPresent(s -> getChildren()
                .add(percent(
                        "Share of the second",
                        "How much of the second shape",
                        1.2,
                        s.share(),
                        (p, v) -> p.withSteps(replaced(p, 1, v)))));
        then.filter(s -> s.from() == 0)
                .ifPresent(s -> getChildren().add(Parts.quiet("Both are shown at once, one mixed into the other.")));
    }

    private static PhoneShape one(PhoneShape p) {
        Step first = p.steps().getFirst();
        return p.withSteps(List.of(new Step(first.shape(), first.share(), 0, 1)));
    }

    private static PhoneShape gliding(PhoneShape p, String shape) {
        Step first = p.steps().getFirst();
        double turn = p.glides() ? first.to() : 0.55;
        double share = p.steps().size() > 1 ? p.steps().get(1).share() : 0.85;
        boolean mixed = p.steps().size() > 1 && !p.glides();
        return p.withSteps(
                mixed
                        ? List.of(first, new Step(shape, share, 0, 1))
                        : List.of(new Step(first.shape(), first.share(), 0, turn), new Step(shape, share, turn, 1)));
    }

    private static List<Step> replaced(PhoneShape p, int index, double share) {
        List<Step> steps = new ArrayList<>(p.steps());
        Step s = steps.get(index);
        steps.set(index, new Step(s.shape(), share, s.from(), s.to()));
        return steps;
    }

    /** One channel may be held in its own way, whatever its region does. */
    private Node oneChannel(PhoneShape now) {
        ComboBox<String> channels = new ComboBox<>();
        channels.setPromptText("Hold one channel in its own way…");
        channels.setAccessibleText("A channel that this sound holds in its own way");
        channels.setMaxWidth(Double.MAX_VALUE);
        charts.figure()
                .ifPresent(f -> f.channels().stream()
                        .filter(PoseEditor.MOUTH)
                        .map(Channel::name)
                        .filter(c -> !now.firm().channels().containsKey(c))
                        .forEach(channels.getItems()::add));
        channels.setOnAction(e -> {
            if (channels.getValue() != null) {
                String channel = channels.getValue();
                edit("Firmness of " + channel, 0, p -> p.withFirm(held(p.firm(), channel, Optional.of(0.5))));
            }
        });
        return channels;
    }

    private static Firmness held(Firmness firm, String channel, Optional<Double> value) {
        Map<String, Double> channels = new TreeMap<>(firm.channels());
        value.ifPresentOrElse(v -> channels.put(channel, v), () -> channels.remove(channel));
        return new Firmness(firm.jaw(), firm.lips(), firm.tongue(), channels);
    }

    private Node choice(String name, List<String> items, String now, Consumer<String> chosen) {
        ComboBox<String> box = new ComboBox<>();
        box.getItems().setAll(items);
        box.setValue(now);
        box.setId("phone-" + name.toLowerCase(Locale.ROOT));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setAccessibleText(name + " of " + phone.ipa());
        box.setOnAction(e -> {
            if (box.getValue() != null && !box.getValue().equals(now)) {
                chosen.accept(box.getValue());
            }
        });
        HBox.setHgrow(box, Priority.ALWAYS);
        Label label = new Label(name);
        label.setMinWidth(54);
        return Parts.row(label, box);
    }

    private Parts.Tuner percent(
            String name, String tip, double max, double now, BiFunction<PhoneShape, Double, PhoneShape> change) {
        Parts.Tuner tuner = new Parts.Tuner(
                name,
                tip,
                0,
                max,
                1,
                Parts::percent,
                () -> gesture = workspace.newGesture(),
                v -> edit(name + " of " + phone.ipa(), gesture, p -> change.apply(p, v)));
        tuner.set(now);
        return tuner;
    }
}
