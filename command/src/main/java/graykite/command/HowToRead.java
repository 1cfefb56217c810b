package graykite.command;

import graykite.base.Progress;
import graykite.format.DictionaryFiles;
import graykite.hearing.Reader;
import graykite.media.ear.NetworkEar;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Language;
import graykite.text.LanguageGuess;
import graykite.text.Pronouncer;
import graykite.text.Pronunciation;
import graykite.text.Script;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
            description = "en, es, it, de, fr, pt, nl, pl, sv, tr or ja (default: as the words look).")
    private String language;

    /**
     * Reads recordings one way, any number of them at once.
     *
     * @param reader of English, or of the language that was chosen
     * @param chosen the language that was asked for
     */
    record Readings(Reader reader, Optional<Language> chosen, LanguageGuess guess, Map<String, Pronunciation> own) {
        /** @param name of the recording, for what is said about it */
        Timing read(Sound sound, Script script, String name) {
            Optional<Language> guessed = chosen.isPresent()
                    ? Optional.empty()
                    : guess.of(script.text()).filter(l -> l != Language.ENGLISH);
            guessed.ifPresent(l -> System.err.println("kite: " + name + ": read as " + l.title()
                    + ", which its words look like. Say --language en if it is English."));
            Reader fitting = guessed.map(l -> reader.with(Pronouncer.of(l))).orElse(reader);
            return fitting.read(sound, script, own, Progress.none());
        }

        Timing draft(Sound sound, Script script) {
            return reader.ofDrafts().read(sound, script, own, Progress.none());
        }

        Timing bySound(Sound sound) {
            return reader.listen(sound, Progress.none());
        }
    }

    /** Loads what reading takes: once, it is the slow part. */
    Readings readings() {
        return new Readings(reader(language()), chosen(), LanguageGuess.shipped(), words());
    }

    /** A reader with a trained ear, which is loaded when the first recording comes that needs it: one without a script, whose script is doubted, or in another language than English. */
    static Reader reader(Language language) {
        return Reader.of(Pronouncer.of(language)).with(new NetworkEar());
    }

    /** Own words and how they are said. */
    Map<String, Pronunciation> words() {
        return dictionary == null ? Map.of() : DictionaryFiles.open(dictionary);
    }

    /** The reader of English, from which those of other languages are made: the slow part. */
    Reader english() {
        return reader(Language.ENGLISH);
    }

    /** These options as they are typed. */
    List<String> options() {
        List<String> typed = new ArrayList<>();
        if (language != null) {
            typed.addAll(List.of("--language", language));
        }
        if (dictionary != null) {
            typed.addAll(List.of("--dictionary", dictionary.toAbsolutePath().toString()));
        }
        if (bySound) {
            typed.add("--by-sound");
        }
        return typed;
    }

    /** The language that was asked for. @throws IllegalArgumentException when there is no such language */
    Optional<Language> chosen() {
        return Optional.ofNullable(language)
                .map(name -> Language.parse(name)
                        .orElseThrow(() -> new IllegalArgumentException(
                                "--language is " + Language.codes() + ", not \"" + name + "\".")));
    }

    /** The same, or English. */
    Language language() {
        return chosen().orElse(Language.ENGLISH);
    }
}
