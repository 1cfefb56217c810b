package graykite.picture;

/** What is seen where nobody stands: one colour that grows darker towards the floor. */
public enum Backdrop {
    /** Warm grey felt, as in a screening room. */
    FELT("Felt", 0.33f, 0.21f, 0.98f, 1, 1.03f),
    NIGHT("Night", 0.035f, 0.015f, 0.85f, 1, 1.25f),
    PAPER("Paper", 0.86f, 0.74f, 1.02f, 1, 0.96f),
    /** One even colour that can be keyed out. */
    GREEN("Even green", 0.36f, 0.36f, 0.1f, 1, 0.16f);

    private final String title;
    private final float top;
    private final float bottom;
    private final float[] tint;

    Backdrop(String title, float top, float bottom, float red, float green, float blue) {
        this.title = title;
        this.top = top;
        this.bottom = bottom;
        this.tint = new float[] {red, green, blue};
    }

    /** Its name as people read it. */
    public String title() {
        return title;
    }

    /** True when the colour is the same everywhere. */
    public boolean isEven() {
        return top == bottom;
    }

    /**
     * Linear light at a height.
     *
     * @param down 0 at the top edge, 1 at the bottom
     * @param into receives red, green and blue
     */
    void light(float down, float[] into) {
        float value = top + (bottom - top) * down;
        for (int i = 0; i < 3; i++) {
            into[i] = value * tint[i];
        }
    }
}
