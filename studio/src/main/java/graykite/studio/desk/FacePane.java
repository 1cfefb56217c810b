package graykite.studio.desk;

import graykite.people.plan.Chance;
import graykite.people.plan.Garment;
import graykite.people.plan.HairStyle;
import graykite.people.plan.Paint;
import graykite.people.plan.Palettes;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.PersonPlan.Hair;
import graykite.people.plan.PersonPlan.Skin;
import graykite.people.plan.Slider;
import graykite.studio.model.FaceShaping;
import graykite.studio.model.Trial;
import graykite.studio.model.Workspace;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;
import java.util.random.RandomGenerator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import org.kordamp.ikonli.feather.Feather;

/** A face of your own: its form on sliders, its colours, its hair and what it wears. */
final class FacePane extends VBox {
    private static final String NOTHING = "nothing";

    private final Trial trial;
    private final FaceShaping shaping;
    private final CastDesk.Asks asks;
    private final RandomGenerator random = RandomGenerator.getDefault();
    private final VBox own = new VBox(8);
    private final VBox form = new VBox(1);
    private final VBox looks = new VBox(8);
    private final VBox finished = new VBox(8);
    private final Label finishedText = Parts.quiet("");
    private final Button makeLike = new Button();
    private final Map<Slider, Parts.Tuner> tuners = new EnumMap<>(Slider.class);
    private final Swatches skins;
    private final Swatches eyes;
    private final Swatches hairs;
    private final Swatches furs;
    private final ComboBox<String> style = new ComboBox<>();
    private final Label skinName = name("Skin");
    private final Map<Garment.Slot, GarmentRow> garments = new EnumMap<>(Garment.Slot.class);
    private boolean showing;

    FacePane(Workspace workspace, Trial trial, CastDesk.Asks asks, CharacterSaves saves) {
        super(8);
        this.trial = trial;
        this.asks = asks;
        shaping = new FaceShaping(workspace, trial);
        skins = new Swatches(
                "Skin",
                Palettes.SKINS.stream().map(Skin::base).toList(),
                i -> skin(Palettes.SKINS.get(i)),
                paint -> skin(Palettes.skinOf(paint)));
        furs = new Swatches(
                "Fur",
                Palettes.FURS.stream().map(List::getFirst).toList(),
                i -> change(
                        "Colour of the fur",
                        p -> p.inFur(
                                Palettes.FURS.get(i).getFirst(),
                                Palettes.FURS.get(i).getLast())),
                paint -> change("Colour of the fur", p -> p.inFur(paint, paint.mix(Paint.of("#F4EAD8"), 0.65))));
        eyes = new Swatches("Eyes", Palettes.EYES, i -> iris(Palettes.EYES.get(i)), this::iris);
        hairs = new Swatches(
                "Hair",
                Palettes.HAIR.stream().map(Hair::light).toList(),
                i -> hair(Palettes.HAIR.get(i)),
                paint -> hair(new Hair(HairStyle.NONE, paint, paint.mix(Paint.of("#141012"), 0.45))));
        form(saves);
        colours();
        for (Garment.Slot slot : Garment.Slot.values()) {
            GarmentRow row = new GarmentRow(slot, this::wear);
            garments.put(slot, row);
            looks.getChildren().add(row);
        }
        makeLike.setId("face-like");
        finished.getChildren().addAll(finishedText, makeLike);
        getChildren().addAll(finished, own);
        setId("face-pane");
    }

    private void form(CharacterSaves saves) {
        Button chance = Parts.button(
                "Chance",
                Feather.SHUFFLE,
                "Somebody else by chance: form, colours, hair and clothes. Undo brings this one back",
                "face-chance",
                () -> at(p -> Chance.of(p, random), "Another face by chance"));
        Button carved = Parts.button(
                "As carved",
                Feather.ROTATE_CCW,
                "Every slider back to its middle",
                "face-carved",
                () -> at(p -> p.withShaping(Map.of()), "Sliders to their middle"));
        Button save = Parts.button(
                "",
                Feather.SAVE,
                "Save the plan of this face, to be made again or changed by hand",
                "face-save",
                () -> shaping.plan()
                        .ifPresent(p -> saves.savePlan(p.withName(trial.member().name()))));
        save.setAccessibleText("Save the plan of this face");
        own.getChildren().addAll(Parts.row(chance, carved, save), chapters(), form, looks);
        for (Slider slider : Slider.values()) {
            String title = title(slider.word());
            Parts.Tuner tuner = new Parts.Tuner(
                    title,
                    title + ": from " + slider.less() + " to " + slider.more(),
                    -1,
                    1,
                    0,
                    v -> percent(v),
                    () -> {},
                    v -> change("Shape the " + slider.word(), p -> p.with(slider, Math.round(100 * v) / 100.0)));
            tuner.whenHeld(shaping::hold);
            tuner.whenReleased(shaping::release);
            tuner.setId("face-" + slider.name().toLowerCase(Locale.ROOT));
            tuners.put(slider, tuner);
            form.getChildren().add(tuner);
        }
    }

    /** Form on one page, what can be put on on another: each fits the desk. */
    private HBox chapters() {
        ToggleGroup group = new ToggleGroup();
        HBox row = new HBox(4);
        chapter(row, group, "Form", form).setSelected(true);
        chapter(row, group, "Colours and clothes", looks).setSelected(false);
        Parts.shown(looks, false);
        return row;
    }

    private static ToggleButton chapter(HBox row, ToggleGroup group, String title, VBox page) {
        ToggleButton button = new ToggleButton(title);
        button.setToggleGroup(group);
        button.setId("face-" + title.toLowerCase(Locale.ROOT).replace(' ', '-'));
        button.selectedProperty().addListener((o, b, selected) -> Parts.shown(page, selected));
        // One of the two is always open.
        button.setOnAction(e -> button.setSelected(true));
        row.getChildren().add(button);
        return button;
    }

    private static String percent(double value) {
        long share = Math.round(100 * value);
        return (share > 0 ? "+" : "") + share + " %";
    }

    private void colours() {
        style.getItems()
                .setAll(Arrays.stream(HairStyle.values()).map(HairStyle::word).toList());
        style.setId("face-hair");
        style.setTooltip(new Tooltip("How the hair is worn"));
        style.setOnAction(e -> {
            if (!showing && style.getValue() != null) {
                HairStyle chosen = HairStyle.of(style.getValue());
                at(p -> p.withHair(new Hair(chosen, p.hair().light(), p.hair().dark())), "Hair " + chosen.word());
            }
        });
        looks.getChildren()
                .addAll(
                        Parts.row(skinName, skins, furs),
                        Parts.row(name("Eyes"), eyes),
                        Parts.row(name("Hair"), style),
                        Parts.row(name(""), hairs));
    }

    private static Label name(String text) {
        Label label = new Label(text);
        label.setMinWidth(56);
        return label;
    }

    private static String title(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }

    private void skin(Skin skin) {
        change("Colour of the skin", p -> p.withSkin(skin.withMarks(p.skin().marks())));
    }

    private void iris(Paint paint) {
        change("Colour of the eyes", p -> p.withEyes(p.eyes().withIris(paint)));
    }

    private void hair(Hair colours) {
        change(
                "Colour of the hair",
                p -> p.withHair(new Hair(p.hair().style(), colours.light(), colours.dark()))
                        .withBrows(p.brows().withPaint(colours.dark())));
    }

    private void wear(Garment.Slot slot, Optional<Garment.Worn> worn) {
        change(worn.map(w -> title(w.garment().word())).orElse("Take off"), p -> p.wearing(slot, worn));
    }

    private void change(String what, UnaryOperator<PersonPlan> change) {
        if (!showing) {
            shaping.wish(what, change);
            shaping.plan().ifPresent(this::show);
        }
    }

    /** A change that is whole at once. */
    private void at(UnaryOperator<PersonPlan> change, String what) {
        change(what, change);
        shaping.settle();
    }

    /** Shows the face that is looked at. */
    void refresh() {
        Optional<PersonPlan> plan = shaping.plan();
        Parts.shown(own, plan.isPresent());
        Parts.shown(finished, plan.isEmpty());
        plan.ifPresentOrElse(this::show, this::showFinished);
    }

    private void showFinished() {
        String name = trial.member().name();
        Optional<String> like = asks.planOf(trial.member());
        finishedText.setText(name + " came finished. "
                + (like.isPresent()
                        ? "A face of your own begins as carved like this one; form, colours, hair and clothes are then yours."
                        : "A face of your own begins like one of ours."));
        makeLike.setText(like.isPresent() ? "A face of your own, like " + name.split(" ")[0] : "A face of your own");
        makeLike.setOnAction(e -> asks.ownFace(like.orElse("odile")));
    }

    private void show(PersonPlan plan) {
        showing = true;
        tuners.forEach((slider, tuner) -> {
            if (!tuner.isHeld()) {
                tuner.set(plan.slider(slider));
            }
        });
        boolean fur = plan.furred();
        skinName.setText(fur ? "Fur" : "Skin");
        Parts.shown(skins, !fur);
        Parts.shown(furs, fur);
        (fur ? furs : skins).show(plan.skin().base());
        eyes.show(plan.eyes().iris());
        hairs.show(plan.hair().light());
        style.setValue(plan.hair().style().word());
        garments.forEach((slot, row) -> row.show(plan.worn(slot)));
        showing = false;
    }

    void close() {
        shaping.close();
    }

    /** What is worn in one place, with its colours. */
    private static final class GarmentRow extends HBox {
        private final Garment.Slot slot;
        private final ComboBox<String> choice = new ComboBox<>();
        private final HBox paints = new HBox(4);
        private final BiConsumer<Garment.Slot, Optional<Garment.Worn>> wear;
        private Optional<Garment.Worn> shown = Optional.empty();
        private boolean showing;

        GarmentRow(Garment.Slot slot, BiConsumer<Garment.Slot, Optional<Garment.Worn>> wear) {
            super(8);
            this.slot = slot;
            this.wear = wear;
            setAlignment(Pos.CENTER_LEFT);
            choice.getItems().add(NOTHING);
            Arrays.stream(Garment.values())
                    .filter(g -> g.slot() == slot)
                    .forEach(g -> choice.getItems().add(g.word()));
            choice.setPrefWidth(150);
            String place = slot.name().toLowerCase(Locale.ROOT);
            choice.setId("face-wear-" + place);
            choice.setTooltip(new Tooltip("What is worn: " + place));
            choice.setOnAction(e -> {
                if (!showing && choice.getValue() != null) {
                    wear.accept(
                            slot,
                            choice.getValue().equals(NOTHING)
                                    ? Optional.empty()
                                    : Optional.of(Garment.of(choice.getValue()).worn()));
                }
            });
            HBox.setHgrow(paints, Priority.ALWAYS);
            getChildren().addAll(name(title(place)), choice, paints);
        }

        void show(Optional<Garment.Worn> worn) {
            if (worn.equals(shown) && !paints.getChildren().isEmpty()) {
                return;
            }
            showing = true;
            shown = worn;
            choice.setValue(worn.map(w -> w.garment().word()).orElse(NOTHING));
            paints.getChildren().clear();
            worn.ifPresent(w -> {
                for (int i = 0; i < w.paints().size(); i++) {
                    int at = i;
                    ColorPicker picker = Swatches.picker(
                            title(w.garment().paintNames().get(i)),
                            paint -> wear.accept(slot, Optional.of(w.with(at, paint))));
                    picker.setValue(Color.web(w.paints().get(i).word()));
                    paints.getChildren().add(picker);
                }
            });
            showing = false;
        }
    }
}
