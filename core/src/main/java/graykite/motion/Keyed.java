package graykite.motion;

import static graykite.base.Require.requireThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;

/**
 * A motion of few keys, which a hand can work on.
 *
 * @param duration seconds
 * @param controls names, each once
 * @param curves one for each control
 */
public record Keyed(double duration, List<String> controls, List<Curve> curves) implements Motion {
    public Keyed {
        controls = List.copyOf(controls);
        curves = List.copyOf(curves);
        requireThat(duration > 0 && duration <= LONGEST, "A motion lasts up to four hours, not %.3f s.", duration);
        requireThat(
                !controls.isEmpty() && controls.size() <= MOST_CONTROLS && controls.size() == curves.size(),
                "A motion has a curve for each of its 1 to %d controls.",
                MOST_CONTROLS);
        requireThat(new HashSet<>(controls).size() == controls.size(), "Every control of a motion has its own name.");
    }

    @Override
    public double at(int control, double time) {
        return curves.get(control).at(Math.clamp(time, 0, duration));
    }

    /** How many keys all curves have together. */
    public int keys() {
        return curves.stream().mapToInt(c -> c.keys().size()).sum();
    }

    @Override
    public Keyed part(double from, double to) {
        List<Curve> cut = new ArrayList<>();
        for (Curve curve : curves) {
            cut.add(new Curve(curve.withKeyAt(from).withKeyAt(to).keys().stream()
                    .filter(k -> k.time() > from - 10 * Curve.NEAREST && k.time() < to + 10 * Curve.NEAREST)
                    .map(k -> k.movedTo(k.time() - from, k.value()))
                    .toList()));
        }
        return new Keyed(to - from, controls, cut);
    }

    @Override
    public Keyed only(List<String> wanted) {
        List<String> kept = controls.stream().filter(wanted::contains).toList();
        return new Keyed(
                duration,
                kept,
                kept.stream().map(c -> curves.get(controls.indexOf(c))).toList());
    }

    /** With another curve for a control; one that it has not yet is added. */
    public Keyed with(String control, Curve curve) {
        List<String> names = new ArrayList<>(controls);
        List<Curve> all = new ArrayList<>(curves);
        int at = names.indexOf(control);
        if (at < 0) {
            names.add(control);
            all.add(curve);
        } else {
            all.set(at, curve);
        }
        return new Keyed(duration, names, all);
    }
}
