package graykite.acting;

import graykite.layer.LayerSetting.Blend;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Part;
import graykite.rig.Pose;

/** Channels of a character that choose a drawing: they do not blend, and speech goes first. */
final class Drawings {
    private final Character character;
    private final boolean[] drawing;
    private final double[] rest;

    Drawings(Character character) {
        this.character = character;
        this.drawing = new boolean[character.channels().size()];
        this.rest = character.values(character.poses().getOrDefault("Rest", Pose.REST));
        for (Part part : character.parts()) {
            part.looks().showing().ifPresent(s -> {
                Integer at = character.channelIndex().get(s.channel());
                if (at != null) {
                    drawing[at] = true;
                }
            });
        }
    }

    boolean is(int channel) {
        return drawing[channel];
    }

    /** The drawing that is shown at rest. */
    double rest(int channel) {
        return rest[channel];
    }

    /** Asks for a drawing where the one below rests. @param wanted its number, or near it */
    void ask(int c, double wanted, Blend blend, double[] below, double[] asked) {
        if (below[c] == rest[c]) {
            Channel channel = character.channels().get(c);
            double drawn = Math.clamp(Math.round(wanted), channel.min(), channel.max());
            asked[c] = blend == Blend.ADD ? drawn - below[c] : drawn;
        }
    }
}
