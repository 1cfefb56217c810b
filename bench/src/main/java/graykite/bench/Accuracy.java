package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.BoundaryNetwork;
import graykite.hearing.Reader;
import graykite.hearing.ReadingError;
import graykite.hearing.SimulatedVoice;
import graykite.reading.MissingWord;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Script;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Phone-boundary error on voices that print their own phone times: a folder that bench/make-voices.sh fills, and kevin16 of
 * FreeTTS, spoken here. Each voice is read with the boundary network that was trained without its speaker, where
 * {@link BoundaryTraining} left one, and otherwise with the shipped one; the first lines say which.
 */
final class Accuracy {
    private static final Path NETWORKS = Path.of("bench/target/boundaries");

    private Accuracy() {}

    private static final String CONDITIONS =
            "clean, pink, babble, loud-babble, music, room, narrow, telephone, whispered, shouted, sung";

    /** @param condition one of {@link #CONDITIONS} */
    static void print(Path folder, String condition) throws IOException {
        long start = System.nanoTime();
        Reader shipped = Reader.shipped().with(Trained.ear());
        System.out.printf("Loading: %.2f s%n", (System.nanoTime() - start) / 1e9);
        List<SpokenSentence> sentences = new ArrayList<>(SpokenSentence.in(folder));
        Function<String, Reader> readers = readers(shipped, sentences);
        BiFunction<String, Sound, Sound> spoil = spoiler(condition, sentences);
        Map<String, ReadingError> byVoice = new TreeMap<>();
        double seconds = 0;
        long reading = 0;
        for (SpokenSentence sentence : sentences) {
            Script script = Script.of(sentence.text());
            Manners.Song song = song(condition, spoil.apply(sentence.name(), sentence.sound()), sentence.phones());
            long before = System.nanoTime();
            Timing timing = readers.apply(sentence.voice()).read(song.sound(), script, Progress.none());
            reading += System.nanoTime() - before;
            seconds += song.sound().duration();
            check(script, timing, sentence.name());
            byVoice.merge(sentence.voice(), ReadingError.between(timing, song.phones()), ReadingError::and);
            if (sentence.voice().equals("slt")) {
                SimulatedVoice.Speech speech = SimulatedVoice.speak(script.spokenText());
                Sound said = spoil.apply("kevin16" + sentence.name(), speech.sound());
                Manners.Song kevin = song(condition, said, speech.phones());
                Timing read = readers.apply("kevin16").read(kevin.sound(), script, Progress.none());
                byVoice.merge("kevin16", ReadingError.between(read, kevin.phones()), ReadingError::and);
            }
        }
        byVoice.forEach((voice, error) -> System.out.printf("%-8s %s%n", voice, error));
        ReadingError all = byVoice.values().stream().reduce(ReadingError::and).orElseThrow();
        System.out.printf("%-8s %s%n", "all", all);
        System.out.printf("Speed: %.0f times real time over %.0f s of speech%n", seconds / (reading / 1e9), seconds);
    }

    private static Manners.Song song(String condition, Sound sound, List<SimulatedVoice.Said> phones) {
        return condition.equals("sung") ? Manners.sung(sound, phones) : new Manners.Song(sound, phones);
    }

    private static Function<String, Reader> readers(Reader shipped, List<SpokenSentence> sentences) {
        Map<String, Reader> bySpeaker = new TreeMap<>();
        List<String> voices = new ArrayList<>(
                sentences.stream().map(SpokenSentence::voice).distinct().toList());
        voices.add("kevin16");
        for (String voice : voices) {
            bySpeaker.computeIfAbsent(BoundaryTraining.speaker(voice), speaker -> heldOut(shipped, speaker));
        }
        return voice -> bySpeaker.get(BoundaryTraining.speaker(voice));
    }

    private static Reader heldOut(Reader shipped, String speaker) {
        Path file = BoundaryTraining.without(NETWORKS, speaker);
        if (!Files.exists(file)) {
            System.out.println(speaker + ": shipped network, no network without this speaker in " + NETWORKS);
            return shipped;
        }
        System.out.println(speaker + ": network trained without this speaker");
        try (InputStream in = Files.newInputStream(file)) {
            return shipped.with(BoundaryNetwork.read(in));
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static BiFunction<String, Sound, Sound> spoiler(String condition, List<SpokenSentence> sentences) {
        List<float[]> crowd = sentences.stream()
                .filter(s ->
                        condition.endsWith("babble") && Math.floorMod(s.name().hashCode(), 7) == 0)
                .map(s -> s.sound().mixedAt(16_000).mixed())
                .collect(Collectors.toList());
        return (name, sound) -> {
            Sound plain = sound.mixedAt(16_000);
            SplittableRandom random = new SplittableRandom(name.hashCode());
            return switch (condition) {
                case "clean", "sung" -> sound;
                case "pink" -> Conditions.noisy(plain, Conditions.pink(plain.length(), random), 15);
                case "babble" ->
                    Conditions.noisy(plain, Conditions.babble(some(crowd, random), plain.length(), random), 15);
                case "loud-babble" ->
                    Conditions.noisy(plain, Conditions.babble(some(crowd, random), plain.length(), random), 5);
                case "music" -> Conditions.noisy(plain, Conditions.music(plain.length(), plain.rate(), random), 15);
                case "room" -> Conditions.room(plain, 0.4, random);
                case "narrow" -> Conditions.narrow(plain);
                case "telephone" -> Conditions.telephone(plain);
                case "whispered" -> Manners.whispered(plain, random);
                case "shouted" -> Manners.shouted(plain);
                default -> throw new IllegalArgumentException("Conditions: " + CONDITIONS + ".");
            };
        };
    }

    private static List<float[]> some(List<float[]> crowd, SplittableRandom random) {
        List<float[]> voices = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            voices.add(crowd.get(random.nextInt(crowd.size())));
        }
        return voices;
    }

    private static void check(Script script, Timing timing, String name) {
        if (!timing.missing().isEmpty()
                || script.words().size() != timing.words().size()) {
            System.out.println(name + ": missing "
                    + timing.missing().stream().map(MissingWord::text).toList() + ", heard "
                    + timing.words().stream().map(TimedWord::text).collect(Collectors.joining(" ")));
        }
    }
}
