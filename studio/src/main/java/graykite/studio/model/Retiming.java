package graykite.studio.model;

import graykite.edit.LineEdit;
import graykite.project.Line;
import graykite.project.Voice;
import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.Optional;

/** Stretches, squeezes and holds up the line that is worked on: voice, reading, mouth and acting together. */
public final class Retiming {
    private final Workspace workspace;

    Retiming(Workspace workspace) {
        this.workspace = workspace;
    }

    /** The way from the recording to the line. */
    public TimeMap map() {
        return workspace.line().map(Line::voice).map(Voice::retiming).orElse(TimeMap.SAME);
    }

    /** A stretch of the line becomes so many times as long. */
    public void stretch(TimeRange range, double factor) {
        change(0, TimeMap.stretching(range, factor));
    }

    /** A stretch of the line gets a length, while it is dragged or typed. @param before the way when the gesture began */
    public void setLength(TimeMap before, TimeRange range, double seconds, long gesture) {
        double factor = Math.max(0.05, seconds) / Math.max(1e-3, range.length());
        set(before.then(TimeMap.stretching(range, factor)), gesture);
    }

    /** A pause comes in at a time of the line. */
    public void pause(double at, double seconds) {
        change(0, TimeMap.pausing(Math.max(0, at), seconds));
    }

    /** The recording as it was spoken. */
    public void takeBack() {
        set(TimeMap.SAME, 0);
    }

    private void change(long gesture, TimeMap next) {
        set(map().then(next), gesture);
    }

    private void set(TimeMap wanted, long gesture) {
        Optional<Line> line = workspace.line().filter(l -> l.sound().isPresent());
        if (line.isEmpty()) {
            workspace.jobs().say("There is no recording to retime.");
            return;
        }
        workspace.edit(new LineEdit.Retime(line.get().id(), wanted), gesture);
    }
}
