package graykite.studio.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.live.Fader;
import graykite.live.Input;
import graykite.live.MidiControls;
import graykite.rig.Channel;
import graykite.rig.Channel.Group;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** The hand, the knobs and the stream, without a window. */
class InputsTest {
    private static final Channel SMILE = new Channel("smile", Group.LIPS, 0, 1, "Smiles");
    private static final Channel YAW = new Channel("headYaw", Group.HEAD, -60, 60, "Turns");

    @Test
    void theHandReachesOverTheFace() {
        Hand hand = new Hand();
        hand.move(400, 200, 800, 400);
        assertEquals(Map.of(Input.X, 0.0, Input.Y, 0.0), hand.inputs(), "the middle is at rest");
        hand.move(400 + 90, 200 - 180, 800, 400);
        assertEquals(0.5, hand.inputs().get(Input.X), 1e-9);
        assertEquals(1, hand.inputs().get(Input.Y), 1e-9, "up is positive");
        hand.move(5000, 9000, 800, 400);
        assertEquals(1, hand.inputs().get(Input.X));
        assertEquals(-1, hand.inputs().get(Input.Y));
        for (int i = 0; i < 30; i++) {
            hand.wheel(40);
        }
        assertEquals(1, hand.inputs().get(Input.WHEEL), "the wheel stops at its end");
        hand.press(true);
        assertEquals(1, hand.inputs().get(Input.PRESS));
        hand.rest();
        assertTrue(hand.inputs().isEmpty());
    }

    /** A held key goes two thirds of its way in 0.07 s, adds to the pointer, and comes back when it is let go. */
    @Test
    void keysAreHeldSoftly() {
        Hand hand = new Hand();
        hand.hold(Input.X, 1);
        hand.follow(0.07);
        assertEquals(1 - 1 / Math.E, hand.inputs().get(Input.X), 1e-9);
        hand.follow(1);
        hand.move(400 + 90, 200, 800, 400);
        assertEquals(1, hand.inputs().get(Input.X), "no further than the end");
        hand.hold(Input.X, 0);
        hand.follow(1);
        hand.follow(0.01);
        assertEquals(0.5, hand.inputs().get(Input.X), "the pointer is left");
    }

    @Test
    void aKnobIsLearnedMovedAndForgotten() {
        try (Knobs knobs = new Knobs("", List.of())) {
            assertTrue(knobs.isOnScreen() && knobs.isThere());
            knobs.turn(3, 0.7);
            assertFalse(knobs.take(), "moved without being asked for it plays nothing");
            assertTrue(knobs.values().isEmpty());
            knobs.learn(YAW);
            knobs.turn(5, 1);
            assertTrue(knobs.take());
            assertEquals(60, knobs.values().get("headYaw"), 1e-9);
            knobs.learn(SMILE);
            knobs.turn(5, 0.5);
            assertTrue(knobs.take());
            assertEquals(
                    List.of("smile"),
                    knobs.faders().stream().map(Fader::control).toList(),
                    "a knob plays one channel");
            assertEquals(0.5, knobs.values().get("smile"), 0.01);
            assertEquals(0.5, knobs.turned(5));
            assertEquals(0.5, knobs.turned(9), "one that was not touched stands in its middle");
            knobs.forget(knobs.faders().getFirst());
            assertTrue(knobs.values().isEmpty());
            assertThrows(IllegalArgumentException.class, () -> knobs.turn(400, 0.5));
        }
    }

    @Test
    void whatWasLearnedGoesAlong() {
        Fader learned = Fader.of(new MidiControls.Knob(0, 7), SMILE);
        try (Knobs knobs = new Knobs("", List.of(learned))) {
            assertEquals(0, knobs.values().get("smile"), "it rests until its knob is touched");
            knobs.turn(7, 1);
            knobs.take();
            assertEquals(1, knobs.values().get("smile"), 1e-9);
        }
        String refused = assertThrows(BadInput.class, () -> new Knobs("No such controller", List.of()))
                .getMessage();
        assertTrue(refused.contains("No such controller") && refused.contains("Plug it in"), refused);
    }

    @Test
    void theSimulatedStreamIsCalibrated() throws Exception {
        try (Stream stream = new Stream(0, true)) {
            assertFalse(stream.calibrate(), "nothing has come yet");
            WaitForAsyncUtils.waitFor(
                    30, TimeUnit.SECONDS, () -> !stream.taken().isEmpty());
            assertEquals(18, stream.controls().size());
            assertTrue(stream.isSimulated() && stream.port() > 0);
            double before = stream.face().get("lipCornerPuller.L");
            assertTrue(stream.calibrate());
            assertEquals(18, stream.controls().size(), "the controls stay known");
            WaitForAsyncUtils.waitFor(
                    30, TimeUnit.SECONDS, () -> !stream.taken().isEmpty());
            assertTrue(
                    Math.abs(stream.face().get("lipCornerPuller.L")) < Math.abs(before),
                    "relative to the face at rest");
            WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> {
                stream.taken();
                return stream.rate() > 20;
            });
            assertEquals(0, stream.refused());
        }
    }
}
