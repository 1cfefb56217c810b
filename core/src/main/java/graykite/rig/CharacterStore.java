package graykite.rig;

import graykite.picture.Material;
import graykite.picture.Vec;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Keeps a finished character in a compact binary form, so that our own cast opens in a moment instead of being made anew
 * each time. Written while Gray Kite is built, read by the same version only; no format for exchange.
 */
public final class CharacterStore {
    private static final int MAGIC = 0x4B434831;

    private CharacterStore() {}

    public static void write(Character character, OutputStream stream) throws IOException {
        DataOutputStream out = new DataOutputStream(stream);
        out.writeInt(MAGIC);
        out.writeUTF(character.name());
        out.writeInt(character.channels().size());
        for (Channel channel : character.channels()) {
            out.writeUTF(channel.name());
            out.writeUTF(channel.group().name());
            out.writeDouble(channel.min());
            out.writeDouble(channel.max());
            out.writeUTF(channel.describes());
        }
        out.writeInt(character.joints().size());
        for (Joint joint : character.joints()) {
            out.writeUTF(joint.name());
            out.writeInt(joint.parent());
            out.writeDouble(joint.pivot().x());
            out.writeDouble(joint.pivot().y());
            out.writeDouble(joint.pivot().z());
            out.writeInt(joint.turns().size());
            for (Joint.Turn turn : joint.turns()) {
                out.writeUTF(turn.channel());
                out.writeUTF(turn.axis().name());
                out.writeDouble(turn.degrees());
            }
        }
        out.writeInt(character.parts().size());
        for (Part part : character.parts()) {
            writePart(part, out);
        }
        out.writeInt(character.correctives().size());
        for (Corrective corrective : character.correctives()) {
            out.writeUTF(corrective.name());
            out.writeUTF(corrective.first());
            out.writeUTF(corrective.second());
        }
        out.writeInt(character.lips().part());
        writeInts(character.lips().upper(), out);
        writeInts(character.lips().lower(), out);
        out.writeInt(character.poses().size());
        for (Map.Entry<String, Pose> pose : character.poses().entrySet()) {
            out.writeUTF(pose.getKey());
            out.writeInt(pose.getValue().values().size());
            for (Map.Entry<String, Double> value : pose.getValue().values().entrySet()) {
                out.writeUTF(value.getKey());
                out.writeDouble(value.getValue());
            }
        }
        out.flush();
    }

    private static void writePart(Part part, DataOutputStream out) throws IOException {
        Material m = part.material();
        out.writeUTF(part.name());
        out.writeUTF(m.name());
        out.writeFloat(m.roughness());
        out.writeFloat(m.gloss());
        out.writeFloat(m.softness());
        out.writeFloat(m.warmth());
        out.writeBoolean(m.castsShadow());
        out.writeInt(part.joint());
        writeFloats(part.positions(), out);
        writeFloats(part.colours(), out);
        writeInts(part.triangles(), out);
        out.writeInt(part.targets().size());
        for (MorphTarget target : part.targets()) {
            out.writeUTF(target.name());
            writeInts(target.vertices(), out);
            writeFloats(target.moves(), out);
        }
    }

    /** @throws IOException when the stream does not hold a character of this version */
    public static Character read(InputStream stream) throws IOException {
        DataInputStream in = new DataInputStream(stream);
        if (in.readInt() != MAGIC) {
            throw new IOException("not a stored character");
        }
        String name = in.readUTF();
        List<Channel> channels = new ArrayList<>();
        for (int i = in.readInt(); i > 0; i--) {
            channels.add(new Channel(
                    in.readUTF(), Channel.Group.valueOf(in.readUTF()), in.readDouble(), in.readDouble(), in.readUTF()));
        }
        List<Joint> joints = new ArrayList<>();
        for (int i = in.readInt(); i > 0; i--) {
            String jointName = in.readUTF();
            int parent = in.readInt();
            Vec pivot = new Vec(in.readDouble(), in.readDouble(), in.readDouble());
            List<Joint.Turn> turns = new ArrayList<>();
            for (int t = in.readInt(); t > 0; t--) {
                turns.add(new Joint.Turn(in.readUTF(), Joint.Axis.valueOf(in.readUTF()), in.readDouble()));
            }
            joints.add(new Joint(jointName, parent, pivot, turns));
        }
        List<Part> parts = new ArrayList<>();
        for (int i = in.readInt(); i > 0; i--) {
            parts.add(readPart(in));
        }
        List<Corrective> correctives = new ArrayList<>();
        for (int i = in.readInt(); i > 0; i--) {
            correctives.add(new Corrective(in.readUTF(), in.readUTF(), in.readUTF()));
        }
        LipLine lips = new LipLine(in.readInt(), readInts(in), readInts(in));
        Map<String, Pose> poses = new TreeMap<>();
        for (int i = in.readInt(); i > 0; i--) {
            String pose = in.readUTF();
            Map<String, Double> values = new TreeMap<>();
            for (int v = in.readInt(); v > 0; v--) {
                values.put(in.readUTF(), in.readDouble());
            }
            poses.put(pose, new Pose(values));
        }
        return new Character(name, channels, joints, parts, correctives, lips, poses);
    }

    private static Part readPart(DataInputStream in) throws IOException {
        String name = in.readUTF();
        Material material = new Material(
                in.readUTF(), in.readFloat(), in.readFloat(), in.readFloat(), in.readFloat(), in.readBoolean());
        int joint = in.readInt();
        float[] positions = readFloats(in);
        float[] colours = readFloats(in);
        int[] triangles = readInts(in);
        List<MorphTarget> targets = new ArrayList<>();
        for (int t = in.readInt(); t > 0; t--) {
            targets.add(new MorphTarget(in.readUTF(), readInts(in), readFloats(in)));
        }
        return new Part(name, material, joint, positions, colours, triangles, targets);
    }

    private static void writeFloats(float[] values, DataOutputStream out) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(4 * values.length);
        bytes.asFloatBuffer().put(values);
        out.writeInt(values.length);
        out.write(bytes.array());
    }

    private static void writeInts(int[] values, DataOutputStream out) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(4 * values.length);
        bytes.asIntBuffer().put(values);
        out.writeInt(values.length);
        out.write(bytes.array());
    }

    private static float[] readFloats(DataInputStream in) throws IOException {
        float[] values = new float[in.readInt()];
        ByteBuffer.wrap(in.readNBytes(4 * values.length)).asFloatBuffer().get(values);
        return values;
    }

    private static int[] readInts(DataInputStream in) throws IOException {
        int[] values = new int[in.readInt()];
        ByteBuffer.wrap(in.readNBytes(4 * values.length)).asIntBuffer().get(values);
        return values;
    }
}
