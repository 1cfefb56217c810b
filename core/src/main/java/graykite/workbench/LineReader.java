package graykite.workbench;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Language;
import graykite.text.Pronouncer;
import graykite.text.Script;
import graykite.time.TimeMap;
import java.util.function.Supplier;

/**
 * Reads the lines of a project: finds words and sounds in their recordings. Voices are heard as they were recorded; what is
 * found is put on the clock of the line. Takes its time; not for an interface thread. Safe for several threads.
 */
public final class LineReader {
    private final Workbench workbench;
    private final Supplier<Reader> english;

    /** @param english the reader of English; the first call may take a second */
    public LineReader(Workbench workbench, Supplier<Reader> english) {
        this.workbench = workbench;
        this.english = english;
    }

    private Sound sound(Line line, Progress progress) {
        return line.sound()
                .map(file -> line.voice().plain(workbench.recording(file, progress)))
                .orElseThrow(() -> new BadInput(
                        "The line \"" + line.title().strip() + "\" has no recording to read. Open one first."));
    }

    /** The reader for the language of a line, and for words that nobody has looked at since they were drafted. */
    private Reader fit(Line line) {
        Language language = line.voice().language();
        Reader reader = line.draft() ? english.get().ofDrafts() : english.get();
        return language == Language.ENGLISH ? reader : reader.with(Pronouncer.of(language));
    }

    private static Timing recorded(Line line, Timing timing) {
        TimeMap retiming = line.voice().retiming();
        return retiming.isSame() ? timing : timing.retimed(retiming, TimeMap.SAME);
    }

    private static Timing onTheLine(Line line, Timing heard) {
        TimeMap retiming = line.voice().retiming();
        return retiming.isSame() ? heard : heard.retimed(TimeMap.SAME, retiming);
    }

    /** Reads a line from its script; what was pinned by hand stays. */
    public Timing read(Project project, Line line, Progress progress) {
        Sound heard = sound(line, progress.part(0, 0.1));
        Progress rest = progress.part(0.1, 1);
        Script script = Script.of(line.script());
        Reader reader = fit(line);
        Timing found = line.timing().isPresent()
                ? reader.reread(
                        heard,
                        script,
                        project.dictionary(),
                        recorded(line, line.timing().get()),
                        rest)
                : reader.read(heard, script, project.dictionary(), rest);
        return onTheLine(line, found);
    }

    /** Reads a line by its sound alone, in any language: words without text. */
    public Timing listen(Line line, Progress progress) {
        Sound heard = sound(line, progress.part(0, 0.1));
        return onTheLine(line, fit(line).listen(heard, progress.part(0.1, 1)));
    }

    /**
     * Reads some words of a line again and leaves all others as they are.
     *
     * @param first index of the first word
     * @param last index of the last word
     * @param text what is said there
     */
    public Timing readSection(Project project, Line line, int first, int last, String text, Progress progress) {
        Sound heard = sound(line, progress.part(0, 0.1));
        Timing now = recorded(line, line.timing().orElseThrow());
        return onTheLine(
                line,
                fit(line)
                        .readSection(
                                heard, now, first, last, Script.of(text), project.dictionary(), progress.part(0.1, 1)));
    }

    /**
     * Finds the words of an earlier take in the recording that a line has now; what was changed by hand keeps its sounds.
     *
     * @param earlier reading of the take before
     */
    public Timing carry(Project project, Line line, Timing earlier, Progress progress) {
        Sound heard = sound(line, progress.part(0, 0.1));
        return onTheLine(line, fit(line).carry(heard, earlier, project.dictionary(), progress.part(0.1, 1)));
    }

    /** The recording of a line, for recognition. */
    public Sound heard(Line line, Progress progress) {
        return sound(line, progress);
    }
}
