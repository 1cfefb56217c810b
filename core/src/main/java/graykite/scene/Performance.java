package graykite.scene;

import graykite.acting.InstinctsLayer;
import graykite.acting.LayerContext;
import graykite.acting.LayerPlan;
import graykite.acting.Life;
import graykite.acting.Score;
import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.Mixer;
import graykite.mouth.Beats;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthMotion;
import graykite.mouth.MouthMover;
import graykite.mouth.OwnCurvesLayer;
import graykite.mouth.Pull;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Couplings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A line acted by a character: its layers made ready. What is seen of it, with guard and couplings, is the business of the
 * {@link Scene} it stands in. Immutable; safe for several threads.
 */
public final class Performance {
    private final Character character;
    private final FittedChart chart;
    private final Score score;
    private final WordFinder words;
    private final Beats beats;
    private final MouthMotion mouth;
    private final List<Layer> layers;
    private final Mixer generated;
    private final Mixer unposed;
    private final ClosureGuard guard;

    private Performance(
            Character character,
            FittedChart chart,
            Score score,
            WordFinder words,
            Beats beats,
            MouthMotion mouth,
            ClosureGuard guard) {
        this.character = character;
        this.chart = chart;
        this.score = score;
        this.words = words;
        this.beats = beats;
        this.mouth = mouth;
        this.guard = guard;
        LayerContext context = new LayerContext(character, score, words, beats, mouth);
        List<Layer> ready = new ArrayList<>();
        for (LayerPlan plan : score.layers()) {
            ready.add(plan.ready(context));
        }
        this.layers = List.copyOf(ready);
        this.generated = only(Layer::isGenerated);
        this.unposed = only(l -> l.isGenerated() || l instanceof OwnCurvesLayer);
    }

    private Mixer only(Predicate<Layer> kinds) {
        return new Mixer(character, layers.stream().filter(kinds).toList());
    }

    /**
     * Makes a performance.
     *
     * @param chart fitted to the character
     */
    public static Performance of(Character character, FittedChart chart, Score score) {
        Beats beats = beats(character, chart, score);
        return new Performance(
                character,
                chart,
                score,
                new WordFinder(score.timing()),
                beats,
                new MouthMover(character).move(beats),
                new ClosureGuard(character, chart, new Couplings(character)));
    }

    private static Beats beats(Character character, FittedChart chart, Score score) {
        return Beats.of(
                score.timing(),
                score.loudness(),
                chart,
                score.work(),
                score.rate(),
                MouthMover.usual(character, chart.chart()));
    }

    /**
     * The same line after an edit: the mouth is moved again only where the edit touched it. Comes to the same as acting it
     * from scratch, but for what the smoothness of a mouth carries further than half a second.
     */
    public Performance after(Score changed) {
        if (changed.equals(score)) {
            return this;
        }
        Changes ofMouth = ScoreChange.ofMouth(score, changed);
        if (ofMouth.none()) {
            return new Performance(character, chart, changed, words, beats, mouth, guard);
        }
        Beats now = beats(character, chart, changed);
        MouthMotion again = new MouthMover(character)
                .moveAgain(mouth, now, ofMouth.later(-score.settings().lead()));
        WordFinder finder = changed.timing() == score.timing() ? words : new WordFinder(changed.timing());
        return new Performance(character, chart, changed, finder, now, again, guard);
    }

    /** The same line with another chart of the same character. */
    public Performance charted(FittedChart newChart) {
        return of(character, newChart, score);
    }

    /** The same line acted by somebody else, through visemes and standard actions. */
    public Performance actedBy(Character other, FittedChart otherChart) {
        return of(other, otherChart, score);
    }

    /** The line as the mouth shows it, sound by sound. */
    public Beats beats() {
        return beats;
    }

    public FittedChart chart() {
        return chart;
    }

    public Score score() {
        return score;
    }

    public Character character() {
        return character;
    }

    public Timing timing() {
        return score.timing();
    }

    /** Finds the words that things hang on. */
    public WordFinder words() {
        return words;
    }

    public MouthMotion mouth() {
        return mouth;
    }

    /** Its layers made ready, the lowest first. */
    public List<Layer> layers() {
        return layers;
    }

    /** Blinks, eyes and head of the line; nothing where it has no instincts. */
    public Optional<Life> life() {
        return layers.stream()
                .filter(InstinctsLayer.class::isInstance)
                .map(l -> ((InstinctsLayer) l).life())
                .findFirst();
    }

    ClosureGuard guard() {
        return guard;
    }

    /** What each sound adds to a channel of the mouth; empty for channels that speech does not move. */
    public List<Pull> pulls(int channel, double seconds) {
        int moved = mouth.channels().indexOf(character.channels().get(channel).name());
        return moved < 0 ? List.of() : new MouthMover(character).pulls(mouth, beats, moved, seconds);
    }

    /** Length in seconds. */
    public double duration() {
        return score.timing().duration();
    }

    public List<Channel> channels() {
        return character.channels();
    }

    /** What is generated for a channel at a time of the line: mouth and instincts, before anything that a hand did. */
    public double generated(int channel, double seconds) {
        return generated.at(seconds)[channel];
    }

    /** A channel at a time with all that is generated and taken over, before poses, guard and couplings. */
    public double unguarded(int channel, double seconds) {
        return unposed.at(seconds)[channel];
    }
}
