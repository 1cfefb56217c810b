package graykite.studio.model;

import graykite.base.BadInput;
import graykite.format.ScriptFiles;
import graykite.media.SoundReader;
import graykite.media.WavFiles;
import graykite.project.Project;
import graykite.project.Shot;
import graykite.project.SoundFile;
import graykite.speech.Script;
import graykite.speech.SimulatedVoice;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Brings recordings and scripts into the open project. */
public final class Intake {
    private final Workspace workspace;

    Intake(Workspace workspace) {
        this.workspace = workspace;
    }

    /** Takes dropped or chosen recordings and scripts: each recording becomes a line and is read when it has words. */
    public void addRecording(Path path) {
        workspace
                .jobs()
                .start(
                        "Opening " + path.getFileName(),
                        progress -> {
                            LineSound opened = LineSound.of(SoundReader.read(path, progress));
                            try {
                                SoundFile source =
                                        new SoundFile(path.getFileName().toString(), Files.readAllBytes(path));
                                String script = ScriptFiles.beside(path)
                                        .map(ScriptFiles::read)
                                        .orElse("");
                                return new Arrival(source, opened, script);
                            } catch (IOException gone) {
                                throw BadInput.inFile(path, "vanished while it was opened.", gone);
                            }
                        },
                        arrival -> {
                            workspace.keepDecoded(arrival.source(), arrival.opened());
                            String title = arrival.source().name().replaceFirst("\\.[^.]*$", "");
                            Shot line = Shot.empty(Project.newId(), title)
                                    .withSound(arrival.source())
                                    .withScript(arrival.script());
                            workspace.edit("Add " + arrival.source().name(), p -> p.with(line));
                            workspace.shotId().set(line.id());
                            if (arrival.script().isBlank()) {
                                workspace
                                        .jobs()
                                        .say("Opened " + arrival.source().name()
                                                + ". Type its words on the Reading desk.");
                            } else {
                                workspace.read();
                            }
                        });
    }

    private record Arrival(SoundFile source, LineSound opened, String script) {}

    /** Another recording for the current line; the script stays and is read again. */
    public void replaceRecording(Path path) {
        workspace
                .jobs()
                .start(
                        "Opening " + path.getFileName(),
                        progress -> {
                            SoundReader.read(path, progress);
                            try {
                                return new SoundFile(path.getFileName().toString(), Files.readAllBytes(path));
                            } catch (IOException gone) {
                                throw BadInput.inFile(path, "vanished while it was opened.", gone);
                            }
                        },
                        source -> {
                            workspace.editShot("Replace recording", 0, s -> s.withSound(source));
                            if (workspace.shot().map(s -> !s.script().isBlank()).orElse(false)) {
                                workspace.read();
                            }
                        });
    }

    /** A script file becomes the words of the current line. */
    public void loadScript(Path path) {
        if (workspace.shot().isEmpty()) {
            Shot line =
                    Shot.empty(Project.newId(), path.getFileName().toString().replaceFirst("\\.[^.]*$", ""));
            workspace.edit("Add line", p -> p.with(line));
            workspace.shotId().set(line.id());
        }
        workspace.jobs().start("Opening " + path.getFileName(), progress -> ScriptFiles.read(path), text -> {
            workspace.editShot("Load script", 0, s -> s.withScript(text));
            if (workspace.shot().flatMap(Shot::sound).isPresent()) {
                workspace.read();
            }
        });
    }

    /** Lets the built-in simulated voice say the script of the current line. */
    public void speakWithSimulatedVoice() {
        workspace.shot().ifPresent(shot -> {
            if (shot.script().isBlank()) {
                workspace.jobs().say("There are no words to say. Type them on the Reading desk.");
                return;
            }
            workspace
                    .jobs()
                    .start(
                            "Speaking with the simulated voice",
                            progress -> {
                                ByteArrayOutputStream wav = new ByteArrayOutputStream();
                                try {
                                    WavFiles.write(
                                            SimulatedVoice.speak(Script.of(shot.script())
                                                            .spokenText())
                                                    .sound(),
                                            wav);
                                } catch (IOException impossible) {
                                    throw new IllegalStateException(impossible);
                                }
                                return new SoundFile("simulated voice.wav", wav.toByteArray());
                            },
                            source -> {
                                workspace.editShot("Speak with the simulated voice", 0, s -> s.withSound(source));
                                workspace.read();
                            });
        });
    }
}
