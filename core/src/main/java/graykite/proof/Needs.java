package graykite.proof;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/** What a check has to have before it can look: told once, for all checks that need the same. */
public enum Needs {
    /** Whatever there is of a line. */
    NOTHING(shot -> true, shot -> ""),
    /** A recording that lasts long enough to be told from silence, and is not silent throughout. */
    SOUND(shot -> shot.voice().filter(v -> v.sound().duration() > 0.3).isPresent(), shot -> ""),
    /** The line acted. */
    MOVEMENT(shot -> shot.footage().isPresent(), shot -> ""),
    /** Lips whose opening can be measured. */
    LIPS(
            MOVEMENT.ready,
            shot -> shot.film().measure().lips().isPresent()
                    ? ""
                    : "It is not known where the lips of " + shot.character().name()
                            + " meet: the opening of the mouth is not measured."),
    /** Teeth that lips can go through. */
    TEETH(
            MOVEMENT.ready,
            shot -> shot.film().teeth().isPresent()
                    ? ""
                    : shot.character().name()
                            + " has no parts that are called teeth: whether lips go through them is not measured."),
    /** A tongue that can go through lips. */
    TONGUE(
            MOVEMENT.ready,
            shot -> shot.film().tongue().isPresent()
                    ? ""
                    : shot.character().name()
                            + " has no part that is called tongue: whether it goes through the lips is not measured."),
    /** Eyes that close. */
    LIDS(
            MOVEMENT.ready,
            shot -> shot.film().plays("lidClose.L") || shot.film().plays("lidClose.R")
                    ? ""
                    : shot.character().name() + " has nothing that closes the eyes: blinks are not looked at."),
    /** Eyes that open wide. */
    WIDE_EYES(
            MOVEMENT.ready,
            shot -> shot.film().plays("upperLidRaiser.L")
                    ? ""
                    : shot.character().name() + " has nothing that opens the eyes wide: that is not looked at."),
    /** Eyes that turn. */
    GAZE(
            MOVEMENT.ready,
            shot -> shot.film().plays("eyeYaw")
                    ? ""
                    : shot.character().name() + " has no eyes that turn: the gaze is not looked at."),
    /** A head that turns. */
    HEAD(
            MOVEMENT.ready,
            shot -> shot.film().plays("headYaw") || shot.film().plays("headPitch")
                    ? ""
                    : shot.character().name() + " has no head that turns: its movement is not looked at.");

    private final Predicate<Shot> ready;
    private final Function<Shot, String> lacks;

    Needs(Predicate<Shot> ready, Function<Shot, String> lacks) {
        this.ready = ready;
        this.lacks = lacks;
    }

    /** True once there is what is looked at: a recording, a movement. */
    boolean ready(Shot shot) {
        return ready.test(shot);
    }

    /** What the character lacks, in words; nothing when it has all. Asked only when it is {@link #ready}. */
    Optional<String> cannot(Shot shot) {
        return Optional.of(lacks.apply(shot)).filter(l -> !l.isEmpty());
    }
}
