package graykite.command;

import graykite.base.BadInput;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Some of a list, as people ask for them: "all", or names and numbers with commas between them. */
final class Chosen {
    private static final Pattern NUMBERS = Pattern.compile("(\\d{1,7})(?:-(\\d{1,7}))?");

    private Chosen() {}

    /**
     * @param what one of them is, for messages
     * @throws BadInput when something is asked for that is not there
     */
    static <T> List<T> of(String asked, List<T> all, Function<T, String> title, String what) {
        if (asked.strip().equalsIgnoreCase("all")) {
            return all;
        }
        Set<Integer> chosen = new LinkedHashSet<>();
        for (String part : asked.split(",")) {
            String name = part.strip();
            int named = named(all, title, name);
            Matcher numbers = NUMBERS.matcher(name);
            if (named >= 0) {
                chosen.add(named);
            } else if (numbers.matches()) {
                int first = Integer.parseInt(numbers.group(1));
                int last = numbers.group(2) == null ? first : Integer.parseInt(numbers.group(2));
                if (first < 1 || last < first || last > all.size()) {
                    throw new BadInput("The project has " + all.size() + " " + what + "s; there is no " + name + ".");
                }
                for (int i = first; i <= last; i++) {
                    chosen.add(i - 1);
                }
            } else if (!name.isEmpty()) {
                throw new BadInput("There is no " + what + " \"" + name + "\" in the project.");
            }
        }
        return chosen.stream().map(all::get).toList();
    }

    private static <T> int named(List<T> all, Function<T, String> title, String name) {
        for (int i = 0; i < all.size(); i++) {
            if (title.apply(all.get(i)).strip().equalsIgnoreCase(name)) {
                return i;
            }
        }
        return -1;
    }
}
