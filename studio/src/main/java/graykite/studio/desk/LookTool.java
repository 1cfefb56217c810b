package graykite.studio.desk;

import graykite.acting.LookPoint;
import graykite.acting.LooksLayer.Ready;
import graykite.geometry.Vec;
import graykite.picture.Camera;
import graykite.studio.model.LookEdits;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.FaceTool;
import java.util.Locale;
import java.util.Optional;

/** A place that is looked at, put on the stage and dragged there: the eyes follow. It stays as far from the viewer as it is. */
final class LookTool implements FaceTool {
    /** Where a new place lies at first, in millimetres: before the face, a little over half way to the viewer. */
    private static final Vec FIRST = new Vec(0, 14, 600);

    private static final double GRAB = 14;

    private final Workspace workspace;
    private final Player player;
    private boolean placing;
    private long gesture;

    LookTool(Workspace workspace, Player player) {
        this.workspace = workspace;
        this.player = player;
    }

    private LookEdits edits() {
        return workspace.looks();
    }

    /** The next press on the stage puts a place there. */
    void place() {
        placing = true;
    }

    private Optional<LookPoint.Spot> spot() {
        return edits().look()
                .map(Ready::look)
                .map(l -> l.point())
                .filter(LookPoint.Spot.class::isInstance)
                .map(LookPoint.Spot.class::cast);
    }

    @Override
    public boolean press(View view, double x, double y) {
        gesture = workspace.newGesture();
        boolean held = spot().map(s -> screen(view, s.place()))
                .filter(p -> Math.hypot(p[0] - x, p[1] - y) < GRAB)
                .isPresent();
        if (!placing && !held) {
            return false;
        }
        if (!held && edits().look().isEmpty()) {
            edits().add(
                            named(under(view, x, y, FIRST)),
                            edits().room(player.time().get()));
        }
        placing = false;
        drag(view, x, y);
        return true;
    }

    @Override
    public void drag(View view, double x, double y) {
        Vec from = spot().map(LookPoint.Spot::place).orElse(FIRST);
        edits().point(named(under(view, x, y, from)), gesture);
    }

    private static LookPoint.Spot named(Vec place) {
        return new LookPoint.Spot(
                String.format(
                        Locale.ROOT, "%.0f, %.0f, %.0f", place.x() / 10, (place.y() - FIRST.y()) / 10, place.z() / 10),
                place);
    }

    /** The place under a pixel that is as far from the viewer as another. */
    static Vec under(View view, double x, double y, Vec like) {
        Camera camera = view.camera();
        double scale = camera.height() / view.height();
        Vec eye = camera.target().plus(camera.back().times(camera.distance()));
        Vec through = camera.target()
                .plus(camera.right().times((x - view.width() / 2.0) * scale))
                .plus(camera.up().times((view.height() / 2.0 - y) * scale));
        Vec way = through.minus(eye);
        double along = like.minus(eye).dot(camera.back()) / way.dot(camera.back());
        return eye.plus(way.times(along));
    }

    /** Where a place is seen. */
    static double[] screen(View view, Vec place) {
        Camera camera = view.camera();
        Vec eye = camera.target().plus(camera.back().times(camera.distance()));
        Vec way = place.minus(eye);
        double depth = Math.max(1, -way.dot(camera.back()));
        double scale = camera.distance() / depth * view.height() / camera.height();
        return new double[] {
            view.width() / 2.0 + way.dot(camera.right()) * scale, view.height() / 2.0 - way.dot(camera.up()) * scale
        };
    }

    @Override
    public Optional<double[]> mark(View view) {
        return spot().map(s -> screen(view, s.place()));
    }

    @Override
    public String hint() {
        return "Drag the ring: the eyes follow. \"Place on the stage\" puts one where you press.";
    }
}
