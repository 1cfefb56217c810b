package graykite.bench.proof;

import graykite.base.Progress;
import graykite.edit.Edit;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.proof.Proof;
import graykite.proof.Shot;
import graykite.proof.checks.Checks;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.scene.Performance;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import graykite.workbench.Figures;
import graykite.workbench.Proofs;
import graykite.workbench.Workbench;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A line without faults, to plant some in: a recording with silence round it, its reading, a speaker, the usual layers.
 *
 * @param project with the one line
 */
record Clean(String name, Project project, Sound sound, Map<String, Sound> sounds) {
    /** Silence before and after the words, in seconds. */
    static final double ROUND = 1.2;

    private static final String LINE = "line";

    static Clean of(String name, String speaker, Sound recording, Timing reading, FrameRate rate) {
        Sound padded = Sound.together(
                List.of(recording, Sound.silence(ROUND, recording.rate())),
                List.of(ROUND, ROUND + recording.duration()));
        Map<String, Sound> sounds = new ConcurrentHashMap<>(new TreeMap<>(Map.of(name, padded)));
        Line line = Line.empty(LINE, name)
                .withSpeaker(speaker)
                .withSound(file(name))
                .withScript(reading.text())
                .withTiming(later(reading, padded.duration()));
        return new Clean(name, Project.empty().withRate(rate).with(line), padded, sounds);
    }

    private static SoundFile file(String name) {
        return new SoundFile(name, name.getBytes(StandardCharsets.UTF_8));
    }

    private static Timing later(Timing timing, double duration) {
        List<TimedWord> words = new ArrayList<>();
        for (TimedWord word : timing.words()) {
            words.add(word.withPhones(word.phones().stream()
                    .map(p -> new TimedPhone(p.phone(), p.start() + ROUND, p.end() + ROUND, p.pinned()))
                    .toList()));
        }
        return new Timing(words, duration);
    }

    /** Several one after another. */
    static Clean joined(String name, List<Clean> lines) {
        List<Sound> sounds = new ArrayList<>();
        List<Double> starts = new ArrayList<>();
        List<TimedWord> words = new ArrayList<>();
        double time = 0;
        for (Clean clean : lines) {
            double by = time;
            sounds.add(clean.sound);
            starts.add(time);
            clean.timing()
                    .words()
                    .forEach(w -> words.add(w.withPhones(w.phones().stream()
                            .map(p -> new TimedPhone(p.phone(), p.start() + by, p.end() + by, p.pinned()))
                            .toList())));
            // The silences of neighbours overlap.
            time += clean.sound.duration() - ROUND;
        }
        Sound all = Sound.together(sounds, starts);
        Map<String, Sound> map = new ConcurrentHashMap<>(Map.of(name, all));
        Line first = lines.getFirst().line();
        Timing timing = new Timing(words, all.duration());
        Line line = Line.empty(LINE, name)
                .withSpeaker(first.speaker())
                .withSound(file(name))
                .withScript(timing.text())
                .withTiming(timing);
        Project project =
                Project.empty().withRate(lines.getFirst().project.rate()).with(line);
        return new Clean(name, project, all, map);
    }

    Line line() {
        return project.line(LINE).orElseThrow();
    }

    Timing timing() {
        return line().timing().orElseThrow();
    }

    double duration() {
        return sound.duration();
    }

    /** The project with some edits. */
    Project with(Edit... edits) {
        Project changed = project;
        for (Edit edit : edits) {
            changed = edit.apply(changed);
        }
        return changed;
    }

    Project with(Timing timing) {
        return project.with(line().withTiming(timing));
    }

    /** The project with another recording of the same words. */
    Project recorded(String as, Sound other) {
        sounds.put(as, other);
        return project.with(line().withSound(file(as)).withTiming(timing()));
    }

    /** Spoken by somebody else. */
    Project spokenBy(Member member) {
        return project.with(member).with(line().withSpeaker(member.id()));
    }

    private Workbench workbench() {
        return new Workbench((file, progress) -> sounds.get(file.name()), new Figures());
    }

    /** The line as it is acted. */
    Performance performance() {
        return workbench().performance(project, line(), Progress.none()).orElseThrow();
    }

    /** A state of it as checks look at it. */
    Shot shot(Project state, Optional<Shot.Film> film) {
        return new Proofs(workbench(), Checks.shipped())
                .shot(state, state.line(LINE).orElseThrow(), film, Progress.none());
    }

    /** What is said about a state of it. */
    static Proof proof(Shot shot) {
        return Proof.of(shot, Checks.shipped(), Progress.none());
    }
}
