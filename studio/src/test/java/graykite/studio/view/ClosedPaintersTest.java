package graykite.studio.view;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verifyNoInteractions;

import graykite.format.character.Cast;
import graykite.picture.Camera;
import graykite.picture.Dressing;
import graykite.rig.Character;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.image.Image;
import org.junit.jupiter.api.Test;

/** A window that closes may still be laid out once: what it asks for then is passed over. */
class ClosedPaintersTest {
    @Test
    void theStageIsPaintedNoMore() {
        StagePainter painter = new StagePainter();
        StagePainter.Troupe troupe = mock();
        painter.close();
        painter.draw(troupe, List.of(), Optional.empty(), new StagePainter.Ground(Dressing.USUAL, false), List.of());
        verifyNoInteractions(troupe);
        assertEquals(0, painter.pictures());
    }

    @Test
    void smallPicturesArePaintedNoMore() {
        PosePictures painter = new PosePictures();
        Consumer<Image> shown = mock();
        Character pim = Cast.byName("pim");
        painter.close();
        painter.draw(
                pim,
                32,
                List.of(new PosePictures.Order(new double[pim.channels().size()], Camera.FRONT, shown)));
        verifyNoInteractions(shown);
    }
}
