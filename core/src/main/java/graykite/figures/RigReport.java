package graykite.figures;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the check of a rig found.
 *
 * @param channels how far each channel moves each region when it acts alone
 * @param findings what is wrong or strange, the worst first
 */
public record RigReport(List<Moved> channels, List<Finding> findings) {
    /** How bad. */
    public enum Weight {
        FAULT,
        DOUBT,
        NOTE
    }

    /**
     * One finding.
     *
     * @param subject the channel or pose that it is about
     * @param says what is wrong
     * @param advice what to do about it
     */
    public record Finding(Weight weight, String subject, String says, String advice) {}

    /**
     * One channel driven alone to its end.
     *
     * @param millimetres the farthest that a vertex of each region moves; regions that hardly move are left out
     */
    public record Moved(String channel, Map<Region, Double> millimetres) {
        public double most() {
            return millimetres.values().stream().mapToDouble(d -> d).max().orElse(0);
        }
    }

    public RigReport {
        channels = List.copyOf(channels);
        findings =
                findings.stream().sorted(Comparator.comparing(Finding::weight)).toList();
    }

    public long count(Weight weight) {
        return findings.stream().filter(f -> f.weight() == weight).count();
    }

    /** How many findings of each weight there are: "2 faults, no doubts, 1 note". */
    public String summary() {
        return Stream.of(Weight.values())
                .map(w -> (count(w) == 0 ? "no" : Long.toString(count(w))) + " "
                        + w.name().toLowerCase(Locale.ROOT) + (count(w) == 1 ? "" : "s"))
                .collect(Collectors.joining(", "));
    }

    /** The report as text, for a terminal. */
    public String text() {
        StringBuilder text = new StringBuilder();
        for (Moved moved : channels) {
            text.append(String.format(Locale.ROOT, "  %-26s", moved.channel()));
            if (moved.millimetres().isEmpty()) {
                text.append(" moves nothing");
            }
            moved.millimetres().entrySet().stream()
                    .sorted(Map.Entry.<Region, Double>comparingByValue().reversed())
                    .limit(4)
                    .forEach(e -> text.append(String.format(
                            Locale.ROOT, " %s %.1f mm,", e.getKey().title(), e.getValue())));
            if (text.charAt(text.length() - 1) == ',') {
                text.setLength(text.length() - 1);
            }
            text.append('\n');
        }
        text.append(findings.isEmpty() ? "Nothing to complain about.\n" : summary() + ":\n");
        for (Finding finding : findings) {
            text.append("  ")
                    .append(finding.weight().name().toLowerCase(Locale.ROOT))
                    .append("  ")
                    .append(finding.subject())
                    .append(": ")
                    .append(finding.says())
                    .append(' ')
                    .append(finding.advice())
                    .append('\n');
        }
        return text.toString();
    }
}
