package graykite.batch;

import graykite.format.Html;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** The report as one page that works offline, light and dark: a row a line, sorted by a click, found by typing. */
final class BatchPage {
    private static final String TEMPLATE = "/graykite/batch/page.html";

    /** With more rows than these the page would grow too large with pictures. */
    private static final int PICTURED = 3_000;

    private BatchPage() {}

    static String of(BatchReport report) {
        StringBuilder rows = new StringBuilder();
        boolean pictured = report.rows().size() <= PICTURED;
        report.rows().forEach(r -> row(r, pictured, rows));
        return Html.template(TEMPLATE)
                .replace("{{title}}", Html.escaped(report.title()))
                .replace("{{good}}", Long.toString(report.good()))
                .replace("{{failed}}", Long.toString(report.failed()))
                .replace("{{waiting}}", Long.toString(report.waiting()))
                .replace("{{rows}}", rows);
    }

    private static void row(BatchReport.Row row, boolean pictured, StringBuilder html) {
        if (row.result().isEmpty()) {
            html.append("<tr class=\"waiting\"><td class=\"n\">")
                    .append(row.row().number());
            html.append("</td><td></td><td>").append(Html.escaped(row.row().out()));
            html.append("</td><td>waiting</td><td></td><td></td><td></td><td></td><td></td><td></td></tr>\n");
            return;
        }
        BatchResult r = row.result().get();
        String status = r.good() ? r.faults() > 0 ? "look" : "good" : "failed";
        html.append("<tr class=\"")
                .append(status)
                .append("\"><td class=\"n\">")
                .append(r.row())
                .append("</td><td>");
        if (pictured) {
            r.picture()
                    .ifPresent(p -> html.append("<img alt=\"\" width=\"48\" height=\"48\" src=\"")
                            .append(Html.inline(p))
                            .append("\">"));
        }
        html.append("</td><td>");
        if (r.files().isEmpty()) {
            html.append(Html.escaped(r.out()));
        }
        for (BatchResult.Written file : r.files()) {
            html.append("<a href=\"").append(Html.escaped(address(file.path()))).append("\">");
            html.append(Html.escaped(file.path())).append("</a><br>");
        }
        html.append("</td><td>").append(status.equals("look") ? "good" : status).append("</td><td>");
        html.append(Html.escaped(r.character())).append("</td><td class=\"words\">");
        html.append(Html.escaped(r.good() ? r.script() : r.problem())).append("</td>");
        figure(html, r.good() ? BatchReport.decimal(r.seconds()) : "");
        figure(html, r.good() ? Integer.toString(r.doubts()) : "");
        html.append("<td class=\"n\" title=\"")
                .append(Html.escaped(r.firstNote()))
                .append("\">");
        html.append(r.good() ? Integer.toString(r.notes()) : "").append("</td>");
        figure(html, BatchReport.decimal(r.took()));
        html.append("</tr>\n");
    }

    private static void figure(StringBuilder html, String figure) {
        html.append("<td class=\"n\">").append(figure).append("</td>");
    }

    /** Signs that mean something in an address are written as bytes. */
    private static String address(String path) {
        StringBuilder address = new StringBuilder();
        for (byte b : path.getBytes(StandardCharsets.UTF_8)) {
            char c = (char) (b & 0xff);
            boolean plain = c < 128 && (Character.isLetterOrDigit(c) || "/._-~".indexOf(c) >= 0);
            address.append(plain ? String.valueOf(c) : String.format(Locale.ROOT, "%%%02X", b & 0xff));
        }
        return address.toString();
    }
}
