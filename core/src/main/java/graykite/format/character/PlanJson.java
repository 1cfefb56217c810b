package graykite.format.character;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.geometry.Vec;
import graykite.people.plan.Garment;
import graykite.people.plan.HairStyle;
import graykite.people.plan.Mass;
import graykite.people.plan.Paint;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.Region;
import graykite.people.plan.SkinMark;
import graykite.people.plan.Slider;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A person's plan as JSON, and back. Colours are {@code #rrggbb}, places {@code [x, y, z]} in millimetres. */
public final class PlanJson {
    private PlanJson() {}

    /** @throws IllegalArgumentException with the place in the plan, when something is missing or out of range */
    public static PersonPlan read(JsonNode json) {
        PlanFields f = new PlanFields(json, "");
        PlanFields form = f.object("form");
        PlanFields skin = f.object("skin");
        PlanFields hair = f.object("hair");
        return f.made(() -> new PersonPlan(
                f.text("name"),
                form.vec("centre"),
                form.list("masses", PlanJson::mass),
                mouth(f.object("mouth")),
                eyes(f.object("eyes")),
                brows(f.object("brows")),
                ears(f.object("ears")),
                new PersonPlan.Spots(f.vec("jawHinge"), f.vec("cheek"), f.vec("noseTip")),
                body(f.object("body")),
                skin.made(() -> new PersonPlan.Skin(
                        skin.paint("base"),
                        skin.paint("flush"),
                        skin.paint("cool"),
                        skin.paint("lips"),
                        skin.paint("cavity"),
                        skin.list("marks", PlanJson::mark))),
                hair.made(() ->
                        new PersonPlan.Hair(HairStyle.of(hair.text("style")), hair.paint("light"), hair.paint("dark"))),
                f.list("worn", PlanJson::worn),
                shaping(json.path("shaping"))));
    }

    private static PersonPlan.Mouth mouth(PlanFields f) {
        return f.made(() -> new PersonPlan.Mouth(
                f.vec("at"),
                f.number("half"),
                f.number("upperLip"),
                f.number("lowerLip"),
                f.number("upperBulge"),
                f.number("lowerBulge"),
                f.number("teeth")));
    }

    private static PersonPlan.Eyes eyes(PlanFields f) {
        return f.made(() -> new PersonPlan.Eyes(
                f.vec("at"),
                f.number("radius"),
                f.paint("iris"),
                f.number("irisSize"),
                f.paint("lash"),
                f.number("flush"),
                f.number("upper"),
                f.number("lower"),
                f.number("lashes")));
    }

    private static PersonPlan.Brows brows(PlanFields f) {
        return f.made(() -> new PersonPlan.Brows(
                f.vec("at"),
                f.paint("colour"),
                f.number("thick"),
                f.number("arch"),
                f.has("slant") ? f.number("slant") : 0));
    }

    private static PersonPlan.Ears ears(PlanFields f) {
        return f.made(() -> new PersonPlan.Ears(f.vec("at"), f.number("tall"), f.number("off")));
    }

    private static PersonPlan.Body body(PlanFields f) {
        return f.made(() -> new PersonPlan.Body(f.number("neck"), f.number("build"), f.number("rise")));
    }

    private static Mass mass(PlanFields f) {
        return f.made(() -> {
            Mass.Solid solid = f.has("rod")
                    ? new Mass.Rod(
                            f.item("rod", 0).vec(), f.item("radii", 0).number(),
                            f.item("rod", 1).vec(), f.item("radii", 1).number())
                    : new Mass.Ball(f.vec("ball"), f.vec("radii"));
            return new Mass(
                    f.one(Region.values(), "part"),
                    solid,
                    f.has("blend") ? f.number("blend") : 1,
                    f.flag("mirrored"),
                    f.flag("cut"));
        });
    }

    private static SkinMark mark(PlanFields f) {
        return f.made(() -> switch (f.text("kind")) {
            case "wrinkle" -> new SkinMark.Wrinkle(f.vec("from"), f.vec("to"), f.number("width"), f.number("strength"));
            case "crease" ->
                new SkinMark.Crease(
                        f.vec("from"),
                        f.vec("to"),
                        f.number("width"),
                        f.number("strength"),
                        SkinMark.Brings.of(f.text("with")));
            case "freckles" -> new SkinMark.Freckles(f.paint("colour"), f.number("strength"));
            case "patch" ->
                new SkinMark.Patch(f.vec("at"), f.vec("radii"), f.paint("colour"), f.number("edge"), f.number("share"));
            case "fur" -> new SkinMark.Fur(f.paint("colour"), f.number("strength"));
            case "tuft" ->
                new SkinMark.Tuft(f.vec("from"), f.vec("to"), f.vec("aim"), f.number("length"), f.number("width"));
            default ->
                throw new IllegalArgumentException(
                        "A mark of the skin is wrinkle, crease, freckles, patch, fur or tuft, not \"" + f.text("kind")
                                + "\".");
        });
    }

    private static Garment.Worn worn(PlanFields f) {
        return f.made(() -> {
            Garment garment = Garment.of(f.text("item"));
            return f.has("colours") ? new Garment.Worn(garment, f.list("colours", PlanFields::paint)) : garment.worn();
        });
    }

    private static Map<Slider, Double> shaping(JsonNode json) {
        Map<Slider, Double> moved = new EnumMap<>(Slider.class);
        PlanFields f = new PlanFields(json, "shaping");
        json.properties().forEach(s -> moved.put(f.made(() -> Slider.of(s.getKey())), f.number(s.getKey())));
        return moved;
    }

    public static void write(PersonPlan plan, ObjectNode json) {
        json.put("name", plan.name());
        ObjectNode form = json.putObject("form");
        vec(form, "centre", plan.centre());
        ArrayNode masses = form.putArray("masses");
        plan.masses().forEach(m -> write(m, masses.addObject()));
        PersonPlan.Mouth m = plan.mouth();
        vec(json.putObject("mouth"), "at", m.at())
                .put("half", m.half())
                .put("upperLip", m.upperLip())
                .put("lowerLip", m.lowerLip())
                .put("upperBulge", m.upperBulge())
                .put("lowerBulge", m.lowerBulge())
                .put("teeth", m.teeth());
        PersonPlan.Eyes e = plan.eyes();
        vec(json.putObject("eyes"), "at", e.at())
                .put("radius", e.radius())
                .put("iris", e.iris().word())
                .put("irisSize", e.irisSize())
                .put("lash", e.lash().word())
                .put("flush", e.flush())
                .put("upper", e.upper())
                .put("lower", e.lower())
                .put("lashes", e.lashes());
        PersonPlan.Brows b = plan.brows();
        vec(json.putObject("brows"), "at", b.at())
                .put("colour", b.paint().word())
                .put("thick", b.thick())
                .put("arch", b.arch())
                .put("slant", b.slant());
        vec(json.putObject("ears"), "at", plan.ears().at())
                .put("tall", plan.ears().tall())
                .put("off", plan.ears().off());
        vec(json, "jawHinge", plan.spots().jawHinge());
        vec(json, "cheek", plan.spots().cheek());
        vec(json, "noseTip", plan.spots().noseTip());
        json.putObject("body")
                .put("neck", plan.body().neck())
                .put("build", plan.body().build())
                .put("rise", plan.body().rise());
        write(plan.skin(), json.putObject("skin"));
        json.putObject("hair")
                .put("style", plan.hair().style().word())
                .put("light", plan.hair().light().word())
                .put("dark", plan.hair().dark().word());
        ArrayNode worn = json.putArray("worn");
        plan.worn().forEach(w -> {
            ArrayNode colours = worn.addObject().put("item", w.garment().word()).putArray("colours");
            w.paints().forEach(p -> colours.add(p.word()));
        });
        ObjectNode shaping = json.putObject("shaping");
        plan.shaping().forEach((slider, value) -> shaping.put(slider.word(), value));
    }

    private static void write(Mass mass, ObjectNode json) {
        json.put("part", mass.part().name().toLowerCase(Locale.ROOT));
        switch (mass.solid()) {
            case Mass.Ball ball -> vec(vec(json, "ball", ball.at()), "radii", ball.radii());
            case Mass.Rod rod -> {
                ArrayNode ends = json.putArray("rod");
                vec(ends.addArray(), rod.from());
                vec(ends.addArray(), rod.to());
                json.putArray("radii").add(rod.fromRadius()).add(rod.toRadius());
            }
        }
        json.put("blend", mass.blend());
        if (mass.mirrored()) {
            json.put("mirrored", true);
        }
        if (mass.cut()) {
            json.put("cut", true);
        }
    }

    private static void write(PersonPlan.Skin skin, ObjectNode json) {
        json.put("base", skin.base().word())
                .put("flush", skin.flush().word())
                .put("cool", skin.cool().word())
                .put("lips", skin.lips().word())
                .put("cavity", skin.cavity().word());
        ArrayNode marks = json.putArray("marks");
        for (SkinMark mark : skin.marks()) {
            ObjectNode to = marks.addObject();
            switch (mark) {
                case SkinMark.Wrinkle w ->
                    vec(vec(to.put("kind", "wrinkle"), "from", w.from()), "to", w.to())
                            .put("width", w.width())
                            .put("strength", w.strength());
                case SkinMark.Crease c ->
                    vec(vec(to.put("kind", "crease"), "from", c.from()), "to", c.to())
                            .put("width", c.width())
                            .put("strength", c.strength())
                            .put("with", c.with().action());
                case SkinMark.Freckles f -> paint(to.put("kind", "freckles"), f.paint(), f.strength());
                case SkinMark.Patch p ->
                    vec(vec(to.put("kind", "patch"), "at", p.at()), "radii", p.radii())
                            .put("colour", p.paint().word())
                            .put("edge", p.edge())
                            .put("share", p.share());
                case SkinMark.Fur f -> paint(to.put("kind", "fur"), f.paint(), f.strength());
                case SkinMark.Tuft t ->
                    vec(vec(vec(to.put("kind", "tuft"), "from", t.from()), "to", t.to()), "aim", t.aim())
                            .put("length", t.length())
                            .put("width", t.width());
            }
        }
    }

    private static void paint(ObjectNode json, Paint paint, double strength) {
        json.put("colour", paint.word()).put("strength", strength);
    }

    private static ObjectNode vec(ObjectNode json, String name, Vec v) {
        vec(json.putArray(name), v);
        return json;
    }

    private static void vec(ArrayNode array, Vec v) {
        List.of(v.x(), v.y(), v.z()).forEach(array::add);
    }
}
