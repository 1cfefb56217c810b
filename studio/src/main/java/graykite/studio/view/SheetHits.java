package graykite.studio.view;

import graykite.mouth.Beat;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.scene.Performance;
import graykite.studio.model.Workspace;
import graykite.studio.model.Workspace.Selection;
import java.util.List;
import java.util.Optional;

/** What of the line lies under a point of the sheet. */
final class SheetHits {
    private static final double GRAB = 5;

    private final Workspace workspace;
    private final SheetScale scale;

    /** A boundary under the pointer: the start of a phone, or the end of a word (phone -1). */
    record Boundary(int word, int phone) {}

    SheetHits(Workspace workspace, SheetScale scale) {
        this.workspace = workspace;
        this.scale = scale;
    }

    /** The boundary near a point, on the rows of words and sounds. */
    Optional<Boundary> boundaryAt(double x, double y) {
        Optional<Timing> timing = workspace.line().flatMap(s -> s.timing());
        if (timing.isEmpty() || x < SheetRows.GUTTER || !(SheetRows.inSounds(y) || SheetRows.inWords(y))) {
            return Optional.empty();
        }
        boolean onlyWords = SheetRows.inWords(y);
        List<TimedWord> words = timing.get().words();
        Optional<Boundary> best = Optional.empty();
        double nearest = GRAB;
        for (int w = 0; w < words.size(); w++) {
            List<TimedPhone> phones = words.get(w).phones();
            for (int p = 0; p < (onlyWords ? 1 : phones.size()); p++) {
                double away = Math.abs(scale.xOf(phones.get(p).start()) - x);
                if (away < nearest) {
                    nearest = away;
                    best = Optional.of(new Boundary(w, p));
                }
            }
            double away = Math.abs(scale.xOf(words.get(w).end()) - x);
            if (away < nearest) {
                nearest = away;
                best = Optional.of(new Boundary(w, -1));
            }
        }
        return best;
    }

    /** The word that is spoken at a place. */
    Optional<Integer> wordAt(double x) {
        int word = workspace
                .line()
                .flatMap(s -> s.timing())
                .map(t -> t.wordAt(scale.timeAt(x)))
                .orElse(-1);
        return word < 0 ? Optional.empty() : Optional.of(word);
    }

    /** What lies under a point: a word on the row of words, elsewhere the sound; on the mouth row, whose picture it is. */
    Selection placeAt(double x, double y) {
        Optional<Performance> performance = workspace.performance().get();
        if (SheetRows.inMouths(y) && performance.isPresent()) {
            Beat beat = performance.get().beats().at(scale.timeAt(x));
            return new Selection(beat.word(), beat.index());
        }
        Optional<Integer> word = wordAt(x);
        if (word.isEmpty()) {
            return Selection.NONE;
        }
        int phone = -1;
        if (!SheetRows.inWords(y)) {
            List<TimedPhone> phones = workspace
                    .line()
                    .orElseThrow()
                    .timing()
                    .orElseThrow()
                    .words()
                    .get(word.get())
                    .phones();
            for (int p = 0; p < phones.size(); p++) {
                if (phones.get(p).range().contains(scale.timeAt(x))) {
                    phone = p;
                }
            }
        }
        return new Selection(word.get(), phone);
    }
}
