package graykite.mouth;

import graykite.mouth.PhoneShape.Closure;
import graykite.mouth.PhoneShape.Firmness;
import graykite.reading.Anchor;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What touch-ups make of the beats that they are on, and of their neighbours. */
final class TouchedBeats {
    /** Shortest time that a neighbour of a lengthened sound keeps. */
    private static final double LEAST = 0.012;

    private final List<TouchUp> touchUps;
    private final Map<Long, List<Integer>> byPlace = new HashMap<>();

    TouchedBeats(List<TouchUp> touchUps, List<Optional<Anchor.Spot>> places) {
        this.touchUps = touchUps;
        for (int t = 0; t < touchUps.size(); t++) {
            if (places.get(t).isPresent() && !touchUps.get(t).muted()) {
                Anchor.Spot place = places.get(t).get();
                byPlace.computeIfAbsent(key(place.word(), place.phone()), k -> new ArrayList<>())
                        .add(t);
            }
        }
    }

    private static long key(int word, int phone) {
        return ((long) word << 32) | (phone & 0xffffffffL);
    }

    /** Those of the whole word first, then those of the sound. */
    List<Integer> of(int word, int phone) {
        if (word < 0 || byPlace.isEmpty()) {
            return List.of();
        }
        List<Integer> all = new ArrayList<>(byPlace.getOrDefault(key(word, -1), List.of()));
        all.addAll(byPlace.getOrDefault(key(word, phone), List.of()));
        return all;
    }

    /** A beat with all that touches it. */
    Beat touched(Beat plain, FittedChart chart) {
        Beat beat = plain;
        for (int t : of(plain.word(), plain.index())) {
            beat = touched(beat, touchUps.get(t), t, chart);
        }
        return beat;
    }

    private static Beat touched(Beat beat, TouchUp touch, int index, FittedChart chart) {
        List<Beat.Target> targets = new ArrayList<>();
        Closure closure = beat.closure();
        Firmness firm = beat.firm();
        if (touch.removed()) {
            firm = new Firmness(0, 0, 0);
            closure = Closure.NONE;
        }
        Optional<String> shape = touch.shape().filter(chart.poses()::containsKey);
        Optional<TouchUp.Blend> blend = touch.blend().filter(b -> chart.poses().containsKey(b.shape()));
        if (touch.pose().isPresent()) {
            targets.add(new Beat.Target("own pose", touch.strength(), beat.start(), beat.end(), touch.pose()));
            closure = Closure.NONE;
        } else {
            for (Beat.Target target : beat.targets()) {
                String shown = shape.orElse(target.shape());
                double kept = blend.map(b -> 1 - b.share()).orElse(1.0);
                targets.add(new Beat.Target(
                        shown, target.share() * touch.strength() * kept, target.from(), target.to(), target.pose()));
                blend.ifPresent(b -> targets.add(new Beat.Target(
                        b.shape(),
                        target.share() * touch.strength() * b.share(),
                        target.from(),
                        target.to(),
                        Optional.empty())));
            }
        }
        boolean chosen = shape.isPresent() || touch.pose().isPresent() || touch.strength() != 1 || blend.isPresent();
        if (chosen && !touch.removed()) {
            // Whoever asks for a shape means to see it, also where the sound itself would not mind.
            firm = new Firmness(Math.max(0.8, firm.jaw()), Math.max(0.85, firm.lips()), Math.max(0.6, firm.tongue()));
            closure = shape.map(s -> closureOf(s, chart)).orElse(closure);
        }
        List<Integer> touchUps = new ArrayList<>(beat.touchUps());
        touchUps.add(index);
        double half = (beat.end() - beat.start()) / 2 * touch.length();
        double middle = beat.middle() + touch.shift();
        return new Beat(
                        beat.phone(),
                        beat.word(),
                        beat.index(),
                        beat.start(),
                        beat.end(),
                        targets,
                        firm,
                        closure,
                        beat.diction(),
                        beat.loud(),
                        touchUps)
                .between(middle - half, middle + half + touch.hold());
    }

    /** A shape that stands for a shut mouth shuts it wherever it is asked for; any other opens what was shut. */
    private static Closure closureOf(String shape, FittedChart chart) {
        return switch (chart.chart().shapes().get(shape).kin()) {
            case LIPS_SHUT -> Closure.LIPS;
            case LIP_TO_TEETH -> Closure.LIP_TO_TEETH;
            default -> Closure.NONE;
        };
    }

    /** Neighbours of sounds that a touch-up moved or lengthened give way. */
    void makeRoom(List<Beat> beats) {
        for (int b = 0; b < beats.size(); b++) {
            Beat own = beats.get(b);
            boolean moved = own.touchUps().stream()
                    .map(touchUps::get)
                    .anyMatch(t -> t.length() != 1 || t.shift() != 0 || t.hold() > 0);
            if (!moved) {
                continue;
            }
            double earliest = b > 0 ? beats.get(b - 1).start() + LEAST : own.start();
            double latest = b + 1 < beats.size() ? beats.get(b + 1).end() - LEAST : own.end();
            double start = Math.clamp(own.start(), earliest, Math.max(earliest, latest - LEAST));
            own = own.between(start, Math.clamp(own.end(), start + LEAST, Math.max(start + LEAST, latest)));
            beats.set(b, own);
            if (b > 0) {
                Beat before = beats.get(b - 1);
                beats.set(b - 1, before.between(before.start(), Math.max(before.start() + LEAST, own.start())));
            }
            if (b + 1 < beats.size()) {
                Beat after = beats.get(b + 1);
                beats.set(b + 1, after.between(Math.min(after.end() - LEAST, own.end()), after.end()));
            }
        }
    }
}
