package graykite.picture;

/** Linear light, 0 to 1 each; colours are written by hand as sRGB hexadecimal. */
public record Colour(float red, float green, float blue) {
    /** Reads 0xRRGGBB as sRGB. */
    public static Colour srgb(int hex) {
        return new Colour(
                (float) Tone.linear((hex >> 16 & 0xff) / 255.0), (float) Tone.linear((hex >> 8 & 0xff) / 255.0), (float)
                        Tone.linear((hex & 0xff) / 255.0));
    }

    public Colour mix(Colour other, double share) {
        float s = (float) Math.clamp(share, 0, 1);
        return new Colour(
                red + (other.red - red) * s, green + (other.green - green) * s, blue + (other.blue - blue) * s);
    }

    public Colour times(double factor) {
        return new Colour((float) (red * factor), (float) (green * factor), (float) (blue * factor));
    }
}
