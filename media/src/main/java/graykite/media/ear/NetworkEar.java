package graykite.media.ear;

import graykite.base.Progress;
import graykite.hearing.PhoneOdds;
import graykite.hearing.TrainedEar;
import graykite.sound.Sound;
import graykite.text.Script;
import java.lang.ref.SoftReference;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * The networks that ship, each loaded when somebody first needs it, and perhaps forgotten between uses. Safe for several threads. Hears nothing on a machine that the
 * networks do not run on, so that reading goes on without.
 */
public final class NetworkEar implements TrainedEar {
    private final Kept<SpeechEncoder> encoder = new Kept<>(SpeechEncoder::shipped);
    private final Kept<Drafter> drafter = new Kept<>(() -> Drafter.on(encoder::get));
    private final Kept<PhoneNetwork> phones = new Kept<>(() -> PhoneNetwork.shipped(encoder.get()));

    /** Something heavy that is loaded when it is asked for, and may be forgotten when memory is short. */
    private static final class Kept<T> {
        private final Supplier<T> load;
        private SoftReference<T> known = new SoftReference<>(null);

        Kept(Supplier<T> load) {
            this.load = load;
        }

        synchronized T get() {
            T value = known.get();
            if (value == null) {
                value = load.get();
                known = new SoftReference<>(value);
            }
            return value;
        }
    }

    /** Who drafts words; takes two seconds when it is not loaded. @throws BadInput on a machine that the networks do not run on */
    public Drafter drafter() {
        return drafter.get();
    }

    @Override
    public Optional<Script> words(Sound sound, Progress progress) {
        if (!OnnxNetwork.runs()) {
            return Optional.empty();
        }
        return drafter.get()
                .heard(sound, text -> {}, progress)
                .filter(draft -> !draft.unsure())
                .map(draft -> Script.of(draft.text()));
    }

    @Override
    public Optional<PhoneOdds> phones(Sound sound, Progress progress) {
        return OnnxNetwork.runs() ? Optional.of(phones.get().odds(sound, progress)) : Optional.empty();
    }
}
