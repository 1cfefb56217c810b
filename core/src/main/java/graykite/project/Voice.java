package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.sound.Retimed;
import graykite.sound.Sound;
import graykite.text.Language;
import graykite.time.TimeMap;
import java.util.Optional;

/**
 * How a line's recording is used; the recording itself is never altered.
 *
 * @param gain decibels, -40 to 40
 * @param startFrame 0 or more: the frame of the line at which the recording starts, for the ruler and for what is delivered
 * @param channel which channel is heard, from 0; empty for all of them together
 * @param language in which it is spoken
 * @param retiming from the clock of the recording to that of the line: where it is stretched, squeezed or held up
 */
public record Voice(double gain, long startFrame, Optional<Integer> channel, Language language, TimeMap retiming) {
    /** As it came. */
    public static final Voice PLAIN = new Voice(0, 0, Optional.empty(), Language.ENGLISH, TimeMap.SAME);

    /** Loudest and softest gain in decibels. */
    public static final double MOST_GAIN = 40;

    /** How many times as long a stretch of the recording may become, and how many times as short. */
    public static final double MOST_STRETCH = 4;

    /** Latest start: a day at 60 frames a second. */
    public static final long LATEST_START = 5_184_000;

    public Voice {
        requireThat(Math.abs(gain) <= MOST_GAIN, "A gain lies between -40 and 40 dB, not %s.", gain);
        requireThat(
                startFrame >= 0 && startFrame <= LATEST_START,
                "A recording starts between frame 0 and a day, not at frame %s.",
                startFrame);
        double[] extremes = retiming.extremes();
        requireThat(
                extremes[0] >= 1 / MOST_STRETCH - 1e-6 && extremes[1] <= MOST_STRETCH + 1e-6,
                "A stretch of a voice becomes a quarter to four times as long, not %.2f to %.2f times.",
                extremes[0],
                extremes[1]);
        requireThat(channel.map(c -> c >= 0 && c < 64).orElse(true), "There is no such channel.");
    }

    public Voice withGain(double decibels) {
        return new Voice(decibels, startFrame, channel, language, retiming);
    }

    public Voice withStartFrame(long frame) {
        return new Voice(gain, frame, channel, language, retiming);
    }

    public Voice withChannel(Optional<Integer> chosen) {
        return new Voice(gain, startFrame, chosen, language, retiming);
    }

    public Voice withLanguage(Language spoken) {
        return new Voice(gain, startFrame, channel, spoken, retiming);
    }

    public Voice withRetiming(TimeMap map) {
        return new Voice(gain, startFrame, channel, language, map);
    }

    /** The recording as it is heard: {@link #plain} on the clock of the line. */
    public Sound of(Sound recording) {
        return Retimed.of(plain(recording), retiming);
    }

    /** One channel if one is chosen, made louder or softer, held within full scale; on the clock of the recording. */
    public Sound plain(Sound recording) {
        Sound heard = channel.filter(c -> c < recording.channelCount())
                .map(c -> Sound.mono(recording.channel(c), recording.rate()))
                .orElse(recording);
        return gain == 0 ? heard : heard.louder(Math.pow(10, gain / 20));
    }
}
