package graykite.hearing;

import graykite.reading.HeardPhone;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

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
        Set<Integer> besideSpeech = besideSpeech(found, fit);
        List<int[]> ranges = new ArrayList<>();
        int doubted = 0;
        for (int w = 0; w < words.size(); w++) {
            if (besideSpeech.contains(w) || fit.isSuspicious(words.get(w))) {
                int first = Math.max(0, w - AROUND);
                int last = Math.min(words.size() - 1, w + AROUND);
                if (!ranges.isEmpty() && first <= ranges.getLast()[1] + 1) {
                    first = ranges.removeLast()[0];
                }
                ranges.add(new int[] {first, last});
            }
        }
        for (int[] range : ranges) {
            doubted += range[1] - range[0] + 1;
        }
        boolean whole = !ranges.isEmpty() && (words.size() <= SHORT_LINE || doubted > MOST * words.size());
        List<int[]> kept = whole ? List.of(new int[] {0, words.size() - 1}) : ranges;
        return kept.stream()
                .map(r -> new Doubtful(
                        r[0],
                        r[1],
                        r[0] == 0 ? 0 : words.get(r[0]).getFirst().startFrame(),
                        r[1] == words.size() - 1
                                ? frames
                                : words.get(r[1]).getLast().endFrame()))
                .toList();
    }

    /** The words before and after pauses that are none: something is said there that the script does not have. */
    private static Set<Integer> besideSpeech(Aligner.Found found, LineFit fit) {
        Set<Integer> beside = new HashSet<>();
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

    /** What was heard, with this stretch heard anew. */
    List<HeardPhone> replaced(List<HeardPhone> all, List<HeardPhone> anew) {
        List<HeardPhone> heard = new ArrayList<>();
        all.stream().filter(p -> p.endFrame() <= from).forEach(heard::add);
        for (HeardPhone p : anew) {
            int word = p.word() < 0 ? p.word() : p.word() + first;
            heard.add(new HeardPhone(
                    word, p.variant(), p.index(), p.phone(), p.startFrame() + from, p.endFrame() + from, p.score()));
        }
        all.stream().filter(p -> p.startFrame() >= to).forEach(heard::add);
        return heard;
    }
}
