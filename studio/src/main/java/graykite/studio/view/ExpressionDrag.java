package graykite.studio.view;

import graykite.studio.model.ClipEdits;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;

/** An expression that is dragged from the library to the sheet: it is seen on the face before it is dropped. */
public final class ExpressionDrag {
    private static final DataFormat EXPRESSION = new DataFormat("application/x-gray-kite-expression");

    private ExpressionDrag() {}

    /** Lets an expression be dragged from a node. */
    public static void from(Node node, String pose) {
        node.setOnDragDetected(e -> {
            Dragboard board = node.startDragAndDrop(TransferMode.COPY);
            ClipboardContent content = new ClipboardContent();
            content.put(EXPRESSION, pose);
            board.setContent(content);
            e.consume();
        });
    }

    private static Optional<String> pose(DragEvent e) {
        return Optional.ofNullable(e.getDragboard().getContent(EXPRESSION)).map(Object::toString);
    }

    /** Takes expressions that are dropped on the sheet. */
    static void onto(Node sheet, SheetScale scale, ClipEdits clips) {
        sheet.addEventHandler(
                DragEvent.DRAG_OVER,
                e -> pose(e).ifPresent(p -> {
                    e.acceptTransferModes(TransferMode.COPY);
                    clips.preview(p, clips.room(scale.timeAt(e.getX())));
                    e.consume();
                }));
        sheet.addEventHandler(DragEvent.DRAG_EXITED, e -> clips.endPreview());
        sheet.addEventHandler(
                DragEvent.DRAG_DROPPED,
                e -> pose(e).ifPresent(p -> {
                    clips.add(p, clips.room(scale.timeAt(e.getX())));
                    e.setDropCompleted(true);
                    e.consume();
                }));
    }
}
