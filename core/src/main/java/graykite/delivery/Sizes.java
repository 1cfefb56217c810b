package graykite.delivery;

import graykite.time.FrameRate;

/** About how large deliveries get; measured on the demo's lines, good to about a factor of two. */
final class Sizes {
    /** Bytes of a figure in glTF. */
    private static final long FIGURE = 3_000_000;

    private static final double CHANNELS = 60;

    private Sizes() {}

    static long about(Kind kind, Order order, FrameRate rate, double seconds) {
        Order.Pictures p = order.pictures();
        double frames = rate.perSecond() * seconds
                + order.span().preRoll()
                + order.span().postRoll();
        double pixels = (double) p.width() * p.height();
        double bytes = switch (kind) {
            case GLB ->
                (order.curves().figure() ? FIGURE : 40_000) * (order.curves().compact() ? 0.45 : 1)
                        + frames * CHANNELS * 9 * (order.curves().thinning() > 0 ? 0.3 : 1);
            case CURVES_CSV, CURVES_JSON -> frames * CHANNELS * 4;
            case MOVIE -> seconds * Math.max(1_500_000, pixels * rate.perSecond() * 0.22) / 8;
            case PRORES -> frames * pixels * 0.35;
            case WEBM -> seconds * Math.max(500_000, pixels * rate.perSecond() * 0.08) / 8;
            case PICTURES -> frames * pixels * (p.deep() ? 2.2 : 0.6);
            case WAV -> seconds * 48_000 * 2;
            case SHEET_CSV -> frames * 50;
            case SHEET_PDF -> 200_000 + frames * 400;
            case CONTACT -> seconds * 160_000;
            default -> seconds * 120;
        };
        return (long) bytes;
    }
}
