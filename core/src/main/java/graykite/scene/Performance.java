package graykite.scene;

import graykite.acting.Life;
import graykite.acting.PoseKey;
import graykite.motion.Curve;
import graykite.mouth.Beats;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthMotion;
import graykite.mouth.MouthMover;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.Pull;
import graykite.mouth.TakenCurve;
import graykite.reading.Timing;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Couplings;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A line acted by a character: what every channel is at any time. Window, movie, export and checks all ask this one
 * function. Immutable; safe for several threads.
 */
public final class Performance {
    /** Standard actions that instincts move. */
    private static final List<String> LIFE = List.of(
            "lidClose.L",
            "lidClose.R",
            "eyeYaw",
            "eyePitch",
            "headYaw",
            "headPitch",
            "headRoll",
            "innerBrowRaiser.L",
            "innerBrowRaiser.R",
            "outerBrowRaiser.L",
            "outerBrowRaiser.R");

    /** How far apart values may be and still count as the same. */
    private static final double SAME = 1e-9;

    /** In the order in which they are applied. */
    private static final List<Stage.Name> PARTS = List.of(Stage.Name.values());

    private record Taken(int channel, Curve curve) {}

    /**
     * All values as they are after a part of the work, in the order in which parts follow one another.
     *
     * @param name of the part
     * @param values of every channel; not to be written to
     */
    public record Stage(Name name, double[] values) {
        /** The parts. */
        public enum Name {
            /** What is spoken. */
            MOUTH,
            /** Blinks, eyes, brows and head. */
            INSTINCTS,
            /** Curves that the animator took over. */
            TAKEN,
            /** Keyed poses. */
            FEEL,
            /** What the guard changed so that closures are shut. */
            GUARD,
            /** Rules between channels; the last part, what is seen. */
            COUPLINGS
        }
    }

    private final Character character;
    private final FittedChart chart;
    private final Score line;
    private final Beats beats;
    private final MouthMotion mouth;
    private final Life life;
    private final MouthMover mover;
    private final KeyedPoses keyed;
    private final Couplings couplings;
    private final ClosureGuard guard;
    private final int[] mouthTargets;
    private final List<Taken> taken = new ArrayList<>();
    private final Map<String, double[]> roles;

    private Performance(
            Character character,
            FittedChart chart,
            Score line,
            Beats beats,
            MouthMotion mouth,
            Life life,
            ClosureGuard guard) {
        this.character = character;
        this.mover = new MouthMover(character);
        this.keyed = new KeyedPoses(line.keys(), character);
        this.chart = chart;
        this.line = line;
        this.beats = beats;
        this.mouth = mouth;
        this.life = life;
        this.guard = guard;
        this.couplings = new Couplings(character);
        Map<String, Integer> index = character.channelIndex();
        this.mouthTargets = mouth.channels().stream().mapToInt(index::get).toArray();
        this.roles = new HashMap<>();
        for (String action : LIFE) {
            character.role(action).ifPresent(pose -> roles.put(action, character.values(pose)));
        }
        for (TakenCurve curve : line.work().curves()) {
            // A channel that this character lacks, or words that are gone: the curve waits.
            Integer channel = index.get(curve.channel());
            if (channel != null) {
                curve.in(line.timing()).ifPresent(c -> taken.add(new Taken(channel, c)));
            }
        }
    }

    /**
     * Makes a performance.
     *
     * @param chart fitted to the character
     */
    public static Performance of(Character character, FittedChart chart, Score line) {
        return of(character, chart, line, Life.generate(line.timing(), line.loudness(), line.seed()));
    }

    private static Performance of(Character character, FittedChart chart, Score line, Life life) {
        return of(character, chart, line, life, new ClosureGuard(character, chart, new Couplings(character)));
    }

    private static Performance of(Character character, FittedChart chart, Score line, Life life, ClosureGuard guard) {
        Beats beats = beats(character, chart, line);
        return new Performance(character, chart, line, beats, new MouthMover(character).move(beats), life, guard);
    }

    private static Beats beats(Character character, FittedChart chart, Score line) {
        return Beats.of(
                line.timing(),
                line.loudness(),
                chart,
                line.work(),
                line.rate(),
                MouthMover.usual(character, chart.chart()));
    }

    /** The same line after phones between two times were moved; only the mouth near them is moved again. */
    public Performance retimed(Timing newTiming, double from, double to) {
        return changed(line.withTiming(newTiming), from, to);
    }

    /** The same line after something about its mouth changed between two times only, such as a touch-up. */
    public Performance reworked(MouthWork newWork, double from, double to) {
        return changed(line.withWork(newWork), from, to);
    }

    private Performance changed(Score changed, double from, double to) {
        double lead = line.settings().lead();
        Beats now = beats(character, chart, changed);
        MouthMotion again = mover.moveAgain(mouth, now, from - lead, to - lead);
        return new Performance(character, chart, changed, now, again, life, guard);
    }

    /** The same line with other decisions about the mouth. */
    public Performance spoken(MouthWork newWork) {
        return of(character, chart, line.withWork(newWork), life, guard);
    }

    /** The same line with other keyed poses. */
    public Performance posed(List<PoseKey> newKeys) {
        return new Performance(character, chart, line.withKeys(newKeys), beats, mouth, life, guard);
    }

    /** The same line with another chart of the same character. */
    public Performance charted(FittedChart newChart) {
        return of(character, newChart, line, life);
    }

    /** The same line acted by somebody else, through visemes and standard actions. */
    public Performance actedBy(Character other, FittedChart otherChart) {
        return of(other, otherChart, line, life);
    }

    /** The line as the mouth shows it, sound by sound. */
    public Beats beats() {
        return beats;
    }

    public FittedChart chart() {
        return chart;
    }

    public Score line() {
        return line;
    }

    public Character character() {
        return character;
    }

    public Timing timing() {
        return line.timing();
    }

    public MouthSettings settings() {
        return line.settings();
    }

    public MouthMotion mouth() {
        return mouth;
    }

    public Life life() {
        return life;
    }

    /** Length in seconds. */
    public double duration() {
        return line.timing().duration();
    }

    public List<Channel> channels() {
        return character.channels();
    }

    /** The value of every channel at a time in seconds, in the character's order; a new array. */
    public double[] at(double seconds) {
        return upTo(Stage.Name.COUPLINGS, seconds);
    }

    /** How the values of a time come about, part by part; the last are those of {@link #at}. */
    public List<Stage> stages(double seconds) {
        List<Stage> stages = new ArrayList<>();
        double[] values = new double[character.channels().size()];
        for (Stage.Name part : PARTS) {
            apply(part, seconds, values);
            stages.add(new Stage(part, values.clone()));
        }
        return stages;
    }

    /** A channel at a time with all that is generated and taken over, before keyed poses, guard and couplings. */
    public double unguarded(int channel, double seconds) {
        return upTo(Stage.Name.TAKEN, seconds)[channel];
    }

    /** What is generated for a channel at a time: mouth and instincts, before anything that a hand did. */
    public double generated(int channel, double seconds) {
        return upTo(Stage.Name.INSTINCTS, seconds)[channel];
    }

    private double[] upTo(Stage.Name last, double seconds) {
        double[] values = new double[character.channels().size()];
        for (Stage.Name part : PARTS) {
            if (part.compareTo(last) <= 0) {
                apply(part, seconds, values);
            }
        }
        return values;
    }

    private void apply(Stage.Name part, double seconds, double[] values) {
        switch (part) {
            case MOUTH -> addMouth(seconds, values);
            case INSTINCTS -> addLife(seconds, values);
            case TAKEN -> addTaken(seconds, values);
            case FEEL -> keyed.apply(seconds, values);
            case GUARD -> guard.apply(beats, seconds, values);
            case COUPLINGS -> couplings.apply(values);
        }
    }

    /** What each sound adds to a channel of the mouth; empty for channels that speech does not move. */
    public List<Pull> pulls(int channel, double seconds) {
        for (int m = 0; m < mouthTargets.length; m++) {
            if (mouthTargets[m] == channel) {
                return mover.pulls(mouth, beats, m, seconds);
            }
        }
        return List.of();
    }

    /** What the guard had to do for closures at a time, in words; empty when all was shut by itself. */
    public List<String> guarded(double seconds) {
        double[] values = upTo(Stage.Name.FEEL, seconds);
        return guard.apply(beats, seconds, values).stream()
                .map(d -> String.format(
                        java.util.Locale.ROOT,
                        "%s %s: off by %.1f mm before, %.1f mm after",
                        beats.list().get(d.beat()).phone().ipa(),
                        d.kind() == graykite.mouth.PhoneShape.Closure.LIPS ? "shuts the lips" : "brings lip to teeth",
                        d.before(),
                        d.after()))
                .toList();
    }

    private void addMouth(double seconds, double[] values) {
        for (int c = 0; c < mouthTargets.length; c++) {
            Channel channel = character.channels().get(mouthTargets[c]);
            values[mouthTargets[c]] = Math.clamp(mouth.at(c, seconds), channel.min(), channel.max());
        }
    }

    private void addTaken(double seconds, double[] values) {
        for (Taken own : taken) {
            double in = (seconds - own.curve.start()) / TakenCurve.BLEND;
            double out = (own.curve.end() - seconds) / TakenCurve.BLEND;
            double share = Math.clamp(Math.min(in, out) + SAME, 0, 1);
            if (share > 0) {
                Channel channel = character.channels().get(own.channel);
                double wanted = own.curve.at(seconds);
                double value = values[own.channel] + share * (wanted - values[own.channel]);
                values[own.channel] = Math.clamp(value, channel.min(), channel.max());
            }
        }
    }

    private void addLife(double seconds, double[] values) {
        double lids = life.blinks().at(seconds);
        double[] head = life.head().at(seconds);
        move("lidClose.L", lids, values);
        move("lidClose.R", lids, values);
        move("eyeYaw", life.darts().yaw(seconds) - head[0], values);
        move("eyePitch", life.darts().pitch(seconds) - head[1], values);
        move("headYaw", head[0], values);
        move("headPitch", head[1], values);
        move("headRoll", head[2], values);
        move("innerBrowRaiser.L", 0.28 * head[3], values);
        move("innerBrowRaiser.R", 0.24 * head[3], values);
        move("outerBrowRaiser.L", 0.32 * head[3], values);
        move("outerBrowRaiser.R", 0.22 * head[3], values);
    }

    /** Adds to what plays a standard action; a character that lacks it is left alone. */
    private void move(String action, double by, double[] values) {
        double[] role = roles.get(action);
        if (role == null || by == 0) {
            return;
        }
        for (int c = 0; c < role.length; c++) {
            if (role[c] != 0) {
                Channel channel = character.channels().get(c);
                values[c] = Math.clamp(values[c] + by * role[c], channel.min(), channel.max());
            }
        }
    }
}
