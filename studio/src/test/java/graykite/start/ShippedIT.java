package graykite.start;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.bytedeco.ffmpeg.global.avutil;
import org.junit.jupiter.api.Test;

/** What is packed into the application against what THIRD-PARTY.md says of it. */
class ShippedIT {
    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();
    private static final Set<String> OURS = Set.of("core", "media", "studio", "command");
    /** Libraries that the build of FFmpeg may say it was made with, by the name that the list has for them. */
    private static final List<String> HEADERS = List.of("vulkan", "cuda", "cuvid", "nvenc");

    private static String notices() throws IOException {
        return Files.readString(ROOT.resolve("THIRD-PARTY.md"));
    }

    /** Names in the first column of a table under a heading. */
    private static Set<String> listed(String heading) throws IOException {
        String text = notices();
        int from = text.indexOf("## " + heading);
        assertTrue(from >= 0, heading);
        int to = text.indexOf("\n## ", from);
        return text.substring(from, to < 0 ? text.length() : to)
                .lines()
                .filter(l -> l.startsWith("| ") && !l.startsWith("| jar"))
                .flatMap(l -> Arrays.stream(l.split("\\|")[1].strip().split(", ")))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void everyJarIsListedAndNothingElse() throws IOException {
        Set<String> packed = new TreeSet<>();
        for (String module : List.of("studio", "command")) {
            try (Stream<Path> jars = Files.list(ROOT.resolve(module).resolve("target/lib"))) {
                jars.map(j -> j.getFileName().toString().replaceFirst("-\\d.*", ""))
                        .filter(n -> !OURS.contains(n))
                        .forEach(packed::add);
            }
        }
        assertTrue(packed.size() > 20, packed.toString());
        assertEquals(packed, listed("Every jar that ships"));
        assertEquals(packed, parts());
    }

    /** Names in the lists of parts that the build makes (CycloneDX, ECMA-424). */
    private static Set<String> parts() throws IOException {
        Set<String> parts = new TreeSet<>();
        for (String module : List.of("studio", "command")) {
            JsonNode list = new ObjectMapper()
                    .readTree(ROOT.resolve(module).resolve("target/parts.json").toFile());
            assertEquals("CycloneDX", list.path("bomFormat").asText());
            for (JsonNode part : list.path("components")) {
                assertTrue(part.path("purl").asText().startsWith("pkg:maven/"), part.toString());
                parts.add(part.path("name").asText());
            }
        }
        parts.removeAll(OURS);
        return parts;
    }

    /** The build of FFmpeg says itself under which licence it is and what is in it. */
    @Test
    void whatIsInsideFfmpegIsListed() throws IOException {
        String notices = notices();
        assertEquals("LGPL version 3 or later", avutil.avutil_license().getString());
        assertTrue(notices.contains("LGPL 3 or later"));
        String inside = notices.substring(notices.indexOf("## Inside FFmpeg")).toLowerCase();
        for (String option : avutil.avutil_configuration().getString().split(" ")) {
            if (option.startsWith("--enable-lib") || HEADERS.stream().anyMatch(h -> option.equals("--enable-" + h))) {
                String library = option.replaceFirst("--enable-(lib)?", "");
                assertTrue(inside.contains(plain(library)), library + " is not listed");
            }
            assertTrue(!option.equals("--enable-gpl") && !option.equals("--enable-nonfree"), option);
        }
    }

    private static String plain(String library) {
        return switch (library) {
            case "mp3lame" -> "lame";
            case "opencore-amrnb", "opencore-amrwb" -> "opencore amr";
            case "vo-amrwbenc" -> "visualon";
            case "svtav1" -> "svt-av1";
            case "cuda", "cuvid", "nvenc" -> "nvidia";
            case "pulse" -> "pulseaudio";
            case "vpx", "aom", "webp", "xml2", "drm", "xcb" -> "lib" + library;
            default -> library;
        };
    }
}
