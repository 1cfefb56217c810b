package graykite.live;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Score;
import graykite.format.character.Cast;
import graykite.mouth.Beats;
import graykite.mouth.FittedChart;
import graykite.mouth.Lines;
import graykite.mouth.MouthSettings;
import graykite.reading.Timing;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.rig.LipGap;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import javax.sound.midi.ShortMessage;
import org.junit.jupiter.api.Test;

class InstrumentsTest {
    private static Instrument named(String name) {
        return Instrument.ALL.stream()
                .filter(i -> i.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static double played(List<Instrument> instruments, String control, Map<Input, Double> at) {
        return Instrument.play(instruments, at)[Instrument.controls(instruments).indexOf(control)];
    }

    /** Everything that can be played is there on our own people, and lies where the drawn face has it. */
    @Test
    void ourPeopleCanBePlayed() {
        Set<Channel.Group> regions = new HashSet<>();
        for (Instrument instrument : Instrument.ALL) {
            regions.add(instrument.region());
            for (Pull pull : instrument.pulls()) {
                assertTrue(Figures.ODILE.has(pull.control()), pull.control());
            }
        }
        assertEquals(Instrument.ALL.size(), regions.size(), "one a region");
    }

    @Test
    void handsMoveTheFaceAsTheySay() {
        List<Instrument> head = List.of(named("Head"));
        assertEquals(28, played(head, "headYaw", Map.of(Input.X, 1.0)), 1e-9);
        assertEquals(-9, played(head, "headPitch", Map.of(Input.Y, -0.5)), 1e-9);
        List<Instrument> lids = List.of(named("Lids"));
        assertEquals(1, played(lids, "lidClose.L", Map.of(Input.PRESS, 1.0)), 1e-9);
        assertEquals(1, played(lids, "lidClose.R", Map.of(Input.Y, -1.0)), 1e-9);
        assertEquals(0, played(lids, "upperLidRaiser.R", Map.of(Input.Y, -1.0)), 1e-9);
        List<Instrument> both = List.of(named("Head"), named("Brows"));
        assertEquals(1, played(both, "innerBrowRaiser.L", Map.of(Input.Y, 1.0)), 1e-9);
        assertTrue(played(both, "outerBrowRaiser.L", Map.of(Input.X, 1.0))
                > played(both, "outerBrowRaiser.R", Map.of(Input.X, 1.0)));
        assertArrayEquals(
                new double[Instrument.controls(both).size()], Instrument.play(both, Map.of()), 1e-12, "a hand at rest");
    }

    @Test
    void aChannelIsPlayedOverItsRange() {
        Channel yaw = Figures.ODILE.channels().get(Figures.ODILE.channelIndex().get("headYaw"));
        Instrument one = Instrument.of(yaw);
        assertEquals(yaw.max(), played(List.of(one), "headYaw", Map.of(Input.Y, 1.0)), 1e-9);
        assertEquals(yaw.min(), played(List.of(one), "headYaw", Map.of(Input.Y, -1.0)), 1e-9);
        Fader fader = Fader.of(new MidiControls.Knob(0, 7), yaw);
        assertEquals(0, fader.value(0.5), 1e-9);
        assertEquals(yaw.min(), fader.value(0), 1e-9);
        assertEquals(0.25, new Fader(new MidiControls.Knob(0, 1), "x", 0, 1).value(0.25), 1e-9);
    }

    /** A message as a broken driver may hand it on: any bytes, any number of them. */
    private static ShortMessage anything(byte... bytes) {
        return new ShortMessage(bytes) {};
    }

    /** Whatever a device sends, what is told is a knob that exists, at a value that it can have. */
    @Test
    void anyMessageIsBorne() {
        Random random = new Random(16);
        List<MidiControls.Moved> heard = new ArrayList<>();
        MidiControls midi = new MidiControls(heard::add);
        for (int n = 0; n < 50_000; n++) {
            byte[] bytes = new byte[random.nextInt(5)];
            random.nextBytes(bytes);
            if (bytes.length > 0 && random.nextBoolean()) {
                bytes[0] = (byte) (ShortMessage.CONTROL_CHANGE | random.nextInt(16));
            }
            midi.send(anything(bytes), n);
        }
        assertTrue(heard.size() > 1000, heard.size() + " moves");
        for (MidiControls.Moved moved : heard) {
            assertTrue(moved.value() >= 0 && moved.value() <= 1, moved.toString());
            assertTrue(moved.knob().number() >= 0 && moved.knob().number() < 128, moved.toString());
            assertTrue(moved.knob().channel() >= 0 && moved.knob().channel() < 16, moved.toString());
        }
    }

    /** MIDI 1.0: seven bits; with the number 32 higher the lower seven bits of the same knob. */
    @Test
    void knobsOfSevenAndFourteenBits() throws Exception {
        List<MidiControls.Moved> heard = new ArrayList<>();
        MidiControls midi = new MidiControls(heard::add);
        midi.send(new ShortMessage(ShortMessage.CONTROL_CHANGE, 2, 7, 127), 0);
        midi.send(new ShortMessage(ShortMessage.CONTROL_CHANGE, 2, 39, 127), 0);
        midi.send(new ShortMessage(ShortMessage.CONTROL_CHANGE, 2, 40, 64), 0);
        midi.send(new ShortMessage(ShortMessage.NOTE_ON, 2, 40, 64), 0);
        midi.send(new ShortMessage(ShortMessage.CONTROL_CHANGE, 0, 70, 0), 0);
        MidiControls.Knob volume = new MidiControls.Knob(2, 7);
        assertEquals(
                List.of(
                        new MidiControls.Moved(volume, 1),
                        new MidiControls.Moved(volume, 1),
                        new MidiControls.Moved(new MidiControls.Knob(2, 40), 64 / 127.0),
                        new MidiControls.Moved(new MidiControls.Knob(0, 70), 0)),
                heard);
    }

    /** What is performed lies on top of the line, and closures come after it still. */
    @Test
    void theFaceFollowsAtOnce() {
        Character odile = Figures.ODILE;
        Timing timing = Lines.spoken("bumble bees may buzz by", 0.08);
        Score score = new Score(timing, Lines.quiet(timing), MouthSettings.STANDARD, FrameRate.THIRTY, 1);
        Performance performance = Performance.of(odile, FittedChart.standard(odile), score);
        Scene scene = Scene.solo(performance);
        LiveLayer live = new LiveLayer(odile, List.of("headYaw", "jawDrop", "missing"), false, 1);
        Scene performed = scene.with(0, live);
        int yaw = odile.channelIndex().get("headYaw");
        live.set(new double[] {17, 0, 5});
        assertEquals(17, performed.at(0, 0.4)[yaw], 1e-6);
        live.set(new double[] {-8, 0, 5});
        assertEquals(-8, performed.at(0, 0.4)[yaw], 1e-6);
        assertEquals(List.of("missing"), live.missing());
        LiveLayer adding = new LiveLayer(odile, List.of("headYaw"), true, 1);
        adding.set(new double[] {3});
        assertEquals(scene.at(0, 0.4)[yaw] + 3, scene.with(0, adding).at(0, 0.4)[yaw], 1e-6);
        LipGap gap = new LipGap(odile);
        List<Beats.Shut> shuts = performance.beats().shuts();
        assertTrue(shuts.size() >= 5);
        live.set(new double[] {0, 1, 0});
        for (Beats.Shut shut : shuts) {
            double[] values = performed.at(0, (shut.from() + shut.to()) / 2);
            for (Channel channel : odile.channels()) {
                if (channel.group() == Channel.Group.HEAD) {
                    values[odile.channelIndex().get(channel.name())] = 0;
                }
            }
            assertTrue(
                    gap.at(values) < LipGap.SHUT, "wide open by hand, the lips shut all the same: " + gap.at(values));
        }
    }

    @Test
    void aCapturedMouthIsLeftToSpeech() {
        LiveLayer live = new LiveLayer(Figures.ODILE, List.of("headYaw", "jawDrop"), false, 0.25);
        live.set(new double[] {10, 1});
        double[] asked = new double[Figures.ODILE.channels().size()];
        double[] below = new double[asked.length];
        int jaw = Figures.ODILE.channelIndex().get("jawDrop");
        below[jaw] = 0.2;
        live.ask(0, below, asked);
        assertEquals(0.4, asked[jaw], 1e-9);
        assertEquals(10, asked[Figures.ODILE.channelIndex().get("headYaw")], 1e-9);
    }

    @Test
    void aDrawnFigureTakesWhatItHas() {
        Character brine = Cast.byName("brine");
        LiveLayer live = new LiveLayer(brine, List.of("headYaw", "innerBrowRaiser.L", "headRoll"), false, 1);
        assertTrue(live.missing().size() <= 1, live.missing().toString());
    }

    /** Shoulders turn, lean, sway and lift; a rig with a spine plays them as well. */
    @Test
    void shouldersArePlayed() {
        Instrument shoulders = Instrument.ALL.stream()
                .filter(i -> i.region() == Channel.Group.BODY)
                .findFirst()
                .orElseThrow();
        List<String> controls = Instrument.controls(List.of(shoulders));
        assertEquals(List.of("bodyYaw", "bodyPitch", "bodyRoll", "shouldersUp"), controls);
        double[] played = Instrument.play(List.of(shoulders), Map.of(Input.X, 1.0, Input.PRESS, 1.0));
        assertEquals(15, played[0], 1e-9);
        assertEquals(1, played[3], 1e-9);
    }
}
