package graykite.delivery;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.picture.Camera;
import graykite.picture.Dressing;
import graykite.picture.Picture;
import graykite.scene.Scene;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * A line or scene that is ready to be delivered.
 *
 * @param title of the line or scene
 * @param scene everybody on stage
 * @param dressing how it is lit, and what is behind everybody
 * @param sound what is heard
 * @param rate frames a second of the project
 * @param startFrame number of its first frame
 * @param people names, in the order of the stage
 * @param lines titles of the lines that are spoken, by id
 * @param notes what was said about it, in the order of time
 * @param views the view of a name; nothing where there is none
 * @param contact draws its sheet of pictures
 */
public record Subject(
        String title,
        Scene scene,
        Dressing dressing,
        Sound sound,
        FrameRate rate,
        long startFrame,
        List<String> people,
        Map<String, String> lines,
        List<Noted> notes,
        Function<String, Optional<Camera>> views,
        Function<Progress, Picture> contact) {
    /** Something that was said about a moment. @param time seconds */
    public record Noted(double time, String text) {}

    /** Somebody who speaks one line, outside any project. */
    public static Subject alone(String title, Scene scene, Sound sound, FrameRate rate, long startFrame) {
        return new Subject(
                title,
                scene,
                Dressing.USUAL,
                sound,
                rate,
                startFrame,
                List.of(scene.character(0).name()),
                Map.of("", title),
                List.of(),
                name -> Optional.ofNullable(Subjects.STANDARD.get(name)),
                progress -> {
                    throw new BadInput("A sheet of pictures is made of the lines of a project.");
                });
    }

    public Subject {
        people = List.copyOf(people);
        lines = Map.copyOf(lines);
        notes = List.copyOf(notes);
    }
}
