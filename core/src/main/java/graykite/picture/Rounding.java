package graykite.picture;

/** Whole numbers of small ones, up to a million either way, without a branch: which way they round is anybody's guess. */
final class Rounding {
    private static final int FAR = 1 << 20;

    private Rounding() {}

    static int ceil(float x) {
        return FAR - (int) (FAR - (double) x);
    }

    static int floor(float x) {
        return (int) (FAR + (double) x) - FAR;
    }
}
