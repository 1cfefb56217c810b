package graykite.format;

import graykite.project.Comment;
import graykite.proof.ProofNote;
import graykite.proof.ProofReport;
import graykite.proof.ProofReport.OfLine;
import graykite.text.TimeLine;
import java.io.IOException;
import java.util.Optional;

/** The proof as a PDF, with pictures of the moments, to be printed or sent. */
final class ProofPdf {
    private static final float PICTURE = 72;
    private static final float BESIDE = 84;

    private ProofPdf() {}

    static byte[] of(ProofReport report, ProofFiles.Pictures pictures) throws IOException {
        try (PdfFlow flow = new PdfFlow()) {
            flow.write(report.title(), true, 20, 0);
            flow.write(report.open() + (report.open() == 1 ? " open note" : " open notes"), false, 11, 0);
            for (OfLine line : report.lines()) {
                line(report, line, pictures, flow);
            }
            return flow.finished(report.title());
        }
    }

    private static void line(ProofReport report, OfLine line, ProofFiles.Pictures pictures, PdfFlow flow)
            throws IOException {
        flow.space(14);
        flow.keep(PICTURE + 60);
        flow.write(line.line().title().strip(), true, 14, 0);
        flow.write(line.speaker() + ": " + TimeLine.without(line.line().script()), false, 10, 0);
        for (ProofNote note : line.proof().notes()) {
            String weight = note.isOpen() ? note.rule().severity().title() : "Meant so";
            String more = note.meantSo()
                    .map(m -> "Because: " + m)
                    .orElseGet(() -> note.fixes().isEmpty()
                            ? ""
                            : "Fix: " + note.fixes().getFirst().title());
            block(
                    flow,
                    pictures.apply(line, ProofFiles.moment(note)),
                    note.rule().title(),
                    ProofFiles.timecode(report, note.time()) + ", " + weight,
                    note.says(),
                    more);
        }
        for (Comment comment : line.line().review().comments()) {
            double time = comment.at().in(line.line().words());
            block(
                    flow,
                    pictures.apply(line, time),
                    comment.author().isEmpty() ? "Comment" : comment.author(),
                    ProofFiles.timecode(report, time) + ", " + (comment.done() ? "done" : "open"),
                    comment.text(),
                    "");
        }
        if (line.proof().notes().isEmpty() && line.line().review().comments().isEmpty()) {
            flow.write("Nothing to say about it.", false, 10, 0);
        }
    }

    private static void block(
            PdfFlow flow, Optional<byte[]> picture, String title, String when, String says, String more)
            throws IOException {
        flow.space(8);
        flow.keep(PICTURE + 8);
        float top = flow.at();
        if (picture.isPresent()) {
            flow.picture(picture.get(), PICTURE);
        }
        flow.write(title, true, 11, BESIDE);
        flow.write(when, false, 9, BESIDE);
        flow.write(says, false, 10, BESIDE);
        if (!more.isEmpty()) {
            flow.write(more, false, 10, BESIDE);
        }
        // A text that went on to another page is below its picture already.
        if (flow.at() < top) {
            flow.goTo(Math.min(flow.at(), top - PICTURE));
        }
    }
}
