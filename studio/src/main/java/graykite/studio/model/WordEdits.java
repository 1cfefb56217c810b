package graykite.studio.model;

import graykite.base.BadInput;
import graykite.edit.Edit;
import graykite.edit.ProjectEdit;
import graykite.edit.ReadingEdit;
import graykite.project.Line;
import graykite.reading.Doubt;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.text.Phone;
import graykite.text.Pronouncer;
import graykite.text.Pronunciation;
import graykite.text.Respelling;
import graykite.text.Script;
import graykite.text.Tags;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

/** Changes of words and sounds by hand, how words are said, and what should be looked at. */
public final class WordEdits {
    private final Workspace workspace;
    private final Supplier<Pronouncer> pronouncer;
    private final WordMarks marks;

    WordEdits(Workspace workspace, Supplier<Pronouncer> pronouncer) {
        this.workspace = workspace;
        this.pronouncer = pronouncer;
        this.marks = new WordMarks(workspace, this);
    }

    /** Words placed by hand. */
    public WordMarks marks() {
        return marks;
    }

    /** Dictionary and letters. Not for the JavaFX thread until {@link Workspace#prepareWords} is done. */
    public Pronouncer pronouncer() {
        return pronouncer.get();
    }

    private Optional<Timing> timing() {
        return workspace.line().flatMap(Line::timing);
    }

    List<TimedWord> words() {
        return timing().map(Timing::words).orElse(List.of());
    }

    /** The chosen word, if there is one. */
    public Optional<TimedWord> word() {
        int word = workspace.selection().get().word();
        return word >= 0 && word < words().size() ? Optional.of(words().get(word)) : Optional.empty();
    }

    /** The chosen sound, if a single one is chosen. */
    public Optional<TimedPhone> phone() {
        int phone = workspace.selection().get().phone();
        return word().filter(w -> phone >= 0 && phone < w.phones().size())
                .map(w -> w.phones().get(phone));
    }

    private Selection chosen() {
        return workspace.selection().get();
    }

    /** Does an edit of the reading. @return true when something changed */
    boolean edit(Function<String, Edit> edit) {
        Optional<Timing> before = timing();
        workspace.editLine(0, edit);
        return !before.equals(timing());
    }

    /** Moves the start of a phone while it is dragged. */
    public void moveStart(int word, int phone, double time, long gesture) {
        workspace.editLine(gesture, l -> new ReadingEdit.MoveStart(l, word, phone, time));
    }

    /** Moves the end of a word while it is dragged. */
    public void moveEnd(int word, double time, long gesture) {
        workspace.editLine(gesture, l -> new ReadingEdit.MoveEnd(l, word, time));
    }

    /** Cuts the chosen word in two before the chosen sound, or in its middle. */
    public void splitWord() {
        word().ifPresent(w -> {
            if (w.phones().size() < 2) {
                workspace.jobs().say("\"" + w.text() + "\" is a single sound and cannot be split.");
                return;
            }
            int phones = w.phones().size();
            int at = chosen().phone() > 0 ? chosen().phone() : (phones + 1) / 2;
            int letters = Math.clamp(
                    Math.round(w.text().length() * (double) at / phones),
                    1,
                    w.text().length());
            String first = w.text().substring(0, letters).strip();
            String second = w.text().substring(letters).strip();
            int word = chosen().word();
            edit(l -> new ReadingEdit.SplitWord(
                    l, word, at, first.isEmpty() ? w.text() : first, second.isEmpty() ? w.text() : second));
        });
    }

    /** Joins the chosen word with the next. */
    public void mergeWords() {
        word().ifPresent(w -> edit(l -> new ReadingEdit.JoinWords(l, chosen().word())));
    }

    /** Takes the chosen word or sound out. */
    public void delete() {
        if (phone().isPresent()) {
            edit(l -> new ReadingEdit.DeleteSound(l, chosen().word(), chosen().phone()));
        } else {
            word().ifPresent(w -> edit(l -> new ReadingEdit.DeleteWord(l, chosen().word())));
        }
        workspace.selection().set(Selection.NONE);
    }

    /** Puts a word after the chosen one, or at the start. */
    public void insertWord(String text) {
        said(text).ifPresent(said -> {
            int before = word().isPresent() ? chosen().word() + 1 : 0;
            if (edit(l -> new ReadingEdit.InsertWord(l, before, text.strip(), said))) {
                workspace.selection().set(new Selection(before, -1));
            }
        });
    }

    /** Changes the text of a word and finds its sounds in the time it has. Nothing typed takes the word out. */
    public void retype(int word, String text) {
        if (text.isBlank()) {
            edit(l -> new ReadingEdit.DeleteWord(l, word));
        } else if (Script.of(text).isEmpty()) {
            workspace.jobs().say("\"" + text + "\" holds no word.");
        } else {
            workspace.readings().readSection(word, word, Tags.written(text.strip(), mark(word, text)));
        }
    }

    /** The punctuation of the word that is retyped, unless the new text brings its own. */
    private String mark(int word, String text) {
        String typed = Script.of(text).words().getLast().mark();
        return typed.isEmpty() && word < words().size() ? words().get(word).mark() : "";
    }

    /** Makes the chosen sound another one. */
    public void setPhone(Phone phone) {
        phone().ifPresent(p -> edit(l -> new ReadingEdit.ChangeSound(l, chosen().word(), chosen().phone(), phone)));
    }

    /** Puts a sound after the chosen one and chooses it. */
    public void insertPhone(Phone phone) {
        Selection before = chosen();
        if (phone().isPresent() && edit(l -> new ReadingEdit.InsertSound(l, before.word(), before.phone(), phone))) {
            workspace.selection().set(new Selection(before.word(), before.phone() + 1));
        }
    }

    /** Pins what is chosen, or releases it when it is pinned. */
    public void togglePin() {
        word().ifPresent(w -> {
            boolean pinned =
                    phone().map(TimedPhone::pinned).orElse(w.phones().stream().allMatch(TimedPhone::pinned));
            edit(l -> new ReadingEdit.Pin(l, chosen().word(), chosen().phone(), !pinned));
        });
    }

    /** Moves the chosen word as a whole by some seconds, as far as its neighbours let it. */
    public void moveWord(double by) {
        word().ifPresent(w -> {
            if (!edit(l -> new ReadingEdit.MoveWord(l, chosen().word(), by))) {
                workspace.jobs().say("\"" + w.text() + "\" has no room to move there.");
            }
        });
    }

    // --- how words are said --------------------------------------------------------------------------------------

    /** The ways in which a word of the script may be said, the project's own way first, of it or of a word that it is a form of. */
    public List<Pronunciation> ways(String text) {
        try {
            List<Script.Word> words = Script.of(text).words();
            if (words.size() != 1 || words.getFirst().spoken().size() != 1) {
                return List.of();
            }
            String plain = words.getFirst().spoken().getFirst();
            return pronouncer.get().ways(plain, workspace.project().dictionary());
        } catch (BadInput noWord) {
            return List.of();
        }
    }

    /** How something typed is said: plain words, ARPABET, or IPA between slashes; empty with a message when it says nothing. */
    public List<Pronunciation> respelt(String text) {
        try {
            return new Respelling(pronouncer.get()).read(text);
        } catch (BadInput nothing) {
            workspace.jobs().say(nothing.getMessage());
            return List.of();
        }
    }

    Optional<Pronunciation> said(String text) {
        List<Pronunciation> ways = ways(text);
        return (ways.isEmpty() ? respelt(text) : ways).stream().findFirst();
    }

    /** Words of the dictionary that are spelt most like one. Takes a moment; not for the JavaFX thread. */
    public List<String> near(String word) {
        return pronouncer.get().near(word, 4);
    }

    /**
     * Remembers for the whole project how a word is said, and has every line that holds it or a form of it read again.
     *
     * @param text the word as written
     */
    public void sayAs(String text, Pronunciation said) {
        List<Script.Word> written = Script.of(text).words();
        if (written.size() != 1 || written.getFirst().spoken().size() != 1) {
            workspace.jobs().say("\"" + text + "\" is more than one word. Split it first.");
            return;
        }
        String plain = written.getFirst().spoken().getFirst();
        long gesture = workspace.newGesture();
        workspace.edit(new ProjectEdit.SayWord(plain, said), gesture);
        workspace.readings().readAll(linesWith(plain));
    }

    /** Forgets the project's own way of saying a word. */
    public void forget(String plainWord) {
        workspace.edit(new ProjectEdit.ForgetWord(plainWord));
        workspace.readings().readAll(linesWith(plainWord));
    }

    private List<Line> linesWith(String plain) {
        return workspace.project().lines().stream()
                .filter(s -> s.sound().isPresent() && !s.script().isBlank())
                .filter(s -> Script.of(s.script()).words().stream()
                        .flatMap(w -> w.spoken().stream())
                        .anyMatch(w -> Pronouncer.concerns(plain.toLowerCase(Locale.ROOT), w)))
                .toList();
    }

    // --- what to look at -----------------------------------------------------------------------------------------

    /** What a person should look at in the line. */
    public List<Doubt> doubts() {
        return timing().map(Doubt::of).orElse(List.of());
    }

    /** Chooses the next doubtful word after the chosen one, and begins again at the end. */
    public void nextDoubt() {
        List<Doubt> doubts = doubts();
        if (doubts.isEmpty()) {
            workspace
                    .jobs()
                    .say(timing().isEmpty() ? "The line is not read yet." : "There is nothing doubtful in this line.");
            return;
        }
        int now = chosen().word();
        Doubt next = doubts.stream().filter(d -> d.word() > now).findFirst().orElse(doubts.getFirst());
        choose(next);
    }

    /** Chooses the word that a doubt is about. */
    public void choose(Doubt doubt) {
        int word = Math.min(doubt.word(), words().size() - 1);
        workspace.selection().set(new Selection(word, -1));
        workspace.jobs().say("\"" + doubt.text() + "\": " + doubt.reason().title() + ".");
    }

    /** True when it is about something that was heard beside the script and whose text is known. */
    public boolean isKnown(Doubt doubt) {
        return doubt.reason() == Doubt.Reason.UNSCRIPTED
                && words().get(doubt.word()).isKnown();
    }

    /** Writes what was heard beside the script into it. */
    public void write(Doubt heard) {
        write(heard.word());
    }

    private void write(int word) {
        edit(l -> new ReadingEdit.WriteWord(l, word));
    }

    /** Takes a word that was not found out of the script. */
    public void takeOut(Doubt missing) {
        timing().ifPresent(t -> t.missing().stream()
                .filter(m -> m.before() == missing.word() && m.text().equals(missing.text()))
                .findFirst()
                .ifPresent(m -> edit(l -> new ReadingEdit.SetReading(l, t.without(m), true))));
    }

    /** Accepts a doubtful word as it is, and it is not doubted any more: it is pinned, or written into the script where it was heard beside it. */
    public void accept() {
        word().ifPresent(w -> {
            int word = chosen().word();
            if (w.source() != WordSource.SOUND) {
                edit(l -> new ReadingEdit.Pin(l, word, -1, true));
            } else if (w.isKnown()) {
                write(word);
            } else {
                workspace.jobs().say("The script does not have what is said here. Type it, or delete it.");
            }
        });
    }
}
