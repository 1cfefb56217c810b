package graykite.rig;

import graykite.geometry.Vec;
import java.util.List;

/**
 * A hinge that carries parts and other joints.
 *
 * @param parent index of the joint that carries this one, -1 for none; always lower than its own index
 * @param pivot the point that it turns about, at rest, in the space of the whole character
 * @param turns what turns it; angles about one axis add up; applied about z, then x, then y
 * @param slides what moves it, after it was turned
 */
public record Joint(String name, int parent, Vec pivot, List<Turn> turns, List<Slide> slides) {
    /** Axes, right-handed: x to the character's left, y up, z to the front. */
    public enum Axis {
        X,
        Y,
        Z
    }

    /** A channel turns the joint by so many degrees for each unit of its value. */
    public record Turn(String channel, Axis axis, double degrees) {}

    /** A channel moves the joint by so many millimetres for each unit of its value. */
    public record Slide(String channel, Axis axis, double millimetres) {}

    public Joint {
        turns = List.copyOf(turns);
        slides = List.copyOf(slides);
    }

    public Joint(String name, int parent, Vec pivot, List<Turn> turns) {
        this(name, parent, pivot, turns, List.of());
    }

    /** Name of the channel that turns an imported joint about one of its axes. */
    public static String turnChannel(String joint, Axis axis) {
        return joint + ".turn" + axis;
    }
}
