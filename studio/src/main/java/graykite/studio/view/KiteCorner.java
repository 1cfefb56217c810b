package graykite.studio.view;

import graykite.mouth.Diction;

/** What one pulls at the kite: its four corners and its tail. */
public enum KiteCorner {
    OPEN("Open", "How far the mouth opens", 0, 2, 0, -1),
    WIDE("Wide", "How far it spreads; beyond 100 % a smile lies in the voice", 0, 2, 1, 0),
    FIRM("Firm", "How firmly consonants are made and how long lips stay shut", 0, 2, 0, 1),
    ROUND("Round", "How far it rounds and comes forward", 0, 2, -1, 0),
    TAIL("Tail", "Smoothness: a longer tail goes more softly from shape to shape", 0.2, 4, 0, 1);

    private final String title;
    private final String tip;
    private final double min;
    private final double max;
    private final int across;
    private final int down;

    KiteCorner(String title, String tip, double min, double max, int across, int down) {
        this.title = title;
        this.tip = tip;
        this.min = min;
        this.max = max;
        this.across = across;
        this.down = down;
    }

    public String title() {
        return title;
    }

    public String tip() {
        return tip;
    }

    public double min() {
        return min;
    }

    public double max() {
        return max;
    }

    /** Direction in which the corner lies: 1 right, -1 left. */
    int across() {
        return across;
    }

    /** Direction in which the corner lies: 1 down, -1 up. */
    int down() {
        return down;
    }

    /** What it stands for in a diction. */
    public double of(Diction diction) {
        return switch (this) {
            case OPEN -> diction.open();
            case WIDE -> diction.wide();
            case FIRM -> diction.firm();
            case ROUND -> diction.round();
            case TAIL -> diction.smooth();
        };
    }

    /** A diction with this corner pulled to a value; kept within its range. */
    public Diction in(Diction diction, double value) {
        double kept = Math.clamp(value, min, max);
        return switch (this) {
            case OPEN -> diction.withOpen(kept);
            case WIDE -> diction.withWide(kept);
            case FIRM -> diction.withFirm(kept);
            case ROUND -> diction.withRound(kept);
            case TAIL -> diction.withSmooth(kept);
        };
    }
}
