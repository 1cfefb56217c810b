package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.media.ear.NetworkEar;
import graykite.mouth.MouthChart;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.text.Script;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/** For how much of the time synthetic voices speak the phone and the mouth are right: by sound alone, by the words that are heard, by the script. */
final class SoundAlone {
    private static final double STEP = 0.01;
    private static final MouthChart CHART = MouthChart.standard();

    private SoundAlone() {}

    /** @param every one of so many sentences */
    static void print(Path folder, int every) throws IOException {
        Reader reader = Reader.shipped();
        Reader dictated = reader.with(new NetworkEar());
        List<SpokenSentence> all = SpokenSentence.in(folder);
        Share sounds = new Share("by sound alone");
        Share words = new Share("by the words that are heard");
        Share script = new Share("by the script");
        for (int i = 0; i < all.size(); i += every) {
            SpokenSentence sentence = all.get(i);
            Sound sound = sentence.sound();
            sounds.add(sentence, reader.listen(sound, Progress.none()));
            words.add(sentence, dictated.listen(sound, Progress.none()));
            script.add(sentence, reader.read(sound, Script.of(sentence.text()), Progress.none()));
        }
        for (Share share : List.of(sounds, words, script)) {
            System.out.println(share);
        }
    }

    /** Moments at which somebody speaks, and at how many of them a reading has the right phone and mouth. */
    private static final class Share {
        private final String name;
        private int moments;
        private int phones;
        private int mouths;

        Share(String name) {
            this.name = name;
        }

        void add(SpokenSentence sentence, Timing reading) {
            PhoneSpans truth = PhoneSpans.of(sentence);
            PhoneSpans read = PhoneSpans.of(reading);
            Function<Phone, Object> mouth = CHART::shapeOf;
            for (double time = STEP / 2; time < truth.end(); time += STEP) {
                Phone said = truth.at(time);
                if (said != Phone.SIL) {
                    Phone found = read.at(time);
                    moments++;
                    phones += found == said ? 1 : 0;
                    mouths += mouth.apply(found).equals(mouth.apply(said)) ? 1 : 0;
                }
            }
        }

        @Override
        public String toString() {
            return String.format(
                    Locale.ROOT,
                    "%s: %.1f %% of the time the right phone, %.1f %% the right mouth",
                    name,
                    100.0 * phones / moments,
                    100.0 * mouths / moments);
        }
    }
}
