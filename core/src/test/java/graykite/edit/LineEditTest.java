package graykite.edit;

import static graykite.edit.Edited.START;
import static graykite.edit.Edited.after;
import static graykite.edit.Edited.line;
import static graykite.edit.Edited.refused;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.edit.LineEdit.AddLine;
import graykite.edit.LineEdit.CopyLine;
import graykite.edit.LineEdit.GiveLine;
import graykite.edit.LineEdit.NameLine;
import graykite.edit.LineEdit.OrderLine;
import graykite.edit.LineEdit.RemoveLine;
import graykite.edit.LineEdit.Retime;
import graykite.edit.LineEdit.SetChannel;
import graykite.edit.LineEdit.SetGain;
import graykite.edit.LineEdit.SetLanguage;
import graykite.edit.LineEdit.SetRecording;
import graykite.edit.LineEdit.SetScript;
import graykite.edit.LineEdit.SetStartFrame;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.project.Voice;
import graykite.text.Language;
import graykite.time.TimeMap;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LineEditTest {
    private static final SoundFile TAKE = new SoundFile("take.wav", new byte[] {1, 2, 3});

    private static List<String> ids(Project project) {
        return project.lines().stream().map(Line::id).toList();
    }

    @Test
    void aLineIsAddedAtTheEnd() {
        Project now = after(new AddLine("c", " Third ", Optional.of(TAKE), "Ahoy there", "Pim Tarrant"));
        Line added = now.line("c").orElseThrow();
        assertEquals(List.of("a", "b", "c"), ids(now));
        assertEquals("Ahoy there", added.script());
        assertEquals("pim", added.speaker(), "named by name, kept by id");
        assertEquals(Optional.of(TAKE), added.sound());
        assertTrue(added.timing().isEmpty());
        Project nobody = after(new AddLine("c", "", Optional.empty(), "", ""));
        assertEquals("odile", nobody.speakerOf(nobody.line("c").orElseThrow()).id(), "the first of the cast");
        refused("id \"a\" already", new AddLine("a", "Again", Optional.empty(), "", ""));
        refused("no character \"Nobody\"", new AddLine("c", "", Optional.empty(), "", "Nobody"));
    }

    @Test
    void aLineIsFoundByIdOrByTitle() {
        assertEquals("x", line(after(new NameLine("first", "x"))).title(), "letters' case does not matter");
        assertEquals("x", line(after(new NameLine("a", "x"))).title());
        Project twins = after(new NameLine("b", "First"));
        refused(twins, "name the line by its id", new NameLine("First", "x"));
        assertEquals("x", line(after(twins, new NameLine("a", "x"))).title());
        refused("no line \"z\"", new RemoveLine("z"));
    }

    @Test
    void copiesStandBesideTheirOriginal() {
        Project now = after(new CopyLine("a", "c"));
        assertEquals(List.of("a", "c", "b"), ids(now));
        Line copy = now.line("c").orElseThrow();
        assertEquals("First copy", copy.title());
        assertEquals(line(now).timing(), copy.timing());
        refused("id of its own", new CopyLine("a", "b"));
    }

    @Test
    void orderIsHeldWithinTheList() {
        assertEquals(List.of("b", "a"), ids(after(new OrderLine("a", 99))));
        assertEquals(List.of("b", "a"), ids(after(new OrderLine("b", -4))));
        assertSame(START, new OrderLine("a", 0).apply(START), "nothing changed");
    }

    @Test
    void deletedLinesLeaveTheirScenes() {
        Project scene = after(
                new SceneEdit.AddScene("s", "S"),
                new SceneEdit.PlaceLine("s", "a", 0),
                new SceneEdit.PlaceLine("s", "b", 2));
        Project now = after(scene, new RemoveLine("a"));
        assertEquals(List.of("b"), ids(now));
        assertEquals(1, now.scene("s").orElseThrow().blocks().size());
    }

    @Test
    void aNewTakeDropsTheReadingAndTheClock() {
        Project slow = after(new Retime("a", TimeMap.pausing(0.5, 1)), new SetGain("a", 3));
        Line taken = line(after(slow, new SetRecording("a", TAKE)));
        assertTrue(taken.timing().isEmpty());
        assertEquals(TimeMap.SAME, taken.voice().retiming());
        assertEquals(3, taken.voice().gain(), "what is set for the voice stays");
        assertEquals("the fog bell rang before we moved the map", taken.script());
    }

    @Test
    void draftsAreKnownAsSuch() {
        Line drafted = line(after(new SetScript("a", "the frog bell", true)));
        assertTrue(drafted.draft());
        assertEquals("the frog bell", drafted.script());
        assertTrue(!line(after(new SetScript("a", "the fog bell", false))).draft());
    }

    @Test
    void theVoiceIsSetWithinItsLimits() {
        Voice voice = line(after(
                        new SetGain("a", -12),
                        new SetStartFrame("a", 1001),
                        new SetChannel("a", Optional.of(1)),
                        new SetLanguage("a", Language.values()[1])))
                .voice();
        assertEquals(new Voice(-12, 1001, Optional.of(1), Language.values()[1], TimeMap.SAME), voice);
        assertSame(START, new SetGain("a", 0).apply(START), "nothing changed");
    }

    @ParameterizedTest
    @ValueSource(doubles = {-41, 40.5, Double.NaN, Double.POSITIVE_INFINITY})
    void noGainIsBeyondItsRange(double gain) {
        refused("dB", new SetGain("a", gain));
    }

    @ParameterizedTest
    @ValueSource(longs = {-1, Long.MIN_VALUE, Long.MAX_VALUE})
    void noLineBeginsBeforeFrameZeroOrAfterADay(long frame) {
        refused("frame", new SetStartFrame("a", frame));
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 64})
    void noChannelIsBeyondThoseOfARecording(int channel) {
        refused("no such channel", new SetChannel("a", Optional.of(channel)));
    }

    @Test
    void aLineIsGivenToSomebodyOfTheCast() {
        assertEquals("brine", line(after(new GiveLine("a", "Brine"))).speaker());
        refused("no character", new GiveLine("a", "Saltmere"));
    }
}
