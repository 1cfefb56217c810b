package graykite.studio.desk;

import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.studio.model.Trial;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Every channel of a character to be tried: sliders, two-sided ones for opposites, pads for head and eyes. */
final class ChannelsPane extends VBox {
    /** Movements of which a face does one or the other. */
    private static final List<List<String>> OPPOSITES = List.of(
            List.of("lipCornerPuller", "lipCornerDepressor"),
            List.of("upperLidRaiser", "lidClose"),
            List.of("innerBrowRaiser", "browLowerer"),
            List.of("cheekPuff", "cheekSuck"));

    private final Trial trial;
    private final Predicate<Channel> offered;
    private final VBox rows = new VBox(8);
    private final TextField filter = new TextField();
    private final List<Runnable> updates = new ArrayList<>();
    private Character shown;

    ChannelsPane(Trial trial) {
        this(trial, c -> true);
    }

    /** @param offered which channels get a slider */
    ChannelsPane(Trial trial, Predicate<Channel> offered) {
        super(8);
        this.trial = trial;
        this.offered = offered;
        filter.setPromptText("Find a channel");
        filter.setAccessibleText("Find a channel by a part of its name");
        filter.textProperty().addListener((o, b, n) -> build());
        HBox.setHgrow(filter, Priority.ALWAYS);
        Button rest = new Button("Rest");
        rest.setTooltip(new Tooltip("Every channel back to rest"));
        rest.setOnAction(e -> trial.rest());
        getChildren().addAll(Parts.row(filter, rest), rows);
        trial.values().addListener((o, b, n) -> updates.forEach(Runnable::run));
    }

    /** Shows a character's channels; nothing happens when they are shown already. */
    void show(Character character) {
        if (shown != null && shown.channels().equals(character.channels())) {
            shown = character;
            return;
        }
        shown = character;
        build();
    }

    private void build() {
        rows.getChildren().clear();
        updates.clear();
        if (shown == null) {
            return;
        }
        Map<String, Integer> index = shown.channelIndex();
        Set<String> done = new HashSet<>();
        String wanted = filter.getText().strip().toLowerCase(Locale.ROOT);
        if (wanted.isEmpty()) {
            HBox pads = new HBox(10);
            pad(pads, "Head", "headYaw", "headPitch", index, done);
            pad(pads, "Eyes", "eyeYaw", "eyePitch", index, done);
            if (!pads.getChildren().isEmpty()) {
                rows.getChildren().add(pads);
            }
        }
        Channel.Group group = null;
        for (Channel channel : shown.channels()) {
            boolean hidden = !offered.test(channel)
                    || !channel.name().toLowerCase(Locale.ROOT).contains(wanted);
            if (hidden || done.contains(channel.name())) {
                continue;
            }
            if (channel.group() != group) {
                group = channel.group();
                String title =
                        group.name().charAt(0) + group.name().substring(1).toLowerCase(Locale.ROOT);
                rows.getChildren().add(Parts.heading(title));
            }
            rows.getChildren().add(row(channel, index, done));
        }
        if (rows.getChildren().isEmpty()) {
            rows.getChildren().add(Parts.quiet("No channel is called so."));
        }
        updates.forEach(Runnable::run);
    }

    private void pad(HBox into, String name, String across, String up, Map<String, Integer> index, Set<String> done) {
        if (!index.containsKey(across)
                || !index.containsKey(up)
                || !offered.test(shown.channels().get(index.get(across)))) {
            return;
        }
        int x = index.get(across);
        int y = index.get(up);
        done.add(across);
        done.add(up);
        Pad pad = new Pad(
                name, shown.channels().get(x).max(), shown.channels().get(y).max(), (a, b) -> {
                    trial.set(x, a);
                    trial.set(y, b);
                });
        updates.add(() -> pad.set(value(x), value(y)));
        into.getChildren().add(new VBox(2, new Label(name), pad));
    }

    private double value(int channel) {
        double[] now = trial.values().get();
        return channel < now.length ? now[channel] : 0;
    }

    private Parts.Tuner row(Channel channel, Map<String, Integer> index, Set<String> done) {
        String base = channel.name().replaceAll("\\.[LR]$", "");
        String side = channel.name().substring(base.length());
        for (List<String> pair : OPPOSITES) {
            String first = pair.getFirst() + side;
            String second = pair.getLast() + side;
            if (pair.contains(base) && index.containsKey(first) && index.containsKey(second)) {
                done.add(first);
                done.add(second);
                return opposites(first, second, index.get(first), index.get(second));
            }
        }
        done.add(channel.name());
        int at = index.get(channel.name());
        boolean degrees = channel.max() > 12;
        Parts.Tuner tuner = new Parts.Tuner(
                channel.name(),
                channel.describes(),
                channel.min(),
                channel.max(),
                0,
                v -> String.format(Locale.ROOT, degrees ? "%.1f" : "%.2f", v),
                () -> {},
                v -> trial.set(at, v));
        updates.add(() -> tuner.set(value(at)));
        return tuner;
    }

    /** One slider for two channels: one to the right, the other to the left of rest. */
    private Parts.Tuner opposites(String first, String second, int right, int left) {
        Parts.Tuner tuner = new Parts.Tuner(
                second + "  ◂  ▸  " + first,
                "To the right: " + shown.channels().get(right).describes() + "\nTo the left: "
                        + shown.channels().get(left).describes(),
                -shown.channels().get(left).max(),
                shown.channels().get(right).max(),
                0,
                v -> String.format(Locale.ROOT, "%.2f", v),
                () -> {},
                v -> {
                    trial.set(right, Math.max(0, v));
                    trial.set(left, Math.max(0, -v));
                });
        updates.add(() -> tuner.set(value(right) - value(left)));
        return tuner;
    }
}
