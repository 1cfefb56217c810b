package graykite.acting;

import graykite.rig.Character;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Standard actions of one character, ready to be asked for; one that the character lacks is left out. */
final class Actions {
    private final Map<String, double[]> roles = new HashMap<>();

    Actions(Character character, List<String> names) {
        for (String name : names) {
            character.role(name).ifPresent(pose -> roles.put(name, character.values(pose)));
        }
    }

    /** True when the character can do it. */
    boolean has(String action) {
        return roles.containsKey(action);
    }

    /** Asks for so much of an action, on top of what is asked for already. */
    void ask(String action, double by, double[] asked) {
        double[] role = roles.get(action);
        if (role == null || by == 0) {
            return;
        }
        for (int c = 0; c < role.length; c++) {
            if (role[c] != 0) {
                asked[c] = (Double.isNaN(asked[c]) ? 0 : asked[c]) + by * role[c];
            }
        }
    }
}
