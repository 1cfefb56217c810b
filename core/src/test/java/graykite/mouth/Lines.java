package graykite.mouth;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.CmuDictionary;
import graykite.text.Phone;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** Lines for tests: timed by rule from the dictionary, without sound. */
public final class Lines {
    private static final CmuDictionary DICTIONARY = CmuDictionary.shipped();

    private Lines() {}

    /** Words one after another, vowels twice as long as consonants, a pause of a fifth of a second round them. */
    public static Timing spoken(String text, double consonant) {
        List<TimedWord> words = new ArrayList<>();
        double time = 0.2;
        for (String word :
                text.toLowerCase(Locale.ROOT).replaceAll("[^a-z' ]", "").split(" +")) {
            List<TimedPhone> phones = new ArrayList<>();
            for (Phone phone : DICTIONARY.pronunciations(word).getFirst().phones()) {
                double end = time + consonant * (phone.isVowel() ? 2 : 1);
                phones.add(new TimedPhone(phone, time, end, false));
                time = end;
            }
            words.add(new TimedWord(word, "", phones, false, 1));
        }
        return new Timing(words, time + 0.2);
    }

    /** The same words spoken at other times, faster and slower by up to a third, some with a pause before them. */
    public static Timing again(Timing timing, Random random) {
        List<TimedWord> words = new ArrayList<>();
        double time = 0.1 + random.nextDouble();
        for (TimedWord word : timing.words()) {
            time += random.nextInt(4) == 0 ? 0.3 : 0;
            List<TimedPhone> phones = new ArrayList<>();
            for (TimedPhone phone : word.phones()) {
                double end = time + phone.length() * (0.67 + 0.66 * random.nextDouble());
                phones.add(new TimedPhone(phone.phone(), time, end, false));
                time = end;
            }
            words.add(new TimedWord(word.text(), word.mark(), phones, word.guessed(), word.fit()));
        }
        return new Timing(words, time + 0.3);
    }

    public static Loudness quiet(Timing timing) {
        return Loudness.of(Sound.silence(timing.duration(), 8000));
    }

    static Beats beats(Character who, Timing timing, MouthWork work) {
        FittedChart chart = FittedChart.standard(who);
        return Beats.of(timing, quiet(timing), chart, work, FrameRate.FILM, MouthMover.usual(who, chart.chart()));
    }

    /** The value of a channel at a time of a motion. */
    static double at(MouthMotion motion, String channel, double time) {
        return motion.at(motion.channels().indexOf(channel), time);
    }
}
