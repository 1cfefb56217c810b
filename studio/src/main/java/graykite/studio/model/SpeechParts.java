package graykite.studio.model;

import graykite.base.Aside;
import graykite.hearing.Reader;
import graykite.media.ear.NetworkEar;
import graykite.text.Language;
import graykite.text.Pronouncer;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;

/** Dictionary, letter-to-sound rules, speech model and trained ear: each loaded once, when it is first needed. */
final class SpeechParts {
    private final NetworkEar ear = new NetworkEar();
    private Optional<CompletableFuture<Reader>> reader = Optional.empty();
    private Optional<CompletableFuture<Pronouncer>> english = Optional.empty();

    /** Begins to load dictionary and rules in the background. */
    void prepareWords() {
        english();
    }

    /** The reader; loading the speech model takes a second, so this is not for the JavaFX thread. */
    Reader reader() {
        return loadedReader().join();
    }

    /** The trained ear; asked only where that may take seconds. */
    NetworkEar ear() {
        return ear;
    }

    /** Nobody waits in here, so that words are at hand while the speech model still loads. */
    private synchronized CompletableFuture<Reader> loadedReader() {
        if (reader.isEmpty()) {
            reader = Optional.of(Aside.then(english(), words -> Reader.of(words).with(ear)));
        }
        return reader.get();
    }

    /** How words are said in a language. Waits for the dictionary until {@link #prepareWords} is done. */
    Pronouncer words(Language language) {
        return language == Language.ENGLISH ? english().join() : Pronouncer.of(language);
    }

    private synchronized CompletableFuture<Pronouncer> english() {
        if (english.isEmpty()) {
            english = Optional.of(Aside.ask(Pronouncer::shipped));
        }
        return english.get();
    }
}
