package graykite.figures;

import graykite.mouth.Viseme;
import graykite.rig.Sides;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Guesses from a channel's name which viseme or facial action it is: names are cut into words, the side and filling words
 * are taken off, and what is left is compared with how people write sounds and movements. FACS numbers ("AU12") and our
 * own names count as certain.
 */
public final class NameMatcher {
    private static final Set<String> MOUTH = Set.of("mouth", "mth");

    private static final Set<String> TRUNK = Set.of("spine", "chest", "torso", "trunk");
    private static final List<NameWords.Action> ACTIONS = NameWords.actions();
    private static final Map<String, Viseme> SOUNDS = NameWords.sounds();

    private NameMatcher() {}

    /** The likeliest meaning of a channel's name; nothing when the name says nothing. */
    public static Optional<Match> match(String channel) {
        List<String> words = words(Sides.without(channel));
        Sides.Side side = Sides.of(channel);
        Optional<Match> own = own(channel);
        if (own.isPresent()) {
            return own;
        }
        Optional<Match> sound = sound(channel, words, side);
        Optional<Match> action = action(channel, words, side);
        if (sound.isPresent() && action.isPresent()) {
            return sound.get().certainty() >= action.get().certainty() ? sound : action;
        }
        return sound.or(() -> action);
    }

    /** Words of a name in lower case: cut at signs, at capitals and between letters and figures. */
    public static List<String> words(String name) {
        String cut = name.replaceAll("([a-z])([A-Z])", "$1 $2")
                .replaceAll("([A-Z]+)([A-Z][a-z])", "$1 $2")
                .replaceAll("([A-Za-z])([0-9])", "$1 $2")
                .replaceAll("([0-9])([A-Za-z])", "$1 $2");
        return Arrays.stream(cut.split("[^A-Za-z0-9]+"))
                .filter(w -> !w.isEmpty())
                .map(w -> w.toLowerCase(Locale.ROOT))
                .toList();
    }

    /** Our own names and those of the visemes. */
    private static Optional<Match> own(String channel) {
        for (Viseme viseme : Viseme.values()) {
            if (channel.equalsIgnoreCase(viseme.title()) && viseme.title().length() > 1) {
                return Optional.of(new Match(channel, viseme.title(), true, 1));
            }
        }
        return ACTIONS.stream()
                .filter(a -> a.sided()
                        ? channel.equals(a.role() + ".L") || channel.equals(a.role() + ".R")
                        : channel.equals(a.role()))
                .findFirst()
                .map(a -> new Match(channel, channel, false, 1));
    }

    private static Optional<Match> sound(String channel, List<String> words, Sides.Side side) {
        if (side == Sides.Side.NONE || words.size() > 1) {
            boolean said = words.stream().anyMatch(NameWords.SOUND_WORDS::contains);
            List<String> left = words.stream()
                    .filter(w -> !NameWords.FILLING.contains(w) && !MOUTH.contains(w) || words.size() == 1)
                    .toList();
            String joined = String.join("", left);
            Optional<Viseme> whole = Optional.ofNullable(SOUNDS.get(joined));
            if (whole.isPresent() && (side == Sides.Side.NONE || said)) {
                double sure = said ? 0.95 : joined.length() > 1 ? 0.85 : 0.6;
                return Optional.of(new Match(channel, whole.get().title(), true, sure));
            }
            // "s" and "v" vanish among the filling words; a side letter may be a sound ("vis_R").
            if (said && joined.isEmpty()) {
                String last = words(channel).getLast();
                return Optional.ofNullable(SOUNDS.get(last)).map(v -> new Match(channel, v.title(), true, 0.9));
            }
            if (said || left.size() == 1) {
                for (String word : left) {
                    if (SOUNDS.containsKey(word)) {
                        return Optional.of(new Match(channel, SOUNDS.get(word).title(), true, said ? 0.75 : 0.5));
                    }
                }
            }
        } else if (words.size() == 1 && NameWords.SOUND_WORDS.contains(words.getFirst())) {
            String last = words(channel).getLast();
            return Optional.ofNullable(SOUNDS.get(last)).map(v -> new Match(channel, v.title(), true, 0.9));
        }
        return Optional.empty();
    }

    private static Optional<Match> action(String channel, List<String> words, Sides.Side side) {
        Set<String> left = new LinkedHashSet<>(words);
        left.removeAll(NameWords.FILLING);
        Match best = new Match(channel, "", false, 0);
        for (NameWords.Action action : ACTIONS) {
            Set<String> used = new LinkedHashSet<>();
            boolean all = true;
            for (Set<String> group : action.groups()) {
                Optional<String> met = left.stream()
                        .filter(w -> group.contains(w) && !used.contains(w))
                        .findFirst();
                met.ifPresent(used::add);
                all &= met.isPresent();
            }
            if (!all) {
                continue;
            }
            long rest = left.stream()
                    .filter(w -> !used.contains(w) && !NameWords.PLACES.contains(w))
                    .count();
            double certainty = action.certainty() - 0.16 * rest;
            if (certainty > best.certainty() + 1e-9 && certainty >= 0.3) {
                best = new Match(channel, targeted(action, side), false, certainty);
            }
        }
        return best.certainty() > 0 ? Optional.of(best) : Optional.empty();
    }

    private static String targeted(NameWords.Action action, Sides.Side side) {
        return switch (side) {
            case LEFT -> action.role() + ".L";
            case RIGHT -> action.role() + ".R";
            case NONE -> action.role();
        };
    }

    /** What a joint carries, by its name. */
    public enum JointKind {
        HEAD,
        BODY,
        NECK,
        JAW,
        EYE,
        LID,
        TONGUE,
        OTHER
    }

    /** What a joint probably carries. */
    public static JointKind joint(String name) {
        List<String> words = words(Sides.without(name));
        if (words.contains("eyelid") || words.contains("lid")) {
            return JointKind.LID;
        }
        if (words.contains("eye") || words.contains("eyeball")) {
            return JointKind.EYE;
        }
        if (words.contains("jaw") || words.contains("mandible")) {
            return JointKind.JAW;
        }
        if (words.contains("tongue")) {
            return JointKind.TONGUE;
        }
        if (words.contains("head") && !words.contains("end") && !words.contains("top")) {
            return JointKind.HEAD;
        }
        if (words.stream().anyMatch(TRUNK::contains)) {
            return JointKind.BODY;
        }
        return words.contains("neck") ? JointKind.NECK : JointKind.OTHER;
    }
}
