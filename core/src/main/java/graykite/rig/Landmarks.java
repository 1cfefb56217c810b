package graykite.rig;

import java.util.List;

/**
 * Names of places on a face. The generator knows them of its own faces, users mark them on a picture or a bare head. Left
 * and right are the character's own.
 */
public final class Landmarks {
    /** In the order in which one marks them. */
    public static final List<String> NAMES = List.of(
            "eye outer.L",
            "eye upper.L",
            "eye inner.L",
            "eye lower.L",
            "eye outer.R",
            "eye upper.R",
            "eye inner.R",
            "eye lower.R",
            "brow inner.L",
            "brow middle.L",
            "brow outer.L",
            "brow inner.R",
            "brow middle.R",
            "brow outer.R",
            "nose bridge",
            "nose tip",
            "nose wing.L",
            "nose wing.R",
            "mouth corner.L",
            "mouth corner.R",
            "upper lip top",
            "upper lip seam",
            "lower lip seam",
            "lower lip bottom",
            "chin",
            "jaw angle.L",
            "jaw angle.R",
            "temple.L",
            "temple.R",
            "forehead");

    private Landmarks() {}
}
