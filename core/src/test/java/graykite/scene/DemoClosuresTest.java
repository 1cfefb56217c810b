package graykite.scene;

import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Clip;
import graykite.acting.ClipsPlan;
import graykite.acting.LayerContext;
import graykite.acting.LayerPlan;
import graykite.acting.Pass;
import graykite.acting.PassesPlan;
import graykite.acting.Performed;
import graykite.acting.Score;
import graykite.format.ProjectFiles;
import graykite.format.character.Cast;
import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.live.MadeUpFace;
import graykite.mouth.Beats;
import graykite.mouth.FittedChart;
import graykite.mouth.Lines;
import graykite.mouth.PhoneShape.Closure;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.LipGap;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * p, b and m are shut in every frame in which they must be, on every line of the demo, whatever lies on top: five layers of
 * noise, laughter, and something as restless as a performed pass (product: closures guaranteed on the mesh after every layer).
 */
class DemoClosuresTest {
    /** Waves on every channel of jaw and lips, each at its own pace, as restless as hands on controls. */
    private record Restless(LayerSetting setting, Character who, double reach, double pace)
            implements LayerPlan, Layer {
        @Override
        public Restless with(LayerSetting newSetting) {
            return new Restless(newSetting, who, reach, pace);
        }

        @Override
        public Layer ready(LayerContext context) {
            return this;
        }

        @Override
        public void ask(double time, double[] below, double[] asked) {
            for (int c = 0; c < asked.length; c++) {
                Channel channel = who.channels().get(c);
                if (channel.group() == Channel.Group.JAW || channel.group() == Channel.Group.LIPS) {
                    double wave = Math.sin(pace * time * (1 + 0.13 * (c % 7)) + c);
                    asked[c] = reach * channel.max() * (0.5 + 0.5 * wave);
                }
            }
        }

        @Override
        public Changes since(Layer earlier) {
            return equals(earlier) ? Changes.NONE : Changes.EVERYWHERE;
        }
    }

    private static List<LayerPlan> five(Line line, Character who, Timing timing) {
        List<LayerPlan> all = new ArrayList<>(line.layers().plans());
        List<Clip> laughs = new ArrayList<>();
        for (double t = 0; t < timing.duration(); t += 1.1) {
            laughs.add(new Clip(
                    Place.at(t),
                    Place.at(t + 0.9),
                    Clip.Look.of("Laughing").withMouth(1).withAmounts(1, 0.7)));
        }
        all.add(new ClipsPlan(LayerSetting.of("Laughs", Blend.ADD), laughs));
        all.add(new Restless(LayerSetting.of("Hands", Blend.ADD), who, 0.3, 11));
        all.add(new PassesPlan(
                LayerSetting.of("Live", Blend.OVERRIDE),
                List.of(new Pass(
                        Place.at(0),
                        Place.at(timing.duration()),
                        Performed.whole("A pass", MadeUpFace.of(timing.duration(), 0.05, 3)),
                        true,
                        0,
                        1,
                        Map.of()))));
        all.add(new Restless(LayerSetting.of("Noise", Blend.ADD), who, 0.15, 37));
        all.add(new Restless(
                LayerSetting.of("More noise", Blend.ADD).withWeight(LayerSetting.always(1.5)), who, 0.1, 53));
        all.add(new ClipsPlan(
                LayerSetting.of("Fury", Blend.ADD),
                List.of(new Clip(
                        Place.at(0),
                        Place.at(timing.duration()),
                        Clip.Look.of("Furious").withMouth(0.8)))));
        return all;
    }

    @Test
    void everyClosureOfTheDemoIsShutUnderFiveLayers() throws IOException {
        Project demo;
        try (InputStream in = ProjectFiles.class.getResourceAsStream("/graykite/demo/demo.kite")) {
            demo = ProjectFiles.read(in, "demo.kite");
        }
        int frames = 0;
        double loosest = 0;
        for (Line line : demo.lines()) {
            // The gull's beak is drawn: its closures are drawings, which PosesLayer and ClipsLayer leave to speech.
            Character who = Cast.byName(
                    line.speaker().equals("brine")
                            ? "pim"
                            : demo.speakerOf(line).id());
            Timing timing = line.timing().orElseThrow();
            Score score = new Score(timing, Lines.quiet(timing), line.mouth(), demo.rate(), five(line, who, timing));
            Performance performance = Performance.of(who, FittedChart.standard(who), score);
            LipGap gap = new LipGap(who);
            for (Beats.Shut shut : performance.beats().shuts()) {
                if (shut.kind() != Closure.LIPS) {
                    continue;
                }
                for (long f = demo.rate().frameAt(shut.from()) + 1; demo.rate().secondsAt(f) <= shut.to(); f++) {
                    double apart =
                            gap.at(Acted.straight(performance, demo.rate().secondsAt(f)));
                    loosest = Math.max(loosest, apart);
                    frames++;
                    assertTrue(
                            apart < LipGap.SHUT,
                            performance.beats().list().get(shut.beat()).phone() + " of \"" + line.title() + "\" is "
                                    + apart + " mm apart in frame " + f);
                }
            }
        }
        assertTrue(frames > 60, frames + " frames, the loosest " + loosest + " mm apart");
    }
}
