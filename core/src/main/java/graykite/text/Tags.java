package graykite.text;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Tags in a script, as in "[sigh] I know": written in brackets, never spoken. In a reading they stand with the punctuation of
 * the word before them; those before the first word stand in front of a {@value #BEFORE} in that word's.
 */
public final class Tags {
    /** Ends the tags that come before a word. */
    static final String BEFORE = "<";

    private static final Pattern TAG = Pattern.compile("\\[([^\\[\\]\\n]{1,60})]");

    private Tags() {}

    /** The pieces of a script that are tags, each set apart by blanks and without blanks in it, so that it stays whole. */
    static String setApart(String script) {
        Matcher matcher = TAG.matcher(script);
        StringBuilder out = new StringBuilder();
        while (matcher.find()) {
            String tag = matcher.group(1).strip().replaceAll("[\\s\\p{Zs}]+", "_");
            matcher.appendReplacement(out, Matcher.quoteReplacement(tag.isEmpty() ? " " : " [" + tag + "] "));
        }
        return matcher.appendTail(out).toString();
    }

    static boolean isTag(String token) {
        return TAG.matcher(token).matches();
    }

    private static List<String> in(String text) {
        List<String> tags = new ArrayList<>();
        Matcher matcher = TAG.matcher(text);
        while (matcher.find()) {
            tags.add(matcher.group(1).replace('_', ' '));
        }
        return tags;
    }

    /** Tags before the word that has this mark; only the first of a line can have some. */
    public static List<String> before(String mark) {
        return in(head(mark));
    }

    /** Tags after the word that has this mark. */
    public static List<String> after(String mark) {
        return in(tail(mark));
    }

    /** A word with its mark as it stands in a script. */
    public static String written(String word, String mark) {
        StringBuilder out = new StringBuilder();
        before(mark).forEach(tag -> out.append('[').append(tag).append("] "));
        out.append(word);
        Matcher matcher = TAG.matcher(tail(mark));
        while (matcher.find()) {
            matcher.appendReplacement(
                    out, Matcher.quoteReplacement(" [" + matcher.group(1).replace('_', ' ') + "]"));
        }
        return matcher.appendTail(out).toString();
    }

    /** Of a mark, the tags that come before its word. */
    public static String head(String mark) {
        return mark.substring(0, mark.indexOf(BEFORE) + 1);
    }

    /** Of a mark, what comes after its word. */
    public static String tail(String mark) {
        return mark.substring(mark.indexOf(BEFORE) + 1);
    }

    /** The mark of two words that become one: the punctuation of the first is left out, its tags are kept. */
    public static String joined(String first, String second) {
        StringBuilder tags = new StringBuilder(head(first));
        in(tail(first))
                .forEach(tag -> tags.append('[').append(tag.replace(' ', '_')).append(']'));
        return tags + tail(second);
    }

    /** The punctuation alone. */
    public static String without(String mark) {
        return TAG.matcher(tail(mark)).replaceAll("");
    }
}
