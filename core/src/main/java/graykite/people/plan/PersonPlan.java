package graykite.people.plan;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A person as data: all that the generator needs to carve, paint and dress the figure. Millimetres, y up, z towards the
 * viewer, x to the character's left; what has two sides is given for the left one.
 *
 * @param centre a point inside the head from which every part of its surface can be seen
 * @param masses what the head is blended of, in this order; the first is the skull, on which caps sit
 * @param spots other places that the generator must know
 * @param shaping how far each slider is moved; those that are missing stand at 0
 */
public record PersonPlan(
        String name,
        Vec centre,
        List<Mass> masses,
        Mouth mouth,
        Eyes eyes,
        Brows brows,
        Ears ears,
        Spots spots,
        Body body,
        Skin skin,
        Hair hair,
        List<Garment.Worn> worn,
        Map<Slider, Double> shaping) {
    private static final int MOST_MASSES = 100;
    private static final int MOST_MARKS = 100;

    /**
     * @param at middle of the seam of the lips, on the surface of the head or near it
     * @param half half its width at rest
     * @param upperLip height of the red of the upper lip
     * @param upperBulge how far the upper lip stands out
     * @param teeth size of the teeth, 1 for a grown person's
     */
    public record Mouth(
            Vec at, double half, double upperLip, double lowerLip, double upperBulge, double lowerBulge, double teeth) {
        public Mouth {
            in(half, 8, 60, "Half the width of a mouth");
            in(upperLip, 1, 40, "The height of a lip");
            in(lowerLip, 1, 40, "The height of a lip");
            in(upperBulge, 0, 12, "The bulge of a lip");
            in(lowerBulge, 0, 12, "The bulge of a lip");
            in(teeth, 0.5, 2, "The size of teeth");
        }
    }

    /**
     * @param at centre of the left eyeball
     * @param irisSize of the iris, 1 for a person's
     * @param flush share of the flush of the skin in the lids
     * @param upper degrees over the middle at which the upper lid rests
     * @param lower degrees, negative, at which the lower lid rests
     * @param lashes millimetres by which the upper lashes stand out at the outer corner
     */
    public record Eyes(
            Vec at,
            double radius,
            Paint iris,
            double irisSize,
            Paint lash,
            double flush,
            double upper,
            double lower,
            double lashes) {
        public Eyes {
            in(irisSize, 0.6, 2.2, "The size of an iris");
            in(radius, 6, 40, "The radius of an eye");
            in(flush, 0, 1, "The flush of lids");
            in(upper, 4, 50, "The rest of the upper lid, in degrees,");
            in(lower, -45, -4, "The rest of the lower lid, in degrees,");
            in(lashes, 0, 8, "The length of lashes");
        }

        public Eyes withIris(Paint newIris) {
            return new Eyes(at, radius, newIris, irisSize, lash, flush, upper, lower, lashes);
        }
    }

    /**
     * @param at middle of the left brow
     * @param thick half its height
     * @param arch how far its middle rises
     * @param slant how much higher its outer end stands, for a head whose forehead falls off to the sides
     */
    public record Brows(Vec at, Paint paint, double thick, double arch, double slant) {
        public Brows {
            in(thick, 0.5, 15, "Half the height of a brow");
            in(arch, -10, 20, "The arch of a brow");
            in(slant, -15, 15, "The slant of a brow");
        }

        public Brows withPaint(Paint newPaint) {
            return new Brows(at, newPaint, thick, arch, slant);
        }
    }

    /**
     * @param at where the left ear meets the head, in front of its middle
     * @param off degrees by which its back stands off the head
     */
    public record Ears(Vec at, double tall, double off) {
        public Ears {
            in(tall, 10, 150, "The height of an ear");
            in(off, 0, 90, "How far an ear stands off, in degrees,");
        }
    }

    /** The left joint of the jaw, the apple of the left cheek, the foremost point of the nose. */
    public record Spots(Vec jawHinge, Vec cheek, Vec noseTip) {}

    /**
     * @param neck its radius
     * @param build breadth of the shoulders, 1 for a grown person's
     * @param rise how much higher they stand than a grown person's
     */
    public record Body(double neck, double build, double rise) {
        public Body {
            in(neck, 15, 70, "The radius of a neck");
            in(build, 0.5, 1.5, "The build");
            in(rise, -40, 60, "The rise of the shoulders");
        }
    }

    /**
     * @param base most of the face
     * @param flush cheeks, nose and ears, where blood is near
     * @param cool jaw and sockets
     * @param lips the red of the lips
     * @param cavity deep in the mouth
     */
    public record Skin(Paint base, Paint flush, Paint cool, Paint lips, Paint cavity, List<SkinMark> marks) {
        public Skin {
            marks = List.copyOf(marks);
            requireThat(marks.size() <= MOST_MARKS, "A skin has up to %d marks.", MOST_MARKS);
        }

        /** True for a colour that is lighter than the skin itself. */
        boolean isPale(Paint paint) {
            return paint.lightness() > base.lightness();
        }

        /** Those of one kind. */
        public <T extends SkinMark> List<T> marks(Class<T> kind) {
            return marks.stream().filter(kind::isInstance).map(kind::cast).toList();
        }

        public Skin withMarks(List<SkinMark> newMarks) {
            return new Skin(base, flush, cool, lips, cavity, newMarks);
        }
    }

    /** @param light its ridges @param dark its grooves */
    public record Hair(HairStyle style, Paint light, Paint dark) {}

    public PersonPlan {
        requireThat(!name.isBlank() && name.length() <= 80, "A person has a name of up to 80 letters.");
        masses = List.copyOf(masses);
        worn = List.copyOf(worn);
        shaping = Collections.unmodifiableMap(new EnumMap<>(sound(shaping)));
        requireThat(
                !masses.isEmpty()
                        && masses.getFirst().part() == Region.SKULL
                        && masses.getFirst().solid() instanceof Mass.Ball,
                "The first mass of a head is a ball, the skull.");
        requireThat(masses.size() <= MOST_MASSES, "A head has up to %d masses.", MOST_MASSES);
        Set<Garment.Slot> places = new HashSet<>();
        for (Garment.Worn garment : worn) {
            requireThat(
                    places.add(garment.garment().slot()),
                    "A person wears one thing in a place: not another beside the %s.",
                    garment.garment().word());
        }
    }

    private static Map<Slider, Double> sound(Map<Slider, Double> shaping) {
        Map<Slider, Double> moved = new EnumMap<>(Slider.class);
        shaping.forEach((slider, value) -> {
            in(value, -1, 1, "The " + slider.word());
            if (value != 0) {
                moved.put(slider, value);
            }
        });
        return moved;
    }

    private static void in(double value, double from, double to, String what) {
        requireThat(value >= from && value <= to, "%s is %s to %s, not %s.", what, from, to, value);
    }

    /** The skull, on which hair and caps sit. */
    public Mass.Ball skull() {
        return (Mass.Ball) masses.getFirst().solid();
    }

    /** True for an animal: its skin is fur. */
    public boolean furred() {
        return !skin.marks(SkinMark.Fur.class).isEmpty();
    }

    /** An animal in another coat: its pale patches, its breast and its back. */
    public PersonPlan inFur(Paint back, Paint breast) {
        Skin s = skin;
        List<SkinMark> painted = s.marks().stream()
                .map(m -> m instanceof SkinMark.Patch p && s.isPale(p.paint())
                        ? new SkinMark.Patch(p.at(), p.radii(), breast, p.edge(), p.share())
                        : m)
                .toList();
        Skin coat = new Skin(back, back.mix(s.lips(), 0.2), back.mix(breast, 0.15), s.lips(), s.cavity(), painted);
        PersonPlan coated = withSkin(coat);
        return worn(Garment.Slot.BODY).filter(w -> w.garment() == Garment.FUR).isPresent()
                ? coated.wearing(Garment.Slot.BODY, Optional.of(new Garment.Worn(Garment.FUR, List.of(back, breast))))
                : coated;
    }

    public double slider(Slider slider) {
        return shaping.getOrDefault(slider, 0.0);
    }

    public PersonPlan with(Slider slider, double value) {
        Map<Slider, Double> moved = new EnumMap<>(Slider.class);
        moved.putAll(shaping);
        moved.put(slider, value);
        return withShaping(moved);
    }

    public PersonPlan withShaping(Map<Slider, Double> newShaping) {
        return new PersonPlan(
                name, centre, masses, mouth, eyes, brows, ears, spots, body, skin, hair, worn, newShaping);
    }

    public PersonPlan withName(String newName) {
        return new PersonPlan(
                newName, centre, masses, mouth, eyes, brows, ears, spots, body, skin, hair, worn, shaping);
    }

    public PersonPlan withSkin(Skin newSkin) {
        return new PersonPlan(
                name, centre, masses, mouth, eyes, brows, ears, spots, body, newSkin, hair, worn, shaping);
    }

    public PersonPlan withHair(Hair newHair) {
        return new PersonPlan(
                name, centre, masses, mouth, eyes, brows, ears, spots, body, skin, newHair, worn, shaping);
    }

    public PersonPlan withEyes(Eyes newEyes) {
        return new PersonPlan(
                name, centre, masses, mouth, newEyes, brows, ears, spots, body, skin, hair, worn, shaping);
    }

    public PersonPlan withBrows(Brows newBrows) {
        return new PersonPlan(
                name, centre, masses, mouth, eyes, newBrows, ears, spots, body, skin, hair, worn, shaping);
    }

    public PersonPlan withWorn(List<Garment.Worn> newWorn) {
        return new PersonPlan(
                name, centre, masses, mouth, eyes, brows, ears, spots, body, skin, hair, newWorn, shaping);
    }

    /** The same with something else in a place, or nothing there. */
    public PersonPlan wearing(Garment.Slot slot, Optional<Garment.Worn> other) {
        List<Garment.Worn> kept = new ArrayList<>(
                worn.stream().filter(w -> w.garment().slot() != slot).toList());
        other.ifPresent(kept::add);
        return withWorn(kept);
    }

    /** What is worn in a place. */
    public Optional<Garment.Worn> worn(Garment.Slot slot) {
        return worn.stream().filter(w -> w.garment().slot() == slot).findFirst();
    }
}
