package graykite.studio.model;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Path;
import java.util.Properties;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class InterfaceSizeTest {
    @TempDir
    Path folder;

    private static Properties asked(Settings settings) {
        Properties toolkit = new Properties();
        InterfaceSize.ask(settings, toolkit);
        return toolkit;
    }

    @Test
    void itGrowsStepByStepAndIsKept() {
        Settings settings = new Settings(folder);
        assertEquals(100, InterfaceSize.of(settings));
        assertEquals(125, InterfaceSize.change(settings, 1));
        assertEquals(150, InterfaceSize.change(settings, 1));
        assertEquals(150, InterfaceSize.change(settings, 1), "no further");
        Settings later = new Settings(folder);
        assertEquals(150, InterfaceSize.of(later));
        assertEquals("150%", asked(later).getProperty("glass.gtk.uiScale"));
        assertEquals("150%", asked(later).getProperty("glass.win.uiScale"));
    }

    @Test
    void theSystemsOwnSizeCountsUntilOneIsChosen() {
        Settings settings = new Settings(folder);
        assertEquals(100, InterfaceSize.change(settings, -1), "no smaller");
        assertTrue(asked(settings).isEmpty());
        settings.setText("interface-size", "9000");
        assertTrue(asked(settings).isEmpty(), "what somebody wrote into the file by hand");
    }

    @Test
    void aSizeGivenByHandCounts() {
        Settings settings = new Settings(folder);
        InterfaceSize.change(settings, 1);
        Properties toolkit = new Properties();
        toolkit.setProperty("glass.gtk.uiScale", "2.0");
        InterfaceSize.ask(settings, toolkit);
        assertEquals("2.0", toolkit.getProperty("glass.gtk.uiScale"));
    }
}
