package graykite.acting;

import graykite.reading.Anchor;
import graykite.reading.Place;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.sound.Loudness;
import graykite.text.Tags;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/** Finds where the cues of a line come in its reading. */
public final class CueSpots {
    /** How far a cue of full variation comes from its time, in seconds, and how much its strength differs, as a share. */
    private static final double EARLIER = 0.12;

    private static final double STRONGER = 0.4;

    private final List<CueChange> changes;
    private final WordFinder words;
    private final Loudness loudness;

    /**
     * One place.
     *
     * @param cue its rule
     * @param word index of the word on which it hangs
     * @param start seconds at which the expression begins to come
     * @param shift seconds by which it was moved by hand
     * @param state whether it comes there, and if not, why
     * @param clip what comes
     */
    public record Spot(Cue cue, int word, double start, double shift, State state, Clip clip) {
        public double end() {
            return start + cue.length();
        }
    }

    /** Whether a cue comes at a place. */
    public enum State {
        COMES,
        /** By its chance it stays away here. */
        STAYS_AWAY,
        /** Switched off here by hand. */
        OFF
    }

    public CueSpots(List<CueChange> changes, WordFinder words, Loudness loudness) {
        this.changes = changes;
        this.words = words;
        this.loudness = loudness;
    }

    /** All places of a cue in the order of time. */
    public List<Spot> of(Cue cue) {
        List<Spot> spots = new ArrayList<>();
        Timing timing = words.timing();
        switch (cue.at()) {
            case Cue.Stress s -> {
                for (Accents.Accent accent : Accents.of(timing, loudness)) {
                    spots.add(spot(cue, accent.word(), accent.time()));
                }
            }
            case Cue.Mark mark -> {
                for (int w = 0; w < timing.words().size(); w++) {
                    TimedWord word = timing.words().get(w);
                    if (mark.in(Tags.without(word.mark())) || mark.in(inner(word.text()))) {
                        spots.add(spot(cue, w, word.end()));
                    }
                }
            }
            case Cue.Pause pause -> {
                for (int w = 0; w + 1 < timing.words().size(); w++) {
                    TimedWord word = timing.words().get(w);
                    if (timing.words().get(w + 1).start() - word.end() > pause.longerThan()) {
                        spots.add(spot(cue, w, word.end()));
                    }
                }
            }
            case Cue.Tag tag -> {
                for (int w = 0; w < timing.words().size(); w++) {
                    TimedWord word = timing.words().get(w);
                    if (Tags.before(word.mark()).stream().anyMatch(tag.word()::equalsIgnoreCase)) {
                        spots.add(spot(cue, w, Math.max(0, word.start() - cue.length())));
                    }
                    if (Tags.after(word.mark()).stream().anyMatch(tag.word()::equalsIgnoreCase)) {
                        spots.add(spot(cue, w, word.end()));
                    }
                }
            }
        }
        return spots;
    }

    /** Marks between words that were joined into one: "me, Captain". */
    private static String inner(String text) {
        StringBuilder marks = new StringBuilder();
        for (int i = 1; i + 1 < text.length(); i++) {
            if (text.charAt(i + 1) == ' ') {
                marks.append(text.charAt(i));
            }
        }
        return marks.toString();
    }

    private Spot spot(Cue cue, int word, double time) {
        Anchor anchor = words.anchor(word);
        Optional<CueChange> change = changes.stream()
                .filter(c -> c.cue().equals(cue.name()))
                .filter(c -> words.find(c.word()).map(Anchor.Spot::word).equals(Optional.of(word)))
                .findFirst();
        // The same word in the same surroundings always gets the same: another reading changes nothing.
        SplittableRandom random = new SplittableRandom(31L * cue.name().hashCode()
                + anchor.word().hashCode()
                + 7L * anchor.before().hashCode());
        boolean stays = random.nextDouble() >= cue.chance();
        double later = cue.variation() * EARLIER * random.nextDouble(-1, 1);
        double strength = 1 + cue.variation() * STRONGER * random.nextDouble(-1, 1);
        State state = change.isPresent()
                ? change.get().on() ? State.COMES : State.OFF
                : stays ? State.STAYS_AWAY : State.COMES;
        double shift = change.map(CueChange::shift).orElse(0.0);
        double start = Math.max(0, time + cue.offset() + later + shift);
        Clip.Look look = cue.look();
        Clip clip = new Clip(
                Place.at(start),
                Place.at(start + cue.length()),
                look.withAmounts(
                        Math.min(Clip.MOST, strength * look.left()), Math.min(Clip.MOST, strength * look.right())));
        return new Spot(cue, word, start, shift, state, clip);
    }
}
