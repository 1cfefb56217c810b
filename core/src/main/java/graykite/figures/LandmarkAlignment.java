package graykite.figures;

import static graykite.base.Require.requireThat;

import graykite.geometry.Similarity;
import graykite.geometry.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** How two heads lie to one another, by the landmarks that both have. */
final class LandmarkAlignment {
    private static final int LEAST_LANDMARKS = 8;

    private LandmarkAlignment() {}

    /** From the target's space into the source's. */
    static Similarity of(Map<String, Vec> fromMarks, Map<String, Vec> toMarks) {
        List<Vec> a = new ArrayList<>();
        List<Vec> b = new ArrayList<>();
        fromMarks.forEach((name, p) -> {
            if (toMarks.containsKey(name)) {
                a.add(toMarks.get(name));
                b.add(p);
            }
        });
        requireThat(
                a.size() >= LEAST_LANDMARKS,
                "%d landmarks are common to both heads; at least %d are needed.",
                a.size(),
                LEAST_LANDMARKS);
        return Similarity.between(a, b);
    }
}
