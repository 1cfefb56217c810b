package graykite.studio.view;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.studio.model.Palette;
import graykite.studio.model.Selection;
import graykite.text.Phone;
import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.text.Font;

/** The sounds of the words, and what is heard between them. */
final class SoundsRow extends SpokenRow {
    private static final Font IPA = Font.font("Andika", 14);

    private final GapLabels gaps = new GapLabels();
    private final IntConsumer retype;
    private Timing unread = Timing.empty(0);

    /** @param retype opens the field over a word */
    SoundsRow(SheetContext sheet, IntConsumer retype) {
        super(sheet, "sounds", 27, false);
        this.retype = retype;
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        Optional<Timing> timing = timing();
        if (timing.isEmpty()) {
            sheet.workspace()
                    .sound()
                    .get()
                    .ifPresent(s -> gaps.draw(
                            g,
                            sheet.workspace(),
                            sheet.scale(),
                            palette,
                            unread(s.sound().duration()),
                            height()));
            return;
        }
        gaps.draw(g, sheet.workspace(), sheet.scale(), palette, timing.get(), height());
        Selection selected = sheet.workspace().selection().get();
        List<TimedWord> words = timing.get().words();
        for (int w = 0; w < words.size(); w++) {
            if (sheet.scale().outside(words.get(w).start(), words.get(w).end())) {
                continue;
            }
            List<TimedPhone> phones = words.get(w).phones();
            for (int p = 0; p < phones.size(); p++) {
                sound(g, palette, phones.get(p), selected.word() == w && selected.phone() == p);
            }
        }
    }

    private void sound(GraphicsContext g, Palette palette, TimedPhone phone, boolean chosen) {
        SheetScale scale = sheet.scale();
        Blocks.block(g, scale, palette, phone.start(), phone.end(), height(), phone.pinned(), chosen);
        if (isClosure(phone.phone())) {
            double x = scale.xOf(phone.start());
            g.setFill(palette.string());
            g.fillRect(x + 1, height() - 5, scale.xOf(phone.end()) - x - 2, 2);
        }
        g.setFill(palette.ink());
        Blocks.label(g, scale, IPA, phone.phone().ipa(), phone.start(), phone.end(), height() / 2 - 1);
    }

    /** A reading without words, the same one as long as the sound is as long. */
    private Timing unread(double duration) {
        if (unread.duration() != duration) {
            unread = Timing.empty(duration);
        }
        return unread;
    }

    private static boolean isClosure(Phone phone) {
        return switch (phone) {
            case P, B, M, F, V -> true;
            default -> false;
        };
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        SpokenMenu.offer(menu, sheet, at(at.time()), retype);
    }
}
