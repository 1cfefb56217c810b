package graykite.format;

import graykite.base.BadInput;
import graykite.text.TimeLine;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Reads token times from NIST CTM and cue times from WebVTT and SubRip. */
public final class TimingReaders {
    /** Something said between two times, in seconds. */
    public record Token(String text, double start, double end) {}

    private TimingReaders() {}

    /**
     * Reads CTM: file, channel, start, duration, token, and perhaps a confidence. Comment lines start with ";;".
     *
     * @param name of the file, for messages
     * @throws BadInput with the line number of the first line that is not CTM, or that belongs to another recording or channel
     *     than the lines before it: mixed into one, two voices would be one
     */
    public static List<Token> readCtm(String text, String name) {
        List<Token> tokens = new ArrayList<>();
        int number = 0;
        String voice = "";
        for (String line : text.split("\\R")) {
            number++;
            if (line.isBlank() || line.startsWith(";;")) {
                continue;
            }
            String[] fields = line.strip().split("\\s+");
            try {
                double start = Double.parseDouble(fields[2]);
                tokens.add(new Token(fields[4], start, start + Double.parseDouble(fields[3])));
                String here = fields[0] + " " + fields[1];
                if (!voice.isEmpty() && !voice.equals(here)) {
                    throw new BadInput(name + ", line " + number + ": goes on with \"" + here + "\" after \"" + voice
                            + "\". Keep the lines of one recording and one channel.");
                }
                voice = here;
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
            Optional<TimeRange> time = TimeLine.parse(lines[i]);
            if (time.isEmpty()) {
                continue;
            }
            StringBuilder said = new StringBuilder();
            for (i++; i < lines.length && !lines[i].isBlank(); i++) {
                said.append(said.isEmpty() ? "" : " ").append(lines[i].strip());
            }
            tokens.add(new Token(
                    plain(said.toString()), time.get().start(), time.get().end()));
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
}
