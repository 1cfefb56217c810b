package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.reading.WordMatch;
import graykite.sound.Sound;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

class DrafterTest {
    private static Drafter drafter;

    @BeforeAll
    static void load() {
        drafter = Drafter.shipped();
    }

    /** Truth: the transcript of a LibriVox sentence (public domain). A draft may err, but most of it must be right. */
    @Test
    void draftsHumanSpeech() throws Exception {
        List<String> parts = new ArrayList<>();
        String draft = drafter.draft(Recordings.human("0870"), parts::add, Progress.none());
        List<String> truth = List.of(
                "and mister john dashwood had then leisure to consider how much there might be prudently in his power to do for them"
                        .split(" "));
        List<String> words = List.of(draft.split(" "));
        int[] partner = WordMatch.partners(truth, words);
        long right = Arrays.stream(partner).filter(p -> p >= 0).count();
        assertTrue(right > 0.6 * truth.size(), draft);
        assertEquals(draft, parts.getLast());
    }

    @Test
    void cancelStopsIt() throws Exception {
        Progress stopped = new Progress() {
            @Override
            public void at(double fraction) {}

            @Override
            public boolean cancelled() {
                return true;
            }
        };
        Sound sound = Recordings.human("0880");
        assertThrows(CancellationException.class, () -> drafter.draft(sound, text -> {}, stopped));
        // And it can be used again.
        assertTrue(drafter.draft(sound, text -> {}, Progress.none()).contains("young man"));
    }

    @Test
    void silenceIsRefusedPlainly() {
        String message = assertThrows(
                        BadInput.class, () -> drafter.draft(Sound.silence(2, 16_000), text -> {}, Progress.none()))
                .getMessage();
        assertTrue(message.startsWith("The recording is silent"), message);
    }
}
