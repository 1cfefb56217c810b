package graykite.studio.model;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.edit.LineEdit;
import graykite.edit.ReadingEdit;
import graykite.media.ear.Drafter;
import graykite.media.ear.NetworkEar;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.reading.Doubt;
import graykite.reading.Timing;
import graykite.text.Language;
import graykite.workbench.LineReader;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** Has words and sounds found in recordings: one line, a section of it, or many lines on all cores. */
public final class Readings {
    private final Workspace workspace;
    private final LineReader reader;
    private final ReadOnlyStringWrapper drafted = new ReadOnlyStringWrapper("");
    private final NetworkEar ear;

    Readings(Workspace workspace, LineReader reader, NetworkEar ear) {
        this.workspace = workspace;
        this.reader = reader;
        this.ear = ear;
    }

    /** The line that is worked on, if it has a recording. */
    private Optional<Line> recorded() {
        Optional<Line> line = workspace.line().filter(l -> l.sound().isPresent());
        if (line.isEmpty()) {
            workspace.jobs().say("There is no recording to read. Open one on the Voice desk.");
        }
        return line;
    }

    /** Reads the current line from its script; what was pinned by hand stays. */
    public void read() {
        Project project = workspace.project();
        recorded().ifPresent(line -> start("Reading", line, false, p -> reader.read(project, line, p)));
    }

    /** Reads the current line by its sound alone, in any language: words without text between pauses. */
    public void listen() {
        recorded().ifPresent(line -> start("Listening to", line, false, p -> reader.listen(line, p)));
    }

    /**
     * Drafts the words of the current line by recognition and reads them; the text appears as it comes, marked as a draft.
     */
    public void draft() {
        recorded().ifPresent(line -> {
            Language language = line.voice().language();
            if (language != Language.ENGLISH) {
                workspace
                        .jobs()
                        .say("Words are drafted in English alone, and this line is in " + language.title()
                                + ". Type its words, or read it by its sound alone under More.");
                return;
            }
            drafted.set("");
            workspace
                    .jobs()
                    .start(
                            "Drafting the words of \"" + line.title().strip() + "\"",
                            progress -> ear.drafter()
                                    .draft(
                                            reader.heard(line, progress.part(0, 0.05)),
                                            text -> Platform.runLater(() -> drafted.set(text)),
                                            progress.part(0.05, 1)),
                            draft -> keep(line, draft),
                            () -> drafted.set(""));
        });
    }

    /** Words that can hardly be right are not read before somebody has looked at them. */
    private void keep(Line line, Drafter.Draft draft) {
        drafted.set("");
        workspace.edit(new LineEdit.SetScript(line.id(), draft.text(), true));
        if (draft.unsure()) {
            workspace.jobs().say(Drafter.Draft.UNSURE + " Correct the words, then read them.", line.id());
        } else if (workspace.lineId().get().equals(line.id())) {
            read();
        }
    }

    /** The words drafted so far, while drafting goes on. */
    public ReadOnlyStringProperty drafted() {
        return drafted.getReadOnlyProperty();
    }

    /**
     * Reads some words of the current line again and leaves all others as they are.
     *
     * @param first index of the first word
     * @param last index of the last word
     * @param text what is said there
     */
    public void readSection(int first, int last, String text) {
        Project project = workspace.project();
        workspace
                .line()
                .filter(l -> l.sound().isPresent()
                        && l.timing().filter(t -> last < t.words().size()).isPresent())
                .ifPresent(line -> start(
                        "Reading a section of",
                        line,
                        true,
                        p -> reader.readSection(project, line, first, last, text, p)));
    }

    /** Finds the words of the current line in a new take; what was changed by hand keeps its sounds. */
    public void carry(SoundFile take) {
        Optional<Line> before = workspace.line();
        if (before.isEmpty()
                || !workspace.edit(new LineEdit.SetRecording(before.get().id(), take))) {
            return;
        }
        Project project = workspace.project();
        Line line = project.line(before.get().id()).orElseThrow();
        Optional<Timing> earlier =
                before.get().timing().filter(t -> !t.scripted().isEmpty());
        if (earlier.isPresent()) {
            start("Finding the words in", line, false, p -> reader.carry(project, line, earlier.get(), p));
        } else if (!line.script().isBlank()) {
            read();
        }
    }

    /** @param rewrites true when the words themselves change, and the script with them */
    private void start(String verb, Line line, boolean rewrites, Function<Progress, Timing> work) {
        workspace.jobs().start(verb + " \"" + line.title().strip() + "\"", work, timing -> {
            if (isStill(line)) {
                workspace.problems().remove(line.id());
                workspace.edit(new ReadingEdit.SetReading(line.id(), timing, rewrites));
                workspace.jobs().say(summary(timing), line.id());
            } else {
                workspace
                        .jobs()
                        .say("\"" + line.title().strip()
                                + "\" has another recording by now, or is gone: its reading was not kept.");
            }
        });
    }

    /** True while a line has the recording that was read. */
    private boolean isStill(Line line) {
        return workspace.project().line(line.id()).flatMap(Line::sound).equals(line.sound());
    }

    /** What a reading came to, in a sentence. */
    static String summary(Timing timing) {
        Optional<String> stranger = Doubt.stranger(timing);
        if (stranger.isPresent()) {
            return stranger.get();
        }
        long doubts = Doubt.of(timing).size();
        return timing.words().size() + (timing.words().size() == 1 ? " word" : " words") + " read"
                + (doubts == 0
                        ? "."
                        : "; " + doubts + (doubts == 1 ? " place" : " places") + " to look at (D goes to the next).");
    }

    /** Reads every line that has a recording and words but no reading yet. */
    public void readUnread() {
        readAll(workspace.project().lines().stream()
                .filter(s -> s.timing().isEmpty())
                .toList());
    }

    /**
     * Reads many lines on all cores, the open one first; each appears as soon as it is read, and all of them undo in one
     * step.
     */
    public void readAll(List<Line> lines) {
        List<Line> wanted = new ArrayList<>(lines.stream()
                .filter(s -> !s.script().isBlank() && s.sound().isPresent())
                .toList());
        if (wanted.isEmpty()) {
            workspace.jobs().say("Every line with a recording and words is read.");
            return;
        }
        String open = workspace.lineId().get();
        wanted.sort(Comparator.comparing(l -> !l.id().equals(open)));
        long gesture = workspace.newGesture();
        Project project = workspace.project();
        AtomicInteger next = new AtomicInteger();
        AtomicInteger done = new AtomicInteger();
        wanted.forEach(l -> workspace.problems().remove(l.id()));
        workspace
                .jobs()
                .start(
                        "Reading " + wanted.size() + (wanted.size() == 1 ? " line" : " lines"),
                        progress -> {
                            int cores = Runtime.getRuntime().availableProcessors();
                            List<Thread> threads = new ArrayList<>();
                            for (int c = 0; c < Math.min(cores, wanted.size()); c++) {
                                threads.add(Thread.ofPlatform()
                                        .daemon()
                                        .name("kite-reading")
                                        .start(() -> {
                                            // In order, so that what is looked at comes first.
                                            for (int i = next.getAndIncrement();
                                                    i < wanted.size() && !progress.cancelled();
                                                    i = next.getAndIncrement()) {
                                                readOne(project, wanted.get(i), progress, gesture);
                                                progress.at(done.incrementAndGet() / (double) wanted.size());
                                            }
                                        }));
                            }
                            join(threads);
                            if (progress.cancelled()) {
                                throw new CancellationException();
                            }
                            return wanted;
                        },
                        this::sayAll);
    }

    private static void join(List<Thread> threads) {
        try {
            for (Thread thread : threads) {
                thread.join();
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new CancellationException();
        }
    }

    private void readOne(Project project, Line line, Progress progress, long gesture) {
        try {
            Timing timing = reader.read(project, line, progress.quiet());
            Platform.runLater(() -> {
                if (isStill(line)) {
                    workspace.edit(new ReadingEdit.SetReading(line.id(), timing, false), gesture);
                }
            });
        } catch (CancellationException stopped) {
            // Whoever cancelled is told once, for all lines.
            return;
        } catch (BadInput unreadable) {
            Platform.runLater(() -> workspace.problems().put(line.id(), unreadable.getMessage()));
        } catch (RuntimeException failure) {
            System.getLogger(Readings.class.getName())
                    .log(System.Logger.Level.ERROR, "Reading " + line.title(), failure);
            Platform.runLater(() -> workspace
                    .problems()
                    .put(line.id(), "Reading failed unexpectedly (" + failure + "); please report this."));
        }
    }

    private void sayAll(List<Line> wanted) {
        List<Line> now = wanted.stream()
                .flatMap(w -> workspace.project().line(w.id()).stream())
                .toList();
        List<Timing> read = now.stream().flatMap(l -> l.timing().stream()).toList();
        long doubts = read.stream().mapToLong(t -> Doubt.of(t).size()).sum();
        List<Line> strangers = now.stream()
                .filter(l -> l.timing().flatMap(Doubt::stranger).isPresent())
                .toList();
        long failed = wanted.stream()
                .filter(l -> workspace.problems().containsKey(l.id()))
                .count();
        String text = read.size() + (read.size() == 1 ? " line" : " lines") + " read, " + doubts
                + (doubts == 1 ? " place" : " places") + " to look at.";
        if (!strangers.isEmpty()) {
            text += " Words and sound do not belong together in: "
                    + strangers.stream().map(l -> l.title().strip()).collect(Collectors.joining(", ")) + ".";
        }
        if (failed > 0) {
            text += " " + failed + " could not be read: the table of lines (Ctrl+L) says why.";
        }
        workspace.jobs().say(text);
    }
}
