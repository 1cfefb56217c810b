package graykite.studio.model;

import graykite.mouth.FittedChart;
import graykite.mouth.MouthChart;
import graykite.project.Companion;
import graykite.project.History;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.Line;
import graykite.project.SoundFile;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.scene.Ensemble;
import graykite.scene.Performance;
import graykite.sound.Sound;
import graykite.text.Language;
import graykite.text.Pronouncer;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;

/**
 * The open project and what is computed from it. Lives on the JavaFX thread; computing is done by {@link Jobs}. Views
 * watch its properties and call its methods, they never change the project themselves.
 */
public final class Workspace {
    /** Seconds from which on a whole line is acted away from the JavaFX thread. */
    private static final double LONG = 30;

    private final Intake intake = new Intake(this);
    private final Documents documents = new Documents(this);
    private final Jobs jobs;
    private final Settings settings;
    private final Figures figures;
    private final Recordings recordings;
    private final SpeechParts speech = new SpeechParts();
    private final Readings readings = new Readings(this, speech::reader);
    private final WordEdits words = new WordEdits(this, this::wordsOfTheLine);
    private final Voicing voicing = new Voicing(this::refresh);
    private final ReadOnlyObjectWrapper<History> history = new ReadOnlyObjectWrapper<>(History.of(Project.empty()));
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Project> saved =
            new ReadOnlyObjectWrapper<>(history.get().present());
    private final ObjectProperty<String> lineId = new SimpleObjectProperty<>("");
    private final ReadOnlyObjectWrapper<Optional<LineSound>> sound = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Performance>> performance =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Ensemble>> ensemble = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Sound>> stageSound = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final PoseKeys keys = new PoseKeys(this);
    private final ObjectProperty<Selection> selection = new SimpleObjectProperty<>(Selection.NONE);
    private final LinePerformer performer = new LinePerformer();
    private final Latest acting = new Latest("kite-acting");
    private final MouthEdits mouth = new MouthEdits(this);
    private final ChartEdits charts = new ChartEdits(this);
    private final BooleanProperty showLoudness = new SimpleBooleanProperty(false);
    private final BooleanProperty showPitch = new SimpleBooleanProperty(false);
    private long gestures;

    /** A sound of the line: word and phone indices, or -1 for none. */
    public record Selection(int word, int phone) {
        public static final Selection NONE = new Selection(-1, -1);
    }

    /** @param figures who can be on stage */
    public Workspace(Jobs jobs, Settings settings, Figures figures) {
        this.jobs = jobs;
        this.settings = settings;
        this.figures = figures;
        this.recordings = new Recordings(jobs, this::refresh);
        history.addListener((o, before, now) -> refresh());
        lineId.addListener((o, before, now) -> {
            selection.set(Selection.NONE);
            keys.index().set(-1);
            refresh();
        });
    }

    public Jobs jobs() {
        return jobs;
    }

    public Settings settings() {
        return settings;
    }

    public ReadOnlyObjectProperty<History> history() {
        return history.getReadOnlyProperty();
    }

    public Project project() {
        return history.get().present();
    }

    public ReadOnlyObjectProperty<Optional<Path>> file() {
        return file.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Project> savedProject() {
        return saved.getReadOnlyProperty();
    }

    public boolean dirty() {
        return saved.get() != project();
    }

    public ObjectProperty<String> lineId() {
        return lineId;
    }

    /** The line that is worked on. */
    public Optional<Line> line() {
        return project().line(lineId.get());
    }

    public ReadOnlyObjectProperty<Optional<LineSound>> sound() {
        return sound.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Optional<Performance>> performance() {
        return performance.getReadOnlyProperty();
    }

    /** The keyed poses of the line. */
    public PoseKeys keys() {
        return keys;
    }

    /** The mouth chart of who speaks. */
    public ChartEdits charts() {
        return charts;
    }

    /** The dictions to choose from. */
    public Dictions dictions() {
        return new Dictions(settings.dictionFolder(), jobs);
    }

    /** What is decided about the mouth of the line. */
    public MouthEdits mouth() {
        return mouth;
    }

    public ObjectProperty<Selection> selection() {
        return selection;
    }

    /** When the chosen word or sound is spoken. */
    public Optional<graykite.time.TimeRange> selectedRange() {
        Selection now = selection.get();
        return line().flatMap(Line::timing)
                .filter(t -> now.word() >= 0 && now.word() < t.words().size())
                .map(t -> t.words().get(now.word()))
                .map(w -> now.phone() >= 0 && now.phone() < w.phones().size()
                        ? w.phones().get(now.phone()).range()
                        : w.range());
    }

    public Figures figures() {
        return figures;
    }

    /** Who says the current line; the first of the cast while there is none. */
    public Member speaker() {
        return line().map(project()::speakerOf).orElse(project().cast().getFirst());
    }

    /** The figure of who says the current line; may still be on its way. */
    public CompletableFuture<Character> character() {
        return figures.of(speaker());
    }

    /** Everybody on stage in the current line; none while nothing is read. */
    public ReadOnlyObjectProperty<Optional<Ensemble>> ensemble() {
        return ensemble.getReadOnlyProperty();
    }

    /** True while loudness is drawn over the wave. */
    public BooleanProperty showLoudness() {
        return showLoudness;
    }

    /** True while pitch is drawn over the wave. */
    public BooleanProperty showPitch() {
        return showPitch;
    }

    /** Number of the frame at which the line begins. */
    public long startFrame() {
        return line().map(s -> s.voice().startFrame()).orElse(0L);
    }

    /** How many channels the recording of the line has; 0 while there is none. */
    public int recordedChannels() {
        return line().flatMap(Line::sound).map(recordings::channels).orElse(0);
    }

    /** How words are said in the language of the line. */
    private Pronouncer wordsOfTheLine() {
        return speech.words(line().map(s -> s.voice().language()).orElse(Language.ENGLISH));
    }

    /** Begins to load what the Reading desk will ask for. */
    public void prepareWords() {
        speech.prepareWords();
    }

    // --- editing -------------------------------------------------------------------------------------------------

    /** A number that ties the edits of one drag together. */
    public long newGesture() {
        return ++gestures;
    }

    public void edit(String name, UnaryOperator<Project> change) {
        edit(name, 0, change);
    }

    public void edit(String name, long gesture, UnaryOperator<Project> change) {
        Project changed = change.apply(project());
        if (changed != project()) {
            history.set(history.get().edited(changed, name, gesture));
        }
    }

    public void editLine(String name, long gesture, UnaryOperator<Line> change) {
        line().ifPresent(line -> edit(name, gesture, p -> p.with(change.apply(line))));
    }

    public void undo() {
        if (history.get().canUndo()) {
            jobs.say("Undone: " + history.get().undoName());
            history.set(history.get().undone());
        }
    }

    public void redo() {
        if (history.get().canRedo()) {
            jobs.say("Done again: " + history.get().redoName());
            history.set(history.get().redone());
        }
    }

    /** Moves the start of a phone while it is dragged, solving only what changes. */
    public void moveStart(int word, int phone, double time, long gesture) {
        line().flatMap(Line::timing).ifPresent(timing -> {
            retime("Move boundary", timing.withStart(word, phone, time), gesture);
        });
    }

    /** Moves the end of a word while it is dragged. */
    public void moveEnd(int word, double time, long gesture) {
        line().flatMap(Line::timing).ifPresent(timing -> {
            retime("Move boundary", timing.withEnd(word, time), gesture);
        });
    }

    private void retime(String name, Timing moved, long gesture) {
        editLine(name, gesture, s -> s.withTiming(moved));
    }

    // --- what follows from the project ----------------------------------------------------------------------------

    private void refresh() {
        Optional<Line> line = line();
        if (line.isEmpty() && !project().lines().isEmpty()) {
            lineId.set(project().lines().getFirst().id());
            return;
        }
        Optional<SoundFile> wanted = line.flatMap(Line::sound);
        sound.set(wanted.flatMap(recordings::of)
                .map(raw -> voicing.of(wanted.get(), line.get().voice(), raw)));
        if (sound.get().isPresent() && line.flatMap(Line::timing).isEmpty()) {
            stageSound.set(sound.get().map(LineSound::sound));
        }
        act();
    }

    /** Brings the performance up to date with the line; what did not change is kept. */
    private void act() {
        Optional<Line> line = line();
        Optional<Timing> timing = line.flatMap(Line::timing);
        if (timing.isEmpty() || sound.get().isEmpty()) {
            performer.forget();
            acting.drop();
            performance.set(Optional.empty());
            ensemble.set(Optional.empty());
            return;
        }
        if (!figures.isReady(speaker())) {
            character().thenRun(() -> javafx.application.Platform.runLater(this::act));
            return;
        }
        MouthChart chart = speaker().chart();
        LinePerformer.Step step = performer.step(
                character().join(),
                chart,
                line.get(),
                sound.get().get(),
                project().rate());
        if (step.whole() && timing.get().duration() > LONG) {
            acting.ask(step.work(), acted -> present(acted, line.get(), chart));
        } else {
            // A moment's work: a drag is seen at once.
            acting.drop();
            present(step.work().get(), line.get(), chart);
        }
    }

    private void present(Performance acted, Line line, MouthChart chart) {
        performer.keep(acted, line, chart);
        gather(acted, line);
        performance.set(Optional.of(acted));
    }

    /** Puts everybody on stage; who is not there yet comes when figure and sound are. */
    private void gather(Performance acted, Line open) {
        List<Ensemble.Role> roles = new ArrayList<>();
        List<Sound> sounds = new ArrayList<>(List.of(sound.get().orElseThrow().sound()));
        List<Double> starts = new ArrayList<>(List.of(0.0));
        roles.add(new Ensemble.Role(
                acted.character(), acted.chart(), figures.deformer(acted.character()), Optional.of(acted), 0));
        for (Companion other : open.company()) {
            Optional<Member> member = project().member(other.member());
            if (member.isEmpty()) {
                continue;
            }
            if (!figures.isReady(member.get())) {
                figures.of(member.get()).thenRun(() -> javafx.application.Platform.runLater(this::act));
                continue;
            }
            Character figure = figures.of(member.get()).join();
            Optional<Line> line =
                    other.line().flatMap(project()::line).filter(s -> s.timing().isPresent());
            Optional<LineSound> heard = line.flatMap(Line::sound).flatMap(recordings::of);
            heard.ifPresent(h -> {
                sounds.add(line.get().voice().of(h.sound()));
                starts.add(other.start());
            });
            roles.add(new Ensemble.Role(
                    figure,
                    FittedChart.of(figure, member.get().chart()),
                    figures.deformer(figure),
                    line.flatMap(l -> heard.map(h -> LinePerformer.perform(
                            figure, member.get().chart(), l, h, project().rate()))),
                    other.start()));
        }
        ensemble.set(Optional.of(
                roles.size() == 1 ? Ensemble.solo(acted, figures.deformer(acted.character())) : Ensemble.of(roles)));
        stageSound.set(Optional.of(sounds.size() == 1 ? sounds.getFirst() : Sound.together(sounds, starts)));
    }

    /** What is heard on stage: the line, and what others say in it. */
    public ReadOnlyObjectProperty<Optional<Sound>> stageSound() {
        return stageSound.getReadOnlyProperty();
    }

    /** Finds words and sounds in recordings. */
    public Readings readings() {
        return readings;
    }

    /** Words and sounds by hand, and how words are said. */
    public WordEdits words() {
        return words;
    }

    /** Brings recordings and scripts in. */
    public Intake intake() {
        return intake;
    }

    /** Remembers a recording that was decoded already. */
    void keepDecoded(SoundFile source, LineSound opened) {
        recordings.keep(source, opened);
    }

    // --- files ---------------------------------------------------------------------------------------------------

    public void replaceProject(Project project, Optional<Path> from) {
        recordings.forgetAll();
        performer.forget();
        selection.set(Selection.NONE);
        file.set(from);
        saved.set(project);
        lineId.set(project.lines().isEmpty() ? "" : project.lines().getFirst().id());
        history.set(History.of(project));
    }

    /** Stops what works in the background. */
    public void close() {
        jobs.close();
        acting.close();
        voicing.close();
    }

    /** Opens and saves projects. */
    public Documents documents() {
        return documents;
    }

    /** Remembers that the project is now this file. */
    void savedAs(Path path, Project project) {
        file.set(Optional.of(path));
        saved.set(project);
        settings.addRecent(path);
    }
}
