package graykite.hearing;

import graykite.base.Progress;
import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.WordChoice;
import java.util.List;

/**
 * A recording in which speech hardly stands out of a room, of noise or of other voices, and is hard to hear for our model. What was said there is
 * laid into what a trained ear hears besides: it heard speech in all kinds of places. It hears less exactly when, so a clear recording is read
 * without it.
 *
 * @param sound one channel at {@link Features#RATE}
 */
record MurkySound(TrainedEar ear, Sound sound) {
    /**
     * Decibels between loud and soft moments from which on a recording is clear. In clean synthetic sentences 37 to 53 nine times in ten, in a room
     * 20 to 43, with noise or music 15 dB below 18 to 25, in announcements by people 25 to 53.
     */
    private static final double CLEAR = 30;

    /** It counts half beside our model: what it hears is 24 ms apart, and with more of it the starts of words grew worse. */
    private static final float SHARE = 0.5f;

    private static final double LOUD = 0.95;
    private static final double SOFT = 0.1;

    /** With a smaller share of pauses the soft moments may be speech. */
    private static final double PAUSES = 0.12;

    /** The limit where they may. */
    private static final double CLEAR_THROUGHOUT = 22;

    /**
     * The same words and other sounds with the times at which the ear hears them too; as they were in a clear recording, or without an ear.
     *
     * @param features of the sound, as our model hears them
     */
    ScriptSearch.Heard placed(
            ScriptSearch.Heard heard,
            List<WordChoice> choices,
            Pins pins,
            Features features,
            Aligner aligner,
            Progress progress) {
        if (isClear(heard.phones())) {
            return heard;
        }
        return ear.phones(sound, progress.part(0, 0.8))
                .flatMap(odds ->
                        heard.again(aligner, features.with(odds.times(SHARE)), choices, pins, progress.part(0.8, 1)))
                .map(placed -> new ScriptSearch.Heard(placed.phones(), heard.ceiling(), placed.byEar()))
                .orElse(heard);
    }

    private boolean isClear(List<HeardPhone> heard) {
        Loudness loudness = Loudness.of(sound);
        int pauses = heard.stream()
                .filter(p -> p.word() == HeardPhone.PAUSE)
                .mapToInt(p -> p.endFrame() - p.startFrame())
                .sum();
        boolean pausing = pauses > PAUSES * heard.getLast().endFrame();
        return loudness.percentile(LOUD) - loudness.percentile(SOFT) >= (pausing ? CLEAR : CLEAR_THROUGHOUT);
    }
}
