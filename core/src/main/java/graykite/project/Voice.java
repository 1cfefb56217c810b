package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.sound.Sound;
import graykite.text.Language;
import java.util.Optional;

/**
 * How a line's recording is used; the recording itself is never altered.
 *
 * @param gain decibels, -40 to 40
 * @param startFrame 0 or more: the frame of the line at which the recording starts, for the ruler and for what is delivered
 * @param channel which channel is heard, from 0; empty for all of them together
 * @param language in which it is spoken
 */
public record Voice(double gain, long startFrame, Optional<Integer> channel, Language language) {
    /** As it came. */
    public static final Voice PLAIN = new Voice(0, 0, Optional.empty(), Language.ENGLISH);

    /** Loudest and softest gain in decibels. */
    public static final double MOST_GAIN = 40;

    /** Latest start: a day at 60 frames a second. */
    public static final long LATEST_START = 5_184_000;

    public Voice {
        requireThat(Math.abs(gain) <= MOST_GAIN, "A gain lies between -40 and 40 dB, not %s.", gain);
        requireThat(
                startFrame >= 0 && startFrame <= LATEST_START,
                "A recording starts between frame 0 and a day, not at frame %s.",
                startFrame);
        requireThat(channel.map(c -> c >= 0 && c < 64).orElse(true), "There is no such channel.");
    }

    public Voice withGain(double decibels) {
        return new Voice(decibels, startFrame, channel, language);
    }

    public Voice withStartFrame(long frame) {
        return new Voice(gain, frame, channel, language);
    }

    public Voice withChannel(Optional<Integer> chosen) {
        return new Voice(gain, startFrame, chosen, language);
    }

    public Voice withLanguage(Language spoken) {
        return new Voice(gain, startFrame, channel, spoken);
    }

    /** The recording as it is heard: one channel if one is chosen, made louder or softer, held within full scale. */
    public Sound of(Sound recording) {
        Sound heard = channel.filter(c -> c < recording.channelCount())
                .map(c -> Sound.mono(recording.channel(c), recording.rate()))
                .orElse(recording);
        return gain == 0 ? heard : heard.louder(Math.pow(10, gain / 20));
    }
}
