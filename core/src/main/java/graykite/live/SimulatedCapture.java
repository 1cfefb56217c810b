package graykite.live;

import graykite.base.BadInput;
import graykite.motion.Motion;
import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.util.HashMap;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

/**
 * A capture device for those who have none, and for tests: sends a performance over and over to a port, 60 times a second, as
 * a real one would. Dropouts and jitter on request.
 */
public final class SimulatedCapture implements AutoCloseable {
    private static final double RATE = 60;

    private final Motion motion;
    private final int port;
    private final Trouble trouble;
    private final SplittableRandom random;
    private final DatagramSocket socket;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().daemon().name("kite-simulated-capture").factory());
    private final long begun = System.nanoTime();

    /**
     * What goes wrong.
     *
     * @param dropouts share of packets that never come, 0 to 1
     * @param jitter most seconds by which a packet is late
     */
    public record Trouble(double dropouts, double jitter) {
        public static final Trouble NONE = new Trouble(0, 0);
    }

    /** @param motion what it performs, by our names; @param port where to */
    public SimulatedCapture(Motion motion, int port, Trouble trouble, long seed) {
        this.motion = motion;
        this.port = port;
        this.trouble = trouble;
        this.random = new SplittableRandom(seed);
        try {
            socket = new DatagramSocket();
        } catch (IOException none) {
            throw new BadInput("No packets can be sent on this machine (" + none.getMessage() + ").", none);
        }
        clock.scheduleAtFixedRate(this::tick, 0, Math.round(1e9 / RATE), TimeUnit.NANOSECONDS);
    }

    private void tick() {
        if (random.nextDouble() < trouble.dropouts) {
            return;
        }
        byte[] packet = OscCapture.packet(at((System.nanoTime() - begun) * 1e-9 % motion.duration()));
        long late = Math.round(1e9 * trouble.jitter * random.nextDouble());
        clock.schedule(() -> send(packet), late, TimeUnit.NANOSECONDS);
    }

    private Map<String, Double> at(double time) {
        Map<String, Double> values = new HashMap<>();
        for (int c = 0; c < motion.controls().size(); c++) {
            values.put(motion.controls().get(c), motion.at(c, time));
        }
        return values;
    }

    private void send(byte[] packet) {
        try {
            socket.send(new DatagramPacket(packet, packet.length, InetAddress.getLoopbackAddress(), port));
        } catch (IOException lost) {
            // A packet that is lost is what the one who listens must live with; after closing it is expected.
            if (!socket.isClosed()) {
                System.getLogger(SimulatedCapture.class.getName())
                        .log(System.Logger.Level.DEBUG, "A packet was lost", lost);
            }
        }
    }

    /** True until it is closed. */
    public boolean isRunning() {
        return !socket.isClosed();
    }

    @Override
    public void close() {
        clock.shutdownNow();
        socket.close();
    }
}
