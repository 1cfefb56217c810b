package graykite.motion;

import static graykite.base.Require.requireThat;

import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A value over time, made of keys. Before its first key and after its last it stays what it is there.
 *
 * @param keys at least one, in the order of time, no two at the same time
 */
public record Curve(List<Key> keys) {
    /** Keys nearer than this, in seconds, would be the same. */
    public static final double NEAREST = 1e-4;

    /** How far beside a key its clock is looked at, in seconds. */
    private static final double NEARBY = 1e-4;

    public Curve {
        keys = keys.stream().sorted(Comparator.comparingDouble(Key::time)).toList();
        requireThat(!keys.isEmpty(), "A curve has a key.");
        for (int k = 1; k < keys.size(); k++) {
            requireThat(
                    keys.get(k).time() - keys.get(k - 1).time() >= NEAREST,
                    "Two keys stand at %.4f s.",
                    keys.get(k).time());
        }
    }

    public double start() {
        return keys.getFirst().time();
    }

    public double end() {
        return keys.getLast().time();
    }

    /** Index of the last key at or before a time; 0 before the first. */
    private int before(double time) {
        int low = 0;
        int high = keys.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (keys.get(middle).time() <= time) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /** The value at a time in seconds. */
    public double at(double time) {
        int k = before(time);
        Key a = keys.get(k);
        if (time <= a.time() || k == keys.size() - 1) {
            return a.value();
        }
        Key b = keys.get(k + 1);
        double length = b.time() - a.time();
        double t = (time - a.time()) / length;
        return switch (a.way()) {
            case STEPPED -> a.value();
            case LINEAR -> a.value() + t * (b.value() - a.value());
            case SMOOTH -> hermite(a, b, length, t);
        };
    }

    private static double hermite(Key a, Key b, double length, double t) {
        double t2 = t * t;
        double t3 = t2 * t;
        return (2 * t3 - 3 * t2 + 1) * a.value()
                + (t3 - 2 * t2 + t) * length * a.out()
                + (3 * t2 - 2 * t3) * b.value()
                + (t3 - t2) * length * b.in();
    }

    /** With a key replaced by another; it keeps between its neighbours. */
    public Curve with(int index, Key key) {
        double low = index == 0 ? Double.NEGATIVE_INFINITY : keys.get(index - 1).time() + 2 * NEAREST;
        double high = index == keys.size() - 1
                ? Double.POSITIVE_INFINITY
                : keys.get(index + 1).time() - 2 * NEAREST;
        List<Key> changed = new ArrayList<>(keys);
        changed.set(index, key.movedTo(Math.clamp(key.time(), low, Math.max(low, high)), key.value()));
        return new Curve(changed);
    }

    /** With one more key, on the curve as it is; a key that stands there already stays. */
    public Curve withKeyAt(double time) {
        for (Key key : keys) {
            if (Math.abs(key.time() - time) < 10 * NEAREST) {
                return this;
            }
        }
        double slope = (at(time + 0.005) - at(time - 0.005)) / 0.01;
        List<Key> more = new ArrayList<>(keys);
        more.add(new Key(time, at(time), keys.get(before(time)).way(), slope, slope));
        return new Curve(more);
    }

    /** Without a key; the last two stay, for they say where the curve begins and ends. */
    public Curve without(int index) {
        if (keys.size() <= 2) {
            return this;
        }
        List<Key> fewer = new ArrayList<>(keys);
        fewer.remove(index);
        return new Curve(fewer);
    }

    /** The same curve on another clock: every key moves along, and slopes become as much flatter as time goes slower there. */
    public Curve retimed(TimeMap map) {
        List<Key> moved = new ArrayList<>();
        for (Key key : keys) {
            double time = map.after(key.time());
            double before = slower(map.before(key.time()) - map.after(key.time() - NEARBY));
            double after = slower(map.before(key.time() + NEARBY) - time);
            if (moved.isEmpty() || time - moved.getLast().time() >= NEAREST) {
                moved.add(new Key(time, key.value(), key.way(), key.in() / before, key.out() / after));
            }
        }
        return new Curve(moved);
    }

    private static double slower(double seconds) {
        return Math.max(1e-3, seconds / NEARBY);
    }
}
