package graykite.mouth;

import graykite.layer.Reason;
import graykite.reading.Timing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** What speech does to a channel at a moment, told sound by sound. */
final class SpeechReasons {
    /** A pull smaller than this is told together with the others of its kind. */
    private static final double SMALL = 0.01;

    private SpeechReasons() {}

    /**
     * @param layer name of the layer that speaks
     * @param pulls what each sound adds
     * @param shown what speech adds in the end
     * @return reasons that add up to what is shown
     */
    static List<Reason> of(String layer, Beats beats, List<Pull> pulls, double time, double shown) {
        int here = beats.indexAt(time);
        double others = 0;
        double sum = 0;
        List<Reason> reasons = new ArrayList<>();
        for (Pull pull : pulls) {
            sum += pull.adds();
            if (pull.beat() < 0 || Math.abs(pull.adds()) < SMALL && pull.beat() != here) {
                others += pull.adds();
            } else {
                reasons.add(new Reason(layer, words(beats, pull, pull.beat() == here), pull.adds()));
            }
        }
        reasons.sort(Comparator.comparingDouble(r -> -Math.abs(r.adds())));
        if (Math.abs(others) > 1e-9) {
            reasons.add(new Reason(layer, "Sounds further away", others));
        }
        if (Math.abs(shown - sum) > 1e-9) {
            reasons.add(new Reason(layer, "Kept within the channel's range and the weight of the layer", shown - sum));
        }
        return reasons;
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
}
