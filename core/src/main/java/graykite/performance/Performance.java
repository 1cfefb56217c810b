package graykite.performance;

import graykite.acting.Life;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthMotion;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthSolver;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.sound.Loudness;
import graykite.speech.Timing;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A line acted by a character: what every channel is at any time. Window, movie, export and checks all ask this one
 * function. Immutable; safe for several threads.
 */
public final class Performance {
    private final Character character;
    private final MouthSolver solver;
    private final Timing timing;
    private final Loudness loudness;
    private final MouthSettings settings;
    private final MouthMotion mouth;
    private final Life life;
    private final Map<String, Integer> index;
    private final int[] mouthTargets;

    private Performance(
            Character character,
            MouthSolver solver,
            Timing timing,
            Loudness loudness,
            MouthSettings settings,
            MouthMotion mouth,
            Life life) {
        this.character = character;
        this.solver = solver;
        this.timing = timing;
        this.loudness = loudness;
        this.settings = settings;
        this.mouth = mouth;
        this.life = life;
        this.index = character.channelIndex();
        this.mouthTargets = mouth.channels().stream().mapToInt(index::get).toArray();
    }

    /**
     * Makes a performance.
     *
     * @param seed of the instincts; another number gives another variation
     */
    public static Performance of(
            Character character,
            MouthChart chart,
            Timing timing,
            Loudness loudness,
            MouthSettings settings,
            long seed) {
        MouthSolver solver = new MouthSolver(character, chart);
        return new Performance(
                character,
                solver,
                timing,
                loudness,
                settings,
                solver.solve(timing, loudness, settings),
                Life.generate(timing, loudness, seed));
    }

    /** The same line after phones between two times were moved; only the mouth near them is solved again. */
    public Performance retimed(Timing newTiming, double from, double to) {
        MouthMotion again = solver.solveAgain(mouth, newTiming, loudness, settings, from, to);
        return new Performance(character, solver, newTiming, loudness, settings, again, life);
    }

    /** The same line with other settings of the mouth. */
    public Performance spoken(MouthSettings newSettings) {
        MouthMotion again = solver.solve(timing, loudness, newSettings);
        return new Performance(character, solver, timing, loudness, newSettings, again, life);
    }

    public Character character() {
        return character;
    }

    public Timing timing() {
        return timing;
    }

    public MouthSettings settings() {
        return settings;
    }

    public MouthMotion mouth() {
        return mouth;
    }

    public Life life() {
        return life;
    }

    /** Length in seconds. */
    public double duration() {
        return timing.duration();
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
        addLife(seconds, values);
        return values;
    }

    private void addLife(double seconds, double[] values) {
        double lids = life.blinks().at(seconds);
        double[] head = life.head().at(seconds);
        Map<String, Double> moves = new HashMap<>();
        moves.put("lidClose.L", lids);
        moves.put("lidClose.R", lids);
        moves.put("eyeYaw", life.darts().yaw(seconds) - head[0]);
        moves.put("eyePitch", life.darts().pitch(seconds) - head[1]);
        moves.put("headYaw", head[0]);
        moves.put("headPitch", head[1]);
        moves.put("headRoll", head[2]);
        moves.put("innerBrowRaiser.L", 0.28 * head[3]);
        moves.put("innerBrowRaiser.R", 0.24 * head[3]);
        moves.put("outerBrowRaiser.L", 0.32 * head[3]);
        moves.put("outerBrowRaiser.R", 0.22 * head[3]);
        moves.forEach((name, value) -> {
            Integer at = index.get(name);
            if (at != null) {
                Channel channel = character.channels().get(at);
                values[at] = Math.clamp(values[at] + value, channel.min(), channel.max());
            }
        });
    }
}
