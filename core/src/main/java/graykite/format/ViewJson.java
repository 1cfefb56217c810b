package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.geometry.Vec;
import graykite.picture.Camera;
import graykite.project.KeptView;

/** Views as JSON: where the camera looks, from which side, and how much it sees. */
final class ViewJson {
    private ViewJson() {}

    static void write(KeptView view, ObjectNode json) {
        Camera camera = view.camera();
        json.put("name", view.name());
        json.putArray("target")
                .add(camera.target().x())
                .add(camera.target().y())
                .add(camera.target().z());
        json.put("yaw", camera.yaw()).put("pitch", camera.pitch());
        json.put("distance", camera.distance()).put("height", camera.height());
    }

    /** @throws IllegalArgumentException when it is no view */
    static KeptView read(JsonNode json) {
        JsonNode target = json.path("target");
        Camera usual = Camera.FRONT;
        Camera camera = new Camera(
                new Vec(
                        target.path(0).asDouble(),
                        target.path(1).asDouble(),
                        target.path(2).asDouble()),
                json.path("yaw").asDouble(),
                json.path("pitch").asDouble(),
                json.path("distance").asDouble(usual.distance()),
                json.path("height").asDouble(usual.height()));
        return new KeptView(json.path("name").asText(), camera);
    }
}
