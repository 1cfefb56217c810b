package graykite.format.character;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.base.BadInput;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Set;

/**
 * A glTF 2.0 file (Khronos), text or binary: its document and its buffers. Everything is checked before it is believed;
 * a message names the file and the place in it.
 */
final class GltfFile {
    /** Bytes that a file with its buffers may have. */
    static final long LARGEST = 512L << 20;

    /** Buffer views that are packed. */
    static final String PACKED = "EXT_meshopt_compression";

    /**
     * Extensions without which a file cannot be understood, and that are. Whole numbers in place of others (quantization)
     * are read like any: each accessor says what it holds.
     */
    private static final Set<String> KNOWN =
            Set.of("KHR_mesh_quantization", PACKED, "KHR_texture_transform", "EXT_texture_webp", "KHR_materials_unlit");

    private static final int MAGIC = 0x46546C67;
    private static final int JSON_CHUNK = 0x4E4F534A;
    private static final int BINARY_CHUNK = 0x004E4942;

    private final Path path;
    private final JsonNode json;
    private final List<byte[]> buffers = new ArrayList<>();

    private GltfFile(Path path, byte[] document, byte[] binary) {
        this.path = path;
        this.json = parsed(document);
        String version = json.path("asset").path("version").asText("");
        if (!version.startsWith("2.")) {
            throw fault(
                    version.isEmpty()
                            ? "it is no glTF: it has no asset.version."
                            : "it is glTF " + version + "; export it again as glTF 2.0.");
        }
        for (JsonNode required : json.path("extensionsRequired")) {
            if (KNOWN.contains(required.asText())) {
                continue;
            }
            throw fault("it needs the extension " + required.asText()
                    + "; export it again without compression or extensions.");
        }
        readBuffers(binary);
    }

    /** @throws BadInput when it cannot be read or is no glTF 2.0 */
    static GltfFile read(Path path) {
        byte[] bytes = bytes(path, path);
        if (bytes.length < 4
                || ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).getInt() != MAGIC) {
            return new GltfFile(path, bytes, new byte[0]);
        }
        ByteBuffer in = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        if (bytes.length < 20) {
            throw BadInput.inFile(path, "is cut off after " + bytes.length + " bytes.");
        }
        int version = in.getInt(4);
        if (version != 2) {
            throw BadInput.inFile(path, "is binary glTF of version " + version + "; export it again as glTF 2.0.");
        }
        byte[] document = new byte[0];
        byte[] binary = new byte[0];
        int at = 12;
        while (at + 8 <= bytes.length) {
            int length = in.getInt(at);
            int type = in.getInt(at + 4);
            if (length < 0 || (long) at + 8 + length > bytes.length) {
                throw BadInput.inFile(
                        path,
                        "is cut off: the part at byte " + at + " has " + Integer.toUnsignedString(length)
                                + " bytes, the file " + bytes.length + ".");
            }
            byte[] chunk = Arrays.copyOfRange(bytes, at + 8, at + 8 + length);
            if (type == JSON_CHUNK) {
                document = chunk;
            } else if (type == BINARY_CHUNK) {
                binary = chunk;
            }
            at += 8 + length;
        }
        if (document.length == 0) {
            throw BadInput.inFile(path, "holds no glTF document.");
        }
        return new GltfFile(path, document, binary);
    }

    private static byte[] bytes(Path path, Path told) {
        try {
            if (Files.size(path) > LARGEST) {
                throw BadInput.inFile(told, "is larger than " + (LARGEST >> 20) + " MB. Export the head alone.");
            }
            return Files.readAllBytes(path);
        } catch (IOException missing) {
            throw BadInput.inFile(told, "cannot be read. Check that it exists and may be opened.", missing);
        }
    }

    private JsonNode parsed(byte[] document) {
        JsonFactory factory = JsonFactory.builder()
                .streamReadConstraints(StreamReadConstraints.builder()
                        .maxNestingDepth(60)
                        .maxStringLength(256 << 20)
                        .build())
                .build();
        try {
            JsonNode tree = new ObjectMapper(factory).readTree(document);
            if (tree == null || !tree.isObject()) {
                throw fault("it is neither binary glTF nor a glTF document.");
            }
            return tree;
        } catch (JsonProcessingException broken) {
            int line = broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
            int column = broken.getLocation() == null ? 1 : broken.getLocation().getColumnNr();
            throw new BadInput(
                    name() + ", line " + line + ", column " + column + ": is not a valid glTF document.", broken);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private void readBuffers(byte[] binary) {
        long total = 0;
        for (JsonNode buffer : json.path("buffers")) {
            String place = "buffer " + buffers.size();
            if (packing(buffer).path("fallback").asBoolean(false)) {
                // It stands for what is packed elsewhere and holds nothing itself.
                buffers.add(new byte[0]);
                continue;
            }
            byte[] bytes =
                    buffer.hasNonNull("uri") ? resource(buffer.path("uri").asText(), place) : binary;
            long length = buffer.path("byteLength").asLong(-1);
            if (length < 0 || length > bytes.length) {
                throw fault(
                        place + " should have " + length + " bytes and has " + bytes.length + ". The file is damaged.");
            }
            total += bytes.length;
            if (total > LARGEST) {
                throw fault("its buffers hold more than " + (LARGEST >> 20) + " MB. Export the head alone.");
            }
            buffers.add(bytes);
        }
    }

    /** The bytes of a data URI, or of a file beside the document; nothing else is followed. */
    byte[] resource(String uri, String place) {
        if (uri.startsWith("data:")) {
            int comma = uri.indexOf(',');
            if (comma < 0 || !uri.substring(0, comma).endsWith(";base64")) {
                throw fault(place + " is written in a way that cannot be read.");
            }
            try {
                return Base64.getDecoder().decode(uri.substring(comma + 1));
            } catch (IllegalArgumentException broken) {
                throw fault(place + " is damaged: it is not base64.");
            }
        }
        String file;
        try {
            file = URLDecoder.decode(uri.replace("+", "%2B"), StandardCharsets.UTF_8);
        } catch (IllegalArgumentException broken) {
            throw fault(place + " names no file: \"" + uri + "\".");
        }
        Path folder = path.toAbsolutePath().getParent().normalize();
        Path beside;
        try {
            beside = folder.resolve(file).normalize();
        } catch (InvalidPathException broken) {
            throw fault(place + " names no file: \"" + uri + "\".");
        }
        if (file.contains("://") || !beside.startsWith(folder)) {
            throw fault(place + " lies outside its folder: \"" + uri + "\". Put it beside the file.");
        }
        if (!Files.isRegularFile(beside)) {
            throw fault(place + " is missing: \"" + uri + "\". Put it beside the file.");
        }
        return bytes(beside, beside);
    }

    /** What a buffer or buffer view says about being packed; missing when it is plain. */
    static JsonNode packing(JsonNode json) {
        return json.path("extensions").path(PACKED);
    }

    JsonNode json() {
        return json;
    }

    Path path() {
        return path;
    }

    String name() {
        return path.getFileName().toString();
    }

    byte[] buffer(int index, String place) {
        if (index < 0 || index >= buffers.size()) {
            throw fault(place + " asks for buffer " + index + ", but there are " + buffers.size() + ".");
        }
        return buffers.get(index);
    }

    /** One of a list of the document. */
    JsonNode item(String list, int index, String place) {
        JsonNode items = json.path(list);
        int count = items.isArray() ? items.size() : 0;
        if (index < 0 || index >= count) {
            throw fault(place + " asks for number " + index + " of " + list + ", but there are " + count + ".");
        }
        return items.get(index);
    }

    /** A list that something has, which may be missing and must not be anything else. */
    JsonNode list(JsonNode of, String name, String place) {
        JsonNode list = of.path(name);
        if (!list.isMissingNode() && !list.isNull() && !list.isArray()) {
            throw fault(place + " has no list of " + name + " but something else in its place. The file is damaged.");
        }
        return list;
    }

    /** "name.glb: what" */
    BadInput fault(String what) {
        return BadInput.inFile(path, what);
    }
}
