package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.acting.PoseKey;
import graykite.mouth.MouthWork;
import graykite.reading.Timing;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * One line of the project.
 *
 * @param id unique in the project, never shown
 * @param title what people call it
 * @param speaker id of the member of the cast who says it; empty for the first of the cast
 * @param sound the recording, once there is one
 * @param voice how the recording is used
 * @param script what is said
 * @param draft true while the script comes from recognition and nobody has corrected it
 * @param timing the reading, once there is one
 * @param mouth everything that was decided about the mouth; it hangs on words, so it outlives readings and recordings
 * @param acting what lies over the speech
 */
public record Line(
        String id,
        String title,
        String speaker,
        Optional<SoundFile> sound,
        Voice voice,
        String script,
        boolean draft,
        Optional<Timing> timing,
        MouthWork mouth,
        Acting acting) {

    /**
     * What lies over the speech.
     *
     * @param seed of the instincts
     * @param keys poses at times, in the order of time
     * @param company who else is on stage
     */
    public record Acting(long seed, List<PoseKey> keys, List<Companion> company) {
        public static final Acting NONE = new Acting(1, List.of(), List.of());

        public Acting {
            keys = keys.stream()
                    .sorted(Comparator.comparingDouble(PoseKey::time))
                    .toList();
            company = List.copyOf(company);
        }
    }

    public Line {
        requireThat(!id.isBlank(), "A line has an id.");
    }

    public static Line empty(String id, String title) {
        return new Line(
                id,
                title,
                "",
                Optional.empty(),
                Voice.PLAIN,
                "",
                false,
                Optional.empty(),
                MouthWork.STANDARD,
                Acting.NONE);
    }

    public long seed() {
        return acting.seed();
    }

    public List<PoseKey> keys() {
        return acting.keys();
    }

    public List<Companion> company() {
        return acting.company();
    }

    public Line withTitle(String newTitle) {
        return new Line(id, newTitle, speaker, sound, voice, script, draft, timing, mouth, acting);
    }

    public Line withSpeaker(String member) {
        return new Line(id, title, member, sound, voice, script, draft, timing, mouth, acting);
    }

    /** With another recording; a reading of the old one no longer holds. */
    public Line withSound(SoundFile newSound) {
        return new Line(
                id, title, speaker, Optional.of(newSound), voice, script, draft, Optional.empty(), mouth, acting);
    }

    public Line withVoice(Voice newVoice) {
        return new Line(id, title, speaker, sound, newVoice, script, draft, timing, mouth, acting);
    }

    /** Without a reading. */
    public Line unread() {
        return new Line(id, title, speaker, sound, voice, script, draft, Optional.empty(), mouth, acting);
    }

    public Line withScript(String newScript) {
        return new Line(id, title, speaker, sound, voice, newScript, false, timing, mouth, acting);
    }

    /** With a script from recognition, to be corrected. */
    public Line withDraft(String recognised) {
        return new Line(id, title, speaker, sound, voice, recognised, true, timing, mouth, acting);
    }

    public Line withTiming(Timing newTiming) {
        return new Line(id, title, speaker, sound, voice, script, draft, Optional.of(newTiming), mouth, acting);
    }

    public Line withMouth(MouthWork work) {
        return new Line(id, title, speaker, sound, voice, script, draft, timing, work, acting);
    }

    public Line withSeed(long newSeed) {
        return withActing(new Acting(newSeed, keys(), company()));
    }

    public Line withKeys(List<PoseKey> newKeys) {
        return withActing(new Acting(seed(), newKeys, company()));
    }

    public Line withCompany(List<Companion> newCompany) {
        return withActing(new Acting(seed(), keys(), newCompany));
    }

    private Line withActing(Acting newActing) {
        return new Line(id, title, speaker, sound, voice, script, draft, timing, mouth, newActing);
    }
}
