package graykite.mouth;

import graykite.mouth.PhoneShape.Closure;
import graykite.mouth.PhoneShape.Firmness;
import graykite.rig.Channel;
import graykite.rig.Channel.Group;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.rig.Roles;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * What each shape of a fitted chart is on the channels of a character, and what a beat asks of a channel: the part that all
 * kinds of motion share.
 */
final class ShapeValues {
    static final String SEAL = Roles.SEAL;
    static final String BITE = Roles.BITE;

    /** How much of a smile the voice brings for each unit that the kite is wider than plain. */
    private static final double SMILE = 0.30;

    private static final List<String> SMILES = List.of("lipCornerPuller", "lipStretcher");

    private final Character character;
    private final FittedChart chart;
    private final int[] used;
    private final List<String> names = new ArrayList<>();
    private final Aspect[] aspects;
    private final double[] smile;
    private final boolean seals;
    private final Map<String, double[]> shapes = new HashMap<>();
    private final Map<Pose, double[]> ownPoses = new HashMap<>();

    /** @param work its hand-made poses and curves may need channels that no shape uses */
    ShapeValues(Character character, FittedChart chart, MouthWork work) {
        this.character = character;
        this.chart = chart;
        Map<String, Integer> index = character.channelIndex();
        seals = index.containsKey(SEAL) && index.containsKey(BITE);
        TreeSet<Integer> all = new TreeSet<>();
        Map<String, double[]> full = new HashMap<>();
        chart.poses().forEach((name, pose) -> full.put(name, character.values(pose)));
        Map<Pose, double[]> own = new HashMap<>();
        for (TouchUp touch : work.touchUps()) {
            touch.pose()
                    .map(p -> p.only(character::has))
                    .ifPresent(p -> own.put(touch.pose().get(), character.values(p)));
        }
        double[] smiling = new double[character.channels().size()];
        for (String action : SMILES) {
            character.role(action).ifPresent(p -> add(smiling, character.values(p)));
        }
        full.values().forEach(v -> markUsed(v, all));
        own.values().forEach(v -> markUsed(v, all));
        if (anyWider(work)) {
            markUsed(smiling, all);
        }
        for (String name : new String[] {SEAL, BITE}) {
            if (index.containsKey(name)) {
                all.add(index.get(name));
            }
        }
        used = all.stream().mapToInt(i -> i).toArray();
        Aspect[] everywhere = Aspect.of(character);
        aspects = new Aspect[used.length];
        smile = new double[used.length];
        for (int c = 0; c < used.length; c++) {
            names.add(character.channels().get(used[c]).name());
            aspects[c] = everywhere[used[c]];
            smile[c] = smiling[used[c]];
        }
        full.forEach((name, values) -> shapes.put(name, picked(values)));
        own.forEach((pose, values) -> ownPoses.put(pose, picked(values)));
    }

    private static boolean anyWider(MouthWork work) {
        return work.settings().diction().wide() > 1
                || work.sections().stream().anyMatch(s -> s.diction().wide() > 1);
    }

    private static void add(double[] sum, double[] values) {
        for (int c = 0; c < sum.length; c++) {
            sum[c] += values[c];
        }
    }

    private static void markUsed(double[] values, TreeSet<Integer> used) {
        for (int c = 0; c < values.length; c++) {
            if (values[c] != 0) {
                used.add(c);
            }
        }
    }

    private double[] picked(double[] values) {
        double[] picked = new double[used.length];
        for (int c = 0; c < used.length; c++) {
            picked[c] = values[used[c]];
        }
        return picked;
    }

    /** Names of the channels that the mouth moves. */
    List<String> names() {
        return names;
    }

    int count() {
        return used.length;
    }

    Channel channel(int c) {
        return character.channels().get(used[c]);
    }

    boolean isClosing(int c) {
        return names.get(c).equals(SEAL) || names.get(c).equals(BITE);
    }

    /** True for channels that a closure fixes at the shut shape on characters without channels that seal by themselves. */
    boolean shutsWithShape(int c) {
        return !seals && channel(c).group() != Group.TONGUE;
    }

    /** The closure that fixes a channel, if any: the channel's own, or all of them. */
    boolean fixes(int c, Closure kind) {
        return switch (names.get(c)) {
            case SEAL -> kind == Closure.LIPS;
            case BITE -> kind == Closure.LIP_TO_TEETH;
            default -> shutsWithShape(c);
        };
    }

    /** What a channel is while a closure is shut. */
    double shut(int c, Beat beat) {
        if (isClosing(c)) {
            return 1;
        }
        return beat.targets().isEmpty() ? 0 : of(c, beat.targets().getFirst().shape());
    }

    private double of(int c, String shape) {
        double[] values = shapes.get(shape);
        return values == null ? 0 : values[c];
    }

    /** How firmly a beat holds a channel. */
    double firmness(int c, Beat beat) {
        Firmness firm = beat.firm();
        Double own = firm.channels().get(names.get(c));
        double plain = own != null
                ? own
                : switch (channel(c).group()) {
                    case JAW -> firm.jaw();
                    case TONGUE -> firm.tongue();
                    default -> firm.lips();
                };
        // Firm diction insists on its consonants, careless diction lets them go.
        double by = beat.isSilence() || beat.phone().isVowel()
                ? 1
                : Math.pow(2, beat.diction().firm() - 1);
        return Math.min(1.5, plain * by);
    }

    /** The full shape on a channel, before strength, diction and loudness. */
    double full(int c, Beat.Target target) {
        return target.pose().map(p -> ownPoses.get(p)[c]).orElseGet(() -> of(c, target.shape())) * target.share();
    }

    /** The factor of diction, strength and loudness on a target. */
    double factor(int c, Beat beat, Beat.Target target) {
        if (target.pose().isPresent()) {
            return 1;
        }
        if (isClosing(c)) {
            return 1;
        }
        Diction diction = beat.diction();
        Viseme kin = kin(target.shape());
        return diction.strength() * diction.of(target.shape()) * aspects[c].factor(diction, kin) * beat.loud();
    }

    /** What a wide diction adds to a channel: a smile in the voice, less where the shape is rounded. */
    double smile(int c, Beat beat, Beat.Target target) {
        double wider = beat.diction().wide() - 1;
        if (smile[c] == 0 || wider <= 0 || beat.isSilence()) {
            return 0;
        }
        double spread = Math.clamp(kin(target.shape()).width() / 0.4, 0.15, 1);
        return SMILE * wider * spread * smile[c];
    }

    /** What a beat asks of a channel while a target lasts; shapes that are asked for together add up. */
    double askedTogether(int c, Beat beat, Beat.Target target) {
        double sum = smile(c, beat, target);
        for (Beat.Target other : beat.targets()) {
            sum += other.lastsAs(target) ? full(c, other) * factor(c, beat, other) : 0;
        }
        return sum;
    }

    /** What a beat asks of a channel through one target. */
    double asked(int c, Beat beat, Beat.Target target) {
        return full(c, target) * factor(c, beat, target) + smile(c, beat, target);
    }

    private Viseme kin(String shape) {
        MouthShape known = chart.chart().shapes().get(shape);
        return known == null ? Viseme.REST : known.kin();
    }
}
