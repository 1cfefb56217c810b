package graykite.sound;

import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;

/** A recording on another clock: stretched and squeezed with the pitch kept, with pauses where the map puts them in. */
public final class Retimed {
    /** Seconds over which sound fades where a pause begins and ends, so that nothing clicks. */
    private static final double FADE = 0.004;

    private Retimed() {}

    /** @param map from the clock of the recording to another */
    public static Sound of(Sound sound, TimeMap map) {
        if (map.isSame()) {
            return sound;
        }
        List<Double> cuts = new ArrayList<>(List.of(0.0));
        map.pairs().stream()
                .map(TimeMap.Pair::from)
                .filter(t -> t > 0 && t < sound.duration())
                .forEach(cuts::add);
        cuts.add(sound.duration());
        int total = (int) Math.round(map.after(sound.duration()) * sound.rate());
        float[][] out = new float[sound.channelCount()][Math.max(1, total)];
        for (int i = 0; i + 1 < cuts.size(); i++) {
            TimeRange piece = new TimeRange(cuts.get(i), cuts.get(i + 1));
            double start = map.after(piece.start());
            double end = map.before(piece.end());
            if (piece.length() * sound.rate() >= 1 && end > start) {
                boolean pauseBefore = start - map.before(piece.start()) > 1e-6;
                boolean pauseAfter = map.after(piece.end()) - end > 1e-6;
                Sound slice = Stretch.atSpeed(sound.cut(piece), piece.length() / (end - start));
                place(slice, out, (int) Math.round(start * sound.rate()), pauseBefore, pauseAfter);
            }
        }
        return new Sound(out, sound.rate());
    }

    private static void place(Sound slice, float[][] out, int at, boolean fadeIn, boolean fadeOut) {
        int fade = Math.max(1, (int) (FADE * slice.rate()));
        int length = Math.min(slice.length(), out[0].length - at);
        for (int c = 0; c < out.length; c++) {
            float[] samples = slice.channel(c);
            for (int i = 0; i < length; i++) {
                double gain = fadeIn ? Math.min(1, i / (double) fade) : 1;
                gain *= fadeOut ? Math.min(1, (length - 1 - i) / (double) fade) : 1;
                out[c][at + i] = (float) (gain * samples[i]);
            }
        }
    }
}
