package graykite.scene;

import graykite.acting.PoseKey;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.List;

/** The keyed poses of a line made ready for one character. */
final class KeyedPoses {
    private record Ready(PoseKey key, double[] values) {}

    private final Character character;
    private final List<Ready> keys = new ArrayList<>();
    private final boolean[] drawing;
    private final double[] rest;

    KeyedPoses(List<PoseKey> poseKeys, Character character) {
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
        for (PoseKey key : poseKeys) {
            // A pose that this character lacks does nothing; the key waits for one who has it.
            Pose pose = character.poses().getOrDefault(key.pose(), Pose.REST);
            keys.add(new Ready(key, character.values(pose.times(key.strength()))));
        }
    }

    /** Lays what is keyed over the values of a time; a drawing that speech chose stays. */
    void apply(double seconds, double[] values) {
        if (keys.isEmpty()) {
            return;
        }
        double[] from = new double[values.length];
        double[] to = from;
        double share = 1;
        for (Ready ready : keys) {
            PoseKey key = ready.key;
            if (key.time() - key.ease() > seconds) {
                break;
            }
            from = blended(from, to, share);
            to = ready.values;
            double t = Math.clamp((seconds - key.time() + key.ease()) / key.ease(), 0, 1);
            share = t * t * (3 - 2 * t);
        }
        double[] asked = blended(from, to, share);
        for (int c = 0; c < values.length; c++) {
            if (asked[c] == 0) {
                continue;
            }
            Channel channel = character.channels().get(c);
            if (!drawing[c]) {
                values[c] = Math.clamp(values[c] + asked[c], channel.min(), channel.max());
            } else if (values[c] == rest[c]) {
                values[c] = Math.clamp(Math.round(asked[c]), channel.min(), channel.max());
            }
        }
    }

    private static double[] blended(double[] from, double[] to, double share) {
        double[] result = new double[from.length];
        for (int c = 0; c < result.length; c++) {
            result[c] = from[c] + share * (to[c] - from[c]);
        }
        return result;
    }
}
