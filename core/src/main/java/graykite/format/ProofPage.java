package graykite.format;

import graykite.project.Comment;
import graykite.proof.ProofNote;
import graykite.proof.ProofReport;
import graykite.proof.ProofReport.OfLine;
import graykite.proof.Severity;
import graykite.text.TimeLine;
import java.util.Locale;
import java.util.Optional;

/** The proof as one HTML page: light and dark, to be printed, with pictures of the moments in it. */
final class ProofPage {
    private static final String TEMPLATE = "/graykite/proof/page.html";

    private ProofPage() {}

    static String of(ProofReport report, ProofFiles.Pictures pictures) {
        StringBuilder lines = new StringBuilder();
        report.lines().forEach(l -> line(report, l, pictures, lines));
        StringBuilder counts = new StringBuilder();
        for (Severity severity : Severity.values()) {
            long count = report.lines().stream()
                    .mapToLong(l -> l.proof().count(severity))
                    .sum();
            counts.append("<span class=\"count ")
                    .append(severity.name().toLowerCase(Locale.ROOT))
                    .append("\">")
                    .append(count)
                    .append(' ')
                    .append(Html.escaped(severity.title().toLowerCase(Locale.ROOT)))
                    .append(count == 1 ? "" : "s")
                    .append("</span>");
        }
        return Html.template(TEMPLATE)
                .replace("{{title}}", Html.escaped(report.title()))
                .replace("{{counts}}", counts)
                .replace("{{lines}}", lines);
    }

    private static void line(ProofReport report, OfLine line, ProofFiles.Pictures pictures, StringBuilder html) {
        html.append("<section><h2>").append(Html.escaped(line.line().title())).append("</h2>");
        html.append("<p class=\"script\"><b>")
                .append(Html.escaped(line.speaker()))
                .append("</b> ")
                .append(Html.escaped(TimeLine.without(line.line().script())))
                .append("</p>");
        if (line.proof().notes().isEmpty() && line.line().review().comments().isEmpty()) {
            html.append("<p class=\"none\">Nothing to say about it.</p>");
        }
        for (ProofNote note : line.proof().notes()) {
            String severity = note.rule().severity().name().toLowerCase(Locale.ROOT);
            html.append("<article class=\"note ")
                    .append(note.isOpen() ? severity : "meant")
                    .append("\" data-severity=\"")
                    .append(note.isOpen() ? severity : "meant")
                    .append("\">");
            picture(pictures.apply(line, ProofFiles.moment(note)), note.rule().title(), html);
            html.append("<div><h3>").append(Html.escaped(note.rule().title())).append("</h3><p class=\"when\">");
            html.append(ProofFiles.timecode(report, note.time()))
                    .append(" &middot; ")
                    .append(Html.escaped(note.isOpen() ? note.rule().severity().title() : "Meant so"))
                    .append("</p><p>")
                    .append(Html.escaped(note.says()))
                    .append("</p>");
            note.meantSo()
                    .ifPresent(m -> html.append("<p class=\"reason\">")
                            .append(Html.escaped(m))
                            .append("</p>"));
            if (note.isOpen() && !note.fixes().isEmpty()) {
                html.append("<p class=\"fix\">")
                        .append(Html.escaped(note.fixes().getFirst().title()))
                        .append("</p>");
            }
            html.append("</div></article>");
        }
        for (Comment comment : line.line().review().comments()) {
            double time = comment.at().in(line.line().words());
            html.append("<article class=\"note comment\" data-severity=\"comment\">");
            picture(pictures.apply(line, time), "Comment", html);
            html.append("<div><h3>")
                    .append(Html.escaped(comment.author().isEmpty() ? "Comment" : comment.author()))
                    .append("</h3><p class=\"when\">")
                    .append(ProofFiles.timecode(report, time))
                    .append(" &middot; ")
                    .append(comment.done() ? "Done" : "Open")
                    .append("</p><p>")
                    .append(Html.escaped(comment.text()))
                    .append("</p></div></article>");
        }
        line.proof()
                .unmeasured()
                .forEach(u -> html.append("<p class=\"none\">")
                        .append(Html.escaped(u))
                        .append("</p>"));
        html.append("</section>");
    }

    private static void picture(Optional<byte[]> png, String of, StringBuilder html) {
        png.ifPresent(p -> html.append("<img alt=\"")
                .append(Html.escaped(of))
                .append("\" src=\"")
                .append(Html.inline(p))
                .append("\">"));
    }
}
