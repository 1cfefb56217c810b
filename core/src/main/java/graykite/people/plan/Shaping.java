package graykite.people.plan;

import graykite.geometry.Vec;
import graykite.people.plan.PersonPlan.Body;
import graykite.people.plan.PersonPlan.Brows;
import graykite.people.plan.PersonPlan.Ears;
import graykite.people.plan.PersonPlan.Eyes;
import graykite.people.plan.PersonPlan.Hair;
import graykite.people.plan.PersonPlan.Mouth;
import graykite.people.plan.PersonPlan.Skin;
import graykite.people.plan.PersonPlan.Spots;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Moves the sliders of a person into the masses: what comes out is a person with all sliders at 0. Masses and places go
 * through a {@link Warp} of space, so that all stay together; what is a figure of its own (lips, lids, teeth) is scaled.
 */
public final class Shaping {
    private static final Paint WHITE = Paint.of("#D9D8D4");
    private static final Paint GREY = Paint.of("#9C9EA0");
    /** A wrinkle has no depth of its own: about where the face is. */
    private static final double FACE_DEPTH = 70;

    private final PersonPlan plan;
    private final Warp warp;
    private final double child;
    private final double old;

    private Shaping(PersonPlan plan) {
        this.plan = plan;
        warp = new Warp(plan);
        child = Math.max(0, -plan.slider(Slider.AGE));
        old = Math.max(0, plan.slider(Slider.AGE));
    }

    /** The person as the sliders make it; unchanged when all stand at 0. */
    public static PersonPlan shaped(PersonPlan plan) {
        return plan.shaping().isEmpty() ? plan : new Shaping(plan).person();
    }

    private PersonPlan person() {
        Spots spots = plan.spots();
        return new PersonPlan(
                plan.name(),
                plan.centre(),
                plan.masses().stream().map(m -> m.withSolid(warp.solid(m))).toList(),
                mouth(),
                eyes(),
                brows(),
                ears(),
                new Spots(
                        warp.at(Region.JAW, spots.jawHinge()),
                        warp.at(Region.CHEEK, spots.cheek()),
                        warp.at(Region.NOSE, spots.noseTip())),
                body(),
                skin(),
                hair(),
                plan.worn(),
                Map.of());
    }

    private double slider(Slider slider) {
        return plan.slider(slider);
    }

    private Mouth mouth() {
        Mouth m = plan.mouth();
        double full = (1 + 0.38 * slider(Slider.LIPS)) * (1 - 0.34 * old) * (1 - 0.08 * child);
        double wide = (1 + 0.17 * slider(Slider.MOUTH)) * (1 + 0.04 * slider(Slider.WIDTH)) * (1 - 0.15 * child);
        return new Mouth(
                warp.at(Region.LIP, m.at()),
                Math.clamp(m.half() * wide, 8, 60),
                m.upperLip() * full,
                m.lowerLip() * full,
                Math.min(12, m.upperBulge() * full),
                Math.min(12, m.lowerBulge() * full),
                Math.clamp(m.teeth() * (1 + 0.7 * (wide - 1)), 0.5, 2));
    }

    private Eyes eyes() {
        Eyes e = plan.eyes();
        double large = slider(Slider.EYES) + 0.6 * child;
        return new Eyes(
                warp.at(Region.SOCKET, e.at()),
                e.radius() * (1 + 0.13 * large - 0.03 * old),
                e.iris(),
                e.irisSize(),
                e.lash(),
                e.flush(),
                Math.clamp(e.upper() + 3.5 * large - 5 * old, 6, 45),
                Math.clamp(e.lower() - 2 * large + 2 * old, -40, -6),
                e.lashes());
    }

    private Brows brows() {
        Brows b = plan.brows();
        double thick = (1 + 0.42 * slider(Slider.BROWS)) * (1 - 0.3 * child) * (1 + 0.2 * old);
        return new Brows(
                warp.at(Region.BROW, b.at()),
                b.paint().mix(GREY, 0.8 * old),
                Math.max(0.5, b.thick() * thick),
                b.arch(),
                b.slant());
    }

    private Ears ears() {
        Ears e = plan.ears();
        double large = slider(Slider.EARS) + 0.5 * old - 0.35 * child;
        return new Ears(
                warp.at(Region.FACE, e.at()),
                e.tall() * (1 + 0.28 * large),
                Math.clamp(e.off() + 9 * slider(Slider.EARS), 0, 90));
    }

    private Body body() {
        Body b = plan.body();
        double narrow = 1 - 0.24 * child - 0.05 * old;
        return new Body(
                b.neck() * (1 - 0.22 * child - 0.08 * old),
                Math.max(0.5, b.build() * narrow),
                Math.min(60, b.rise() + 15 * child));
    }

    /** Age writes its lines, and takes them away from a child. */
    private Skin skin() {
        Skin skin = plan.skin();
        List<SkinMark> marks = new ArrayList<>();
        for (SkinMark mark : skin.marks()) {
            marks.add(
                    switch (mark) {
                        case SkinMark.Wrinkle w -> line(w, w.strength() * (1 - child) + 0.4 * old * w.strength());
                        case SkinMark.Crease c -> crease(c, c.strength() * (1 - child) + 0.4 * old * c.strength());
                        case SkinMark.Patch p ->
                            new SkinMark.Patch(warp.at(Region.FACE, p.at()), p.radii(), p.paint(), p.edge(), p.share());
                        case SkinMark.Tuft t ->
                            new SkinMark.Tuft(
                                    warp.at(Region.FACE, t.from()),
                                    warp.at(Region.FACE, t.to()),
                                    t.aim(),
                                    t.length(),
                                    t.width());
                        case SkinMark.Freckles f -> f;
                        case SkinMark.Fur f -> f;
                    });
        }
        boolean lined = !skin.marks(SkinMark.Wrinkle.class).isEmpty();
        if (old > 0 && !plan.furred()) {
            (lined ? Wrinkles.MORE : Wrinkles.ALL).forEach(w -> marks.add(line(w, w.strength() * old)));
        }
        boolean creased = !skin.marks(SkinMark.Crease.class).isEmpty();
        if (old > 0 && !plan.furred() && !creased) {
            Wrinkles.CREASES.forEach(c -> marks.add(crease(c, c.strength() * old)));
        }
        return skin.withMarks(marks);
    }

    private SkinMark line(SkinMark.Wrinkle wrinkle, double strength) {
        return new SkinMark.Wrinkle(
                warp.at(Region.FACE, inFace(wrinkle.from())),
                warp.at(Region.FACE, inFace(wrinkle.to())),
                wrinkle.width(),
                Math.clamp(strength, 0, 1));
    }

    private SkinMark crease(SkinMark.Crease crease, double strength) {
        return new SkinMark.Crease(
                warp.at(Region.FACE, inFace(crease.from())),
                warp.at(Region.FACE, inFace(crease.to())),
                crease.width(),
                Math.clamp(strength, 0, 1),
                crease.with());
    }

    private static Vec inFace(Vec p) {
        return new Vec(p.x(), p.y(), FACE_DEPTH);
    }

    private Hair hair() {
        Hair h = plan.hair();
        return new Hair(h.style(), h.light().mix(WHITE, 0.9 * old), h.dark().mix(GREY, 0.9 * old));
    }
}
