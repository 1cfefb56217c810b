package graykite.studio.desk;

import graykite.hearing.SimulatedVoice;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.WordSource;
import graykite.studio.model.Latest;
import graykite.studio.model.Selection;
import graykite.studio.model.WordEdits;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.text.Pronunciation;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The chosen word: its text, its sounds, how it may be said, and what can be done with it. */
final class WordCard extends VBox implements AutoCloseable {
    private static final String UNTYPED = "";

    private final Workspace workspace;
    private final WordEdits words;
    private final Player player;
    private final Latest looking = new Latest("kite-near-words");
    private final TextField text = new TextField();
    private final Label facts = Parts.quiet("");
    private final FlowPane phones = new FlowPane(3, 3);
    private final VBox ways = new VBox(3);
    private final TextField respelling = new TextField();
    private final FlowPane near = new FlowPane(4, 4);
    private final Label nearTitle = Parts.quiet("Did you mean:");
    private final Button pin = new Button("Pin");
    private String askedNear = UNTYPED;
    private String typedWays = UNTYPED;

    WordCard(Workspace workspace, Player player) {
        super(8);
        this.workspace = workspace;
        this.words = workspace.words();
        this.player = player;
        getStyleClass().add("card");
        setId("word-card");
        text.setId("word-text");
        text.setAccessibleText("Text of the chosen word");
        text.setOnAction(e -> retype());
        text.focusedProperty().addListener((o, b, focused) -> {
            if (!focused) {
                retype();
            }
        });
        HBox.setHgrow(text, Priority.ALWAYS);
        respelling.setId("respelling");
        respelling.setPromptText("bow sun");
        respelling.setAccessibleText("The word in plain words that sound like it");
        respelling.setTooltip(new Tooltip(
                "Plain words that sound like it, ARPABET in capitals, or IPA between slashes; Enter lists the ways"));
        respelling.setOnAction(e -> {
            typedWays = respelling.getText();
            refresh();
        });
        HBox.setHgrow(respelling, Priority.ALWAYS);
        pin.setId("pin");
        pin.setTooltip(new Tooltip("What is pinned keeps its time when the line is read again (P)"));
        pin.setOnAction(e -> words.togglePin());
        getChildren()
                .addAll(
                        Parts.row(new Label("Word"), text),
                        facts,
                        phones,
                        Parts.row(
                                pin,
                                button("Split", "Cuts the word in two at the chosen sound", words::splitWord),
                                button("Join next", "Makes one word of this and the next", words::mergeWords),
                                button("Delete", "Takes the word out; silence stays (Delete)", words::delete)),
                        Parts.row(
                                button("Add a word after", "Puts a new word behind this one", this::insert),
                                button(
                                        "Good as it is",
                                        "Takes the word off the list of doubts: pins it, or writes it into the script where it was"
                                                + " heard and is not in it",
                                        words::accept)),
                        Parts.heading("How it is said"),
                        ways,
                        Parts.row(new Label("Sounds like"), respelling),
                        nearTitle,
                        near);
    }

    private static Button button(String name, String tip, Runnable action) {
        Button button = new Button(name);
        button.setId("word-" + name.toLowerCase(Locale.ROOT).replace(' ', '-'));
        button.setTooltip(new Tooltip(tip));
        button.setOnAction(e -> action.run());
        return button;
    }

    private void retype() {
        int word = workspace.selection().get().word();
        words.word().filter(w -> !w.text().equals(text.getText().strip())).ifPresent(w -> {
            if (text.getText().isBlank()) {
                text.setText(w.text());
            } else {
                words.retype(word, text.getText());
            }
        });
    }

    private void insert() {
        String typed = respelling.getText().isBlank() ? "uh" : respelling.getText();
        words.insertWord(typed);
    }

    void refresh() {
        words.word().ifPresent(this::show);
    }

    private void show(TimedWord word) {
        if (!text.isFocused()) {
            text.setText(word.text());
        }
        facts.setText(facts(word));
        boolean pinned = words.phone()
                .map(TimedPhone::pinned)
                .orElse(word.phones().stream().allMatch(TimedPhone::pinned));
        pin.setText(pinned ? "Release" : "Pin");
        phones.getChildren().clear();
        Selection now = workspace.selection().get();
        for (int p = 0; p < word.phones().size(); p++) {
            int index = p;
            TimedPhone phone = word.phones().get(p);
            Button chip = new Button(phone.phone().ipa());
            chip.getStyleClass().setAll("button", "phone-chip");
            if (p == now.phone()) {
                chip.getStyleClass().add("phone-now");
            }
            chip.setTooltip(new Tooltip(
                    phone.phone().name() + " as in \"" + phone.phone().example() + "\""));
            chip.setOnAction(e -> workspace.selection().set(new Selection(now.word(), index)));
            phones.getChildren().add(chip);
        }
        showWays(word);
        showNear(word);
    }

    private String facts(TimedWord word) {
        String source = switch (word.source()) {
            case DICTIONARY ->
                workspace.project().dictionary().containsKey(word.text().toLowerCase(Locale.ROOT))
                        ? "said in the project's own way"
                        : "from the dictionary";
            case LETTERS -> "not in the dictionary: guessed from its letters";
            case SOUND ->
                word.isKnown()
                        ? "heard, but not in the script"
                        : "not in the script: read by its sound. Type what is said";
        };
        return String.format(
                Locale.ROOT,
                "%.3f to %.3f s, %s%s",
                word.start(),
                word.end(),
                source,
                word.source() == WordSource.SOUND
                        ? "."
                        : String.format(Locale.ROOT, ", fits %.0f %%.", 100 * word.fit()));
    }

    private void showWays(TimedWord word) {
        List<Pronunciation> listed =
                typedWays.isBlank() ? (word.isKnown() ? words.ways(word.text()) : List.of()) : words.respelt(typedWays);
        ways.getChildren().clear();
        String now = word.phones().stream().map(p -> p.phone().name()).collect(Collectors.joining(" "));
        for (Pronunciation way : listed) {
            ways.getChildren().add(wayRow(word, way, way.toString().equals(now)));
        }
    }

    private HBox wayRow(TimedWord word, Pronunciation way, boolean now) {
        Label said = new Label(way.phones().stream().map(p -> p.ipa()).collect(Collectors.joining(" ")));
        said.getStyleClass().add("ipa");
        said.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(said, Priority.ALWAYS);
        Button hear = new Button("", new FontIcon(Feather.VOLUME_2));
        hear.setTooltip(new Tooltip("The simulated voice says it"));
        hear.setAccessibleText("Hear it");
        hear.setOnAction(e -> workspace
                .jobs()
                .start("Saying it", progress -> SimulatedVoice.say(way).sound(), player::audition));
        Button use = new Button(now ? "Said so" : "Use");
        use.setDisable(now);
        use.getStyleClass().add("use-way");
        use.setTooltip(new Tooltip("Remembers it for the project and reads the lines with this word again"));
        use.setOnAction(e -> {
            typedWays = UNTYPED;
            respelling.clear();
            words.sayAs(word.text(), way);
        });
        HBox row = new HBox(6, said, hear, use);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("list-row");
        return row;
    }

    private void showNear(TimedWord word) {
        boolean unknown = word.guessed();
        Parts.shown(near, unknown);
        Parts.shown(nearTitle, unknown && !near.getChildren().isEmpty());
        if (unknown && !askedNear.equals(word.text())) {
            askedNear = word.text();
            near.getChildren().clear();
            looking.ask(() -> words.near(word.text()), found -> {
                near.getChildren().clear();
                for (String other : found) {
                    Button chip = new Button(other);
                    chip.getStyleClass().setAll("button", "chip");
                    chip.setTooltip(new Tooltip("Spell the word so"));
                    chip.setOnAction(
                            e -> words.retype(workspace.selection().get().word(), other));
                    near.getChildren().add(chip);
                }
                Parts.shown(nearTitle, !found.isEmpty());
            });
        }
    }

    /** Forgets what was typed about another word. */
    void forget() {
        typedWays = UNTYPED;
        respelling.clear();
    }

    @Override
    public void close() {
        looking.close();
    }
}
