package graykite.studio;

import graykite.studio.desk.Desk;
import graykite.studio.model.Knot;
import graykite.studio.view.FaceTool;
import graykite.studio.view.MouthPictures;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.ScrollPane;

/** The desks of the seven knots and the pane that shows the open one. A desk is made when it is first opened: a start shows one. */
final class Desks {
    private final Map<Knot, Desk> made = new EnumMap<>(Knot.class);
    private final Function<Knot, Desk> maker;
    private final ObjectProperty<Knot> knot;
    private final ScrollPane pane = new ScrollPane();
    private Optional<MouthPictures> mouths = Optional.empty();

    /** @param knot whose desk is open */
    Desks(Function<Knot, Desk> maker, ObjectProperty<Knot> knot) {
        this.maker = maker;
        this.knot = knot;
        pane.getStyleClass().add("desk");
        pane.setFitToWidth(true);
        pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        pane.setPrefWidth(350);
        pane.setMinWidth(320);
    }

    ScrollPane pane() {
        return pane;
    }

    Desk of(Knot station) {
        return made.computeIfAbsent(station, k -> {
            Desk desk = maker.apply(k);
            mouths.ifPresent(desk::show);
            return desk;
        });
    }

    /**
     * Shows the desk of the knot.
     *
     * @param tool what the face is for; that is up to the desk
     */
    void open(ObjectProperty<Optional<FaceTool>> tool) {
        made.forEach((station, desk) -> {
            if (station != knot.get()) {
                desk.leave();
            }
        });
        Desk desk = of(knot.get());
        tool.unbind();
        tool.bind(desk.tool());
        desk.refresh();
        pane.setContent(desk);
        pane.setVvalue(0);
    }

    /** Brings the open desk up to date. */
    void refresh() {
        of(knot.get()).refresh();
    }

    /** Gives the small mouths of who speaks to every desk that shows them. */
    void show(MouthPictures pictures) {
        mouths = Optional.of(pictures);
        made.values().forEach(desk -> desk.show(pictures));
    }

    /** Scrolls the open desk: 0 its top, 1 its end. */
    void scroll(double share) {
        pane.setVvalue(share);
    }

    void close() {
        made.values().forEach(Desk::close);
    }
}
