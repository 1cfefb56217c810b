package graykite.rig;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;
import graykite.picture.Surface;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicReference;

/**
 * Turns channel values into moved meshes: morph targets and correctives first, then joints, then fresh normals. What it keeps
 * does not change, so one deformer may serve several threads.
 */
public final class Deformer {
    private final Character character;
    private final Map<String, Integer> index;
    private final Map<String, Corrective> correctives = new HashMap<>();
    /** The meshes at rest; empty until they are asked for, since who measures lips needs none of them. */
    private final AtomicReference<List<Surface>> rest = new AtomicReference<>(List.of());

    public Deformer(Character character) {
        this.character = character;
        this.index = character.channelIndex();
        character.correctives().forEach(c -> correctives.put(c.name(), c));
    }

    private List<Surface> atRest() {
        List<Surface> made = rest.get();
        if (made.isEmpty()) {
            double[] still = new double[character.channels().size()];
            double[][] frames = jointFrames(still);
            made = character.parts().stream()
                    .map(part -> surface(part, still, frames))
                    .toList();
            rest.set(made);
        }
        return made;
    }

    /**
     * All parts that are seen at the given values.
     *
     * @param values one for each channel of the character
     */
    public List<Surface> deform(double[] values) {
        requireThat(values.length == character.channels().size(), "There is a value for each channel.");
        double[][] frames = jointFrames(values);
        List<Surface> surfaces = new ArrayList<>();
        for (int p = 0; p < character.parts().size(); p++) {
            Part part = character.parts().get(p);
            if (!seen(part, values)) {
                continue;
            }
            boolean still =
                    carriedStill(part, frames) && part.targets().stream().noneMatch(t -> weight(t.name(), values) != 0);
            surfaces.add(still ? atRest().get(p) : surface(part, values, frames));
        }
        return surfaces;
    }

    /** False for a drawing that is not the one that the values choose. */
    boolean seen(Part part, double[] values) {
        return part.looks().showing().map(s -> seen(s, values)).orElse(true);
    }

    private boolean seen(Showing showing, double[] values) {
        Integer channel = index.get(showing.channel());
        return showing.seenAt(channel == null ? 0 : values[channel]);
    }

    private static boolean carriedStill(Part part, double[][] frames) {
        if (part.looks().skin().isEmpty()) {
            return identity(frames[part.joint()]);
        }
        for (double[] frame : frames) {
            if (!identity(frame)) {
                return false;
            }
        }
        return true;
    }

    /** Weight of a channel's or corrective's target at given values. */
    public double weight(String target, double[] values) {
        Integer channel = index.get(target);
        if (channel != null) {
            return values[channel];
        }
        Corrective corrective = correctives.get(target);
        return corrective == null ? 0 : values[index.get(corrective.first())] * values[index.get(corrective.second())];
    }

    /** Positions of a part moved by its targets, before joints; x y z in millimetres. */
    public float[] morphed(Part part, double[] values) {
        float[] positions = part.positions().clone();
        Map<String, Double> weights = new HashMap<>();
        for (MorphTarget target : part.targets()) {
            float weight = weights.computeIfAbsent(target.name(), name -> weight(name, values))
                    .floatValue();
            if (weight == 0) {
                continue;
            }
            int[] vertices = target.vertices();
            float[] moves = target.moves();
            for (int i = 0; i < vertices.length; i++) {
                int at = 3 * vertices[i];
                positions[at] += weight * moves[3 * i];
                positions[at + 1] += weight * moves[3 * i + 1];
                positions[at + 2] += weight * moves[3 * i + 2];
            }
        }
        return positions;
    }

    private Surface surface(Part part, double[] values, double[][] frames) {
        float[] positions = placed(part, values, frames);
        Part.Looks looks = part.looks();
        return new Surface(
                positions,
                Normals.of(positions, part.triangles(), looks.twins()),
                part.colours(),
                part.triangles(),
                part.material(),
                looks.texture(),
                looks.uv());
    }

    /** Positions of a part moved by its targets and carried by its joints; x y z in millimetres. */
    public float[] placed(Part part, double[] values) {
        return placed(part, values, jointFrames(values));
    }

    private float[] placed(Part part, double[] values, double[][] frames) {
        float[] positions = morphed(part, values);
        if (part.looks().skin().isPresent()) {
            skinned(positions, part.looks().skin().get(), frames);
        } else if (!identity(frames[part.joint()])) {
            carried(positions, frames[part.joint()]);
        }
        return positions;
    }

    private static void carried(float[] positions, double[] frame) {
        for (int i = 0; i < positions.length; i += 3) {
            float x = positions[i];
            float y = positions[i + 1];
            float z = positions[i + 2];
            positions[i] = (float) (frame[0] * x + frame[1] * y + frame[2] * z + frame[3]);
            positions[i + 1] = (float) (frame[4] * x + frame[5] * y + frame[6] * z + frame[7]);
            positions[i + 2] = (float) (frame[8] * x + frame[9] * y + frame[10] * z + frame[11]);
        }
    }

    private static void skinned(float[] positions, Skin skin, double[][] frames) {
        double[] moved = new double[3];
        int each = skin.perVertex(positions.length / 3);
        for (int i = 0; i < positions.length; i += 3) {
            float x = positions[i];
            float y = positions[i + 1];
            float z = positions[i + 2];
            moved[0] = 0;
            moved[1] = 0;
            moved[2] = 0;
            int first = i / 3 * each;
            for (int k = first; k < first + each; k++) {
                float weight = skin.weights()[k];
                if (weight != 0) {
                    double[] frame = frames[skin.joints()[k]];
                    moved[0] += weight * (frame[0] * x + frame[1] * y + frame[2] * z + frame[3]);
                    moved[1] += weight * (frame[4] * x + frame[5] * y + frame[6] * z + frame[7]);
                    moved[2] += weight * (frame[8] * x + frame[9] * y + frame[10] * z + frame[11]);
                }
            }
            positions[i] = (float) moved[0];
            positions[i + 1] = (float) moved[1];
            positions[i + 2] = (float) moved[2];
        }
    }

    /** Twelve figures a joint: rows of a 3 by 4 matrix from rest space to posed space. */
    public double[][] jointFrames(double[] values) {
        double[][] frames = new double[character.joints().size()][];
        for (int j = 0; j < frames.length; j++) {
            Joint joint = character.joints().get(j);
            double[] own = turned(joint, angles(joint, values));
            double[] slid = slides(joint, values);
            own[3] += slid[0];
            own[7] += slid[1];
            own[11] += slid[2];
            frames[j] = joint.parent() < 0 ? own : product(frames[joint.parent()], own);
        }
        return frames;
    }

    /** Degrees about x, y and z of a joint at given values. */
    public double[] angles(Joint joint, double[] values) {
        double[] degrees = new double[3];
        for (Joint.Turn turn : joint.turns()) {
            Integer channel = index.get(turn.channel());
            if (channel != null) {
                degrees[turn.axis().ordinal()] += turn.degrees() * values[channel];
            }
        }
        return degrees;
    }

    /** Millimetres along x, y and z by which a joint slides at given values. */
    public double[] slides(Joint joint, double[] values) {
        double[] moved = new double[3];
        for (Joint.Slide slide : joint.slides()) {
            Integer channel = index.get(slide.channel());
            if (channel != null) {
                moved[slide.axis().ordinal()] += slide.millimetres() * values[channel];
            }
        }
        return moved;
    }

    private static double[] turned(Joint joint, double[] degrees) {
        double cx = Math.cos(Math.toRadians(degrees[0]));
        double sx = Math.sin(Math.toRadians(degrees[0]));
        double cy = Math.cos(Math.toRadians(degrees[1]));
        double sy = Math.sin(Math.toRadians(degrees[1]));
        double cz = Math.cos(Math.toRadians(degrees[2]));
        double sz = Math.sin(Math.toRadians(degrees[2]));
        double[] m = {
            cy * cz + sy * sx * sz,
            -cy * sz + sy * sx * cz,
            sy * cx,
            0,
            cx * sz,
            cx * cz,
            -sx,
            0,
            -sy * cz + cy * sx * sz,
            sy * sz + cy * sx * cz,
            cy * cx,
            0
        };
        Vec p = joint.pivot();
        for (int r = 0; r < 3; r++) {
            double own = r == 0 ? p.x() : r == 1 ? p.y() : p.z();
            m[4 * r + 3] = own - (m[4 * r] * p.x() + m[4 * r + 1] * p.y() + m[4 * r + 2] * p.z());
        }
        return m;
    }

    private static double[] product(double[] a, double[] b) {
        double[] m = new double[12];
        for (int r = 0; r < 3; r++) {
            for (int c = 0; c < 4; c++) {
                double sum = c == 3 ? a[4 * r + 3] : 0;
                for (int k = 0; k < 3; k++) {
                    sum += a[4 * r + k] * b[4 * k + c];
                }
                m[4 * r + c] = sum;
            }
        }
        return m;
    }

    private static boolean identity(double[] m) {
        return m[0] == 1 && m[5] == 1 && m[10] == 1 && m[3] == 0 && m[7] == 0 && m[11] == 0;
    }
}
