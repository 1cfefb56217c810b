package graykite.rig;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Left and right in the names of channels, in the many ways in which people write them. */
public final class Sides {
    /** Which side a name says. */
    public enum Side {
        LEFT,
        RIGHT,
        NONE
    }

    private static final Pattern WORD = Pattern.compile("(?i)(?<![a-z])(left|right|lft|rgt)(?![a-z])");
    private static final Pattern CAMEL = Pattern.compile("(Left|Right|LEFT|RIGHT)");
    private static final Pattern PREFIX = Pattern.compile("^([LlRr])(?=[_.\\- ]|[A-Z][a-z])");
    private static final Pattern SUFFIX = Pattern.compile("(?<=[_.\\- ]|[a-z0-9])([LR])$|(?<=[_.\\- ])([lr])$");
    private static final Pattern MIDDLE = Pattern.compile("(?<=[_.\\- ])([LlRr])(?=[_.\\- ])");

    private Sides() {}

    private static Optional<Matcher> find(String name) {
        for (Pattern pattern : List.of(WORD, CAMEL, SUFFIX, PREFIX, MIDDLE)) {
            Matcher matcher = pattern.matcher(name);
            if (matcher.find()) {
                return Optional.of(matcher);
            }
        }
        return Optional.empty();
    }

    /** The side that a name says. */
    public static Side of(String name) {
        return find(name)
                .map(m -> m.group().toLowerCase(Locale.ROOT).startsWith("l") ? Side.LEFT : Side.RIGHT)
                .orElse(Side.NONE);
    }

    /** The name without its side. */
    public static String without(String name) {
        return find(name)
                .map(m -> name.substring(0, m.start()) + name.substring(m.end()))
                .orElse(name);
    }

    /** The name of the same thing on the other side; the same name when it has no side. */
    public static String other(String name) {
        return find(name).map(m -> exchanged(name, m)).orElse(name);
    }

    private static String exchanged(String name, Matcher found) {
        String said = found.group();
        String other = switch (said.toLowerCase(Locale.ROOT)) {
            case "left" -> "right";
            case "right" -> "left";
            case "lft" -> "rgt";
            case "rgt" -> "lft";
            case "l" -> "r";
            default -> "l";
        };
        return name.substring(0, found.start()) + cased(other, said) + name.substring(found.end());
    }

    private static String cased(String word, String like) {
        if (like.equals(like.toUpperCase(Locale.ROOT))) {
            return word.toUpperCase(Locale.ROOT);
        }
        return java.lang.Character.isUpperCase(like.charAt(0))
                ? java.lang.Character.toUpperCase(word.charAt(0)) + word.substring(1)
                : word;
    }

    /** True for a channel without side whose values to one side are the mirror of those to the other: yaw and roll. */
    public static boolean turnsSideways(Character character, String name) {
        if (name.endsWith("Yaw") || name.endsWith("Roll")) {
            return true;
        }
        return character.joints().stream()
                .flatMap(j -> j.turns().stream())
                .anyMatch(t -> t.channel().equals(name) && t.axis() != Joint.Axis.X);
    }
}
