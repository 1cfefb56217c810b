package graykite.mouth;

import static graykite.base.Require.requireThat;

/**
 * A shape of a mouth chart. What it looks like on a character is the character's pose of the same name.
 *
 * @param name what people call it, unique in the chart
 * @param kin the standard shape it is most like: its stand-in where a character has no such pose
 * @param strength share of the pose that counts as the full shape, 0 to 1.5
 */
public record MouthShape(String name, Viseme kin, double strength) {
    public MouthShape {
        requireThat(!name.isBlank() && name.length() <= 60, "A mouth shape has a name of up to 60 letters.");
        requireThat(
                strength >= 0 && strength <= 1.5,
                "The strength of %s lies between 0 and 1.5, not %.2f.",
                name,
                strength);
    }

    /** A standard shape under its own name. */
    public static MouthShape of(Viseme viseme) {
        return new MouthShape(viseme.title(), viseme, 1);
    }

    public MouthShape named(String newName) {
        return new MouthShape(newName, kin, strength);
    }

    public MouthShape withStrength(double value) {
        return new MouthShape(name, kin, value);
    }
}
