package graykite.people.plan;

import graykite.people.plan.Garment.Slot;
import graykite.people.plan.Garment.Worn;
import graykite.people.plan.PersonPlan.Hair;
import graykite.people.plan.PersonPlan.Skin;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;

/** Somebody else by chance: the same masses, shaped, coloured and dressed anew. */
public final class Chance {
    /** Most people lie in the middle of each slider. */
    private static final double SPREAD = 0.42;

    private static final List<HairStyle> STYLES =
            List.of(HairStyle.COMBED_BACK, HairStyle.CURLS, HairStyle.TOUSLED, HairStyle.BOB, HairStyle.WREATH);

    private final PersonPlan plan;
    private final RandomGenerator random;

    private Chance(PersonPlan plan, RandomGenerator random) {
        this.plan = plan;
        this.random = random;
    }

    /** Another person of the same kind; the same generator gives the same one. */
    public static PersonPlan of(PersonPlan plan, RandomGenerator random) {
        return new Chance(plan, random).person();
    }

    private PersonPlan person() {
        Map<Slider, Double> shaping = new EnumMap<>(Slider.class);
        for (Slider slider : Slider.values()) {
            // As fine as the sliders show it.
            shaping.put(slider, Math.round(100 * Math.clamp(SPREAD * random.nextGaussian(), -0.95, 0.95)) / 100.0);
        }
        PersonPlan shaped = plan.withShaping(shaping);
        return plan.furred() ? furred(shaped) : dressed(shaped, shaping.get(Slider.AGE));
    }

    /** Another coat, with its paler places and whatever else is worn. */
    private PersonPlan furred(PersonPlan shaped) {
        List<Paint> fur = one(Palettes.FURS);
        return shaped.inFur(fur.getFirst(), fur.getLast())
                .wearing(
                        Slot.NECK,
                        random.nextDouble() < 0.6 ? Optional.of(painted(Garment.NECKERCHIEF)) : Optional.empty());
    }

    private PersonPlan dressed(PersonPlan shaped, double age) {
        Skin skin = one(Palettes.SKINS);
        List<SkinMark> marks = new ArrayList<>();
        if (age < 0.3 && random.nextDouble() < 0.3) {
            marks.add(new SkinMark.Freckles(skin.base().mix(skin.cavity(), 0.35), 0.6));
        }
        Hair hair = one(Palettes.HAIR);
        List<HairStyle> styles = age > 0.2 ? STYLES : STYLES.subList(0, STYLES.size() - 1);
        return shaped.withSkin(skin.withMarks(marks))
                .withEyes(shaped.eyes().withIris(one(Palettes.EYES)))
                .withBrows(shaped.brows().withPaint(hair.dark()))
                .withHair(new Hair(one(styles), hair.light(), hair.dark()))
                .withWorn(worn());
    }

    private List<Worn> worn() {
        List<Worn> worn = new ArrayList<>();
        if (random.nextDouble() < 0.4) {
            worn.add(painted(random.nextBoolean() ? Garment.SKIPPERS_CAP : Garment.KNITTED_CAP));
        }
        if (random.nextDouble() < 0.25) {
            worn.add(Garment.SPECTACLES.worn());
        }
        if (random.nextDouble() < 0.25) {
            worn.add(painted(Garment.NECKERCHIEF));
        }
        worn.add(painted(random.nextBoolean() ? Garment.SKIPPERS_COAT : Garment.OILSKIN));
        return worn;
    }

    /** Its first colour by chance, and the second where that is cloth too. */
    private Worn painted(Garment garment) {
        Worn worn = garment.worn().with(0, one(Palettes.CLOTH));
        return garment == Garment.KNITTED_CAP
                ? worn.with(1, worn.paints().getFirst().mix(Paint.of("#202428"), 0.2))
                : garment.slot() == Slot.BODY
                        ? worn.with(garment == Garment.OILSKIN ? 3 : 1, one(Palettes.CLOTH))
                        : worn;
    }

    private <T> T one(List<T> among) {
        return among.get(random.nextInt(among.size()));
    }
}
