package graykite.command;

import graykite.format.ProjectFiles;
import graykite.project.Line;
import graykite.project.SoundFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** For the launcher: does the main job once, so that Java learns what it takes and later starts are quick. */
@Command(name = "rehearse", hidden = true, description = "Speaks the first line of the demo into a folder.")
final class RehearseCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "FOLDER")
    private Path folder;

    @Override
    public Integer call() throws IOException {
        Line line;
        try (InputStream demo = RehearseCommand.class.getResourceAsStream("/graykite/demo/demo.kite")) {
            line = ProjectFiles.read(demo, "demo.kite").lines().getFirst();
        }
        SoundFile recording = line.sound().orElseThrow();
        Path sound = Files.write(folder.resolve(recording.name()), recording.content());
        for (String out : new String[] {"line.csv", "line.glb"}) {
            int code = Main.run(
                    "speak",
                    sound.toString(),
                    "--text",
                    line.script(),
                    "-o",
                    folder.resolve(out).toString());
            if (code != 0) {
                return code;
            }
        }
        return 0;
    }
}
