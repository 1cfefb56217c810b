package graykite.studio.desk;

import graykite.mouth.MouthChart;
import graykite.mouth.MouthSettings;
import graykite.rig.Character;
import graykite.speech.Phone;
import graykite.studio.model.Workspace;
import graykite.studio.view.MouthPictures;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.GridPane;

/** Mouth: how strongly the line is spoken, and the chart of sounds and shapes. */
public final class MouthDesk extends Desk {
    private final Workspace workspace;
    private final Parts.Tuner strength;
    private final Parts.Tuner lead;
    private final Parts.Tuner smoothness;
    private final GridPane chart = new GridPane(10, 6);
    private long gesture;
    private Optional<Character> shown = Optional.empty();

    public MouthDesk(Workspace workspace) {
        this.workspace = workspace;
        strength = new Parts.Tuner(
                "Strength",
                "How much of the full shapes the mouth makes",
                0,
                1.5,
                MouthSettings.STANDARD.diction().strength(),
                v -> String.format(Locale.ROOT, "%.0f %%", v * 100),
                this::begin,
                v -> change("Strength", s -> s.withStrength(v)));
        lead = new Parts.Tuner(
                "Lead",
                "How long a shape comes before its sound; 40 to 80 ms look natural",
                -0.1,
                0.2,
                MouthSettings.STANDARD.lead(),
                this::leadText,
                this::begin,
                v -> change("Lead", s -> s.withLead(v)));
        smoothness = new Parts.Tuner(
                "Smoothness",
                "Lower is crisper, higher is softer",
                0.3,
                2.5,
                1,
                v -> String.format(Locale.ROOT, "%.2f", v),
                this::begin,
                v -> change("Smoothness", s -> s.withSmoothness(v)));
        getChildren()
                .addAll(
                        Parts.title("Mouth"),
                        Parts.card(strength, lead, smoothness),
                        Parts.heading("Mouth chart"),
                        chart,
                        Parts.quiet(
                                "p, b and m always seal the lips; f and v lay the lower lip under the teeth, whatever the strength."),
                        Parts.quiet("Still to come: changing the chart, diction, touch-ups, crisp and held motion."));
    }

    private String leadText(double seconds) {
        double frames = seconds * workspace.project().rate().perSecond();
        return String.format(Locale.ROOT, "%.0f ms", seconds * 1000) + String.format(Locale.ROOT, " (%.1f f)", frames);
    }

    private void begin() {
        gesture = workspace.newGesture();
    }

    private void change(String name, java.util.function.UnaryOperator<MouthSettings> edit) {
        workspace.mouth().settings(name, gesture, edit);
    }

    /** Shows the chart once its pictures are made. */
    public void show(MouthPictures pictures) {
        MouthChart now = workspace.speaker().chart();
        chart.getChildren().clear();
        int row = 0;
        for (String shape : now.shapes().keySet()) {
            List<String> phones = new ArrayList<>();
            for (Phone phone : now.phonesOf(shape)) {
                phones.add(phone.ipa() + (now.of(phone).orElseThrow().glides() ? "→" : ""));
            }
            ImageView view = new ImageView();
            pictures.of(shape).ifPresent(view::setImage);
            view.setFitWidth(48);
            view.setFitHeight(48);
            Label name = new Label(shape);
            name.setMinWidth(88);
            Label sounds = new Label(String.join("  ", phones));
            sounds.getStyleClass().add("figures");
            sounds.setWrapText(true);
            chart.addRow(row++, view, name, sounds);
        }
        chart.setAlignment(Pos.CENTER_LEFT);
    }

    @Override
    public void refresh() {
        MouthSettings now = workspace.mouth().work().settings();
        strength.set(now.diction().strength());
        lead.set(now.lead());
        smoothness.set(now.diction().smooth());
        setDisable(workspace.shot().isEmpty());
    }
}
