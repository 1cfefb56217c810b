package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;

/**
 * A boundary whose time is to be found: what sounds on its two sides and beyond, and where the search heard it.
 *
 * @param before what sounds before the phone on the left
 * @param left the phone that ends here
 * @param right the phone that begins here
 * @param after what sounds after it
 * @param start frame at which the left phone was heard to begin
 * @param frame first frame at which the right phone was heard
 * @param end frame at which the right phone was heard to end
 */
public record BoundaryPlace(Phone before, Phone left, Phone right, Phone after, int start, int frame, int end) {
    /** How far from where it was heard a boundary is looked for, in frames. */
    public static final int REACH = 16;
    /** Figures that describe a frame's place between the boundaries heard. */
    public static final int NUMBERS = 6;

    /** The places between heard phones, in order: one less than phones. */
    public static List<BoundaryPlace> between(List<HeardPhone> heard) {
        List<BoundaryPlace> places = new ArrayList<>();
        for (int i = 1; i < heard.size(); i++) {
            HeardPhone left = heard.get(i - 1);
            HeardPhone right = heard.get(i);
            Phone before = i > 1 ? heard.get(i - 2).phone() : Phone.SIL;
            Phone after = i + 1 < heard.size() ? heard.get(i + 1).phone() : Phone.SIL;
            places.add(new BoundaryPlace(
                    before,
                    left.phone(),
                    right.phone(),
                    after,
                    left.startFrame(),
                    right.startFrame(),
                    right.endFrame()));
        }
        return places;
    }

    /** Where a frame lies among the boundaries heard, each figure about -1 to 1. */
    public void numbers(int at, float[] out) {
        float distance = at + 0.5f - frame;
        out[0] = Math.clamp(distance / 12, -2, 2);
        out[1] = (float) Math.tanh(distance / 3);
        out[2] = (float) Math.tanh((at + 0.5 - start) / 4);
        out[3] = (float) Math.tanh((at + 0.5 - end) / 4);
        out[4] = (float) Math.log(Math.max(1, frame - start) / 12.0);
        out[5] = (float) Math.log(Math.max(1, end - frame) / 12.0);
    }
}
