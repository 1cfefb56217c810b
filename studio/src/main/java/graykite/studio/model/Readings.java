package graykite.studio.model;

import graykite.base.Progress;
import graykite.hearing.Drafter;
import graykite.hearing.Reader;
import graykite.media.SoundReader;
import graykite.project.Project;
import graykite.project.Line;
import graykite.project.SoundFile;
import graykite.reading.Doubt;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Language;
import graykite.text.Pronouncer;
import graykite.text.Pronunciation;
import graykite.text.Script;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** Finds words and sounds in recordings: one line, a section of it, or many lines on all cores. */
public final class Readings {
    private final Workspace workspace;
    private final Supplier<Reader> reader;
    private final ReadOnlyStringWrapper drafted = new ReadOnlyStringWrapper("");
    private Optional<Drafter> drafter = Optional.empty();

    /** A line as it was when its reading was asked for. */
    private record Wanted(Line line, SoundFile source, Map<String, Pronunciation> own) {
        static Optional<Wanted> of(Line line, Project project) {
            return line.sound().map(sound -> new Wanted(line, sound, project.dictionary()));
        }

        Sound sound(Progress progress) {
            return line.voice().of(SoundReader.read(source.content(), source.name(), progress));
        }

        /** The reader for the language of the line. */
        Reader fit(Reader english) {
            Language language = line.voice().language();
            return language == Language.ENGLISH ? english : english.with(Pronouncer.of(language));
        }

        Timing read(Reader english, Progress progress) {
            Reader reader = fit(english);
            Script script = Script.of(line.script());
            Sound heard = sound(progress.part(0, 0.1));
            Progress rest = progress.part(0.1, 1);
            return line.timing().isPresent()
                    ? reader.reread(heard, script, own, line.timing().get(), rest)
                    : reader.read(heard, script, own, rest);
        }
    }

    Readings(Workspace workspace, Supplier<Reader> reader) {
        this.workspace = workspace;
        this.reader = reader;
    }

    /** Reads the current line from its script; what was pinned by hand stays. */
    public void read() {
        Optional<Wanted> wanted = workspace.line().flatMap(s -> Wanted.of(s, workspace.project()));
        if (wanted.isEmpty()) {
            workspace.jobs().say("There is no recording to read. Open one on the Voice desk.");
            return;
        }
        start("Reading", wanted.get(), "Read the line", progress -> wanted.get().read(reader.get(), progress));
    }

    /**
     * Drafts the words of the current line by recognition and reads them; the text appears as it comes, marked as a draft.
     */
    public void draft() {
        Optional<Wanted> wanted = workspace.line().flatMap(s -> Wanted.of(s, workspace.project()));
        if (wanted.isEmpty()) {
            workspace.jobs().say("There is no recording to draft words from. Open one on the Voice desk.");
            return;
        }
        String id = wanted.get().line().id();
        drafted.set("");
        workspace
                .jobs()
                .start(
                        "Drafting the words of \"" + wanted.get().line().title().strip() + "\"",
                        progress -> drafter()
                                .draft(
                                        wanted.get().sound(progress.part(0, 0.05)),
                                        text -> Platform.runLater(() -> drafted.set(text)),
                                        progress.part(0.05, 1)),
                        text -> {
                            drafted.set("");
                            workspace.edit("Draft the words", p -> p.line(id)
                                    .map(s -> p.with(s.withDraft(text)))
                                    .orElse(p));
                            if (workspace.lineId().get().equals(id)) {
                                read();
                            }
                        },
                        () -> drafted.set(""));
    }

    /** The words drafted so far, while drafting goes on. */
    public ReadOnlyStringProperty drafted() {
        return drafted.getReadOnlyProperty();
    }

    /** The recogniser, loaded on first use: its models take some seconds. Only the thread of the jobs asks for it. */
    private Drafter drafter() {
        if (drafter.isEmpty()) {
            drafter = Optional.of(Drafter.shipped());
        }
        return drafter.get();
    }

    /** Reads the current line by its sound alone, in any language: words without text between pauses. */
    public void listen() {
        workspace
                .line()
                .flatMap(s -> Wanted.of(s, workspace.project()))
                .ifPresent(wanted -> start("Listening to", wanted, "Read by sound alone", progress -> reader.get()
                        .listen(wanted.sound(progress.part(0, 0.1)), progress.part(0.1, 1))));
    }

    /**
     * Reads some words of the current line again and leaves all others as they are.
     *
     * @param first index of the first word
     * @param last index of the last word
     * @param text what is said there
     */
    public void readSection(int first, int last, String text) {
        Optional<Wanted> wanted = workspace.line().flatMap(s -> Wanted.of(s, workspace.project()));
        Optional<Timing> timing = workspace.line().flatMap(Line::timing);
        if (wanted.isEmpty() || timing.isEmpty()) {
            return;
        }
        start("Reading a section of", wanted.get(), "Read a section", true, progress -> wanted.get()
                .fit(reader.get())
                .readSection(
                        wanted.get().sound(progress.part(0, 0.1)),
                        timing.get(),
                        first,
                        last,
                        Script.of(text),
                        wanted.get().own(),
                        progress.part(0.1, 1)));
    }

    /** Finds the words of the current line in a new take; what was changed by hand keeps its sounds. */
    public void carry(SoundFile take) {
        Optional<Line> line = workspace.line();
        Optional<Timing> earlier = line.flatMap(Line::timing);
        workspace.editLine("New take", 0, s -> s.withSound(take));
        Optional<Wanted> wanted = workspace.line().flatMap(s -> Wanted.of(s, workspace.project()));
        if (wanted.isEmpty()) {
            return;
        }
        if (earlier.filter(
                        t -> t.words().stream().anyMatch(w -> !w.text().equals(graykite.reading.TimedWord.UNSCRIPTED)))
                .isPresent()) {
            start("Finding the words in", wanted.get(), "Carry the reading over", progress -> wanted.get()
                    .fit(reader.get())
                    .carry(
                            wanted.get().sound(progress.part(0, 0.1)),
                            earlier.get(),
                            wanted.get().own(),
                            progress.part(0.1, 1)));
        } else if (!line.get().script().isBlank()) {
            read();
        }
    }

    private void start(String verb, Wanted wanted, String name, Function<Progress, Timing> work) {
        start(verb, wanted, name, false, work);
    }

    /** @param rewrites true when the words themselves change, and the script with them */
    private void start(String verb, Wanted wanted, String name, boolean rewrites, Function<Progress, Timing> work) {
        String id = wanted.line().id();
        workspace.jobs().start(verb + " \"" + wanted.line().title().strip() + "\"", work, timing -> {
            workspace.edit(name, p -> p.line(id)
                    .map(s -> p.with(rewrites ? s.withTiming(timing).withScript(timing.text()) : s.withTiming(timing)))
                    .orElse(p));
            workspace.jobs().say(summary(timing));
        });
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

    /** Reads many lines on all cores; each appears as soon as it is read, and all of them undo in one step. */
    public void readAll(List<Line> lines) {
        List<Wanted> wanted = lines.stream()
                .filter(s -> !s.script().isBlank())
                .flatMap(s -> Wanted.of(s, workspace.project()).stream())
                .toList();
        if (wanted.isEmpty()) {
            workspace.jobs().say("Every line with a recording and words is read.");
            return;
        }
        long gesture = workspace.newGesture();
        AtomicInteger done = new AtomicInteger();
        List<String> failed = java.util.Collections.synchronizedList(new ArrayList<>());
        workspace
                .jobs()
                .start(
                        "Reading " + wanted.size() + (wanted.size() == 1 ? " line" : " lines"),
                        progress -> {
                            Reader shared = reader.get();
                            wanted.parallelStream().forEach(line -> {
                                readOne(line, shared, progress, gesture, failed);
                                progress.step(done.incrementAndGet() / (double) wanted.size());
                            });
                            return List.copyOf(failed);
                        },
                        left -> sayAll(wanted, left));
    }

    private void readOne(Wanted line, Reader shared, Progress progress, long gesture, List<String> failed) {
        if (progress.cancelled()) {
            throw new CancellationException();
        }
        try {
            Timing timing = line.read(shared, progress.quiet());
            Platform.runLater(() -> workspace.edit(
                    "Read lines", gesture, p -> p.line(line.line().id())
                            .map(s -> p.with(s.withTiming(timing)))
                            .orElse(p)));
        } catch (graykite.base.BadInput unreadable) {
            failed.add(line.line().title().strip() + ": " + unreadable.getMessage());
        }
    }

    private void sayAll(List<Wanted> wanted, List<String> failed) {
        List<Timing> read = wanted.stream()
                .flatMap(w -> workspace.project().line(w.line().id()).flatMap(Line::timing).stream())
                .toList();
        long doubts = read.stream().mapToLong(t -> Doubt.of(t).size()).sum();
        String strangers = wanted.stream()
                .filter(w -> workspace
                        .project()
                        .line(w.line().id())
                        .flatMap(Line::timing)
                        .flatMap(Doubt::stranger)
                        .isPresent())
                .map(w -> w.line().title().strip())
                .collect(Collectors.joining(", "));
        String text = read.size() + (read.size() == 1 ? " line" : " lines") + " read, " + doubts
                + (doubts == 1 ? " place" : " places") + " to look at.";
        if (!strangers.isEmpty()) {
            text += " Words and sound do not belong together in: " + strangers + ".";
        }
        if (!failed.isEmpty()) {
            text += " Not read: " + String.join(" ", failed);
        }
        workspace.jobs().say(text);
    }
}
