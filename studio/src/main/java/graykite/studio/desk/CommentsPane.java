package graykite.studio.desk;

import graykite.edit.Edit;
import graykite.edit.ReviewEdit;
import graykite.format.CommentFiles;
import graykite.picture.Camera;
import graykite.project.Comment;
import graykite.project.Project;
import graykite.studio.model.Counted;
import graykite.studio.model.FilePicker;
import graykite.studio.model.LineWords;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.FaceTool;
import graykite.studio.view.StageView;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Comments of reviewers on moments of the line: in words, drawn on the picture, open or done; out and in as a table. */
final class CommentsPane extends VBox {
    private static final String AUTHOR = "reviewer";

    private final Workspace workspace;
    private final Player player;
    private final StageView stage;
    private final FilePicker picker;
    private final TextField author = new TextField();
    private final TextArea text = new TextArea();
    private final ToggleButton draw = new ToggleButton("Draw", new FontIcon(Feather.EDIT_2));
    private final Button add = new Button("Add here", new FontIcon(Feather.MESSAGE_SQUARE));
    private final CheckBox done = new CheckBox("Done ones too");
    private final VBox rows = new VBox(6);
    private final ObjectProperty<Optional<FaceTool>> tool = new SimpleObjectProperty<>(Optional.empty());
    private List<Comment> shown = List.of();
    private boolean shownDone;

    CommentsPane(Workspace workspace, Player player, StageView stage, FilePicker picker) {
        super(8);
        this.workspace = workspace;
        this.player = player;
        this.stage = stage;
        this.picker = picker;
        getStyleClass().add("card");
        author.setText(workspace.settings().text(AUTHOR, ""));
        author.setPromptText("Your name");
        author.setId("comment-author");
        author.setAccessibleText("Your name");
        author.textProperty().addListener((o, b, now) -> workspace.settings().setText(AUTHOR, now.strip()));
        text.setPromptText("What you see at the playhead");
        text.setId("comment-text");
        text.setAccessibleText("What you see at the playhead");
        text.setPrefRowCount(2);
        text.setWrapText(true);
        draw.setId("comment-draw");
        draw.setTooltip(new Tooltip("Draw on the face with the mouse; what is drawn belongs to the comment"));
        draw.setOnAction(
                e -> tool.set(draw.isSelected() ? Optional.of(stage.strokes().pen()) : Optional.empty()));
        add.setId("add-comment");
        add.setTooltip(new Tooltip("Pins the comment to the moment at the playhead"));
        add.setOnAction(e -> add());
        done.setId("comments-done");
        done.setOnAction(e -> refresh());
        text.textProperty().addListener((o, b, n) -> enable());
        stage.strokes().drawn().addListener((o, b, n) -> enable());
        Button out = Parts.button(
                "Out…", Feather.UPLOAD, "The comments of all lines as a table (CSV)", "comments-out", this::out);
        Button in = Parts.button("In…", Feather.DOWNLOAD, "Comments from a table (CSV)", "comments-in", this::in);
        HBox.setHgrow(author, Priority.ALWAYS);
        getChildren()
                .addAll(Parts.heading("Comments"), author, text, Parts.row(draw, add), rows, Parts.row(done, out, in));
        enable();
    }

    /** Drawing on the face, while somebody does. */
    ObservableValue<Optional<FaceTool>> tool() {
        return tool;
    }

    private void enable() {
        add.setDisable(text.getText().isBlank() && stage.strokes().drawn().get().isEmpty());
    }

    private void add() {
        List<Comment.Stroke> strokes = stage.strokes().drawn().get();
        Optional<Camera> view = strokes.isEmpty()
                ? Optional.empty()
                : Optional.of(stage.camera().get());
        String words = text.getText().strip();
        String said = words.length() > Comment.LONGEST ? words.substring(0, Comment.LONGEST) : words;
        boolean kept = workspace.editLine(
                0,
                l -> new ReviewEdit.AddComment(
                        l, Project.newId(), Math.max(0, player.time().get()), author.getText(), said, strokes, view));
        if (kept) {
            text.clear();
            putPenAway();
        }
    }

    /** Stops drawing; what was drawn and not added is forgotten. */
    void putPenAway() {
        draw.setSelected(false);
        tool.set(Optional.empty());
        stage.strokes().drawn().set(List.of());
    }

    void refresh() {
        List<Comment> all = workspace.line().map(l -> l.review().comments()).orElse(List.of());
        List<Comment> now =
                all.stream().filter(c -> done.isSelected() || !c.done()).toList();
        if (now.equals(shown)
                && shownDone == done.isSelected()
                && !rows.getChildren().isEmpty()) {
            return;
        }
        shown = now;
        shownDone = done.isSelected();
        rows.getChildren().clear();
        if (now.isEmpty()) {
            rows.getChildren()
                    .add(Parts.quiet(
                            all.isEmpty()
                                    ? "Nobody has said anything about this line."
                                    : "All of them are done: " + Counted.of(all.size(), "comment") + "."));
        }
        now.forEach(c -> rows.getChildren().add(row(c)));
    }

    private VBox row(Comment comment) {
        double time = comment.at().in(LineWords.of(workspace));
        Button go = new Button(
                workspace.timecode(time), new FontIcon(comment.drawn().isEmpty() ? Feather.CLOCK : Feather.EDIT_2));
        go.getStyleClass().setAll("button", "chip");
        go.setMinWidth(Button.USE_PREF_SIZE);
        go.setTooltip(new Tooltip("Goes there"));
        go.setOnAction(e -> {
            player.pause();
            player.seek(time);
            comment.view().ifPresent(stage.camera()::set);
        });
        Label who = new Label(comment.author().isEmpty() ? "Somebody" : comment.author());
        who.getStyleClass().add("note-title");
        who.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(who, Priority.ALWAYS);
        CheckBox finished = new CheckBox("Done");
        finished.setMinWidth(CheckBox.USE_PREF_SIZE);
        finished.setSelected(comment.done());
        finished.setOnAction(e -> workspace.editLine(
                0, l -> new ReviewEdit.ChangeComment(l, comment.id(), time, comment.text(), finished.isSelected())));
        Button remove = new Button("", new FontIcon(Feather.X));
        remove.setAccessibleText("Remove the comment");
        remove.setTooltip(new Tooltip("Removes the comment"));
        remove.setOnAction(e -> workspace.editLine(0, l -> new ReviewEdit.RemoveComment(l, comment.id())));
        Label said = new Label(comment.text());
        said.setWrapText(true);
        VBox row = new VBox(2, Parts.row(go, who, finished, remove), said);
        if (comment.done()) {
            row.getStyleClass().add("comment-done");
        }
        return row;
    }

    // --- out and in --------------------------------------------------------------------------------------------------

    private FilePicker.Ask ask(String title) {
        return new FilePicker.Ask(title, "Comments", List.of(".csv"), "comments.csv", Optional.empty());
    }

    private void out() {
        Project project = workspace.project();
        picker.save(ask("Comments as a table"))
                .ifPresent(file -> workspace
                        .jobs()
                        .start(
                                "Writing " + file.getFileName(),
                                progress -> {
                                    CommentFiles.write(project, file);
                                    return file;
                                },
                                f -> workspace.jobs().say("The comments are in " + f.getFileName() + ".")));
    }

    private void in() {
        Project project = workspace.project();
        picker.open(ask("Comments from a table"))
                .ifPresent(file -> workspace
                        .jobs()
                        .start(
                                "Reading " + file.getFileName(),
                                progress -> CommentFiles.read(project, file),
                                this::take));
    }

    private void take(List<Edit> edits) {
        long gesture = workspace.newGesture();
        for (Edit edit : edits) {
            if (!workspace.edit(edit, gesture)) {
                return;
            }
        }
        workspace
                .jobs()
                .say(edits.isEmpty() ? "Nothing new in it." : Counted.of(edits.size(), "comment") + " taken in.");
    }
}
