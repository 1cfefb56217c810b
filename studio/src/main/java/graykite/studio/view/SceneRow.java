package graykite.studio.view;

import graykite.project.Line;
import graykite.project.SceneWork;
import graykite.studio.model.Palette;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.text.Font;

/** The lines of the open scene as blocks: a click works on one, a drag moves it in time. Two lanes let overlaps be seen. */
final class SceneRow extends SheetRow {
    private static final Font NAME = Font.font("Inter", 12);
    private static final double LANE = 20;

    private String held = "";
    private double grip;
    private long gesture;

    SceneRow(SheetContext sheet) {
        super(sheet, "scene", 2 * LANE + 4);
    }

    private List<SceneWork.Block> blocks() {
        return sheet.workspace().openScene().map(SceneWork::blocks).orElse(List.of());
    }

    @Override
    boolean present() {
        return sheet.workspace().openScene().isPresent();
    }

    /** Of a block, in seconds of the line that is worked on. */
    private TimeRange range(SceneWork.Block block) {
        TimeRange range = sheet.workspace().scenes().range(block);
        double start = sheet.workspace().lineStart();
        return new TimeRange(range.start() - start, range.end() - start);
    }

    @Override
    void draw(GraphicsContext g, double width) {
        Palette palette = sheet.palette().get();
        List<SceneWork.Block> blocks = blocks();
        for (int b = 0; b < blocks.size(); b++) {
            TimeRange range = range(blocks.get(b));
            if (sheet.scale().outside(range.start(), range.end())) {
                continue;
            }
            Optional<Line> line = sheet.workspace().project().line(blocks.get(b).line());
            boolean chosen =
                    blocks.get(b).line().equals(sheet.workspace().lineId().get());
            g.save();
            g.translate(0, (b % 2) * LANE);
            Blocks.block(g, sheet.scale(), palette, range.start(), range.end(), LANE + 4, true, chosen);
            g.setFill(palette.ink());
            String who = line.map(l -> sheet.workspace().project().speakerOf(l).name() + ": "
                            + l.title().strip())
                    .orElse("A line that is gone");
            Blocks.nameWithin(g, sheet.scale(), NAME, who, range.start(), range.end(), LANE / 2 + 2);
            g.restore();
        }
    }

    private Optional<SceneWork.Block> at(SheetPointer at) {
        List<SceneWork.Block> blocks = blocks();
        int lane = at.y() < LANE + 2 ? 0 : 1;
        for (int b = 0; b < blocks.size(); b++) {
            if (b % 2 == lane && range(blocks.get(b)).contains(at.time())) {
                return Optional.of(blocks.get(b));
            }
        }
        return Optional.empty();
    }

    @Override
    Cursor cursor(SheetPointer at) {
        return at(at).isPresent() ? Cursor.OPEN_HAND : Cursor.DEFAULT;
    }

    @Override
    boolean press(SheetPointer at) {
        Optional<SceneWork.Block> block = at(at);
        if (block.isEmpty()) {
            return super.press(at);
        }
        held = block.get().line();
        gesture = sheet.workspace().newGesture();
        // The pointer's time is that of the line so far; it changes with the line that is worked on.
        grip = at.time() + sheet.workspace().lineStart() - block.get().start();
        sheet.workspace().lineId().set(held);
        return true;
    }

    @Override
    void drag(SheetPointer at) {
        double start = at.pulled() + sheet.workspace().lineStart() - grip;
        if (Math.abs(start - current()) > 0.004) {
            sheet.workspace().scenes().move(held, start, gesture);
        }
    }

    private double current() {
        return sheet.workspace()
                .openScene()
                .flatMap(s -> s.block(held))
                .map(SceneWork.Block::start)
                .orElse(0.0);
    }

    @Override
    void offer(ContextMenu menu, SheetPointer at) {
        at(at).ifPresent(block -> item(
                menu,
                "Take the line out of the scene",
                () -> sheet.workspace().scenes().takeOut(block.line())));
    }
}
