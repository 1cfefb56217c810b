package graykite.studio.model;

import graykite.edit.Edit;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.text.Language;
import graykite.text.Pronouncer;
import graykite.time.TimeRange;
import graykite.time.Timecode;
import graykite.workbench.LineReader;
import graykite.workbench.LineSound;
import graykite.workbench.Workbench;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/**
 * The open project and what follows from it. Lives on the JavaFX thread; working things out is the business of the
 * {@link Workbench}, elsewhere. Views watch its properties and hand it edits, they never change the project themselves.
 */
public final class Workspace extends OpenProject {
    private final Intake intake = new Intake(this);
    private final Documents documents = new Documents(this);
    private final Figures figures;
    private final Workbench workbench;
    private final Derivation derivation;
    private final SpeechParts speech = new SpeechParts();
    private final Readings readings;
    private final WordEdits words = new WordEdits(this, this::wordsOfTheLine);
    private final ObjectProperty<String> lineId = new SimpleObjectProperty<>("");
    private final ObjectProperty<String> sceneId = new SimpleObjectProperty<>("");
    private final ReadOnlyObjectWrapper<Optional<LineSound>> sound = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Performance>> performance =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Scene>> scene = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<StageSound> stageSound = new ReadOnlyObjectWrapper<>(StageSound.NONE);
    private final PoseKeys keys = new PoseKeys(this);
    private final ClipEdits clips = new ClipEdits(this);
    private final LookEdits looks = new LookEdits(this);
    private final CueEdits cues = new CueEdits(this);
    private final PassEdits passes = new PassEdits(this);
    private final MarkEdits marks = new MarkEdits(this);
    private final ObjectProperty<Selection> selection = new SimpleObjectProperty<>(Selection.NONE);
    private final MouthEdits mouth = new MouthEdits(this);
    private final ChartEdits charts = new ChartEdits(this);
    private final SceneEdits scenes = new SceneEdits(this);
    private final StageLight light = new StageLight(this);
    private final Retiming retiming = new Retiming(this);
    private final SheetOverlays overlays = new SheetOverlays();
    private final ProofNotes proof;
    private final Deliveries deliveries = new Deliveries(this);

    /** @param figures who can be on stage */
    public Workspace(Jobs jobs, Settings settings, Figures figures, Workbench workbench) {
        super(jobs, settings);
        this.figures = figures;
        this.workbench = workbench;
        this.readings = new Readings(this, new LineReader(workbench, speech::reader), speech.ear());
        this.derivation = new Derivation(workbench, jobs, this::present);
        history().addListener((o, before, now) -> refresh());
        tried().addListener((o, before, now) -> refresh());
        lineId.addListener((o, before, now) -> {
            selection.set(Selection.NONE);
            keys.index().set(-1);
            refresh();
        });
        sceneId.addListener((o, before, now) -> refresh());
        proof = new ProofNotes(this);
    }

    /** Works everything out that follows from a project. */
    public Workbench workbench() {
        return workbench;
    }

    /** Id of the line that is worked on. */
    public ObjectProperty<String> lineId() {
        return lineId;
    }

    /** Id of the scene in which it is seen; empty for the line alone. */
    public ObjectProperty<String> sceneId() {
        return sceneId;
    }

    /** The line that is worked on. */
    public Optional<Line> line() {
        return project().line(lineId.get());
    }

    /** The scene that is open. */
    public Optional<SceneWork> openScene() {
        return project().scene(sceneId.get());
    }

    /** The recording of the line as it is heard. */
    public ReadOnlyObjectProperty<Optional<LineSound>> sound() {
        return sound.getReadOnlyProperty();
    }

    /** The line as its speaker acts it. */
    public ReadOnlyObjectProperty<Optional<Performance>> performance() {
        return performance.getReadOnlyProperty();
    }

    /** Everybody on stage; none while nothing is read. */
    public ReadOnlyObjectProperty<Optional<Scene>> scene() {
        return scene.getReadOnlyProperty();
    }

    /** Who on the stage speaks the line that is worked on, by order; 0 while nobody does. */
    public int speakerOnStage() {
        return scene.get().map(s -> Math.max(0, s.speakerOf(lineId.get()))).orElse(0);
    }

    /** What is heard on stage: the line, or all lines of the scene. */
    public ReadOnlyObjectProperty<StageSound> stageSound() {
        return stageSound.getReadOnlyProperty();
    }

    /** Seconds of the stage at which the line that is worked on begins. */
    public double lineStart() {
        return stageSound.get().lineStart();
    }

    /** A moment of the line on the clock of what is open. @param time in seconds of the line */
    public String timecode(double time) {
        return Timecode.at(time + lineStart(), scenes.startFrame(), project().rate());
    }

    /** True when what is seen is what the project comes to now. */
    public boolean settled() {
        return derivation.settled();
    }

    /** The keyed poses of the line. */
    public PoseKeys keys() {
        return keys;
    }

    /** The expressions on the line. */
    public ClipEdits clips() {
        return clips;
    }

    /** Where whoever speaks looks. */
    public LookEdits looks() {
        return looks;
    }

    /** What comes by itself at marks, stresses, pauses and tags of the line. */
    public CueEdits cues() {
        return cues;
    }

    /** Live passes and captures on the line. */
    public PassEdits passes() {
        return passes;
    }

    /** Single blinks, darts, lifts, movements and breaths of the line. */
    public MarkEdits marks() {
        return marks;
    }

    /** The mouth chart of who speaks. */
    public ChartEdits charts() {
        return charts;
    }

    /** What is handed over. */
    public Deliveries deliveries() {
        return deliveries;
    }

    /** What is still wrong with the line. */
    public ProofNotes proof() {
        return proof;
    }

    /** How what is on the stage is lit, and what is behind it. */
    public StageLight light() {
        return light;
    }

    /** The scenes of the project. */
    public SceneEdits scenes() {
        return scenes;
    }

    /** The clock of the line. */
    public Retiming retiming() {
        return retiming;
    }

    /** What is decided about the mouth of the line. */
    public MouthEdits mouth() {
        return mouth;
    }

    public ObjectProperty<Selection> selection() {
        return selection;
    }

    /** When the chosen word or sound is spoken. */
    public Optional<TimeRange> selectedRange() {
        return timing().flatMap(selection.get()::in);
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

    /** What is drawn over the wave. */
    public SheetOverlays overlays() {
        return overlays;
    }

    /** How words are said in the language of the line. */
    private Pronouncer wordsOfTheLine() {
        return speech.words(line().map(s -> s.voice().language()).orElse(Language.ENGLISH));
    }

    /** Begins to load what the Reading desk will ask for. */
    public void prepareWords() {
        speech.prepareWords();
    }

    /** Does an edit of the line that is worked on, if there is one. @param edit made for its id */
    public boolean editLine(long gesture, Function<String, Edit> edit) {
        return line().map(l -> edit(edit.apply(l.id()), gesture)).orElse(false);
    }

    private void refresh() {
        if (line().isEmpty() && !project().lines().isEmpty()) {
            lineId.set(project().lines().getFirst().id());
            return;
        }
        if (!sceneId.get().isEmpty() && openScene().isEmpty()) {
            sceneId.set("");
            return;
        }
        selection.set(selection.get().still(timing()));
        derivation.want(new Derivation.Wish(seen(), lineId.get(), sceneId.get()));
    }

    private void present(Derivation.State state) {
        sound.set(state.sound());
        StageSound heard = new StageSound(state.heard(), state.start());
        if (!stageSound.get().sameAs(heard)) {
            stageSound.set(heard);
        }
        scene.set(state.scene());
        performance.set(state.performance());
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

    /** The reading of the line that is worked on. */
    public Optional<Timing> timing() {
        return line().flatMap(Line::timing);
    }

    @Override
    void begin(Project project) {
        // While nothing was open the workbench may have begun with what is.
        if (!project().lines().isEmpty()) {
            workbench.forgetAll();
        }
        proof.forgetAll();
        selection.set(Selection.NONE);
        sceneId.set("");
        lineId.set(project.lines().isEmpty() ? "" : project.lines().getFirst().id());
    }

    /** Stops what works in the background. */
    public void close() {
        jobs().close();
        derivation.close();
        proof.close();
        safekeeping().close();
    }

    /** Opens and saves projects. */
    public Documents documents() {
        return documents;
    }
}
