package graykite.bench;

/** Placeholder until the measurements exist. */
public final class Bench {
    private Bench() {}

    public static void main(String[] arguments) {
        System.out.println(arguments.length);
    }
}
