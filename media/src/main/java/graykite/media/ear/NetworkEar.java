package graykite.media.ear;

import graykite.base.Progress;
import graykite.hearing.PhoneOdds;
import graykite.hearing.TrainedEar;
import graykite.sound.Sound;
import graykite.text.Script;
import java.lang.ref.SoftReference;
import java.util.Optional;

/** The networks that ship, each loaded when somebody first needs it, and perhaps forgotten between uses. Safe for several threads. */
public final class NetworkEar implements TrainedEar {
    /** They weigh some hundred megabytes. */
    private SoftReference<SpeechEncoder> encoder = new SoftReference<>(null);

    private SoftReference<Drafter> drafter = new SoftReference<>(null);
    private SoftReference<PhoneNetwork> phones = new SoftReference<>(null);

    /** Who drafts words; takes two seconds when it is not loaded. */
    public synchronized Drafter drafter() {
        Drafter known = drafter.get();
        if (known == null) {
            known = Drafter.with(encoder());
            drafter = new SoftReference<>(known);
        }
        return known;
    }

    private synchronized PhoneNetwork phones() {
        PhoneNetwork known = phones.get();
        if (known == null) {
            known = PhoneNetwork.shipped(encoder());
            phones = new SoftReference<>(known);
        }
        return known;
    }

    private SpeechEncoder encoder() {
        SpeechEncoder known = encoder.get();
        if (known == null) {
            known = SpeechEncoder.shipped();
            encoder = new SoftReference<>(known);
        }
        return known;
    }

    @Override
    public Optional<Script> words(Sound sound, Progress progress) {
        return drafter()
                .heard(sound, text -> {}, progress)
                .filter(draft -> !draft.unsure())
                .map(draft -> Script.of(draft.text()));
    }

    @Override
    public Optional<PhoneOdds> phones(Sound sound, Progress progress) {
        return Optional.of(phones().odds(sound, progress));
    }
}
