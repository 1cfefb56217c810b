package graykite.studio;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.lang.foreign.Arena;
import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.ValueLayout;
import java.lang.invoke.MethodHandle;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;

@EnabledOnOs(OS.LINUX)
class ToolkitVariablesTest {
    /** The C library has them: what Java tells of the environment is a copy from its start. */
    @Test
    @SuppressWarnings("restricted")
    void areThereForTheToolkit() throws Throwable {
        ToolkitVariables.settle();
        Linker linker = Linker.nativeLinker();
        MethodHandle getenv = linker.downcallHandle(
                linker.defaultLookup().findOrThrow("getenv"),
                FunctionDescriptor.of(ValueLayout.ADDRESS, ValueLayout.ADDRESS));
        try (Arena arena = Arena.ofConfined()) {
            for (Map.Entry<String, String> variable : ToolkitVariables.ALL.entrySet()) {
                MemorySegment found = (MemorySegment) getenv.invokeExact(arena.allocateFrom(variable.getKey()));
                assertEquals(variable.getValue(), found.reinterpret(64).getString(0));
            }
        }
    }
}
