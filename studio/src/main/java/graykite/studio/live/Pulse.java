package graykite.studio.live;

import javafx.animation.AnimationTimer;

/** Does something at each pulse of the window while it runs. */
final class Pulse extends AnimationTimer {
    private final Runnable beat;

    Pulse(Runnable beat) {
        this.beat = beat;
    }

    @Override
    public void handle(long now) {
        beat.run();
    }
}
