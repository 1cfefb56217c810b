package graykite.format;

import graykite.base.BadInput;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads token times from NIST CTM and cue times from WebVTT and SubRip. */
public final class TimingReaders {
    private static final Pattern CUE = Pattern.compile(
            "(?:(\\d{1,6}):)?(\\d{1,2}):(\\d{2})[.,](\\d{3})\\s+-->\\s+(?:(\\d{1,6}):)?(\\d{1,2}):(\\d{2})[.,](\\d{3}).*");

    /** Something said between two times, in seconds. */
    public record Token(String text, double start, double end) {}

    private TimingReaders() {}

    /**
     * Reads CTM: file, channel, start, duration, token, and perhaps a confidence. Comment lines start with ";;".
     *
     * @param name of the file, for messages
     * @throws BadInput with the line number of the first line that is not CTM
     */
    public static List<Token> readCtm(String text, String name) {
        List<Token> tokens = new ArrayList<>();
        int number = 0;
        for (String line : text.split("\\R")) {
            number++;
            if (line.isBlank() || line.startsWith(";;")) {
                continue;
            }
            String[] fields = line.strip().split("\\s+");
            try {
                double start = Double.parseDouble(fields[2]);
                tokens.add(new Token(fields[4], start, start + Double.parseDouble(fields[3])));
            } catch (ArrayIndexOutOfBoundsException | NumberFormatException broken) {
                throw new BadInput(
                        name + ", line " + number
                                + ": is not CTM. A line holds file, channel, start, duration and token.",
                        broken);
            }
        }
        return tokens;
    }

    /**
     * Reads the cues of WebVTT (W3C) or SubRip. What is no cue is passed over: the head, comments, styles, regions, numbers and names
     * of cues.
     */
    public static List<Token> readCues(String text) {
        List<Token> tokens = new ArrayList<>();
        String[] lines = text.split("\\R", -1);
        for (int i = 0; i < lines.length; i++) {
            Matcher cue = CUE.matcher(lines[i].strip());
            if (!cue.matches()) {
                continue;
            }
            StringBuilder said = new StringBuilder();
            for (i++; i < lines.length && !lines[i].isBlank(); i++) {
                said.append(said.isEmpty() ? "" : " ").append(lines[i].strip());
            }
            tokens.add(new Token(plain(said.toString()), seconds(cue, 1), seconds(cue, 5)));
        }
        return tokens;
    }

    /** Without tags of voices, classes and times, without places in braces, and with signs instead of their names. */
    private static String plain(String cue) {
        return cue.replaceAll("<[^>]*>|\\{\\\\[^}]*}", "")
                .replaceAll("&(lrm|rlm);", "")
                .replace("&nbsp;", " ")
                .replace("&lt;", "<")
                .replace("&gt;", ">")
                .replace("&amp;", "&")
                .strip();
    }

    private static double seconds(Matcher cue, int group) {
        long hours = cue.group(group) == null ? 0 : Long.parseLong(cue.group(group));
        return hours * 3600
                + Long.parseLong(cue.group(group + 1)) * 60
                + Long.parseLong(cue.group(group + 2))
                + Long.parseLong(cue.group(group + 3)) / 1000.0;
    }
}
