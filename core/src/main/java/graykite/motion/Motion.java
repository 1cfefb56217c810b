package graykite.motion;

import java.util.List;

/**
 * How several controls of a face move for a while: a performance, a capture, a stretch of baked layers. Its clock begins at 0
 * and has nothing to do with any line. Immutable; safe for several threads.
 */
public sealed interface Motion permits Track, Keyed {
    /** How many controls one motion moves at most. */
    int MOST_CONTROLS = 2_000;

    /** The longest motion, in seconds. */
    double LONGEST = 4 * 3600;

    /** Seconds, above 0. */
    double duration();

    /** Names of channels or standard actions, each once. */
    List<String> controls();

    /**
     * The value of a control.
     *
     * @param control its index among the controls
     * @param time seconds; before 0 it is what it begins with, after the end what it ends with
     */
    double at(int control, double time);

    /** A part of it that begins at 0. @param from seconds @param to seconds, after from */
    Motion part(double from, double to);

    /** With some of its controls alone, in its own order. */
    Motion only(List<String> wanted);
}
