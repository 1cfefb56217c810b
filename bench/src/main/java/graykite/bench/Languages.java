package graykite.bench;

import graykite.base.EditDistance;
import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.media.SoundReader;
import graykite.mouth.MouthChart;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Ipa;
import graykite.text.Language;
import graykite.text.Phone;
import graykite.text.Pronouncer;
import graykite.text.Script;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/**
 * Other languages, on sentences of espeak-ng, which prints their phones (bench/make-voices.sh languages): how many phones of the shipped
 * rules, and of the sound alone, differ from those; both as phones and as mouth shapes.
 */
final class Languages {
    private static final MouthChart CHART = MouthChart.standard();

    private Languages() {}

    static void print(Path folder) throws IOException {
        for (Language language : Language.values()) {
            if (language != Language.ENGLISH) {
                print(folder, language);
            }
        }
    }

    private static void print(Path folder, Language language) throws IOException {
        Reader reader = Reader.of(Pronouncer.of(language)).with(Trained.ear());
        List<Path> sounds;
        try (var files = Files.list(folder)) {
            sounds = files.filter(f -> f.getFileName().toString().matches(language.code() + "-.*\\.wav"))
                    .sorted()
                    .toList();
        }
        double[] wrong = new double[4];
        int phones = 0;
        int words = 0;
        double fit = 0;
        for (Path file : sounds) {
            String stem = file.toString().replace(".wav", "");
            List<Phone> truth = phonesOf(Files.readString(Path.of(stem + ".ipa")));
            Sound sound = SoundReader.read(file, Progress.none());
            Script script = Script.of(Files.readString(Path.of(stem + ".txt")));
            Timing read = reader.read(sound, script, Progress.none());
            List<Phone> rules = script.words().stream()
                    .flatMap(w -> reader.pronouncer().ways(w.written()).getFirst().phones().stream())
                    .toList();
            List<Phone> heard = phones(reader.listen(sound, Progress.none()));
            phones += truth.size();
            wrong[0] += EditDistance.between(truth, rules, p -> p);
            wrong[1] += EditDistance.between(truth, rules, CHART::shapeOf);
            wrong[2] += EditDistance.between(truth, heard, p -> p);
            wrong[3] += EditDistance.between(truth, heard, CHART::shapeOf);
            for (TimedWord word : read.words()) {
                fit += word.fit();
                words++;
            }
        }
        System.out.printf(
                Locale.ROOT,
                "%-8s %d phones; rules: %.1f %% of phones and %.1f %% of mouths differ; sound alone: %.1f %% and %.1f %%; mean"
                        + " fit %.0f %%%n",
                language.title(),
                phones,
                100 * wrong[0] / phones,
                100 * wrong[1] / phones,
                100 * wrong[2] / phones,
                100 * wrong[3] / phones,
                100 * fit / words);
    }

    /** The phones of what espeak-ng prints. */
    static List<Phone> phonesOf(String ipa) {
        return Ipa.read(ipa.replaceAll("[\\p{Cf}|_,;]", "").replace("ɪ̯", "j")).phones();
    }

    private static List<Phone> phones(Timing timing) {
        return timing.words().stream()
                .flatMap(w -> w.phones().stream())
                .map(p -> p.phone())
                .toList();
    }
}
