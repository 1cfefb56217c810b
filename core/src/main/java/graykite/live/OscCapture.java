package graykite.live;

import graykite.base.BadInput;
import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.SocketException;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;

/**
 * A capture stream over OSC 1.0 (Open Sound Control, CNMAT 2002) in UDP packets on the loopback: a message
 * "/kite/NAME" with one figure for each control, alone or many in a bundle. What is nothing of the kind is passed over and
 * counted. The loopback alone listens: nothing from outside comes in.
 */
public final class OscCapture implements CaptureSource {
    /** The port that listens unless one says otherwise. */
    public static final int USUAL_PORT = 9417;

    private static final String PREFIX = "/kite/";
    private static final int LARGEST_PACKET = 65_507;

    private final int port;
    private final DatagramSocket socket;
    private final AtomicLong refused = new AtomicLong();
    private volatile boolean open = true;

    /**
     * @param port 0 for any that is free
     * @throws BadInput when the port is taken
     */
    public OscCapture(int port) {
        try {
            socket = new DatagramSocket(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
            this.port = socket.getLocalPort();
        } catch (SocketException taken) {
            throw new BadInput(
                    "The port " + port + " cannot be listened to (" + taken.getMessage()
                            + "). Close what uses it, or choose another.",
                    taken);
        }
    }

    /** Where it listens. */
    public int port() {
        return port;
    }

    /** How many packets and messages were none that it knows. */
    public long refused() {
        return refused.get();
    }

    @Override
    public String name() {
        return "Capture stream on port " + port;
    }

    @Override
    public void begin(Consumer<Sample> told) {
        Thread.ofPlatform().daemon().name("kite-capture").start(() -> listen(told));
    }

    private void listen(Consumer<Sample> told) {
        byte[] bytes = new byte[LARGEST_PACKET];
        while (open) {
            DatagramPacket packet = new DatagramPacket(bytes, bytes.length);
            try {
                socket.receive(packet);
            } catch (IOException closed) {
                if (open) {
                    System.getLogger(OscCapture.class.getName())
                            .log(System.Logger.Level.WARNING, "The capture stream broke off", closed);
                }
                return;
            }
            Map<String, Double> values = read(bytes, packet.getLength());
            if (!values.isEmpty()) {
                told.accept(new Sample(System.nanoTime(), values));
            }
        }
    }

    private Map<String, Double> read(byte[] bytes, int length) {
        Map<String, Double> all = new HashMap<>();
        try {
            refused.addAndGet(Osc.read(bytes, length, all));
        } catch (IllegalArgumentException foreign) {
            // Anybody may send anything to a port; what is no OSC is counted, and the desk shows the count.
            refused.incrementAndGet();
            return Map.of();
        }
        Map<String, Double> values = new HashMap<>();
        all.forEach((address, value) -> {
            if (address.startsWith(PREFIX) && address.length() > PREFIX.length()) {
                values.put(address.substring(PREFIX.length()), value);
            } else {
                refused.incrementAndGet();
            }
        });
        return values;
    }

    @Override
    public void close() {
        open = false;
        socket.close();
    }

    /** The packet that tells some values. */
    static byte[] packet(Map<String, Double> values) {
        Map<String, Double> addressed = new TreeMap<>();
        values.forEach((name, value) -> addressed.put(PREFIX + name, value));
        return Osc.bundle(addressed);
    }
}
