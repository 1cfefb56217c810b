package graykite.studio.desk;

import graykite.live.Instrument;
import graykite.rig.Channel;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.Group;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.shape.SVGPath;
import javafx.scene.transform.Scale;
import javafx.scene.transform.Translate;

/** A face and shoulders drawn with a few lines: its parts are chosen to be performed, one or several. */
final class FaceChooser extends Pane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double SIZE = 0.76;
    private static final double WIDTH = 126 * SIZE;
    private static final double HEIGHT = 206 * SIZE;

    /** What can be pressed of each part, drawn and filled; the head lies below the others. */
    private static final Map<Channel.Group, List<String>> SHAPES = new EnumMap<>(Map.of(
            Channel.Group.HEAD,
            List.of(
                    "M85 4 C38 4 22 42 24 84 C25 108 31 124 42 140 C50 152 120 152 128 140 C139 124 145 108 146 84 C148 42 132 4 85 4 Z"),
            Channel.Group.BROWS,
            List.of(
                    "M38 58 C46 46 62 44 76 52 L75 59 C62 52 50 54 40 64 Z",
                    "M132 58 C124 46 108 44 94 52 L95 59 C108 52 120 54 130 64 Z"),
            Channel.Group.LIDS,
            List.of(
                    "M40 78 C48 64 66 64 74 78 C66 71 48 71 40 78 Z",
                    "M130 78 C122 64 104 64 96 78 C104 71 122 71 130 78 Z"),
            Channel.Group.EYES,
            List.of(
                    "M57 75 m-9 4 a9 9 0 1 0 18 0 a9 9 0 1 0 -18 0 Z",
                    "M113 75 m-9 4 a9 9 0 1 0 18 0 a9 9 0 1 0 -18 0 Z"),
            Channel.Group.CHEEKS,
            List.of(
                    "M32 98 C36 92 58 92 62 102 C62 114 44 118 36 112 Z",
                    "M138 98 C134 92 112 92 108 102 C108 114 126 118 134 112 Z"),
            Channel.Group.LIPS,
            List.of("M58 124 C68 116 78 116 85 120 C92 116 102 116 112 124 C102 136 68 136 58 124 Z"),
            Channel.Group.JAW,
            List.of("M44 142 C58 154 112 154 126 142 C122 166 100 174 85 174 C70 174 48 166 44 142 Z"),
            Channel.Group.BODY,
            List.of("M22 204 C26 184 42 176 60 172 C74 184 96 184 110 172 C128 176 144 184 148 204 Z")));

    private static final List<Channel.Group> ORDER = List.of(
            Channel.Group.HEAD,
            Channel.Group.BROWS,
            Channel.Group.EYES,
            Channel.Group.LIDS,
            Channel.Group.CHEEKS,
            Channel.Group.LIPS,
            Channel.Group.JAW,
            Channel.Group.BODY);

    private final Map<Channel.Group, Group> parts = new EnumMap<>(Channel.Group.class);
    private final Set<Channel.Group> chosen = new LinkedHashSet<>();
    private final Consumer<Set<Channel.Group>> told;

    /** @param told is called with all that is chosen whenever it changes */
    FaceChooser(Consumer<Set<Channel.Group>> told) {
        this.told = told;
        getStyleClass().add("face-chooser");
        setMinSize(WIDTH, HEIGHT);
        setMaxSize(WIDTH, HEIGHT);
        Group all = new Group();
        all.getTransforms().addAll(new Scale(SIZE, SIZE), new Translate(-22, 0));
        for (Channel.Group region : ORDER) {
            Group part = part(region);
            parts.put(region, part);
            all.getChildren().add(part);
        }
        getChildren().add(all);
    }

    private Group part(Channel.Group region) {
        Instrument plays = Instrument.ALL.stream()
                .filter(i -> i.region() == region)
                .findFirst()
                .orElseThrow();
        Group part = new Group();
        for (String outline : SHAPES.get(region)) {
            SVGPath shape = new SVGPath();
            shape.setContent(outline);
            shape.getStyleClass().add("face-part");
            part.getChildren().add(shape);
        }
        part.setId("play-" + plays.name().toLowerCase(Locale.ROOT));
        part.setAccessibleRole(AccessibleRole.TOGGLE_BUTTON);
        part.setAccessibleText(plays.name() + ": " + plays.says());
        part.setFocusTraversable(true);
        Tooltip.install(part, new Tooltip(plays.name() + ": " + plays.says() + "\nCtrl or Shift takes several"));
        part.setOnMouseClicked(e -> toggle(region, e.isControlDown() || e.isShiftDown()));
        part.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                toggle(region, true);
                e.consume();
            }
        });
        return part;
    }

    private void toggle(Channel.Group region, boolean several) {
        boolean was = chosen.contains(region);
        if (!several) {
            chosen.clear();
        }
        if (was) {
            chosen.remove(region);
        } else {
            chosen.add(region);
        }
        show(chosen);
        told.accept(Set.copyOf(chosen));
    }

    /** Shows what is chosen without telling it. */
    void show(Set<Channel.Group> regions) {
        Set<Channel.Group> now = Set.copyOf(regions);
        chosen.clear();
        ORDER.stream().filter(now::contains).forEach(chosen::add);
        parts.forEach((region, part) ->
                part.getChildren().forEach(n -> n.pseudoClassStateChanged(CHOSEN, chosen.contains(region))));
    }
}
