package graykite.format;

import graykite.text.TimeLine;
import graykite.time.TimeRange;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Writes subtitles as SubRip, and as WebVTT (W3C) in which several speakers are named by voice tags. */
public final class SubtitleFiles {
    private SubtitleFiles() {}

    /** Writes SubRip. */
    public static void writeSubRip(List<Cue> cues, OutputStream out) throws IOException {
        StringBuilder text = new StringBuilder();
        for (int c = 0; c < cues.size(); c++) {
            Cue cue = cues.get(c);
            text.append(c + 1)
                    .append('\n')
                    .append(times(cue).replace('.', ','))
                    .append('\n')
                    .append(String.join("\n", cue.lines()))
                    .append("\n\n");
        }
        out.write(text.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** Writes WebVTT. */
    public static void writeWebVtt(List<Cue> cues, OutputStream out) throws IOException {
        boolean several = cues.stream().map(Cue::speaker).distinct().count() > 1;
        StringBuilder text = new StringBuilder("WEBVTT\n\n");
        for (int c = 0; c < cues.size(); c++) {
            Cue cue = cues.get(c);
            text.append(c + 1)
                    .append('\n')
                    .append(times(cue))
                    .append('\n')
                    .append(several ? "<v " + escaped(cue.speaker()) + ">" : "")
                    .append(escaped(String.join("\n", cue.lines())))
                    .append("\n\n");
        }
        out.write(text.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    private static String times(Cue cue) {
        return TimeLine.written(new TimeRange(cue.start(), cue.end()));
    }
}
