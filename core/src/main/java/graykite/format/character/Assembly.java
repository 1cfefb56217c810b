package graykite.format.character;

import graykite.figures.LipFinder;
import graykite.figures.Match;
import graykite.figures.Matching;
import graykite.figures.NameMatcher;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Corrective;
import graykite.rig.Coupling;
import graykite.rig.Joint;
import graykite.rig.Part;
import graykite.rig.Pose;
import graykite.rig.Roles;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Puts a character together from meshes, joints and names that were read, and matches what can be matched. */
final class Assembly {
    private Assembly() {}

    /**
     * A modelled character.
     *
     * @param shapes names of all shapes, in the order of the file
     * @param poses poses that the file brought, over its channels
     */
    static Found modelled(
            String name,
            Collection<String> shapes,
            List<Joint> joints,
            List<Part> parts,
            Map<String, Pose> poses,
            List<String> remarks) {
        Set<String> all = new HashSet<>(shapes);
        List<Channel> channels = new ArrayList<>();
        List<Corrective> correctives = new ArrayList<>();
        for (String shape : shapes) {
            String[] factors = shape.split("\\*", 2);
            if (factors.length == 2 && all.contains(factors[0]) && all.contains(factors[1])) {
                correctives.add(new Corrective(shape, factors[0], factors[1]));
            } else {
                channels.add(new Channel(shape, group(shape), 0, 1, describes(shape)));
            }
        }
        addJointChannels(joints, channels);
        List<Coupling> couplings = new ArrayList<>(GazeShapes.couplings(channels));
        for (String gaze : List.of("eyeYaw", "eyePitch")) {
            boolean needed = couplings.stream().anyMatch(c -> c.driver().equals(gaze));
            if (needed && !all.contains(gaze)) {
                channels.add(new Channel(
                        gaze, Channel.Group.EYES, -35, 35, "Turns both eyes, degrees; handed on to the shapes"));
            }
        }
        Character raw = new Character(
                name,
                Character.Kind.MODELLED,
                channels,
                joints,
                parts,
                correctives,
                Optional.empty(),
                poses,
                Map.of(),
                couplings,
                Map.of());
        List<Match> matches = new ArrayList<>(Matching.of(channels));
        poses.keySet()
                .forEach(pose -> NameMatcher.match(pose)
                        .filter(m -> m.viseme() && !m.target().equals(pose))
                        .ifPresent(matches::add));
        Character matched = Matching.applied(
                raw.withPoses(named(poses)),
                matches.stream()
                        .filter(m -> raw.channelIndex().containsKey(m.channel()))
                        .toList());
        return new Found(matched.withLips(LipFinder.find(matched)), matches, remarks);
    }

    /** Poses whose names are spelled sounds also go by the name of their viseme. */
    private static Map<String, Pose> named(Map<String, Pose> poses) {
        Map<String, Pose> named = new LinkedHashMap<>(poses);
        poses.forEach((name, pose) ->
                NameMatcher.match(name).filter(Match::viseme).ifPresent(m -> named.putIfAbsent(m.target(), pose)));
        return named;
    }

    private static String describes(String shape) {
        return NameMatcher.match(shape)
                .map(m -> "Taken for \"" + m.target() + "\" (" + m.inWords() + ")")
                .orElse("Not known yet");
    }

    private static Channel.Group group(String shape) {
        return NameMatcher.match(shape)
                .map(m -> m.viseme() ? Channel.Group.LIPS : Roles.group(m.target()))
                .orElse(Channel.Group.OTHER);
    }

    /** Joints from which a head or a neck hangs: whatever they are called, they turn the body. */
    private static Set<Integer> carryingAHead(List<Joint> joints) {
        Set<Integer> trunk = new HashSet<>();
        for (Joint joint : joints) {
            NameMatcher.JointKind kind = NameMatcher.joint(joint.name());
            if (kind == NameMatcher.JointKind.HEAD || kind == NameMatcher.JointKind.NECK) {
                for (int above = joint.parent(); above >= 0 && trunk.add(above); ) {
                    above = joints.get(above).parent();
                }
            }
        }
        return trunk;
    }

    private static void addJointChannels(List<Joint> joints, List<Channel> channels) {
        Set<Integer> trunk = carryingAHead(joints);
        for (int j = 0; j < joints.size(); j++) {
            Joint joint = joints.get(j);
            NameMatcher.JointKind named = NameMatcher.joint(joint.name());
            NameMatcher.JointKind kind =
                    named == NameMatcher.JointKind.OTHER && trunk.contains(j) ? NameMatcher.JointKind.BODY : named;
            double reach = switch (kind) {
                case HEAD, NECK, BODY -> 60;
                case JAW, EYE, LID, TONGUE -> 40;
                case OTHER -> 90;
            };
            Channel.Group group = switch (kind) {
                case HEAD, NECK -> Channel.Group.HEAD;
                case BODY -> Channel.Group.BODY;
                case JAW -> Channel.Group.JAW;
                case EYE -> Channel.Group.EYES;
                case LID -> Channel.Group.LIDS;
                case TONGUE -> Channel.Group.TONGUE;
                case OTHER -> Channel.Group.OTHER;
            };
            joint.turns()
                    .forEach(t -> channels.add(new Channel(
                            t.channel(), group, -reach, reach, "Turns the joint about " + t.axis() + ", degrees")));
            joint.slides()
                    .forEach(s -> channels.add(new Channel(
                            s.channel(), group, -60, 60, "Moves the joint along " + s.axis() + ", millimetres")));
        }
    }
}
