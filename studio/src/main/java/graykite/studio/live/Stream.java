package graykite.studio.live;

import graykite.base.BadInput;
import graykite.live.Calibration;
import graykite.live.CaptureSource;
import graykite.live.MadeUpFace;
import graykite.live.OscCapture;
import graykite.live.SimulatedCapture;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentLinkedQueue;

/** What comes from a capture stream: the newest face, and all that came since it was last asked. */
public final class Stream implements AutoCloseable {
    private static final int MOST_WAITING = 2_000;

    private final OscCapture capture;
    private final Optional<SimulatedCapture> device;
    private final ConcurrentLinkedQueue<CaptureSource.Sample> waiting = new ConcurrentLinkedQueue<>();
    private final List<Long> arrivals = new ArrayList<>();
    private final Map<String, Double> face = new LinkedHashMap<>();
    private Optional<CaptureSource.Sample> newest = Optional.empty();
    private Calibration calibration = Calibration.NONE;

    /** A face at a moment, by our names. @param nanos by {@link System#nanoTime} */
    record Face(long nanos, Map<String, Double> values) {}

    /**
     * @param simulated true for the device that ships with Gray Kite, on a port of its own
     * @throws BadInput when the port is taken
     */
    Stream(int port, boolean simulated) {
        capture = new OscCapture(simulated ? 0 : port);
        capture.begin(sample -> {
            if (waiting.size() < MOST_WAITING) {
                waiting.add(sample);
            }
        });
        device = simulated
                ? Optional.of(new SimulatedCapture(
                        MadeUpFace.of(34, 0.01, 7), capture.port(), SimulatedCapture.Trouble.NONE, 1))
                : Optional.empty();
    }

    /** All faces that came since the last time, in their order. */
    List<Face> taken() {
        List<Face> faces = new ArrayList<>();
        for (CaptureSource.Sample sample = waiting.poll(); sample != null; sample = waiting.poll()) {
            newest = Optional.of(sample);
            face.putAll(calibration.of(sample));
            faces.add(new Face(sample.nanos(), Map.copyOf(face)));
            arrivals.add(sample.nanos());
        }
        long old = System.nanoTime() - 1_000_000_000L;
        arrivals.removeIf(t -> t < old);
        return faces;
    }

    /** The controls that came so far, by our names. */
    public List<String> controls() {
        return List.copyOf(face.keySet());
    }

    /** The face as it is now. */
    Map<String, Double> face() {
        return face;
    }

    /** Samples in the last second. */
    public int rate() {
        return arrivals.size();
    }

    /** Packets and messages that were none of ours. */
    public long refused() {
        return capture.refused();
    }

    /** Where it listens. */
    public int port() {
        return capture.port();
    }

    /** True for the device that ships with Gray Kite. */
    public boolean isSimulated() {
        return device.isPresent();
    }

    /** From now on everything counts relative to the face as it is. @return false when nothing has come yet */
    public boolean calibrate() {
        newest.ifPresent(rest -> {
            calibration = Calibration.at(rest);
            face.replaceAll((name, was) -> 0.0);
        });
        return newest.isPresent();
    }

    @Override
    public void close() {
        device.ifPresent(SimulatedCapture::close);
        capture.close();
    }
}
