package graykite.acting;

import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.layer.Reason;
import graykite.reading.WordFinder;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleFunction;

/** Clips as a layer: each comes and goes in its time, and where two overlap they cross. */
public final class ClipsLayer implements Layer {
    /** A clip lasts at least so long, in seconds, however near its words came to one another. */
    public static final double LEAST = 0.1;

    private final LayerSetting setting;
    private final Character character;
    private final List<Ready> clips;
    private final Drawings drawings;

    /**
     * A clip in a reading.
     *
     * @param index among the clips of the plan
     * @param fadeIn seconds that it takes to come
     * @param fadeOut seconds that it takes to go
     * @param foot where it has begun to go when another takes over before its end
     */
    public record Ready(int index, Clip clip, double start, double end, double fadeIn, double fadeOut, double foot) {
        /** How much of it is seen at a time, 0 to 1. */
        public double weight(double time) {
            if (time < start || time > end) {
                return 0;
            }
            return smooth(time - start, fadeIn) * (1 - smooth(time - foot, fadeOut));
        }

        private static double smooth(double since, double length) {
            if (length <= 0) {
                return since >= 0 ? 1 : 0;
            }
            double t = Math.clamp(since / length, 0, 1);
            return t * t * (3 - 2 * t);
        }
    }

    private final List<Face> faces = new ArrayList<>();

    /** What a clip makes of every channel. */
    private record Face(boolean[] named, DoubleFunction<double[]> values) {
        double[] at(double time) {
            return values.apply(time);
        }
    }

    public ClipsLayer(LayerSetting setting, Character character, List<Clip> clips, WordFinder words) {
        this.setting = setting;
        this.character = character;
        this.drawings = new Drawings(character);
        this.clips = placed(clips, words);
        this.clips.forEach(r -> faces.add(face(r)));
    }

    /** Where clips stand in a reading, in the order of time, with their fades. */
    public static List<Ready> placed(List<Clip> clips, WordFinder words) {
        List<Ready> placed = new ArrayList<>();
        for (int i = 0; i < clips.size(); i++) {
            Clip clip = clips.get(i);
            double start = clip.from().in(words);
            double end = Math.max(start + LEAST, clip.to().in(words));
            placed.add(new Ready(i, clip, start, end, 0, 0, end));
        }
        placed.sort(Comparator.comparingDouble(Ready::start));
        List<Ready> crossed = new ArrayList<>();
        for (int i = 0; i < placed.size(); i++) {
            crossed.add(crossed(placed, i));
        }
        return List.copyOf(crossed);
    }

    /** With its fades: its own, or those over the overlap with its neighbours. */
    private static Ready crossed(List<Ready> all, int i) {
        Ready own = all.get(i);
        Clip.Look look = own.clip.look();
        double length = own.end - own.start;
        double in = Math.min(look.easeIn(), length);
        double out = Math.min(look.easeOut(), length);
        double foot = own.end - out;
        if (i > 0 && all.get(i - 1).end > own.start) {
            in = Math.min(all.get(i - 1).end, own.end) - own.start;
        }
        if (i + 1 < all.size() && all.get(i + 1).start < own.end) {
            foot = all.get(i + 1).start;
            out = Math.min(own.end, all.get(i + 1).end) - foot;
        }
        return new Ready(own.index, own.clip, own.start, own.end, in, out, foot);
    }

    private Face face(Ready ready) {
        Clip.Look look = ready.clip.look();
        if (look.content() instanceof Performed performed) {
            MotionOn motion = new MotionOn(character, performed.motion());
            double length = ready.end - ready.start;
            return new Face(
                    motion.moved(), time -> shared(look, motion.at(performed.moment((time - ready.start) / length))));
        }
        double[] still = shared(look, character.values(look.content().on(character)));
        boolean[] named = new boolean[still.length];
        for (int c = 0; c < named.length; c++) {
            named[c] = still[c] != 0;
        }
        return new Face(named, time -> still);
    }

    /** As much of it as the clip shows: on either side, and of the mouth. */
    private double[] shared(Clip.Look look, double[] all) {
        for (int c = 0; c < all.length; c++) {
            Channel channel = character.channels().get(c);
            double amount = channel.name().endsWith(".L")
                    ? look.left()
                    : channel.name().endsWith(".R") ? look.right() : (look.left() + look.right()) / 2;
            double share = Mouths.isOfMouth(channel) ? look.mouth() : 1;
            if (drawings.is(c)) {
                // A drawing is there or it is not.
                all[c] = amount * share >= 0.5 ? all[c] : 0;
            } else {
                all[c] *= amount * share;
            }
        }
        return all;
    }

    /** Its clips in the order of time, with their fades. */
    public List<Ready> clips() {
        return clips;
    }

    @Override
    public LayerSetting setting() {
        return setting;
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        double seen = 0;
        double most = 0;
        double[] sum = new double[below.length];
        boolean[] named = new boolean[below.length];
        double[] drawn = new double[below.length];
        for (int i = 0; i < clips.size() && clips.get(i).start() <= time; i++) {
            double weight = clips.get(i).weight(time);
            if (weight <= 0) {
                continue;
            }
            seen += weight;
            double[] own = faces.get(i).at(time);
            for (int c = 0; c < own.length; c++) {
                named[c] |= faces.get(i).named()[c];
                sum[c] += weight * own[c];
                if (weight >= 0.5 && weight > most && drawings.is(c)) {
                    drawn[c] = own[c];
                }
            }
            most = Math.max(most, weight);
        }
        boolean adds = setting.blend() == Blend.ADD;
        double left = Math.max(0, 1 - seen);
        for (int c = 0; c < sum.length; c++) {
            if (!named[c]) {
                continue;
            }
            if (!drawings.is(c)) {
                asked[c] = adds ? sum[c] : sum[c] + left * below[c];
            } else if (drawn[c] != 0) {
                drawings.ask(c, drawn[c], setting.blend(), below, asked);
            }
        }
    }

    /**
     * Where the face jumps: edges of clips that come or go faster than a frame lasts.
     *
     * @param frame seconds that a frame lasts
     * @return times in seconds, in their order
     */
    public List<Double> jumps(double frame) {
        List<Double> times = new ArrayList<>();
        for (Ready ready : clips) {
            if (ready.fadeIn < frame) {
                times.add(ready.start);
            }
            if (ready.fadeOut < frame) {
                times.add(ready.foot + ready.fadeOut);
            }
        }
        return times.stream().sorted().distinct().toList();
    }

    @Override
    public Changes since(Layer earlier) {
        if (!(earlier instanceof ClipsLayer other) || other.character != character || !other.setting.equals(setting)) {
            return Changes.EVERYWHERE;
        }
        List<Moment> before = other.clips.stream().map(Moment::of).toList();
        List<Moment> after = clips.stream().map(Moment::of).toList();
        return Changes.between(before, after, m -> reach(m, before, after));
    }

    private record Moment(double start, double end, Clip.Look look) {
        static Moment of(Ready ready) {
            return new Moment(ready.start, ready.end, ready.clip.look());
        }

        boolean overlaps(Moment other) {
            return start < other.end && end > other.start;
        }
    }

    /** A clip is felt in those that it crosses, too: without it they come and go in their own time. */
    private static TimeRange reach(Moment changed, List<Moment> before, List<Moment> after) {
        double from = changed.start;
        double to = changed.end;
        for (List<Moment> list : List.of(before, after)) {
            for (Moment other : list) {
                if (other.overlaps(changed)) {
                    from = Math.min(from, other.start);
                    to = Math.max(to, other.end);
                }
            }
        }
        return new TimeRange(from, to);
    }

    @Override
    public List<Reason> why(int channel, double time, double adds) {
        List<Reason> reasons = new ArrayList<>();
        double sum = 0;
        for (int i = 0; i < clips.size(); i++) {
            sum += clips.get(i).weight(time) * faces.get(i).at(time)[channel];
        }
        for (int i = 0; i < clips.size(); i++) {
            double part = clips.get(i).weight(time) * faces.get(i).at(time)[channel];
            if (part != 0 && sum != 0) {
                String name = clips.get(i).clip().look().content().name();
                reasons.add(new Reason(setting.name(), "The clip " + name + " lies over it", adds * part / sum));
            }
        }
        return reasons.isEmpty() ? List.of(new Reason(setting.name(), "A clip lies over it", adds)) : reasons;
    }
}
