package graykite.studio.play;

/** Where sound goes. Time is asked of the device itself, so that pictures follow what is heard. */
public interface AudioOut extends AutoCloseable {
    /** True when sound is heard. */
    boolean audible();

    /**
     * Plays samples from an index on, once; what played before stops.
     *
     * @param samples mono, -1 to 1; shared, not to be written to
     * @param from first sample
     * @param to where it stops
     */
    void play(float[] samples, int rate, int from, int to);

    /** Stops at once. */
    void stop();

    /** How many samples were heard since {@link #play}; stays at the end when all were. */
    long heard();

    @Override
    void close();
}
