package graykite.figures;

import graykite.mouth.Viseme;
import graykite.people.face.FacePoses;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Joint;
import graykite.rig.Pose;
import graykite.rig.Roles;
import graykite.rig.Sides;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Finds out which channels of a rig play which viseme or action, and puts roles and poses together from that. */
public final class Matching {
    /** Share of a pose that must be there before it is made of what the rig has. */
    private static final double ENOUGH = 0.6;

    private Matching() {}

    /** What the channels of a rig probably are, the surest first for each target. */
    public static List<Match> of(List<Channel> channels) {
        List<Match> matches = new ArrayList<>();
        for (Channel channel : channels) {
            if (!channel.name().contains(".turn") && !channel.name().contains(".slide")) {
                NameMatcher.match(channel.name()).ifPresent(matches::add);
            }
        }
        matches.sort(Comparator.comparingDouble(Match::certainty).reversed());
        return matches;
    }

    /** The character with roles, visemes and expressions made of matches; what it has already stays. */
    public static Character applied(Character raw, List<Match> matches) {
        Map<String, Pose> roles = new LinkedHashMap<>(roles(matches));
        jointRoles(raw).forEach(roles::putIfAbsent);
        raw.roles().forEach(roles::put);
        Map<String, Pose> poses = new LinkedHashMap<>();
        for (Match match : matches) {
            if (match.viseme()) {
                poses.putIfAbsent(match.target(), Pose.of(match.channel(), 1));
            }
        }
        poses.put("Rest", Pose.REST);
        raw.poses().forEach(poses::put);
        Character withRoles = raw.withRoles(roles);
        FacePoses.visemes().forEach((name, pose) -> compose(withRoles, name, pose, poses));
        FacePoses.expressions().forEach((name, pose) -> compose(withRoles, name, pose, poses));
        return withRoles.withPoses(poses);
    }

    private static void compose(Character character, String name, Pose pose, Map<String, Pose> poses) {
        if (poses.containsKey(name)) {
            return;
        }
        Pose available = pose.only(character::has);
        double has = weight(available);
        if (has > 0 && has >= ENOUGH * weight(pose)) {
            poses.put(name, available);
        }
    }

    private static double weight(Pose pose) {
        return pose.values().entrySet().stream()
                .mapToDouble(v -> Math.abs(v.getValue()) / (Roles.turns(v.getKey()) ? 20 : 1))
                .sum();
    }

    private static Map<String, Pose> roles(List<Match> matches) {
        Map<String, Pose> roles = new LinkedHashMap<>();
        Set<String> taken = new HashSet<>();
        for (Match match : matches) {
            if (match.viseme() || !taken.add(match.target())) {
                continue;
            }
            String base = match.target().replaceAll("\\.[LR]$", "");
            boolean sided = !base.equals(match.target());
            if (sided && Roles.isWhole(base)) {
                // A whole action that the rig has in two halves.
                roles.merge(base, Pose.of(match.channel(), 1), (a, b) -> a.plus(b, 1));
            } else if (!sided && Roles.SIDED.contains(base)) {
                // One channel for both sides: each side asks for half of it.
                roles.putIfAbsent(base + ".L", Pose.of(match.channel(), 0.5));
                roles.putIfAbsent(base + ".R", Pose.of(match.channel(), 0.5));
            } else {
                roles.put(match.target(), Pose.of(match.channel(), 1));
            }
        }
        return roles;
    }

    /** What joints play: head, body, jaw and eyes. */
    private static Map<String, Pose> jointRoles(Character raw) {
        Map<String, Pose> roles = new LinkedHashMap<>();
        Pose yaw = Pose.REST;
        Pose pitch = Pose.REST;
        Set<String> channels = new HashSet<>(raw.channelIndex().keySet());
        for (Joint joint : raw.joints()) {
            String x = Joint.turnChannel(joint.name(), Joint.Axis.X);
            String y = Joint.turnChannel(joint.name(), Joint.Axis.Y);
            String z = Joint.turnChannel(joint.name(), Joint.Axis.Z);
            if (!channels.contains(x)) {
                continue;
            }
            switch (NameMatcher.joint(joint.name())) {
                case HEAD -> {
                    roles.putIfAbsent("headYaw", Pose.of(y, 1));
                    roles.putIfAbsent("headPitch", Pose.of(x, -1));
                    roles.putIfAbsent("headRoll", Pose.of(z, -1));
                }
                case BODY -> {
                    // The lowest of several carries them all.
                    roles.putIfAbsent("bodyYaw", Pose.of(y, 1));
                    roles.putIfAbsent("bodyPitch", Pose.of(x, -1));
                    roles.putIfAbsent("bodyRoll", Pose.of(z, -1));
                }
                case JAW -> roles.putIfAbsent("jawDrop", Pose.of(x, 18));
                case EYE -> {
                    yaw = yaw.plus(Pose.of(y, 1), 1);
                    pitch = pitch.plus(Pose.of(x, -1), 1);
                }
                case LID -> {
                    boolean lower = NameMatcher.words(joint.name()).contains("lower");
                    String side = Sides.of(joint.name()) == Sides.Side.RIGHT ? ".R" : ".L";
                    roles.merge("lidClose" + side, Pose.of(x, lower ? -8 : 30), (a, b) -> a.plus(b, 1));
                }
                default -> {
                    // Necks and the rest have no action of their own.
                }
            }
        }
        if (!yaw.values().isEmpty()) {
            roles.put("eyeYaw", yaw);
            roles.put("eyePitch", pitch);
        }
        return roles;
    }

    /** Channels that nothing uses: neither a role nor a pose names them. */
    public static List<Channel> unused(Character character) {
        Set<String> used = new HashSet<>();
        character.roles().values().forEach(p -> used.addAll(p.values().keySet()));
        character.poses().values().forEach(p -> used.addAll(p.values().keySet()));
        character.couplings().forEach(c -> {
            used.add(c.driver());
            used.add(c.driven());
        });
        return character.channels().stream()
                .filter(c -> !used.contains(c.name()) && !Roles.all().contains(c.name()))
                .toList();
    }

    /** The character after the user said what a channel is; a viseme or a role. */
    public static Character assigned(Character character, String target, Pose pose) {
        boolean viseme = Arrays.stream(Viseme.values()).anyMatch(v -> v.title().equals(target));
        Map<String, Pose> changed = new LinkedHashMap<>(viseme ? character.poses() : character.roles());
        changed.put(target, pose);
        if (viseme) {
            return character.withPoses(changed);
        }
        // Shapes that lacked this action may be possible now.
        return applied(character.withRoles(changed), List.of());
    }
}
