package graykite.studio.model;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.application.Platform;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** Long work and what is remembered between sessions. */
@ExtendWith(ApplicationExtension.class)
class JobsTest {
    @TempDir
    Path folder;

    private final Jobs jobs = new Jobs();

    @AfterEach
    void close() {
        jobs.close();
    }

    private static <T> T fx(Callable<T> action) {
        return WaitForAsyncUtils.waitForAsyncFx(10_000, action);
    }

    private static void await(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> fx(condition));
    }

    private static void awaitQuietly(CountDownLatch latch) {
        try {
            latch.await(10, TimeUnit.SECONDS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void worksElsewhereAndAnswersHere() throws Exception {
        List<Boolean> onFx = Collections.synchronizedList(new ArrayList<>());
        fx(() -> {
            jobs.start(
                    "Counting",
                    progress -> {
                        onFx.add(Platform.isFxApplicationThread());
                        progress.step(1);
                        return 42;
                    },
                    result -> {
                        onFx.add(Platform.isFxApplicationThread());
                        jobs.say("It is " + result);
                    });
            return null;
        });
        await(() -> jobs.message().get().equals("It is 42"));
        assertEquals(List.of(false, true), onFx);
        assertEquals("", fx(() -> jobs.running().get()));
    }

    /** Whoever asks for work sees at once that it comes, also while other work goes before it. */
    @Test
    void whatWaitsForItsTurnIsSeen() throws Exception {
        CountDownLatch first = new CountDownLatch(1);
        assertEquals(List.of("Reading one", "Reading one (and 1 more)"), fx(() -> {
            List<String> seen = new ArrayList<>();
            for (String name : List.of("Reading one", "Reading two")) {
                jobs.start(
                        name,
                        progress -> {
                            awaitQuietly(first);
                            return name;
                        },
                        jobs::say);
                seen.add(jobs.running().get());
            }
            return seen;
        }));
        first.countDown();
        await(() -> jobs.message().get().equals("Reading two"));
        assertEquals("", fx(() -> jobs.running().get()));
    }

    @Test
    void aCancelledJobChangesNothing() throws Exception {
        CountDownLatch started = new CountDownLatch(1);
        AtomicBoolean done = new AtomicBoolean();
        fx(() -> {
            jobs.start(
                    "Waiting",
                    progress -> {
                        started.countDown();
                        while (true) {
                            progress.step(0.5);
                        }
                    },
                    result -> done.set(true));
            return null;
        });
        assertTrue(started.await(10, TimeUnit.SECONDS));
        await(() -> jobs.running().get().equals("Waiting"));
        fx(() -> {
            jobs.cancel();
            return null;
        });
        await(() -> jobs.message().get().startsWith("Waiting was cancelled"));
        assertFalse(done.get());
    }

    @Test
    void failuresAreTold() throws Exception {
        AtomicBoolean failed = new AtomicBoolean();
        fx(() -> {
            jobs.start(
                    "Opening x",
                    progress -> {
                        throw new BadInput("x.wav: is empty.");
                    },
                    result -> {},
                    () -> failed.set(true));
            return null;
        });
        await(() -> jobs.message().get().equals("x.wav: is empty."));
        assertTrue(failed.get());
        fx(() -> {
            jobs.start(
                    "Thinking",
                    progress -> {
                        throw new IllegalStateException("odd");
                    },
                    result -> {});
            return null;
        });
        await(() -> jobs.message().get().startsWith("Thinking failed unexpectedly"));
    }

    @Test
    void settingsAreRemembered() throws Exception {
        Settings first = new Settings(folder);
        Path a = Files.createFile(folder.resolve("a.kite"));
        Path b = Files.createFile(folder.resolve("b.kite"));
        first.addRecent(a);
        first.addRecent(b);
        first.addRecent(a);
        first.setFlag("dusk", true);
        first.setText("folder", "/there");
        Settings again = new Settings(folder);
        assertEquals(List.of(a, b), again.recent());
        assertTrue(again.flag("dusk"));
        assertEquals("/there", again.text("folder", ""));
        Files.delete(b);
        assertEquals(List.of(a), again.recent());
    }

    @Test
    void damagedSettingsStartAnew() throws Exception {
        Files.writeString(folder.resolve("settings.json"), "{ broken");
        Settings settings = new Settings(folder);
        assertTrue(settings.recent().isEmpty());
        settings.setFlag("dusk", true);
        assertTrue(new Settings(folder).flag("dusk"));
    }

    @Test
    void shortcutsHaveNames() {
        UserAction undo = UserAction.of("Project", "Undo", "Ctrl+Z", () -> {});
        assertEquals("Ctrl+Z", undo.keysText());
        assertEquals("", UserAction.of("Window", "Dusk", "", () -> {}).keysText());
    }
}
