package graykite.studio.model;

import graykite.edit.ReadingEdit;
import graykite.reading.WordSource;
import graykite.text.Script;
import java.util.List;
import java.util.Optional;

/** Words placed by hand, one after the other, while one listens. */
public final class WordMarks {
    private final Workspace workspace;
    private final WordEdits edits;

    WordMarks(Workspace workspace, WordEdits edits) {
        this.workspace = workspace;
        this.edits = edits;
    }

    /** The next word of the script that has no place yet, if the words so far follow the script. */
    public Optional<Script.Word> nextToMark() {
        List<Script.Word> script =
                workspace.line().map(s -> Script.of(s.script()).words()).orElse(List.of());
        int placed = (int) edits.words().stream()
                .filter(w -> w.source() != WordSource.SOUND)
                .count();
        return placed < script.size() ? Optional.of(script.get(placed)) : Optional.empty();
    }

    /** Marks that the next word of the script begins at a time. */
    public void mark(double time) {
        Optional<Script.Word> next = nextToMark();
        if (next.isEmpty()) {
            workspace
                    .jobs()
                    .say(
                            workspace.line().map(s -> s.script().isBlank()).orElse(true)
                                    ? "Type the words of the line first; W then places one after the other."
                                    : "Every word has its place. Clear the reading to mark the line anew.");
            return;
        }
        Script.Word word = next.get();
        edits.said(word.written()).ifPresent(said -> {
            double length =
                    workspace.sound().get().map(s -> s.sound().duration()).orElse(0.0);
            if (edits.edit(l -> new ReadingEdit.MarkWord(l, word.written(), word.mark(), said, time, length))) {
                workspace
                        .jobs()
                        .say(nextToMark()
                                .map(w -> "Next: \"" + w.written() + "\".")
                                .orElse("That was the last word."));
            }
        });
    }

    /** Marks that the word before a time ends there and silence follows. */
    public void markSilence(double time) {
        edits.edit(l -> new ReadingEdit.EndWord(l, time));
    }

    /** Takes all words off the line, to mark them by hand. */
    public void clear() {
        workspace.timing().ifPresent(t -> edits.edit(l -> new ReadingEdit.ClearReading(l, t.duration())));
        workspace.selection().set(Selection.NONE);
    }
}
