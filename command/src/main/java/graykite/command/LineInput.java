package graykite.command;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.format.ScriptFiles;
import graykite.media.SoundReader;
import graykite.sound.Sound;
import graykite.sound.SoundHealth;
import graykite.speech.Script;
import java.nio.file.Path;
import java.util.Optional;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** A recording and its words, as every command takes them. */
final class LineInput {
    @Parameters(index = "0", paramLabel = "AUDIO", description = "WAV, AIFF, FLAC, OGG, MP3 or M4A.")
    Path audio;

    @Option(
            names = "--script",
            paramLabel = "FILE",
            description = "TXT, SRT or WebVTT; without it, a file of the same name beside the recording.")
    Path script;

    @Option(names = "--text", paramLabel = "WORDS", description = "The words themselves.")
    String text;

    Sound sound() {
        Sound sound = SoundReader.read(audio, Progress.none());
        SoundHealth.warnings(sound)
                .forEach(warning -> System.err.println("kite: " + audio.getFileName() + ": " + warning));
        return sound;
    }

    Script words() {
        if (text != null) {
            return Script.of(text);
        }
        Optional<Path> file = Optional.ofNullable(script).or(() -> ScriptFiles.beside(audio));
        if (file.isEmpty()) {
            throw BadInput.inFile(audio, "no script. Give its words with --script FILE or --text \"...\".");
        }
        return Script.of(ScriptFiles.read(file.get()));
    }
}
