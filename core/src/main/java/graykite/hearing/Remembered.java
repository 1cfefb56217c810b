package graykite.hearing;

import java.util.Arrays;

/**
 * What was worked out at the frames of a recording, for those who hear it again: where a script is doubted its line, or a part of it, is
 * heard three times and more.
 */
final class Remembered {
    /**
     * Frames of half a minute, of which up to 55 MB are kept while it is read. Of what is longer nothing is; its parts are remembered by
     * themselves.
     */
    static final int LONGEST = 6_000;

    /** Places of a frame at first: some forty phones in three streams. */
    private static final int ROW = 128;

    private static final Near[] NOTHING = new Near[0];

    private final Near[][] frames;

    /** @param frames of the recording */
    Remembered(int frames) {
        this.frames = new Near[frames <= LONGEST ? frames : 0][];
        Arrays.fill(this.frames, NOTHING);
    }

    /** Whether anything is kept: not of a long recording. */
    boolean isKept() {
        return frames.length > 0;
    }

    /** What is known; {@link Near#UNKNOWN} when nothing is. @param which of the phones and their streams */
    Near at(int frame, int which) {
        Near[] known = frame < frames.length ? frames[frame] : NOTHING;
        return which < known.length ? known[which] : Near.UNKNOWN;
    }

    void keep(int frame, int which, Near near) {
        if (frame >= frames.length) {
            return;
        }
        Near[] row = frames[frame];
        if (which >= row.length) {
            row = Arrays.copyOf(row, Math.max(which + 1, ROW));
            Arrays.fill(row, frames[frame].length, row.length, Near.UNKNOWN);
            frames[frame] = row;
        }
        row[which] = near;
    }
}
