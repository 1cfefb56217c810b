package graykite.people.face;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.rig.Part;
import java.util.List;
import java.util.Optional;

/**
 * One of our people as a plan: what the generator needs to make the figure.
 *
 * @param plan the form of the head and where things are on it
 * @param tones colours of skin and lips
 * @param marks lines, freckles and the like, painted over the skin
 * @param creases lines that come with an action
 * @param eyes irises and lids
 * @param brows how the brows are carved
 * @param ears where the left ear sits and how large it is
 * @param neck the neck
 * @param tufts rows of fur that stand in the skin
 * @param whiskers their colour, for those that have some
 * @param wardrobe what is worn, on the joints that it is given
 */
public record Person(
        String name,
        FacePlan plan,
        Tones tones,
        Marks marks,
        List<Crease> creases,
        Eyes eyes,
        Brows brows,
        Ears ears,
        Neck neck,
        List<Tuft> tufts,
        Optional<Colour> whiskers,
        Wear wardrobe) {

    /**
     * Colours of the skin.
     *
     * @param base most of the face
     * @param flush cheeks, nose and ears, where blood is near
     * @param cool jaw and sockets
     * @param lips the red of the lips
     * @param cavity deep in the mouth
     */
    public record Tones(Colour base, Colour flush, Colour cool, Colour lips, Colour cavity) {}

    /** Paints over a colour of the skin at a place. */
    @FunctionalInterface
    public interface Marks {
        Colour over(Colour colour, Vec p);
    }

    /**
     * A line in the skin on either side that comes with an action.
     *
     * @param from one end, as seen from the front; z is not used
     * @param to the other
     * @param width millimetres
     * @param strength 0 to 1
     * @param with name of the action's channels without their side
     */
    public record Crease(Vec from, Vec to, double width, double strength, String with) {}

    /**
     * A row of locks of fur on either side, as close as they are wide.
     *
     * @param from where the first one stands, near the skin
     * @param to where the last one stands
     * @param aim which way they point
     * @param length of the longest, in the middle, millimetres
     * @param width of each, millimetres
     */
    public record Tuft(Vec from, Vec to, Vec aim, double length, double width) {}

    /**
     * @param irisSize 1 for a person's
     * @param upper degrees over the middle at which the upper lid rests
     * @param lower degrees, negative, at which the lower lid rests
     * @param lashes millimetres by which the upper lashes stand out at the outer corner
     */
    public record Eyes(
            Colour iris, double irisSize, Colour lid, Colour lash, double upper, double lower, double lashes) {}

    /**
     * @param thick half the height of the brow, millimetres
     * @param arch how far its middle rises
     * @param slant how much higher its outer end stands
     */
    public record Brows(Colour colour, double thick, double arch, double slant) {}

    /**
     * @param at where the left ear meets the head, in front of its middle
     * @param tall height in millimetres
     * @param degreesOff how far its back stands off the head
     */
    public record Ears(Vec at, double tall, double degreesOff) {}

    /**
     * @param radius in millimetres
     * @param rise how much higher than a grown person's it ends
     */
    public record Neck(double radius, double rise) {}

    /** Makes what is worn. */
    @FunctionalInterface
    public interface Wear {
        List<Part> on(int head, int body);
    }
}
