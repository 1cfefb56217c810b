package graykite.studio.live;

import graykite.studio.live.LivePass.State;
import graykite.studio.view.FaceTool;

/** The hand over the stage while a face is performed: the pointer plays it, the wheel and the button too. */
public final class FacePlaying implements FaceTool {
    private final LivePass live;

    public FacePlaying(LivePass live) {
        this.live = live;
    }

    @Override
    public void move(View view, double x, double y) {
        live.hand().move(x, y, view.width(), view.height());
        live.handMoved();
    }

    @Override
    public boolean press(View view, double x, double y) {
        live.hand().move(x, y, view.width(), view.height());
        live.hand().press(true);
        live.handMoved();
        return true;
    }

    @Override
    public void drag(View view, double x, double y) {
        move(view, x, y);
    }

    @Override
    public void release() {
        live.hand().press(false);
        live.handMoved();
    }

    @Override
    public boolean wheel(double pixels) {
        live.hand().wheel(pixels);
        live.handMoved();
        return true;
    }

    @Override
    public String hint() {
        return live.state().get() == State.RECORDING
                ? "Recording: mouse or arrow keys. R ends and keeps it, Escape throws it away."
                : "Move the mouse over the face, or hold arrow keys; press, or B, blinks. R records, Escape ends.";
    }
}
