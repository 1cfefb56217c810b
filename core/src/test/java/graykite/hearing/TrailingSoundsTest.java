package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What is heard behind a word and belongs to it, on phones laid out by hand. */
class TrailingSoundsTest {
    private static HeardPhone phone(int word, Phone phone, double from, double to) {
        return new HeardPhone(word, 0, 0, phone, (int) Math.round(from * 200), (int) Math.round(to * 200), -1);
    }

    /** A word of some phones of a tenth of a second, sounds behind it, a pause and another word: what is made of it. */
    private static List<HeardPhone> joined(List<Phone> word, double pause, Phone... more) {
        List<HeardPhone> heard = new ArrayList<>();
        double at = 0.5;
        for (Phone p : word) {
            heard.add(phone(0, p, at, at + 0.1));
            at += 0.1;
        }
        for (Phone p : more) {
            heard.add(phone(HeardPhone.UNSCRIPTED, p, at, at + 0.1));
            at += 0.1;
        }
        if (pause > 0) {
            heard.add(phone(HeardPhone.PAUSE, Phone.SIL, at, at + pause));
        }
        heard.add(phone(1, Phone.B, at + pause, at + pause + 0.2));
        List<HeardPhone> joined = TrailingSounds.joined(heard);
        assertEquals(heard.getLast(), joined.getLast());
        for (int i = 1; i < joined.size(); i++) {
            assertEquals(joined.get(i - 1).endFrame(), joined.get(i).startFrame(), "without gaps");
        }
        assertEquals(score(heard), score(joined), 1e-9, "no likelihood is lost");
        return joined;
    }

    private static double score(List<HeardPhone> phones) {
        return phones.stream().mapToDouble(HeardPhone::score).sum();
    }

    private static List<Phone> left(Phone last, double pause, Phone... more) {
        return joined(List.of(last), pause, more).stream()
                .filter(p -> p.word() == HeardPhone.UNSCRIPTED)
                .map(HeardPhone::phone)
                .toList();
    }

    /** "star" without its r, a drawn-out "tomato", an n that rings: given to the word. Another word or syllable is not. */
    @Test
    void whatADrawnOutWordLeavesBehindIsItsOwn() {
        assertEquals(List.of(), left(Phone.R, 0.3, Phone.AA));
        assertEquals(List.of(), left(Phone.OW, 0.3, Phone.UH, Phone.L));
        assertEquals(List.of(), left(Phone.N, 0.3, Phone.N));
        assertEquals(List.of(Phone.AA), left(Phone.T, 0.3, Phone.AA), "a stop does not ring");
        assertEquals(List.of(Phone.AA), left(Phone.R, 0, Phone.AA), "no pause: another word runs on");
        List<Phone> word = Arrays.asList(Phone.N, Phone.AW);
        assertEquals(word, left(Phone.R, 0.3, Phone.N, Phone.AW), "\"now\" was said besides");
        List<Phone> stop = Arrays.asList(Phone.T, Phone.AH);
        assertEquals(stop, left(Phone.R, 0.3, Phone.T, Phone.AH));
        Phone[] longOne = {Phone.AA, Phone.AA, Phone.AA, Phone.AA, Phone.AA};
        assertEquals(5, left(Phone.R, 0.3, longOne).size(), "half a second is more than an end");
    }

    /** A "tie" or a "sign" that goes on and on swells and sinks: only a consonant that stops it begins another word. */
    @Test
    void aVowelThatSwellsIsStillTheWord() {
        assertEquals(List.of(), left(Phone.AY, 0.3, Phone.AA, Phone.L, Phone.OY, Phone.IY));
        assertEquals(List.of(), left(Phone.N, 0.3, Phone.OW, Phone.OY, Phone.NG, Phone.IH));
        assertEquals(List.of(Phone.AA, Phone.T, Phone.IY), left(Phone.AY, 0.3, Phone.AA, Phone.T, Phone.IY));
    }

    /** "Choice" of which the s was heard too soon, and once more at its true place: the vowel lasts until there. */
    @Test
    void aLastConsonantThatComesAgainWasHeardTooSoon() {
        List<HeardPhone> choice = joined(List.of(Phone.CH, Phone.OY, Phone.S), 0.3, Phone.IY, Phone.S);
        assertEquals(
                "CH 0.50-0.60, OY 0.60-0.90, S 0.90-1.00, SIL 1.00-1.30, B 1.30-1.50",
                choice.stream()
                        .map(p -> String.format(
                                Locale.ROOT, "%s %.2f-%.2f", p.phone(), p.startFrame() / 200.0, p.endFrame() / 200.0))
                        .collect(Collectors.joining(", ")));
        assertEquals(0, unscripted(joined(List.of(Phone.N, Phone.OW, Phone.Z), 0.3, Phone.UW, Phone.SH)), "z or sh");
        assertEquals(2, unscripted(joined(List.of(Phone.P, Phone.AY, Phone.P), 0.3, Phone.EY, Phone.S)), "another");
        assertEquals(2, unscripted(joined(List.of(Phone.P, Phone.AY, Phone.P), 0, Phone.EY, Phone.P)), "no pause");
        assertEquals(
                3, unscripted(joined(List.of(Phone.P, Phone.AY, Phone.P), 0.3, Phone.P, Phone.EY, Phone.P)), "a word");
        assertEquals(2, unscripted(joined(List.of(Phone.S, Phone.T), 0.3, Phone.EY, Phone.T)), "nothing to draw out");
    }

    private static long unscripted(List<HeardPhone> phones) {
        return phones.stream().filter(p -> p.word() == HeardPhone.UNSCRIPTED).count();
    }
}
