package graykite.studio;

/** Starts the window. Not an Application itself, so that JavaFX may lie on the class path. */
public final class Launcher {
    private Launcher() {}

    public static void main(String[] arguments) {
        System.out.println(arguments.length);
    }
}
