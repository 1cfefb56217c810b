package graykite.proof.checks;

import graykite.acting.Clip;
import graykite.edit.ClipEdit;
import graykite.edit.MouthEdit;
import graykite.mouth.Beat;
import graykite.mouth.Beats;
import graykite.mouth.Diction;
import graykite.mouth.MouthSettings;
import graykite.mouth.PhoneShape.Closure;
import graykite.proof.Fix;
import graykite.proof.Footage;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import graykite.proof.Spans.Span;
import graykite.reading.TimedPhone;
import graykite.rig.LipGap;
import graykite.rig.Pose;
import graykite.rig.Roles;
import graykite.text.Phone;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** When shapes are seen, against when their sounds are heard; and what mends a sound. */
final class Sounds {
    /** So far around a sound its shape is looked for, in seconds. */
    private static final double AROUND = 0.3;

    /** A shape stands while it is within this share of its height over what lies beside it. */
    private static final double STANDS = 0.85;

    /** So long before its time a shape is still in it, in seconds. */
    private static final double OWN = 0.08;

    private static final Set<Phone> WIDE = Set.of(Phone.AA, Phone.AE, Phone.AO, Phone.AW, Phone.AY, Phone.OW);

    private static final double SHORTEST_VOWEL = 0.05;

    private Sounds() {}

    /**
     * A sound whose shape can be seen.
     *
     * @param start of the sound, in seconds
     * @param end of the sound, in seconds
     * @param from when its shape is seen first, in seconds
     * @param to when it is seen last, in seconds; the moment at which it stands out most for vowels
     */
    record Seen(int word, int phone, double start, double end, double from, double to) {
        /** By how many seconds its shape comes later than the middle of the sound. */
        double lag() {
            double middle = (start + end) / 2;
            return from > middle ? from - middle : to < middle ? to - middle : 0;
        }

        /** By how many seconds its shape begins after the sound is over. */
        double late() {
            return from - end;
        }

        /** By how many seconds its shape is over before the sound begins. */
        double early() {
            return start - to;
        }

        String name(Shot shot) {
            return shot.timing().words().get(word).phones().get(phone).phone().ipa();
        }
    }

    static String word(Shot shot, int word) {
        return word < 0 ? "" : shot.timing().words().get(word).text();
    }

    /** The opening of the mouth's widest vowel, in millimetres, as plain speech shows it. */
    static double fullOpening(Shot shot) {
        LipGap lips = shot.film().measure().lips().orElseThrow();
        double plain = Diction.PLAIN.strength();
        return shot.beats().chart().poses().values().stream()
                .mapToDouble(p -> lips.at(shot.character().values(p.times(plain))))
                .max()
                .orElse(1);
    }

    static double widest(Footage film, double[] lips, double from, double to) {
        double most = 0;
        for (int f = film.frame(from); f <= film.frame(to); f++) {
            most = Math.max(most, lips[f]);
        }
        return most;
    }

    /**
     * Every sound whose shape can be told: lips that shut, and wide vowels that open them more than what lies beside.
     *
     * @param prominence millimetres by which a vowel opens them more
     */
    static List<Seen> seen(Shot shot, double prominence) {
        Footage film = shot.film();
        double[] lips = film.lips().orElseThrow();
        List<Seen> all = new ArrayList<>();
        List<Beat> beats = shot.beats().list();
        double frame = film.rate().frameLength();
        for (int b = 0; b < beats.size(); b++) {
            Beat beat = beats.get(b);
            if (beat.isSilence()) {
                continue;
            }
            TimedPhone phone = shot.timing().words().get(beat.word()).phones().get(beat.index());
            Optional<Span> stands = Optional.empty();
            if (beat.closure() == Closure.LIPS) {
                stands = shutNear(film, lips, beat.middle());
            } else if (WIDE.contains(phone.phone()) && phone.length() >= SHORTEST_VOWEL) {
                TimeRange own = new TimeRange(phone.start() - OWN, phone.end());
                stands = standsOut(film, vowelBefore(beats, b), vowelAfter(beats, b), own, prominence, lips);
            }
            stands.ifPresent(s -> all.add(new Seen(
                    beat.word(),
                    beat.index(),
                    phone.start(),
                    phone.end(),
                    beat.closure() == Closure.LIPS ? film.time(s.first()) : middle(film, s),
                    beat.closure() == Closure.LIPS ? film.time(s.last()) + frame : middle(film, s))));
        }
        return all;
    }

    private static double middle(Footage film, Span span) {
        return (film.time(span.first()) + film.time(span.last()) + film.rate().frameLength()) / 2;
    }

    /** From where on the mouth is this vowel's: the middle of the vowel before, or some time before. */
    private static double vowelBefore(List<Beat> beats, int b) {
        double least = beats.get(b).start() - AROUND;
        for (int k = b - 1; k >= 0 && beats.get(k).end() > least; k--) {
            if (beats.get(k).phone().isVowel()) {
                return Math.max(least, beats.get(k).end());
            }
        }
        return least;
    }

    private static double vowelAfter(List<Beat> beats, int b) {
        double most = beats.get(b).end() + AROUND;
        for (int k = b + 1; k < beats.size() && beats.get(k).start() < most; k++) {
            if (beats.get(k).phone().isVowel()) {
                return Math.min(most, beats.get(k).start());
            }
        }
        return most;
    }

    /** The frames in which the lips are shut that lie nearest to a time. */
    private static Optional<Span> shutNear(Footage film, double[] lips, double time) {
        Optional<Span> best = Optional.empty();
        double nearest = Double.MAX_VALUE;
        List<Span> shut =
                Spans.where(film.frame(time - AROUND), film.frame(time + AROUND) + 1, 1, f -> lips[f] < LipGap.SHUT);
        for (Span span : shut) {
            double away = Math.abs((film.time(span.first()) + film.time(span.last())) / 2 - time);
            if (away < nearest) {
                nearest = away;
                best = Optional.of(span);
            }
        }
        return best;
    }

    /** Where something is highest between two times, when it stands out there. @param own when the sound is heard */
    private static Optional<Span> standsOut(
            Footage film, double from, double to, TimeRange own, double prominence, double[] height) {
        int first = film.frame(from);
        double[] heights = Arrays.copyOfRange(height, first, film.frame(to) + 1);
        int top = 0;
        for (int i = 0; i < heights.length; i++) {
            top = heights[i] > heights[top] ? i : top;
        }
        double before = Arrays.stream(heights, 0, top + 1).min().orElse(0);
        double after = Arrays.stream(heights, top, heights.length).min().orElse(0);
        double out = heights[top] - Math.max(before, after);
        if (out < prominence) {
            return Optional.empty();
        }
        // What is nearly as high in the sound's own time is where it is seen.
        int most = Math.clamp(film.frame(own.start()) - first, 0, heights.length - 1);
        for (int f = film.frame(own.start()); f <= film.frame(own.end()); f++) {
            int i = Math.clamp(f - first, 0, heights.length - 1);
            most = heights[i] > heights[most] ? i : most;
        }
        if (heights[most] > heights[top] - 0.5 * out) {
            top = most;
            out = Math.max(1e-6, heights[top] - Math.max(before, after));
        }
        double level = heights[top] - (1 - STANDS) * out;
        int left = top;
        int right = top;
        while (left > 0 && heights[left - 1] >= level) {
            left--;
        }
        while (right < heights.length - 1 && heights[right + 1] >= level) {
            right++;
        }
        return Optional.of(new Span(first + left, first + right));
    }

    /** Brings a shape earlier or later: its touch-up, and where the whole line is led otherwise than usual, the lead. */
    static List<Fix> moved(Shot shot, Seen seen, double by) {
        List<Fix> fixes = new ArrayList<>();
        MouthSettings settings = shot.line().mouth().settings();
        if (settings.lead() != MouthSettings.STANDARD.lead()) {
            fixes.add(Fix.of(
                    "Lead the whole line as usual",
                    new MouthEdit.SetMouth(shot.line().id(), settings.withLead(MouthSettings.STANDARD.lead()))));
        }
        fixes.addAll(Mending.mouthToSpeech(shot, seen.start(), seen.end()));
        fixes.add(Mending.touch(
                shot,
                by < 0 ? "Bring it earlier" : "Bring it later",
                seen.word(),
                seen.phone(),
                t -> t.withShift(Math.clamp(t.shift() + by, -0.5, 0.5))));
        return fixes;
    }

    /** Takes a hand off the mouth, or makes the sound that is seen there weaker. */
    static List<Fix> softer(Shot shot, double from, double to) {
        List<Fix> fixes = new ArrayList<>(Mending.mouthToSpeech(shot, from, to));
        List<Beat> beats = shot.beats().list();
        int at = shot.beats().indexAt((from + to) / 2);
        for (int b : new int[] {at, at - 1, at + 1}) {
            if (b >= 0 && b < beats.size() && beats.get(b).phone().isVowel()) {
                fixes.add(Mending.touch(
                        shot,
                        "Make the sound weaker",
                        beats.get(b).word(),
                        beats.get(b).index(),
                        t -> t.withStrength(0.6 * t.strength())));
                return fixes;
            }
        }
        if (fixes.isEmpty()) {
            fixes.add(seal(shot, from, to));
        }
        return fixes;
    }

    /** Keeps the lips together for a stretch, whatever opens them. */
    static Fix seal(Shot shot, double from, double to) {
        Clip.Look shut = Clip.Look.of("Lips together")
                .withContent(new Clip.Own("Lips together", Pose.of(Roles.SEAL, 1)))
                .withMouth(1);
        return Fix.of(
                "Keep the lips together here",
                new ClipEdit.AddClip(shot.line().id(), "", Math.max(0, from - 0.1), to + 0.1, shut));
    }

    /** A closure that was not reached: what lies on the mouth is taken off, or the sound is held. @param title of the second fix */
    static ProofNote missed(Shot shot, Rule rule, Beats.Shut shut, String title, String says, double millimetres) {
        Beat beat = shot.beats().list().get(shut.beat());
        List<Fix> fixes = new ArrayList<>(Mending.mouthToSpeech(shot, shut.from(), shut.to()));
        fixes.add(Mending.touch(
                shot,
                title,
                beat.word(),
                beat.index(),
                t -> t.withShape(Optional.empty())
                        .withPose(Optional.empty())
                        .withStrength(1)
                        .withHold(0.06)));
        return shot.note(
                rule, shut.from(), shut.to(), fixes, says, beat.phone().ipa(), word(shot, beat.word()), millimetres);
    }
}
