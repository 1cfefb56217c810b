package graykite.studio.model;

import graykite.reading.Anchor;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthWork;
import graykite.mouth.TouchUp;
import graykite.project.Line;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.scene.Score;
import graykite.scene.Performance;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** Acts the line that is worked on, and computes anew only what an edit touched: drags must be seen at once. */
final class LinePerformer {
    private record Done(Performance performance, Line line, MouthChart chart) {}

    private Optional<Done> last = Optional.empty();

    /** The next line is acted from scratch. */
    void forget() {
        last = Optional.empty();
    }

    /**
     * What it takes to act a line.
     *
     * @param whole true when all of it must be moved anew, which takes its time for a long line
     * @param work does it, on any thread
     */
    record Step(boolean whole, Supplier<Performance> work) {}

    /** What it takes to act a line that has a reading, as it is now. */
    Step step(Character figure, MouthChart chart, Line line, LineSound heard, FrameRate rate) {
        return last.filter(d -> d.performance.character() == figure
                        && d.line.id().equals(line.id())
                        && d.line.sound().equals(line.sound())
                        && d.line.seed() == line.seed()
                        && d.performance.line().rate().equals(rate))
                .flatMap(d -> changed(d, figure, chart, line))
                .orElseGet(() -> new Step(true, () -> perform(figure, chart, line, heard, rate)));
    }

    /** Remembers what was acted; the next step goes on from it. */
    void keep(Performance performance, Line line, MouthChart chart) {
        last = Optional.of(new Done(performance, line, chart));
    }

    /** Acts any line that has a reading. */
    static Performance perform(Character figure, MouthChart chart, Line line, LineSound heard, FrameRate rate) {
        return Performance.of(
                figure,
                FittedChart.of(figure, chart),
                new Score(line.timing().orElseThrow(), heard.loudness(), line.mouth(), rate, line.keys(), line.seed()));
    }

    /** Works one edit into what was acted; nothing when so much changed that one begins anew. */
    private static Optional<Step> changed(Done done, Character figure, MouthChart chart, Line line) {
        Performance before = done.performance;
        Timing after = line.timing().orElseThrow();
        boolean sameMouth = done.line.mouth().equals(line.mouth());
        boolean sameChart = done.chart.equals(chart);
        boolean whole = !sameChart;
        Supplier<Performance> mouth = () -> before;
        if (!before.timing().equals(after)) {
            Optional<TimeRange> moved = movedWords(before.timing(), after);
            if (!sameMouth || moved.isEmpty()) {
                return Optional.empty();
            }
            mouth = () -> before.retimed(after, moved.get().start(), moved.get().end());
        } else if (!sameMouth) {
            Optional<TimeRange> touched = touchedWords(done.line.mouth(), line.mouth(), after);
            whole |= touched.isEmpty();
            mouth = () -> touched.isPresent()
                    ? before.reworked(
                            line.mouth(), touched.get().start(), touched.get().end())
                    : before.spoken(line.mouth());
        }
        Supplier<Performance> moving = mouth;
        return Optional.of(new Step(whole, () -> {
            Performance now = moving.get();
            now = sameChart ? now : now.charted(FittedChart.of(figure, chart));
            return done.line.keys().equals(line.keys()) ? now : now.posed(line.keys());
        }));
    }

    /** The stretch from the first word whose times differ to the last, with a word on each side. */
    private static Optional<TimeRange> movedWords(Timing before, Timing after) {
        List<TimedWord> old = before.words();
        List<TimedWord> now = after.words();
        if (old.size() != now.size() || old.isEmpty() || before.duration() != after.duration()) {
            return Optional.empty();
        }
        int first = 0;
        while (first < now.size() - 1 && old.get(first).equals(now.get(first))) {
            first++;
        }
        int last = now.size() - 1;
        while (last > first && old.get(last).equals(now.get(last))) {
            last--;
        }
        first = Math.max(0, first - 1);
        last = Math.min(now.size() - 1, last + 1);
        return Optional.of(new TimeRange(
                Math.min(old.get(first).start(), now.get(first).start()),
                Math.max(old.get(last).end(), now.get(last).end())));
    }

    /** The stretch of the words whose touch-ups differ; nothing when more than touch-ups and own curves differ. */
    private static Optional<TimeRange> touchedWords(MouthWork before, MouthWork after, Timing timing) {
        if (!before.settings().equals(after.settings()) || !before.sections().equals(after.sections())) {
            return Optional.empty();
        }
        List<TouchUp> differ = new ArrayList<>();
        before.touchUps().stream().filter(t -> !after.touchUps().contains(t)).forEach(differ::add);
        after.touchUps().stream().filter(t -> !before.touchUps().contains(t)).forEach(differ::add);
        double from = Double.MAX_VALUE;
        double to = -1;
        for (TouchUp touchUp : differ) {
            Optional<Anchor.Spot> place = touchUp.at().in(timing);
            if (place.isPresent()) {
                int first = Math.max(0, place.get().word() - 1);
                int last = Math.min(timing.words().size() - 1, place.get().word() + 1);
                double reach = Math.abs(touchUp.shift()) + touchUp.hold();
                from = Math.min(from, timing.words().get(first).start() - reach);
                to = Math.max(to, timing.words().get(last).end() + reach);
            }
        }
        return Optional.of(to < 0 ? new TimeRange(0, 0) : new TimeRange(Math.max(0, from), to));
    }
}
