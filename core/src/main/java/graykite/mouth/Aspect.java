package graykite.mouth;

import graykite.rig.Character;
import graykite.rig.Pose;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Which corner of the kite pulls a channel. */
enum Aspect {
    OPEN(List.of("jawDrop", "lowerLipDepressor", "upperLipRaiser")),
    WIDE(List.of("lipStretcher", "lipCornerPuller", "dimpler")),
    ROUND(List.of("lipPucker", "lipFunneler", "cheekSuck")),
    FIRM(List.of("lipPressor", "lipTightener", "chinRaiser")),
    /** Moved by the strength alone. */
    NONE(List.of());

    private final List<String> actions;

    Aspect(List<String> actions) {
        this.actions = actions;
    }

    /** The aspect of every channel of a character, through the standard actions that it plays. */
    static Aspect[] of(Character character) {
        Map<String, Aspect> byChannel = new HashMap<>();
        for (Aspect aspect : values()) {
            for (String action : aspect.actions) {
                character
                        .role(action)
                        .map(Pose::values)
                        .ifPresent(p -> p.keySet().forEach(c -> byChannel.putIfAbsent(c, aspect)));
            }
        }
        return character.channels().stream()
                .map(c -> byChannel.getOrDefault(c.name(), NONE))
                .toArray(Aspect[]::new);
    }

    /**
     * The factor of a diction on a channel in a shape. Where a rig has a channel for a whole shape instead of one for each
     * action, the shape says how much each corner has to do with it.
     */
    double factor(Diction diction, Viseme kin) {
        return switch (this) {
            case OPEN -> diction.open();
            case WIDE -> diction.wide();
            case ROUND -> diction.round();
            case FIRM -> diction.firm();
            case NONE -> {
                double open = kin.opening();
                double wide = Math.max(0, kin.width() - 0.45) / 0.55;
                double round = Math.max(0, 0.3 - kin.width()) / 0.3;
                double all = Math.max(1, open + wide + round);
                yield 1
                        + (open * (diction.open() - 1) + wide * (diction.wide() - 1) + round * (diction.round() - 1))
                                / all;
            }
        };
    }
}
