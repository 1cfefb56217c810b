package graykite.delivery;

import graykite.mouth.Beat;
import graykite.mouth.Beats;
import graykite.mouth.MouthChart;
import graykite.reading.Timing;
import graykite.scene.Role;
import graykite.time.FrameRate;
import graykite.time.Timecode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What somebody says frame by frame, for those who draw: a row a frame with the word, the sound and the shape of the mouth.
 *
 * @param title of the line or scene
 * @param person who is written down
 * @param rate frames a second
 * @param rows one a frame
 */
public record ExposureSheet(String title, String person, FrameRate rate, List<Row> rows) {
    /**
     * A frame.
     *
     * @param number of the frame
     * @param time seconds of the line or scene
     * @param word that is said; empty for none
     * @param sound IPA sign of the sound; empty for silence
     * @param shape name of the mouth shape
     * @param wordBegins true where the word begins
     * @param soundBegins true where the sound begins
     * @param shapeBegins true where the shape was not shown the frame before: a new drawing
     * @param note what was said about the frame; empty for nothing
     */
    public record Row(
            long number,
            double time,
            String word,
            String sound,
            String shape,
            boolean wordBegins,
            boolean soundBegins,
            boolean shapeBegins,
            String note) {}

    public ExposureSheet {
        rows = List.copyOf(rows);
    }

    /** Timecode of a row. */
    public String timecode(Row row) {
        return Timecode.format(row.number(), rate);
    }

    /** What somebody says in some frames. @param actor index on the stage */
    public static ExposureSheet of(Subject subject, int actor, FrameRate rate, Span.Frames frames) {
        Role role = subject.scene().role(actor);
        List<List<Timing.Segment>> sounds = role.lines().stream()
                .map(e -> e.performance().timing().segments())
                .toList();
        List<Row> rows = new ArrayList<>();
        Said before = Said.NOTHING;
        for (int i = 0; i < frames.count(); i++) {
            double time = frames.time(i, rate);
            Said said = said(role, sounds, time);
            rows.add(new Row(
                    frames.number(i),
                    time,
                    said.word,
                    said.sound,
                    said.shape,
                    said.wordAt != before.wordAt,
                    said.soundAt != before.soundAt,
                    !said.shape.equals(before.shape),
                    noted(subject, time, rate)));
            before = said;
        }
        return new ExposureSheet(subject.title(), subject.people().get(actor), rate, rows);
    }

    private record Said(String word, long wordAt, String sound, long soundAt, String shape) {
        static final Said NOTHING = new Said("", -1, "", -1, "");
    }

    private static Said said(Role role, List<List<Timing.Segment>> sounds, double time) {
        List<Role.Entry> entries = role.lines();
        for (int e = 0; e < entries.size(); e++) {
            Role.Entry entry = entries.get(e);
            double local = time - entry.start();
            if (local < 0 || local >= entry.performance().duration()) {
                continue;
            }
            Timing timing = entry.performance().timing();
            int word = timing.wordAt(local + 1e-9);
            Beats beats = entry.performance().beats();
            String shape = shape(beats, local);
            Optional<Timing.Segment> segment = sounds.get(e).stream()
                    .filter(s -> !s.isSilence() && local + 1e-9 >= s.start() && local + 1e-9 < s.end())
                    .findFirst();
            // What sounds may begin again with the same sign: places tell it apart.
            long line = (e + 1L) << 40;
            return new Said(
                    word < 0 ? "" : timing.words().get(word).text(),
                    word < 0 ? -1 : line + word,
                    segment.map(s -> s.phone().ipa()).orElse(""),
                    segment.map(s -> line + ((long) s.word() << 12) + s.index()).orElse(-1L),
                    shape);
        }
        return new Said("", -1, "", -1, MouthChart.REST);
    }

    /** The shape that is shown: that of the sound whose movement it is, strongest first where two are mixed. */
    private static String shape(Beats beats, double time) {
        Beat beat = beats.at(time);
        return beat.targets().stream()
                .filter(t -> time >= t.from() && time < t.to())
                .max((a, b) -> Double.compare(a.share(), b.share()))
                .or(() -> beat.targets().stream().reduce((a, b) -> b))
                .map(Beat.Target::shape)
                .orElse(MouthChart.REST);
    }

    private static String noted(Subject subject, double time, FrameRate rate) {
        double frame = rate.frameLength();
        return String.join(
                "; ",
                subject.notes().stream()
                        .filter(n -> n.time() >= time - 1e-9 && n.time() < time + frame - 1e-9)
                        .map(Subject.Noted::text)
                        .toList());
    }
}
