package graykite.figures;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.Progress;
import graykite.format.GltfWriter;
import graykite.format.character.Cast;
import graykite.format.character.FigureFiles;
import graykite.rig.Character;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;

/** Pim as a stranger's rig: nothing of ours in the file, shapes named in a medley of conventions. */
public final class ForeignHead {
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("jawDrop", "Jaw_Open"),
            Map.entry("lipCornerPuller.L", "mouthSmile_L"),
            Map.entry("lipCornerPuller.R", "mouthSmile_R"),
            Map.entry("lipPucker", "MTH-pucker"),
            Map.entry("lipFunneler", "mth_funnel"),
            Map.entry("upperLipRaiser.L", "AU10_left"),
            Map.entry("upperLipRaiser.R", "AU10_right"),
            Map.entry("lowerLipDepressor.L", "lowerLip_Down_lft"),
            Map.entry("lowerLipDepressor.R", "lowerLip_Down_rgt"),
            Map.entry("browLowerer.L", "L_browDown"),
            Map.entry("browLowerer.R", "R_browDown"),
            Map.entry("innerBrowRaiser.L", "Brow.Inner.Up.L"),
            Map.entry("innerBrowRaiser.R", "Brow.Inner.Up.R"),
            Map.entry("lipStretcher.L", "AU20L"),
            Map.entry("lipStretcher.R", "AU20R"),
            Map.entry("lipToTeeth", "vis_FV"),
            Map.entry("cheekPuff.L", "weird thing 7"));

    private ForeignHead() {}

    /** The file's bytes. */
    public static byte[] bytes() {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            GltfWriter.write(Cast.byName("pim"), Optional.empty(), out);
            byte[] own = out.toByteArray();
            ByteBuffer in = ByteBuffer.wrap(own).order(ByteOrder.LITTLE_ENDIAN);
            int length = in.getInt(12);
            ObjectMapper mapper = new ObjectMapper();
            ObjectNode json = (ObjectNode) mapper.readTree(own, 20, length);
            json.remove("extras");
            json.path("meshes").forEach(mesh -> {
                if (mesh.path("extras").path("targetNames") instanceof ArrayNode names) {
                    for (int i = 0; i < names.size(); i++) {
                        String name = names.get(i).asText();
                        names.set(i, name.contains("*") ? "corr_" + i : NAMES.getOrDefault(name, name));
                    }
                }
            });
            byte[] document = mapper.writeValueAsString(json).getBytes(StandardCharsets.UTF_8);
            int padded = (document.length + 3) / 4 * 4;
            int rest = own.length - 20 - length;
            ByteBuffer file = ByteBuffer.allocate(20 + padded + rest).order(ByteOrder.LITTLE_ENDIAN);
            file.putInt(0x46546C67)
                    .putInt(2)
                    .putInt(20 + padded + rest)
                    .putInt(padded)
                    .putInt(0x4E4F534A);
            file.put(document);
            while (file.position() < 20 + padded) {
                file.put((byte) ' ');
            }
            file.put(own, 20 + length, rest);
            return file.array();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** Writes it and reads it as any file. */
    public static Character read(Path folder) throws IOException {
        return FigureFiles.read(Files.write(folder.resolve("oddhead.glb"), bytes()), Progress.none())
                .character();
    }
}
