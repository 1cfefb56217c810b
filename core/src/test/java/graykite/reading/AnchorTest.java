package graykite.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.mouth.Lines;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Edits find their words again. */
class AnchorTest {
    private static final Timing LINE = Lines.spoken("boat ahead turn turn turn and turn the boat about", 0.07);

    private static Timing without(Timing timing, int word) {
        List<TimedWord> words = new ArrayList<>(timing.words());
        words.remove(word);
        return new Timing(words, timing.duration());
    }

    private static Timing with(Timing timing, int word, String text) {
        List<TimedWord> words = new ArrayList<>(timing.words());
        TimedWord old = words.get(word);
        words.set(word, new TimedWord(text, old.mark(), old.phones(), false, 1));
        return new Timing(words, timing.duration());
    }

    @Test
    void repeatedWordsAreToldApart() {
        for (int w = 0; w < LINE.words().size(); w++) {
            assertEquals(
                    Optional.of(new Anchor.Spot(w, 0)), Anchor.of(LINE, w, 0).in(LINE));
        }
        // The second "turn" of three is gone: its neighbours stay what they were.
        Timing shorter = without(LINE, 3);
        List<Anchor> all = List.of(Anchor.of(LINE, 2, -1), Anchor.of(LINE, 3, -1), Anchor.of(LINE, 6, -1));
        List<Optional<Anchor.Spot>> found = Anchor.find(all, shorter);
        assertEquals(Optional.of(new Anchor.Spot(5, -1)), found.get(2));
        long sameWord = found.stream().flatMap(Optional::stream).distinct().count();
        assertEquals(found.stream().flatMap(Optional::stream).count(), sameWord, "no two stand on one word");
    }

    @Test
    void whatIsGoneIsNotFound() {
        Anchor ahead = Anchor.of(LINE, 1, 0);
        assertEquals(Optional.empty(), ahead.in(without(LINE, 1)));
        // Spelled another way between the same neighbours it is still the word.
        assertEquals(Optional.of(new Anchor.Spot(1, 0)), ahead.in(with(LINE, 1, "ahed")));
    }

    /** A sound is found by name when the pronunciation changed around it, and by its make when it changed itself. */
    @Test
    void soundsAreFoundInOtherPronunciations() {
        Timing line = Lines.spoken("the map again", 0.07);
        Anchor vowel = Anchor.of(line, 1, 1);
        assertEquals(Phone.AE, vowel.sound());
        List<TimedPhone> phones = List.of(
                new TimedPhone(Phone.S, 1, 1.1, false),
                new TimedPhone(Phone.M, 1.1, 1.2, false),
                new TimedPhone(Phone.AE, 1.2, 1.3, false));
        assertEquals(new Anchor.Spot(0, 2), vowel.in(one("map", phones)).orElseThrow());
        assertEquals(
                new Anchor.Spot(0, 1),
                vowel.in(one(
                                "map",
                                List.of(
                                        new TimedPhone(Phone.M, 1, 1.1, false),
                                        new TimedPhone(Phone.AA, 1.1, 1.3, false))))
                        .orElseThrow());
        assertEquals(Optional.empty(), vowel.in(one("map", List.of(new TimedPhone(Phone.M, 1, 1.1, false)))));
    }

    @Test
    void anAnchorRemembersWhatStoodAroundIt() {
        Anchor third = Anchor.of(LINE, 2, 0);
        assertEquals("turn", third.word());
        assertEquals(List.of("ahead", "boat", ""), third.before());
        assertEquals(List.of("turn", "turn", "and"), third.after());
        assertEquals(4, third.twins());
        assertEquals(2 / 9.0, third.place(), 1e-12);
        assertEquals("t in “turn”", third.inWords());
        assertEquals("“turn”", Anchor.of(LINE, 2, -1).inWords());
        assertEquals(
                0,
                Anchor.of(one("map", List.of(new TimedPhone(Phone.M, 0, 1, false))), 0, -1)
                        .place());
    }

    /** Half of the letters may differ, and both neighbours must be there: else it is another word. */
    @Test
    void whatCountsAsTheSameWordSpelledAnotherWay() {
        Anchor ahead = Anchor.of(LINE, 1, -1);
        for (String same : List.of("ahed", "a-head", "Ahead!", "aheed", "abend")) {
            assertEquals(Optional.of(new Anchor.Spot(1, -1)), ahead.in(with(LINE, 1, same)), same);
        }
        for (String other : List.of("astern", "behind", "a", "aheadandabeam")) {
            assertEquals(Optional.empty(), ahead.in(with(LINE, 1, other)), other);
        }
        assertEquals(Optional.empty(), ahead.in(with(with(LINE, 1, "ahed"), 0, "ship")), "another neighbour");
        assertEquals(Optional.empty(), ahead.in(with(with(LINE, 1, "ahed"), 2, "steer")));
    }

    /** Of several words of its text it is the one between the same words, wherever that moved. */
    @Test
    void neighboursTellMoreThanThePlace() {
        Anchor last = Anchor.of(LINE, 6, -1);
        Timing shuffled = Lines.spoken("and turn the boat about boat ahead turn turn turn", 0.07);
        assertEquals(Optional.of(new Anchor.Spot(1, -1)), last.in(shuffled));
        Anchor first = Anchor.of(LINE, 0, -1);
        assertEquals(Optional.of(new Anchor.Spot(5, -1)), first.in(shuffled));
    }

    @Test
    void aSoundSaidTwiceIsTheNearerOne() {
        Timing line = Lines.spoken("the map again", 0.07);
        Anchor vowel = Anchor.of(line, 1, 1);
        List<TimedPhone> phones = new ArrayList<>();
        for (Phone phone : List.of(Phone.AE, Phone.M, Phone.AE, Phone.AE)) {
            double start = 1 + 0.1 * phones.size();
            phones.add(new TimedPhone(phone, start, start + 0.1, false));
        }
        // Both its neighbours lie as near: the first of them is taken.
        assertEquals(new Anchor.Spot(0, 0), vowel.in(one("map", joined(phones))).orElseThrow());
        assertEquals(
                new Anchor.Spot(0, 0),
                vowel.in(one("map", joined(phones.subList(0, 2)))).orElseThrow());
    }

    private static List<TimedPhone> joined(List<TimedPhone> phones) {
        List<TimedPhone> all = new ArrayList<>();
        for (TimedPhone phone : phones) {
            double start = all.isEmpty() ? phone.start() : all.getLast().end();
            all.add(new TimedPhone(phone.phone(), start, start + 0.1, false));
        }
        return all;
    }

    @Test
    void whatIsNoAnchorIsRefused() {
        List<String> none = List.of();
        assertThrows(IllegalArgumentException.class, () -> new Anchor("a", none, none, 1, 0, -2, Phone.SIL));
        assertThrows(IllegalArgumentException.class, () -> new Anchor("a", none, none, 1, 0, 0, Phone.SIL));
        assertThrows(IllegalArgumentException.class, () -> new Anchor("a", none, none, 1, 0, -1, Phone.AA));
        List<String> many = Collections.nCopies(17, "b");
        assertThrows(IllegalArgumentException.class, () -> new Anchor("a", many, none, 1, 0, -1, Phone.SIL));
        assertThrows(IllegalArgumentException.class, () -> new Anchor("a", none, many, 1, 0, -1, Phone.SIL));
    }

    private static Timing one(String word, List<TimedPhone> phones) {
        return new Timing(List.of(new TimedWord(word, "", phones, false, 1)), 3);
    }

    /**
     * Random edits of a line of two dozen words, some of them said several times: other words come, go and change, all times
     * change. A word whose two neighbours on either side stayed is found exactly; any word that is found is the same word;
     * no two words are found in one place.
     */
    @Property(tries = 400)
    void survivesRandomReadings(@ForAll @IntRange(max = 1_000_000) int seed) {
        Random random = new Random(seed);
        String[] stock = {"fog", "bell", "map", "turn", "the", "up", "by", "harbour", "moved", "keep", "both", "hands"};
        StringBuilder text = new StringBuilder();
        for (int w = 0; w < 24; w++) {
            text.append(stock[random.nextInt(stock.length)]).append(' ');
        }
        Timing before = Lines.spoken(text.toString().strip(), 0.06);
        List<TimedWord> edited = new ArrayList<>();
        List<Integer> origin = new ArrayList<>();
        for (int w = 0; w < before.words().size(); w++) {
            int dice = random.nextInt(20);
            if (dice == 0) {
                continue;
            }
            if (dice == 1) {
                edited.add(before.words().get(random.nextInt(24)));
                origin.add(-1);
            }
            edited.add(before.words().get(w));
            origin.add(w);
        }
        Timing after = Lines.again(retimed(edited), random);
        List<Anchor> anchors = new ArrayList<>();
        for (int w = 0; w < 24; w++) {
            anchors.add(Anchor.of(before, w, random.nextBoolean() ? -1 : 0));
        }
        List<Optional<Anchor.Spot>> found = Anchor.find(anchors, after);
        List<Integer> taken = new ArrayList<>();
        for (int w = 0; w < 24; w++) {
            int now = origin.indexOf(w);
            if (found.get(w).isPresent()) {
                int place = found.get(w).get().word();
                assertEquals(
                        before.words().get(w).text(), after.words().get(place).text());
                taken.add(place);
            }
            boolean undisturbed = now >= 0;
            for (int k = -2; k <= 2 && undisturbed; k++) {
                int there = now + k;
                int expected = w + k < 0 || w + k >= 24 ? -2 : w + k;
                int seen = there < 0 || there >= origin.size() ? -2 : origin.get(there);
                undisturbed = expected == seen;
            }
            if (undisturbed && unlikeOthers(before, w)) {
                assertEquals(now, found.get(w).orElseThrow().word(), "word " + w + " of " + text);
            }
        }
        assertTrue(taken.stream().distinct().count() == taken.size(), "two words in one place");
    }

    /** True when no other place of the line has the same word between the same two neighbours on either side. */
    private static boolean unlikeOthers(Timing line, int word) {
        List<String> texts = line.words().stream().map(TimedWord::text).toList();
        for (int w = 0; w < texts.size(); w++) {
            int alike = 0;
            for (int k = -1; k <= 1; k++) {
                boolean inside = w + k >= 0 && w + k < texts.size() && word + k >= 0 && word + k < texts.size();
                alike += inside && texts.get(w + k).equals(texts.get(word + k)) ? 1 : 0;
            }
            if (w != word && texts.get(w).equals(texts.get(word)) && alike > 1) {
                return false;
            }
        }
        return true;
    }

    /** Words laid end to end, wherever they came from. */
    private static Timing retimed(List<TimedWord> words) {
        List<TimedWord> laid = new ArrayList<>();
        double time = 0;
        for (TimedWord word : words) {
            List<TimedPhone> phones = new ArrayList<>();
            for (TimedPhone phone : word.phones()) {
                phones.add(new TimedPhone(phone.phone(), time, time + phone.length(), false));
                time += phone.length();
            }
            laid.add(word.withPhones(phones));
        }
        return new Timing(laid, time);
    }
}
