package graykite.rig;

import static graykite.base.Require.requireThat;

import graykite.picture.Material;
import graykite.picture.Texture;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A drawing in its place: a flat card that a joint carries.
 *
 * @param joint index of the joint
 * @param left millimetres of its left edge as seen on screen
 * @param top millimetres of its upper edge
 * @param width millimetres
 * @param height millimetres
 * @param depth millimetres towards the viewer: higher lies over lower
 * @param showing when it is one of several
 */
public record Card(
        String name,
        int joint,
        Texture drawing,
        double left,
        double top,
        double width,
        double height,
        double depth,
        Optional<Showing> showing) {
    public Card {
        requireThat(width > 0 && height > 0, "A drawing has a size.");
    }

    /** The cards as parts, the front ones first: what they hide need not be looked at again. */
    public static List<Part> parts(List<Card> layers) {
        return layers.stream()
                .sorted(Comparator.comparingDouble(Card::depth).reversed())
                .map(Card::part)
                .toList();
    }

    /** The card as a part of two triangles. */
    public Part part() {
        float l = (float) left;
        float r = (float) (left + width);
        float t = (float) top;
        float b = (float) (top - height);
        float z = (float) depth;
        float[] positions = {l, t, z, l, b, z, r, b, z, r, t, z};
        float[] colours = {1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1};
        Part.Looks looks = Part.Looks.textured(drawing, new float[] {0, 0, 0, 1, 1, 1, 1, 0});
        return new Part(
                name,
                Material.drawing("drawing"),
                joint,
                positions,
                colours,
                new int[] {0, 1, 2, 0, 2, 3},
                List.of(),
                showing.map(looks::seenWhen).orElse(looks));
    }
}
