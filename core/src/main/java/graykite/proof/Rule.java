package graykite.proof;

import static graykite.base.Require.requireThat;

import java.util.Map;

/**
 * What a check holds a line against.
 *
 * @param id name of the check in files and on the command line, such as "closure-missed"
 * @param title name of the check as people read it
 * @param limits by name; what each means says the check's own class
 * @param source where the limits come from
 */
public record Rule(String id, String title, About about, Severity severity, Map<String, Double> limits, String source) {
    public Rule {
        limits = Map.copyOf(limits);
        requireThat(!id.isBlank() && !title.isBlank() && !source.isBlank(), "A rule has an id, a title and a source.");
    }

    /** A limit by its name. @throws IllegalArgumentException when the rule has none of that name */
    public double limit(String name) {
        requireThat(limits.containsKey(name), "The rule %s has no limit \"%s\".", id, name);
        return limits.get(name);
    }
}
