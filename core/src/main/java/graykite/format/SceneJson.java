package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.scene.Stand;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** A scene of a project as JSON, and back. */
final class SceneJson {
    private SceneJson() {}

    /** @param place for messages */
    static SceneWork read(JsonNode json, String place) {
        try {
            List<SceneWork.Standing> people = new ArrayList<>();
            json.path("people").forEach(p -> people.add(standing(p)));
            List<SceneWork.Block> blocks = new ArrayList<>();
            json.path("blocks")
                    .forEach(b -> blocks.add(new SceneWork.Block(
                            b.path("line").asText(), b.path("start").asDouble(0))));
            return new SceneWork(
                    json.path("id").asText(Project.newId()), json.path("title").asText(""), people, blocks);
        } catch (IllegalArgumentException broken) {
            throw new BadInput(place + ": " + broken.getMessage(), broken);
        }
    }

    static SceneWork.Standing standing(JsonNode json) {
        Optional<Stand> stand = json.has("x")
                ? Optional.of(new Stand(
                        json.path("x").asDouble(),
                        json.path("z").asDouble(0),
                        json.path("facing").asDouble(0)))
                : Optional.empty();
        return new SceneWork.Standing(json.path("member").asText(), stand);
    }

    static void write(SceneWork scene, ObjectNode json) {
        json.put("id", scene.id()).put("title", scene.title());
        ArrayNode people = json.putArray("people");
        scene.people().forEach(p -> write(p, people.addObject()));
        ArrayNode blocks = json.putArray("blocks");
        scene.blocks().forEach(b -> blocks.addObject().put("line", b.line()).put("start", b.start()));
    }

    static void write(SceneWork.Standing standing, ObjectNode json) {
        json.put("member", standing.member());
        standing.stand().ifPresent(s -> json.put("x", s.x()).put("z", s.z()).put("facing", s.facing()));
    }

    /**
     * Up to format 4 a line had company: others on its stage. That is a scene now. A line that nobody had been given belongs
     * to whoever said it there.
     */
    static Project withCompany(JsonNode line, Line read, Project soFar) {
        JsonNode company = line.path("company");
        if (company.isEmpty()) {
            return soFar;
        }
        Project project = soFar;
        Set<String> people = new LinkedHashSet<>(List.of(soFar.speakerOf(read).id()));
        List<SceneWork.Block> blocks = new ArrayList<>(List.of(new SceneWork.Block(read.id(), 0)));
        Set<String> said = new HashSet<>(Set.of(read.id()));
        for (JsonNode other : company) {
            String member = other.path("member").asText().toLowerCase(Locale.ROOT);
            people.add(member);
            String spoken = other.path("line").asText("");
            if (!spoken.isEmpty() && said.add(spoken)) {
                blocks.add(new SceneWork.Block(spoken, other.path("start").asDouble(0)));
                Optional<Line> unowned =
                        project.line(spoken).filter(l -> l.speaker().isEmpty());
                if (unowned.isPresent() && project.member(member).isPresent()) {
                    project = project.with(unowned.get().withSpeaker(member));
                }
            }
        }
        List<SceneWork.Standing> standing = people.stream()
                .map(p -> new SceneWork.Standing(p, Optional.empty()))
                .toList();
        return project.with(new SceneWork(read.id() + "-scene", read.title(), standing, blocks));
    }
}
