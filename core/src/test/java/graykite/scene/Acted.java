package graykite.scene;

import graykite.rig.Channel;
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

    /** Every channel at a time but with the head straight, so that lips are measured in the face's own up and down. */
    public static double[] straight(Performance performance, double time) {
        double[] values = at(performance, time).clone();
        for (Channel channel : performance.character().channels()) {
            if (channel.carriesFace()) {
                values[performance.character().channelIndex().get(channel.name())] = 0;
            }
        }
        return values;
    }
}
