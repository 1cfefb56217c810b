package graykite.picture;

/** From linear light to what a screen shows: a gentle shoulder for highlights, then the sRGB curve (IEC 61966-2-1). */
final class Tone {
    /** So fine that black is black, and so few that the table stays at the processor's side. */
    private static final int STEPS = 16_384;

    private static final float BRIGHTEST = 4f;
    private static final byte[] TABLE = table();
    private static final float[] FINE = fine();
    private static final float[] BEFORE = before();

    private Tone() {}

    static int pixel(float red, float green, float blue) {
        return 0xff000000 | level(red) << 16 | level(green) << 8 | level(blue);
    }

    /** A colour as 16 bits each, between the steps of the table by straight lines. @param at index of its red in the target */
    static void deep(float red, float green, float blue, int quarters, short[] target, int at) {
        target[at] = fineLevel(red);
        target[at + 1] = fineLevel(green);
        target[at + 2] = fineLevel(blue);
        target[at + 3] = (short) (65_535 * quarters / 4);
    }

    private static short fineLevel(float linear) {
        float place = Math.clamp(linear * (STEPS / BRIGHTEST), 0, STEPS - 1.001f);
        int index = (int) place;
        return (short) Math.round(65_535 * (FINE[index] + (place - index) * (FINE[index + 1] - FINE[index])));
    }

    /** The linear light that comes out of the shoulder as this value: for what must keep its colour. */
    static float beforeShoulder(float shown) {
        return shown < 0.6f
                ? shown
                : BEFORE[Math.min(BEFORE.length - 1, (int) ((shown - 0.6f) * (BEFORE.length / 0.4f)))];
    }

    private static float[] before() {
        float[] table = new float[2048];
        for (int i = 0; i < table.length; i++) {
            double shown = Math.min(0.6 + 0.4 * (i + 0.5) / table.length, 0.994);
            table[i] = (float) (0.6 - 0.4 * Math.log(1 - (shown - 0.6) / 0.4));
        }
        return table;
    }

    private static int level(float linear) {
        int index = (int) (linear * (STEPS / BRIGHTEST));
        return TABLE[index < 0 ? 0 : Math.min(index, STEPS - 1)] & 0xff;
    }

    private static byte[] table() {
        byte[] table = new byte[STEPS];
        for (int i = 0; i < STEPS; i++) {
            table[i] = (byte) Math.round(255 * shown((i + 0.5) * BRIGHTEST / STEPS));
        }
        return table;
    }

    private static float[] fine() {
        float[] table = new float[STEPS];
        for (int i = 0; i < STEPS; i++) {
            table[i] = (float) shown(i * (double) BRIGHTEST / STEPS);
        }
        return table;
    }

    private static double shown(double linear) {
        return srgb(linear < 0.6 ? linear : 0.6 + 0.4 * (1 - Math.exp(-(linear - 0.6) / 0.4)));
    }

    static double srgb(double linear) {
        return linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
    }

    static double linear(double srgb) {
        return srgb <= 0.04045 ? srgb / 12.92 : Math.pow((srgb + 0.055) / 1.055, 2.4);
    }

    /** A pixel that is seen through in part, its colours to match. @param quarters how many of four points are covered */
    static int premultiplied(int pixel, int quarters) {
        int red = (pixel >> 16 & 255) * quarters / 4;
        int green = (pixel >> 8 & 255) * quarters / 4;
        int blue = (pixel & 255) * quarters / 4;
        return 255 * quarters / 4 << 24 | red << 16 | green << 8 | blue;
    }
}
