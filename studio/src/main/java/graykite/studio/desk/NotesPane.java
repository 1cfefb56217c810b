package graykite.studio.desk;

import graykite.project.Line;
import graykite.project.Project;
import graykite.proof.About;
import graykite.proof.Proof;
import graykite.proof.ProofNote;
import graykite.proof.Severity;
import graykite.studio.model.Counted;
import graykite.studio.model.ProofNotes;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.collections.MapChangeListener;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The notes of the proof as a list: of this line or of all, by what they are about, how much they weigh and who speaks. */
final class NotesPane extends VBox {
    private static final String EVERYTHING = "Everything";
    private static final String ALL = "Any weight";
    private static final String EVERYBODY = "Everybody";

    private final Workspace workspace;
    private final ProofNotes proof;
    private final Player player;
    private final Label summary = new Label();
    private final CheckBox everywhere = new CheckBox("All lines");
    private final CheckBox meant = new CheckBox("Meant so");
    private final ComboBox<String> about = new ComboBox<>();
    private final ComboBox<String> weight = new ComboBox<>();
    private final ComboBox<String> who = new ComboBox<>();
    private final ListView<NoteRow> list = new ListView<>();
    private final Label empty = Parts.quiet("");
    private final NoteCard card;
    private final VBox unmeasured = new VBox(2);
    private List<NoteRow> shown = List.of();
    private boolean filling;

    NotesPane(Workspace workspace, Player player) {
        super(8);
        this.workspace = workspace;
        this.proof = workspace.proof();
        this.player = player;
        this.card = new NoteCard(workspace, player);
        summary.getStyleClass().add("proof-summary");
        summary.setId("proof-summary");
        everywhere.setId("notes-everywhere");
        everywhere.setTooltip(new Tooltip("The notes of every line of the project"));
        everywhere.setOnAction(e -> refresh());
        meant.setId("notes-meant");
        meant.setTooltip(new Tooltip("Also those that somebody said are meant so"));
        meant.setOnAction(e -> refresh());
        choice(about, "notes-about", "What the notes are about");
        about.getItems().add(EVERYTHING);
        Stream.of(About.values()).map(About::title).forEach(about.getItems()::add);
        choice(weight, "notes-weight", "How much the notes weigh");
        weight.getItems().add(ALL);
        Stream.of(Severity.values()).map(s -> s.title() + "s").forEach(weight.getItems()::add);
        choice(who, "notes-who", "Who speaks");
        about.setValue(EVERYTHING);
        weight.setValue(ALL);
        list.setId("notes-list");
        list.setCellFactory(l -> new NoteCell());
        list.setPlaceholder(empty);
        empty.setWrapText(true);
        list.setPrefHeight(252);
        list.setMinHeight(160);
        list.setAccessibleText("Proof notes");
        list.getSelectionModel().selectedItemProperty().addListener((o, b, row) -> {
            if (!filling && row != null) {
                go(row);
            }
        });
        HBox weights = Parts.row(about, weight);
        HBox.setHgrow(about, Priority.ALWAYS);
        HBox.setHgrow(weight, Priority.ALWAYS);
        getChildren().addAll(summary, weights, Parts.row(everywhere, meant), who, list, card, unmeasured);
        proof.proof().addListener((o, b, n) -> refresh());
        proof.chosen().addListener((o, b, n) -> refresh());
        proof.byLine().addListener((MapChangeListener<String, Proof>) c -> {
            if (everywhere.isSelected()) {
                refresh();
            }
        });
    }

    private void choice(ComboBox<String> box, String id, String says) {
        box.setId(id);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setAccessibleText(says);
        box.setTooltip(new Tooltip(says));
        box.setOnAction(e -> {
            if (!filling) {
                refresh();
            }
        });
    }

    /** Goes where a note is, in whatever line. */
    private void go(NoteRow row) {
        if (!row.line().equals(workspace.lineId().get())) {
            workspace.lineId().set(row.line());
        }
        proof.chosen().set(Optional.of(row.note()));
        player.seek(row.note().time());
    }

    void refresh() {
        filling = true;
        people();
        List<NoteRow> rows = rows();
        if (!rows.equals(shown)) {
            shown = rows;
            list.getItems().setAll(rows);
        }
        Optional<ProofNote> chosen = proof.chosen().get();
        int at = chosen.map(c -> indexOf(rows, c)).orElse(-1);
        if (at < 0) {
            list.getSelectionModel().clearSelection();
        } else if (list.getSelectionModel().getSelectedIndex() != at) {
            list.getSelectionModel().clearAndSelect(at);
            list.scrollTo(Math.max(0, at - 1));
        }
        filling = false;
        card.show(chosen);
        tell();
    }

    private int indexOf(List<NoteRow> rows, ProofNote note) {
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i).note().equals(note) && rows.get(i).elsewhere().isEmpty()) {
                return i;
            }
        }
        return -1;
    }

    private void people() {
        Parts.shown(who, everywhere.isSelected());
        List<String> names = new ArrayList<>(List.of(EVERYBODY));
        Project project = workspace.project();
        project.lines().stream()
                .map(l -> project.speakerOf(l).name())
                .distinct()
                .forEach(names::add);
        if (!who.getItems().equals(names)) {
            String was = who.getValue();
            who.getItems().setAll(names);
            who.setValue(names.contains(was) ? was : EVERYBODY);
        }
    }

    private List<NoteRow> rows() {
        Project project = workspace.project();
        String here = workspace.lineId().get();
        List<NoteRow> rows = new ArrayList<>();
        for (Line line : project.lines()) {
            boolean own = line.id().equals(here);
            if (!own && !everywhere.isSelected()
                    || everywhere.isSelected()
                            && !isMeant(project.speakerOf(line).name())) {
                continue;
            }
            Proof found = own
                    ? proof.proof().get()
                    : Optional.ofNullable(proof.byLine().get(line.id())).orElse(Proof.NONE);
            found.notes().stream()
                    .filter(this::isMeant)
                    .map(n -> new NoteRow(n, line.id(), own ? "" : line.title().strip(), when(n)))
                    .forEach(rows::add);
        }
        return rows;
    }

    private boolean isMeant(String speaker) {
        return who.getValue() == null
                || who.getValue().equals(EVERYBODY)
                || who.getValue().equals(speaker);
    }

    private boolean isMeant(ProofNote note) {
        boolean of = about.getValue().equals(EVERYTHING)
                || about.getValue().equals(note.rule().about().title());
        boolean weighs = weight.getValue().equals(ALL)
                || weight.getValue().equals(note.rule().severity().title() + "s");
        return of && weighs && (note.isOpen() || meant.isSelected());
    }

    private String when(ProofNote note) {
        return workspace.timecode(note.time());
    }

    private void tell() {
        Proof found = proof.proof().get();
        boolean read = workspace.line().flatMap(Line::timing).isPresent();
        String counts = Stream.of(Severity.values())
                .filter(s -> found.count(s) > 0)
                .map(s -> Counted.of(found.count(s), s.title().toLowerCase(Locale.ROOT)))
                .collect(Collectors.joining(", "));
        summary.setText(counts.isEmpty() ? read ? "Nothing to mend on this line" : "The line is not read yet" : counts);
        boolean filtered = !Objects.equals(about.getValue(), EVERYTHING) || !Objects.equals(weight.getValue(), ALL);
        empty.setText(
                filtered
                        ? "Nothing of this kind."
                        : read
                                ? "Nothing to mend. Notes with their reasons and fixes stand here a moment after an edit."
                                : "Once the line is read, it is looked at as a strict supervisor would.");
        unmeasured
                .getChildren()
                .setAll(found.unmeasured().stream().map(Parts::quiet).toList());
    }
}
