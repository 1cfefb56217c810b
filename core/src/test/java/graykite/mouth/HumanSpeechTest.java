package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Score;
import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.hearing.Recordings;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.rig.LipGap;
import graykite.scene.Acted;
import graykite.scene.Performance;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.text.Script;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** From human speech (LibriVox, public domain) to the mesh. */
class HumanSpeechTest {
    private static final Character ODILE = Figures.ODILE;
    private static final FittedChart CHART = FittedChart.standard(ODILE);
    private static final LipGap GAP = new LipGap(ODILE);
    private static final Reader READER = Reader.shipped();

    private static Performance performance(String number, String words) throws Exception {
        Sound sound = Recordings.human(number);
        Timing timing = READER.read(sound, Script.of(words), Progress.none());
        return Performance.of(ODILE, CHART, line(timing, sound));
    }

    private static boolean shutsLips(Phone phone) {
        return phone == Phone.P || phone == Phone.B || phone == Phone.M;
    }

    /** Closures hold with a smile, a wide jaw and a lopsided lip laid on top: measured on the mesh, at 24 frames a second. */
    @ParameterizedTest
    @MethodSource("graykite.hearing.Recordings#humanSpeech")
    void lipsShutUnderASmile(String number, String words) throws Exception {
        Performance performance = performance(number, words);
        var index = ODILE.channelIndex();
        List<TimeRange> closures = performance.beats().closures(PhoneShape.Closure.LIPS);
        long said = performance.timing().words().stream()
                .flatMap(w -> w.phones().stream())
                .filter(p -> shutsLips(p.phone()))
                .count();
        assertEquals(said, closures.size());
        assertTrue(said >= 2);
        for (TimeRange closure : closures) {
            double least = 99;
            FrameRate film = FrameRate.FILM;
            for (long f = film.frameAt(closure.start()) - 1; f <= film.frameAt(closure.end()) + 1; f++) {
                double[] values = Acted.at(performance, film.secondsAt(f));
                values[index.get("lipCornerPuller.L")] += 0.7;
                values[index.get("lipCornerPuller.R")] += 0.5;
                values[index.get("jawDrop")] += 0.3;
                values[index.get("upperLipRaiser.L")] += 0.4;
                least = Math.min(least, GAP.at(values));
            }
            assertTrue(least < LipGap.SHUT, least + " mm at " + closure);
        }
    }

    /** Before a pause and at the end lips stay apart until the word has ended, though shapes come before their sounds; p, b and m shut them. */
    @Test
    void lipsShutAfterTheWordHasEnded() throws Exception {
        int pauses = 0;
        for (Arguments sentence : Recordings.humanSpeech().toList()) {
            Performance performance = performance((String) sentence.get()[0], (String) sentence.get()[1]);
            List<TimedWord> said = performance.timing().words();
            for (int w = 0; w < said.size(); w++) {
                TimedWord word = said.get(w);
                boolean last = w + 1 == said.size();
                double next =
                        last ? performance.timing().duration() : said.get(w + 1).start();
                if (shutsLips(word.phones().getLast().phone()) || !last && next - word.end() < 0.12) {
                    continue;
                }
                pauses++;
                double apart = word.start();
                for (double time = word.start(); time < next; time += 0.005) {
                    apart = GAP.at(Acted.at(performance, time)) > LipGap.SHUT ? time : apart;
                }
                assertTrue(apart > word.end() + 0.03, word + ": its lips shut at " + apart);
            }
        }
        assertTrue(pauses >= 5, pauses + " words before a pause");
    }

    /**
     * Vowels open the mouth more than what stands beside them closes it: open vowels (AA, AE, AO, AW, AY) have a wider gap on
     * the mean than p, b, m, f, v, s, z, t and d. Common practice.
     */
    @ParameterizedTest
    @CsvSource({
        "0870,and mister john dashwood had then leisure to consider how much there might be prudently in his power to do for them",
        "0890,unless to be rather cold hearted and rather selfish is to be ill disposed"
    })
    void openVowelsAreOpen(String number, String words) throws Exception {
        Performance performance = performance(number, words);
        List<Double> open = new ArrayList<>();
        List<Double> narrow = new ArrayList<>();
        for (TimedWord word : performance.timing().words()) {
            for (TimedPhone phone : word.phones()) {
                double gap = GAP.at(Acted.at(performance, phone.range().middle() - MouthSettings.STANDARD.lead()));
                switch (phone.phone()) {
                    case AA, AE, AO, AW, AY -> open.add(gap);
                    case P, B, M, F, V, S, Z, T, D -> narrow.add(gap);
                    default -> {}
                }
            }
        }
        assertTrue(mean(open) > 1.5 * mean(narrow), mean(open) + " mm and " + mean(narrow) + " mm");
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(v -> v).average().orElseThrow();
    }

    /** Rounding is anticipated: before "w" and "oo" the lips are narrower than before "ee" during the same k or t. */
    @ParameterizedTest
    @CsvSource({"K", "T", "S"})
    void roundingIsAnticipated(String consonant) {
        double round = pucker(Phone.valueOf(consonant), Phone.UW);
        double spread = pucker(Phone.valueOf(consonant), Phone.IY);
        assertTrue(round > spread + 0.1, consonant + ": " + round + " before oo, " + spread + " before ee");
    }

    private static double pucker(Phone consonant, Phone vowel) {
        Timing timing = new Timing(
                List.of(new TimedWord(
                        "x",
                        "",
                        List.of(new TimedPhone(consonant, 0.5, 0.6, false), new TimedPhone(vowel, 0.6, 0.85, false)),
                        false,
                        1)),
                1.4);
        Performance performance = Performance.of(ODILE, CHART, line(timing, Sound.silence(1.4, 8000)));
        return Acted.at(performance, 0.55 - MouthSettings.STANDARD.lead())[
                ODILE.channelIndex().get("lipPucker")];
    }

    private static Score line(Timing timing, Sound sound) {
        return new Score(timing, Loudness.of(sound), MouthSettings.STANDARD, FrameRate.THIRTY, 3);
    }
}
