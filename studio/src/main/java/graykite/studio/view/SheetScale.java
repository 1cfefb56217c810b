package graykite.studio.view;

/** Which stretch of time the sheet shows, and how far apart its seconds lie. */
final class SheetScale {
    private static final double MARGIN = 16;
    /** Eight pixels a sample of a recording at 48 kHz. */
    private static final double FINEST = 400_000;
    /** Shows eleven hours in a small window. */
    private static final double COARSEST = 0.02;

    private double width = 1;
    private double beginning;
    private double duration = 1;
    private double start;
    private double pixelsASecond = 100;

    /** Tells how much room there is and how long the line lasts. */
    void room(double newWidth, double newDuration) {
        room(newWidth, 0, newDuration);
    }

    /** Tells how much room there is, and from when to when there is something: before 0 where others speak first. */
    void room(double newWidth, double newBeginning, double end) {
        width = Math.max(1, newWidth - SheetRow.GUTTER);
        beginning = Math.min(0, newBeginning);
        duration = Math.max(0.1, end);
    }

    /** When what can be shown begins: 0 or less. */
    double beginning() {
        return beginning;
    }

    double start() {
        return start;
    }

    /** When what can be shown ends. */
    double duration() {
        return duration;
    }

    double pixelsASecond() {
        return pixelsASecond;
    }

    double visibleSeconds() {
        return width / pixelsASecond;
    }

    double xOf(double time) {
        return SheetRow.GUTTER + (time - start) * pixelsASecond;
    }

    double timeAt(double x) {
        return start + (x - SheetRow.GUTTER) / pixelsASecond;
    }

    boolean outside(double from, double to) {
        return to < start || from > start + visibleSeconds();
    }

    void startAt(double time) {
        double most = Math.max(beginning, duration - visibleSeconds() + MARGIN / pixelsASecond);
        start = Math.clamp(time, beginning, most);
    }

    /** The clock of the line shows so many seconds more: what is seen stays. */
    void shiftBy(double seconds) {
        beginning += seconds;
        duration = Math.max(0.1, duration + seconds);
        start += seconds;
    }

    void scrollBy(double pixels) {
        startAt(start + pixels / pixelsASecond);
    }

    /** Shows the whole line. */
    void fit() {
        pixelsASecond = whole();
        start = beginning;
    }

    /** Zooms by a factor; the time under a pixel stays there. */
    void zoom(double factor, double aboutX) {
        double anchor = timeAt(aboutX);
        pixelsASecond = Math.clamp(pixelsASecond * factor, Math.min(whole(), FINEST), FINEST);
        startAt(anchor - (aboutX - SheetRow.GUTTER) / pixelsASecond);
    }

    private double whole() {
        return Math.max(COARSEST, (width - MARGIN) / (duration - beginning));
    }
}
