package graykite.studio.view;

import graykite.mouth.Beat;
import graykite.mouth.Pull;
import graykite.rig.LipGap;
import graykite.scene.Performance;
import graykite.scene.Scene;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What the sheet shows of a channel: measured away from the JavaFX thread, for the stretch that is visible.
 *
 * @param start seconds of the first sample
 * @param step seconds between samples
 * @param shown value after every layer
 * @param gaps lip gap in millimetres; empty where it is not known where the lips meet
 * @param marks what sounds ask of the channel
 */
record CurveTrace(double start, double step, double[] shown, double[] gaps, List<Mark> marks) {
    /** One person on a stage, on the clock of a line. */
    record Stage(Scene scene, int actor, double lineStart) {
        double[] at(double time) {
            return scene.at(actor, time + lineStart);
        }
    }

    /** What a sound asks for, over the time in which it sounds. */
    record Mark(double from, double to, double asked) {}

    /**
     * @param line whose sounds are marked
     * @param stage what is seen of it
     * @param channel index
     * @param samples about as many as there are pixels to draw them on
     */
    static CurveTrace of(Performance line, Stage stage, int channel, double from, double to, int samples) {
        // Half a frame is as fine as the eye needs; a long line is sampled more coarsely.
        double step =
                Math.max((to - from) / Math.max(2, samples), line.score().rate().frameLength() / 4);
        int count = Math.max(2, (int) Math.ceil((to - from) / step) + 1);
        double[] shown = new double[count];
        boolean measured = line.character().lips().isPresent();
        double[] gaps = new double[measured ? count : 0];
        ThreadLocal<LipGap> gap = ThreadLocal.withInitial(() -> new LipGap(line.character()));
        IntStream.range(0, count).parallel().forEach(i -> {
            double[] values = stage.at(from + i * step);
            shown[i] = values[channel];
            if (measured) {
                gaps[i] = gap.get().at(values);
            }
        });
        return new CurveTrace(from, step, shown, gaps, marks(line, channel, from, to));
    }

    private static List<Mark> marks(Performance line, int channel, double from, double to) {
        List<Mark> marks = new ArrayList<>();
        List<Beat> beats = line.beats().list();
        int first = line.beats().indexAt(from);
        int last = line.beats().indexAt(to);
        // In a long view marks would be a carpet.
        if (last - first > 160) {
            return marks;
        }
        for (int b = first; b <= last; b++) {
            Beat beat = beats.get(b);
            int own = b;
            line.pulls(channel, Math.clamp(beat.middle(), 0, line.duration())).stream()
                    .filter(p -> p.beat() == own)
                    .findFirst()
                    .map(Pull::asked)
                    .ifPresent(asked -> marks.add(new Mark(beat.start(), beat.end(), asked)));
        }
        return marks;
    }
}
