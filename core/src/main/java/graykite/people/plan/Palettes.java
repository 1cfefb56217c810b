package graykite.people.plan;

import graykite.people.plan.PersonPlan.Hair;
import graykite.people.plan.PersonPlan.Skin;
import java.util.List;

/** Colours that go together, to choose among. */
public final class Palettes {
    private static final Paint BLOOD = Paint.of("#C0392B");
    private static final Paint LIP = Paint.of("#8E3A38");
    private static final Paint SHADE = Paint.of("#7A6A62");

    /** Skins from pale to dark, without marks. */
    public static final List<Skin> SKINS = List.of(
            skin("#E8C4AE", "#DE907E", "#DAB39E", "#C4786E", "#4A1C1C"),
            skin("#E3B596", "#D9806A", "#D3A78F", "#BE6E62", "#4A1C1C"),
            skin("#D3A083", "#C5735F", "#BF9583", "#AA6257", "#4A1C1C"),
            skin("#C49A6C", "#B5704E", "#B08B66", "#A05F50", "#4A1C1C"),
            skin("#AE7A52", "#A95C42", "#9C6E50", "#94524A", "#3A1416"),
            skin("#8F5B3E", "#9A4A3A", "#7B5140", "#8E4A45", "#3A1416"),
            skin("#6B4230", "#7A3A30", "#5C3A2E", "#74403E", "#2E1012"),
            skin("#4A2E24", "#5A2C26", "#402A24", "#5E3634", "#260C0E"));

    public static final List<Paint> EYES = paints("#5E86A0", "#8A9AA0", "#4E7B62", "#6E7B4A", "#7A5A2C", "#3A2416");

    /** Ridges and grooves of hair. */
    public static final List<Hair> HAIR = List.of(
            hair("#E4E2DC", "#A9ABAC"),
            hair("#C9CBCC", "#80868C"),
            hair("#D8B56A", "#9A7638"),
            hair("#B5622E", "#7C3A1C"),
            hair("#7A5336", "#4A301E"),
            hair("#4A362C", "#1F1A1A"),
            hair("#2E2A2E", "#121014"));

    /** Of cloth, wool and oilskin. */
    public static final List<Paint> CLOTH =
            paints("#EDEAE2", "#DDA32B", "#B5442F", "#2B6E78", "#27344A", "#4F6B4A", "#6B4A5E", "#3A3A3E", "#C98A5B");

    /** Coats of animals, of the back and of the breast. */
    public static final List<List<Paint>> FURS = List.of(
            paints("#6E4C35", "#D2B996"),
            paints("#8A5A34", "#E3C79C"),
            paints("#4A3A32", "#A8937C"),
            paints("#7C7A78", "#D8D4CC"),
            paints("#A67C4E", "#EBD8B4"));

    private Palettes() {}

    /** A skin of any colour: blood, shade and lips follow it. */
    public static Skin skinOf(Paint base) {
        return new Skin(
                base, base.mix(BLOOD, 0.32), base.mix(SHADE, 0.2), base.mix(LIP, 0.5), Paint.of("#3A1416"), List.of());
    }

    private static Skin skin(String base, String flush, String cool, String lips, String cavity) {
        return new Skin(Paint.of(base), Paint.of(flush), Paint.of(cool), Paint.of(lips), Paint.of(cavity), List.of());
    }

    private static Hair hair(String light, String dark) {
        return new Hair(HairStyle.NONE, Paint.of(light), Paint.of(dark));
    }

    private static List<Paint> paints(String... words) {
        return List.of(words).stream().map(Paint::of).toList();
    }
}
