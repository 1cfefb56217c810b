package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.reading.WordMatch;
import graykite.sound.Sound;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
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

    /** Stopped in the middle it ends in order: the recogniser's own clocks complain on standard output when they do not. */
    @Test
    void cancelStopsItAndItCanBeUsedAgain() throws Exception {
        Sound sound = Recordings.human("0880");
        PrintStream usual = System.out;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
        try {
            for (int asks : new int[] {0, 3, 12}) {
                assertThrows(CancellationException.class, () -> drafter.draft(sound, text -> {}, stoppedAfter(asks)));
            }
            assertTrue(drafter.draft(sound, text -> {}, Progress.none()).contains("young man"));
        } finally {
            System.setOut(usual);
        }
        assertEquals("", said.toString(StandardCharsets.UTF_8));
    }

    private static Progress stoppedAfter(int asks) {
        AtomicInteger left = new AtomicInteger(asks);
        return new Progress() {
            @Override
            public void at(double fraction) {}

            @Override
            public boolean cancelled() {
                return left.getAndDecrement() <= 0;
            }
        };
    }

    @Test
    void silenceIsRefusedPlainly() {
        String message = assertThrows(
                        BadInput.class, () -> drafter.draft(Sound.silence(2, 16_000), text -> {}, Progress.none()))
                .getMessage();
        assertTrue(message.startsWith("The recording is silent"), message);
    }

    /** A click of a few samples, half of a word: neither may end in the recogniser's own fault. */
    @Test
    void shortRecordingsAreRefusedPlainly() throws Exception {
        Sound whole = Recordings.human("0880");
        for (double seconds : new double[] {0.001, 0.2, 0.49}) {
            Sound part = Sound.mono(Arrays.copyOf(whole.mixed(), (int) (seconds * whole.rate())), whole.rate());
            assertThrows(BadInput.class, () -> drafter.draft(part, text -> {}, Progress.none()));
        }
        Sound half = Sound.mono(Arrays.copyOf(whole.mixed(), (int) (0.6 * whole.rate())), whole.rate());
        try {
            assertTrue(!drafter.draft(half, text -> {}, Progress.none()).isBlank());
        } catch (BadInput noWord) {
            assertTrue(noWord.getMessage().startsWith("No words"), noWord.getMessage());
        }
    }
}
