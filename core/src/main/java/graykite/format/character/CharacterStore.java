package graykite.format.character;

import graykite.geometry.Vec;
import graykite.picture.Material;
import graykite.picture.Texture;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Corrective;
import graykite.rig.Coupling;
import graykite.rig.Joint;
import graykite.rig.LipLine;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import graykite.rig.Pose;
import graykite.rig.Showing;
import graykite.rig.Skin;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Keeps a whole character in a compact binary form, with everything that a user decided about it. Our own cast is stored
 * so, and files that end in {@link #EXTENSION}.
 */
public final class CharacterStore {
    /** Of files that hold one character. */
    public static final String EXTENSION = ".kite-character";

    /** Bytes that a stored character may have. */
    public static final int LARGEST = 400 << 20;

    private static final int MAGIC = 0x4B434852;
    private static final int VERSION = 2;

    private CharacterStore() {}

    public static void write(Character character, OutputStream stream) throws IOException {
        DataOutputStream out = new DataOutputStream(stream);
        out.writeInt(MAGIC);
        out.writeInt(VERSION);
        text(character.name(), out);
        text(character.kind().name(), out);
        list(character.channels(), out, CharacterStore::writeChannel);
        list(character.joints(), out, CharacterStore::writeJoint);
        list(character.parts(), out, CharacterStore::writePart);
        list(character.correctives(), out, (corrective, o) -> {
            text(corrective.name(), o);
            text(corrective.first(), o);
            text(corrective.second(), o);
        });
        list(character.lips().stream().toList(), out, (lips, o) -> {
            o.writeInt(lips.part());
            ints(lips.upper(), o);
            ints(lips.lower(), o);
        });
        poses(character.poses(), out);
        poses(character.roles(), out);
        list(character.couplings(), out, CharacterStore::writeCoupling);
        list(List.copyOf(character.landmarks().entrySet()), out, (landmark, o) -> {
            text(landmark.getKey(), o);
            vec(landmark.getValue(), o);
        });
        out.flush();
    }

    @FunctionalInterface
    private interface Item<T> {
        void write(T item, DataOutputStream out) throws IOException;
    }

    private static <T> void list(List<T> items, DataOutputStream out, Item<T> writer) throws IOException {
        out.writeInt(items.size());
        for (T item : items) {
            writer.write(item, out);
        }
    }

    private static void writeChannel(Channel channel, DataOutputStream out) throws IOException {
        text(channel.name(), out);
        text(channel.group().name(), out);
        out.writeDouble(channel.min());
        out.writeDouble(channel.max());
        text(channel.describes(), out);
    }

    private static void writeJoint(Joint joint, DataOutputStream out) throws IOException {
        text(joint.name(), out);
        out.writeInt(joint.parent());
        vec(joint.pivot(), out);
        list(joint.turns(), out, (turn, o) -> {
            text(turn.channel(), o);
            text(turn.axis().name(), o);
            o.writeDouble(turn.degrees());
        });
        list(joint.slides(), out, (slide, o) -> {
            text(slide.channel(), o);
            text(slide.axis().name(), o);
            o.writeDouble(slide.millimetres());
        });
    }

    private static void writePart(Part part, DataOutputStream out) throws IOException {
        Material m = part.material();
        text(part.name(), out);
        text(m.name(), out);
        out.writeFloat(m.roughness());
        out.writeFloat(m.gloss());
        out.writeFloat(m.softness());
        out.writeFloat(m.warmth());
        out.writeBoolean(m.castsShadow());
        out.writeBoolean(m.painted());
        out.writeInt(part.joint());
        floats(part.positions(), out);
        floats(part.colours(), out);
        ints(part.triangles(), out);
        list(part.targets(), out, (target, o) -> {
            text(target.name(), o);
            ints(target.vertices(), o);
            floats(target.moves(), o);
        });
        Part.Looks looks = part.looks();
        list(looks.skin().stream().toList(), out, (skin, o) -> {
            ints(skin.joints(), o);
            floats(skin.weights(), o);
        });
        list(looks.texture().stream().toList(), out, (texture, o) -> {
            o.writeInt(texture.width());
            o.writeInt(texture.height());
            ints(texture.pixels(), o);
        });
        floats(looks.uv(), out);
        ints(looks.twins(), out);
        list(looks.showing().stream().toList(), out, (showing, o) -> {
            text(showing.channel(), o);
            o.writeInt(showing.number());
        });
    }

    private static void writeCoupling(Coupling coupling, DataOutputStream out) throws IOException {
        text(coupling.driver(), out);
        text(coupling.driven(), out);
        text(coupling.rule().name(), out);
        list(coupling.curve(), out, (point, o) -> {
            o.writeDouble(point.at());
            o.writeDouble(point.figure());
        });
    }

    private static void poses(Map<String, Pose> poses, DataOutputStream out) throws IOException {
        list(List.copyOf(poses.entrySet()), out, (pose, o) -> {
            text(pose.getKey(), o);
            list(List.copyOf(pose.getValue().values().entrySet()), o, (value, p) -> {
                text(value.getKey(), p);
                p.writeDouble(value.getValue());
            });
        });
    }

    private static void text(String text, DataOutputStream out) throws IOException {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        out.writeInt(bytes.length);
        out.write(bytes);
    }

    private static void vec(Vec v, DataOutputStream out) throws IOException {
        out.writeDouble(v.x());
        out.writeDouble(v.y());
        out.writeDouble(v.z());
    }

    private static void floats(float[] values, DataOutputStream out) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(4 * values.length);
        bytes.asFloatBuffer().put(values);
        out.writeInt(values.length);
        out.write(bytes.array());
    }

    private static void ints(int[] values, DataOutputStream out) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(4 * values.length);
        bytes.asIntBuffer().put(values);
        out.writeInt(values.length);
        out.write(bytes.array());
    }

    /**
     * Reads a stored character.
     *
     * @throws IOException when the stream does not hold a character, is damaged or was written by a newer version; the
     *     message says which
     */
    public static Character read(InputStream stream) throws IOException {
        byte[] bytes = stream.readNBytes(LARGEST + 1);
        if (bytes.length > LARGEST) {
            throw new IOException("it is larger than " + (LARGEST >> 20) + " MB");
        }
        StoredFields in = new StoredFields(ByteBuffer.wrap(bytes));
        if (bytes.length < 8 || in.integer() != MAGIC) {
            throw new IOException("it is not a character of Gray Kite");
        }
        int version = in.integer();
        if (version != VERSION) {
            throw new IOException("it was written by another version of Gray Kite (form " + version
                    + ", this one reads " + VERSION + ")");
        }
        try {
            return character(in);
        } catch (IllegalArgumentException | BufferUnderflowException damaged) {
            throw new IOException("it is damaged at byte " + in.position(), damaged);
        }
    }

    private static Character character(StoredFields in) throws IOException {
        String name = in.text();
        Character.Kind kind = in.name(Character.Kind.class);
        List<Channel> channels = in.list(
                () -> new Channel(in.text(), in.name(Channel.Group.class), in.figure(), in.figure(), in.text()));
        List<Joint> joints = in.list(() -> new Joint(
                in.text(),
                in.integer(),
                in.vec(),
                in.list(() -> new Joint.Turn(in.text(), in.name(Joint.Axis.class), in.figure())),
                in.list(() -> new Joint.Slide(in.text(), in.name(Joint.Axis.class), in.figure()))));
        List<Part> parts = in.list(() -> part(in));
        List<Corrective> correctives = in.list(() -> new Corrective(in.text(), in.text(), in.text()));
        Optional<LipLine> lips = in.list(() -> new LipLine(in.integer(), in.ints(), in.ints())).stream()
                .findFirst();
        Map<String, Pose> poses = in.map(() -> pose(in));
        Map<String, Pose> roles = in.map(() -> pose(in));
        List<Coupling> couplings = in.list(() -> new Coupling(
                in.text(),
                in.text(),
                in.name(Coupling.Rule.class),
                in.list(() -> new Coupling.Point(in.figure(), in.figure()))));
        Map<String, Vec> landmarks = in.map(in::vec);
        return new Character(
                name, kind, channels, joints, parts, correctives, lips, poses, roles, couplings, landmarks);
    }

    private static Pose pose(StoredFields in) throws IOException {
        return new Pose(in.map(in::figure));
    }

    private static Part part(StoredFields in) throws IOException {
        String name = in.text();
        Material material =
                new Material(in.text(), in.single(), in.single(), in.single(), in.single(), in.flag(), in.flag());
        int joint = in.integer();
        float[] positions = in.floats();
        float[] colours = in.floats();
        int[] triangles = in.ints();
        List<MorphTarget> targets = in.list(() -> new MorphTarget(in.text(), in.ints(), in.floats()));
        Optional<Skin> skin =
                in.list(() -> new Skin(in.ints(), in.floats())).stream().findFirst();
        Optional<Texture> texture = in.list(() -> new Texture(in.integer(), in.integer(), in.ints())).stream()
                .findFirst();
        Part.Looks looks = new Part.Looks(
                skin,
                texture,
                in.floats(),
                in.ints(),
                in.list(() -> new Showing(in.text(), in.integer())).stream().findFirst());
        return new Part(name, material, joint, positions, colours, triangles, targets, looks);
    }
}
