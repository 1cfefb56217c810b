package graykite.edit;

import graykite.base.BadInput;
import graykite.reading.Place;
import graykite.reading.WordFinder;

/** Where on its line an edit puts something: by the words that sound there. */
final class Places {
    /** Times that differ by less are the same. */
    private static final double SAME = 1e-9;

    private Places() {}

    /** @param time seconds of the line; what lies before it is put at its start */
    static Place at(double time, WordFinder words) {
        return Place.at(Math.max(0, time), words);
    }

    /** A place that is moved to a time; what is not moved hangs where it hung. */
    static Place moved(Place was, double time, WordFinder words) {
        return Math.abs(was.in(words) - time) < SAME ? was : at(time, words);
    }

    /** @param what such as "A clip" @throws BadInput when it would end before it begins */
    static void inOrder(String what, double from, double to) {
        if (!(to > from)) {
            throw new BadInput("%s ends after it begins, not at %.2f s after %.2f s.".formatted(what, to, from));
        }
    }
}
