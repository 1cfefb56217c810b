package graykite.workbench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.hearing.SimulatedVoice;
import graykite.hearing.TrainedEar;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.reading.Doubt;
import graykite.sound.Sound;
import graykite.text.Script;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Whose words are read decides who is asked about them. */
class LineReaderTest {
    private static final String SAID = "The yellow lantern swings above the kitchen door.";

    /** A draft holds what its network heard, so it cannot tell that it misheard; the script of a person is held against it. */
    @Test
    void aDraftIsReadWithoutWhoDraftedIt() {
        String heard = SAID.replace("kitchen", "garden");
        TrainedEar ear = new TrainedEar() {
            @Override
            public Optional<Script> words(Sound sound, Progress progress) {
                return Optional.of(Script.of(SAID));
            }
        };
        Sound sound = SimulatedVoice.speak(SAID).sound();
        LineReader reader = new LineReader(
                new Workbench((file, progress) -> sound, new Figures()),
                () -> Reader.shipped().with(ear));
        Line line = Line.empty("line", "Line").withSound(new SoundFile("voice.wav", new byte[] {1}));
        assertFalse(texts(reader, line.withDraft(heard)).contains("kitchen"), "the sounds alone are known");
        assertEquals(List.of("kitchen", "garden"), texts(reader, line.withScript(heard)));
    }

    private static List<String> texts(LineReader reader, Line line) {
        return Doubt.of(reader.read(Project.empty().with(line), line, Progress.none())).stream()
                .map(Doubt::text)
                .toList();
    }
}
