package graykite.command;

import graykite.batch.BatchRun;
import java.util.Locale;

/** Says how far a table is on the error output: what failed at once, the rest once a second. */
final class BatchVoice {
    private static final long SECOND = 1_000_000_000;

    private long last;
    private int before;

    void tell(BatchRun.Told told) {
        before += told.before() ? 1 : 0;
        if (!told.result().good()) {
            System.err.println("kite: " + told.result().problem());
        }
        long now = System.nanoTime();
        if (now - last < SECOND && told.done() < told.all()) {
            return;
        }
        last = now;
        System.err.println("kite: " + told.done() + " of " + told.all()
                + (before > 0 ? " (" + before + " done before)" : "")
                + (told.done() < told.all() && told.secondsLeft() > 0 ? ", " + left(told.secondsLeft()) + " left" : "")
                + ": " + told.result().out());
    }

    static String left(double seconds) {
        if (seconds < 90) {
            return Math.round(seconds) + " s";
        }
        return seconds < 5400
                ? Math.round(seconds / 60) + " min"
                : String.format(Locale.ROOT, "%.1f h", seconds / 3600);
    }
}
