package graykite.reading;

import static graykite.base.Require.requireThat;

import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;

/**
 * Spreads phones over a stretch of time when nothing tells where one ends: each gets a share by how long its kind usually is
 * (relative lengths after Klatt 1976, "Linguistic uses of segmental duration in English", from memory).
 */
public final class PhoneSpread {
    private PhoneSpread() {}

    /**
     * @param phones one or more
     * @param start seconds
     * @param end seconds; there must be room for {@link Timing#SHORTEST_PHONE} each
     * @return pinned phones that fill the stretch
     */
    public static List<TimedPhone> over(List<Phone> phones, double start, double end) {
        requireThat(!phones.isEmpty(), "There is at least one phone to spread.");
        double room = end - start - phones.size() * Timing.SHORTEST_PHONE;
        requireThat(room > -1e-9, "%s phones do not fit into %s seconds.", phones.size(), end - start);
        double sum = phones.stream().mapToDouble(PhoneSpread::usual).sum();
        List<TimedPhone> timed = new ArrayList<>();
        double time = start;
        for (int i = 0; i < phones.size(); i++) {
            double next = i + 1 == phones.size()
                    ? end
                    : time + Timing.SHORTEST_PHONE + Math.max(0, room) * usual(phones.get(i)) / sum;
            timed.add(new TimedPhone(phones.get(i), time, next, true));
            time = next;
        }
        return timed;
    }

    /** Usual length of a phone in seconds, in speech of moderate speed. */
    static double usual(Phone phone) {
        return switch (phone.kind()) {
            case VOWEL -> 0.095;
            case DIPHTHONG -> 0.140;
            case STOP -> 0.070;
            case AFFRICATE -> 0.105;
            case FRICATIVE -> 0.095;
            case NASAL -> 0.065;
            case GLIDE -> 0.060;
            case SILENCE -> 0.200;
        };
    }

    /** Usual length of several phones one after the other. */
    public static double usual(List<Phone> phones) {
        return phones.stream().mapToDouble(PhoneSpread::usual).sum();
    }
}
