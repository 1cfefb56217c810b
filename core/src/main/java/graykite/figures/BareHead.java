package graykite.figures;

import static graykite.base.Require.requireThat;

import graykite.base.Progress;
import graykite.geometry.Similarity;
import graykite.geometry.Vec;
import graykite.picture.Surface;
import graykite.picture.SurfacePick;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Corrective;
import graykite.rig.Deformer;
import graykite.rig.Joint;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Gives a head without shapes the shapes of a finished character: transfer of the skin, lids of its own, teeth and tongue. */
public final class BareHead {
    /** Landmarks that are asked for; the first ones matter most. */
    public static final List<String> ASKED = List.of(
            "mouth corner.L",
            "mouth corner.R",
            "upper lip top",
            "upper lip seam",
            "lower lip bottom",
            "chin",
            "nose tip",
            "nose bridge",
            "nose wing.L",
            "nose wing.R",
            "eye outer.L",
            "eye upper.L",
            "eye inner.L",
            "eye lower.L",
            "eye outer.R",
            "eye upper.R",
            "eye inner.R",
            "eye lower.R",
            "brow middle.L",
            "brow middle.R",
            "forehead",
            "jaw angle.L",
            "jaw angle.R",
            "temple.L",
            "temple.R");

    /**
     * A finished head.
     *
     * @param says time and error in words
     */
    public record Made(Character character, String says) {}

    private BareHead() {}

    /** Where the landmarks probably lie: those of a finished face, brought to the front of this one. */
    public static Map<String, Vec> guess(Character bare, Character donor) {
        List<Surface> surfaces =
                new Deformer(bare).deform(new double[bare.channels().size()]);
        double[][] own = box(bare.parts().get(largest(bare)).positions());
        double[][] theirs =
                box(donor.parts().get(donor.lips().orElseThrow().part()).positions());
        Map<String, Vec> marks = new LinkedHashMap<>();
        for (String name : ASKED) {
            if (donor.landmarks().containsKey(name)) {
                Vec p = fitted(donor.landmarks().get(name), theirs, own);
                boolean side = name.startsWith("temple") || name.startsWith("jaw");
                Vec from = side ? new Vec(4 * p.x(), p.y(), p.z()) : new Vec(p.x(), p.y(), 1000);
                Vec towards = side ? new Vec(-Math.signum(p.x()), 0, 0) : new Vec(0, 0, -1);
                marks.put(name, SurfacePick.alongRay(surfaces, from, towards).orElse(p));
            }
        }
        return marks;
    }

    private static double[][] box(float[] p) {
        double[][] box = {{1e30, 1e30, 1e30}, {-1e30, -1e30, -1e30}};
        for (int i = 0; i < p.length; i++) {
            box[0][i % 3] = Math.min(box[0][i % 3], p[i]);
            box[1][i % 3] = Math.max(box[1][i % 3], p[i]);
        }
        return box;
    }

    /** A place in one box as the same place in another. */
    private static Vec fitted(Vec p, double[][] from, double[][] to) {
        double[] at = {p.x(), p.y(), p.z()};
        for (int k = 0; k < 3; k++) {
            double share = (at[k] - from[0][k]) / Math.max(1e-9, from[1][k] - from[0][k]);
            at[k] = to[0][k] + share * (to[1][k] - to[0][k]);
        }
        return new Vec(at[0], at[1], at[2]);
    }

    /**
     * Carries the shapes over.
     *
     * @param bare the head as it was read; its largest mesh is the face, the others ride along
     * @param marks the landmarks of {@link #ASKED} on it, at least eight
     * @param donor whose shapes they are
     * @param inside true to give it the donor's teeth and tongue
     */
    public static Made of(Character bare, Map<String, Vec> marks, Character donor, boolean inside, Progress progress) {
        long start = System.nanoTime();
        requireThat(donor.lips().isPresent(), "%s has no skin to take shapes from.", donor.name());
        Part from = donor.parts().get(donor.lips().get().part());
        int face = largest(bare);
        Part to = bare.parts().get(face);
        ShapeTransfer.Carried carried = ShapeTransfer.carry(from, donor.landmarks(), to, marks, progress);
        Similarity back = LandmarkAlignment.of(donor.landmarks(), marks).inverse();
        List<MorphTarget> targets = new ArrayList<>(carried.targets());
        for (String side : List.of(".L", ".R")) {
            if (marks.containsKey("eye upper" + side) && marks.containsKey("eye lower" + side)) {
                targets.add(lid(to, marks, side));
            }
        }
        List<Part> parts = new ArrayList<>();
        parts.add(onHead(to, targets));
        for (int p = 0; p < bare.parts().size(); p++) {
            if (p != face) {
                parts.add(onHead(bare.parts().get(p), riding(bare.parts().get(p), to, targets)));
            }
        }
        if (inside) {
            donor.parts().stream().filter(BareHead::isInside).forEach(p -> parts.add(brought(p, back)));
        }
        Character made = assembled(bare.name(), donor, parts, back, marks);
        String says = String.format(
                Locale.ROOT,
                "%d shapes carried over in %.1f s; %.0f %% of the mesh matched, %.1f mm apart on the mean.",
                carried.targets().size(),
                (System.nanoTime() - start) * 1e-9,
                100 * carried.matched(),
                carried.apart());
        return new Made(made, says);
    }

    private static int largest(Character bare) {
        int best = 0;
        for (int p = 1; p < bare.parts().size(); p++) {
            best = bare.parts().get(p).vertexCount() > bare.parts().get(best).vertexCount() ? p : best;
        }
        return best;
    }

    private static boolean isInside(Part part) {
        String name = part.name().toLowerCase(Locale.ROOT);
        return name.contains("teeth") || name.contains("gum") || name.contains("tongue");
    }

    private static Part onHead(Part part, List<MorphTarget> targets) {
        return new Part(
                part.name(),
                part.material(),
                1,
                part.positions(),
                part.colours(),
                part.triangles(),
                targets,
                new Part.Looks(
                        Optional.empty(),
                        part.looks().texture(),
                        part.looks().uv(),
                        part.looks().twins(),
                        Optional.empty()));
    }

    /** A part of the donor in this head's place and size, with what moves it. */
    private static Part brought(Part part, Similarity back) {
        return new Part(
                part.name(),
                part.material(),
                1,
                back.points(part.positions()),
                part.colours(),
                part.triangles(),
                part.targets().stream()
                        .map(t -> new MorphTarget(t.name(), t.vertices(), back.directions(t.moves())))
                        .toList());
    }

    /** What lies near the face (a beard, glasses) goes with its nearest place, less the farther it is. */
    private static List<MorphTarget> riding(Part part, Part face, List<MorphTarget> targets) {
        MeshSearch search = new MeshSearch(face.positions(), face.triangles());
        int count = part.vertexCount();
        int[] nearest = new int[count];
        double[] share = new double[count];
        for (int v = 0; v < count; v++) {
            Vec p = new Vec(part.positions()[3 * v], part.positions()[3 * v + 1], part.positions()[3 * v + 2]);
            MeshSearch.Hit hit = search.nearest(p, Vec.ZERO, 3);
            nearest[v] = hit.triangle() < 0 ? -1 : face.triangles()[3 * hit.triangle()];
            share[v] = hit.triangle() < 0 ? 0 : Math.clamp(1 - (hit.distance() - 6) / 18, 0, 1);
        }
        List<MorphTarget> riding = new ArrayList<>();
        for (MorphTarget target : targets) {
            float[] all = new float[face.positions().length];
            for (int i = 0; i < target.vertices().length; i++) {
                System.arraycopy(target.moves(), 3 * i, all, 3 * target.vertices()[i], 3);
            }
            int[] moved = new int[count];
            float[] moves = new float[3 * count];
            int n = 0;
            for (int v = 0; v < count; v++) {
                if (nearest[v] >= 0 && share[v] > 0) {
                    moved[n] = v;
                    for (int k = 0; k < 3; k++) {
                        moves[3 * n + k] = (float) (share[v] * all[3 * nearest[v] + k]);
                    }
                    n++;
                }
            }
            riding.add(new MorphTarget(target.name(), Arrays.copyOf(moved, n), Arrays.copyOf(moves, 3 * n)));
        }
        return riding;
    }

    /** Draws the upper lid down to the lower one: the strip between lid and brow stretches, the eye's rim closes. */
    private static MorphTarget lid(Part face, Map<String, Vec> marks, String side) {
        Vec upper = marks.get("eye upper" + side);
        Vec lower = marks.get("eye lower" + side);
        Vec outer = marks.getOrDefault("eye outer" + side, upper);
        Vec inner = marks.getOrDefault("eye inner" + side, upper);
        double half = Math.max(6, Math.abs(outer.x() - inner.x()) / 2);
        double middle = (outer.x() + inner.x()) / 2;
        double tall = upper.y() - lower.y();
        int count = face.vertexCount();
        int[] moved = new int[count];
        float[] moves = new float[3 * count];
        int n = 0;
        for (int v = 0; v < count; v++) {
            Vec p = new Vec(face.positions()[3 * v], face.positions()[3 * v + 1], face.positions()[3 * v + 2]);
            double across = (p.x() - middle) / half;
            double arch = Math.max(0, 1 - across * across);
            double rim = lower.y() + tall * arch;
            double over = p.y() - (rim - 0.35 * tall);
            double behind = Math.max(0, Math.min(upper.z(), lower.z()) - 12 - p.z());
            if (arch <= 0 || over < 0 || over > 2.4 * tall || behind > 0) {
                continue;
            }
            double fade = over < 0.6 * tall ? 1 : 1 - (over - 0.6 * tall) / (1.8 * tall);
            moved[n] = v;
            moves[3 * n + 1] = (float) (-tall * arch * fade);
            n++;
        }
        return new MorphTarget("lidClose" + side, Arrays.copyOf(moved, n), Arrays.copyOf(moves, 3 * n));
    }

    private static Character assembled(
            String name, Character donor, List<Part> parts, Similarity back, Map<String, Vec> marks) {
        Set<String> moved = new HashSet<>();
        parts.forEach(p -> p.targets().forEach(t -> moved.add(t.name())));
        Joint body = donor.joints().getFirst();
        Joint head = donor.joints().get(1);
        Set<String> turned = new HashSet<>();
        List.of(body, head).forEach(j -> j.turns().forEach(t -> turned.add(t.channel())));
        List<Channel> channels = new ArrayList<>();
        for (Channel channel : donor.channels()) {
            if (moved.contains(channel.name()) || turned.contains(channel.name())) {
                channels.add(channel);
            }
        }
        Set<String> names = new HashSet<>();
        channels.forEach(c -> names.add(c.name()));
        List<Corrective> correctives = donor.correctives().stream()
                .filter(c -> names.contains(c.first()) && names.contains(c.second()))
                .toList();
        List<Joint> joints = List.of(
                new Joint("body", -1, back.point(body.pivot()), body.turns()),
                new Joint("head", 0, back.point(head.pivot()), head.turns()));
        Character plain = Character.modelled(name, channels, joints, parts, correctives, Optional.empty(), Map.of())
                .withCouplings(donor.couplings().stream()
                        .filter(c -> names.contains(c.driver()) && names.contains(c.driven()))
                        .toList())
                .withLandmarks(marks);
        Map<String, Pose> poses = new LinkedHashMap<>();
        donor.poses().forEach((title, pose) -> poses.put(title, pose.only(plain::has)));
        Character posed = plain.withPoses(poses);
        return posed.withLips(LipFinder.find(posed));
    }
}
