package graykite.hearing;

import graykite.reading.HeardPhone;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * A stretch of a line whose words are not believed, or whose pauses are not, with believable ones on both sides to hold on to.
 *
 * @param first index of its first word
 * @param last index of its last word
 * @param from first analysis frame
 * @param to frame after the last
 */
record Doubtful(int first, int last, int from, int to) {
    /** Believable words on each side. */
    private static final int AROUND = 3;
    /** A line with fewer words is heard again as a whole. */
    private static final int SHORT_LINE = 16;
    /** When more than this share of the words is doubtful, so is where the others were found. */
    private static final double MOST = 0.5;

    /**
     * The doubtful stretches of what a strict search found.
     *
     * @param frames how many frames the sound has
     * @param fit of the line
     * @return in order of time; one that is the whole line where little of it can be believed; none when all can
     */
    static List<Doubtful> in(Aligner.Found found, int frames, LineFit fit) {
        List<List<HeardPhone>> words = PhoneRuns.words(found.words());
        SortedSet<Integer> doubted = besideSpeech(found, fit);
        IntStream.range(0, words.size())
                .filter(w -> fit.isSuspicious(words.get(w)))
                .forEach(doubted::add);
        return around(doubted, words.size(), found.words(), frames);
    }

    /**
     * The stretches around some words.
     *
     * @param doubted indices of the words, of which some may not have been heard
     * @param words how many there are
     * @param heard phones of words, and pauses
     * @param frames how many frames the sound has
     */
    static List<Doubtful> around(SortedSet<Integer> doubted, int words, List<HeardPhone> heard, int frames) {
        NavigableMap<Integer, List<HeardPhone>> found = new TreeMap<>();
        PhoneRuns.words(heard).forEach(w -> found.put(w.getFirst().word(), w));
        List<int[]> ranges = new ArrayList<>();
        for (int w : doubted.subSet(0, words)) {
            int first = Objects.requireNonNullElse(found.floorKey(w - AROUND), 0);
            int last = Objects.requireNonNullElse(found.ceilingKey(w + AROUND), words - 1);
            if (!ranges.isEmpty() && first <= ranges.getLast()[1] + 1) {
                first = Math.min(first, ranges.getLast()[0]);
                last = Math.max(last, ranges.removeLast()[1]);
            }
            ranges.add(new int[] {first, last});
        }
        int many = ranges.stream().mapToInt(r -> r[1] - r[0] + 1).sum();
        boolean whole = !ranges.isEmpty() && (words <= SHORT_LINE || many > MOST * words);
        List<int[]> kept = whole ? List.of(new int[] {0, words - 1}) : ranges;
        return kept.stream()
                .map(r -> new Doubtful(
                        r[0],
                        r[1],
                        r[0] == 0 ? 0 : found.get(r[0]).getFirst().startFrame(),
                        r[1] == words - 1 ? frames : found.get(r[1]).getLast().endFrame()))
                .toList();
    }

    /** The words before and after pauses that are none: something is said there that the script does not have. */
    private static SortedSet<Integer> besideSpeech(Aligner.Found found, LineFit fit) {
        SortedSet<Integer> beside = new TreeSet<>();
        int before = -1;
        for (HeardPhone phone : found.words()) {
            if (phone.word() >= 0) {
                before = phone.word();
            } else if (fit.isSpoken(phone)) {
                beside.add(before);
                beside.add(before + 1);
            }
        }
        return beside;
    }

    /** What was heard in this stretch, counted from its beginning. */
    List<HeardPhone> within(List<HeardPhone> all) {
        return all.stream()
                .filter(p -> p.startFrame() >= from && p.endFrame() <= to)
                .map(p -> moved(p, -first, -from))
                .toList();
    }

    /** What was heard, with this stretch heard anew. */
    List<HeardPhone> replaced(List<HeardPhone> all, List<HeardPhone> anew) {
        List<HeardPhone> heard = new ArrayList<>();
        all.stream().filter(p -> p.endFrame() <= from).forEach(heard::add);
        anew.forEach(p -> heard.add(moved(p, first, from)));
        all.stream().filter(p -> p.startFrame() >= to).forEach(heard::add);
        return heard;
    }

    private static HeardPhone moved(HeardPhone p, int words, int frames) {
        int word = p.word() < 0 ? p.word() : p.word() + words;
        return new HeardPhone(
                word, p.variant(), p.index(), p.phone(), p.startFrame() + frames, p.endFrame() + frames, p.score());
    }
}
