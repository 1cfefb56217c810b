package graykite.edit;

import static graykite.edit.Edited.READING;
import static graykite.edit.Edited.START;
import static graykite.edit.Edited.after;
import static graykite.edit.Edited.line;
import static graykite.edit.Edited.refused;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.LayerPlan;
import graykite.acting.PoseKey;
import graykite.acting.PosesPlan;
import graykite.edit.ActingEdit.AddLayer;
import graykite.edit.ActingEdit.ChangeKey;
import graykite.edit.ActingEdit.ChangeLayer;
import graykite.edit.ActingEdit.KeyPose;
import graykite.edit.ActingEdit.OrderLayer;
import graykite.edit.ActingEdit.RemoveKey;
import graykite.edit.ActingEdit.RemoveLayer;
import graykite.edit.ActingEdit.Vary;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.project.Project;
import graykite.reading.WordFinder;
import java.util.List;
import org.junit.jupiter.api.Test;

class ActingEditTest {
    private static final LayerPlan MORE = new PosesPlan(LayerSetting.of("More", Blend.ADD), List.of());

    private static List<String> layers(Project project) {
        return line(project).layers().plans().stream()
                .map(p -> p.setting().name())
                .toList();
    }

    private static double time(PoseKey key) {
        return key.at().in(new WordFinder(READING));
    }

    @Test
    void instinctsAreVaried() {
        assertEquals(7, line(after(new Vary("a", 7))).seed());
        assertEquals(3, after(new Vary("b", 3)).line("b").orElseThrow().seed(), "also before it is read");
    }

    @Test
    void aKeyTakesThePlaceOfOneInTheSameFrame() {
        Project two = after(new KeyPose("a", 0.5, "Glad", 1, 0.2), new KeyPose("a", 1.5, "Sad", 0.5, 0.3));
        assertEquals(2, line(two).keys().size());
        Project again = after(two, new KeyPose("a", 0.51, "Angry", 1, 0.2));
        assertEquals(
                List.of("Angry", "Sad"),
                line(again).keys().stream().map(PoseKey::pose).toList());
        Project third = after(two, new KeyPose("a", 0.54, "Angry", 1, 0.2));
        assertEquals(3, line(third).keys().size(), "a frame later it is another key");
    }

    @Test
    void keysAreChangedAndRemoved() {
        Project one = after(new KeyPose("a", 0.5, "Glad", 1, 0.2));
        PoseKey moved = line(after(one, new ChangeKey("a", 0, 1.1, "Wry", 0.6, 0.4)))
                .keys()
                .getFirst();
        assertEquals(1.1, time(moved), 1e-9);
        assertEquals("Wry", moved.pose());
        assertEquals(0.6, moved.strength());
        assertEquals(0.4, moved.ease());
        PoseKey stays = line(after(one, new ChangeKey("a", 0, 0.5, "Wry", 1, 0.2)))
                .keys()
                .getFirst();
        assertEquals(line(one).keys().getFirst().at(), stays.at(), "it hangs where it hung");
        PoseKey first = line(after(one, new ChangeKey("a", 0, -3, "Wry", 1, 0.2)))
                .keys()
                .getFirst();
        assertEquals(0, time(first), 1e-9, "nothing is keyed before the line");
        assertTrue(line(after(one, new RemoveKey("a", 0))).keys().isEmpty());
        refused(one, "no keyed pose 1", new RemoveKey("a", 1));
        refused(one, "no keyed pose 4", new ChangeKey("a", 4, 1, "Wry", 1, 0.2));
    }

    @Test
    void keysAreHeldWithinTheirLimits() {
        refused("0.01 to 5 seconds", new KeyPose("a", 0.5, "Glad", 1, 0));
        refused("between 0 and 1.5", new KeyPose("a", 0.5, "Glad", 2, 0.2));
        refused("between 0 and 1.5", new KeyPose("a", 0.5, "Glad", Double.NaN, 0.2));
        refused("pose", new KeyPose("a", 0.5, " ", 1, 0.2));
    }

    @Test
    void layersAreAddedOrderedChangedAndRemoved() {
        assertEquals(List.of("Mouth", "Instincts", "Own curves", "Poses"), layers(START));
        Project more = after(new AddLayer("a", 99, MORE));
        assertEquals(List.of("Mouth", "Instincts", "Own curves", "Poses", "More"), layers(more));
        Project lower = after(more, new OrderLayer("a", 4, 2));
        assertEquals(List.of("Mouth", "Instincts", "More", "Own curves", "Poses"), layers(lower));
        Project named =
                after(lower, new ChangeLayer("a", 2, MORE.with(MORE.setting().withName("Less"))));
        assertEquals("Less", layers(named).get(2));
        assertEquals(layers(START), layers(after(named, new RemoveLayer("a", 2))));
        refused("name of its own", new AddLayer("a", 0, MORE.with(MORE.setting().withName("Mouth"))));
        refused("no layer 4", new RemoveLayer("a", 4));
        refused("no layer -1", new OrderLayer("a", -1, 0));
        refused("no layer 9", new ChangeLayer("a", 9, MORE));
    }

    /** Removing one layer loses nothing of another. */
    @Test
    void removingALayerLeavesTheOthersAlone() {
        Project keyed = after(new KeyPose("a", 0.5, "Glad", 1, 0.2), new Vary("a", 9));
        Project without = after(keyed, new RemoveLayer("a", 0));
        assertEquals(line(keyed).keys(), line(without).keys());
        assertEquals(9, line(without).seed());
        Project unposed = after(keyed, new RemoveLayer("a", 3));
        assertTrue(line(unposed).keys().isEmpty());
        assertEquals(9, line(unposed).seed());
    }

    /** A pose that is keyed while there is no layer for poses must not vanish. */
    @Test
    void aPoseIsKeyedAlsoWhereTheLayerIsGone() {
        Project unposed = after(new RemoveLayer("a", 3));
        Project keyed = after(unposed, new KeyPose("a", 0.5, "Glad", 1, 0.2));
        assertEquals(1, line(keyed).keys().size());
        Project varied = after(new RemoveLayer("a", 1), new Vary("a", 5));
        assertEquals(5, line(varied).seed());
    }
}
