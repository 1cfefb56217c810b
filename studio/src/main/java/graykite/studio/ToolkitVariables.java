package graykite.studio;

import java.lang.foreign.Arena;
import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.ValueLayout;
import java.lang.invoke.MethodHandle;
import java.util.Map;

/**
 * The environment variables that the window toolkit sets on Linux while it starts. A new variable moves the block of all of them, and
 * a thread that reads one just then, as loading a library does, reads freed memory and ends the program. One that is there already is
 * changed in its place. So they are set before any thread but the first begins; where {@code ./kite} has set them there is nothing to do.
 */
final class ToolkitVariables {
    static final Map<String, String> ALL = Map.of("GDK_BACKEND", "x11", "IBUS_ENABLE_SYNC_MODE", "1");

    private static final int UNLESS_THERE = 0;

    private ToolkitVariables() {}

    /** @throws IllegalStateException when the system takes none */
    static void settle() {
        if (System.getProperty("os.name").equals("Linux")
                && !System.getenv().keySet().containsAll(ALL.keySet())) {
            ALL.forEach(ToolkitVariables::set);
        }
    }

    /** Calls setenv of the C library (POSIX.1-2017). */
    @SuppressWarnings("restricted")
    private static void set(String name, String value) {
        Linker linker = Linker.nativeLinker();
        MethodHandle setenv = linker.downcallHandle(
                linker.defaultLookup().findOrThrow("setenv"),
                FunctionDescriptor.of(
                        ValueLayout.JAVA_INT, ValueLayout.ADDRESS, ValueLayout.ADDRESS, ValueLayout.JAVA_INT));
        try (Arena arena = Arena.ofConfined()) {
            int failed = (int) setenv.invokeExact(arena.allocateFrom(name), arena.allocateFrom(value), UNLESS_THERE);
            if (failed != 0) {
                throw new IllegalStateException("The environment variable " + name + " could not be set.");
            }
        } catch (RuntimeException | Error failure) {
            throw failure;
        } catch (Throwable unexpected) {
            throw new IllegalStateException(unexpected);
        }
    }
}
