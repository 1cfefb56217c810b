package graykite.delivery;

import graykite.base.BadInput;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How delivered files are called: text with fields in braces, such as "{project}_{line}". */
public final class NameTemplate {
    public static final String USUAL = "{line}";

    /** The fields, in the order of lists. */
    public static final List<String> FIELDS = List.of("project", "line", "number", "speaker", "take", "rate", "date");

    private static final Pattern FIELD = Pattern.compile("\\{([^{}]*)}");

    /** Bytes in UTF-8; systems take 255, endings and partial files need theirs. */
    private static final int LONGEST = 180;

    /** Names that one system or another keeps for itself. */
    private static final Set<String> KEPT =
            Set.of("con", "prn", "aux", "nul", "com1", "com2", "com3", "com4", "lpt1", "lpt2", "lpt3", "lpt4");

    private NameTemplate() {}

    /** @throws BadInput with one line that says what is wrong with it */
    public static void check(String template) {
        if (template.isBlank()) {
            throw new BadInput("The names of files are empty. Write for example {line}.");
        }
        if (template.contains("/") || template.contains("\\")) {
            throw new BadInput("The names \"" + template
                    + "\" hold a slash: all files go into one folder. Take it out, or choose another folder.");
        }
        Matcher fields = FIELD.matcher(template);
        while (fields.find()) {
            if (!FIELDS.contains(fields.group(1))) {
                throw new BadInput("The names \"" + template + "\" hold {" + fields.group(1)
                        + "}, which nothing is filled into. The fields are {" + String.join("}, {", FIELDS) + "}.");
            }
        }
        String rest = FIELD.matcher(template).replaceAll("");
        if (rest.contains("{") || rest.contains("}")) {
            throw new BadInput("The names \"" + template + "\" hold a brace without its partner.");
        }
    }

    /** A name with all fields filled in, safe as the name of a file on any system. @param values by field */
    public static String filled(String template, Map<String, String> values) {
        String text = FIELD.matcher(template)
                .replaceAll(m -> Matcher.quoteReplacement(
                        values.getOrDefault(m.group(1), "").strip()));
        return safe(text);
    }

    /** A text as the name of a file: letters and figures of any script stay, all else becomes one low line. */
    public static String safe(String text) {
        String name = text.replaceAll("[^\\p{L}\\p{M}\\p{N}._-]+", "_")
                .replaceAll("_{2,}", "_")
                .replaceAll("^[_.-]+|[_.]+$", "");
        while (name.getBytes(StandardCharsets.UTF_8).length > LONGEST) {
            name = name.substring(0, name.offsetByCodePoints(name.length(), -1));
        }
        if (name.isEmpty()) {
            return "untitled";
        }
        return KEPT.contains(name.toLowerCase(Locale.ROOT)) ? name + "_" : name;
    }
}
