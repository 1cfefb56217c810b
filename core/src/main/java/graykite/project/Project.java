package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Everything that a user made, as a value: an edit is a new project that shares what did not change.
 *
 * @param title name of the project
 * @param character name of the character that speaks; "odile" ships with Gray Kite
 * @param rate frames a second of display and delivery
 * @param shots the lines, in order
 */
public record Project(String title, String character, FrameRate rate, List<Shot> shots) {
    public Project {
        shots = List.copyOf(shots);
        requireThat(shots.size() == shots.stream().map(Shot::id).distinct().count(), "Each line has an id of its own.");
    }

    public static Project empty() {
        return new Project("Untitled", "odile", FrameRate.THIRTY, List.of());
    }

    /** An id that no shot has. */
    public static String newId() {
        return UUID.randomUUID().toString();
    }

    public Optional<Shot> shot(String id) {
        return shots.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The project with a shot replaced by another of the same id, or added at the end. */
    public Project with(Shot shot) {
        List<Shot> changed = new ArrayList<>(shots);
        for (int i = 0; i < changed.size(); i++) {
            if (changed.get(i).id().equals(shot.id())) {
                changed.set(i, shot);
                return new Project(title, character, rate, changed);
            }
        }
        changed.add(shot);
        return new Project(title, character, rate, changed);
    }

    public Project without(String id) {
        return new Project(
                title,
                character,
                rate,
                shots.stream().filter(s -> !s.id().equals(id)).toList());
    }

    public Project withTitle(String newTitle) {
        return new Project(newTitle, character, rate, shots);
    }

    public Project withRate(FrameRate newRate) {
        return new Project(title, character, newRate, shots);
    }
}
