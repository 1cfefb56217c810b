package graykite.bench;

import static graykite.base.Require.requireThat;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Which recordings of many are measured, so that what was chosen on some of them can be measured on others.
 *
 * @param step each so-and-so-manieth, 1 or more
 * @param first how many are passed over before the first
 */
record Every(int step, int first) {
    Every {
        requireThat(step >= 1 && first >= 0, "Every %s from %s on are no recordings.", step, first);
    }

    /** As said in a command's arguments from an index on: the step, and how many are passed over. @param usual step where nothing is said */
    static Every said(String[] arguments, int at, int usual) {
        return new Every(
                arguments.length > at ? Integer.parseInt(arguments[at]) : usual,
                arguments.length > at + 1 ? Integer.parseInt(arguments[at + 1]) : 0);
    }

    <T> List<T> of(List<T> all) {
        return IntStream.range(0, all.size())
                .filter(i -> i >= first && (i - first) % step == 0)
                .mapToObj(all::get)
                .toList();
    }
}
