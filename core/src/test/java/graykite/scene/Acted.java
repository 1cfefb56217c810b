package graykite.scene;

import java.util.Collections;
import java.util.Map;
import java.util.WeakHashMap;

/** What is seen of a line that is acted alone on a stage, for tests. */
public final class Acted {
    private static final Map<Performance, Scene> SCENES = Collections.synchronizedMap(new WeakHashMap<>());

    private Acted() {}

    public static Scene scene(Performance performance) {
        return SCENES.computeIfAbsent(performance, Scene::solo);
    }

    /** Every channel at a time. */
    public static double[] at(Performance performance, double time) {
        return scene(performance).at(0, time);
    }
}
