package graykite.motion;

import static graykite.base.Require.requireThat;

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

    /** The same curve over other times: an even stretch that takes one pair of times to another. */
    public Curve stretched(double fromStart, double fromEnd, double toStart, double toEnd) {
        double factor = fromEnd - fromStart < 1e-6 ? 1 : (toEnd - toStart) / (fromEnd - fromStart);
        if (factor == 1 && fromStart == toStart || factor <= 1e-3) {
            return this;
        }
        return new Curve(keys.stream()
                .map(k -> new Key(
                        toStart + (k.time() - fromStart) * factor,
                        k.value(),
                        k.way(),
                        k.in() / factor,
                        k.out() / factor))
                .toList());
    }
}
