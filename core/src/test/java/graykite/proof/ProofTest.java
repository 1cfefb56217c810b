package graykite.proof;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Clip;
import graykite.base.Progress;
import graykite.edit.ClipEdit;
import graykite.edit.Edit;
import graykite.edit.ReviewEdit;
import graykite.figures.ForeignHead;
import graykite.mouth.Lines;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.proof.checks.Checks;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.rig.Character;
import graykite.sound.Sound;
import graykite.workbench.Figures;
import graykite.workbench.Proofs;
import graykite.workbench.Workbench;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The proof as a whole; each check is held against planted faults in the module that measures. */
class ProofTest {
    private static final Timing WORDS = Lines.spoken("we moved the big blue buoy before the fog bell rang", 0.09);
    private static final Edit SUDDEN = new ClipEdit.AddClip(
            "line", "", 1.0, 2.2, Clip.Look.of("Glad").withEases(0, 0.3).withAmounts(1, 0.7));

    private final Proofs proofs = proofs();

    /** A voice that is neither clipped nor quiet, with silence at both ends. */
    private static Sound voice() {
        float[] samples = new float[(int) (WORDS.duration() * 16_000)];
        for (int i = 2000; i < samples.length - 2000; i++) {
            samples[i] = (float) (0.4 * Math.sin(i * 0.06) * Math.abs(Math.sin(i * 0.0012)));
        }
        return Sound.mono(samples, 16_000);
    }

    private static Proofs proofs() {
        return new Proofs(new Workbench((file, progress) -> voice(), new Figures()), Checks.shipped());
    }

    private static Project project(Edit... edits) {
        Line line = Line.empty("line", "A line")
                .withSpeaker("odile")
                .withSound(new SoundFile("voice.wav", new byte[] {1}))
                .withTiming(WORDS);
        Project project = Project.empty().with(line);
        for (Edit edit : edits) {
            project = edit.apply(project);
        }
        return project;
    }

    private Proof of(Project project) {
        return proofs.of(project, project.line("line").orElseThrow(), Optional.empty(), Progress.none());
    }

    private static List<String> checks(Proof proof) {
        return proof.open().stream().map(n -> n.rule().id()).toList();
    }

    @Test
    void everyRuleHasACheckAndEveryCheckARule() {
        List<Rule> rules = Rules.shipped().all();
        assertEquals(Checks.names(), rules.stream().map(Rule::id).toList());
        assertEquals(Checks.shipped().size(), rules.size());
        assertEquals(Set.of(About.values()), rules.stream().map(Rule::about).collect(Collectors.toSet()));
        assertEquals(rules.size(), new HashSet<>(rules.stream().map(Rule::title).toList()).size());
        assertThrows(IllegalArgumentException.class, () -> rules.getFirst().limit("nothing"));
        assertThrows(IllegalArgumentException.class, () -> Rules.shipped().of("nothing"));
    }

    @Test
    void aNoteHangsAtItsWordAndItsFixMendsIt() {
        Project faulty = project(SUDDEN);
        Proof proof = of(faulty);
        assertEquals(List.of("jump"), checks(proof));
        ProofNote note = proof.open().getFirst();
        assertEquals(1.0, note.time(), 1e-6);
        assertTrue(note.place().word().isPresent());
        assertEquals(1, proof.count(Severity.FAULT));
        assertEquals(List.of(), checks(of(note.fixes().getFirst().on(faulty))));
        assertEquals(
                1,
                proofs.mending(faulty, "line", "jump", Optional.empty(), Progress.none())
                        .size());
        assertEquals(List.of(), proofs.mending(faulty, "line", "pop", Optional.empty(), Progress.none()));
    }

    /** Of what is said beside the script the text is offered where it is known; it is left out in any case on demand. */
    @Test
    void whatIsSaidBesideTheScriptIsWrittenOrLeftOut() {
        Project project = project();
        Line line = project.line("line").orElseThrow();
        String script = WORDS.text();
        for (String heard : List.of("horn", TimedWord.UNSCRIPTED)) {
            List<TimedWord> words = new ArrayList<>(WORDS.words());
            TimedWord spoken = words.get(1);
            words.set(1, new TimedWord(heard, "", spoken.phones(), WordSource.SOUND, 0));
            Project beside = project.with(line.withTiming(WORDS.withWords(words)));
            ProofNote note = of(beside).open().stream()
                    .filter(n -> n.rule().id().equals("word-unscripted"))
                    .findFirst()
                    .orElseThrow();
            boolean known = heard.equals("horn");
            assertEquals(known, note.says().contains("horn"), note.says());
            assertEquals(
                    known ? List.of("Write it into the script", "Leave it out") : List.of("Leave it out"),
                    note.fixes().stream().map(Fix::title).toList());
            Line mended = note.fixes().getFirst().on(beside).line("line").orElseThrow();
            assertEquals(script.replace(" " + spoken.text() + spoken.mark(), known ? " horn" : ""), mended.script());
            assertFalse(checks(of(project.with(mended))).contains("word-unscripted"));
        }
    }

    /** What is meant so stays silent when the words are found at other times, and speaks again when it is taken back. */
    @Test
    void meantSoSurvivesReReading() {
        Project meant = project(SUDDEN, new ReviewEdit.MeanSo("line", "jump", 1.0, "She is a ghost"));
        Proof silent = of(meant);
        assertEquals(List.of(), checks(silent));
        assertEquals(Optional.of("She is a ghost"), silent.notes().getFirst().meantSo());
        Line read = meant.line("line").orElseThrow().withTiming(Lines.again(WORDS, new Random(3)));
        Proof again = of(meant.with(read));
        assertFalse(checks(again).contains("jump"), again.open()::toString);
        assertTrue(again.notes().stream().anyMatch(n -> n.rule().id().equals("jump")), "it is found and silent");
        Project back = new ReviewEdit.TakeBackMeantSo("line", 0).apply(meant);
        assertEquals(List.of("jump"), checks(of(back)));
        Project elsewhere = project(SUDDEN, new ReviewEdit.MeanSo("line", "jump", 2.0, "Not this one"));
        assertEquals(List.of("jump"), checks(of(elsewhere)), "only the one that was meant");
    }

    /** Edited one by one, only changed frames are looked at again, and it comes to the same as from scratch. */
    @Test
    void goingOnComesToTheSameAsFromScratch() {
        Project clean = project();
        of(clean);
        Project faulty = project(SUDDEN);
        Shot on = proofs.shot(faulty, faulty.line("line").orElseThrow(), Optional.empty(), Progress.none());
        Shot scratch = proofs().shot(faulty, faulty.line("line").orElseThrow(), Optional.empty(), Progress.none());
        assertEquals(scratch.film().frames(), on.film().frames());
        for (int f = 0; f < on.film().frames(); f++) {
            assertArrayEquals(scratch.film().values(f), on.film().values(f), 1e-6, "frame " + f);
        }
        assertArrayEquals(scratch.film().lips().orElseThrow(), on.film().lips().orElseThrow(), 1e-5);
        assertArrayEquals(
                scratch.film().lids(true).orElseThrow(), on.film().lids(true).orElseThrow(), 1e-5);
    }

    @Test
    void aLineThatIsNotReadIsLookedAtAsFarAsThatGoes() {
        Project unread = Project.empty()
                .with(Line.empty("line", "A line").withSound(new SoundFile("voice.wav", new byte[] {1})));
        assertEquals(List.of(), of(unread).notes());
        Project silent = Project.empty().with(Line.empty("line", "Nothing at all"));
        assertEquals(List.of(), of(silent).notes());
    }

    /** A stranger's rig is looked at like our own, as far as it can be measured. */
    @Test
    void anybodysFaceIsMeasured(@TempDir Path folder) throws Exception {
        Character foreign = ForeignHead.read(folder);
        Member member = new Member("odd", "Odd Head", new Member.Own(foreign), Optional.empty());
        Project project = project(SUDDEN).with(member);
        Project spoken = project.with(project.line("line").orElseThrow().withSpeaker("odd"));
        Shot shot = proofs.shot(spoken, spoken.line("line").orElseThrow(), Optional.empty(), Progress.none());
        assertTrue(shot.film().lips().isPresent(), "it is found where its lips meet");
        Proof proof = of(spoken);
        assertFalse(proof.unmeasured().stream().anyMatch(u -> u.contains("lips of")), proof.unmeasured()::toString);
        assertFalse(checks(proof).contains("closure-missed"), proof.open()::toString);
    }

    /** What cannot be measured on drawings is said, once each. */
    @Test
    void whatCannotBeMeasuredIsSaidOnce() {
        Project drawn =
                Project.empty().with(project().line("line").orElseThrow().withSpeaker("brine"));
        List<String> unmeasured = of(drawn).unmeasured();
        assertEquals(4, unmeasured.size(), unmeasured::toString);
        assertTrue(unmeasured.stream().allMatch(u -> u.contains("Brine")));
    }

    @Test
    void stretchesOfFrames() {
        boolean[] on = {true, true, false, true, false, false, true, true, true};
        assertEquals(List.of(new Spans.Span(0, 1), new Spans.Span(6, 8)), Spans.where(on.length, 2, f -> on[f]));
        assertEquals(List.of(new Spans.Span(3, 3)), Spans.where(2, 5, 1, f -> on[f]));
        assertEquals(3, new Spans.Span(6, 8).length());
    }
}
