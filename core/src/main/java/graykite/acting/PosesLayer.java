package graykite.acting;

import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.Reason;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Keyed poses as a layer: the face goes from key to key. A drawing that lies below stays, unless it shows rest. */
public final class PosesLayer implements Layer {
    private record Ready(double time, PoseKey key, double[] values) {
        /** What an earlier version of the layer may have had too. */
        Moment moment() {
            return new Moment(time, key.pose(), key.strength(), key.ease());
        }
    }

    private record Moment(double time, String pose, double strength, double ease) {}

    private final LayerSetting setting;
    private final Character character;
    private final List<Ready> keys = new ArrayList<>();
    private final Drawings drawings;

    public PosesLayer(LayerSetting setting, Character character, List<PoseKey> poseKeys, WordFinder words) {
        this.setting = setting;
        this.character = character;
        this.drawings = new Drawings(character);
        for (PoseKey key : poseKeys) {
            // A pose that this character lacks does nothing; the key waits for one who has it.
            Pose pose = character.poses().getOrDefault(key.pose(), Pose.REST);
            keys.add(new Ready(key.at().in(words), key, character.values(pose.times(key.strength()))));
        }
        keys.sort(Comparator.comparingDouble(Ready::time));
    }

    @Override
    public LayerSetting setting() {
        return setting;
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        int next = 0;
        while (next < keys.size() && keys.get(next).time - keys.get(next).key.ease() <= time) {
            next++;
        }
        if (next == 0) {
            return;
        }
        double[] wanted = reached(next, time, below.length);
        for (int c = 0; c < wanted.length; c++) {
            if (wanted[c] == 0) {
                continue;
            }
            if (drawings.is(c)) {
                drawings.ask(c, wanted[c], setting.blend(), below, asked);
            } else {
                asked[c] = wanted[c];
            }
        }
    }

    /** The pose between the last key that was begun and what was there before it. */
    private double[] reached(int begun, double time, int count) {
        double[] from = new double[count];
        double[] to = from;
        double share = 1;
        // Keys that were wholly reached hide what came before them.
        int first = begun - 1;
        while (first > 0 && time < keys.get(first).time) {
            first--;
        }
        for (int k = first; k < begun; k++) {
            Ready ready = keys.get(k);
            from = blended(from, to, share);
            to = ready.values;
            double t = Math.clamp((time - ready.time + ready.key.ease()) / ready.key.ease(), 0, 1);
            share = t * t * (3 - 2 * t);
        }
        return blended(from, to, share);
    }

    private static double[] blended(double[] from, double[] to, double share) {
        if (share == 1) {
            return to;
        }
        double[] result = new double[from.length];
        for (int c = 0; c < result.length; c++) {
            result[c] = from[c] + share * (to[c] - from[c]);
        }
        return result;
    }

    @Override
    public Changes since(Layer earlier) {
        if (!(earlier instanceof PosesLayer other) || other.character != character || !other.setting.equals(setting)) {
            return Changes.EVERYWHERE;
        }
        List<Moment> before = other.keys.stream().map(Ready::moment).toList();
        List<Moment> after = keys.stream().map(Ready::moment).toList();
        return Changes.between(
                before, after, m -> new TimeRange(begins(m, before, after), next(m.time, before, after)));
    }

    /** A key is felt from where it begins; one after it that begins earlier waits for it, and does not without it. */
    private static double begins(Moment changed, List<Moment> before, List<Moment> after) {
        double earliest = changed.time - changed.ease;
        for (List<Moment> list : Arrays.asList(before, after)) {
            earliest = list.stream()
                    .filter(m -> m.time >= changed.time)
                    .mapToDouble(m -> m.time - m.ease)
                    .reduce(earliest, Math::min);
        }
        return earliest;
    }

    /** A key holds until the next one that is reached. */
    private static double next(double time, List<Moment> before, List<Moment> after) {
        double latest = time;
        for (List<Moment> list : Arrays.asList(before, after)) {
            double following = list.stream()
                    .mapToDouble(Moment::time)
                    .filter(t -> t > time)
                    .min()
                    .orElse(Double.MAX_VALUE);
            latest = Math.max(latest, following);
        }
        return latest;
    }

    @Override
    public List<Reason> why(int channel, double time, double adds) {
        String pose = "";
        for (Ready ready : keys) {
            if (ready.time - ready.key.ease() <= time) {
                pose = ready.key.pose();
            }
        }
        return List.of(new Reason(
                setting.name(),
                pose.isEmpty() ? "A keyed pose lies over it" : "The keyed pose " + pose + " lies over it",
                adds));
    }
}
