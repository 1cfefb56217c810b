package graykite.studio.view;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.studio.model.Palette;
import graykite.studio.model.Selection;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.text.Font;

/** The words with what is doubtful about them, and the sections that are spoken in their own way as bars above them. */
final class WordsRow extends SpokenRow {
    private static final Font WORD = Font.font("Inter", 13);

    private final DoubtMarks doubts = new DoubtMarks();
    private final IntConsumer retype;

    /** @param retype opens the field over a word */
    WordsRow(SheetContext sheet, IntConsumer retype) {
        super(sheet, "words", 27, true);
        this.retype = retype;
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Optional<Timing> timing = timing();
        if (timing.isEmpty()) {
            return;
        }
        Palette palette = sheet.palette().get();
        doubts.of(timing.get());
        List<TimedWord> words = timing.get().words();
        Selection selected = sheet.workspace().selection().get();
        for (int w = 0; w < words.size(); w++) {
            TimedWord word = words.get(w);
            if (sheet.scale().outside(word.start(), word.end())) {
                continue;
            }
            boolean own = word.phones().stream().anyMatch(TimedPhone::pinned);
            boolean chosen = selected.word() == w && selected.phone() < 0;
            Blocks.block(g, sheet.scale(), palette, word.start(), word.end(), height(), own, chosen);
            boolean doubtful = doubts.isDoubtful(w);
            g.setFill(doubtful ? palette.string() : palette.ink());
            String text = word.guessed() ? word.text() + " ?" : word.text();
            Blocks.label(g, sheet.scale(), WORD, text, word.start(), word.end(), height() / 2);
            if (doubtful) {
                double from = sheet.scale().xOf(word.start());
                doubts.mark(g, palette, from, sheet.scale().xOf(word.end()), height() - 6);
            }
        }
        doubts.drawMissing(g, palette, sheet.scale(), timing.get(), 1);
        SectionBars.draw(g, sheet.workspace().mouth(), sheet.scale(), palette);
    }

    private Optional<Integer> section(SheetPointer at) {
        return SectionBars.at(sheet.workspace().mouth(), sheet.scale(), at.x(), at.y());
    }

    @Override
    boolean press(SheetPointer at) {
        Optional<Integer> section = section(at);
        if (section.isPresent()) {
            sheet.workspace().mouth().section().set(section.get());
            return false;
        }
        return super.press(at);
    }

    @Override
    void doubleClick(SheetPointer at) {
        int word = at(at.time()).word();
        if (word >= 0) {
            retype.accept(word);
        }
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        section(at)
                .ifPresent(section -> item(
                        menu,
                        "Remove the section",
                        () -> sheet.workspace().mouth().removeSection(section)));
        SpokenMenu.offer(menu, sheet, at(at.time()), retype);
    }
}
