package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.mouth.MouthChart;
import graykite.people.plan.PersonPlan;
import graykite.rig.Character;
import graykite.rig.Coupling;
import graykite.rig.Pose;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A character of the project's cast.
 *
 * @param id unique in the project, never shown
 * @param name what people call it
 * @param source where its figure comes from
 * @param library what the user decided about it; none while it is as it came
 */
public record Member(String id, String name, Source source, Optional<Library> library) {
    /** Where a figure comes from. */
    public sealed interface Source {}

    /** One that ships with Gray Kite, by its name. */
    public record Shipped(String figure) implements Source {}

    /** One that the user brought; it is kept in the project. */
    public record Own(Character figure) implements Source {}

    /** One that our generator carves of a plan, which the user shapes. */
    public record Carved(PersonPlan plan) implements Source {}

    /**
     * What a user decides about a character: it takes the place of what the figure itself brought.
     *
     * @param poses the pose library, visemes among them
     * @param roles which channels play which standard action
     * @param couplings rules between channels
     * @param chart its mouth chart; none while the standard one serves
     */
    public record Library(
            Map<String, Pose> poses, Map<String, Pose> roles, List<Coupling> couplings, Optional<MouthChart> chart) {
        public Library {
            poses = Collections.unmodifiableMap(new TreeMap<>(poses));
            roles = Collections.unmodifiableMap(new TreeMap<>(roles));
            couplings = List.copyOf(couplings);
        }

        /** What a figure came with or was given. */
        public static Library of(Character figure) {
            return new Library(figure.poses(), figure.roles(), figure.couplings(), Optional.empty());
        }

        public Library withPoses(Map<String, Pose> newPoses) {
            return new Library(newPoses, roles, couplings, chart);
        }

        public Library withRoles(Map<String, Pose> newRoles) {
            return new Library(poses, newRoles, couplings, chart);
        }

        public Library withCouplings(List<Coupling> newCouplings) {
            return new Library(poses, roles, newCouplings, chart);
        }

        /** The same with the standard chart. */
        public Library withoutChart() {
            return new Library(poses, roles, couplings, Optional.empty());
        }

        public Library withChart(MouthChart newChart) {
            return new Library(poses, roles, couplings, Optional.of(newChart));
        }
    }

    public Member {
        requireThat(!id.isBlank() && !name.isBlank(), "A member of the cast has an id and a name.");
    }

    public static Member shipped(String figure, String name) {
        return new Member(figure, name, new Shipped(figure), Optional.empty());
    }

    /** The figure with what the user decided about it. */
    public Character finished(Character figure) {
        return library.map(l -> figure.withName(name)
                        .withPoses(l.poses())
                        .withRoles(l.roles())
                        .withCouplings(l.couplings()))
                .orElse(figure.withName(name));
    }

    /** Its mouth chart. */
    public MouthChart chart() {
        return library.flatMap(Library::chart).orElseGet(MouthChart::standard);
    }

    public Member withName(String newName) {
        return new Member(id, newName, source, library);
    }

    public Member withSource(Source newSource) {
        return new Member(id, name, newSource, library);
    }

    public Member withLibrary(Library newLibrary) {
        return new Member(id, name, source, Optional.of(newLibrary));
    }
}
