package graykite.people.face;

import static graykite.base.Require.requireThat;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Material;
import graykite.picture.Texture;
import graykite.rig.Channel;
import graykite.rig.Channel.Group;
import graykite.rig.Character;
import graykite.rig.Corrective;
import graykite.rig.Joint;
import graykite.rig.Landmarks;
import graykite.rig.LipLine;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;

/**
 * A flat character from one picture of a face: the picture bends. It is laid on a grid that is cut along the lips; facial
 * actions move the grid as they move our modelled faces, the mouth opens onto a painted inside, lids slide down over the
 * eyes, and a gentle relief lets the head turn a little.
 */
public final class PictureFigure {
    /** Landmarks that the user must mark; the others follow from them. */
    public static final List<String> NEEDED = List.of(
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
            "nose tip",
            "mouth corner.L",
            "mouth corner.R",
            "upper lip top",
            "upper lip seam",
            "lower lip bottom",
            "chin",
            "jaw angle.L",
            "jaw angle.R",
            "forehead");

    private static final double HEAD_DEGREES = 18;

    private final Texture picture;
    private final PictureForm form;
    private final FacePlan plan;
    private final Actions actions;
    private final PictureGrid grid;
    private final Map<String, Channel> channels = new LinkedHashMap<>();
    private final List<Corrective> correctives = new ArrayList<>();

    private PictureFigure(Texture picture, Map<String, Vec> pixels) {
        for (String name : NEEDED) {
            requireThat(pixels.containsKey(name), "The landmark \"%s\" is not marked.", name);
        }
        this.picture = picture;
        this.form = new PictureForm(pixels);
        this.plan = form.plan();
        this.actions = new Actions(plan, true);
        this.grid = new PictureGrid(picture, form.marks(), form::flat, form::relief, plan);
        actions.channels().forEach(channels::put);
    }

    /**
     * Builds the character.
     *
     * @param pixels where the landmarks of {@link #NEEDED} lie, x to the right and y down in pixels of the picture; left and
     *     right are the character's own
     * @throws IllegalArgumentException when one is missing or they do not lie as on a face
     */
    public static Character of(String name, Texture picture, Map<String, Vec> pixels) {
        return new PictureFigure(picture, pixels).build(name);
    }

    /** Where the landmarks lie on a usual portrait of this size: a start for those who mark them. */
    public static Map<String, Vec> usual(int width, int height) {
        Map<String, Vec> ours = new LinkedHashMap<>();
        double face = 0.42 * Math.min(width, height) / 100;
        double[][] at = {
            {46, -22},
            {32, -30},
            {18, -22},
            {32, -16},
            {-46, -22},
            {-32, -30},
            {-18, -22},
            {-32, -16},
            {32, -48},
            {-32, -48},
            {0, 12},
            {25, 48},
            {-25, 48},
            {0, 38},
            {0, 47},
            {0, 60},
            {0, 90},
            {62, 48},
            {-62, 48},
            {0, -88}
        };
        for (int i = 0; i < at.length; i++) {
            ours.put(NEEDED.get(i), new Vec(width / 2.0 + at[i][0] * face, height / 2.0 + at[i][1] * face, 0));
        }
        return ours;
    }

    private Character build(String name) {
        List<Part> parts = new ArrayList<>();
        Part skin = skin();
        parts.add(skin);
        PictureMouth mouth = new PictureMouth(plan, actions, this::turned);
        parts.addAll(mouth.parts());
        PictureLids lids =
                new PictureLids(picture, form.marks(), form::flat, form::relief, form.scale(), form.origin());
        for (String side : List.of(".L", ".R")) {
            parts.addAll(lids.parts(side, this::turned));
            channels.put(
                    "lidClose" + side, new Channel("lidClose" + side, Group.LIDS, 0, 1, "Closes the eye (AU 43, 45)"));
        }
        for (String tongue : List.of("tongueUp", "tongueOut", "tongueBack")) {
            channels.put(tongue, new Channel(tongue, Group.TONGUE, 0, 1, "Moves the painted tongue"));
        }
        addHead();
        List<Channel> sorted = new ArrayList<>(channels.values());
        sorted.sort(Comparator.comparing(Channel::group));
        Character plain = Character.modelled(
                name,
                sorted,
                List.of(new Joint("body", -1, Vec.ZERO, List.of())),
                parts,
                correctives,
                Optional.of(new LipLine(0, grid.upperSeam(), grid.lowerSeam())),
                Map.of());
        return plain.withPoses(poses(plain)).withLandmarks(landmarks());
    }

    private static Map<String, Pose> poses(Character character) {
        Map<String, Pose> poses = new LinkedHashMap<>();
        FacePoses.visemes().forEach((title, pose) -> poses.put(title, pose.only(character::has)));
        FacePoses.expressions().forEach((title, pose) -> poses.put(title, pose.only(character::has)));
        return poses;
    }

    private Map<String, Vec> landmarks() {
        Map<String, Vec> all = new LinkedHashMap<>();
        for (String name : Landmarks.NAMES) {
            if (form.marks().containsKey(name)) {
                all.put(name, form.standing(form.mark(name).x(), form.mark(name).y()));
            }
        }
        return all;
    }

    private void addHead() {
        channels.put(
                "headYaw",
                new Channel(
                        "headYaw",
                        Group.HEAD,
                        -HEAD_DEGREES,
                        HEAD_DEGREES,
                        "Turns the face a little to the left, degrees"));
        channels.put(
                "headPitch",
                new Channel(
                        "headPitch", Group.HEAD, -HEAD_DEGREES, HEAD_DEGREES, "Turns the face a little up, degrees"));
        channels.put("headRoll", new Channel("headRoll", Group.HEAD, -8, 8, "Tilts the face a little, degrees"));
    }

    /** What a degree of turning does to a place: what stands out moves farther than what lies back. */
    private Map<String, Vec> turned(Vec p) {
        double a = Math.toRadians(1);
        double chin = form.mark("chin").y() - 20;
        double held = smooth(chin - 45, chin + 25, p.y()) * smooth(4.5, 1.6, form.outline(p.x(), p.y()));
        Map<String, Vec> turns = new LinkedHashMap<>();
        double z = p.z() < 0 ? form.relief(p.x(), p.y()) + p.z() : p.z();
        turns.put("headYaw", new Vec(0.9 * z * a, 0, 0));
        turns.put("headPitch", new Vec(0, 0.9 * z * a, 0));
        turns.put("headRoll", new Vec((p.y() - chin) * a, -p.x() * a, 0).times(held));
        return turns;
    }

    private Part skin() {
        List<MorphTarget> targets = new ArrayList<>();
        actions.moves().forEach((action, move) -> add(targets, action, i -> flatMove(move, i)));
        for (String opener : SkinPart.OPENERS) {
            String name = "lipsTogether*" + opener;
            Move move = actions.moves().get(opener);
            correctives.add(new Corrective(name, "lipsTogether", opener));
            add(targets, name, i -> closing(move, i));
        }
        for (String turn : List.of("headYaw", "headPitch", "headRoll")) {
            add(targets, turn, i -> turned(grid.point(i)).get(turn));
        }
        float[] colours = new float[3 * grid.size()];
        Arrays.fill(colours, 1);
        return new Part(
                "picture",
                Material.drawing("picture"),
                0,
                grid.positions(),
                colours,
                grid.triangles(),
                targets,
                Part.Looks.textured(picture, grid.uv()));
    }

    /** The table's movement without its depth: a picture has none to give. */
    private Vec flatMove(Move move, int vertex) {
        Vec m = move.at(grid.spot(vertex));
        return new Vec(m.x(), m.y(), 0).times(grid.loose(vertex));
    }

    /** Takes back what an action opens between the lips. */
    private Vec closing(Move move, int vertex) {
        Spot spot = grid.spot(vertex);
        int[] pair = grid.seamBeside(vertex);
        if (pair.length == 0) {
            return Vec.ZERO;
        }
        Vec opened = flatMove(move, pair[0]).minus(flatMove(move, pair[1]));
        double away = Math.abs(grid.point(vertex).y() - grid.point(pair[0]).y());
        double reach = smooth(24, 0, Math.max(0, away - 6));
        return opened.times(spot.half() > 0 ? -0.22 * reach : 0.78 * reach);
    }

    private static void add(List<MorphTarget> targets, String name, IntFunction<Vec> move, int count) {
        int[] moved = new int[count];
        float[] moves = new float[3 * count];
        int n = 0;
        for (int i = 0; i < count; i++) {
            Vec m = move.apply(i);
            if (m.length() > 0.002) {
                moved[n] = i;
                moves[3 * n] = (float) m.x();
                moves[3 * n + 1] = (float) m.y();
                moves[3 * n + 2] = (float) m.z();
                n++;
            }
        }
        targets.add(new MorphTarget(name, Arrays.copyOf(moved, n), Arrays.copyOf(moves, 3 * n)));
    }

    private void add(List<MorphTarget> targets, String name, IntFunction<Vec> move) {
        add(targets, name, move, grid.size());
    }
}
