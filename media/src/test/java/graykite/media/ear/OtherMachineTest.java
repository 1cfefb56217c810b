package graykite.media.ear;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.hearing.SimulatedVoice;
import graykite.sound.Sound;
import graykite.text.Language;
import graykite.text.Pronouncer;
import graykite.text.Script;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A machine for which the runtime has no library: a Java of its own that looks for it where there is none. */
class OtherMachineTest {
    @Test
    void readingGoesOnWithoutTheNetworksAndDraftsSayWhy() throws Exception {
        Process other = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Donnxruntime.native.path=" + Path.of("nowhere").toAbsolutePath(),
                        "--enable-native-access=ALL-UNNAMED",
                        "-cp",
                        System.getProperty("java.class.path"),
                        OtherMachine.class.getName())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String said = new String(other.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(0, other.waitFor(), said);
        List<String> lines = said.lines().toList();
        assertEquals(
                List.of("la", "nave", "porta", "le", "mele"),
                List.of(lines.get(0).split(" ")));
        assertTrue(lines.get(1).startsWith("Words cannot be drafted on this machine"), said);
        assertEquals(2, lines.size(), said);
    }

    /** What is run there. */
    static final class OtherMachine {
        private OtherMachine() {}

        public static void main(String[] arguments) {
            NetworkEar ear = new NetworkEar();
            Sound sound = SimulatedVoice.speak("La navay porta lay maylay").sound();
            Reader reader = Reader.of(Pronouncer.of(Language.ITALIAN)).with(ear);
            System.out.println(String.join(
                    " ",
                    reader.read(sound, Script.of("la nave porta le mele"), Progress.none()).words().stream()
                            .map(w -> w.text())
                            .toList()));
            try {
                ear.drafter();
            } catch (BadInput refused) {
                System.out.println(refused.getMessage());
            }
        }
    }
}
