package graykite.mouth;

import static graykite.base.Require.requireThat;

import graykite.mouth.PhoneShape.Closure;
import graykite.mouth.PhoneShape.Firmness;
import graykite.rig.Pose;
import graykite.text.Phone;
import java.util.List;
import java.util.Optional;

/**
 * One sound as the mouth is to show it: chart, diction, loudness and touch-ups put together. Times are those of the
 * movement: the lead is in them.
 *
 * @param phone what sounds
 * @param word index of its word, -1 for silence
 * @param index of the phone in the word, -1 for silence
 * @param start seconds
 * @param end seconds
 * @param targets shapes it asks for
 * @param firm how firmly it holds the regions of the mouth
 * @param closure what must touch
 * @param diction how it is spoken
 * @param loud factor from the loudness of its syllable, 1 for usual
 * @param touchUps indices of the touch-ups that changed it: that of its word first, then its own
 */
public record Beat(
        Phone phone,
        int word,
        int index,
        double start,
        double end,
        List<Target> targets,
        Firmness firm,
        Closure closure,
        Diction diction,
        double loud,
        List<Integer> touchUps) {

    /**
     * A shape and when.
     *
     * @param shape name in the chart
     * @param share of the shape as the chart and the touch-up have it, before diction and loudness
     * @param from seconds
     * @param to seconds
     * @param pose made by hand, in place of the shape's own
     */
    public record Target(String shape, double share, double from, double to, Optional<Pose> pose) {
        /** True for targets that are asked for together, such as two shapes that are mixed. */
        boolean lastsAs(Target other) {
            return from == other.from && to == other.to;
        }
    }

    public Beat {
        targets = List.copyOf(targets);
        touchUps = List.copyOf(touchUps);
        requireThat(end > start, "A beat ends after it starts.");
    }

    public boolean isSilence() {
        return phone == Phone.SIL;
    }

    public double middle() {
        return (start + end) / 2;
    }

    /** The same between other times; its shapes stretch along. */
    Beat between(double newStart, double newEnd) {
        double factor = (newEnd - newStart) / (end - start);
        return new Beat(
                phone,
                word,
                index,
                newStart,
                newEnd,
                targets.stream()
                        .map(t -> new Target(
                                t.shape,
                                t.share,
                                newStart + (t.from - start) * factor,
                                newStart + (t.to - start) * factor,
                                t.pose))
                        .toList(),
                firm,
                closure,
                diction,
                loud,
                touchUps);
    }
}
