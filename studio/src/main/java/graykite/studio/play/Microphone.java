package graykite.studio.play;

import java.util.function.Consumer;
import java.util.function.Supplier;

/** Where a recording comes from. Listening runs on a thread of its own. */
public interface Microphone {
    /** Samples a second that it delivers, one channel. */
    int RATE = 44_100;

    /** What people call it. */
    String name();

    /**
     * Opens the device and delivers samples, -1 to 1, in small blocks until {@link #stop}.
     *
     * @throws graykite.base.BadInput when the device cannot be opened
     */
    void start(Consumer<float[]> listener);

    /** Stops; returns when the last block was delivered. */
    void stop();

    /** A microphone of the machine; a simulated one that says some words where there is none. */
    static Microphone present(Supplier<String> words) {
        return DeviceMicrophone.isThere() ? new DeviceMicrophone() : new SimulatedMicrophone(words);
    }
}
