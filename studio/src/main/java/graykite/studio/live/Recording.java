package graykite.studio.live;

import graykite.acting.PassesLayer.Ready;
import graykite.edit.PassEdit;
import graykite.motion.Motion;
import graykite.motion.Track;
import graykite.motion.TrackRecorder;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** One recording: what is performed while the line plays, and what becomes of it. */
final class Recording {
    private final Workspace workspace;
    private final Player player;
    private final LiveInputs inputs;
    private final LiveSettings settings;
    private final List<String> controls;
    private final Optional<Ready> extended;
    private final double until;
    private final TrackRecorder recorder;

    /**
     * @param controls what is recorded
     * @param extended the pass that it goes on from; nothing for a new one
     * @param until seconds of the line at which it ends by itself
     */
    Recording(
            Workspace workspace,
            Player player,
            LiveInputs inputs,
            LiveSettings settings,
            List<String> controls,
            Optional<Ready> extended,
            double until) {
        this.workspace = workspace;
        this.player = player;
        this.inputs = inputs;
        this.settings = settings;
        this.controls = controls;
        this.extended = extended;
        this.until = until;
        this.recorder = new TrackRecorder(controls);
    }

    /** The stretch that would be recorded now: the loop, or from the playhead to the end of the line. */
    static TimeRange range(Player player) {
        double end = Math.max(0.1, player.duration());
        Optional<TimeRange> loop =
                player.loopRange().get().filter(r -> player.looping().get());
        double from = loop.map(TimeRange::start).orElse(player.time().get());
        double begins = from > end - 0.1 ? 0 : Math.max(0, from);
        return new TimeRange(
                begins, Math.max(begins + 0.1, loop.map(TimeRange::end).orElse(end)));
    }

    /** Keeps what is performed now, and what came from a stream since the last time. @return true once it is at its end */
    boolean keep(List<Stream.Face> faces) {
        double now = player.now();
        for (Stream.Face face : faces) {
            double ago =
                    (System.nanoTime() - face.nanos()) * 1e-9 * player.speed().get();
            recorder.add(now - ago, inputs.played(controls, face.values()));
        }
        recorder.add(now, inputs.played(controls));
        return !player.playing().get() || now >= until;
    }

    /** Smooths, thins and lays what was recorded on the line. @param laid is run once it lies there */
    void finish(Runnable laid) {
        Optional<Track> track = recorder.track(Take.RATE);
        if (track.isEmpty()) {
            workspace.jobs().say("Nothing was recorded: it was stopped at once.");
            return;
        }
        double start = Math.max(0, recorder.start());
        double mouth = inputs.stream().isPresent() ? settings.mouth().get() : 1;
        boolean adds = settings.adds().get();
        double smooth = settings.smooth().get();
        double thin = settings.thin().get();
        String name = inputs.name();
        // A stream that goes on while the hand is asked gives the same moment twice: that is no fault of it.
        if (recorder.refused() > 0) {
            workspace.jobs().say(recorder.refused() + " values of the stream were no figures, and left out.");
        }
        String line = workspace.lineId().get();
        Track raw = extended.map(b -> Take.joined(b.pass().what(), track.get())).orElse(track.get());
        workspace.jobs().start("Working out the pass", progress -> Take.worked(raw, smooth, thin), motion -> {
            if (!workspace.lineId().get().equals(line)) {
                workspace.jobs().say("Another line was opened meanwhile; the pass is not kept.");
            } else if (extended.isPresent() ? join(motion) : lay(start, motion, name, adds, mouth)) {
                laid.run();
                player.seek(start);
            }
        });
    }

    private boolean lay(double start, Motion motion, String name, boolean adds, double mouth) {
        PassEdit.Look look = Take.look(name, motion, adds, mouth);
        boolean laid = workspace.editLine(0, l -> new PassEdit.AddPass(l, "", start, start + motion.duration(), look));
        if (laid) {
            workspace.passes().choose(look.what());
            workspace
                    .jobs()
                    .say(String.format(
                            Locale.ROOT,
                            "Recorded %s, %.2f s. Play it; record again to do it better.",
                            name,
                            motion.duration()));
        }
        return laid;
    }

    private boolean join(Motion motion) {
        boolean there = workspace.passes().pass().map(Ready::pass).equals(extended.map(Ready::pass));
        if (there) {
            workspace.passes().extend(motion);
            workspace.jobs().say(String.format(Locale.ROOT, "The pass lasts %.2f s now.", motion.duration()));
        }
        return there;
    }
}
