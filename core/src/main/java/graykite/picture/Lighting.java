package graykite.picture;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;
import java.util.Locale;

/**
 * Three-point light for a face: a soft key, a fill from the other side, a rim from behind, and sky and ground around. The
 * lights turn along with the camera by a part of its yaw, so that a profile is lit too.
 *
 * @param mood colours and strengths of the lights
 * @param yaw degrees from straight ahead to where the key light comes from, to the right of the picture when above 0
 * @param pitch degrees from level to where it comes from, from above when above 0
 */
public record Lighting(Mood mood, double yaw, double pitch) {
    /** Daylight from high on the left of the picture. */
    public static final Lighting USUAL = new Lighting(Mood.DAY, -37, 34);

    /** How far the key light can be turned to either side, and up and down: it stays before the face. */
    public static final double WIDEST = 85;

    /** Share of the camera's yaw by which the lights turn along. */
    private static final double FOLLOWS_CAMERA = 0.55;

    private static final Vec FILL = new Vec(0.85, 0.10, 0.50).unit();
    private static final Vec RIM = new Vec(0.60, 0.45, -0.80).unit();

    /** Colours and strengths: linear red, green and blue of key, fill, rim, and of what comes from above and below. */
    public enum Mood {
        /** A warm, soft key, cool shadows. */
        DAY(
                "Day",
                new float[] {1.52f, 1.40f, 1.25f},
                new float[] {0.24f, 0.29f, 0.36f},
                new float[] {0.62f, 0.66f, 0.72f},
                new float[] {0.36f, 0.38f, 0.41f},
                new float[] {0.20f, 0.175f, 0.16f}),
        /** One lamp in the dark: an amber key, deep shadows, a cold edge. */
        LAMP(
                "Lamp",
                new float[] {1.85f, 1.22f, 0.66f},
                new float[] {0.05f, 0.08f, 0.15f},
                new float[] {0.30f, 0.46f, 0.80f},
                new float[] {0.075f, 0.10f, 0.17f},
                new float[] {0.11f, 0.07f, 0.045f}),
        /** Light from everywhere, as under a low sky: hardly a shadow. */
        FOG(
                "Fog",
                new float[] {0.55f, 0.57f, 0.59f},
                new float[] {0.30f, 0.32f, 0.34f},
                new float[] {0.34f, 0.37f, 0.40f},
                new float[] {0.80f, 0.83f, 0.86f},
                new float[] {0.36f, 0.36f, 0.36f});

        private final String title;
        final float[] key;
        final float[] fill;
        final float[] rim;
        final float[] sky;
        final float[] ground;

        Mood(String title, float[] key, float[] fill, float[] rim, float[] sky, float[] ground) {
            this.title = title;
            this.key = key;
            this.fill = fill;
            this.rim = rim;
            this.sky = sky;
            this.ground = ground;
        }

        /** Its name as people read it. */
        public String title() {
            return title;
        }

        /** As it is written in files. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @throws IllegalArgumentException when there is no such light */
        public static Mood of(String word) {
            for (Mood mood : values()) {
                if (mood.word().equals(word.strip().toLowerCase(Locale.ROOT))) {
                    return mood;
                }
            }
            throw new IllegalArgumentException("A light is day, lamp or fog, not \"" + word.strip() + "\".");
        }
    }

    public Lighting {
        requireThat(
                Math.abs(yaw) <= WIDEST && Math.abs(pitch) <= WIDEST,
                "The key light comes from up to %.0f degrees to either side, above or below.",
                WIDEST);
    }

    public Lighting withMood(Mood newMood) {
        return new Lighting(newMood, yaw, pitch);
    }

    /** From elsewhere; as far to the side, up or down as it can be. */
    public Lighting from(double newYaw, double newPitch) {
        return new Lighting(mood, Math.clamp(newYaw, -WIDEST, WIDEST), Math.clamp(newPitch, -WIDEST, WIDEST));
    }

    /**
     * Reads a mood, and where the key light comes from where that is said too: {@code lamp} or {@code lamp,-40,20}.
     *
     * @throws IllegalArgumentException when it is no light
     */
    public static Lighting of(String text) {
        String[] parts = text.strip().split("\\s*,\\s*", -1);
        Lighting lighting = USUAL.withMood(Mood.of(parts[0]));
        if (parts.length == 1) {
            return lighting;
        }
        try {
            requireThat(parts.length == 3, "A light is a mood and two angles, not \"%s\".", text.strip());
            return new Lighting(lighting.mood, Double.parseDouble(parts[1]), Double.parseDouble(parts[2]));
        } catch (NumberFormatException broken) {
            throw new IllegalArgumentException(
                    "A light is for example lamp, or lamp,-40,20 with degrees to the side and up, not \"" + text.strip()
                            + "\".",
                    broken);
        }
    }

    /** As {@link #of} reads it. */
    public String text() {
        return String.format(Locale.ROOT, "%s,%s,%s", mood.word(), plain(yaw), plain(pitch));
    }

    private static String plain(double degrees) {
        return degrees == Math.rint(degrees) ? Long.toString((long) degrees) : Double.toString(degrees);
    }

    /** Unit direction from the face to the key light, for a camera. */
    Vec key(Camera camera) {
        double y = Math.toRadians(yaw);
        double p = Math.toRadians(pitch);
        Vec ahead = new Vec(Math.sin(y) * Math.cos(p), Math.sin(p), Math.cos(y) * Math.cos(p));
        return turned(ahead, camera.yaw());
    }

    /** The fill comes from the side on which the key is not. */
    Vec fill(Camera camera) {
        return turned(otherSide(FILL), camera.yaw());
    }

    Vec rim(Camera camera) {
        return turned(otherSide(RIM), camera.yaw());
    }

    private Vec otherSide(Vec right) {
        return yaw > 0 ? new Vec(-right.x(), right.y(), right.z()) : right;
    }

    private static Vec turned(Vec direction, double yawDegrees) {
        double a = Math.toRadians(yawDegrees * FOLLOWS_CAMERA);
        double c = Math.cos(a);
        double s = Math.sin(a);
        return new Vec(direction.x() * c + direction.z() * s, direction.y(), -direction.x() * s + direction.z() * c);
    }
}
