package graykite.studio.view;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.studio.model.Selection;
import java.util.List;
import java.util.Optional;
import javafx.scene.Cursor;

/** What the rows of words and of sounds have in common: boundaries that are dragged, and what is chosen under the pointer. */
abstract class SpokenRow extends SheetRow {
    private static final double GRAB = 5;

    private final boolean onlyWords;
    private Optional<Boundary> held = Optional.empty();
    private long gesture;

    /** A boundary: the start of a phone, or the end of a word (phone -1). */
    private record Boundary(int word, int phone) {}

    SpokenRow(SheetContext sheet, String name, double usual, boolean onlyWords) {
        super(sheet, name, usual);
        this.onlyWords = onlyWords;
    }

    protected final Optional<Timing> timing() {
        return sheet.workspace().timing();
    }

    private Optional<Boundary> boundaryAt(double x) {
        List<TimedWord> words = timing().map(Timing::words).orElse(List.of());
        Optional<Boundary> best = Optional.empty();
        double nearest = GRAB;
        for (int w = 0; w < words.size(); w++) {
            if (sheet.scale().outside(words.get(w).start(), words.get(w).end())) {
                continue;
            }
            List<TimedPhone> phones = words.get(w).phones();
            for (int p = 0; p < (onlyWords ? 1 : phones.size()); p++) {
                double away = Math.abs(sheet.scale().xOf(phones.get(p).start()) - x);
                if (away < nearest) {
                    nearest = away;
                    best = Optional.of(new Boundary(w, p));
                }
            }
            double away = Math.abs(sheet.scale().xOf(words.get(w).end()) - x);
            if (away < nearest) {
                nearest = away;
                best = Optional.of(new Boundary(w, -1));
            }
        }
        return best;
    }

    /** The word, or the sound, that is spoken at a time. */
    protected final Selection at(double time) {
        int word = timing().map(t -> t.wordAt(time)).orElse(-1);
        if (word < 0 || onlyWords) {
            return new Selection(word, -1);
        }
        List<TimedPhone> phones = timing().orElseThrow().words().get(word).phones();
        for (int p = 0; p < phones.size(); p++) {
            if (phones.get(p).range().contains(time)) {
                return new Selection(word, p);
            }
        }
        return new Selection(word, -1);
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return boundaryAt(at.x()).isPresent() ? Cursor.H_RESIZE : Cursor.DEFAULT;
    }

    @Override
    boolean press(SheetPointer at) {
        held = boundaryAt(at.x());
        gesture = sheet.workspace().newGesture();
        if (held.isEmpty()) {
            sheet.workspace().selection().set(at(at.time()));
            sheet.player().seek(at.time());
        }
        return held.isPresent();
    }

    @Override
    void drag(SheetPointer at) {
        held.ifPresent(b -> {
            if (b.phone() < 0) {
                sheet.workspace().words().moveEnd(b.word(), at.pulled(), gesture);
            } else {
                sheet.workspace().words().moveStart(b.word(), b.phone(), at.pulled(), gesture);
            }
            sheet.player().seek(at.pulled());
        });
    }
}
