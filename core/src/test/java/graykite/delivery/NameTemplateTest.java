package graykite.delivery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NameTemplateTest {
    @Test
    void fieldsAreFilledIn() {
        Map<String, String> values = Map.of("project", "Night ferry", "line", "3: Hush", "speaker", "Odile Marsh");
        assertEquals("Night_ferry_3_Hush_Odile_Marsh", NameTemplate.filled("{project}_{line}_{speaker}", values));
        assertEquals("take", NameTemplate.filled("{take}take", values));
    }

    @ParameterizedTest
    @CsvSource({
        "'a/b', slash",
        "'a\\b', slash",
        "'{who}', '{project}'",
        "'{line', brace",
        "' ', empty",
    })
    void whatCannotBeANameIsSaid(String template, String says) {
        BadInput refused = assertThrows(BadInput.class, () -> NameTemplate.check(template));
        assertTrue(refused.getMessage().contains(says), refused.getMessage());
    }

    /** Nothing that some system could not write, nothing hidden, no way out of the folder. */
    @ParameterizedTest
    @CsvSource({
        "'../../etc/passwd', etc_passwd",
        "'.hidden', hidden",
        "'what? who: \"me\" <b>|*', what_who_me_b",
        "'con', con_",
        "'???', untitled",
        "'Größe übers 東京', Größe_übers_東京",
        "'a   b', a_b",
    })
    void namesAreSafe(String text, String name) {
        assertEquals(name, NameTemplate.safe(text));
    }

    @Test
    void longNamesAreCutBetweenLetters() {
        String name = NameTemplate.safe("東😀".repeat(100).replace("😀", "語"));
        assertTrue(name.getBytes(StandardCharsets.UTF_8).length <= 180);
        assertTrue(name.length() > 50);
        assertTrue(name.chars().noneMatch(c -> c == '?'));
    }
}
