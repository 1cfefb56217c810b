package graykite.command;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.format.ProjectFiles;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.reading.Doubt;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Tells what is in a project: lines with their readings and doubts, scenes, cast. */
@Command(name = "info", description = "Lists the lines, scenes and cast of a project.", mixinStandardHelpOptions = true)
final class InfoCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "PROJECT", description = "A .kite file.")
    private Path file;

    @Option(names = "--json", description = "As JSON, for scripts.")
    private boolean json;

    @Override
    public Integer call() throws IOException {
        Project project = ProjectFiles.open(file);
        ObjectNode told = tell(project);
        if (json) {
            System.out.println(
                    new ObjectMapper().writerWithDefaultPrettyPrinter().writeValueAsString(told));
        } else {
            print(told);
        }
        return 0;
    }

    private static ObjectNode tell(Project project) {
        ObjectNode told = new ObjectMapper().createObjectNode();
        told.put("title", project.title()).put("rate", project.rate().toString());
        ArrayNode lines = told.putArray("lines");
        for (Line line : project.lines()) {
            ObjectNode node = lines.addObject();
            node.put("id", line.id()).put("title", line.title().strip());
            node.put("speaker", project.speakerOf(line).id());
            node.put("recording", line.sound().map(s -> s.name()).orElse(""));
            node.put("script", line.script().strip());
            node.put("read", line.timing().isPresent());
            line.timing()
                    .ifPresent(t -> node.put("words", t.words().size())
                            .put("seconds", t.duration())
                            .put("doubts", Doubt.of(t).size()));
        }
        ArrayNode scenes = told.putArray("scenes");
        for (SceneWork scene : project.scenes()) {
            ObjectNode node = scenes.addObject().put("id", scene.id()).put("title", scene.title());
            ArrayNode people = node.putArray("people");
            scene.people().forEach(p -> people.add(p.member()));
            ArrayNode blocks = node.putArray("blocks");
            scene.blocks().forEach(b -> blocks.addObject().put("line", b.line()).put("start", b.start()));
        }
        ArrayNode cast = told.putArray("cast");
        for (Member member : project.cast()) {
            cast.addObject()
                    .put("id", member.id())
                    .put("name", member.name())
                    .put("own", !(member.source() instanceof Member.Shipped));
        }
        return told;
    }

    private static void print(ObjectNode told) {
        System.out.printf(
                Locale.ROOT,
                "%s, %s frames a second%n",
                told.path("title").asText(),
                told.path("rate").asText());
        System.out.println("lines");
        told.path("lines")
                .forEach(l -> System.out.printf(
                        Locale.ROOT,
                        "  %-38s %-14s %-8s %s%n",
                        l.path("id").asText(),
                        l.path("speaker").asText(),
                        l.path("read").asBoolean()
                                ? String.format(
                                        Locale.ROOT,
                                        "%.2f s, %d words, %d doubts",
                                        l.path("seconds").asDouble(),
                                        l.path("words").asInt(),
                                        l.path("doubts").asInt())
                                : l.path("recording").asText().isEmpty() ? "no recording" : "not read",
                        l.path("title").asText()));
        System.out.println("scenes");
        told.path("scenes")
                .forEach(s -> System.out.printf(
                        Locale.ROOT,
                        "  %-38s %d people, %d lines  %s%n",
                        s.path("id").asText(),
                        s.path("people").size(),
                        s.path("blocks").size(),
                        s.path("title").asText()));
        System.out.println("cast");
        told.path("cast")
                .forEach(m -> System.out.printf(
                        Locale.ROOT,
                        "  %-38s %s%n",
                        m.path("id").asText(),
                        m.path("name").asText()));
    }
}
