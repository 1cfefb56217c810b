package graykite.delivery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.mouth.Lines;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.project.SoundFile;
import graykite.reading.Timing;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DeliveryPlanTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);
    private static final Timing TIMING = Lines.spoken("wake up", 0.1);

    @TempDir
    Path folder;

    private static Line line(String id, String title, String speaker) {
        return Line.empty(id, title)
                .withSpeaker(speaker)
                .withSound(new SoundFile("take 7 " + id + ".wav", new byte[] {1}))
                .withTiming(TIMING);
    }

    private static final Project PROJECT = Project.empty()
            .withTitle("Night ferry")
            .with(line("a", "Fog", "odile"))
            .with(line("b", "Bell", "pim"))
            .with(SceneWork.empty("s", "Quay")
                    .withBlocks(List.of(new SceneWork.Block("a", 0), new SceneWork.Block("b", 1))));

    private List<String> names(List<Item> items, Order order) {
        return DeliveryPlan.of(PROJECT, items, order, folder, TODAY).outputs().stream()
                .map(o -> folder.relativize(o.path()).toString())
                .toList();
    }

    @Test
    void aFileForEachPersonViewAndLine() {
        Order order = Order.of(Kind.GLB, Kind.MOVIE, Kind.WAV, Kind.WORDS_CTM)
                .withPictures(Order.Pictures.STANDARD.seen(List.of("front", "profile")));
        assertEquals(
                List.of("Fog.glb", "Fog-front.mp4", "Fog-profile.mp4", "Fog.wav", "Fog-words.ctm"),
                names(List.of(Item.line("a")), order));
        assertEquals(
                List.of(
                        "Quay-odile.glb",
                        "Quay-pim.glb",
                        "Quay-front.mp4",
                        "Quay-profile.mp4",
                        "Quay.wav",
                        "Quay-Fog-words.ctm",
                        "Quay-Bell-words.ctm"),
                names(List.of(Item.scene("s")), order));
    }

    @Test
    void everyFieldIsFilled() {
        Order order = Order.of(Kind.WAV).withNames("{project}-{number}-{line}-{speaker}-{take}-{rate}-{date}");
        assertEquals(
                List.of("Night_ferry-002-Bell-Pim_Tarrant-take_7_b-30-2026-11-27.wav"),
                names(List.of(Item.line("b")), order));
        assertEquals(
                List.of("Night_ferry-002-Bell-Odile_Marsh-take_7_b-30-2026-11-27.wav"),
                names(List.of(Item.line("b").as("odile")), order));
    }

    @Test
    void clashesAreFoundBeforeAnythingIsWritten() {
        List<Item> twice = List.of(Item.line("a").as("odile"), Item.line("a").as("pim"));
        BadInput clash = assertThrows(BadInput.class, () -> names(twice, Order.of(Kind.GLB)));
        assertTrue(clash.getMessage().contains("Fog.glb"), clash.getMessage());
        assertEquals(
                2,
                names(twice, Order.of(Kind.GLB).withNames("{line}_{speaker}")).size());
        assertThrows(BadInput.class, () -> names(List.of(Item.line("gone")), Order.of(Kind.GLB)));
        assertThrows(BadInput.class, () -> names(List.of(Item.line("a").as("nobody")), Order.of(Kind.GLB)));
    }

    /** A line that is not read is planned all the same, so that it is said when it cannot be written. */
    @Test
    void anUnreadLineIsNotPassedOver() {
        Project more = PROJECT.with(Line.empty("c", "Unread"));
        List<Output> outputs = DeliveryPlan.of(
                        more, List.of(Item.line("c")), Order.of(Kind.WORDS_CSV, Kind.MOVIE), folder, TODAY)
                .outputs();
        assertEquals(
                List.of(Kind.MOVIE, Kind.WORDS_CSV),
                outputs.stream().map(Output::kind).sorted().toList());
        Project half = more.with(more.scene("s").orElseThrow().with(new SceneWork.Block("c", 5)));
        assertEquals(
                List.of("a", "b"),
                DeliveryPlan.of(half, List.of(Item.scene("s")), Order.of(Kind.WORDS_CSV), folder, TODAY)
                        .outputs()
                        .stream()
                        .map(Output::line)
                        .toList());
    }

    @Test
    void whatIsThereIsNamed() throws Exception {
        DeliveryPlan plan =
                DeliveryPlan.of(PROJECT, List.of(Item.line("a"), Item.line("b")), Order.of(Kind.WAV), folder, TODAY);
        plan.checkNothingIsReplaced();
        Files.writeString(folder.resolve("Bell.wav"), "mine");
        assertEquals(List.of(folder.resolve("Bell.wav")), plan.existing());
        BadInput there = assertThrows(BadInput.class, plan::checkNothingIsReplaced);
        assertTrue(there.getMessage().startsWith("Bell.wav"), there.getMessage());
        assertTrue(plan.bytes() > 0);
    }
}
