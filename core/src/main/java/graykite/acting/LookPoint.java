package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;
import java.util.List;

/** What one looks at. */
public sealed interface LookPoint {
    /** Its name as people read it. */
    String name();

    /** The viewer, wherever one stands. */
    record Viewer() implements LookPoint {
        @Override
        public String name() {
            return "Viewer";
        }
    }

    /**
     * A direction, as seen by the one who looks.
     *
     * @param yaw degrees to the own left, -80 to 80
     * @param pitch degrees up, -60 to 60
     */
    record Toward(String name, double yaw, double pitch) implements LookPoint {
        public Toward {
            requireThat(!name.isBlank(), "A look point has a name.");
            requireThat(
                    Math.abs(yaw) <= 80 && Math.abs(pitch) <= 60,
                    "One looks up to 80 degrees to the side and 60 up or down, not %.0f and %.0f.",
                    yaw,
                    pitch);
        }
    }

    /** Somebody else's eyes. @param member id in the cast */
    record Person(String member) implements LookPoint {
        public Person {
            requireThat(!member.isBlank(), "Whoever is looked at has an id.");
        }

        @Override
        public String name() {
            return member;
        }
    }

    /** A place on the stage. @param place millimetres: to the viewer's right, up, and towards the viewer */
    record Spot(String name, Vec place) implements LookPoint {
        public Spot {
            requireThat(!name.isBlank(), "A look point has a name.");
            requireThat(place.length() < 100_000, "A look point lies within 100 m.");
        }
    }

    /** What every line offers. */
    List<LookPoint> USUAL = List.of(
            new Viewer(),
            new Toward("Left", 26, 0),
            new Toward("Right", -26, 0),
            new Toward("Up", 6, 17),
            new Toward("Down", -4, -19),
            new Toward("Away", 19, -8));
}
