package graykite.workbench;

import graykite.acting.Score;
import graykite.base.Progress;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthChart;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.project.SoundFile;
import graykite.project.Voice;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.scene.Role;
import graykite.scene.Scene;
import graykite.scene.Stand;
import graykite.sound.Sound;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Everything that follows from a project: recordings as they are heard, lines as they are acted, scenes as they are seen.
 * Each stage is worked out once for what it was given and kept; after an edit only what lies behind it is worked out
 * again, and only where it changed. The same for window and command line; to be asked away from any interface thread. Safe
 * for several threads.
 */
public final class Workbench {
    /** Decoded samples that are kept, in bytes. */
    private static final long SOUND_ROOM = 700L << 20;

    private static final int LINES = 400;

    /** Turns the bytes of a recording into sound. */
    public interface Decoder {
        Sound decode(SoundFile file, Progress progress);
    }

    /** Earlier versions of lines that are kept for undo, in bytes. */
    private static final long MOVEMENT_ROOM = 96L << 20;

    /** How a line was acted last and from what, to go on from. */
    private record Acted(Performance performance, Memo.Key from) {}

    private final Decoder decoder;
    private final Figures figures;
    private final Memo<Sound> recordings = new Memo<>(SOUND_ROOM, Workbench::bytes);
    private final Memo<LineSound> heard = new Memo<>(SOUND_ROOM, s -> bytes(s.sound()));
    private final Memo<Sound> mixes = Memo.ofCount(2);
    private final Memo<FittedChart> charts = Memo.ofCount(64);
    private final Memo<Performance> performances = new Memo<>(MOVEMENT_ROOM, Workbench::bytes);
    private final Memo<Scene> scenes = Memo.ofCount(4);
    private final Map<String, Acted> last = Collections.synchronizedMap(new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Acted> eldest) {
            return size() > LINES;
        }
    });

    public Workbench(Decoder decoder, Figures figures) {
        this.decoder = decoder;
        this.figures = figures;
    }

    private static long bytes(Performance performance) {
        return 8L
                * performance.mouth().samples()
                * performance.mouth().channels().size();
    }

    private static long bytes(Sound sound) {
        return 4L * sound.length() * sound.channelCount();
    }

    public Figures figures() {
        return figures;
    }

    /** A recording as it came. */
    public Sound recording(SoundFile file, Progress progress) {
        return recordings.get(() -> decoder.decode(file, progress), file);
    }

    /** Takes a recording that was decoded elsewhere already. */
    public void keep(SoundFile file, Sound decoded) {
        recordings.get(() -> decoded, file);
    }

    /** True when {@link #heard} has its answer at hand. */
    public boolean hasHeard(Line line) {
        return line.sound().map(f -> heard.has(inputs(f, line.voice()))).orElse(false);
    }

    /** The recording of a line as it is heard; nothing when there is none. */
    public Optional<LineSound> heard(Line line, Progress progress) {
        return line.sound()
                .map(file -> heard.get(
                        () -> LineSound.of(line.voice().of(recording(file, progress))), inputs(file, line.voice())));
    }

    /** The start frame and the language do not change what is heard. */
    private static Object[] inputs(SoundFile file, Voice voice) {
        TimeMap retiming = voice.retiming();
        return new Object[] {file, voice.gain(), voice.channel().orElse(-1), retiming.isSame() ? "" : retiming};
    }

    /** A chart on a figure. */
    public FittedChart fitted(Character figure, MouthChart chart) {
        return charts.get(
                () -> FittedChart.of(figure, chart), figure, chart.equals(MouthChart.standard()) ? "" : chart);
    }

    /** A line as its speaker acts it; nothing while it has no recording or no reading. */
    public Optional<Performance> performance(Project project, Line line, Progress progress) {
        Optional<Timing> timing = line.timing();
        if (timing.isEmpty()) {
            return Optional.empty();
        }
        return heard(line, progress).map(sound -> {
            Member speaker = project.speakerOf(line);
            Character figure = figures.of(speaker);
            MouthChart chart = speaker.chart();
            FittedChart fitted = fitted(figure, chart);
            progress.step(0.5);
            Object[] from = {
                timing.get(),
                sound,
                line.mouth(),
                line.layers(),
                project.rate().numerator(),
                project.rate().denominator(),
                figure,
                fitted
            };
            Memo.Key key = new Memo.Key(from);
            Acted before = last.get(line.id());
            return before != null && before.from.equals(key)
                    ? before.performance
                    : performances.get(() -> act(line, project, sound, figure, fitted, key), from);
        });
    }

    private Performance act(
            Line line, Project project, LineSound sound, Character figure, FittedChart fitted, Memo.Key from) {
        Score score = new Score(
                        line.timing().orElseThrow(),
                        sound.loudness(),
                        line.mouth(),
                        project.rate(),
                        line.layers().plans())
                .hearing(sound.heard());
        Acted before = last.get(line.id());
        Performance acted =
                before != null && before.performance.character() == figure && before.performance.chart() == fitted
                        ? before.performance.after(score)
                        : Performance.of(figure, fitted, score);
        last.put(line.id(), new Acted(acted, from));
        return acted;
    }

    /** A line alone on the stage. */
    public Staged line(Project project, String id, Progress progress) {
        Optional<Line> line = project.line(id);
        Optional<LineSound> sound = line.flatMap(l -> heard(l, progress));
        Optional<Scene> scene = line.flatMap(l -> performance(project, l, progress))
                .map(p -> scenes.get(
                        () -> Scene.solo(project.speakerOf(line.get()).id(), id, p, figures.deformer(p.character())),
                        p,
                        id));
        return new Staged(scene, sound.map(LineSound::sound));
    }

    /** A scene with everybody in it; lines that are not read yet are heard, but not acted. */
    public Staged scene(Project project, String id, Progress progress) {
        Optional<SceneWork> found = project.scene(id);
        if (found.isEmpty()) {
            return Staged.NOTHING;
        }
        SceneWork work = found.get();
        List<Sound> sounds = new ArrayList<>();
        List<Double> starts = new ArrayList<>();
        Map<String, List<Role.Entry>> spoken = new LinkedHashMap<>();
        List<SceneWork.Block> blocks = work.blocks();
        for (int b = 0; b < blocks.size(); b++) {
            SceneWork.Block block = blocks.get(b);
            Optional<Line> line = project.line(block.line());
            progress.step(b / (double) blocks.size());
            if (line.isEmpty()) {
                continue;
            }
            heard(line.get(), progress.quiet()).ifPresent(s -> {
                sounds.add(s.sound());
                starts.add(block.start());
            });
            performance(project, line.get(), progress.quiet())
                    .ifPresent(p -> spoken.computeIfAbsent(
                                    project.speakerOf(line.get()).id(), k -> new ArrayList<>())
                            .add(new Role.Entry(block.line(), p, block.start())));
        }
        List<Role> roles = roles(project, work, spoken);
        Optional<Sound> sound = sounds.isEmpty() ? Optional.empty() : Optional.of(mixed(sounds, starts));
        if (roles.isEmpty() || spoken.isEmpty()) {
            return new Staged(Optional.empty(), sound);
        }
        return new Staged(Optional.of(Scene.of(roles, seed(work))), sound);
    }

    private static long seed(SceneWork work) {
        return work.id().hashCode();
    }

    private List<Role> roles(Project project, SceneWork work, Map<String, List<Role.Entry>> spoken) {
        Map<String, Optional<Stand>> stands = new LinkedHashMap<>();
        work.people().forEach(p -> stands.put(p.member(), p.stand()));
        Set<String> present = new LinkedHashSet<>(stands.keySet());
        present.addAll(spoken.keySet());
        List<Member> members =
                present.stream().flatMap(id -> project.member(id).stream()).toList();
        List<Role> roles = new ArrayList<>();
        for (int i = 0; i < members.size(); i++) {
            Member member = members.get(i);
            Character figure = figures.of(member);
            Stand side = Stand.of(i, members.size());
            roles.add(new Role(
                    member.id(),
                    figure,
                    fitted(figure, member.chart()),
                    figures.deformer(figure),
                    stands.getOrDefault(member.id(), Optional.empty()).orElse(side),
                    spoken.getOrDefault(member.id(), List.of())));
        }
        return roles;
    }

    private Sound mixed(List<Sound> sounds, List<Double> starts) {
        List<Object> inputs = new ArrayList<>(sounds);
        inputs.addAll(starts);
        return mixes.get(() -> Sound.together(sounds, starts), inputs.toArray());
    }

    /** Forgets everything, as when another project is opened. Figures stay. */
    public void forgetAll() {
        recordings.forgetAll();
        heard.forgetAll();
        mixes.forgetAll();
        performances.forgetAll();
        scenes.forgetAll();
        last.clear();
    }
}
