package graykite.figures;

import graykite.motion.Track;
import graykite.rig.Roles;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What the names in somebody's capture mean: standard actions where a name says so, the names as they are elsewhere. */
public final class ControlNames {
    private static final Set<String> STANDARD = Set.copyOf(Roles.all());

    private ControlNames() {}

    /** The standard action that a name means; nothing when it says nothing certain. */
    public static Optional<String> action(String name) {
        if (STANDARD.contains(name)) {
            return Optional.of(name);
        }
        return NameMatcher.match(name)
                .filter(m -> !m.viseme() && m.certainty() >= Match.SURE)
                .map(Match::target);
    }

    /** Which action each name means, in their order; two names never mean the same. */
    public static Map<String, String> actions(List<String> names) {
        Map<String, String> meant = new LinkedHashMap<>();
        Map<String, String> taken = new HashMap<>();
        for (String name : names) {
            String wanted = action(name).orElse(name);
            // The first to claim an action has it, unless another is called just so.
            if (taken.containsKey(wanted) || !wanted.equals(name) && names.contains(wanted)) {
                wanted = name;
            }
            taken.put(wanted, name);
            meant.put(name, wanted);
        }
        return meant;
    }

    /** A capture with its names translated. */
    public static Track translated(Track track) {
        Map<String, String> meant = actions(track.controls());
        List<String> names = new ArrayList<>(meant.values());
        float[] values = new float[track.samples() * names.size()];
        for (int s = 0; s < track.samples(); s++) {
            for (int c = 0; c < names.size(); c++) {
                values[s * names.size() + c] = track.value(s, c);
            }
        }
        return new Track(track.rate(), names, values);
    }
}
