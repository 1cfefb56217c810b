package graykite.studio;

import graykite.base.Aside;
import graykite.base.Progress;
import graykite.format.ProjectFiles;
import graykite.media.SoundReader;
import graykite.project.Project;
import graykite.studio.model.Documents;
import graykite.studio.play.AudioOut;
import graykite.studio.play.DeviceOut;
import graykite.studio.play.SilentOut;
import graykite.workbench.Figures;
import graykite.workbench.Staged;
import graykite.workbench.Workbench;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;

/**
 * What can begin before there is a window: reading the character, looking for a sound device, loading FFmpeg, opening the project that
 * is asked for and acting its first line.
 *
 * @param workbench works for the window; the first of its cast is being opened
 * @param out where sound goes; silent where there is no device
 * @param project the demo or the file that the arguments ask for, if any
 */
record Preparations(
        Workbench workbench, CompletableFuture<AudioOut> out, Optional<CompletableFuture<Project>> project) {
    static Preparations begin(List<String> arguments) {
        CompletableFuture<AudioOut> out =
                Aside.ask(() -> DeviceOut.open().<AudioOut>map(device -> device).orElseGet(SilentOut::new));
        Thread.ofPlatform().daemon().name("kite-prepare").start(SoundReader::prepare);
        Workbench workbench = newWorkbench();
        Optional<CompletableFuture<Project>> project = wanted(arguments).map(Aside::ask);
        // What this fails of the window meets again, and tells.
        project.ifPresent(p -> Aside.then(p, opened -> actFirst(workbench, opened)));
        return new Preparations(workbench, out, project);
    }

    private static Optional<Supplier<Project>> wanted(List<String> arguments) {
        return isDemo(arguments)
                ? Optional.of(Documents::demo)
                : file(arguments).map(path -> () -> ProjectFiles.open(path));
    }

    /** True when arguments ask for the demo. */
    static boolean isDemo(List<String> arguments) {
        return arguments.contains("--demo");
    }

    /** The file that arguments ask for, unless they ask for the demo. */
    static Optional<Path> file(List<String> arguments) {
        return arguments.stream()
                .limit(1)
                .filter(a -> !a.startsWith("--") && !isDemo(arguments))
                .map(Path::of)
                .findFirst();
    }

    /** The line that the window opens with: the workbench keeps what it comes to. */
    private static Optional<Staged> actFirst(Workbench workbench, Project project) {
        return project.lines().stream().findFirst().map(l -> workbench.line(project, l.id(), Progress.none()));
    }

    /** The project that is asked for, once it is there; what it cannot be opened for fails here. */
    Supplier<Project> opened() {
        return () -> Aside.outcome(project.orElseThrow());
    }

    /** Works with our cast, of which the first is opened at once: nearly always she is the one who is seen. */
    static Workbench newWorkbench() {
        Figures figures = new Figures();
        Thread.ofPlatform()
                .daemon()
                .name("kite-figure")
                .start(() -> figures.deformer(figures.of(Project.OUR_CAST.getFirst())));
        return new Workbench(SoundReader::read, figures);
    }
}
