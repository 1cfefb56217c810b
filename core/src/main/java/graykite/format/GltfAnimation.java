package graykite.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.geometry.Vec;
import graykite.motion.LinearThinning;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Joint;
import graykite.rig.MorphTarget;
import graykite.time.FrameRate;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** Writes the animation of a character that stands in a glTF file already: turns and slides of joints, weights of targets. */
final class GltfAnimation {
    private static final float METRES = GltfWriter.METRES;

    /** What a part of a quaternion changes by in a quarter turn: half the angle, in radians. */
    private static final double QUARTER_TURN = Math.PI / 4;

    /** Metres. */
    private static final double SLIDE = 0.01;

    private final Character character;
    private final ObjectNode root;
    private final GltfBinary binary;
    private final int[] partNode;
    private final double thinning;
    private float[] times = new float[0];
    private int everyFrame;
    private ArrayNode samplers;
    private ArrayNode channels;

    /**
     * @param root of the file
     * @param partNode node of each part of the character
     * @param thinning largest error of thinned keys as a share of what is usual; 0 for a key every frame
     */
    GltfAnimation(Character character, ObjectNode root, GltfBinary binary, int[] partNode, double thinning) {
        this.character = character;
        this.root = root;
        this.binary = binary;
        this.partNode = partNode;
        this.thinning = thinning;
        this.samplers = root.arrayNode();
        this.channels = root.arrayNode();
    }

    void write(FrameTable table) {
        FrameRate rate = table.rate();
        int frames = table.rows().size();
        times = new float[frames];
        // The standard has no time before 0: what begins before the start begins at 0, and says where the start is.
        double shift = Math.max(0, -table.timeOf(0));
        for (int f = 0; f < frames; f++) {
            times[f] = (float) (table.timeOf(f) + shift);
        }
        everyFrame = thinning > 0 ? -1 : binary.vectors(times, 1, true, 0);
        ObjectNode animation = root.putArray("animations").addObject();
        animation.put("name", "line");
        if (shift > 0) {
            animation.putObject("extras").put("lineStart", shift);
        }
        samplers = animation.putArray("samplers");
        channels = animation.putArray("channels");
        Deformer deformer = new Deformer(character);
        for (int j = 0; j < character.joints().size(); j++) {
            Joint joint = character.joints().get(j);
            if (!joint.turns().isEmpty()) {
                float[] turns = new float[4 * frames];
                for (int f = 0; f < frames; f++) {
                    quaternion(deformer.angles(joint, table.rows().get(f)), turns, 4 * f);
                }
                channel(turns, 4, thinning * QUARTER_TURN, j, "rotation");
            }
            if (!joint.slides().isEmpty()) {
                float[] places = new float[3 * frames];
                Vec rest = joint.parent() < 0
                        ? joint.pivot()
                        : joint.pivot()
                                .minus(character.joints().get(joint.parent()).pivot());
                for (int f = 0; f < frames; f++) {
                    double[] slid = deformer.slides(joint, table.rows().get(f));
                    places[3 * f] = (float) (rest.x() + slid[0]) * METRES;
                    places[3 * f + 1] = (float) (rest.y() + slid[1]) * METRES;
                    places[3 * f + 2] = (float) (rest.z() + slid[2]) * METRES;
                }
                channel(places, 3, thinning * SLIDE, j, "translation");
            }
        }
        for (int p = 0; p < character.parts().size(); p++) {
            writeShowing(p, table);
        }
        for (int p = 0; p < character.parts().size(); p++) {
            List<MorphTarget> targets = character.parts().get(p).targets();
            if (targets.isEmpty()) {
                continue;
            }
            float[] weights = new float[frames * targets.size()];
            int at = 0;
            for (double[] row : table.rows()) {
                for (MorphTarget target : targets) {
                    weights[at++] = (float) deformer.weight(target.name(), row);
                }
            }
            channel(weights, targets.size(), thinning, partNode[p], "weights");
        }
        root.withObject("/extras")
                .put("framesPerSecond", rate.perSecond())
                .put("rateNumerator", rate.numerator())
                .put("rateDenominator", rate.denominator());
    }

    /** A drawing that is seen now and then: full size or none, from one frame to the next. */
    private void writeShowing(int p, FrameTable table) {
        character.parts().get(p).looks().showing().ifPresent(showing -> {
            int at = character.channelIndex().getOrDefault(showing.channel(), -1);
            float[] sizes = new float[3 * table.rows().size()];
            for (int f = 0; f < table.rows().size(); f++) {
                double value = at < 0 ? 0 : table.rows().get(f)[at];
                Arrays.fill(sizes, 3 * f, 3 * f + 3, showing.seenAt(value) ? 1 : 0);
            }
            stepped(sizes, partNode[p]);
            ((ObjectNode) samplers.get(samplers.size() - 1)).put("interpolation", "STEP");
        });
    }

    /** Full size or none changes from one frame to the next; where it does is all there is to say. */
    private void stepped(float[] sizes, int node) {
        int frames = times.length;
        int[] kept = IntStream.range(0, frames)
                .filter(f -> thinning == 0 || f == 0 || f == frames - 1 || sizes[3 * f] != sizes[3 * f - 3])
                .toArray();
        sampler(kept, sizes, 3, node, "scale");
    }

    /** @param allowed largest error in the values' own unit; 0 for a key every frame */
    private void channel(float[] values, int width, double allowed, int node, String path) {
        int[] kept = allowed == 0
                ? IntStream.range(0, times.length).toArray()
                : LinearThinning.kept(times, values, width, allowed);
        sampler(kept, values, width, node, path);
    }

    private void sampler(int[] kept, float[] values, int width, int node, String path) {
        boolean all = kept.length == times.length && everyFrame >= 0;
        int input = all ? everyFrame : binary.vectors(some(times, 1, kept), 1, true, 0);
        float[] keys = all ? values : some(values, width, kept);
        int size = path.equals("weights") ? 1 : width;
        // Weights and turns are shares; places are metres and keep their floats.
        boolean shares = path.equals("weights") || path.equals("rotation");
        int output = shares ? binary.keys(keys, size) : binary.vectors(keys, size, false, 0);
        samplers.addObject().put("input", input).put("output", output).put("interpolation", "LINEAR");
        ObjectNode channel = channels.addObject();
        channel.put("sampler", samplers.size() - 1);
        channel.putObject("target").put("node", node).put("path", path);
    }

    private static float[] some(float[] values, int width, int[] kept) {
        float[] chosen = new float[kept.length * width];
        for (int k = 0; k < kept.length; k++) {
            System.arraycopy(values, kept[k] * width, chosen, k * width, width);
        }
        return chosen;
    }

    /** Degrees about z, then x, then y, as a unit quaternion x y z w. */
    static void quaternion(double[] degrees, float[] out, int at) {
        double hx = Math.toRadians(degrees[0]) / 2;
        double hy = Math.toRadians(degrees[1]) / 2;
        double hz = Math.toRadians(degrees[2]) / 2;
        double cx = Math.cos(hx);
        double sx = Math.sin(hx);
        double cy = Math.cos(hy);
        double sy = Math.sin(hy);
        double cz = Math.cos(hz);
        double sz = Math.sin(hz);
        out[at] = (float) (cy * sx * cz + sy * cx * sz);
        out[at + 1] = (float) (sy * cx * cz - cy * sx * sz);
        out[at + 2] = (float) (cy * cx * sz - sy * sx * cz);
        out[at + 3] = (float) (cy * cx * cz + sy * sx * sz);
    }
}
