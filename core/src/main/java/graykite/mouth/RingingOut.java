package graykite.mouth;

import graykite.reading.Timing;
import graykite.reading.Timing.Segment;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;

/**
 * The sounds of a line, of which those before a pause last longer by the lead. Shapes come before their sounds, but rest is no sound
 * that is heard coming: a mouth that made for it as early would leave its last shape while the voice still rings.
 */
final class RingingOut {
    /** Share of a short pause that the sound before it takes at most, so that some of it is still seen. */
    private static final double OF_PAUSE = 0.5;

    private RingingOut() {}

    /**
     * @param lead seconds by which all of them are to be shown earlier; where shapes come late, nothing lasts longer
     * @return sounds and pauses in order, one after the other; a line that ends with a sound ends later by the lead
     */
    static List<Segment> of(Timing timing, double lead) {
        List<Segment> all = new ArrayList<>(timing.segments());
        all.add(new Segment(Phone.SIL, timing.duration(), Double.POSITIVE_INFINITY, -1, -1));
        for (int s = 0; lead > 0 && s + 1 < all.size(); s++) {
            Segment sound = all.get(s);
            Segment pause = all.get(s + 1);
            if (!sound.isSilence() && ringsOn(sound.phone()) && pause.isSilence()) {
                double end = sound.end() + Math.min(lead, OF_PAUSE * (pause.end() - pause.start()));
                all.set(s, between(sound.start(), end, sound));
                all.set(s + 1, between(end, pause.end(), pause));
            }
        }
        return all.subList(0, all.size() - 1);
    }

    /** The lips of a stop part with its burst, before its sound has ended. */
    private static boolean ringsOn(Phone phone) {
        return phone != Phone.P && phone != Phone.B;
    }

    private static Segment between(double start, double end, Segment segment) {
        return new Segment(segment.phone(), start, end, segment.word(), segment.index());
    }
}
