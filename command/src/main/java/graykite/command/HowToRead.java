package graykite.command;

import graykite.base.Progress;
import graykite.format.DictionaryFiles;
import graykite.hearing.Reader;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Language;
import graykite.text.Pronouncer;
import graykite.text.Pronunciation;
import graykite.text.Script;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Option;

/** In which language, with which words and whether at all with words recordings are read: options of every command that reads. */
final class HowToRead {
    @Option(
            names = "--by-sound",
            description = "Read what has no script by the sound alone: for any language, good enough for a mouth.")
    boolean bySound;

    @Option(
            names = "--dictionary",
            paramLabel = "FILE",
            description = "More words and how they are said: the format of the CMU dictionary, in ARPABET or IPA.")
    private Path dictionary;

    @Option(
            names = "--language",
            paramLabel = "NAME",
            description = "en, es, it, de or fr (default: en).",
            defaultValue = "en")
    private String language;

    /** Reads recordings one way, any number of them at once. */
    record Readings(Reader reader, Map<String, Pronunciation> own) {
        Timing read(Sound sound, Script script) {
            return reader.read(sound, script, own, Progress.none());
        }

        Timing bySound(Sound sound) {
            return reader.listen(sound, Progress.none());
        }
    }

    /** Loads what reading takes: once, it is the slow part. */
    Readings readings() {
        return new Readings(Reader.of(Pronouncer.of(language())), words());
    }

    /** Own words and how they are said. */
    Map<String, Pronunciation> words() {
        return dictionary == null ? Map.of() : DictionaryFiles.open(dictionary);
    }

    /** The reader of English, from which those of other languages are made: the slow part. */
    Reader english() {
        return Reader.of(Pronouncer.shipped());
    }

    /** These options as they are typed. */
    List<String> options() {
        List<String> typed = new ArrayList<>(List.of("--language", language));
        if (dictionary != null) {
            typed.addAll(List.of("--dictionary", dictionary.toAbsolutePath().toString()));
        }
        if (bySound) {
            typed.add("--by-sound");
        }
        return typed;
    }

    /** @throws IllegalArgumentException when there is no such language */
    Language language() {
        return Language.parse(language)
                .orElseThrow(() ->
                        new IllegalArgumentException("--language is en, es, it, de or fr, not \"" + language + "\"."));
    }
}
