package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.hearing.RightTime;
import graykite.media.ear.NetworkEar;
import graykite.mouth.MouthChart;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Script;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/** For how much of the time synthetic voices speak the phone and the mouth are right: by sound alone, by the words that are heard, by the script. */
final class SoundAlone {
    private static final MouthChart CHART = MouthChart.standard();

    private SoundAlone() {}

    /** @param every which of the sentences */
    static void print(Path folder, Every every) throws IOException {
        Reader reader = Reader.shipped();
        Reader dictated = reader.with(new NetworkEar());
        Share sounds = new Share("by sound alone");
        Share words = new Share("by the words that are heard");
        Share script = new Share("by the script");
        for (SpokenSentence sentence : every.of(SpokenSentence.in(folder))) {
            Sound sound = sentence.sound();
            sounds.add(sentence, reader.listen(sound, Progress.none()));
            words.add(sentence, dictated.listen(sound, Progress.none()));
            script.add(sentence, reader.read(sound, Script.of(sentence.text()), Progress.none()));
        }
        for (Share share : List.of(sounds, words, script)) {
            System.out.println(share);
        }
    }

    /** How right one way to read is. */
    private static final class Share {
        private final String name;
        private RightTime phones = RightTime.NONE;
        private RightTime mouths = RightTime.NONE;

        Share(String name) {
            this.name = name;
        }

        void add(SpokenSentence sentence, Timing reading) {
            phones = phones.plus(RightTime.between(reading, sentence.phones(), p -> p));
            mouths = mouths.plus(RightTime.between(reading, sentence.phones(), CHART::shapeOf));
        }

        @Override
        public String toString() {
            return String.format(
                    Locale.ROOT,
                    "%s: %.1f %% of the time the right phone, %.1f %% the right mouth",
                    name,
                    100 * phones.share(),
                    100 * mouths.share());
        }
    }
}
