package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.geometry.Vec;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.mouth.Lines;
import graykite.picture.Surface;
import graykite.reading.Timing;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Figures;
import graykite.rig.Joint;
import graykite.rig.Pose;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Shoulders and chest: against the head, with the breath (common practice: head and body counter each other). */
class BodyTest {
    private static final Timing LINE = Lines.spoken("the fog bell rang before we moved the big blue buoy", 0.08);

    /** One who turns the head three times. */
    private static InstinctsLayer instincts(Character who) {
        Life life = Life.generate(LINE, Lines.quiet(LINE), 3);
        HeadMotion head = new HeadMotion(
                List.of(
                        new HeadMotion.Beat(0.5, 0.2, 5, -2, 2, 1),
                        new HeadMotion.Beat(1.4, 0.2, -4, 0, -1, 1),
                        new HeadMotion.Beat(2.2, 0.2, 3, 1, 0, 1)),
                Drift.NONE,
                Melody.NONE);
        return new InstinctsLayer(
                LayerSetting.of("Instincts", Blend.ADD),
                who,
                new Life(life.blinks(), life.darts(), life.brows(), head, life.breaths(), 0));
    }

    private static double at(Character who, String channel, double time) {
        double asked = Asked.of(who, instincts(who), channel, time, 0);
        return Double.isNaN(asked) ? 0 : asked;
    }

    @Test
    void shouldersTurnAgainstTheHeadAndLeaveItWhereItPoints() {
        Character odile = Figures.ODILE;
        InstinctsLayer layer = instincts(odile);
        double turned = 0;
        for (double t = 0; t < LINE.duration(); t += 0.05) {
            double body = at(odile, "bodyYaw", t);
            double head = body + at(odile, "headYaw", t);
            assertEquals(layer.life().head().at(t).yaw(), head, 1e-9, "the head points where it wanted to");
            assertTrue(body * head <= 0, "the shoulders go the other way at " + t);
            turned = Math.max(turned, Math.abs(body));
        }
        assertTrue(turned > 0.5 && turned < 2, "by so many degrees: " + turned);
    }

    /** A breath lifts the chest within half a second; the air is spoken away for longer than it was taken. */
    @Test
    void theChestRisesQuicklyAndSinksSlowly() {
        Breaths breaths = new Breaths(List.of(new Breaths.Breath(1, 1.4, 1)));
        assertEquals(0, breaths.chest(1));
        assertEquals(1, breaths.chest(1.32), 1e-9);
        assertTrue(breaths.chest(2) > 0.7, "most of it is left after half a second");
        assertEquals(0, breaths.chest(1.4 + Breaths.SPENT));
        Breaths again = new Breaths(List.of(new Breaths.Breath(1, 1.4, 1), new Breaths.Breath(2.5, 2.9, 1)));
        for (double t = 0; t < 8; t += 0.01) {
            assertTrue(Math.abs(again.chest(t + 0.01) - again.chest(t)) < 0.06, "no leap at " + t);
        }
    }

    @Test
    void theChestMovesAndTheFaceStaysOnItsNeck() {
        for (String name : List.of("odile", "pim")) {
            Character who = Cast.byName(name);
            List<Surface> rest = new Deformer(who).deform(who.values(Pose.REST));
            List<Surface> up = new Deformer(who).deform(who.values(Pose.of("shouldersUp", 1)));
            double highest = 0;
            for (int p = 0; p < rest.size(); p++) {
                int joint = who.parts().get(p).joint();
                double rises = rest.get(p).positions().length == 0
                        ? 0
                        : up.get(p).positions()[1] - rest.get(p).positions()[1];
                if (who.joints().get(joint).name().equals("chest")) {
                    highest = Math.max(highest, rises);
                } else {
                    assertEquals(0, rises, 1e-6, who.parts().get(p).name());
                }
            }
            assertTrue(highest > 5 && highest < 14, name + "'s shoulders rise by " + highest + " mm");
        }
    }

    /** Whoever has no body keeps the head as it was. */
    @Test
    void withoutABodyNothingIsLost() {
        Channel turn = new Channel("headYaw", Channel.Group.HEAD, -60, 60, "Turns the head");
        Character post = Character.modelled(
                "Post",
                List.of(turn),
                List.of(new Joint("post", -1, Vec.ZERO, List.of())),
                List.of(),
                List.of(),
                Optional.empty(),
                Map.of());
        double t = LINE.duration() / 2;
        assertEquals(instincts(post).life().head().at(t).yaw(), at(post, "headYaw", t), 1e-9);
    }
}
