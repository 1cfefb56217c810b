package graykite.motion;

import static graykite.base.Require.requireThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** What hands do to keys: many at once, across controls. Every method gives a new motion; the one it is given stays. */
public final class KeyWork {
    /** Keys nearer to a time than this are meant by it, in seconds. */
    public static final double NEAR = 0.004;

    private KeyWork() {}

    /** A key of a motion. @param time of the key, in seconds of the motion */
    public record Ref(String control, double time) {}

    /** Keys that were copied. @param keys by control, their times counted from the earliest of all */
    public record Snippet(Map<String, List<Key>> keys) {}

    private static boolean meant(Set<Ref> chosen, String control, Key key) {
        return chosen.stream().anyMatch(r -> r.control().equals(control) && Math.abs(r.time() - key.time()) < NEAR);
    }

    /** Every key of a motion. */
    public static Set<Ref> all(Keyed motion) {
        Set<Ref> all = new HashSet<>();
        for (int c = 0; c < motion.controls().size(); c++) {
            String control = motion.controls().get(c);
            motion.curves().get(c).keys().forEach(k -> all.add(new Ref(control, k.time())));
        }
        return all;
    }

    /** Changes the chosen keys; one that lands on another takes its place. */
    private static Keyed changed(Keyed motion, Set<Ref> chosen, BiFunction<String, Key, Key> change) {
        List<Curve> curves = new ArrayList<>();
        for (int c = 0; c < motion.controls().size(); c++) {
            String control = motion.controls().get(c);
            List<Key> moved = new ArrayList<>();
            List<Key> still = new ArrayList<>();
            for (Key key : motion.curves().get(c).keys()) {
                if (meant(chosen, control, key)) {
                    Key after = change.apply(control, key);
                    moved.add(after.movedTo(Math.clamp(after.time(), 0, motion.duration()), after.value()));
                } else {
                    still.add(key);
                }
            }
            curves.add(moved.isEmpty() ? motion.curves().get(c) : together(still, moved));
        }
        return new Keyed(motion.duration(), motion.controls(), curves);
    }

    private static Curve together(List<Key> below, List<Key> above) {
        List<Key> all = new ArrayList<>();
        for (Key key : above) {
            all.removeIf(k -> Math.abs(k.time() - key.time()) < NEAR);
            all.add(key);
        }
        below.stream()
                .filter(k -> above.stream().noneMatch(a -> Math.abs(a.time() - k.time()) < NEAR))
                .forEach(all::add);
        return new Curve(all);
    }

    /** Moves keys. @param seconds later @param by how much more of the control, in its unit */
    public static Keyed moved(Keyed motion, Set<Ref> chosen, double seconds, double by) {
        return changed(motion, chosen, (c, k) -> k.movedTo(k.time() + seconds, k.value() + by));
    }

    /** Stretches keys about a time and scales their values about rest. */
    public static Keyed scaled(Keyed motion, Set<Ref> chosen, double about, double time, double value) {
        requireThat(time > 0, "Keys are stretched by a factor above 0.");
        return changed(
                motion,
                chosen,
                (c, k) -> new Key(
                        about + (k.time() - about) * time,
                        k.value() * value,
                        k.way(),
                        k.in() * value / time,
                        k.out() * value / time));
    }

    /** How the curves go on from the chosen keys. Smooth ones get slopes that pass through their neighbours evenly. */
    public static Keyed going(Keyed motion, Set<Ref> chosen, Key.Way way) {
        Keyed ways = changed(motion, chosen, (c, k) -> k.going(way));
        return way == Key.Way.SMOOTH ? eased(ways, chosen) : ways;
    }

    private static Keyed eased(Keyed motion, Set<Ref> chosen) {
        List<Curve> curves = new ArrayList<>();
        for (int c = 0; c < motion.controls().size(); c++) {
            List<Key> keys = motion.curves().get(c).keys();
            List<Key> after = new ArrayList<>();
            for (int k = 0; k < keys.size(); k++) {
                Key key = keys.get(k);
                double slope = k == 0 || k == keys.size() - 1 ? 0 : slope(keys.get(k - 1), key, keys.get(k + 1));
                after.add(meant(chosen, motion.controls().get(c), key) ? key.sloped(slope, slope) : key);
            }
            curves.add(new Curve(after));
        }
        return new Keyed(motion.duration(), motion.controls(), curves);
    }

    /** Level at a turning point, so that nothing overshoots (Fritsch & Carlson 1980); else towards both neighbours. */
    private static double slope(Key before, Key key, Key after) {
        double left = (key.value() - before.value()) / (key.time() - before.time());
        double right = (after.value() - key.value()) / (after.time() - key.time());
        return left * right <= 0 ? 0 : 2 * left * right / (left + right);
    }

    /**
     * Lets keys favour a neighbour.
     *
     * @param share 1 takes the value of the key after, -1 that of the key before, 0 changes nothing
     */
    public static Keyed favoured(Keyed motion, Set<Ref> chosen, double share) {
        return changed(motion, chosen, (control, key) -> {
            List<Key> keys =
                    motion.curves().get(motion.controls().indexOf(control)).keys();
            int at = keys.indexOf(key);
            int other = share > 0 ? at + 1 : at - 1;
            if (other < 0 || other >= keys.size()) {
                return key;
            }
            return key.movedTo(
                    key.time(), key.value() + Math.abs(share) * (keys.get(other).value() - key.value()));
        });
    }

    /**
     * Holds that still live: after each chosen key one more, short of the next, that has gone a little on towards it.
     *
     * @param before seconds before the next key at which the hold ends
     * @param drift share of the way to the next key that it drifts
     */
    public static Keyed movingHold(Keyed motion, Set<Ref> chosen, double before, double drift) {
        Keyed held = motion;
        for (int c = 0; c < motion.controls().size(); c++) {
            String control = motion.controls().get(c);
            List<Key> keys = motion.curves().get(c).keys();
            for (int k = 0; k + 1 < keys.size(); k++) {
                Key key = keys.get(k);
                Key next = keys.get(k + 1);
                if (meant(chosen, control, key) && next.time() - before > key.time() + 3 * NEAR) {
                    double value = key.value() + drift * (next.value() - key.value());
                    Key end = new Key(next.time() - before, value, Key.Way.SMOOTH, 0, 0);
                    held = held.with(
                            control,
                            together(
                                    held.curves().get(c).keys(),
                                    List.of(key.going(Key.Way.SMOOTH).sloped(key.in(), 0), end)));
                }
            }
        }
        return held;
    }

    /** Without the chosen keys; a control keeps its last key. */
    public static Keyed without(Keyed motion, Set<Ref> chosen) {
        List<Curve> curves = new ArrayList<>();
        for (int c = 0; c < motion.controls().size(); c++) {
            String control = motion.controls().get(c);
            List<Key> keys = motion.curves().get(c).keys();
            List<Key> left =
                    keys.stream().filter(k -> !meant(chosen, control, k)).toList();
            curves.add(left.isEmpty() ? new Curve(List.of(keys.getFirst())) : new Curve(left));
        }
        return new Keyed(motion.duration(), motion.controls(), curves);
    }

    /** Sets a key of a control; one that stands there gets the value. The control is added when the motion lacks it. */
    public static Keyed set(Keyed motion, String control, double time, double value, Key.Way way) {
        int c = motion.controls().indexOf(control);
        Key key = new Key(Math.clamp(time, 0, motion.duration()), value, way, 0, 0);
        Curve curve = c < 0
                ? new Curve(List.of(key))
                : together(motion.curves().get(c).keys(), List.of(key));
        Keyed with = motion.with(control, curve);
        return way == Key.Way.SMOOTH ? eased(with, near(with, control, key.time())) : with;
    }

    /** A key and its neighbours, whose slopes it changes. */
    private static Set<Ref> near(Keyed motion, String control, double time) {
        List<Key> keys = motion.curves().get(motion.controls().indexOf(control)).keys();
        Set<Ref> refs = new HashSet<>();
        for (int k = 0; k < keys.size(); k++) {
            if (Math.abs(keys.get(k).time() - time) < NEAR) {
                for (int n = Math.max(0, k - 1); n <= Math.min(keys.size() - 1, k + 1); n++) {
                    refs.add(new Ref(control, keys.get(n).time()));
                }
            }
        }
        return refs;
    }

    /** One value of a control throughout. */
    public static Keyed held(Keyed motion, String control, double value) {
        return motion.with(control, new Curve(List.of(new Key(0, value, Key.Way.LINEAR, 0, 0))));
    }

    /** Copies keys, to be pasted anywhere. */
    public static Snippet copied(Keyed motion, Set<Ref> chosen) {
        double first = chosen.stream().mapToDouble(Ref::time).min().orElse(0);
        Map<String, List<Key>> keys = new TreeMap<>();
        for (int c = 0; c < motion.controls().size(); c++) {
            String control = motion.controls().get(c);
            List<Key> own = motion.curves().get(c).keys().stream()
                    .filter(k -> meant(chosen, control, k))
                    .map(k -> k.movedTo(k.time() - first, k.value()))
                    .toList();
            if (!own.isEmpty()) {
                keys.put(control, own);
            }
        }
        return new Snippet(keys);
    }

    /** Puts copied keys at a time; what stands at their very times gives way. */
    public static Keyed pasted(Keyed motion, Snippet snippet, double time) {
        Keyed after = motion;
        for (Map.Entry<String, List<Key>> entry : snippet.keys().entrySet()) {
            List<Key> keys = entry.getValue().stream()
                    .map(k -> k.movedTo(k.time() + time, k.value()))
                    .filter(k -> k.time() >= 0 && k.time() <= motion.duration())
                    .toList();
            int c = after.controls().indexOf(entry.getKey());
            if (!keys.isEmpty()) {
                List<Key> there = c < 0 ? List.of() : after.curves().get(c).keys();
                after = after.with(entry.getKey(), together(there, keys));
            }
        }
        return after;
    }

    /**
     * Left and right exchanged.
     *
     * @param other the name of the same control on the other side; itself for one that has none
     * @param turned true for controls whose values change their sign, such as turns to a side
     */
    public static Snippet mirrored(Snippet snippet, UnaryOperator<String> other, Predicate<String> turned) {
        Map<String, List<Key>> keys = new TreeMap<>();
        snippet.keys()
                .forEach((control, own) -> keys.put(
                        other.apply(control),
                        own.stream()
                                .map(k -> turned.test(control)
                                        ? new Key(k.time(), -k.value(), k.way(), -k.in(), -k.out())
                                        : k)
                                .toList()));
        return new Snippet(keys);
    }
}
