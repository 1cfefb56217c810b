package graykite.acting;

import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Expressions on stretches of a line.
 *
 * @param clips in the order in which they began when they were put there
 */
public record ClipsPlan(LayerSetting setting, List<Clip> clips) implements LayerPlan {
    public ClipsPlan {
        clips = clips.stream()
                .sorted(Comparator.comparingDouble(c -> c.from().time()))
                .toList();
    }

    @Override
    public ClipsPlan with(LayerSetting newSetting) {
        return new ClipsPlan(newSetting, clips);
    }

    /** With one more clip. */
    public ClipsPlan plus(Clip clip) {
        List<Clip> all = new ArrayList<>(clips);
        all.add(clip);
        return new ClipsPlan(setting, all);
    }

    /** With a clip replaced. */
    public ClipsPlan with(int index, Clip clip) {
        List<Clip> all = new ArrayList<>(clips);
        all.set(index, clip);
        return new ClipsPlan(setting, all);
    }

    public ClipsPlan without(int index) {
        List<Clip> all = new ArrayList<>(clips);
        all.remove(index);
        return new ClipsPlan(setting, all);
    }

    @Override
    public Layer ready(LayerContext context) {
        return new ClipsLayer(setting, context.character(), clips, context.words());
    }

    @Override
    public ClipsPlan retimed(TimeMap change) {
        return new ClipsPlan(setting, clips.stream().map(c -> c.retimed(change)).toList());
    }
}
