package graykite.studio.model;

import graykite.base.Progress;
import graykite.edit.Edit;
import graykite.edit.ReviewEdit;
import graykite.media.ReferenceFilm;
import graykite.project.Line;
import graykite.project.MeantSo;
import graykite.project.Project;
import graykite.project.Reference;
import graykite.proof.Fix;
import graykite.proof.Proof;
import graykite.proof.ProofNote;
import graykite.proof.Shot;
import graykite.proof.checks.Checks;
import graykite.workbench.Proofs;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableMap;
import javafx.util.Duration;

/**
 * What a strict supervisor says about the line that is worked on, and about all others: worked out in the background a moment
 * after an edit. Nothing is mended unasked; every fix is one step back. Lives on the JavaFX thread.
 */
public final class ProofNotes implements AutoCloseable {
    /** After the last edit it waits so long, so that a drag is not looked at step by step. */
    private static final Duration REST = Duration.millis(220);

    /** The lines that nobody works on are looked at once all is quiet. */
    private static final Duration QUIET = Duration.seconds(5);

    private final Workspace workspace;
    private final Proofs proofs;
    private final Latest worker = new Latest("kite-proof");
    private final Latest others = new Latest("kite-proof-others");
    private final PauseTransition rest = new PauseTransition(REST);
    private final PauseTransition quiet = new PauseTransition(QUIET);
    private final ReadOnlyObjectWrapper<Proof> proof = new ReadOnlyObjectWrapper<>(Proof.NONE);
    private final ObjectProperty<Optional<ProofNote>> chosen = new SimpleObjectProperty<>(Optional.empty());
    private final ObservableMap<String, Proof> byLine = FXCollections.observableHashMap();
    private final Map<String, Line> lookedAt = new HashMap<>();
    private final Map<String, Shot.Film> films = new HashMap<>();
    private final IntegerProperty asked = new SimpleIntegerProperty();
    private final BooleanProperty playing = new SimpleBooleanProperty();
    private final Comparison comparison;
    private boolean settled;

    ProofNotes(Workspace workspace) {
        this.workspace = workspace;
        this.proofs = new Proofs(workspace.workbench(), Checks.shipped());
        this.comparison = new Comparison(workspace);
        rest.setOnFinished(e -> look());
        quiet.setOnFinished(e -> lookAtNext());
        workspace.performance().addListener((o, b, n) -> wait(rest));
        workspace.history().addListener((o, b, n) -> wait(rest));
        workspace.lineId().addListener((o, b, n) -> {
            chosen.set(Optional.empty());
            proof.set(byLine.getOrDefault(n, Proof.NONE));
            wait(rest);
        });
    }

    private void wait(PauseTransition pause) {
        settled = false;
        pause.playFromStart();
    }

    /** What is said about the line that is worked on. */
    public ReadOnlyObjectProperty<Proof> proof() {
        return proof.getReadOnlyProperty();
    }

    /** What is said about every line that was looked at, by its id. */
    public ObservableMap<String, Proof> byLine() {
        return byLine;
    }

    /** True while something plays: its pictures need the machine, so the lines that nobody works on wait. */
    public BooleanProperty playing() {
        return playing;
    }

    /** A version that is seen beside the present. */
    public Comparison comparison() {
        return comparison;
    }

    /** The note that is looked at. */
    public ObjectProperty<Optional<ProofNote>> chosen() {
        return chosen;
    }

    /** Goes up whenever somebody asks for a note: on the sheet, or with a key. */
    public IntegerProperty asked() {
        return asked;
    }

    /** Looks at a note. */
    public void ask(Optional<ProofNote> note) {
        chosen.set(note);
        if (note.isPresent()) {
            asked.set(asked.get() + 1);
        }
    }

    /** True when what is said is about the line as it is now. */
    public boolean settled() {
        return settled && workspace.settled();
    }

    private void look() {
        if (!workspace.settled()) {
            rest.playFromStart();
            return;
        }
        Project project = workspace.project();
        workspace.line().ifPresent(line -> {
            Optional<Reference> reference = line.reference();
            worker.ask(
                    () -> proofs.of(project, line, reference.map(this::film), Progress.none()),
                    found -> {
                        keep(line, found);
                        settled = true;
                        quiet.playFromStart();
                    },
                    failure -> {
                        System.getLogger(ProofNotes.class.getName())
                                .log(System.Logger.Level.ERROR, "The line cannot be proofed", failure);
                        workspace.jobs().say("The line cannot be proofed (" + failure.getMessage() + ").");
                        settled = true;
                    });
        });
    }

    private void keep(Line line, Proof found) {
        lookedAt.put(line.id(), line);
        byLine.put(line.id(), found);
        if (line.id().equals(workspace.lineId().get())) {
            proof.set(found);
            chosen.set(chosen.get().flatMap(c -> same(c, found)));
        }
    }

    private static Optional<ProofNote> same(ProofNote note, Proof in) {
        return in.notes().stream()
                .filter(n -> n.rule().id().equals(note.rule().id()) && Math.abs(n.time() - note.time()) < 0.05)
                .findFirst();
    }

    /** One line after the other, as long as nobody edits. */
    private void lookAtNext() {
        if (playing.get()) {
            quiet.playFromStart();
            return;
        }
        Project project = workspace.project();
        byLine.keySet().removeIf(id -> project.line(id).isEmpty());
        project.lines().stream()
                .filter(l -> l.timing().isPresent() && lookedAt.get(l.id()) != l)
                .findFirst()
                .ifPresent(line -> others.ask(
                        () -> proofs.of(project, line, line.reference().map(this::film), Progress.none()),
                        found -> {
                            keep(line, found);
                            lookAtNext();
                        },
                        failure -> {
                            System.getLogger(ProofNotes.class.getName())
                                    .log(System.Logger.Level.WARNING, "A line cannot be proofed", failure);
                            lookedAt.put(line.id(), line);
                            lookAtNext();
                        }));
    }

    /** What is known of a film; it is opened once only. */
    private Shot.Film film(Reference reference) {
        synchronized (films) {
            Shot.Film known = films.get(reference.path());
            if (known == null || !known.there()) {
                known = ReferenceFilm.known(reference);
                films.put(reference.path(), known);
            }
            return known;
        }
    }

    // --- what is done about them -------------------------------------------------------------------------------------

    /** The next open note after a time, or the one before it; round and round. @param time seconds of the line */
    public Optional<ProofNote> step(double time, boolean forward) {
        List<ProofNote> open = proof.get().open();
        double slack = 0.002;
        Optional<ProofNote> beyond = forward
                ? open.stream().filter(n -> n.time() > time + slack).findFirst()
                : open.stream().filter(n -> n.time() < time - slack).reduce((a, b) -> b);
        Optional<ProofNote> next = open.isEmpty()
                ? Optional.empty()
                : Optional.of(beyond.orElseGet(() -> forward ? open.getFirst() : open.getLast()));
        if (next.isEmpty()) {
            workspace.jobs().say("There is no open note on this line.");
        }
        ask(next);
        return next;
    }

    /** Shows the line as it would be with a fix, without doing it. */
    public void preview(Optional<Fix> fix) {
        workspace.previewAll(fix.map(Fix::edits).orElse(List.of()));
    }

    /** Does a fix; one step of the history. @return false when it cannot be done any more */
    public boolean mend(Fix fix) {
        return edit(fix.edits(), "Mended: " + fix.title() + ".");
    }

    private boolean edit(List<Edit> edits, String says) {
        long gesture = workspace.newGesture();
        preview(Optional.empty());
        for (Edit edit : edits) {
            if (!workspace.edit(edit, gesture)) {
                return false;
            }
        }
        workspace.jobs().say(says);
        return true;
    }

    /** Mends every open note of a check on the line with its first fix: one step of the history. */
    public void mendAll(String check) {
        Project project = workspace.project();
        workspace
                .line()
                .ifPresent(line -> workspace
                        .jobs()
                        .start(
                                "Mending",
                                progress -> proofs.mending(
                                        project,
                                        line.id(),
                                        check,
                                        line.reference().map(this::film),
                                        progress),
                                edits -> {
                                    if (project != workspace.project()) {
                                        workspace.jobs().say("Something was edited meanwhile: nothing was mended.");
                                    } else if (edits.isEmpty()) {
                                        workspace.jobs().say("There is nothing that could be mended by itself.");
                                    } else {
                                        edit(edits, "All of them are mended.");
                                    }
                                }));
    }

    /** Says of a note that it is meant so. */
    public void meanSo(ProofNote note, String reason) {
        workspace.editLine(0, l -> new ReviewEdit.MeanSo(l, note.rule().id(), note.time(), reason));
    }

    /** Lets a note be open again. */
    public void takeBack(ProofNote note) {
        List<MeantSo> all = workspace.line().map(l -> l.review().meantSo()).orElse(List.of());
        for (int i = all.size() - 1; i >= 0; i--) {
            if (Proof.isAbout(all.get(i), note, LineWords.of(workspace))) {
                int index = i;
                workspace.editLine(0, l -> new ReviewEdit.TakeBackMeantSo(l, index));
                return;
            }
        }
    }

    /** Forgets what was said, as when another project is opened. */
    void forgetAll() {
        proofs.forgetAll();
        lookedAt.clear();
        byLine.clear();
        chosen.set(Optional.empty());
        proof.set(Proof.NONE);
        comparison.version().set(Optional.empty());
    }

    @Override
    public void close() {
        rest.stop();
        quiet.stop();
        worker.close();
        others.close();
        comparison.close();
    }
}
