package graykite.mouth;

import static graykite.base.Require.requireThat;

import java.util.Optional;

/**
 * How a line is spoken as a whole.
 *
 * @param diction how it is spoken where no section says otherwise
 * @param lead how long before its sound a shape comes, in seconds; rest waits until the sound before it has ended
 * @param motion how the mouth goes from shape to shape; empty for what the character's chart says
 * @param leastHold frames for which a shape stays at least in held motion
 * @param pop frames in which crisp motion goes from one shape to the next
 * @param stick frames over which lips that were shut peel apart, 0 for none
 */
public record MouthSettings(
        Diction diction, double lead, Optional<MotionStyle> motion, int leastHold, double pop, double stick) {
    public static final MouthSettings STANDARD = new MouthSettings(Diction.PLAIN, 0.050, Optional.empty(), 2, 2, 2.5);

    public MouthSettings {
        requireThat(lead >= -0.2 && lead <= 0.3, "The lead lies between -0.2 and 0.3 seconds, not %.3f.", lead);
        requireThat(
                leastHold >= 1 && leastHold <= 12, "The least hold lies between 1 and 12 frames, not %d.", leastHold);
        requireThat(pop >= 0.5 && pop <= 8, "A pop takes 0.5 to 8 frames, not %.2f.", pop);
        requireThat(stick >= 0 && stick <= 6, "Lips stick for 0 to 6 frames, not %.2f.", stick);
    }

    public MouthSettings withDiction(Diction value) {
        return new MouthSettings(value, lead, motion, leastHold, pop, stick);
    }

    public MouthSettings withStrength(double value) {
        return withDiction(diction.withStrength(value));
    }

    public MouthSettings withSmoothness(double value) {
        return withDiction(diction.withSmooth(value));
    }

    public MouthSettings withLead(double value) {
        return new MouthSettings(diction, value, motion, leastHold, pop, stick);
    }

    public MouthSettings withMotion(Optional<MotionStyle> value) {
        return new MouthSettings(diction, lead, value, leastHold, pop, stick);
    }

    public MouthSettings withLeastHold(int frames) {
        return new MouthSettings(diction, lead, motion, frames, pop, stick);
    }

    public MouthSettings withPop(double frames) {
        return new MouthSettings(diction, lead, motion, leastHold, frames, stick);
    }

    public MouthSettings withStick(double frames) {
        return new MouthSettings(diction, lead, motion, leastHold, pop, frames);
    }
}
