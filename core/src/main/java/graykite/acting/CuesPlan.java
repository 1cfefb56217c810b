package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.reading.Anchor;
import graykite.reading.WordFinder;
import graykite.sound.Loudness;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Expressions that come by themselves at marks, stresses, pauses and tags of what is said.
 *
 * @param cues the rules, each with a name of its own
 * @param changes what was decided about single places
 */
public record CuesPlan(LayerSetting setting, List<Cue> cues, List<CueChange> changes) implements LayerPlan {
    private static final int MOST = 100;

    public CuesPlan {
        cues = List.copyOf(cues);
        changes = List.copyOf(changes);
        requireThat(cues.size() <= MOST, "A line has at most %d cues, not %d.", MOST, cues.size());
        requireThat(cues.stream().map(Cue::name).distinct().count() == cues.size(), "Every cue has a name of its own.");
    }

    @Override
    public CuesPlan with(LayerSetting newSetting) {
        return new CuesPlan(newSetting, cues, changes);
    }

    public Optional<Cue> cue(String name) {
        return cues.stream().filter(c -> c.name().equals(name)).findFirst();
    }

    /** With a cue added, or the one of its name replaced. */
    public CuesPlan with(Cue cue) {
        List<Cue> all = new ArrayList<>(cues);
        int at = cues.stream().map(Cue::name).toList().indexOf(cue.name());
        if (at < 0) {
            all.add(cue);
        } else {
            all.set(at, cue);
        }
        return new CuesPlan(setting, all, changes);
    }

    /** Without a cue and all that was decided about its places. */
    public CuesPlan without(String name) {
        return new CuesPlan(
                setting,
                cues.stream().filter(c -> !c.name().equals(name)).toList(),
                changes.stream().filter(c -> !c.cue().equals(name)).toList());
    }

    /** With another decision about one place. @param words of the reading that the place stands in */
    public CuesPlan with(CueChange change, WordFinder words) {
        Optional<Anchor.Spot> place = words.find(change.word());
        List<CueChange> all = new ArrayList<>(changes);
        all.removeIf(c -> c.cue().equals(change.cue()) && words.find(c.word()).equals(place));
        all.add(change);
        return new CuesPlan(setting, cues, all);
    }

    /** Every place of every cue in a reading, in the order of time. */
    public List<CueSpots.Spot> spots(WordFinder words, Loudness loudness) {
        CueSpots spots = new CueSpots(changes, words, loudness);
        return cues.stream()
                .flatMap(c -> spots.of(c).stream())
                .sorted(Comparator.comparingDouble(CueSpots.Spot::start))
                .toList();
    }

    @Override
    public Layer ready(LayerContext context) {
        List<Clip> clips = spots(context.words(), context.score().loudness()).stream()
                .filter(s -> s.state() == CueSpots.State.COMES)
                .map(CueSpots.Spot::clip)
                .toList();
        return new ClipsLayer(setting, context.character(), clips, context.words());
    }
}
