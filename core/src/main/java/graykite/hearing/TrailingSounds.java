package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;

/**
 * Sound that was heard beside the script, but is the end of a word: people draw out a last vowel, leave an r out or let an n ring, and
 * the search, finding no more of the word, hears something else. What follows a sounding phone without a pause, is short,
 * begins without a new consonant and has a pause behind it, belongs to that phone.
 */
final class TrailingSounds {
    /** Frames that such a sound lasts at most: 450 ms. */
    private static final int LONGEST = 90;

    private TrailingSounds() {}

    /** The same phones with such sounds given to the words before them. */
    static List<HeardPhone> joined(List<HeardPhone> heard) {
        List<HeardPhone> joined = new ArrayList<>();
        int i = 0;
        while (i < heard.size()) {
            HeardPhone phone = heard.get(i++);
            int end = i;
            while (end < heard.size() && heard.get(end).word() == HeardPhone.UNSCRIPTED) {
                end++;
            }
            if (phone.word() >= 0 && end > i && belongs(phone, heard.subList(i, end)) && pauses(heard, end)) {
                double score = phone.score();
                for (HeardPhone more : heard.subList(i, end)) {
                    score += more.score();
                }
                phone = new HeardPhone(
                        phone.word(),
                        phone.variant(),
                        phone.index(),
                        phone.phone(),
                        phone.startFrame(),
                        heard.get(end - 1).endFrame(),
                        score);
                i = end;
            }
            joined.add(phone);
        }
        return joined;
    }

    private static boolean pauses(List<HeardPhone> heard, int at) {
        return at == heard.size() || heard.get(at).word() == HeardPhone.PAUSE;
    }

    private static boolean belongs(HeardPhone last, List<HeardPhone> more) {
        if (!sounds(last.phone()) || more.getLast().endFrame() - more.getFirst().startFrame() > LONGEST) {
            return false;
        }
        boolean consonant = false;
        for (HeardPhone phone : more) {
            boolean vowel = phone.phone().isVowel();
            if (vowel && consonant || !vowel && phone == more.getFirst() && !sounds(phone.phone())) {
                // A consonant and then a vowel: another syllable.
                return false;
            }
            consonant |= !vowel;
        }
        return true;
    }

    /** True for what can be drawn out: vowels, glides, nasals and l. */
    private static boolean sounds(Phone phone) {
        return switch (phone.kind()) {
            case VOWEL, DIPHTHONG, NASAL, GLIDE -> true;
            case STOP, AFFRICATE, FRICATIVE, SILENCE -> false;
        };
    }
}
