package graykite.live;

import graykite.motion.Motion;
import graykite.motion.Track;
import java.util.List;
import java.util.SplittableRandom;

/** A performance that nobody gave: a face that looks about, raises its brows, smiles and blinks, with some trembling. */
public final class MadeUpFace {
    private static final double RATE = 60;
    private static final List<String> CONTROLS = List.of(
            "headYaw",
            "headPitch",
            "headRoll",
            "eyeYaw",
            "eyePitch",
            "lidClose.L",
            "lidClose.R",
            "innerBrowRaiser.L",
            "innerBrowRaiser.R",
            "outerBrowRaiser.L",
            "outerBrowRaiser.R",
            "browLowerer.L",
            "browLowerer.R",
            "cheekRaiser.L",
            "cheekRaiser.R",
            "lipCornerPuller.L",
            "lipCornerPuller.R",
            "jawDrop");

    private MadeUpFace() {}

    /** @param seconds length @param noise how much it trembles, as a share of what each control can do */
    public static Motion of(double seconds, double noise, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int samples = (int) Math.round(seconds * RATE) + 1;
        float[] values = new float[samples * CONTROLS.size()];
        for (int s = 0; s < samples; s++) {
            double t = s / RATE;
            double lift = Math.max(0, Math.sin(1.3 * t) * Math.sin(0.37 * t + 1));
            double glad = 0.5 + 0.5 * Math.sin(0.5 * t);
            double blink = Math.max(0, 1 - 12 * Math.abs(t % 2.7 - 1.1));
            double[] now = {
                14 * Math.sin(0.9 * t),
                6 * Math.sin(1.7 * t + 1),
                4 * Math.sin(0.6 * t),
                9 * Math.sin(2.1 * t),
                4 * Math.sin(1.1 * t),
                blink,
                blink,
                0.7 * lift,
                0.6 * lift,
                0.8 * lift,
                0.6 * lift,
                0.2 * (1 - lift),
                0.2 * (1 - lift),
                0.4 * glad,
                0.35 * glad,
                0.6 * glad,
                0.5 * glad,
                0.2 * Math.abs(Math.sin(4 * t))
            };
            for (int c = 0; c < now.length; c++) {
                double scale = c < 5 ? 20 : 1;
                values[s * now.length + c] = (float) (now[c] + noise * scale * (random.nextDouble() - 0.5));
            }
        }
        return new Track(RATE, CONTROLS, values);
    }
}
