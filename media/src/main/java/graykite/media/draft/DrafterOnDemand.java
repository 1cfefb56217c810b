package graykite.media.draft;

import graykite.base.Progress;
import graykite.hearing.Dictation;
import graykite.sound.Sound;
import graykite.text.Script;
import java.lang.ref.SoftReference;
import java.util.Optional;

/** A drafter that is loaded when somebody first needs it, and may be forgotten between drafts. Safe for several threads. */
public final class DrafterOnDemand implements Dictation {
    /** Weighs some hundred megabytes. */
    private SoftReference<Drafter> known = new SoftReference<>(null);

    /** The drafter; takes two seconds when it is not loaded. */
    public synchronized Drafter get() {
        Drafter drafter = known.get();
        if (drafter == null) {
            drafter = Drafter.shipped();
            known = new SoftReference<>(drafter);
        }
        return drafter;
    }

    @Override
    public Optional<Script> of(Sound sound, Progress progress) {
        return get().heard(sound, text -> {}, progress)
                .filter(draft -> !draft.unsure())
                .map(draft -> Script.of(draft.text()));
    }
}
