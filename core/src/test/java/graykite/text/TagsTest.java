package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;

class TagsTest {
    private static List<String> marks(Script script) {
        return script.words().stream().map(Script.Word::mark).toList();
    }

    @Test
    void tagsAreNeverSpoken() {
        Script script = Script.of("[sigh] It wasn't me, [looks away]Captain![gulp]");
        assertEquals("it wasn't me captain", script.spokenText());
        assertEquals(List.of("[sigh]<", "", ",[looks_away]", "![gulp]"), marks(script));
        assertEquals(List.of("sigh"), Tags.before(marks(script).getFirst()));
        assertEquals(List.of("looks away"), Tags.after(marks(script).get(2)));
        assertEquals(List.of(), Tags.before(marks(script).get(2)));
        assertEquals(",", Tags.without(marks(script).get(2)));
        assertEquals("", Tags.without(marks(script).getFirst()));
    }

    @Test
    void whatIsNoTagStaysAsItWas() {
        assertEquals("who knows", Script.of("who [knows").spokenText());
        assertEquals("who knows", Script.of("who []knows").spokenText());
        assertTrue(Script.of("[sigh] [cough]").isEmpty());
        assertEquals(List.of("[a][b]<,"), marks(Script.of("[a] [b] well,")));
    }

    /** A reading writes its script down again: the tags are where they were. */
    @Test
    void tagsSurviveBeingWrittenDown() {
        Script script = Script.of("[sigh] It wasn't me, [looks away] Captain!");
        StringBuilder again = new StringBuilder();
        script.words()
                .forEach(w -> again.append(Tags.written(w.written(), w.mark())).append(' '));
        assertEquals("[sigh] It wasn't me, [looks away] Captain! ", again.toString());
        assertEquals(script.words(), Script.of(again.toString()).words());
    }

    @Test
    void joinedWordsKeepTheirTags() {
        assertEquals("[sigh]<[gulp]!", Tags.joined("[sigh]<,[gulp]", "!"));
        assertEquals("[sigh]<", Tags.head("[sigh]<,"));
        assertEquals(",", Tags.tail("[sigh]<,"));
    }
}
