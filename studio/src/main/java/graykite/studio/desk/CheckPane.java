package graykite.studio.desk;

import graykite.figures.Region;
import graykite.figures.RigCheck;
import graykite.figures.RigReport;
import graykite.rig.Character;
import graykite.studio.model.Jobs;
import graykite.studio.model.Trial;
import java.util.IdentityHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The rig check: what is wrong with a character, and what each of its channels really moves. */
final class CheckPane extends VBox {
    private final Trial trial;
    private final Jobs jobs;
    private final Button run = new Button("Check the rig", new FontIcon(Feather.ACTIVITY));
    private final VBox findings = new VBox(8);
    private final VBox channels = new VBox(4);
    private final Map<Character, RigReport> reports = new IdentityHashMap<>();
    private Optional<Character> shown = Optional.empty();

    CheckPane(Trial trial, Jobs jobs) {
        super(10);
        this.trial = trial;
        this.jobs = jobs;
        run.setId("check-rig");
        run.getStyleClass().add("primary");
        run.setTooltip(new Tooltip("Drive every channel alone and measure what moves"));
        run.setOnAction(e -> check());
        getChildren().addAll(run, findings, channels);
    }

    /** Shows what is known of a character. */
    void show(Character character) {
        if (shown.map(f -> f == character).orElse(false)) {
            return;
        }
        shown = Optional.of(character);
        fill();
    }

    /** Runs the check. */
    void check() {
        shown.ifPresent(character ->
                jobs.start("Checking " + character.name(), progress -> RigCheck.of(character, progress), report -> {
                    reports.keySet().removeIf(c -> c != character);
                    reports.put(character, report);
                    fill();
                    jobs.say(
                            report.findings().isEmpty()
                                    ? character.name() + ": nothing to complain about."
                                    : character.name() + ": " + report.summary() + ".");
                }));
    }

    private void fill() {
        findings.getChildren().clear();
        channels.getChildren().clear();
        Optional<RigReport> report = shown.map(reports::get);
        if (report.isEmpty()) {
            findings.getChildren()
                    .add(Parts.quiet("The check drives each channel alone and says what moves along that should not,"
                            + " what does nothing, what doubles another, and whether lids and lips close."));
            return;
        }
        if (report.get().findings().isEmpty()) {
            HBox fine = Parts.row(icon(Feather.CHECK_CIRCLE, "good"), new Label("Nothing to complain about."));
            findings.getChildren().add(fine);
        }
        report.get().findings().forEach(f -> findings.getChildren().add(finding(f)));
        channels.getChildren().add(Parts.heading("What each channel moves"));
        report.get().channels().forEach(c -> channels.getChildren().add(moved(c)));
    }

    private static FontIcon icon(Feather feather, String style) {
        FontIcon icon = new FontIcon(feather);
        icon.getStyleClass().add(style);
        return icon;
    }

    private VBox finding(RigReport.Finding finding) {
        FontIcon icon = switch (finding.weight()) {
            case FAULT -> icon(Feather.ALERT_OCTAGON, "fault");
            case DOUBT -> icon(Feather.ALERT_TRIANGLE, "doubt");
            case NOTE -> icon(Feather.INFO, "note");
        };
        Hyperlink subject = new Hyperlink(finding.subject());
        subject.setTooltip(new Tooltip("Show it on the face"));
        subject.setOnAction(e -> drive(finding.subject()));
        Label says = Parts.quiet(finding.says() + (finding.advice().isEmpty() ? "" : " " + finding.advice()));
        Label weight = new Label(
                switch (finding.weight()) {
                    case FAULT -> "fault";
                    case DOUBT -> "doubt";
                    case NOTE -> "note";
                });
        weight.getStyleClass().add("quiet");
        return Parts.card(Parts.row(icon, subject, weight), says);
    }

    private HBox moved(RigReport.Moved moved) {
        Hyperlink name = new Hyperlink(moved.channel());
        name.setMinWidth(126);
        name.setMaxWidth(126);
        name.setOnAction(e -> drive(moved.channel()));
        String what = moved.millimetres().entrySet().stream()
                .sorted(Map.Entry.<Region, Double>comparingByValue().reversed())
                .limit(3)
                .map(e ->
                        String.format(Locale.ROOT, "%s %.1f", e.getKey().title().replace("the ", ""), e.getValue()))
                .collect(Collectors.joining(", "));
        return Parts.row(name, Parts.quiet(what.isEmpty() ? "chooses a drawing, or moves nothing" : what + " mm"));
    }

    /** Shows a channel at its end, or a pose, on the face. */
    private void drive(String subject) {
        shown.ifPresent(character -> {
            Integer channel = character.channelIndex().get(subject);
            if (channel != null) {
                double[] values = new double[character.channels().size()];
                values[channel] = character.channels().get(channel).max();
                trial.show(values);
            } else if (character.poses().containsKey(subject)) {
                trial.show(subject);
            } else {
                character.role(subject).ifPresent(p -> trial.show(character.values(p)));
            }
        });
    }
}
