package graykite.workbench;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import java.util.function.ToLongFunction;

/**
 * What a function came to, by the identity of what it was given. The least recently asked for are forgotten when they
 * weigh too much together. Safe for several threads: who asks for something that another is just working out waits for it.
 */
final class Memo<V> {
    private final long room;
    private final ToLongFunction<V> weight;
    private final Map<Key, Held> held = new LinkedHashMap<>(16, 0.75f, true);
    private long weighs;

    private final class Held {
        private final ReentrantLock making = new ReentrantLock();
        private V value;
        private volatile boolean made;

        V get(Supplier<V> make) {
            try {
                ForkJoinPool.managedBlock(new Turn(making));
            } catch (InterruptedException never) {
                throw new AssertionError("A turn is waited for whatever happens.", never);
            }
            try {
                if (!made) {
                    value = make.get();
                    made = true;
                }
                return value;
            } finally {
                making.unlock();
            }
        }
    }

    /**
     * Waits for a lock. Where a worker of a pool waits another takes its place: who has the lock may wait for work in that very
     * pool, and the common one has a single worker where there are two cores.
     */
    private static final class Turn implements ForkJoinPool.ManagedBlocker {
        private final ReentrantLock lock;
        private boolean come;

        Turn(ReentrantLock lock) {
            this.lock = lock;
        }

        @Override
        public boolean isReleasable() {
            come = come || lock.tryLock();
            return come;
        }

        @Override
        public boolean block() {
            if (!come) {
                lock.lock();
                come = true;
            }
            return true;
        }
    }

    /** Objects count by identity, figures and words by what they say. */
    record Key(Object... parts) {
        @Override
        public boolean equals(Object other) {
            if (!(other instanceof Key key) || key.parts.length != parts.length) {
                return false;
            }
            for (int i = 0; i < parts.length; i++) {
                boolean same = parts[i] == key.parts[i] || plain(parts[i]) && parts[i].equals(key.parts[i]);
                if (!same) {
                    return false;
                }
            }
            return true;
        }

        @Override
        public int hashCode() {
            int hash = 1;
            for (Object part : parts) {
                hash = 31 * hash + (plain(part) ? part.hashCode() : System.identityHashCode(part));
            }
            return hash;
        }

        private static boolean plain(Object part) {
            return part instanceof Number
                    || part instanceof String
                    || part instanceof Enum<?>
                    || part instanceof ByValue;
        }
    }

    /** An input that counts by what it says although it is made anew all the time. */
    interface ByValue {}

    /**
     * @param room how much may be held
     * @param weight of one value, in the same measure
     */
    Memo(long room, ToLongFunction<V> weight) {
        this.room = room;
        this.weight = weight;
    }

    /** Holds so many values. */
    static <V> Memo<V> ofCount(int count) {
        return new Memo<>(count, v -> 1);
    }

    /** The value for some inputs, made unless it is at hand. */
    V get(Supplier<V> make, Object... inputs) {
        Key key = new Key(inputs);
        Held holder;
        synchronized (held) {
            holder = held.computeIfAbsent(key, k -> new Held());
        }
        boolean fresh = !holder.made;
        V value;
        try {
            value = holder.get(make);
        } catch (RuntimeException | Error failure) {
            synchronized (held) {
                held.remove(key, holder);
            }
            throw failure;
        }
        if (fresh) {
            weigh(value);
        }
        return value;
    }

    /** True when the value for some inputs is at hand. */
    boolean has(Object... inputs) {
        synchronized (held) {
            Held holder = held.get(new Key(inputs));
            return holder != null && holder.made;
        }
    }

    private void weigh(V value) {
        synchronized (held) {
            weighs += weight.applyAsLong(value);
            var oldest = held.entrySet().iterator();
            while (weighs > room && oldest.hasNext() && held.size() > 1) {
                Held old = oldest.next().getValue();
                if (old.made && old.value != value) {
                    weighs -= weight.applyAsLong(old.value);
                    oldest.remove();
                }
            }
        }
    }

    void forgetAll() {
        synchronized (held) {
            held.clear();
            weighs = 0;
        }
    }
}
