package graykite.acting;

import static graykite.base.Require.requireThat;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * What a face does by itself, kind by kind: how much of it, and in which variation.
 *
 * @param figures of every kind
 * @param mood how much the mood that is heard in the voice moves them, 0 for not at all, 1 for all of it
 */
public record Instincts(Map<Kind, Figures> figures, double mood) {
    /** The most of an instinct. */
    public static final double MOST = 2;

    /** What is done by itself. */
    public enum Kind {
        BLINKS("Blinks"),
        EYES("Eyes"),
        BROWS("Brows"),
        HEAD("Head"),
        BREATH("Breath");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /** Its name as people read it. */
        public String title() {
            return title;
        }
    }

    /**
     * One kind.
     *
     * @param seed another number gives another variation
     * @param amount 0 for none, 1 as people do, up to 2
     * @param locked true while this variation is kept when the others are varied
     */
    public record Figures(long seed, double amount, boolean locked) {
        public Figures {
            requireThat(
                    amount >= 0 && amount <= MOST, "The amount of an instinct lies between 0 and 2, not %.2f.", amount);
        }

        public Figures withSeed(long newSeed) {
            return new Figures(newSeed, amount, locked);
        }

        public Figures withAmount(double newAmount) {
            return new Figures(seed, newAmount, locked);
        }

        public Figures withLocked(boolean lock) {
            return new Figures(seed, amount, lock);
        }
    }

    public Instincts {
        requireThat(mood >= 0 && mood <= 1, "The mood counts for 0 to 1, not %.2f.", mood);
        EnumMap<Kind, Figures> all = new EnumMap<>(Kind.class);
        for (Kind kind : Kind.values()) {
            requireThat(figures.containsKey(kind), "There are figures for every instinct; %s has none.", kind.title());
            all.put(kind, figures.get(kind));
        }
        figures = Collections.unmodifiableMap(all);
    }

    /** Everything as people do it, in one variation. */
    public static Instincts of(long seed) {
        EnumMap<Kind, Figures> all = new EnumMap<>(Kind.class);
        for (Kind kind : Kind.values()) {
            all.put(kind, new Figures(seed, 1, false));
        }
        return new Instincts(all, 1);
    }

    public Instincts withMood(double share) {
        return new Instincts(figures, share);
    }

    public Figures of(Kind kind) {
        return figures.get(kind);
    }

    public Instincts with(Kind kind, Figures changed) {
        EnumMap<Kind, Figures> all = new EnumMap<>(figures);
        all.put(kind, changed);
        return new Instincts(all, mood);
    }

    /** Another variation of all that is not locked. */
    public Instincts varied(long seed) {
        EnumMap<Kind, Figures> all = new EnumMap<>(figures);
        all.replaceAll((kind, f) -> f.locked() ? f : f.withSeed(seed));
        return new Instincts(all, mood);
    }
}
