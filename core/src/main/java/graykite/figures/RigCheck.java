package graykite.figures;

import graykite.base.Progress;
import graykite.figures.RigReport.Finding;
import graykite.figures.RigReport.Moved;
import graykite.figures.RigReport.Weight;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Joint;
import graykite.rig.Part;
import graykite.rig.Sides;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * Drives every channel of a rig alone and says what moves, what moves along that should not, what does nothing, what
 * doubles another, what is mirrored wrongly, whether lids and lips close. Measured on the deformed mesh.
 */
public final class RigCheck {
    /** Millimetres below which a movement is no movement. */
    private static final double STILL = 0.05;

    /** Share of its own movement, and millimetres, from which on a channel moves another region too. */
    private static final double ALONG_SHARE = 0.18;

    private static final double ALONG = 1.0;
    private static final double SAME = 0.985;
    private static final int SAMPLES = 4000;

    private final Character character;
    private final Deformer deformer;
    private final FaceMap map;
    private final double[] rest;
    private final List<float[]> restPlaces = new ArrayList<>();
    private final List<Region[]> regions = new ArrayList<>();
    private final List<Moved> moved = new ArrayList<>();
    private final List<float[]> samples = new ArrayList<>();
    private final double[] leaning;
    private final List<Finding> findings = new ArrayList<>();

    private RigCheck(Character character) {
        this.character = character;
        this.deformer = new Deformer(character);
        this.map = new FaceMap(character);
        this.rest = new double[character.channels().size()];
        this.leaning = new double[character.channels().size()];
        for (Part part : character.parts()) {
            restPlaces.add(deformer.placed(part, rest));
            Region[] of = new Region[part.vertexCount()];
            for (int v = 0; v < of.length; v++) {
                of[v] = map.region(part, v);
            }
            regions.add(of);
        }
    }

    /** Checks a rig; a second or two for a large one. */
    public static RigReport of(Character character, Progress progress) {
        RigCheck check = new RigCheck(character);
        for (int c = 0; c < character.channels().size(); c++) {
            progress.step(0.85 * c / character.channels().size());
            check.drive(c);
        }
        ClosingCheck closing = new ClosingCheck(character, check.findings);
        boolean modelled = character.kind() == Character.Kind.MODELLED;
        if (modelled) {
            check.findStill();
            check.findAlong();
            check.findDoubles();
            check.findSides();
            progress.step(0.9);
            closing.findOpenLids();
        }
        closing.findOpenLips();
        closing.findMissing();
        return new RigReport(check.moved, check.findings);
    }

    private void drive(int c) {
        Channel channel = character.channels().get(c);
        double[] values = rest.clone();
        values[c] = channel.max();
        EnumMap<Region, Double> most = new EnumMap<>(Region.class);
        int every = Math.max(1, character.vertexCount() / SAMPLES);
        float[] sample = new float[3 * (character.vertexCount() / every + 1)];
        int n = 0;
        int count = 0;
        double lean = 0;
        for (int p = 0; p < character.parts().size(); p++) {
            float[] before = restPlaces.get(p);
            float[] after = deformer.placed(character.parts().get(p), values);
            for (int v = 0; v < before.length / 3; v++) {
                float dx = after[3 * v] - before[3 * v];
                float dy = after[3 * v + 1] - before[3 * v + 1];
                float dz = after[3 * v + 2] - before[3 * v + 2];
                double d = Math.sqrt(dx * dx + dy * dy + dz * dz);
                if (d > STILL) {
                    most.merge(regions.get(p)[v], d, Math::max);
                }
                lean += d * Math.signum(before[3 * v]);
                if (count++ % every == 0 && 3 * n + 2 < sample.length) {
                    sample[3 * n] = dx;
                    sample[3 * n + 1] = dy;
                    sample[3 * n + 2] = dz;
                    n++;
                }
            }
        }
        leaning[c] = lean;
        moved.add(new Moved(channel.name(), most));
        samples.add(sample);
    }

    private void add(Weight weight, String subject, String says, String advice) {
        findings.add(new Finding(weight, subject, says, advice));
    }

    private void findStill() {
        Set<String> meant = new HashSet<>();
        character.correctives().forEach(c -> {
            meant.add(c.first());
            meant.add(c.second());
        });
        character.couplings().forEach(c -> meant.add(c.driver()));
        for (Moved channel : moved) {
            if (channel.most() <= STILL && !meant.contains(channel.channel())) {
                add(Weight.DOUBT, channel.channel(), "does nothing.", "Was its shape exported empty?");
            }
        }
    }

    private void findAlong() {
        for (int c = 0; c < moved.size(); c++) {
            Channel channel = character.channels().get(c);
            Moved channelMoved = moved.get(c);
            if (turnsJoint(channel) && channel.group() != Channel.Group.JAW) {
                continue;
            }
            Set<Region> expected = Region.expected(channel.group());
            double own = channelMoved.millimetres().entrySet().stream()
                    .filter(e -> expected.contains(e.getKey()))
                    .mapToDouble(Map.Entry::getValue)
                    .max()
                    .orElse(0);
            for (Map.Entry<Region, Double> e : channelMoved.millimetres().entrySet()) {
                boolean far = e.getValue() > ALONG && e.getValue() > ALONG_SHARE * own;
                if (!expected.contains(e.getKey()) && far && !carriedAlong(channel, e.getKey())) {
                    add(
                            e.getValue() > 2 * ALONG ? Weight.FAULT : Weight.DOUBT,
                            channel.name(),
                            String.format(
                                    Locale.ROOT,
                                    "also moves %s, by %.1f mm.",
                                    e.getKey().title(),
                                    e.getValue()),
                            "Take that out of the shape, or it will happen on every sound that uses it.");
                }
            }
        }
    }

    /** A dropping jaw draws the front of the neck along. */
    private static boolean carriedAlong(Channel channel, Region region) {
        boolean throat = channel.group() == Channel.Group.JAW || channel.name().startsWith("chin");
        return region == Region.BODY && throat;
    }

    private boolean turnsJoint(Channel channel) {
        for (Joint joint : character.joints()) {
            if (joint.turns().stream().anyMatch(t -> t.channel().equals(channel.name()))
                    || joint.slides().stream().anyMatch(t -> t.channel().equals(channel.name()))) {
                return true;
            }
        }
        return false;
    }

    private void findDoubles() {
        for (int a = 0; a < samples.size(); a++) {
            for (int b = a + 1; b < samples.size(); b++) {
                double cosine = cosine(samples.get(a), samples.get(b));
                if (cosine > SAME && sizes(a, b)) {
                    add(
                            Weight.DOUBT,
                            moved.get(b).channel(),
                            "does the same as " + moved.get(a).channel() + ".",
                            "One of the two is enough.");
                }
            }
        }
    }

    private boolean sizes(int a, int b) {
        double x = moved.get(a).most();
        double y = moved.get(b).most();
        return Math.min(x, y) > 0.3 && Math.min(x, y) > 0.6 * Math.max(x, y);
    }

    private static double cosine(float[] a, float[] b) {
        double ab = 0;
        double aa = 0;
        double bb = 0;
        for (int i = 0; i < a.length; i++) {
            ab += a[i] * b[i];
            aa += a[i] * a[i];
            bb += b[i] * b[i];
        }
        return aa < 1e-9 || bb < 1e-9 ? 0 : ab / Math.sqrt(aa * bb);
    }

    private void findSides() {
        Map<String, Integer> index = character.channelIndex();
        for (int c = 0; c < moved.size(); c++) {
            Channel channel = character.channels().get(c);
            if (Sides.of(channel.name()) != Sides.Side.LEFT
                    || turnsJoint(channel)
                    || channel.group() == Channel.Group.JAW) {
                continue;
            }
            Integer other = index.get(Sides.other(channel.name()));
            if (leaning[c] < 0 && moved.get(c).most() > 0.3) {
                add(
                        Weight.FAULT,
                        channel.name(),
                        "says left and moves the character's right side.",
                        "Left is the character's own left. Exchange the two, or assign them crosswise.");
            }
            if (other == null) {
                add(Weight.NOTE, channel.name(), "has no counterpart on the right.", "");
            } else {
                double l = moved.get(c).most();
                double r = moved.get(other).most();
                if (Math.max(l, r) > 0.5 && Math.min(l, r) < 0.55 * Math.max(l, r)) {
                    add(
                            Weight.DOUBT,
                            channel.name(),
                            String.format(Locale.ROOT, "moves %.1f mm, its counterpart %.1f mm.", l, r),
                            "If that is not meant, mirror the better one.");
                }
            }
        }
    }
}
