package graykite.performance;

import graykite.acting.Life;
import graykite.mouth.HeldSolver;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthMotion;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthSolver;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Couplings;
import graykite.speech.Timing;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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

    private final Character character;
    private final MouthChart chart;
    private final Line line;
    private final MouthMotion mouth;
    private final Life life;
    private final Optional<MouthSolver> solver;
    private final KeyedPoses keyed;
    private final Couplings couplings;
    private final int[] mouthTargets;
    private final Map<String, double[]> roles;

    private Performance(
            Character character,
            MouthChart chart,
            Optional<MouthSolver> solver,
            Line line,
            MouthMotion mouth,
            Life life) {
        this.character = character;
        this.solver = solver;
        this.keyed = new KeyedPoses(line.keys(), character);
        this.chart = chart;
        this.line = line;
        this.mouth = mouth;
        this.life = life;
        this.couplings = new Couplings(character);
        Map<String, Integer> index = character.channelIndex();
        this.mouthTargets = mouth.channels().stream().mapToInt(index::get).toArray();
        this.roles = new HashMap<>();
        for (String action : LIFE) {
            character.role(action).ifPresent(pose -> roles.put(action, character.values(pose)));
        }
    }

    /**
     * Makes a performance.
     *
     * @throws IllegalArgumentException when the chart names channels that the character lacks
     */
    public static Performance of(Character character, MouthChart chart, Line line) {
        return of(character, chart, line, Life.generate(line.timing(), line.loudness(), line.seed()));
    }

    private static Performance of(Character character, MouthChart chart, Line line, Life life) {
        Optional<MouthSolver> solver =
                switch (character.kind()) {
                    case MODELLED -> Optional.of(new MouthSolver(character, chart));
                    case DRAWN -> Optional.empty();
                };
        return new Performance(character, chart, solver, line, solved(character, chart, solver, line), life);
    }

    /** Modelled faces flow, drawn ones hold one drawing at a time. */
    private static MouthMotion solved(Character character, MouthChart chart, Optional<MouthSolver> solver, Line line) {
        return solver.map(s -> s.solve(line.timing(), line.loudness(), line.settings()))
                .orElseGet(() -> new HeldSolver(character, chart).solve(line.timing(), line.settings(), line.rate()));
    }

    /** The same line after phones between two times were moved; only the mouth near them is solved again. */
    public Performance retimed(Timing newTiming, double from, double to) {
        Line moved = line.withTiming(newTiming);
        MouthMotion again = solver.map(s -> s.solveAgain(mouth, newTiming, line.loudness(), line.settings(), from, to))
                .orElseGet(() -> solved(character, chart, solver, moved));
        return new Performance(character, chart, solver, moved, again, life);
    }

    /** The same line with other settings of the mouth. */
    public Performance spoken(MouthSettings newSettings) {
        Line changed = line.withSettings(newSettings);
        return new Performance(character, chart, solver, changed, solved(character, chart, solver, changed), life);
    }

    /** The same line with other keyed poses. */
    public Performance posed(List<PoseKey> newKeys) {
        return new Performance(character, chart, solver, line.withKeys(newKeys), mouth, life);
    }

    /** The same line acted by somebody else, through visemes and standard actions. */
    public Performance actedBy(Character other, MouthChart otherChart) {
        return of(other, otherChart, line, life);
    }

    public Line line() {
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
        double[] values = new double[character.channels().size()];
        for (int c = 0; c < mouthTargets.length; c++) {
            Channel channel = character.channels().get(mouthTargets[c]);
            values[mouthTargets[c]] = Math.clamp(mouth.at(c, seconds), channel.min(), channel.max());
        }
        keyed.apply(seconds, values);
        addLife(seconds, values);
        couplings.apply(values);
        return values;
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
