package graykite.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.illposed.osc.BufferBytesReceiver;
import com.illposed.osc.OSCBundle;
import com.illposed.osc.OSCMessage;
import com.illposed.osc.OSCPacket;
import com.illposed.osc.OSCSerializerAndParserBuilder;
import graykite.base.BadInput;
import graykite.motion.Motion;
import graykite.motion.Track;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class CaptureTest {
    private static final Motion STILL = new Track(1, List.of("headYaw", "lidClose.L"), new float[] {7, 0.5f, 7, 0.5f});

    private static byte[] written(OSCPacket packet) throws Exception {
        ByteBuffer buffer = ByteBuffer.allocate(4096);
        new OSCSerializerAndParserBuilder()
                .buildSerializer(new BufferBytesReceiver(buffer))
                .write(packet);
        return Arrays.copyOf(buffer.array(), buffer.position());
    }

    /** Against an implementation of OSC that is not ours (JavaOSC 0.8): what it writes we read. */
    @Test
    void packetsOfOthersAreRead() throws Exception {
        byte[] packet = written(new OSCBundle(List.of(
                new OSCMessage("/kite/headYaw", List.of(1.5f)),
                new OSCMessage("/kite/jawDrop", List.of(3)),
                new OSCBundle(List.of(new OSCMessage("/kite/lidClose.L", List.of(0.25)))),
                new OSCMessage("/kite/text", List.of("words")),
                new OSCMessage("/kite/two", List.of(1f, 2f)))));
        Map<String, Double> values = new HashMap<>();
        assertEquals(2, Osc.read(packet, packet.length, values));
        assertEquals(Map.of("/kite/headYaw", 1.5, "/kite/jawDrop", 3.0, "/kite/lidClose.L", 0.25), values);
    }

    /** And what we write it reads. */
    @Test
    void othersReadOurPackets() throws Exception {
        byte[] packet = OscCapture.packet(Map.of("headYaw", -12.5, "smile", 0.75));
        OSCBundle bundle = (OSCBundle) new OSCSerializerAndParserBuilder()
                .buildParser()
                .convert(ByteBuffer.wrap(packet).asReadOnlyBuffer());
        assertEquals(2, bundle.getPackets().size());
        OSCMessage first = (OSCMessage) bundle.getPackets().getFirst();
        assertEquals("/kite/headYaw", first.getAddress());
        assertEquals(-12.5f, first.getArguments().getFirst());
    }

    /** Bytes of the example in the OSC 1.0 specification: address "/oscillator/4/frequency", the figure 440. */
    @Test
    void theExampleOfTheSpecification() {
        byte[] bytes = {
            0x2f,
            0x6f,
            0x73,
            0x63,
            0x69,
            0x6c,
            0x6c,
            0x61,
            0x74,
            0x6f,
            0x72,
            0x2f,
            0x34,
            0x2f,
            0x66,
            0x72,
            0x65,
            0x71,
            0x75,
            0x65,
            0x6e,
            0x63,
            0x79,
            0,
            0x2c,
            0x66,
            0,
            0,
            0x43,
            (byte) 0xdc,
            0,
            0
        };
        Map<String, Double> values = new HashMap<>();
        Osc.read(bytes, bytes.length, values);
        assertEquals(Map.of("/oscillator/4/frequency", 440.0), values);
    }

    @Test
    void anyBytesAreEitherReadOrRefused() {
        byte[] packet = OscCapture.packet(Map.of("headYaw", 1.0, "eyePitch", 2.0));
        SplittableRandom random = new SplittableRandom(11);
        int refused = 0;
        for (int i = 0; i < 3000; i++) {
            byte[] broken = Arrays.copyOf(packet, 1 + random.nextInt(packet.length));
            broken[random.nextInt(broken.length)] = (byte) random.nextInt(256);
            try {
                Osc.read(broken, broken.length, new HashMap<>());
            } catch (IllegalArgumentException said) {
                refused++;
            }
        }
        assertTrue(refused > 1000);
        byte[] deep = {0x23, 0x62, 0x75, 0x6e, 0x64, 0x6c, 0x65, 0, 0, 0, 0, 0, 0, 0, 0, 1, 0x7f, -1, -1, -4};
        assertThrows(IllegalArgumentException.class, () -> Osc.read(deep, deep.length, new HashMap<>()));
    }

    /** The whole way: the simulated device, packets, the listener. */
    @Test
    void theSimulatedDeviceIsHeard() throws Exception {
        LinkedBlockingQueue<CaptureSource.Sample> heard = new LinkedBlockingQueue<>();
        try (OscCapture capture = new OscCapture(0);
                SimulatedCapture device =
                        new SimulatedCapture(STILL, capture.port(), new SimulatedCapture.Trouble(0.3, 0.02), 4)) {
            capture.begin(heard::add);
            for (int i = 0; i < 10; i++) {
                CaptureSource.Sample sample = heard.poll(20, TimeUnit.SECONDS);
                assertEquals(Map.of("headYaw", 7.0, "lidClose.L", 0.5), sample.values());
            }
            assertEquals(0, capture.refused());
            assertTrue(device.isRunning());
            assertThrows(BadInput.class, () -> new OscCapture(capture.port()));
        }
    }

    @Test
    void strangersAreCountedAndHarmNothing() throws Exception {
        CountDownLatch heard = new CountDownLatch(1);
        try (OscCapture capture = new OscCapture(0);
                DatagramSocket stranger = new DatagramSocket()) {
            capture.begin(s -> heard.countDown());
            for (byte[] packet : List.of(
                    new byte[] {1, 2, 3}, Osc.bundle(Map.of("/light/1", 1.0)), OscCapture.packet(Map.of("x", 1.0)))) {
                stranger.send(
                        new DatagramPacket(packet, packet.length, InetAddress.getLoopbackAddress(), capture.port()));
            }
            assertTrue(heard.await(20, TimeUnit.SECONDS));
            assertEquals(2, capture.refused());
        }
    }

    @Test
    void aNeutralFaceIsTakenOff() {
        CaptureSource.Sample rest = new CaptureSource.Sample(0, Map.of("jaw_open", 0.1, "head.yaw", 5.0));
        CaptureSource.Sample now =
                new CaptureSource.Sample(1, Map.of("jaw_open", 0.6, "head.yaw", Double.NaN, "strange", 2.0));
        Map<String, Double> plain = Calibration.NONE.of(now);
        assertEquals(0.6, plain.get("jawDrop"));
        assertEquals(2.0, plain.get("strange"));
        assertFalse(plain.containsKey("headYaw"), "what is no figure is left out");
        assertEquals(0.5, Calibration.at(rest).of(now).get("jawDrop"), 1e-9);
    }
}
