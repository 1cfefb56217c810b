package graykite.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** English number words. */
final class Numbers {
    private static final String[] SMALL = {
        "zero",
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
        "thirteen",
        "fourteen",
        "fifteen",
        "sixteen",
        "seventeen",
        "eighteen",
        "nineteen"
    };
    private static final String[] TENS = {
        "", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"
    };
    private static final String[] SCALES = {"", "thousand", "million", "billion", "trillion"};
    private static final Map<String, String> ORDINALS = Map.of(
            "one", "first", "two", "second", "three", "third", "five", "fifth", "eight", "eighth", "nine", "ninth",
            "twelve", "twelfth");

    private Numbers() {}

    /** "1204" is one thousand two hundred four; numbers with a leading zero or over 15 digits are read digit by digit. */
    static List<String> cardinal(String digits) {
        List<String> words = new ArrayList<>();
        if (digits.length() > 15 || (digits.length() > 1 && digits.startsWith("0"))) {
            digits.chars().forEach(c -> words.add(SMALL[c - '0']));
            return words;
        }
        long value = Long.parseLong(digits);
        if (value == 0) {
            return List.of(SMALL[0]);
        }
        for (int scale = SCALES.length - 1; scale >= 0; scale--) {
            long unit = (long) Math.pow(1000, scale);
            int part = (int) (value / unit % 1000);
            if (part > 0) {
                belowThousand(part, words);
                if (scale > 0) {
                    words.add(SCALES[scale]);
                }
            }
        }
        return words;
    }

    static List<String> ordinal(String digits) {
        List<String> words = new ArrayList<>(cardinal(digits));
        String last = words.removeLast();
        String ordinal = ORDINALS.get(last);
        if (ordinal == null) {
            ordinal = last.endsWith("y") ? last.substring(0, last.length() - 1) + "ieth" : last + "th";
        }
        words.add(ordinal);
        return words;
    }

    /** "1984" is nineteen eighty four, "1900" nineteen hundred, "1907" nineteen oh seven. */
    static List<String> year(String fourDigits) {
        List<String> words = new ArrayList<>(cardinal(fourDigits.substring(0, 2)));
        String rest = fourDigits.substring(2);
        if (rest.equals("00")) {
            words.add("hundred");
        } else {
            words.addAll(minutes(rest));
        }
        return words;
    }

    /** Two digits as after the hour: "05" is oh five. */
    static List<String> minutes(String twoDigits) {
        if (twoDigits.startsWith("0")) {
            return List.of("oh", SMALL[twoDigits.charAt(1) - '0']);
        }
        return cardinal(twoDigits);
    }

    private static void belowThousand(int value, List<String> words) {
        int rest = value;
        if (rest >= 100) {
            words.add(SMALL[rest / 100]);
            words.add("hundred");
            rest %= 100;
        }
        if (rest >= 20) {
            words.add(TENS[rest / 10]);
            rest %= 10;
        }
        if (rest > 0) {
            words.add(SMALL[rest]);
        }
    }
}
