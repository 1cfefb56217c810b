package graykite.hearing;

import java.util.Arrays;

/** The states of phones in context: a table of figures, since there are more than a hundred thousand of them. */
final class Triphones {
    private static final long NONE = -1;

    private long[] keys;
    private int[] states;
    private int count;

    Triphones(int expected) {
        int room = Integer.highestOneBit(Math.max(16, expected)) << 2;
        keys = new long[room];
        Arrays.fill(keys, NONE);
        states = new int[SpeechModel.STATES * room];
    }

    /** Remembers the states of a phone; the last ones count. */
    void put(long key, int first, int second, int third) {
        if (2 * count > keys.length) {
            grow();
        }
        int at = place(key);
        if (keys[at] == NONE) {
            keys[at] = key;
            count++;
        }
        states[3 * at] = first;
        states[3 * at + 1] = second;
        states[3 * at + 2] = third;
    }

    /** The states of a phone; nothing where it is not known. */
    int[] get(long key) {
        int at = place(key);
        return keys[at] == NONE ? null : Arrays.copyOfRange(states, 3 * at, 3 * at + 3);
    }

    /** Receives each phone with its states. */
    interface Each {
        void phone(long key, int state);
    }

    void forEachState(Each each) {
        for (int at = 0; at < keys.length; at++) {
            for (int s = 0; keys[at] != NONE && s < SpeechModel.STATES; s++) {
                each.phone(keys[at], states[3 * at + s]);
            }
        }
    }

    private int place(long key) {
        long mixed = key * 0x9E3779B97F4A7C15L;
        int at = (int) (mixed >>> 40) & (keys.length - 1);
        while (keys[at] != NONE && keys[at] != key) {
            at = at + 1 & (keys.length - 1);
        }
        return at;
    }

    private void grow() {
        Triphones wider = new Triphones(keys.length);
        for (int at = 0; at < keys.length; at++) {
            if (keys[at] != NONE) {
                wider.put(keys[at], states[3 * at], states[3 * at + 1], states[3 * at + 2]);
            }
        }
        keys = wider.keys;
        states = wider.states;
    }
}
