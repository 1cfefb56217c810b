package graykite.proof;

import graykite.mouth.Beats;
import graykite.project.Line;
import graykite.project.Project;
import graykite.proof.Spans.Span;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A line as it is looked at by checks.
 *
 * @param character who speaks it
 * @param voice the recording as it is heard; nothing while there is none
 * @param performance the line acted; nothing while it is not read
 * @param footage the line frame by frame; there when the performance is
 * @param reference what is known of the film that the line is acted after; nothing without one
 */
public record Shot(
        Project project,
        Line line,
        Character character,
        Optional<Voice> voice,
        Optional<Performance> performance,
        Optional<Footage> footage,
        Optional<Film> reference) {
    /** The recording as it is heard. */
    public record Voice(Sound sound, Loudness loudness) {}

    /**
     * A film on disk.
     *
     * @param there false when the file is gone
     * @param rate frames a second; nothing for pictures, and for what cannot be read
     */
    public record Film(boolean there, Optional<FrameRate> rate) {}

    /** The same with other footage, for trying what a fault would look like. */
    public Shot with(Footage other) {
        return new Shot(project, line, character, voice, performance, Optional.of(other), reference);
    }

    /** The reading; empty while there is none. */
    public Timing timing() {
        return line.timing().orElse(Timing.empty(duration()));
    }

    /** Seconds of the line; 0 while there is neither reading nor recording. */
    public double duration() {
        return line.timing()
                .map(Timing::duration)
                .or(() -> voice.map(v -> v.sound().duration()))
                .orElse(0.0);
    }

    public WordFinder words() {
        return performance.map(Performance::words).orElseGet(() -> new WordFinder(timing()));
    }

    /** The line sound by sound. Only where there is a performance. */
    public Beats beats() {
        return performance.orElseThrow().beats();
    }

    /** The line frame by frame. Only where there is a performance. */
    public Footage film() {
        return footage.orElseThrow();
    }

    /** A note about a stretch. @param to in seconds, not before from @param says with figures as in {@link String#format} */
    public ProofNote note(Rule rule, double from, double to, List<Fix> fixes, String says, Object... figures) {
        double start = Math.max(0, from);
        return new ProofNote(
                rule,
                new TimeRange(start, Math.max(start, to)),
                Place.at(start, words()),
                String.format(Locale.ROOT, says, figures),
                fixes,
                Optional.empty());
    }

    /** What is said of a stretch of frames. @param to start of its last frame, as from in seconds */
    public interface Saying {
        ProofNote of(Span span, double from, double to);
    }

    /** A note about each of some stretches of the film. */
    public List<ProofNote> notes(List<Span> stretches, Saying each) {
        Footage film = film();
        return stretches.stream()
                .map(s -> each.of(s, film.time(s.first()), film.time(s.last())))
                .toList();
    }

    /** A note about the whole line. */
    public ProofNote noteOfLine(Rule rule, List<Fix> fixes, String says, Object... figures) {
        return new ProofNote(
                rule,
                new TimeRange(0, duration()),
                Place.at(0),
                String.format(Locale.ROOT, says, figures),
                fixes,
                Optional.empty());
    }
}
