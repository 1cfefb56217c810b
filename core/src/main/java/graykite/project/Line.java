package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.acting.Layers;
import graykite.acting.PoseKey;
import graykite.mouth.MouthWork;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.time.TimeMap;
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
 * @param layers everything that moves the character: mouth, instincts, own curves, poses, and what was added
 * @param reference film or pictures that it is acted after
 * @param review what was said about it
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
        Layers layers,
        Optional<Reference> reference,
        Review review) {

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
                Layers.usual(),
                Optional.empty(),
                Review.NOTHING);
    }

    public long seed() {
        return layers.seed();
    }

    public List<PoseKey> keys() {
        return layers.keys();
    }

    public Line withId(String newId) {
        return new Line(newId, title, speaker, sound, voice, script, draft, timing, mouth, layers, reference, review);
    }

    public Line withTitle(String newTitle) {
        return new Line(id, newTitle, speaker, sound, voice, script, draft, timing, mouth, layers, reference, review);
    }

    public Line withSpeaker(String member) {
        return new Line(id, title, member, sound, voice, script, draft, timing, mouth, layers, reference, review);
    }

    /** With another recording; a reading and a retiming of the old one no longer hold. */
    public Line withSound(SoundFile newSound) {
        return new Line(
                id,
                title,
                speaker,
                Optional.of(newSound),
                voice.withRetiming(TimeMap.SAME),
                script,
                draft,
                Optional.empty(),
                mouth,
                layers,
                reference,
                review);
    }

    public Line withVoice(Voice newVoice) {
        return new Line(id, title, speaker, sound, newVoice, script, draft, timing, mouth, layers, reference, review);
    }

    /** Without a reading. */
    public Line unread() {
        return new Line(
                id, title, speaker, sound, voice, script, draft, Optional.empty(), mouth, layers, reference, review);
    }

    public Line withScript(String newScript) {
        return new Line(id, title, speaker, sound, voice, newScript, false, timing, mouth, layers, reference, review);
    }

    /** With a script from recognition, to be corrected. */
    public Line withDraft(String recognised) {
        return new Line(id, title, speaker, sound, voice, recognised, true, timing, mouth, layers, reference, review);
    }

    public Line withTiming(Timing newTiming) {
        return new Line(
                id,
                title,
                speaker,
                sound,
                voice,
                script,
                draft,
                Optional.of(newTiming),
                mouth,
                layers,
                reference,
                review);
    }

    public Line withMouth(MouthWork work) {
        return new Line(id, title, speaker, sound, voice, script, draft, timing, work, layers, reference, review);
    }

    public Line withSeed(long newSeed) {
        return withLayers(layers.withSeed(newSeed));
    }

    public Line withKeys(List<PoseKey> newKeys) {
        return withLayers(layers.withKeys(newKeys));
    }

    public Line withLayers(Layers newLayers) {
        return new Line(id, title, speaker, sound, voice, script, draft, timing, mouth, newLayers, reference, review);
    }

    /** On another clock: voice, reading, mouth and acting go together. @param map from the recording to the line */
    public Line retimed(TimeMap map) {
        TimeMap change = voice.retiming().inverse().then(map);
        return new Line(
                id,
                title,
                speaker,
                sound,
                voice.withRetiming(map),
                script,
                draft,
                timing.map(t -> t.retimed(voice.retiming(), map)),
                mouth,
                layers.retimed(change),
                reference,
                review.retimed(change));
    }

    public Line withReview(Review said) {
        return new Line(id, title, speaker, sound, voice, script, draft, timing, mouth, layers, reference, said);
    }

    public Line withReference(Optional<Reference> film) {
        return new Line(id, title, speaker, sound, voice, script, draft, timing, mouth, layers, film, review);
    }

    /** Finds the words by which things hang on the line; there are none while it is not read. */
    public WordFinder words() {
        return new WordFinder(timing.orElse(Timing.empty(0)));
    }
}
