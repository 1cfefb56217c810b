package graykite.acting;

import graykite.geometry.Vec;
import java.util.Optional;

/** Where things are for one who stands on a stage. */
public interface Surroundings {
    /** Height of eyes over the middle of the stage, and how far the viewer is, in millimetres. */
    double EYES = 14;

    double VIEWER = 1400;

    /** Half the distance between eyes, in millimetres. */
    double HALF_EYES = 31.5;

    /**
     * A direction as seen by the one who stands there.
     *
     * @param yaw degrees to the own left
     * @param pitch degrees up
     * @param converge degrees by which each eye turns towards the nose, more than for the viewer
     */
    record Direction(double yaw, double pitch, double converge) {
        public static final Direction AHEAD = new Direction(0, 0);

        /** Of something that is far. */
        public Direction(double yaw, double pitch) {
            this(yaw, pitch, 0);
        }

        public double from(Direction other) {
            return Math.hypot(yaw - other.yaw, pitch - other.pitch);
        }
    }

    /** In which direction something is; nothing when it is not there. */
    Optional<Direction> toward(LookPoint point);

    /** One who stands alone in the middle. */
    Surroundings ALONE = point -> switch (point) {
        case LookPoint.Viewer v -> Optional.of(Direction.AHEAD);
        case LookPoint.Toward t -> Optional.of(new Direction(t.yaw(), t.pitch()));
        case LookPoint.Person p -> Optional.empty();
        case LookPoint.Spot s -> Optional.of(direction(s.place()));
    };

    /** How far eyes turn inward for something so near. @param away millimetres */
    private static double converging(double away) {
        double own = Math.toDegrees(Math.atan2(HALF_EYES, Math.max(80, away)));
        return Math.max(0, own - Math.toDegrees(Math.atan2(HALF_EYES, VIEWER)));
    }

    /** The direction of a place as seen from the middle of the stage, facing the viewer. */
    static Direction direction(Vec place) {
        double away = Math.max(1, Math.hypot(place.x(), place.z()));
        return new Direction(
                Math.toDegrees(Math.atan2(place.x(), place.z())),
                Math.toDegrees(Math.atan2(place.y() - EYES, away)),
                converging(Math.hypot(away, place.y() - EYES)));
    }
}
