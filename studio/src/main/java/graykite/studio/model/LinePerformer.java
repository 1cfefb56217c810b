package graykite.studio.model;

import graykite.mouth.Anchor;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthWork;
import graykite.mouth.TouchUp;
import graykite.project.Shot;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.scene.Line;
import graykite.scene.Performance;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** Acts the line that is worked on, and computes anew only what an edit touched: drags must be seen at once. */
final class LinePerformer {
    private record Done(Performance performance, Shot shot, MouthChart chart) {}

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

    /** What it takes to act a shot that has a reading, as it is now. */
    Step step(Character figure, MouthChart chart, Shot shot, LineSound heard, FrameRate rate) {
        return last.filter(d -> d.performance.character() == figure
                        && d.shot.id().equals(shot.id())
                        && d.shot.sound().equals(shot.sound())
                        && d.shot.seed() == shot.seed()
                        && d.performance.line().rate().equals(rate))
                .flatMap(d -> changed(d, figure, chart, shot))
                .orElseGet(() -> new Step(true, () -> perform(figure, chart, shot, heard, rate)));
    }

    /** Remembers what was acted; the next step goes on from it. */
    void keep(Performance performance, Shot shot, MouthChart chart) {
        last = Optional.of(new Done(performance, shot, chart));
    }

    /** Acts any shot that has a reading. */
    static Performance perform(Character figure, MouthChart chart, Shot shot, LineSound heard, FrameRate rate) {
        return Performance.of(
                figure,
                FittedChart.of(figure, chart),
                new Line(shot.timing().orElseThrow(), heard.loudness(), shot.mouth(), rate, shot.keys(), shot.seed()));
    }

    /** Works one edit into what was acted; nothing when so much changed that one begins anew. */
    private static Optional<Step> changed(Done done, Character figure, MouthChart chart, Shot shot) {
        Performance before = done.performance;
        Timing after = shot.timing().orElseThrow();
        boolean sameMouth = done.shot.mouth().equals(shot.mouth());
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
            Optional<TimeRange> touched = touchedWords(done.shot.mouth(), shot.mouth(), after);
            whole |= touched.isEmpty();
            mouth = () -> touched.isPresent()
                    ? before.reworked(
                            shot.mouth(), touched.get().start(), touched.get().end())
                    : before.spoken(shot.mouth());
        }
        Supplier<Performance> moving = mouth;
        return Optional.of(new Step(whole, () -> {
            Performance now = moving.get();
            now = sameChart ? now : now.charted(FittedChart.of(figure, chart));
            return done.shot.keys().equals(shot.keys()) ? now : now.posed(shot.keys());
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
            Optional<Anchor.Place> place = touchUp.at().in(timing);
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
