package graykite.format.character;

import static graykite.base.Require.requireThat;

import com.fasterxml.jackson.databind.JsonNode;
import graykite.base.Names;
import graykite.geometry.Vec;
import graykite.people.plan.Paint;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * The fields of a plan: says plainly, with its place, what is missing or of the wrong kind.
 *
 * @param place where in the plan, such as "form.masses 3"
 */
record PlanFields(JsonNode json, String place) {
    private static final int LONGEST = 1000;

    private String of(String name) {
        return place.isEmpty() ? name : place + "." + name;
    }

    boolean has(String name) {
        return json.hasNonNull(name);
    }

    private PlanFields field(String name) {
        requireThat(json.hasNonNull(name), "%s is missing.", of(name));
        return new PlanFields(json.path(name), of(name));
    }

    PlanFields object(String name) {
        PlanFields object = field(name);
        requireThat(object.json.isObject(), "%s is an object.", object.place);
        return object;
    }

    String text(String name) {
        PlanFields text = field(name);
        requireThat(text.json.isTextual(), "%s is a text.", text.place);
        return text.json.asText();
    }

    boolean flag(String name) {
        requireThat(!has(name) || json.path(name).isBoolean(), "%s is true or false.", of(name));
        return json.path(name).asBoolean();
    }

    double number(String name) {
        return field(name).number();
    }

    double number() {
        requireThat(json.isNumber() && Double.isFinite(json.asDouble()), "%s is a number.", place);
        return json.asDouble();
    }

    Vec vec(String name) {
        return field(name).vec();
    }

    /** A place; the depth may be left out. */
    Vec vec() {
        requireThat(
                json.isArray()
                        && (json.size() == 3 || json.size() == 2)
                        && json.path(0).isNumber()
                        && json.path(1).isNumber()
                        && (json.size() == 2 || json.path(2).isNumber()),
                "%s is a place: [x, y, z].",
                place);
        return new Vec(
                json.path(0).asDouble(), json.path(1).asDouble(), json.path(2).asDouble());
    }

    Paint paint(String name) {
        return field(name).paint();
    }

    Paint paint() {
        requireThat(json.isTextual(), "%s is a colour: \"#rrggbb\".", place);
        return made(() -> Paint.of(json.asText()));
    }

    PlanFields item(String name, int index) {
        PlanFields list = field(name);
        requireThat(list.json.isArray() && index < list.json.size(), "%s has two items.", list.place);
        return new PlanFields(list.json.path(index), list.place);
    }

    /** Every item of a list; none when it is left out. */
    <T> List<T> list(String name, Function<PlanFields, T> item) {
        JsonNode list = json.path(name);
        requireThat(list.isMissingNode() || list.isArray(), "%s is a list.", of(name));
        requireThat(list.size() <= LONGEST, "%s has more than %d items.", of(name), LONGEST);
        List<T> all = new ArrayList<>();
        for (JsonNode one : list) {
            all.add(item.apply(new PlanFields(one, of(name) + " " + (all.size() + 1))));
        }
        return all;
    }

    <E extends Enum<E>> E one(E[] values, String name) {
        return Names.meant(values, v -> v.name().toLowerCase(Locale.ROOT), text(name), of(name) + " is");
    }

    /** Makes something of fields; what it complains of is told with this place, once. */
    <T> T made(Supplier<T> maker) {
        try {
            return maker.get();
        } catch (Placed placed) {
            throw placed;
        } catch (IllegalArgumentException wrong) {
            boolean says = place.isEmpty() || wrong.getMessage().startsWith(place);
            throw new Placed(says ? wrong.getMessage() : place + ": " + wrong.getMessage(), wrong);
        }
    }

    /** A complaint that names its place already. */
    private static final class Placed extends IllegalArgumentException {
        private static final long serialVersionUID = 1L;

        Placed(String message, Throwable cause) {
            super(message, cause);
        }
    }
}
