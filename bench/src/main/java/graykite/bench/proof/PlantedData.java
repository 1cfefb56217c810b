package graykite.bench.proof;

import graykite.acting.ClipsPlan;
import graykite.acting.LooksPlan;
import graykite.acting.Performed;
import graykite.edit.ActingEdit;
import graykite.edit.CastEdit;
import graykite.edit.LineEdit;
import graykite.edit.MouthEdit;
import graykite.edit.PassEdit;
import graykite.format.character.Cast;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.motion.Track;
import graykite.project.Member;
import graykite.project.Reference;
import graykite.proof.Shot;
import graykite.rig.Character;
import graykite.rig.Coupling;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;

/** Faults of keys, tracks, layers, files and rules. */
final class PlantedData {
    private PlantedData() {}

    static Map<String, Planted.Kind> kinds() {
        Map<String, Planted.Kind> all = new TreeMap<>();
        all.put("out-of-range", (c, r) -> curve(c, r, Key.Way.LINEAR, r.nextDouble(1.1, 2.5), 0));
        all.put(
                "key-between-frames",
                (c, r) -> curve(
                        c,
                        r,
                        Key.Way.STEPPED,
                        0.4,
                        r.nextDouble(0.2, 0.8) * c.project().rate().frameLength()));
        all.put("noise", (c, r) -> {
            double trembling = r.nextDouble(0.04, 0.1);
            float[] values = new float[180];
            for (int i = 0; i < values.length; i++) {
                values[i] = (float) (0.4 + 0.3 * Math.sin(i / 30.0) + trembling * r.nextDouble(-1, 1));
            }
            Performed track = Performed.whole("Planted", new Track(60, List.of("cheekRaiser.L"), values));
            double from = r.nextDouble(0, c.duration() - 3.1);
            PassEdit.Look look = new PassEdit.Look(track, true, 0.2, 0, Map.of());
            return Planted.at(
                    c.with(new PassEdit.AddPass(c.line().id(), "", from, from + track.length(), look)), from, from + 3);
        });
        all.put("idle-layer", (c, r) -> {
            LayerSetting setting = LayerSetting.of("Idle", Blend.ADD);
            ActingEdit.AddLayer layer = r.nextBoolean()
                    ? new ActingEdit.AddLayer(c.line().id(), 4, new ClipsPlan(setting, List.of()))
                    : new ActingEdit.AddLayer(
                            c.line().id(), 2, new LooksPlan(setting.withWeight(LayerSetting.always(0)), List.of()));
            return Planted.at(c.with(layer), 0, c.duration());
        });
        all.put(
                "file-missing",
                (c, r) -> Planted.filmed(
                        c.with(new LineEdit.SetReference(
                                c.line().id(), Optional.of(Reference.of("/gone/" + r.nextInt(1000) + ".mp4")))),
                        c.duration(),
                        new Shot.Film(false, Optional.empty())));
        all.put("couplings-fight", PlantedData::fight);
        all.put("other-rate", (c, r) -> {
            FrameRate own = c.project().rate();
            List<FrameRate> others = new ArrayList<>(List.of(
                    FrameRate.FILM, FrameRate.NTSC, FrameRate.THIRTY, new FrameRate(25, 1), new FrameRate(50, 1)));
            others.remove(own);
            return Planted.filmed(
                    c.with(new LineEdit.SetReference(c.line().id(), Optional.of(Reference.of("/film.mp4")))),
                    c.duration(),
                    new Shot.Film(true, Optional.of(others.get(r.nextInt(others.size())))));
        });
        return all;
    }

    private static Optional<Planted> curve(
            Clean clean, SplittableRandom random, Key.Way way, double value, double off) {
        double frame = clean.project().rate().frameLength();
        double from = Math.rint(random.nextDouble(0.2, clean.duration() - 1.2) / frame) * frame;
        double middle = from + 10 * frame + off;
        Curve curve = new Curve(List.of(
                new Key(from, 0.1, way, 0, 0),
                new Key(middle, value, way, 0, 0),
                new Key(from + 20 * frame, 0.1, way, 0, 0)));
        return Planted.at(
                clean.with(new MouthEdit.TakeOver(clean.line().id(), "cheekPuff.L", curve)), from, from + 20 * frame);
    }

    private static Optional<Planted> fight(Clean clean, SplittableRandom random) {
        Member member = clean.project().speakerOf(clean.line());
        Character figure = Cast.byName(member.id());
        List<Coupling> rules = new ArrayList<>(figure.couplings());
        Coupling one = rules.get(random.nextInt(rules.size()));
        Coupling.Rule other = one.rule() == Coupling.Rule.DRIVES ? Coupling.Rule.HOLDS_BACK : Coupling.Rule.DRIVES;
        rules.add(Coupling.of(one.driver(), one.driven(), other, random.nextDouble(0.2, 0.8)));
        return Planted.at(
                clean.with(new CastEdit.SetLibrary(
                        member.id(), Member.Library.of(figure).withCouplings(rules), "Couplings")),
                0,
                clean.duration());
    }
}
