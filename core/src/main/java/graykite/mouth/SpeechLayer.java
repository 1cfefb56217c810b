package graykite.mouth;

import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.Reason;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Map;

/** What is spoken: the movement of the mouth as a layer. */
public final class SpeechLayer implements Layer {
    /** Samples that are told apart together. */
    private static final int PIECE = 8;

    private final LayerSetting setting;
    private final Character character;
    private final Beats beats;
    private final MouthMotion motion;
    private final int[] channels;

    public SpeechLayer(LayerSetting setting, Character character, Beats beats, MouthMotion motion) {
        this.setting = setting;
        this.character = character;
        this.beats = beats;
        this.motion = motion;
        Map<String, Integer> index = character.channelIndex();
        channels = motion.channels().stream().mapToInt(index::get).toArray();
    }

    @Override
    public LayerSetting setting() {
        return setting;
    }

    @Override
    public boolean isGenerated() {
        return true;
    }

    @Override
    public boolean alwaysTells() {
        return true;
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        for (int m = 0; m < channels.length; m++) {
            Channel channel = character.channels().get(channels[m]);
            asked[channels[m]] = Math.clamp(motion.at(m, time), channel.min(), channel.max());
        }
    }

    @Override
    public Changes since(Layer earlier) {
        boolean comparable = earlier instanceof SpeechLayer other
                && other.character == character
                && other.setting.equals(setting)
                && other.motion.channels().equals(motion.channels())
                && other.motion.samples() == motion.samples()
                && other.motion.held() == motion.held()
                && other.motion.step() == motion.step();
        return comparable ? differing(((SpeechLayer) earlier).motion) : Changes.EVERYWHERE;
    }

    private Changes differing(MouthMotion before) {
        if (before == motion) {
            return Changes.NONE;
        }
        BitSet pieces = new BitSet();
        int samples = motion.samples();
        for (int c = 0; c < channels.length; c++) {
            double[] was = before.curves()[c];
            double[] is = motion.curves()[c];
            for (int from = 0; was != is && from < samples; from += PIECE) {
                int to = Math.min(samples, from + PIECE);
                if (Arrays.mismatch(was, from, to, is, from, to) >= 0) {
                    pieces.set(from / PIECE);
                }
            }
        }
        double step = motion.step();
        List<TimeRange> ranges = new ArrayList<>();
        for (int from = pieces.nextSetBit(0); from >= 0; from = pieces.nextSetBit(pieces.nextClearBit(from))) {
            int to = pieces.nextClearBit(from);
            ranges.add(new TimeRange(Math.max(0, from * PIECE - 1) * step, Math.min(samples, to * PIECE) * step));
        }
        return new Changes(false, ranges);
    }

    @Override
    public List<Reason> why(int channel, double time, double adds) {
        for (int m = 0; m < channels.length; m++) {
            if (channels[m] == channel) {
                return SpeechReasons.of(
                        setting.name(), beats, new MouthMover(character).pulls(motion, beats, m, time), time, adds);
            }
        }
        return List.of();
    }
}
