package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;

/**
 * Puts what the search found into the order in which it is shown: a stretch that the script does not hold becomes the phones
 * that are heard in it, or is given to its neighbours where it is too short to be anything.
 */
final class HeardWords {
    /** A shorter unscripted stretch is no word; in frames: 70 ms. */
    private static final int SHORTEST_STRETCH = 14;

    private HeardWords() {}

    /** @return phones of words, pauses, and phones of unscripted words, without gaps */
    static List<HeardPhone> tidy(Aligner.Found found) {
        List<HeardPhone> tidy = new ArrayList<>();
        List<HeardPhone> all = found.words();
        int i = 0;
        while (i < all.size()) {
            if (all.get(i).word() != HeardPhone.UNSCRIPTED) {
                tidy.add(all.get(i++));
                continue;
            }
            int from = i;
            while (i < all.size() && all.get(i).word() == HeardPhone.UNSCRIPTED) {
                i++;
            }
            int start = all.get(from).startFrame();
            int end = all.get(i - 1).endFrame();
            List<HeardPhone> phones = end - start < SHORTEST_STRETCH ? List.of() : within(found.phones(), start, end);
            if (phones.stream().allMatch(p -> p.word() == HeardPhone.PAUSE)) {
                giveAway(tidy, start, end, i < all.size());
            } else {
                tidy.addAll(phones);
            }
        }
        return joinedPauses(tidy);
    }

    /** The phones heard without words in a range, cut to it. */
    static List<HeardPhone> within(List<HeardPhone> phones, int start, int end) {
        List<HeardPhone> cut = new ArrayList<>();
        for (HeardPhone phone : phones) {
            int from = Math.max(start, phone.startFrame());
            int to = Math.min(end, phone.endFrame());
            if (to - from >= Math.min(3, end - start)) {
                int word = phone.phone() == Phone.SIL ? HeardPhone.PAUSE : HeardPhone.UNSCRIPTED;
                int begin = cut.isEmpty() ? start : cut.getLast().endFrame();
                cut.add(new HeardPhone(word, 0, cut.size(), phone.phone(), begin, to, phone.score()));
            }
        }
        if (!cut.isEmpty()) {
            cut.add(withEnd(cut.removeLast(), end));
        }
        return cut;
    }

    /** A stretch that is nothing of its own becomes a pause at the ends, and belongs to the sound before it elsewhere. */
    private static void giveAway(List<HeardPhone> tidy, int start, int end, boolean more) {
        if (tidy.isEmpty() || !more || end - start >= SHORTEST_STRETCH) {
            tidy.add(new HeardPhone(HeardPhone.PAUSE, 0, 0, Phone.SIL, start, end, 0));
        } else {
            tidy.add(withEnd(tidy.removeLast(), end));
        }
    }

    private static List<HeardPhone> joinedPauses(List<HeardPhone> heard) {
        List<HeardPhone> joined = new ArrayList<>();
        for (HeardPhone next : heard) {
            boolean pause = next.word() == HeardPhone.PAUSE;
            if (pause && !joined.isEmpty() && joined.getLast().word() == HeardPhone.PAUSE) {
                joined.add(withEnd(joined.removeLast(), next.endFrame()));
            } else {
                joined.add(next);
            }
        }
        return joined;
    }

    private static HeardPhone withEnd(HeardPhone phone, int end) {
        return new HeardPhone(
                phone.word(), phone.variant(), phone.index(), phone.phone(), phone.startFrame(), end, phone.score());
    }
}
