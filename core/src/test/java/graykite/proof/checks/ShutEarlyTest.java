package graykite.proof.checks;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.proof.ProofNote;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.workbench.Figures;
import graykite.workbench.Proofs;
import graykite.workbench.Workbench;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

/** A word from 0.5 to 0.8 s in 3 s, over a hum as loud as a test has it. */
class ShutEarlyTest {
    private static final double END = 0.8;

    private static Timing word(Phone last) {
        return new Timing(
                List.of(new TimedWord(
                        "a",
                        "",
                        List.of(new TimedPhone(Phone.AA, 0.5, 0.65, false), new TimedPhone(last, 0.65, END, false)),
                        false,
                        1)),
                3);
    }

    private static List<ProofNote> notes(Timing timing, DoubleUnaryOperator loudness) {
        float[] hum = new float[48_000];
        for (int i = 0; i < hum.length; i++) {
            hum[i] = (float) (loudness.applyAsDouble(i / 16_000.0) * 0.5 * Math.sin(0.06 * i));
        }
        Proofs proofs =
                new Proofs(new Workbench((file, progress) -> Sound.mono(hum, 16_000), new Figures()), Checks.shipped());
        Line line = Line.empty("line", "A line")
                .withSpeaker("odile")
                .withSound(new SoundFile("hum.wav", new byte[] {1}))
                .withTiming(timing);
        return proofs.of(Project.empty().with(line), line, Optional.empty(), Progress.none()).open().stream()
                .filter(n -> n.rule().id().equals("shut-early"))
                .toList();
    }

    private static double loud(double time, double until) {
        return time > 0.5 && time < until ? 1 : 0;
    }

    @Test
    void aVoiceThatRingsOnIsToldAndTheWordEndsWithIt() {
        List<ProofNote> notes = notes(word(Phone.AA), t -> loud(t, 1.4));
        assertEquals(1, notes.size());
        ProofNote note = notes.getFirst();
        assertEquals(1.4, note.range().end(), 0.03);
        assertTrue(note.time() > 0.9 && note.time() < 1.2, "shut at " + note.time());
        Project mended = note.fixes()
                .getFirst()
                .on(Project.empty().with(Line.empty("line", "").withTiming(word(Phone.AA))));
        Timing read = mended.line("line").orElseThrow().timing().orElseThrow();
        assertEquals(1.4, read.words().getFirst().end(), 0.03);
        assertEquals(List.of(), notes(read, t -> loud(t, 1.4)));
    }

    @Test
    void whatIsNoVoiceIsNotWaitedFor() {
        assertEquals(List.of(), notes(word(Phone.AA), t -> loud(t, 0.85)), "the mouth shuts after it");
        assertEquals(List.of(), notes(word(Phone.M), t -> loud(t, 1.4)), "lips hum shut");
        assertEquals(
                List.of(),
                notes(word(Phone.AA), t -> t < 0.9 ? loud(t, 9) : t < 1 ? 0.12 : t < 1.6 ? 0.3 : 0),
                "it breathes once it has faded");
        assertEquals(
                List.of(), notes(word(Phone.AA), t -> loud(t, 0.85) + loud(t, 9) * 0.05), "noise far below it goes on");
        Timing two = new Timing(
                DoubleStream.of(0, 1.2)
                        .mapToObj(by -> word(Phone.AA)
                                .words()
                                .getFirst()
                                .withPhones(List.of(new TimedPhone(Phone.AA, 0.5 + by, END + by, false))))
                        .toList(),
                3);
        assertEquals(List.of(), notes(two, t -> loud(t, 2)), "what sounds from word to word does not fade");
    }
}
