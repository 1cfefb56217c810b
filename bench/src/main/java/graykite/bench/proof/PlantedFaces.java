package graykite.bench.proof;

import graykite.acting.Clip;
import graykite.acting.Instincts.Kind;
import graykite.acting.InstinctsPlan;
import graykite.acting.LookPoint;
import graykite.acting.Mark;
import graykite.acting.Performed;
import graykite.edit.ActingEdit;
import graykite.edit.ClipEdit;
import graykite.edit.Edit;
import graykite.edit.LookEdit;
import graykite.edit.MarkEdit;
import graykite.edit.PassEdit;
import graykite.layer.LayerSetting;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.motion.Keyed;
import graykite.project.Project;
import graykite.reading.Place;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import java.util.function.UnaryOperator;

/** Faults of eyes, head and face. */
final class PlantedFaces {
    private static final double LONG = 9.5;
    private static final List<String> FEELINGS = List.of("Glad", "Sad", "Angry", "Disgusted", "Content", "Grieving");

    private PlantedFaces() {}

    static Map<String, Planted.Kind> kinds() {
        Map<String, Planted.Kind> all = new TreeMap<>();
        all.put("no-blink", (c, r) -> blinks(c, List.of()));
        all.put("blink-clock", (c, r) -> {
            double every = r.nextDouble(1.1, 1.7);
            List<Mark> marks = new ArrayList<>();
            for (double t = r.nextDouble(0.3, 1); t < c.duration() - 0.5; t += every) {
                marks.add(Mark.usual(Kind.BLINKS, Place.at(t + r.nextDouble(-0.03, 0.03))));
            }
            return blinks(c, marks);
        });
        all.put("blink-short", (c, r) -> {
            double frame = c.project().rate().frameLength();
            double shut = Math.rint(r.nextDouble(0.5, c.duration() - 0.5) / frame) * frame;
            Mark quick = new Mark(Place.at(shut - 0.03), List.of(0.03, 0.0, 0.05));
            return Planted.at(
                    c.with(new MarkEdit.TakeMarks(c.line().id(), Kind.BLINKS, List.of(quick))), shut - 0.1, shut + 0.1);
        });
        all.put(
                "lids-apart",
                (c, r) -> instincts(
                        c,
                        0,
                        c.duration(),
                        p -> p.with(p.setting().withWeight(LayerSetting.always(r.nextDouble(0.68, 0.82))))));
        all.put("eyes-on-nothing", (c, r) -> {
            double away = r.nextDouble(16, 26) * (r.nextBoolean() ? 1 : -1);
            double from = r.nextDouble(0, 0.3);
            return pass(c, from, from + r.nextDouble(3.2, 3.6), "eyeYaw", t -> away);
        });
        all.put("eyes-slide", (c, r) -> {
            double way = r.nextDouble(15, 24) * (r.nextBoolean() ? 1 : -1);
            double in = r.nextDouble(0.4, 0.7);
            double from = r.nextDouble(0, c.duration() - 2);
            return pass(c, from, from + 2, "eyeYaw", t -> way * Math.clamp((t - 0.3) / in, 0, 1));
        });
        all.put("eyes-beyond", (c, r) -> {
            double from = r.nextDouble(0, c.duration() - 1.6);
            LookPoint side = new LookPoint.Toward("Side", r.nextDouble(28, 40), 0);
            Clip.Look more = Clip.Look.of("Aside").withContent(new Clip.Own("Aside", Pose.of("eyeYaw", 12)));
            return Planted.at(
                    c.with(
                            new LookEdit.AddLook(c.line().id(), from, from + 1.5, side, 0.05),
                            new ClipEdit.AddClip(c.line().id(), "", from, from + 1.5, more)),
                    from,
                    from + 1.5);
        });
        all.put("whites-round", (c, r) -> {
            double from = r.nextDouble(0, c.duration() - 2.4);
            return pass(c, from, from + 2.2, "upperLidRaiser.L", t -> 1);
        });
        all.put("frozen", (c, r) -> muted(c));
        all.put("never-holds", (c, r) -> {
            double size = r.nextDouble(9, 14);
            double often = r.nextDouble(0.7, 1.1);
            return pass(c, 0, Math.min(c.duration(), 3.6), "headYaw", t -> size * Math.sin(2 * Math.PI * often * t));
        });
        all.put("drift", (c, r) -> {
            double fast = r.nextDouble(4, 5.5) * (r.nextBoolean() ? 1 : -1);
            double from = r.nextDouble(0, 0.4);
            Optional<Planted> drifts = pass(c, from, from + 3, "headYaw", t -> fast * t);
            return drifts.map(p -> new Planted(quiet(c, p), p.seen(), p.film(), p.where()));
        });
        all.put("unsettled", (c, r) -> {
            double size = r.nextDouble(2.6, 4.2);
            double often = r.nextDouble(3.2, 4.6);
            double from = r.nextDouble(0, c.duration() - 2.2);
            return pass(c, from, from + 2, "headPitch", t -> size * Math.sin(2 * Math.PI * often * t));
        });
        all.put("symmetrical", (c, r) -> feeling(c, r, Clip.USUAL_EASE));
        all.put("smile-and-frown", (c, r) -> {
            double from = r.nextDouble(0, c.duration() - 1.6);
            Map<String, Double> both = new TreeMap<>();
            for (String side : List.of(".L", ".R")) {
                both.put("lipCornerPuller" + side, r.nextDouble(0.6, 0.9));
                both.put("lipCornerDepressor" + side, r.nextDouble(0.6, 0.9));
            }
            Clip.Look torn = Clip.Look.of("Torn")
                    .withContent(new Clip.Own("Torn", new Pose(both)))
                    .withMouth(1);
            return Planted.at(
                    c.with(new ClipEdit.AddClip(c.line().id(), "", from, from + 1.5, torn)), from, from + 1.5);
        });
        all.put("feeling-late", (c, r) -> {
            double from = c.timing().words().getFirst().start() + r.nextDouble(0.12, 0.4);
            Clip.Look look = Clip.Look.of(any(r)).withAmounts(1, 0.8);
            return Planted.at(c.with(new ClipEdit.AddClip(c.line().id(), "", from, from + 1.5, look)), from, from + 1);
        });
        all.put("jump", (c, r) -> feeling(c, r, 0));
        all.put("only-the-mouth", (c, r) -> muted(c));
        return all;
    }

    private static String any(SplittableRandom random) {
        return FEELINGS.get(random.nextInt(FEELINGS.size()));
    }

    private static Optional<Planted> feeling(Clean clean, SplittableRandom random, double ease) {
        double from = random.nextDouble(0, clean.duration() - 2.2);
        Clip.Look look = Clip.Look.of(any(random)).withEases(ease, ease).withMouth(1);
        return Planted.at(
                clean.with(new ClipEdit.AddClip(clean.line().id(), "", from, from + 2, look)), from, from + 2);
    }

    /** Only lines that are long enough to miss a blink in. */
    private static Optional<Planted> blinks(Clean clean, List<Mark> marks) {
        return clean.duration() < LONG
                ? Optional.empty()
                : Planted.at(
                        clean.with(new MarkEdit.TakeMarks(clean.line().id(), Kind.BLINKS, marks)), 0, clean.duration());
    }

    private static Optional<Planted> pass(
            Clean clean, double from, double to, String control, DoubleUnaryOperator value) {
        if (to > clean.duration()) {
            return Optional.empty();
        }
        List<Key> keys = new ArrayList<>();
        for (double t = 0; t <= to - from; t += 0.02) {
            keys.add(new Key(t, value.applyAsDouble(t), Key.Way.LINEAR, 0, 0));
        }
        List<String> controls =
                control.endsWith(".L") ? List.of(control, control.replace(".L", ".R")) : List.of(control);
        List<Curve> curves = controls.stream().map(n -> new Curve(keys)).toList();
        Keyed motion = new Keyed(to - from, controls, curves);
        PassEdit.Look look = new PassEdit.Look(Performed.whole("Planted", motion), false, 0.15, 0, Map.of());
        return Planted.at(clean.with(new PassEdit.AddPass(clean.line().id(), "", from, to, look)), from, to);
    }

    private static int instinctsOf(Clean clean) {
        return clean.line().layers().find(InstinctsPlan.class, "").orElseThrow();
    }

    private static Edit changed(Clean clean, UnaryOperator<InstinctsPlan> change) {
        int at = instinctsOf(clean);
        InstinctsPlan plan = (InstinctsPlan) clean.line().layers().plans().get(at);
        return new ActingEdit.ChangeLayer(clean.line().id(), at, change.apply(plan));
    }

    private static Optional<Planted> instincts(
            Clean clean, double from, double to, UnaryOperator<InstinctsPlan> change) {
        return Planted.at(clean.with(changed(clean, change)), from, to);
    }

    private static Optional<Planted> muted(Clean clean) {
        return instincts(clean, 0, clean.duration(), p -> p.with(p.setting().withMuted(true)));
    }

    /** With a head that does nothing by itself. */
    private static Project quiet(Clean clean, Planted planted) {
        return changed(
                        clean,
                        p -> p.with(p.instincts()
                                .with(Kind.HEAD, p.instincts().of(Kind.HEAD).withAmount(0))))
                .apply(planted.project());
    }
}
