package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.reading.Place;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.time.TimeMap;

/**
 * An expression on a stretch of a line.
 *
 * @param from where it begins to be seen
 * @param to where it is gone
 * @param look what is seen
 */
public record Clip(Place from, Place to, Look look) {
    /** How long a clip takes to come and to go unless one says otherwise, in seconds. */
    public static final double USUAL_EASE = 0.25;

    /** How much of an expression's mouth lies over speech unless one says otherwise. */
    public static final double USUAL_MOUTH = 0.5;

    /** The longest that a clip takes to come or to go, in seconds. */
    public static final double LONGEST_EASE = 10;

    /** The most of an expression. */
    public static final double MOST = 1.5;

    /** What a clip is made of. */
    public sealed interface Content permits Linked, Own, Performed {
        String name();

        /** The pose on a character; at rest for one who lacks it. */
        Pose on(Character character);
    }

    /** An expression of the character's library: when the library's changes, so does this. */
    public record Linked(String name) implements Content {
        public Linked {
            requireThat(!name.isBlank(), "A clip is that of an expression.");
        }

        @Override
        public Pose on(Character character) {
            return character.poses().getOrDefault(name, Pose.REST);
        }
    }

    /** An expression of this clip alone. */
    public record Own(String name, Pose pose) implements Content {
        public Own {
            requireThat(!name.isBlank(), "An expression has a name.");
        }

        @Override
        public Pose on(Character character) {
            return pose;
        }
    }

    /**
     * What is seen of a clip.
     *
     * @param easeIn seconds that it takes to come; where it overlaps the clip before, they cross over the overlap instead
     * @param easeOut seconds that it takes to go
     * @param left how much of it is seen on the character's left, 0 to 1.5
     * @param right how much on the right; what has no side takes the mean
     * @param mouth how much of its jaw, lips and tongue lies over speech, 0 to 1
     */
    public record Look(Content content, double easeIn, double easeOut, double left, double right, double mouth) {
        public Look {
            requireThat(
                    easeIn >= 0 && easeIn <= LONGEST_EASE && easeOut >= 0 && easeOut <= LONGEST_EASE,
                    "A clip takes 0 to 10 seconds to come and to go, not %.2f and %.2f.",
                    easeIn,
                    easeOut);
            requireThat(
                    left >= 0 && left <= MOST && right >= 0 && right <= MOST,
                    "The amounts of a clip lie between 0 and 1.5, not %.2f and %.2f.",
                    left,
                    right);
            requireThat(mouth >= 0 && mouth <= 1, "The share of the mouth lies between 0 and 1, not %.2f.", mouth);
        }

        /** An expression of the library as it usually lies on a line. */
        public static Look of(String pose) {
            return new Look(new Linked(pose), USUAL_EASE, USUAL_EASE, 1, 1, USUAL_MOUTH);
        }

        public Look withContent(Content other) {
            return new Look(other, easeIn, easeOut, left, right, mouth);
        }

        public Look withEases(double in, double out) {
            return new Look(content, in, out, left, right, mouth);
        }

        public Look withAmounts(double onLeft, double onRight) {
            return new Look(content, easeIn, easeOut, onLeft, onRight, mouth);
        }

        public Look withMouth(double share) {
            return new Look(content, easeIn, easeOut, left, right, share);
        }
    }

    public Clip withLook(Look other) {
        return new Clip(from, to, other);
    }

    /** On another clock. */
    Clip retimed(TimeMap change) {
        return new Clip(from.retimed(change), to.retimed(change), look);
    }
}
