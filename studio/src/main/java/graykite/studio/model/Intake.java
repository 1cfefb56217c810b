package graykite.studio.model;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.edit.LineEdit;
import graykite.edit.ReadingEdit;
import graykite.format.ScriptFiles;
import graykite.hearing.SimulatedVoice;
import graykite.media.SoundReader;
import graykite.media.WavFiles;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.sound.Sound;
import graykite.text.LanguageGuess;
import graykite.text.Script;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Brings recordings and scripts into the open project. */
public final class Intake {
    /** A recording is kept inside the project as one array of bytes. */
    private static final long MOST_BYTES = 1_500_000_000;

    private final LanguageGuess languages = LanguageGuess.shipped();
    private final Workspace workspace;

    Intake(Workspace workspace) {
        this.workspace = workspace;
    }

    /** Takes a recording: it becomes a line and is read when a script lies beside it. */
    public void addRecording(Path path) {
        addRecordings(List.of(path));
    }

    /** Takes recordings: each becomes a line with the script that lies beside it; all that have words are read. */
    public void addRecordings(List<Path> paths) {
        String what = paths.size() == 1 ? paths.getFirst().getFileName().toString() : paths.size() + " recordings";
        workspace
                .jobs()
                .start(
                        Jobs.Lane.FILES,
                        "Opening " + what,
                        progress -> {
                            List<String> refused = new ArrayList<>();
                            List<Arrival> arrived = new ArrayList<>();
                            for (int i = 0; i < paths.size(); i++) {
                                try {
                                    arrived.add(
                                            paths.size() == 1 ? opened(paths.get(i), progress) : named(paths.get(i)));
                                } catch (BadInput bad) {
                                    if (paths.size() == 1) {
                                        throw bad;
                                    }
                                    refused.add(bad.getMessage());
                                }
                                progress.step((i + 1.0) / paths.size());
                            }
                            return new Delivery(arrived, refused);
                        },
                        this::take,
                        () -> {});
    }

    /** Checked at once: one recording alone is refused before it becomes a line. */
    private static Arrival opened(Path path, Progress progress) {
        Sound sound = SoundReader.read(path, progress);
        Arrival arrival = named(path);
        return new Arrival(arrival.source(), Optional.of(sound), arrival.script());
    }

    /** Many are listed first and decoded when they are read. */
    private static Arrival named(Path path) {
        String script = ScriptFiles.beside(path).map(ScriptFiles::read).orElse("");
        return new Arrival(bytes(path), Optional.empty(), script);
    }

    private static SoundFile bytes(Path path) {
        try {
            if (Files.size(path) > MOST_BYTES) {
                throw BadInput.inFile(path, "is larger than 1.5 GB. Cut it into lines, or save it as FLAC first.");
            }
            return new SoundFile(path.getFileName().toString(), Files.readAllBytes(path));
        } catch (IOException gone) {
            throw BadInput.inFile(path, "vanished while it was opened.", gone);
        }
    }

    private record Arrival(SoundFile source, Optional<Sound> opened, String script) {
        LineEdit.AddLine line() {
            return new LineEdit.AddLine(
                    Project.newId(), source.name().replaceFirst("\\.[^.]*$", ""), Optional.of(source), script, "");
        }
    }

    private record Delivery(List<Arrival> arrived, List<String> refused) {}

    private void take(Delivery delivery) {
        delivery.refused().forEach(workspace.jobs()::say);
        if (delivery.arrived().isEmpty()) {
            return;
        }
        List<LineEdit.AddLine> added = new ArrayList<>();
        long gesture = workspace.newGesture();
        for (Arrival arrival : delivery.arrived()) {
            arrival.opened().ifPresent(sound -> workspace.workbench().keep(arrival.source(), sound));
            LineEdit.AddLine line = arrival.line();
            added.add(line);
            workspace.edit(line, gesture);
            setLanguage(line.line(), line.script(), gesture);
        }
        workspace.sceneId().set("");
        workspace.lineId().set(added.getFirst().line());
        List<Line> lines = added.stream()
                .flatMap(a -> workspace.project().line(a.line()).stream())
                .toList();
        long wordless = lines.stream().filter(l -> l.script().isBlank()).count();
        if (lines.size() == 1 && wordless == 1) {
            workspace
                    .jobs()
                    .say("Opened " + delivery.arrived().getFirst().source().name()
                            + ". Type its words on the Reading desk, or read it by its sound alone.");
        } else if (lines.size() == 1) {
            workspace.readings().read();
        } else {
            workspace.readings().readAll(lines);
        }
    }

    /** Another take of the current line; its words are found in it, and what hangs on them stays. */
    public void replaceRecording(Path path) {
        workspace
                .jobs()
                .start(
                        "Opening " + path.getFileName(),
                        progress -> {
                            SoundReader.read(path, progress);
                            return bytes(path);
                        },
                        workspace.readings()::carry);
    }

    /** What the simulated microphone hears: the words of the line. */
    public String wordsToRecord() {
        String words =
                workspace.line().map(s -> Script.of(s.script()).spokenText()).orElse("");
        return words.isBlank() ? "One, two, three." : words;
    }

    /** What was just recorded: a new take of the current line, or a line of its own where there is none without sound. */
    public void takeRecorded(Sound recorded) {
        SoundFile source = wav(recorded, "recorded.wav");
        Optional<Line> open = workspace.line();
        if (open.isPresent()) {
            workspace.readings().carry(source);
        } else {
            addLine("Recorded line", Optional.of(source));
        }
    }

    /** Gives the current line silence to mark words on, before there is any sound. */
    public void addSilence(double seconds) {
        SoundFile source = wav(Sound.silence(seconds, 16_000), "silence.wav");
        if (workspace.line().isEmpty()) {
            addLine("Line without sound", Optional.empty());
        }
        long gesture = workspace.newGesture();
        workspace.editLine(gesture, l -> new LineEdit.SetRecording(l, source));
        workspace.editLine(gesture, l -> new ReadingEdit.ClearReading(l, seconds));
    }

    private static SoundFile wav(Sound sound, String name) {
        ByteArrayOutputStream wav = new ByteArrayOutputStream();
        try {
            WavFiles.write(sound, wav);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        return new SoundFile(name, wav.toByteArray());
    }

    /** A script file becomes the words of the current line. */
    public void loadScript(Path path) {
        if (workspace.line().isEmpty()) {
            addLine(path.getFileName().toString().replaceFirst("\\.[^.]*$", ""), Optional.empty());
        }
        String line = workspace.lineId().get();
        workspace.jobs().start("Opening " + path.getFileName(), progress -> ScriptFiles.read(path), text -> {
            long gesture = workspace.newGesture();
            workspace.edit(new LineEdit.SetScript(line, text, false), gesture);
            setLanguage(line, text, gesture);
            if (workspace.lineId().get().equals(line)
                    && workspace.line().flatMap(Line::sound).isPresent()) {
                workspace.readings().read();
            }
        });
    }

    /** A line is read in the language that its words plainly look like; that is said, and can be changed. */
    private void setLanguage(String line, String script, long gesture) {
        languages
                .of(script)
                .filter(l -> workspace
                        .project()
                        .line(line)
                        .map(o -> o.voice().language() != l)
                        .orElse(false))
                .ifPresent(l -> {
                    workspace.edit(new LineEdit.SetLanguage(line, l), gesture);
                    workspace
                            .jobs()
                            .say(
                                    "Read as " + l.title()
                                            + ", which the words look like. Choose another language on the Reading desk, under More.");
                });
    }

    /** Lets the built-in simulated voice say the script of the current line. */
    public void speakWithSimulatedVoice() {
        workspace.line().ifPresent(line -> {
            if (line.script().isBlank()) {
                workspace.jobs().say("There are no words to say. Type them on the Reading desk.");
                return;
            }
            workspace
                    .jobs()
                    .start(
                            "Speaking with the simulated voice",
                            progress -> {
                                return wav(
                                        SimulatedVoice.speak(
                                                        Script.of(line.script()).spokenText(),
                                                        workspace.project().dictionary())
                                                .sound(),
                                        "simulated voice.wav");
                            },
                            source -> {
                                workspace.edit(new LineEdit.SetRecording(line.id(), source));
                                if (workspace.lineId().get().equals(line.id())) {
                                    workspace.readings().read();
                                }
                            });
        });
    }

    private void addLine(String title, Optional<SoundFile> recording) {
        String id = Project.newId();
        workspace.edit(new LineEdit.AddLine(id, title, recording, "", ""));
        workspace.lineId().set(id);
    }
}
