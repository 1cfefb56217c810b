package graykite.format.fuzz;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** Spoils files in ways that keep enough of them for a reader to go on: values replaced, left out, doubled, made huge. */
final class Mutations {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final List<String> FIGURES = List.of(
            "0",
            "-1",
            "1",
            "2147483647",
            "-2147483648",
            "9223372036854775807",
            "1e308",
            "-1e308",
            "NaN",
            "Infinity",
            "0.0000001",
            "99999999999999999999",
            "1/0",
            "☃",
            "",
            " ",
            "\"",
            "/",
            "//",
            "..",
            "\u0000");

    private final Random random;

    Mutations(long seed) {
        random = new Random(seed);
    }

    /** JSON with one to three of its values changed. */
    byte[] json(byte[] good) throws IOException {
        JsonNode tree = MAPPER.readTree(good);
        for (int i = random.nextInt(3); i >= 0; i--) {
            change(tree);
        }
        return MAPPER.writeValueAsBytes(tree);
    }

    private void change(JsonNode tree) {
        List<JsonNode> holders = new ArrayList<>();
        collect(tree, holders);
        if (holders.isEmpty()) {
            return;
        }
        JsonNode holder = holders.get(random.nextInt(holders.size()));
        if (holder instanceof ObjectNode object) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            String name = names.get(random.nextInt(names.size()));
            switch (random.nextInt(4)) {
                case 0 -> object.remove(name);
                case 1 -> object.set(name + "x", object.get(name));
                default -> object.set(name, other(object.get(name)));
            }
        } else if (holder instanceof ArrayNode array) {
            int at = random.nextInt(array.size());
            switch (random.nextInt(4)) {
                case 0 -> array.remove(at);
                case 1 -> array.add(array.get(at));
                default -> array.set(at, other(array.get(at)));
            }
        }
    }

    private static void collect(JsonNode node, List<JsonNode> holders) {
        if (node.isContainerNode() && node.size() > 0) {
            holders.add(node);
        }
        node.forEach(child -> collect(child, holders));
    }

    private JsonNode other(JsonNode before) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        return switch (random.nextInt(11)) {
            case 0 -> make.nullNode();
            case 1 -> make.numberNode(-1);
            case 2 -> make.numberNode(Integer.MAX_VALUE);
            case 3 -> make.numberNode(Long.MAX_VALUE);
            case 4 -> make.numberNode(1e308);
            case 5 -> make.textNode(FIGURES.get(random.nextInt(FIGURES.size())));
            case 6 -> make.textNode("x".repeat(random.nextInt(3000)));
            case 7 -> make.arrayNode().add(before);
            case 8 -> make.objectNode().set("of", before);
            case 9 -> make.booleanNode(random.nextBoolean());
            default -> make.numberNode(random.nextGaussian() * 100);
        };
    }

    /** Lines with words changed, left out, doubled or swapped. */
    byte[] lines(byte[] good) {
        List<String> lines = new ArrayList<>(List.of(new String(good, StandardCharsets.UTF_8).split("\n", -1)));
        for (int i = random.nextInt(4); i >= 0 && !lines.isEmpty(); i--) {
            int at = random.nextInt(lines.size());
            switch (random.nextInt(6)) {
                case 0 -> lines.remove(at);
                case 1 -> lines.add(at, lines.get(random.nextInt(lines.size())));
                case 2 -> lines.set(at, lines.get(at).repeat(1 + random.nextInt(3)));
                default -> lines.set(at, words(lines.get(at)));
            }
        }
        return String.join("\n", lines).getBytes(StandardCharsets.UTF_8);
    }

    private String words(String line) {
        String[] words = line.split("(?<=[ ,;/:])|(?=[ ,;/:])", -1);
        words[random.nextInt(words.length)] = FIGURES.get(random.nextInt(FIGURES.size()));
        return String.join("", words);
    }

    /** Bytes flipped, cut off, or with a part in another place. */
    byte[] bytes(byte[] good) {
        byte[] bad = good.clone();
        for (int i = random.nextInt(5); i >= 0 && bad.length > 0; i--) {
            bad[random.nextInt(bad.length)] = (byte) random.nextInt(256);
        }
        return random.nextInt(4) == 0 ? Arrays.copyOf(bad, random.nextInt(bad.length + 1)) : bad;
    }
}
