package graykite.studio.view;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import javafx.scene.text.Font;
import org.junit.jupiter.api.Test;

/** Texts take the room that there is. */
class TextCutTest {
    private static final Font FONT = Font.font(12);
    private static final String NAME = "Odile Marsh: 1 Pim, the fog";

    @Test
    void aTextIsCutWhereItsRoomEnds() {
        double whole = TextCut.width(NAME, FONT);
        assertEquals(NAME, TextCut.cut(NAME, FONT, whole + 0.01));
        String cut = TextCut.cut(NAME, FONT, whole / 2);
        assertTrue(NAME.startsWith(cut));
        assertTrue(TextCut.width(cut, FONT) <= whole / 2);
        assertTrue(TextCut.width(NAME.substring(0, cut.length() + 1), FONT) > whole / 2, "no letter more would fit");
        assertEquals("", TextCut.cut(NAME, FONT, 0));
    }

    @Test
    void aNameThatGoesOnSaysSo() {
        double whole = TextCut.width(NAME, FONT);
        assertEquals(NAME, TextCut.shortened(NAME, FONT, whole));
        String shown = TextCut.shortened(NAME, FONT, whole - 1);
        assertTrue(shown.endsWith("…") && NAME.startsWith(shown.replace("…", "")), shown);
        assertTrue(TextCut.width(shown, FONT) <= whole - 1);
        double word = TextCut.width("Odile …", FONT);
        assertEquals("Odile…", TextCut.shortened(NAME, FONT, word), "no blank stands before the sign");
        assertEquals("", TextCut.shortened(NAME, FONT, TextCut.width("…", FONT)), "a sign alone says nothing");
        assertEquals("", TextCut.shortened(NAME, FONT, -5));
    }
}
