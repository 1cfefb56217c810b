package graykite.studio.view;

import graykite.proof.ProofNote;
import graykite.studio.model.Palette;
import graykite.studio.model.ProofNotes;
import java.util.List;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

/** What the proof says, as small kites where it says it: filled for faults, half for doubts, outlines for hints. */
final class NotesRow extends SheetRow {
    private static final Font WORDS = Font.font("Inter", 11);
    private static final double WIDE = 10;
    private static final double TALL = 14;

    private final ProofNotes proof;

    NotesRow(SheetContext sheet) {
        super(sheet, "notes", 24);
        this.proof = sheet.workspace().proof();
    }

    /** From the reading on, so that the rows do not jump when a note comes or goes. */
    @Override
    boolean present() {
        return sheet.workspace().timing().isPresent();
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        Optional<ProofNote> chosen = proof.chosen().get();
        if (proof.proof().get().notes().isEmpty() && proof.settled()) {
            g.setFill(palette.ink2());
            Blocks.name(g, WORDS, "nothing to mend", GUTTER + 6, GUTTER, width, 0, height());
        }
        for (ProofNote note : proof.proof().get().notes()) {
            if (sheet.scale().outside(note.range().start() - 0.2, note.range().end() + 0.2)) {
                continue;
            }
            draw(g, palette, note, chosen.filter(note::equals).isPresent());
        }
    }

    private void draw(GraphicsContext g, Palette palette, ProofNote note, boolean chosen) {
        double x = sheet.scale().xOf(note.time());
        double end = sheet.scale().xOf(note.range().end());
        double middle = height() / 2;
        Color colour = note.isOpen()
                ? switch (note.rule().severity()) {
                    case FAULT -> palette.string();
                    case DOUBT -> palette.sand();
                    case HINT -> palette.tide();
                }
                : palette.ink2();
        if (end - x > WIDE && chosen) {
            g.setFill(Blocks.alpha(colour, 0.18));
            g.fillRect(x, 3, end - x, height() - 6);
        }
        double[] xs = {x, x + WIDE / 2, x, x - WIDE / 2};
        double[] ys = {middle - TALL / 2, middle - 1, middle + TALL / 2, middle - 1};
        g.setStroke(colour);
        g.setLineWidth(chosen ? 2 : 1.2);
        if (note.isOpen()) {
            switch (note.rule().severity()) {
                case FAULT -> {
                    g.setFill(colour);
                    g.fillPolygon(xs, ys, 4);
                }
                case DOUBT -> {
                    g.setFill(colour);
                    g.fillPolygon(new double[] {x, x, x - WIDE / 2}, new double[] {ys[0], ys[2], ys[3]}, 3);
                }
                case HINT -> g.setFill(palette.card());
            }
        }
        g.strokePolygon(xs, ys, 4);
        g.setLineWidth(1);
    }

    /** The note under the pointer; of several the nearest. */
    private Optional<ProofNote> note(double x) {
        List<ProofNote> all = proof.proof().get().notes();
        Optional<ProofNote> best = Optional.empty();
        double least = WIDE;
        for (ProofNote note : all) {
            double away = Math.abs(sheet.scale().xOf(note.time()) - x);
            if (away < least) {
                least = away;
                best = Optional.of(note);
            }
        }
        return best;
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return note(at.x()).isPresent() ? Cursor.HAND : Cursor.DEFAULT;
    }

    @Override
    boolean press(SheetPointer at) {
        Optional<ProofNote> note = note(at.x());
        proof.ask(note);
        sheet.player().seek(note.map(ProofNote::time).orElse(at.time()));
        return false;
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        note(at.x()).ifPresent(n -> {
            proof.ask(Optional.of(n));
            if (n.isOpen()) {
                n.fixes().forEach(f -> item(menu, f.title(), () -> proof.mend(f)));
                item(menu, "Mend all of this kind", () -> proof.mendAll(n.rule().id()));
            } else {
                item(menu, "No longer meant so", () -> proof.takeBack(n));
            }
        });
    }
}
