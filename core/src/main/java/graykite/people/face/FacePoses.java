package graykite.people.face;

import graykite.rig.Pose;
import graykite.rig.PoseBook;
import java.util.Map;

/**
 * What our own faces can look like, over the facial actions, from {@code face-poses.json}. Visemes have the names of {@code
 * graykite.mouth.Viseme}, one pose a shape, made to be told apart at the size of a thumbnail. Expressions that hardly open
 * the mouth can lie under speech; none of them sets what the sounds need for themselves (jaw, closures, tongue) unless the
 * feeling is the open mouth itself.
 */
public final class FacePoses {
    private static final PoseBook BOOK = PoseBook.shipped("/graykite/people/face-poses.json");

    private FacePoses() {}

    /** By name of viseme. */
    public static Map<String, Pose> visemes() {
        return BOOK.chapter("visemes");
    }

    /** By name of the feeling. */
    public static Map<String, Pose> expressions() {
        return BOOK.chapter("expressions");
    }
}
