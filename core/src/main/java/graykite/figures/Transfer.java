package graykite.figures;

import graykite.mouth.Viseme;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.rig.Roles;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Carries poses from one character to another through the standard actions that both have. */
public final class Transfer {
    /** Share of a pose that must arrive for it to be worth having. */
    private static final double ENOUGH = 0.6;

    /**
     * What arrived.
     *
     * @param poses over the receiver's channels and roles
     * @param missing visemes for which the receiver lacks what they are made of
     */
    public record Result(Map<String, Pose> poses, List<String> missing) {}

    private Transfer() {}

    /** The mouth shapes of one character for another. */
    public static Result mouthShapes(Character from, Character to) {
        Map<String, Pose> poses = new LinkedHashMap<>();
        List<String> missing = new ArrayList<>();
        for (Viseme viseme : Viseme.values()) {
            Pose pose = from.poses().get(viseme.title());
            if (pose == null) {
                continue;
            }
            Optional<Pose> carried = pose(pose, from, to);
            carried.ifPresentOrElse(p -> poses.put(viseme.title(), p), () -> missing.add(viseme.title()));
        }
        return new Result(poses, missing);
    }

    /** A pose of one character as a pose of another; nothing when too little of it is possible there. */
    public static Optional<Pose> pose(Pose pose, Character from, Character to) {
        Map<String, Double> actions = asActions(pose, from);
        Map<String, Double> kept = new TreeMap<>();
        double all = 0;
        double possible = 0;
        for (Map.Entry<String, Double> action : actions.entrySet()) {
            double weight = Math.abs(action.getValue());
            all += weight;
            if (to.has(action.getKey())) {
                possible += weight;
                kept.put(action.getKey(), action.getValue());
            }
        }
        return all > 0 && possible < ENOUGH * all ? Optional.empty() : Optional.of(new Pose(kept));
    }

    /** A pose in terms of standard actions: names that are actions stay, channels that play one are named by it. */
    private static Map<String, Double> asActions(Pose pose, Character from) {
        Map<String, String> playedBy = new TreeMap<>();
        Map<String, Double> share = new TreeMap<>();
        for (String role : Roles.all()) {
            from.role(role)
                    .filter(p -> p.values().size() == 1)
                    .ifPresent(p -> p.values().forEach((channel, value) -> {
                        playedBy.putIfAbsent(channel, role);
                        share.putIfAbsent(channel, value);
                    }));
        }
        Map<String, Double> actions = new TreeMap<>();
        pose.values().forEach((name, value) -> {
            boolean action = Roles.all().contains(name) || Roles.SIDED.contains(name);
            if (action || !playedBy.containsKey(name)) {
                actions.merge(name, value, Double::sum);
            } else {
                actions.merge(playedBy.get(name), value / share.get(name), Double::sum);
            }
        });
        return actions;
    }
}
