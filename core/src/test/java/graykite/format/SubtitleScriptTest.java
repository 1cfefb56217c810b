package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.text.TimeLine;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Subtitles as the standard's text shows them: "WebVTT: The Web Video Text Tracks Format", W3C, sections 1 and 4 (from memory). */
class SubtitleScriptTest {
    @TempDir
    Path folder;

    private String script(String name, String text) throws Exception {
        return ScriptFiles.read(Files.writeString(folder.resolve(name), text));
    }

    @Test
    void stylesRegionsAndCommentsAreNotSpoken() throws Exception {
        String text = """
                WEBVTT - This file has cues.

                STYLE
                ::cue {
                  background-image: linear-gradient(to bottom, dimgray, lightgray);
                  color: papayawhip;
                }
                /* Style blocks cannot use blank lines nor "dash dash greater than" */

                NOTE comment blocks can be used between style blocks.

                STYLE
                ::cue(b) {
                  color: peachpuff;
                }

                REGION
                id:fred
                width:40%
                lines:3

                hello
                00:00:00.000 --> 00:00:10.000 region:fred align:left
                Hello <b>world</b>.

                NOTE style blocks cannot appear after the first cue.
                but comments can, over two lines

                00:11.000 --> 00:13.000
                <v Roger Bingham>We are in New York City

                14 - Forks & knives
                00:13.000 --> 00:16.000 line:0
                <v.loud Roger>R&amp;D at &lt;six&gt;&lrm;,
                NOTE that down
                """;
        assertEquals(
                List.of("Hello world.", "We are in New York City", "R&D at <six>, NOTE that down"),
                TimeLine.without(script("a.vtt", text)).lines().toList());
        assertEquals(script("a.vtt", text), script("b.vtt", text.replace("\n", "\r\n")));
        assertEquals(3, TimingReaders.readCues(text).size());
        assertEquals(13.0, TimingReaders.readCues(text).get(2).start());
    }

    /** SubRip as players write it: numbers, commas, tags and places (common practice). */
    @Test
    void subRipGivesItsWords() throws Exception {
        String text =
                "1\n00:00:01,600 --> 00:00:04,200\n{\\an8}<i>The fog bell</i>\nrang.\n\n2\n0:00:05,900 --> 0:00:07,999"
                        + "\nWho put\nmy map up?\n\n3\n01:00:00,000 --> 01:00:01,000\n\n";
        assertEquals("""
                00:00:01.600 --> 00:00:04.200
                The fog bell rang.
                00:00:05.900 --> 00:00:07.999
                Who put my map up?""", script("a.srt", text));
        TimingReaders.Token last = TimingReaders.readCues(text).getLast();
        assertEquals(3600, last.start());
        assertEquals("", last.text());
    }

    @Test
    void whatHoldsNoCueIsRefusedByItsName() throws Exception {
        String message = assertThrows(BadInput.class, () -> script("talk.srt", "Boat ahead!\nTurn!"))
                .getMessage();
        assertTrue(message.contains("talk.srt") && message.contains("-->"), message);
        assertEquals("NOTE: turn!", script("talk.txt", "NOTE: turn!"));
    }
}
