package graykite.live;

import graykite.base.BadInput;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javax.sound.midi.MidiDevice;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.MidiUnavailableException;
import javax.sound.midi.Receiver;
import javax.sound.midi.ShortMessage;

/**
 * Faders and knobs of a MIDI controller: control changes, also those of 14 bits (MIDI 1.0: numbers 0 to 31 carry the upper seven
 * bits, 32 more the lower seven of the same). Other messages are passed over.
 */
public final class MidiControls implements Receiver {
    private static final int FINE = 32;
    /** Data bytes have seven bits; a driver that passes on more has lost its place in the stream. */
    private static final int HIGHEST = 127;

    private final Consumer<Moved> told;
    private final Map<Knob, Integer> coarse = new HashMap<>();

    /** A fader or knob. @param channel 0 to 15 @param number 0 to 127 */
    public record Knob(int channel, int number) {
        /** As it stands on the desk. */
        public String inWords() {
            return "controller " + number + ", channel " + (channel + 1);
        }
    }

    /** A knob was moved. @param value 0 to 1 */
    public record Moved(Knob knob, double value) {}

    /** @param told is called on the thread of the device */
    public MidiControls(Consumer<Moved> told) {
        this.told = told;
    }

    @Override
    public void send(MidiMessage message, long stamp) {
        if (!(message instanceof ShortMessage s)
                || s.getCommand() != ShortMessage.CONTROL_CHANGE
                || s.getData1() > HIGHEST
                || s.getData2() > HIGHEST) {
            return;
        }
        Knob knob = new Knob(s.getChannel(), s.getData1());
        Knob upper = new Knob(s.getChannel(), s.getData1() - FINE);
        if (knob.number >= FINE && knob.number < 2 * FINE && coarse.containsKey(upper)) {
            told.accept(new Moved(upper, (coarse.get(upper) * 128 + s.getData2()) / 16383.0));
            return;
        }
        if (knob.number < FINE) {
            coarse.put(knob, s.getData2());
        }
        told.accept(new Moved(knob, s.getData2() / 127.0));
    }

    @Override
    public void close() {}

    /** A controller that is plugged in and listened to. */
    public static final class Device implements AutoCloseable {
        private final MidiDevice device;

        private Device(MidiDevice device) {
            this.device = device;
        }

        /** False once it was pulled out or closed. */
        public boolean isOpen() {
            return device.isOpen();
        }

        @Override
        public void close() {
            device.close();
        }
    }

    /** Names of the controllers that are plugged in; empty where there are none, or no MIDI at all. */
    public static List<String> names() {
        List<String> names = new ArrayList<>();
        for (MidiDevice.Info info : MidiSystem.getMidiDeviceInfo()) {
            try {
                if (MidiSystem.getMidiDevice(info).getMaxTransmitters() != 0 && !isOfJava(info)) {
                    names.add(info.getName());
                }
            } catch (MidiUnavailableException | IllegalArgumentException goneMeanwhile) {
                // It was pulled out between asking and looking: it is not offered.
                System.getLogger(MidiControls.class.getName())
                        .log(System.Logger.Level.DEBUG, "A MIDI device went away", goneMeanwhile);
            }
        }
        return names;
    }

    /** Java's own sequencer sends no hand's moves. */
    private static boolean isOfJava(MidiDevice.Info info) {
        return info.getName().contains("Sequencer");
    }

    /**
     * Listens to a controller.
     *
     * @param name one of {@link #names}
     * @throws BadInput when it is not there any more, or something else holds it
     */
    public Device listen(String name) {
        try {
            for (MidiDevice.Info info : MidiSystem.getMidiDeviceInfo()) {
                MidiDevice device = MidiSystem.getMidiDevice(info);
                if (info.getName().equals(name) && device.getMaxTransmitters() != 0) {
                    device.open();
                    device.getTransmitter().setReceiver(this);
                    return new Device(device);
                }
            }
        } catch (MidiUnavailableException | IllegalArgumentException taken) {
            throw new BadInput(
                    "The controller \"" + name + "\" cannot be listened to (" + taken.getMessage()
                            + "). Close what uses it, or choose another.",
                    taken);
        }
        throw new BadInput("The controller \"" + name + "\" is not there any more. Plug it in, or choose another.");
    }
}
