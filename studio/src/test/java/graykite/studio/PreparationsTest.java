package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.project.Line;
import graykite.project.Project;
import graykite.studio.model.Figures;
import graykite.studio.model.Jobs;
import graykite.studio.model.Settings;
import graykite.studio.model.Workspace;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationExtension;

/** What begins before there is a window, and that the window goes on from there. */
@ExtendWith(ApplicationExtension.class)
class PreparationsTest {
    @TempDir
    Path folder;

    private static Workspace workspace(Preparations prepared, Path folder) {
        return onFx(() -> new Workspace(
                new Jobs(),
                new Settings(folder),
                new Figures(prepared.workbench().figures()),
                prepared.workbench()));
    }

    @Test
    void theDemoIsActedAlreadyWhenTheWindowOpensIt() throws Exception {
        Preparations prepared = Preparations.begin(List.of("--demo"));
        Project demo = prepared.opened().get();
        assertEquals("The night ferry", demo.title());
        Line first = demo.lines().getFirst();
        await(() -> prepared.workbench().hasHeard(first));
        Workspace workspace = workspace(prepared, folder);
        onFx(() -> {
            workspace.replaceProject(demo, Optional.empty());
            return null;
        });
        assertTrue(prepared.workbench().hasHeard(first), "what was begun is kept");
        await(workspace::settled);
        assertTrue(onFx(() -> workspace.performance().get()).isPresent());
        onFx(() -> {
            workspace.replaceProject(Project.empty(), Optional.empty());
            return null;
        });
        assertFalse(prepared.workbench().hasHeard(first), "what is closed is forgotten");
        onFx(() -> {
            workspace.close();
            return null;
        });
    }

    @Test
    void aFileThatCannotBeOpenedSaysWhyOnceItIsAskedFor() {
        Path nowhere = folder.resolve("nowhere.kite");
        Preparations prepared = Preparations.begin(List.of(nowhere.toString(), "--timing"));
        String why = assertThrows(BadInput.class, () -> prepared.opened().get()).getMessage();
        assertTrue(why.contains("nowhere.kite"), why);
    }

    @Test
    void argumentsSayWhatIsOpened() {
        assertTrue(Preparations.begin(List.of("--timing")).project().isEmpty());
        assertEquals(Optional.of(Path.of("a.kite")), Preparations.file(List.of("a.kite", "--timing")));
        assertEquals(Optional.empty(), Preparations.file(List.of("a.kite", "--demo")));
    }
}
