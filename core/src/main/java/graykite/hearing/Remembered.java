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
    /** Where the part begins that this is of. */
    private final int first;

    /** @param frames of the recording */
    Remembered(int frames) {
        this(new Near[frames <= LONGEST ? frames : 0][], 0);
        Arrays.fill(this.frames, NOTHING);
    }

    private Remembered(Near[][] frames, int first) {
        this.frames = frames;
        this.first = first;
    }

    /** Of a part of the recording: what is kept of either is known to both, unless the recording is too long to be kept. */
    Remembered part(int from, int to) {
        return frames.length > 0 ? new Remembered(frames, first + from) : new Remembered(to - from);
    }

    /** What is known; {@link Near#UNKNOWN} when nothing is. @param which of the phones and their streams */
    Near at(int frame, int which) {
        Near[] known = frames.length > 0 ? frames[first + frame] : NOTHING;
        return which < known.length ? known[which] : Near.UNKNOWN;
    }

    void keep(int frame, int which, Near near) {
        if (frames.length == 0) {
            return;
        }
        Near[] row = frames[first + frame];
        if (which >= row.length) {
            int known = row.length;
            row = Arrays.copyOf(row, Math.max(which + 1, ROW));
            Arrays.fill(row, known, row.length, Near.UNKNOWN);
            frames[first + frame] = row;
        }
        row[which] = near;
    }
}
