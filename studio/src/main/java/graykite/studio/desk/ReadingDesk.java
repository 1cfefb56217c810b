package graykite.studio.desk;

import graykite.edit.LineEdit;
import graykite.project.Line;
import graykite.reading.Doubt;
import graykite.reading.Timing;
import graykite.studio.model.Selection;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.MouthPictures;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;

/** Reading: the words, finding them in the sound, what to look at, and changing it by hand. */
public final class ReadingDesk extends Desk {
    private static final String LOOK = "Look at";
    private static final String CHOSEN = "Chosen";
    private static final String BY_HAND = "By hand";
    private static final String MORE = "More";

    private final Workspace workspace;
    private final TextArea script = new TextArea();
    private final Button read = new Button("Read the line");
    private final Button draft = new Button("Draft");
    private final Label state = Parts.quiet("");
    private final Tabs tabs = new Tabs();
    private final LanguageHint hint;
    private final DoubtsPane doubts;
    private final WordCard word;
    private final SoundCard sound;
    private final Label nothing = Parts.quiet("Choose a word or a sound on the sheet.");
    private final VBox chosen = new VBox(10);
    private final ByHandPane byHand;
    private final ReadingMorePane more;
    private Selection shownSelection = Selection.NONE;
    private String shownLine = "";
    /** What is typed in one go undoes in one step. */
    private long typing;

    /** What the desk asks of the window. */
    public interface Asks {
        void loadScript();

        void importReading();

        void exportReading();

        void importDictionary();

        void exportDictionary();
    }

    public ReadingDesk(Workspace workspace, Player player, Asks asks) {
        this.workspace = workspace;
        workspace.prepareWords();
        script.setWrapText(true);
        script.setPrefRowCount(4);
        script.getStyleClass().add("script-area");
        script.setPromptText("What is said in the recording. Punctuation and numbers are welcome.");
        script.setAccessibleText("Script of the line");
        script.setId("script");
        script.focusedProperty().addListener((o, b, focused) -> typing = workspace.newGesture());
        script.textProperty().addListener((o, b, text) -> {
            if (script.isFocused()) {
                commitScript();
            }
        });
        read.getStyleClass().add("primary");
        read.setId("read");
        read.setTooltip(new Tooltip(
                "Finds every word and sound of the script in the recording; what is pinned stays (Ctrl+R)"));
        read.setOnAction(e -> readNow());
        Button load = new Button("Load…");
        load.setTooltip(new Tooltip("TXT, SRT or WebVTT (Ctrl+T)"));
        load.setOnAction(e -> asks.loadScript());
        draft.setId("draft");
        draft.setTooltip(
                new Tooltip("Writes down what it hears, in English; most words will be right, names often not"));
        draft.setOnAction(e -> workspace.readings().draft());
        workspace.readings().drafted().addListener((o, b, text) -> {
            if (!text.isEmpty() && !script.isFocused()) {
                script.setText(text);
            }
        });
        hint = new LanguageHint(workspace);
        doubts = new DoubtsPane(workspace, () -> tabs.open(CHOSEN));
        word = new WordCard(workspace, player);
        sound = new SoundCard(workspace);
        byHand = new ByHandPane(workspace, player);
        more = new ReadingMorePane(workspace, files(asks));
        tabs.add(LOOK, "What should be looked at", doubts);
        tabs.add(CHOSEN, "The chosen word and sound", chosen);
        tabs.add(BY_HAND, "Placing words while listening", byHand);
        tabs.add(MORE, "Sections, files, the project's words", more);
        tabs.open(LOOK);
        tabs.open().addListener((o, b, n) -> refresh());
        getChildren().addAll(Parts.title("Reading"), script, hint, Parts.row(read, draft, load), state, tabs);
    }

    private static ReadingMorePane.Files files(Asks asks) {
        return new ReadingMorePane.Files() {
            @Override
            public void importReading() {
                asks.importReading();
            }

            @Override
            public void exportReading() {
                asks.exportReading();
            }

            @Override
            public void importDictionary() {
                asks.importDictionary();
            }

            @Override
            public void exportDictionary() {
                asks.exportDictionary();
            }
        };
    }

    /** Takes over what was typed and reads. */
    public void readNow() {
        commitScript();
        workspace.readings().read();
    }

    /** Opens one of the desk's sections. */
    public void openTab(String title) {
        tabs.open(title);
    }

    @Override
    public void show(MouthPictures pictures) {
        sound.show(pictures);
    }

    private void commitScript() {
        String text = script.getText();
        workspace
                .line()
                .filter(s -> !s.script().equals(text))
                .ifPresent(s -> workspace.edit(new LineEdit.SetScript(s.id(), text, false), typing));
    }

    @Override
    public void refresh() {
        Optional<Line> line = workspace.line();
        String text = line.map(Line::script).orElse("");
        if (!script.getText().equals(text) && !script.isFocused()) {
            script.setText(text);
        }
        script.setDisable(line.isEmpty());
        draft.setDisable(line.flatMap(Line::sound).isEmpty());
        read.setDisable(line.flatMap(Line::sound).isEmpty() || text.isBlank());
        hint.refresh();
        showState(line);
        follow(line.map(Line::id).orElse(""));
        boolean something = workspace.words().word().isPresent();
        // A single sound was chosen for its own sake, so it comes first.
        List<Node> cards = !something
                ? List.of(nothing)
                : workspace.words().phone().isPresent() ? List.of(sound, word) : List.of(word, sound);
        if (!chosen.getChildren().equals(cards)) {
            chosen.getChildren().setAll(cards);
        }
        switch (tabs.open().get()) {
            case LOOK -> doubts.refresh();
            case CHOSEN -> {
                word.refresh();
                sound.refresh();
            }
            case BY_HAND -> byHand.refresh();
            default -> more.refresh();
        }
    }

    private void follow(String line) {
        if (!line.equals(shownLine)) {
            shownLine = line;
            more.forget();
        }
        Selection now = workspace.selection().get();
        if (!now.equals(shownSelection)) {
            if (now.word() != shownSelection.word()) {
                word.forget();
            }
            shownSelection = now;
            if (now.word() >= 0 && tabs.open().get().equals(LOOK)) {
                tabs.open(CHOSEN);
            }
        }
    }

    private void showState(Optional<Line> line) {
        Optional<Timing> timing = line.flatMap(Line::timing);
        Optional<String> stranger = timing.flatMap(Doubt::stranger);
        state.getStyleClass().removeAll("warn");
        if (stranger.isPresent()) {
            state.setText(stranger.get());
            state.getStyleClass().add("warn");
            return;
        }
        int look = timing.map(t -> Doubt.of(t).size()).orElse(0);
        String kind = line.filter(Line::draft).isPresent() ? "A draft: correct its words. " : "";
        state.setText(kind
                + timing.map(t -> t.words().size()
                                + (t.words().size() == 1 ? " word, " : " words, ")
                                + (look == 0 ? "nothing to look at." : look + " to look at."))
                        .orElse(
                                line.flatMap(Line::sound).isEmpty()
                                        ? "A recording comes first, on the Voice desk."
                                        : text(line)));
    }

    private static String text(Optional<Line> line) {
        return line.map(s -> s.script().isBlank()).orElse(true)
                ? "Type or load the words. Without words, read by sound alone under More."
                : "Not read yet.";
    }

    @Override
    public void close() {
        word.close();
    }
}
