package graykite.picture;

/** How a stage is lit, and what is behind those who stand on it. */
public record Dressing(Lighting lighting, Backdrop backdrop) {
    /** Daylight before grey felt. */
    public static final Dressing USUAL = new Dressing(Lighting.USUAL, Backdrop.FELT);

    public Dressing lit(Lighting newLighting) {
        return new Dressing(newLighting, backdrop);
    }

    public Dressing before(Backdrop newBackdrop) {
        return new Dressing(lighting, newBackdrop);
    }
}
