package graykite.command;

import graykite.base.Aside;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.format.ScriptFiles;
import graykite.media.SoundReader;
import graykite.media.ear.Drafter;
import graykite.project.Voice;
import graykite.reading.Doubt;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.sound.SoundHealth;
import graykite.text.Language;
import graykite.text.Script;
import graykite.time.TimeMap;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import picocli.CommandLine.Mixin;
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

    @Option(
            names = "--draft",
            description = "Draft the words by recognition first (English; some will be wrong); they go to the output.")
    boolean draft;

    @Mixin
    HowToRead how;

    @Option(names = "--gain", paramLabel = "DB", description = "Louder or softer, -40 to 40 dB (default: 0).")
    double gain;

    @Option(names = "--channel", paramLabel = "N", description = "The channel that is heard, from 1; all without it.")
    Integer channel;

    private Optional<CompletableFuture<HowToRead.Readings>> reading = Optional.empty();

    /** What is heard of the recording; warnings about it go to the error output. What reading takes is loaded meanwhile. */
    Sound sound() {
        reading = Optional.of(Aside.ask(how::readings));
        Voice voice = new Voice(gain, 0, Optional.ofNullable(channel).map(c -> c - 1), how.language(), TimeMap.SAME);
        Sound recording = SoundReader.read(audio, Progress.none());
        if (channel != null && channel > recording.channelCount()) {
            throw BadInput.inFile(
                    audio, "has " + recording.channelCount() + " channels, so there is no channel " + channel + ".");
        }
        Sound sound = voice.of(recording);
        SoundHealth.warnings(sound)
                .forEach(warning -> System.err.println("kite: " + audio.getFileName() + ": " + warning));
        return sound;
    }

    /** Reads the recording as asked, and says on the error output what should be looked at. */
    Timing timing(Sound sound) {
        Optional<Script> words = draft ? Optional.of(drafted(sound)) : written();
        if (words.isEmpty() && how.bySound) {
            return readings().bySound(sound);
        }
        String name = audio.getFileName().toString();
        Script script = words.orElseThrow(this::wordless);
        Timing timing = draft ? readings().draft(sound, script) : readings().read(sound, script, name);
        report(timing, name);
        return timing;
    }

    private HowToRead.Readings readings() {
        return reading.map(Aside::outcome).orElseGet(how::readings);
    }

    private Script drafted(Sound sound) {
        if (how.language() != Language.ENGLISH) {
            throw new BadInput("Words are drafted in English alone, not in "
                    + how.language().title() + ". Give the words (--text, --script), or --by-sound.");
        }
        Drafter.Draft draft = Drafter.shipped().draft(sound, part -> {}, Progress.none());
        System.out.println("draft: " + draft.text());
        if (draft.unsure()) {
            System.err.println("kite: " + audio.getFileName() + ": " + Drafter.Draft.UNSURE);
        }
        return Script.of(draft.text());
    }

    /** Says what of a reading should be looked at, a line each. */
    static void report(Timing timing, String name) {
        Doubt.stranger(timing).ifPresent(text -> System.err.println("kite: " + name + ": " + text));
        for (Doubt doubt : Doubt.of(timing)) {
            System.err.println("kite: " + name + ": \"" + doubt.text() + "\" " + place(doubt, timing) + ": "
                    + doubt.reason().title() + ".");
        }
    }

    private static String place(Doubt doubt, Timing timing) {
        double time = doubt.word() < timing.words().size()
                ? timing.words().get(doubt.word()).start()
                : timing.duration();
        return String.format(Locale.ROOT, "at %.2f s", time);
    }

    /** The words of the line; nothing where there are none, and none are needed. */
    Optional<Script> written() {
        if (text != null) {
            return Optional.of(Script.of(text));
        }
        return Optional.ofNullable(script)
                .or(() -> ScriptFiles.beside(audio))
                .map(ScriptFiles::read)
                .map(Script::of);
    }

    BadInput wordless() {
        return BadInput.inFile(
                audio, "no script. Give its words with --script FILE or --text \"...\", or read it with --by-sound.");
    }
}
