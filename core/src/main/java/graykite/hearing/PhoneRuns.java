package graykite.hearing;

import graykite.reading.HeardPhone;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Runs of phones that belong together, those of a word, a pause or a stretch without words, and how far their likelihood stays below that of the best phones. */
final class PhoneRuns {
    private PhoneRuns() {}

    /** By how much a step the phones are less likely than the best. */
    static double below(List<HeardPhone> phones, double[] ceiling) {
        int start = phones.getFirst().startFrame();
        int end = phones.getLast().endFrame();
        double best = ceiling[end - 1] - (start > 0 ? ceiling[start - 1] : 0);
        return (best - HeardPhone.likelihood(phones)) * Aligner.STEP / Math.max(1, end - start);
    }

    /** By how much in all the phones are less likely than the best. */
    static double lack(List<HeardPhone> phones, double[] ceiling) {
        return below(phones, ceiling) * frames(phones) / Aligner.STEP;
    }

    static int frames(List<HeardPhone> phones) {
        return phones.getLast().endFrame() - phones.getFirst().startFrame();
    }

    /** The phones of each word of the script. */
    static List<List<HeardPhone>> words(List<HeardPhone> heard) {
        return runs(heard).stream().filter(r -> r.getFirst().word() >= 0).toList();
    }

    /** The phones of each word, pause, and stretch that the script does not have. */
    static List<List<HeardPhone>> runs(List<HeardPhone> heard) {
        return runs(heard, Set.of());
    }

    /** The same, with such a stretch cut where a word of it is known to begin. @param begins analysis frames */
    static List<List<HeardPhone>> runs(List<HeardPhone> heard, Set<Integer> begins) {
        List<List<HeardPhone>> runs = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= heard.size(); i++) {
            if (i == heard.size()
                    || heard.get(i).word() != heard.get(from).word()
                    || heard.get(i).word() == HeardPhone.UNSCRIPTED
                            && begins.contains(heard.get(i).startFrame())) {
                runs.add(heard.subList(from, i));
                from = i;
            }
        }
        return runs;
    }
}
