package graykite.studio.live;

import graykite.live.Fader;
import graykite.live.MidiControls;
import graykite.live.MidiControls.Knob;
import graykite.live.MidiControls.Moved;
import graykite.rig.Channel;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentLinkedQueue;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.ShortMessage;

/** The faders and knobs of a MIDI controller and what each plays. A controller on the screen serves where there is none. */
public final class Knobs implements AutoCloseable {
    private final ConcurrentLinkedQueue<Moved> waiting = new ConcurrentLinkedQueue<>();
    private final MidiControls controls = new MidiControls(waiting::add);
    private final Optional<MidiControls.Device> device;
    private final List<Fader> faders;
    private final Map<Knob, Double> at = new HashMap<>();
    private final Map<Integer, Double> turned = new HashMap<>();
    private Optional<Channel> learning = Optional.empty();

    /**
     * @param name of a controller that is plugged in; empty for the one on the screen
     * @param faders what was learned before
     * @throws graykite.base.BadInput when it cannot be listened to
     */
    Knobs(String name, List<Fader> faders) {
        this.faders = new ArrayList<>(faders);
        this.device = name.isEmpty() ? Optional.empty() : Optional.of(controls.listen(name));
    }

    /** False once a controller was pulled out. */
    public boolean isThere() {
        return device.map(MidiControls.Device::isOpen).orElse(true);
    }

    /** True for the controller on the screen. */
    public boolean isOnScreen() {
        return device.isEmpty();
    }

    /** Moves a knob of the controller on the screen. @param number 0 to 127 @param share 0 to 1 */
    public void turn(int number, double share) {
        turned.put(number, share);
        try {
            controls.send(
                    new ShortMessage(
                            ShortMessage.CONTROL_CHANGE, 0, number, (int) Math.round(127 * Math.clamp(share, 0, 1))),
                    -1);
        } catch (InvalidMidiDataException impossible) {
            throw new IllegalArgumentException("There is no knob " + number + ".", impossible);
        }
    }

    /** Where a knob on the screen stands, 0 to 1; in its middle until it is moved. */
    public double turned(int number) {
        return turned.getOrDefault(number, 0.5);
    }

    /** The next knob that is moved plays this channel. */
    public void learn(Channel channel) {
        learning = Optional.of(channel);
    }

    /** The channel that waits for its knob. */
    public Optional<Channel> learning() {
        return learning;
    }

    /** Lets a knob play nothing. */
    public void forget(Fader fader) {
        faders.remove(fader);
    }

    /** What each knob plays. */
    public List<Fader> faders() {
        return List.copyOf(faders);
    }

    /** Takes what was moved since the last time. @return true when a knob was learned */
    boolean take() {
        boolean learned = false;
        for (Moved moved = waiting.poll(); moved != null; moved = waiting.poll()) {
            at.put(moved.knob(), moved.value());
            if (learning.isPresent()) {
                Knob knob = moved.knob();
                Channel channel = learning.get();
                faders.removeIf(f -> f.knob().equals(knob) || f.control().equals(channel.name()));
                faders.add(Fader.of(knob, channel));
                learning = Optional.empty();
                learned = true;
            }
        }
        return learned;
    }

    /** What the channels are that knobs play; one that was not touched yet rests. */
    Map<String, Double> values() {
        Map<String, Double> values = new HashMap<>();
        for (Fader fader : faders) {
            values.put(fader.control(), at.containsKey(fader.knob()) ? fader.value(at.get(fader.knob())) : 0);
        }
        return values;
    }

    @Override
    public void close() {
        device.ifPresent(MidiControls.Device::close);
    }
}
