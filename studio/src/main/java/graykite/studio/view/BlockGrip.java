package graykite.studio.view;

import graykite.time.TimeRange;

/** How a block on the sheet is held: its middle moves it, its ends stretch it. */
enum BlockGrip {
    NONE,
    MIDDLE,
    START,
    END;

    /** Pixels about an end in which it is held. */
    static final double GRAB = 5;

    /** What the pointer holds of a block between two places. */
    static BlockGrip at(double x, double from, double to) {
        if (Math.abs(x - from) < GRAB) {
            return START;
        }
        return Math.abs(x - to) < GRAB ? END : MIDDLE;
    }

    /**
     * Where a block goes when it is dragged.
     *
     * @param grabbed how far after its start it was taken hold of
     * @param least how long it must stay, in seconds
     */
    TimeRange dragged(SheetPointer at, double start, double end, double grabbed, double least) {
        return switch (this) {
            case MIDDLE -> {
                double from = Math.max(0, at.pulled() - grabbed);
                yield new TimeRange(from, from + end - start);
            }
            case START -> new TimeRange(Math.clamp(at.pulled(), 0, end - least), end);
            case END -> new TimeRange(start, Math.max(start + least, at.pulled()));
            case NONE -> new TimeRange(start, end);
        };
    }
}
