package graykite.bench;

import graykite.bench.letters.HeldOutWords;
import graykite.bench.letters.LetterTraining;
import graykite.bench.proof.ProofQuality;
import graykite.text.CmuDictionary;
import graykite.text.LetterToSound;
import java.nio.file.Path;
import java.util.Arrays;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs the measurements of docs/benchmarks.md: JMH benchmarks by name, or "accuracy" of the reading. */
public final class Bench {
    private Bench() {}

    /** @param arguments a part of a benchmark's name, nothing for all, or "accuracy FOLDER" */
    public static void main(String[] arguments) throws Exception {
        String what = arguments.length > 0 ? arguments[0] : "";
        Path voices = Path.of(arguments.length > 1 ? arguments[1] : "bench/target/voices");
        switch (what) {
            case "accuracy" -> Accuracy.print(voices, arguments.length > 2 ? arguments[2] : "clean");
            case "inexact" -> InexactScripts.print(voices, 0.2, Every.said(arguments, 2, 1));
            case "left-out" -> LeftOutWords.print(voices, Every.said(arguments, 2, 1));
            case "doubts" -> PlantedWords.print(voices, 0.1, Every.said(arguments, 2, 1));
            case "songs" ->
                Songs.print(
                        Path.of(arguments.length > 1 ? arguments[1] : "bench/target/songs"),
                        false,
                        Every.said(arguments, 2, 1));
            case "held" -> Songs.print(voices, true, Every.said(arguments, 2, 1));
            case "learn-doubts" ->
                DoubtLearner.print(
                        Arrays.stream(arguments).skip(1).map(Path::of).toList());
            case "drafts" ->
                Drafts.print(
                        voices,
                        new Every(arguments.length > 2 ? Integer.parseInt(arguments[2]) : 1, 0),
                        arguments.length > 3 ? Double.parseDouble(arguments[3]) : 0);
            case "sound-alone" -> SoundAlone.print(voices, Every.said(arguments, 2, 1));
            case "languages" ->
                Languages.print(Path.of(arguments.length > 1 ? arguments[1] : "bench/target/languages"));
            case "common-words" ->
                CommonWords.print(Path.of(arguments.length > 1 ? arguments[1] : "bench/target/languages"));
            case "joined" ->
                JoinedWords.print(
                        Path.of(arguments.length > 1 ? arguments[1] : "bench/target/words"),
                        arguments.length > 2 ? Double.parseDouble(arguments[2]) : -1,
                        arguments.length < 4 || !arguments[3].equals("unmarked"));
            case "shut-mouths" ->
                ShutMouths.print(
                        Path.of(arguments.length > 1 ? arguments[1] : "bench/target/announcements/en"),
                        arguments.length > 2 ? Double.parseDouble(arguments[2]) : 0.3);
            case "shut-mouths-whole" -> ShutMouths.printWhole(Path.of(arguments[1]), Every.said(arguments, 2, 1));
            case "cut-off" ->
                CutOff.print(
                        Path.of(arguments.length > 1 ? arguments[1] : "bench/target/people/fr"),
                        arguments.length > 2 ? Double.parseDouble(arguments[2]) : 0.06,
                        Every.said(arguments, 3, 6));
            case "people" ->
                PeopleEdges.print(
                        Path.of(arguments.length > 1 ? arguments[1] : "bench/target/people"),
                        arguments.length > 2 ? Integer.parseInt(arguments[2]) : 150);
            case "letters" ->
                System.out.println(HeldOutWords.figures(CmuDictionary.shipped(), LetterToSound.shipped()));
            case "train-letters" ->
                LetterTraining.run(
                        Path.of("core/src/main/resources/graykite/text/letters-en.model"),
                        arguments.length > 1 ? Double.parseDouble(arguments[1]) : 0.5);
            case "train-boundaries" ->
                BoundaryTraining.run(Path.of("bench/target/training"), Path.of("bench/target/boundaries"));
            case "train-phones" ->
                PhoneTraining.run(
                        Path.of(arguments[1]),
                        Path.of("bench/target/voices"),
                        Arrays.stream(arguments).skip(2).map(Path::of).toList());
            case "proof" ->
                ProofQuality.print(
                        Path.of("core/src/test/resources/speech"),
                        arguments.length > 1 ? Integer.parseInt(arguments[1]) : 20,
                        arguments.length > 2 ? arguments[2] : ".*");
            case "phone-pairs" -> PhonePairs.write(Path.of("core/src/main/resources/graykite/hearing/phone-pairs.txt"));
            default -> runJmh(what.isEmpty() ? ".*" : what);
        }
    }

    private static void runJmh(String pattern) throws RunnerException {
        new Runner(new OptionsBuilder()
                        .include(pattern)
                        .jvmArgsAppend("--enable-native-access=ALL-UNNAMED")
                        .build())
                .run();
    }
}
