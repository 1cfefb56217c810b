package graykite.studio.live;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.studio.model.Settings;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** How passes are recorded is remembered from one start to the next. */
class LiveSettingsTest {
    @Test
    void theyAreRemembered(@TempDir Path folder) {
        LiveSettings first = new LiveSettings(new Settings(folder));
        assertEquals(0.3, first.smooth().get());
        assertEquals(0.01, first.thin().get());
        assertEquals(0, first.mouth().get(), "a captured mouth is left to speech");
        assertFalse(first.adds().get() || first.countIn().get());
        first.smooth().set(0.625);
        first.thin().set(0);
        first.adds().set(true);
        LiveSettings again = new LiveSettings(new Settings(folder));
        assertEquals(0.625, again.smooth().get());
        assertEquals(0, again.thin().get());
        assertTrue(again.adds().get());
    }

    @Test
    void whatWasWrittenByOthersIsPassedOver(@TempDir Path folder) {
        Settings settings = new Settings(folder);
        settings.setText("live.smooth", "a lot");
        settings.setText("live.mouth", "-4");
        settings.setText("live.thin", "7");
        LiveSettings live = new LiveSettings(settings);
        assertEquals(0.3, live.smooth().get());
        assertEquals(0, live.mouth().get());
        assertEquals(1, live.thin().get(), "held in its range");
    }
}
