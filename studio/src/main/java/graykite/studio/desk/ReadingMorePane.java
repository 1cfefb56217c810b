package graykite.studio.desk;

import graykite.edit.LineEdit;
import graykite.studio.model.Workspace;
import graykite.text.Language;
import graykite.text.Pronunciation;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** Less frequent ways to read: a section, all lines, by sound alone; files; and the project's own words. */
final class ReadingMorePane extends VBox {
    private final Workspace workspace;
    private final SectionCard section;
    private final Button sound = new Button("Read by sound alone");
    private final Button export = new Button("Save the reading…");
    private final ComboBox<Language> language = new ComboBox<>();
    private final VBox dictionary = new VBox(4);

    /** What the pane asks of the window. */
    interface Files {
        void importReading();

        void exportReading();

        void importDictionary();

        void exportDictionary();
    }

    ReadingMorePane(Workspace workspace, Files files) {
        super(10);
        this.workspace = workspace;
        this.section = new SectionCard(workspace);
        sound.setId("read-by-sound");
        sound.setTooltip(new Tooltip(
                "Needs no words and works in any language, good enough for a mouth; in English it listens for words"));
        sound.setOnAction(e -> workspace.readings().listen());
        language.setId("language");
        language.getItems().setAll(Language.values());
        language.setAccessibleText("Language of the line");
        language.setTooltip(new Tooltip("Words of other languages than English are read by their spelling"));
        language.setConverter(new StringConverter<>() {
            @Override
            public String toString(Language value) {
                return value == null ? "" : value.title();
            }

            @Override
            public Language fromString(String text) {
                return Language.parse(text).orElse(Language.ENGLISH);
            }
        });
        language.setOnAction(e -> {
            Language chosen = language.getValue();
            if (chosen != null) {
                workspace
                        .line()
                        .filter(s -> s.voice().language() != chosen)
                        .ifPresent(s -> workspace.edit(new LineEdit.SetLanguage(s.id(), chosen)));
            }
        });
        Button unread = new Button("Read all unread lines");
        unread.setId("read-unread");
        unread.setTooltip(new Tooltip("Every line with a recording and words, on all cores (Ctrl+Shift+R)"));
        unread.setOnAction(e -> workspace.readings().readUnread());
        Button load = new Button("Load a reading…");
        load.setTooltip(new Tooltip("NIST CTM, WebVTT, SRT or CSV: words or phones with their times"));
        load.setOnAction(e -> files.importReading());
        export.setTooltip(new Tooltip("NIST CTM, WebVTT, SRT, CSV or JSON"));
        export.setOnAction(e -> files.exportReading());
        Button loadWords = new Button("Load words…");
        loadWords.setTooltip(new Tooltip("A dictionary in the format of the CMU dictionary, in ARPABET or IPA"));
        loadWords.setOnAction(e -> files.importDictionary());
        Button saveWords = new Button("Save words…");
        saveWords.setOnAction(e -> files.exportDictionary());
        getChildren()
                .addAll(
                        section,
                        Parts.heading("Other ways"),
                        Parts.row(new Label("Spoken in"), language),
                        new VBox(6, sound, unread),
                        Parts.heading("Files"),
                        Parts.row(load, export),
                        Parts.heading("Words of this project"),
                        dictionary,
                        Parts.row(loadWords, saveWords));
    }

    void refresh() {
        section.refresh();
        language.setValue(workspace.line().map(s -> s.voice().language()).orElse(Language.ENGLISH));
        language.setDisable(workspace.line().isEmpty());
        boolean recording = workspace.line().flatMap(s -> s.sound()).isPresent();
        sound.setDisable(!recording);
        export.setDisable(workspace.line().flatMap(s -> s.timing()).isEmpty());
        dictionary.getChildren().clear();
        Map<String, Pronunciation> own = new TreeMap<>(workspace.project().dictionary());
        own.forEach((word, way) -> dictionary.getChildren().add(row(word, way)));
        if (own.isEmpty()) {
            dictionary
                    .getChildren()
                    .add(Parts.quiet("None yet. What you choose under \"How it is said\" is remembered here."));
        }
    }

    /** Another line was opened: its words are others. */
    void forget() {
        section.forget();
    }

    private HBox row(String word, Pronunciation way) {
        Label name = new Label(word);
        Label said = new Label(way.phones().stream().map(p -> p.ipa()).collect(Collectors.joining(" ")));
        said.getStyleClass().add("ipa");
        said.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(said, Priority.ALWAYS);
        Button forget = new Button("Forget");
        forget.setTooltip(
                new Tooltip("The dictionary's way is taken again, and the lines with the word are read again"));
        forget.setOnAction(e -> workspace.words().forget(word));
        HBox row = new HBox(8, name, said, forget);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("list-row");
        return row;
    }
}
