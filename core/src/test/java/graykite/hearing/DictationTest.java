package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.sound.Sound;
import graykite.text.Language;
import graykite.text.Pronouncer;
import graykite.text.Script;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Reading without a script while somebody hears the words; truth is the script of a voice of flite. */
class DictationTest {
    private static Reader reader;
    private static Script script;
    private static Sound sound;

    @BeforeAll
    static void load() throws Exception {
        reader = Reader.shipped();
        script = Script.of(Recordings.text("slt-4.txt"));
        sound = Recordings.sound("slt-4");
    }

    private static Dictation hears(String words) {
        return (heard, progress) -> Optional.of(Script.of(words));
    }

    @Test
    void wordsThatAreHeardGiveTheirSoundsAndNoText() {
        Timing heard = reader.with(hears(script.text())).listen(sound, Progress.none());
        Timing read = reader.read(sound, script, Progress.none());
        assertEquals(read.segments(), heard.segments());
        for (TimedWord word : heard.words()) {
            assertEquals(new TimedWord(TimedWord.UNSCRIPTED, "", word.phones(), WordSource.SOUND, 0), word);
        }
        assertTrue(heard.missing().isEmpty());
    }

    @Test
    void wordsThatDoNotFitTheSoundAreNotBelieved() {
        Timing alone = reader.listen(sound, Progress.none());
        String others = "Sugar prices fell again because nobody bought chocolate cake during winter months";
        assertEquals(alone, reader.with(hears(others)).listen(sound, Progress.none()));
        assertEquals(alone, reader.with(Dictation.none()).listen(sound, Progress.none()));
    }

    @Test
    void nobodyIsAskedInAnotherLanguage() {
        List<Sound> asked = new ArrayList<>();
        Dictation listens = (heard, progress) -> {
            asked.add(heard);
            return Optional.empty();
        };
        Timing english = reader.with(listens).listen(sound, Progress.none());
        assertEquals(1, asked.size());
        Timing spanish =
                reader.with(listens).with(Pronouncer.of(Language.SPANISH)).listen(sound, Progress.none());
        assertEquals(1, asked.size());
        assertEquals(english, spanish, "The sound alone knows no language.");
    }

    @Test
    void cancelReachesWhoListens() {
        Dictation cancelled = (heard, progress) -> {
            progress.step(0);
            return Optional.empty();
        };
        Progress stopped = new Progress() {
            @Override
            public void at(double fraction) {}

            @Override
            public boolean cancelled() {
                return true;
            }
        };
        assertThrows(CancellationException.class, () -> reader.with(cancelled).listen(sound, stopped));
    }
}
