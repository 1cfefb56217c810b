package graykite.sound;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What a user should know about a recording before working with it: clipped, nearly silent, off centre, noisy or very short. */
public final class SoundHealth {
    private static final float CLIP_LEVEL = 0.999f;
    private static final int CLIP_RUN = 3;
    private static final float QUIET_PEAK = 0.02f;
    private static final float OFF_CENTRE = 0.02f;

    private SoundHealth() {}

    /** Plain sentences, none when the recording is fine. */
    public static List<String> warnings(Sound sound) {
        List<String> warnings = new ArrayList<>();
        float peak = sound.peak();
        if (sound.duration() < 0.1) {
            warnings.add("The recording is shorter than a tenth of a second.");
        }
        if (peak == 0) {
            warnings.add("The recording is completely silent.");
            return warnings;
        }
        if (peak < QUIET_PEAK) {
            warnings.add(String.format(
                    Locale.ROOT, "The recording is nearly silent: its peak is %.0f dB.", 20 * Math.log10(peak)));
        }
        int clipped = clipped(sound).size();
        if (clipped > 0) {
            warnings.add("The recording is clipped in " + clipped + (clipped == 1 ? " place." : " places."));
        }
        float constant = Math.abs(Constant.of(sound.mixed(), sound.rate()));
        if (constant > OFF_CENTRE) {
            warnings.add(String.format(
                    Locale.ROOT,
                    "The recording lies off centre by %.0f %% of full scale. It is read as if it did not, and delivered as it is.",
                    100 * constant));
        }
        Loudness loudness = Loudness.of(sound);
        double range = loudness.percentile(0.95) - loudness.percentile(0.05);
        if (sound.duration() > 1 && range < 15) {
            warnings.add(String.format(
                    Locale.ROOT,
                    "The recording is noisy or has no pauses: loud and soft parts are only %.0f dB apart.",
                    range));
        }
        return warnings;
    }

    /** When a recording is clipped: the beginnings of all such runs of samples, in seconds, in the order of time. */
    public static List<Double> clipped(Sound sound) {
        List<Double> times = new ArrayList<>();
        for (int c = 0; c < sound.channelCount(); c++) {
            float[] samples = sound.channel(c);
            int run = 0;
            for (int i = 0; i < samples.length; i++) {
                run = Math.abs(samples[i]) >= CLIP_LEVEL ? run + 1 : 0;
                if (run == CLIP_RUN) {
                    times.add((i - CLIP_RUN + 1) / (double) sound.rate());
                }
            }
        }
        times.sort(null);
        return times;
    }
}
