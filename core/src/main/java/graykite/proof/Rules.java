package graykite.proof;

import static graykite.base.Require.requireThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The rules that ship with the application: one data file with every limit and its source. */
public final class Rules {
    private static final String FILE = "/graykite/proof/checks.json";

    private final Map<String, Rule> rules = new LinkedHashMap<>();

    private Rules() {}

    /** Reads them. @throws IllegalArgumentException when the file that ships is not as it should be */
    public static Rules shipped() {
        Rules all = new Rules();
        try (InputStream in = Rules.class.getResourceAsStream(FILE)) {
            requireThat(in != null, "No rules are shipped as %s.", FILE);
            for (JsonNode node : new ObjectMapper().readTree(in)) {
                Rule rule = read(node);
                requireThat(all.rules.put(rule.id(), rule) == null, "There are two rules \"%s\".", rule.id());
            }
        } catch (IOException damaged) {
            throw new UncheckedIOException(damaged);
        }
        return all;
    }

    private static Rule read(JsonNode node) {
        Map<String, Double> limits = new LinkedHashMap<>();
        node.path("limits")
                .properties()
                .forEach(l -> limits.put(l.getKey(), l.getValue().asDouble()));
        return new Rule(
                node.path("id").asText(),
                node.path("title").asText(),
                About.valueOf(node.path("about").asText().toUpperCase(Locale.ROOT)),
                Severity.valueOf(node.path("severity").asText().toUpperCase(Locale.ROOT)),
                limits,
                node.path("source").asText());
    }

    /** In the order of the file. */
    public List<Rule> all() {
        return new ArrayList<>(rules.values());
    }

    /** One by its id. @throws IllegalArgumentException when there is none */
    public Rule of(String id) {
        requireThat(rules.containsKey(id), "There is no rule \"%s\".", id);
        return rules.get(id);
    }
}
