package graykite.studio.view;

/** Which stretch of time the sheet shows, and how far apart its seconds lie. */
final class SheetScale {
    private static final double MARGIN = 16;
    /** Eight pixels a sample of a recording at 48 kHz. */
    private static final double FINEST = 400_000;
    /** Shows eleven hours in a small window. */
    private static final double COARSEST = 0.02;

    private double width = 1;
    private double duration = 1;
    private double start;
    private double pixelsASecond = 100;

    /** Tells how much room there is and how long the line lasts. */
    void room(double newWidth, double newDuration) {
        width = Math.max(1, newWidth - SheetRows.GUTTER);
        duration = Math.max(0.1, newDuration);
    }

    double start() {
        return start;
    }

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
        return SheetRows.GUTTER + (time - start) * pixelsASecond;
    }

    double timeAt(double x) {
        return start + (x - SheetRows.GUTTER) / pixelsASecond;
    }

    boolean outside(double from, double to) {
        return to < start || from > start + visibleSeconds();
    }

    void startAt(double time) {
        double most = Math.max(0, duration - visibleSeconds() + MARGIN / pixelsASecond);
        start = Math.clamp(time, 0, most);
    }

    void scrollBy(double pixels) {
        startAt(start + pixels / pixelsASecond);
    }

    /** Shows the whole line. */
    void fit() {
        pixelsASecond = whole();
        start = 0;
    }

    /** Zooms by a factor; the time under a pixel stays there. */
    void zoom(double factor, double aboutX) {
        double anchor = timeAt(aboutX);
        pixelsASecond = Math.clamp(pixelsASecond * factor, Math.min(whole(), FINEST), FINEST);
        startAt(anchor - (aboutX - SheetRows.GUTTER) / pixelsASecond);
    }

    private double whole() {
        return Math.max(COARSEST, (width - MARGIN) / duration);
    }
}
