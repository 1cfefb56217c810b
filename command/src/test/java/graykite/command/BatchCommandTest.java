package graykite.command;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import graykite.command.Spoken.Said;
import graykite.format.DictionFiles;
import graykite.mouth.Diction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A table of lines from the command line: good and bad rows, going on, shards, and a disk that is full. */
class BatchCommandTest {
    @TempDir
    static Path sounds;

    @TempDir
    Path folder;

    @BeforeAll
    static void record() throws Exception {
        Spoken.say(sounds, "bell", "The fog bell rang.");
        Spoken.say(sounds, "boat", "Boat ahead.");
        Spoken.say(sounds, "map", "Who put my map up?");
        Files.writeString(sounds.resolve("broken.wav"), "RIFF no sound at all");
    }

    private Path table(String text) throws Exception {
        return Files.writeString(sounds.resolve("t" + Math.abs(text.hashCode()) + ".csv"), text);
    }

    private Said batch(Path table, Path out, String... more) {
        List<String> arguments =
                new ArrayList<>(List.of("batch", table.toString(), "-o", out.toString(), "--format", "csv"));
        arguments.addAll(List.of(more));
        return Spoken.run(arguments.toArray(String[]::new));
    }

    private static List<CSVRecord> rows(Path csv) throws Exception {
        CSVFormat named = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        return CSVParser.parse(csv, StandardCharsets.UTF_8, named).getRecords();
    }

    private static List<CSVRecord> report(Path out) throws Exception {
        return rows(out.resolve("report.csv"));
    }

    /** Every file below a folder but reports and records, by its path. */
    static Map<String, byte[]> delivered(Path out) throws Exception {
        Map<String, byte[]> all = new TreeMap<>();
        try (var files = Files.walk(out)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                String name = out.relativize(file).toString();
                if (!name.startsWith("report.") && !name.startsWith(".kite-batch")) {
                    all.put(name, Files.readAllBytes(file));
                }
            }
        }
        return all;
    }

    /** What a report says but how long things took. */
    static List<String> said(Path out) throws Exception {
        return report(out).stream()
                .map(r -> {
                    Map<String, String> cells = r.toMap();
                    cells.remove("took");
                    return new TreeMap<>(cells).toString();
                })
                .toList();
    }

    /** One bad row never stops the rest; each mistake is one line with row and column, and the report says it too. */
    @Test
    void goodAndBadRows() throws Exception {
        Path table = table("""
                audio;out;character;text;fps;format;diction;edits
                bell.wav;ch1/bell;pim;;24;csv,srt;whispered;
                boat.wav;boat;brine;;;;;
                gone.wav;;;;;;;
                broken.wav;;;;;;;
                map.wav;fast;;;often;;;
                map.wav;avi;;;;avi;;
                map.wav;who;nobody;;;;;
                map.wav;shy;;;;;shy;
                boat.wav;BOAT;;;;;;
                map.wav;edited;;;;;;gone.jsonl
                """);
        Path out = folder.resolve("out");
        Said said = batch(table, out);
        assertEquals(1, said.code(), said.err());
        assertEquals(
                List.of("good", "good", "failed", "failed", "failed", "failed", "failed", "failed", "failed", "failed"),
                report(out).stream().map(r -> r.get("status")).toList());
        for (String line : List.of(
                "row 4, audio: ",
                "row 5: broken.wav",
                "row 6, fps: ",
                "row 7, format: ",
                "row 8, character: ",
                "row 9, diction: ",
                "row 10, out: row 3 ",
                "row 11, edits: ")) {
            assertEquals(
                    1,
                    said.err()
                            .lines()
                            .filter(l -> l.startsWith("kite: " + line))
                            .count(),
                    line + " in\n" + said.err());
        }
        assertEquals(
                List.of("boat.csv", "ch1/bell.csv", "ch1/bell.srt"),
                List.copyOf(delivered(out).keySet()));
        assertTrue(Files.readString(out.resolve("ch1/bell.srt")).contains("The fog bell rang."));
        // 24 frames a second: the second row of the curves is a 24th of a second in.
        assertTrue(Files.readAllLines(out.resolve("ch1/bell.csv")).get(2).startsWith("0.041667,"));
        assertTrue(said.out().startsWith("2 good, 8 failed, 0 waiting"), said.out());
    }

    /** Edits are done to each line before it is delivered; a change of their file does the row again. */
    @Test
    void editsAndSettingsOfARow() throws Exception {
        Files.writeString(
                sounds.resolve("smile.jsonl"),
                "{\"edit\":\"add-clip\",\"line\":\"line\",\"from\":0,\"to\":0.9,\"pose\":\"Amused\",\"amount\":1}\n");
        Path table = table("audio,out,edits,diction,motion,seed,gain\nbell.wav,plain,,,,,\n"
                + "bell.wav,smiling,smile.jsonl,,,,\nbell.wav,shouted,,shouted,crisp,3,6\n");
        Path out = folder.resolve("out");
        Said said = batch(table, out);
        assertEquals(0, said.code(), said.err());
        double plain = most(out.resolve("plain.csv"), "lipCornerPuller.L");
        assertTrue(
                most(out.resolve("smiling.csv"), "lipCornerPuller.L") > plain + 0.2, "the expression is on the line");
        assertTrue(most(out.resolve("shouted.csv"), "jawDrop") > 1.1 * most(out.resolve("plain.csv"), "jawDrop"));
        Files.writeString(sounds.resolve("smile.jsonl"), "# nothing any more\n");
        Said again = batch(table, out);
        assertTrue(again.err().contains("2 done before"), again.err());
        assertEquals(plain, most(out.resolve("smiling.csv"), "lipCornerPuller.L"), 1e-9);
    }

    private static double most(Path curves, String channel) throws Exception {
        return rows(curves).stream()
                .mapToDouble(r -> Double.parseDouble(r.get(channel)))
                .max()
                .orElseThrow();
    }

    /** People by their full names, and dictions of one's own: what changes in such a file does its rows again, and no others. */
    @Test
    void ownDictionsAndFullNames() throws Exception {
        Path own = sounds.resolve("storm" + DictionFiles.EXTENSION);
        DictionFiles.save(Diction.PLAIN, own);
        Path table = table("audio,out,character,diction\nbell.wav,a,Pim Tarrant,\nbell.wav,b,,storm"
                + DictionFiles.EXTENSION + "\n");
        Path out = folder.resolve("out");
        assertEquals(0, batch(table, out).code());
        assertEquals("Pim Tarrant", report(out).getFirst().get("character"));
        double plain = most(out.resolve("b.csv"), "jawDrop");
        DictionFiles.save(DictionFiles.shipped().get("shouted"), own);
        Said again = batch(table, out);
        assertTrue(again.err().contains("1 done before"), again.err());
        assertTrue(most(out.resolve("b.csv"), "jawDrop") > plain);
    }

    /** A folder needs no table: every recording in it is a line, with the script beside it where there is one. */
    @Test
    void aFolderOfRecordings() throws Exception {
        Path lines = Files.createDirectory(folder.resolve("lines"));
        Spoken.say(lines, "a", "Boat ahead.");
        Files.copy(sounds.resolve("bell.wav"), lines.resolve("b.wav"));
        Files.copy(sounds.resolve("bell.wav"), lines.resolve("b.flac"));
        Path out = folder.resolve("out");
        Said said = Spoken.run("batch", lines.toString(), "-o", out.toString(), "--format", "srt,csv");
        assertEquals(1, said.code(), said.err());
        assertTrue(said.err().contains("row 3, out: row 2 is written as"), said.err());
        assertEquals(
                2,
                report(out).stream().filter(r -> r.get("status").equals("good")).count());
        assertEquals("Boat ahead.", Files.readAllLines(out.resolve("a.srt")).get(2));
        assertTrue(Files.exists(out.resolve("b.csv")), "one without a script is read by its sound");
        assertEquals(1, batch(out.resolve(".kite-batch"), out).code(), "a folder without recordings");
    }

    /** A run goes on where it was: what is done and unchanged is left alone, what changed or is gone is done again. */
    @Test
    void nothingIsDoneTwice() throws Exception {
        Path table = table("audio,text\nbell.wav,\nboat.wav,Boat ahead\nmap.wav,\n");
        Path out = folder.resolve("out");
        assertEquals(0, batch(table, out).code());
        FileTime old = FileTime.fromMillis(1_000_000_000_000L);
        for (String name : List.of("bell", "boat", "map")) {
            Files.setLastModifiedTime(out.resolve(name + ".csv"), old);
        }
        Said again = batch(table, out);
        assertEquals(0, again.code());
        assertTrue(again.err().contains("3 done before"), again.err());
        assertEquals(old, Files.getLastModifiedTime(out.resolve("bell.csv")));

        Files.delete(out.resolve("boat.csv"));
        Files.writeString(table, "audio,text\nbell.wav,\nboat.wav,Boat ahead\nmap.wav,Who put my map there?\n");
        Said changed = batch(table, out);
        assertTrue(changed.err().contains("1 done before"), changed.err());
        assertEquals(old, Files.getLastModifiedTime(out.resolve("bell.csv")));
        assertTrue(Files.exists(out.resolve("boat.csv")));
        assertNotEquals(old, Files.getLastModifiedTime(out.resolve("map.csv")));

        batch(table, out, "--again");
        assertNotEquals(old, Files.getLastModifiedTime(out.resolve("bell.csv")));
    }

    /** A file that is not of an earlier run stays, unless one says otherwise; what a stopped run left is its own. */
    @Test
    void whatIsSomebodysStays() throws Exception {
        Path table = table("audio,out\nboat.wav,mine\n");
        Path out = Files.createDirectory(folder.resolve("out"));
        Files.writeString(out.resolve("mine.csv"), "mine");
        Said refused = batch(table, out);
        assertEquals(1, refused.code());
        assertTrue(refused.err().contains("row 2, out: mine.csv is there already"), refused.err());
        assertEquals("mine", Files.readString(out.resolve("mine.csv")));
        assertEquals(0, batch(table, out, "--overwrite").code());
        assertNotEquals("mine", Files.readString(out.resolve("mine.csv")));

        // As if it had been stopped between the file and what is kept of it.
        Path record;
        try (var files = Files.walk(out.resolve(".kite-batch"))) {
            record = files.filter(Files::isRegularFile).findFirst().orElseThrow();
        }
        Files.writeString(record, Files.readString(record).replace("\"state\":\"good\"", "\"state\":\"begun\""));
        Said waiting = batch(table, out, "--report");
        assertTrue(waiting.out().contains("1 waiting"), waiting + Files.readString(record));
        assertEquals(0, batch(table, out).code());
    }

    /** The same bytes and the same report, however many at once and in however many shards. */
    @Test
    void jobsAndShardsComeToTheSame() throws Exception {
        Path table =
                table("audio,out,character\nbell.wav,a,odile\nboat.wav,b,pim\nmap.wav,c,odile\nbell.wav,d,brine\n");
        Path one = folder.resolve("one");
        Path three = folder.resolve("three");
        assertEquals(0, batch(table, one, "--jobs", "1").code());
        Said first = batch(table, three, "--jobs", "2", "--shard", "1/3");
        assertEquals(0, first.code(), first.err());
        assertTrue(first.out().contains("2 waiting"), first.out());
        assertEquals(0, batch(table, three, "--shard", "3/3").code());
        assertEquals(0, batch(table, three, "--shard", "2/3").code());
        assertEquals(said(one), said(three));
        Map<String, byte[]> expected = delivered(one);
        Map<String, byte[]> got = delivered(three);
        assertEquals(expected.keySet(), got.keySet());
        expected.forEach((name, bytes) -> assertArrayEquals(bytes, got.get(name), name));
        assertEquals(2, batch(table, one, "--shard", "0/3").code());
    }

    /** A full disk (a small one of memory) is one line a row, nothing half stays, and with room it goes on. */
    @Test
    void aFullDisk() throws Exception {
        Path disk = Files.createDirectory(folder.resolve("disk"));
        Process mount = new ProcessBuilder("mount", "-t", "tmpfs", "-o", "size=20k", "none", disk.toString())
                .redirectErrorStream(true)
                .start();
        assumeTrue(mount.waitFor() == 0, "only who may mount can have a small disk");
        try {
            Path table = table("audio,format\nbell.wav,wav\nmap.wav,wav\n");
            Said full = batch(table, disk);
            assertEquals(1, full.code());
            assertTrue(full.err().contains("could not be written") || full.err().contains("No space"), full.err());
            assertFalse(full.err().contains("\tat "), "no trace of the program: " + full.err());
            try (var files = Files.walk(disk)) {
                assertEquals(
                        List.of(),
                        files.map(f -> f.getFileName().toString())
                                .filter(n -> n.startsWith(".part-") || n.endsWith(".wav"))
                                .toList());
            }
        } finally {
            new ProcessBuilder("umount", disk.toString()).start().waitFor();
        }
    }
}
