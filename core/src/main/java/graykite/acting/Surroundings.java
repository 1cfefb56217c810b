package graykite.acting;

import graykite.geometry.Vec;
import java.util.Optional;

/** Where things are for one who stands on a stage. */
public interface Surroundings {
    /** Height of eyes over the middle of the stage, and how far the viewer is, in millimetres. */
    double EYES = 14;

    double VIEWER = 1400;

    /** A direction as seen by the one who stands there. @param yaw degrees to the own left @param pitch degrees up */
    record Direction(double yaw, double pitch) {
        public static final Direction AHEAD = new Direction(0, 0);

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

    /** The direction of a place as seen from the middle of the stage, facing the viewer. */
    static Direction direction(Vec place) {
        double away = Math.max(1, Math.hypot(place.x(), place.z()));
        return new Direction(
                Math.toDegrees(Math.atan2(place.x(), place.z())), Math.toDegrees(Math.atan2(place.y() - EYES, away)));
    }
}
