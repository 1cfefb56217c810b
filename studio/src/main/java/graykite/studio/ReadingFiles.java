package graykite.studio;

import graykite.base.AtomicFiles;
import graykite.edit.ProjectEdit;
import graykite.edit.ReadingEdit;
import graykite.format.DictionaryFiles;
import graykite.format.ReadingImport;
import graykite.format.TimingFiles;
import graykite.project.Line;
import graykite.studio.desk.ReadingDesk;
import graykite.studio.model.Workspace;
import graykite.text.Pronunciation;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What the Reading desk asks of the window: files of scripts, readings and words. */
final class ReadingFiles implements ReadingDesk.Asks {
    private static final List<String> READINGS = List.of(".ctm", ".vtt", ".srt", ".csv");
    private static final List<String> SAVED = List.of(".ctm", ".vtt", ".srt", ".csv", ".json");
    private static final List<String> DICTIONARIES = List.of(".dict", ".txt", ".dic");

    private final FileDialogs files;
    private final Workspace workspace;

    ReadingFiles(FileDialogs files, Workspace workspace) {
        this.files = files;
        this.workspace = workspace;
    }

    @Override
    public void loadScript() {
        files.chooseScript();
    }

    @Override
    public void importReading() {
        files.choose("Load a reading", "Readings", READINGS).ifPresent(this::importReading);
    }

    /** Takes a reading of the current line from a file. */
    void importReading(Path path) {
        double duration = workspace.sound().get().map(s -> s.sound().duration()).orElse(0.0);
        if (duration == 0) {
            workspace.jobs().say("A recording comes first: open the one that the reading belongs to.");
            return;
        }
        String line = workspace.lineId().get();
        workspace
                .jobs()
                .start(
                        "Opening " + path.getFileName(),
                        progress -> ReadingImport.open(
                                path, duration, workspace.words().pronouncer()),
                        timing -> {
                            workspace.edit(new ReadingEdit.SetReading(
                                    line, timing, !timing.text().isBlank()));
                            workspace
                                    .jobs()
                                    .say(timing.words().size() + " words loaded from " + path.getFileName() + ".");
                        });
    }

    @Override
    public void exportReading() {
        String name = workspace.line().map(s -> s.title().strip()).orElse("reading");
        files.chooseToSave("Save the reading", "Readings", SAVED, name.replaceAll("[^\\p{L}\\p{N} _-]", "") + ".ctm")
                .ifPresent(this::exportReading);
    }

    /** Saves the reading of the current line in the format that the file name asks for. */
    void exportReading(Path path) {
        workspace
                .line()
                .flatMap(Line::timing)
                .ifPresent(timing -> workspace
                        .jobs()
                        .start(
                                "Saving " + path.getFileName(),
                                progress -> {
                                    TimingFiles.Kind kind = TimingFiles.Kind.ofName(
                                            path.getFileName().toString());
                                    AtomicFiles.write(
                                            path,
                                            out -> TimingFiles.write(
                                                    timing,
                                                    kind,
                                                    TimingFiles.Level.WORDS,
                                                    path.getFileName()
                                                            .toString()
                                                            .replaceFirst("\\.[^.]*$", ""),
                                                    out));
                                    return path;
                                },
                                saved -> workspace.jobs().say("Saved " + saved.getFileName() + ".")));
    }

    @Override
    public void importDictionary() {
        files.choose("Load words", "Dictionaries", DICTIONARIES).ifPresent(this::importDictionary);
    }

    /** Adds the words of a file to those of the project. */
    void importDictionary(Path path) {
        workspace.jobs().start("Opening " + path.getFileName(), progress -> DictionaryFiles.open(path), words -> {
            Map<String, Pronunciation> all = new HashMap<>(workspace.project().dictionary());
            all.putAll(words);
            workspace.edit(new ProjectEdit.SetWords(all));
            workspace.jobs().say(words.size() + " words loaded. Read the lines again to use them (Ctrl+R).");
        });
    }

    @Override
    public void exportDictionary() {
        if (workspace.project().dictionary().isEmpty()) {
            workspace.jobs().say("The project has no words of its own yet.");
            return;
        }
        files.chooseToSave(
                        "Save words",
                        "Dictionaries",
                        DICTIONARIES,
                        workspace.project().title() + ".dict")
                .ifPresent(path -> workspace
                        .jobs()
                        .start(
                                "Saving " + path.getFileName(),
                                progress -> {
                                    DictionaryFiles.save(workspace.project().dictionary(), path);
                                    return path;
                                },
                                saved -> workspace.jobs().say("Saved " + saved.getFileName() + ".")));
    }
}
