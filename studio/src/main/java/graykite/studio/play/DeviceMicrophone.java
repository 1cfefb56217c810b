package graykite.studio.play;

import graykite.base.BadInput;
import java.util.function.Consumer;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.TargetDataLine;

/** The machine's own microphone, through Java Sound. */
final class DeviceMicrophone implements Microphone {
    private static final AudioFormat FORMAT = new AudioFormat(RATE, 16, 1, true, false);
    private static final int BLOCK = 2048;

    private TargetDataLine line;
    private Thread thread;

    static boolean isThere() {
        return AudioSystem.isLineSupported(new DataLine.Info(TargetDataLine.class, FORMAT));
    }

    @Override
    public String name() {
        return "Microphone";
    }

    @Override
    public void start(Consumer<float[]> listener) {
        try {
            line = AudioSystem.getTargetDataLine(FORMAT);
            line.open(FORMAT);
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException taken) {
            throw new BadInput(
                    "The microphone cannot be opened (" + taken.getMessage()
                            + "). Close other programs that use it and allow it in the system's settings.",
                    taken);
        }
        line.start();
        TargetDataLine open = line;
        thread = Thread.ofPlatform().daemon().name("kite-microphone").start(() -> listen(open, listener));
    }

    private static void listen(TargetDataLine open, Consumer<float[]> listener) {
        byte[] bytes = new byte[BLOCK];
        int count = open.read(bytes, 0, bytes.length);
        while (count > 0) {
            float[] samples = new float[count / 2];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) (bytes[2 * i] & 0xff | bytes[2 * i + 1] << 8) / 32768f;
            }
            listener.accept(samples);
            count = open.read(bytes, 0, bytes.length);
        }
    }

    @Override
    public void stop() {
        line.stop();
        line.close();
        try {
            thread.join(2000);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
