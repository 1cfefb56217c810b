package graykite.delivery;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.format.FrameTable;
import graykite.format.character.Cast;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.time.FrameRate;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class WantedTest {
    private static final Character ODILE = Cast.byName("odile");

    @Test
    void regionsAndNames() {
        Wanted wanted = Wanted.of(ODILE, List.of("Head", "jawdrop", "nothing of hers"));
        for (Channel channel : ODILE.channels()) {
            boolean expected =
                    channel.group() == Channel.Group.HEAD || channel.name().equals("jawDrop");
            assertEquals(expected, wanted.has(channel.name()), channel.name());
        }
        assertTrue(ODILE.channels().stream()
                .allMatch(c -> Wanted.of(ODILE, List.of()).has(c.name())));
        BadInput none = assertThrows(BadInput.class, () -> Wanted.of(ODILE, List.of("tail", "wings")));
        assertTrue(none.getMessage().contains("tail, wings"), none.getMessage());
    }

    /** In glTF what is not wanted rests; the table itself stays as it was. */
    @Test
    void othersRest() {
        List<String> names = ODILE.channels().stream().map(Channel::name).toList();
        double[] row = new double[names.size()];
        Arrays.fill(row, 0.5);
        FrameTable table = new FrameTable(FrameRate.FILM, 7, names, List.of(row));
        Wanted wanted = Wanted.of(ODILE, List.of("jaw"));
        FrameTable still = wanted.atRest(table);
        for (int c = 0; c < names.size(); c++) {
            assertEquals(wanted.has(names.get(c)) ? 0.5 : 0, still.rows().getFirst()[c], names.get(c));
        }
        assertEquals(7, still.firstFrame());
        assertEquals(0.5, row[names.indexOf("headYaw")]);
        assertSame(table, Wanted.of(ODILE, List.of()).atRest(table));
        FrameTable only = table.only(wanted::has);
        assertFalse(only.channels().contains("headYaw"));
        assertArrayEquals(
                new double[only.channels().size()],
                Arrays.stream(only.rows().getFirst()).map(v -> v - 0.5).toArray());
    }
}
