package graykite.scene;

import graykite.mouth.Beat;
import graykite.mouth.Beats;
import graykite.mouth.Diction;
import graykite.mouth.Pull;
import graykite.mouth.TouchUp;
import graykite.reading.Timing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * Why a channel is what it is at a moment: the chain from sound to value, in plain words and with figures that add up.
 *
 * @param channel its name
 * @param time seconds
 * @param value what is seen
 * @param reasons in order; what they add sums to the value
 */
public record Why(String channel, double time, double value, List<Reason> reasons) {
    /** A pull smaller than this is told together with the others of its kind. */
    private static final double SMALL = 0.01;

    /**
     * A part of the answer.
     *
     * @param part of the work that it belongs to
     * @param words what it is
     * @param adds what it adds to the value
     */
    public record Reason(Performance.Stage.Name part, String words, double adds) {}

    public Why {
        reasons = List.copyOf(reasons);
    }

    /** @param channel index of the channel */
    public static Why of(Performance performance, int channel, double time) {
        List<Performance.Stage> stages = performance.stages(time);
        List<Reason> reasons = new ArrayList<>();
        speech(performance, channel, time, stages.getFirst().values()[channel], reasons);
        for (int s = 1; s < stages.size(); s++) {
            double adds = stages.get(s).values()[channel] - stages.get(s - 1).values()[channel];
            if (Math.abs(adds) > 1e-9) {
                reasons.add(new Reason(
                        stages.get(s).name(), words(performance, stages.get(s).name(), channel, time), adds));
            }
        }
        return new Why(
                performance.channels().get(channel).name(),
                time,
                stages.getLast().values()[channel],
                reasons);
    }

    /** The channels that are furthest from rest at a moment, as shares of their ranges, most first. */
    public static List<Integer> busiest(Performance performance, double time, int most) {
        double[] values = performance.at(time);
        List<Integer> order = new ArrayList<>();
        for (int c = 0; c < values.length; c++) {
            if (Math.abs(values[c]) > 1e-4) {
                order.add(c);
            }
        }
        order.sort(Comparator.comparingDouble(c -> {
            var channel = performance.channels().get(c);
            return -Math.abs(values[c]) / (channel.max() - channel.min());
        }));
        return List.copyOf(order.subList(0, Math.min(most, order.size())));
    }

    private static void speech(Performance performance, int channel, double time, double shown, List<Reason> reasons) {
        List<Pull> pulls = performance.pulls(channel, time);
        if (pulls.isEmpty()) {
            return;
        }
        Beats beats = performance.beats();
        int here = beats.indexAt(time);
        double others = 0;
        double sum = 0;
        List<Reason> told = new ArrayList<>();
        for (Pull pull : pulls) {
            sum += pull.adds();
            if (pull.beat() < 0 || Math.abs(pull.adds()) < SMALL && pull.beat() != here) {
                others += pull.adds();
            } else {
                told.add(
                        new Reason(Performance.Stage.Name.MOUTH, words(beats, pull, pull.beat() == here), pull.adds()));
            }
        }
        told.sort(Comparator.comparingDouble(r -> -Math.abs(r.adds())));
        reasons.addAll(told);
        if (Math.abs(others) > 1e-9) {
            reasons.add(new Reason(Performance.Stage.Name.MOUTH, "Sounds further away", others));
        }
        if (Math.abs(shown - sum) > 1e-9) {
            reasons.add(new Reason(Performance.Stage.Name.MOUTH, "Kept within the channel's range", shown - sum));
        }
    }

    private static String words(Beats beats, Pull pull, boolean here) {
        Beat beat = beats.list().get(pull.beat());
        StringBuilder text = new StringBuilder();
        if (beat.isSilence()) {
            text.append("The pause");
        } else {
            Timing timing = beats.timing();
            text.append(beat.phone().ipa())
                    .append(" in “")
                    .append(timing.words().get(beat.word()).text())
                    .append("”");
        }
        text.append(here ? ", sounding now" : "");
        text.append(", shown as ").append(shapes(beat));
        text.append(String.format(Locale.ROOT, ", asks for %.2f", pull.asked()));
        List<String> how = new ArrayList<>();
        Diction diction = beat.diction();
        if (!beat.isSilence()) {
            how.add(percent(diction.strength()) + " strength");
            corner(how, "open", diction.open());
            corner(how, "wide", diction.wide());
            corner(how, "firm", diction.firm());
            corner(how, "round", diction.round());
            if (Math.abs(beat.loud() - 1) > 0.005) {
                how.add(percent(beat.loud()) + " for loudness");
            }
        }
        beat.touchUps().forEach(t -> {
            TouchUp touch = beats.work().touchUps().get(t);
            how.add("touch-up: " + touch.inWords());
        });
        return how.isEmpty() ? text.toString() : text + " (" + String.join(", ", how) + ")";
    }

    private static void corner(List<String> how, String name, double value) {
        if (Math.abs(value - 1) > 0.005) {
            how.add(percent(value) + " " + name);
        }
    }

    private static String shapes(Beat beat) {
        List<String> names = beat.targets().stream()
                .map(t -> t.shape() + (Math.abs(t.share() - 1) < 0.005 ? "" : " " + percent(t.share())))
                .distinct()
                .toList();
        return names.isEmpty() ? "nothing: the chart has no shape for it" : String.join(" + ", names);
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f %%", 100 * share);
    }

    private static String words(Performance performance, Performance.Stage.Name part, int channel, double time) {
        return switch (part) {
            case MOUTH -> "Speech";
            case INSTINCTS -> "Instincts: blinks, eyes, brows and head";
            case TAKEN -> "A curve of your own takes the place of what is generated";
            case FEEL -> "A keyed pose lies over it";
            case COUPLINGS -> "Couplings: " + couplings(performance, channel);
            case GUARD -> "The closure guard: " + String.join("; ", performance.guarded(time));
        };
    }

    private static String couplings(Performance performance, int channel) {
        String name = performance.channels().get(channel).name();
        List<String> rules = performance.character().couplings().stream()
                .filter(c -> performance
                        .character()
                        .role(c.driven())
                        .map(p -> p.values().containsKey(name))
                        .orElse(false))
                .map(c -> c.inWords())
                .toList();
        return rules.isEmpty() ? "kept within the channel's range" : String.join("; ", rules);
    }
}
