package graykite.studio.model;

import graykite.studio.model.FilePicker.Ask;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks for files, beginning where the last one was found. */
public final class FileMemory {
    private final FilePicker picker;
    private final Settings settings;
    private final String name;

    /** @param name under which the last folder is remembered */
    public FileMemory(FilePicker picker, Settings settings, String name) {
        this.picker = picker;
        this.settings = settings;
        this.name = name;
    }

    private Ask ask(String title, String kind, List<String> endings, String proposed) {
        Path last = Path.of(settings.text(name, System.getProperty("user.home")));
        return new Ask(title, kind, endings, proposed, Files.isDirectory(last) ? Optional.of(last) : Optional.empty());
    }

    private Path remembered(Path file) {
        Optional.ofNullable(file.toAbsolutePath().getParent()).ifPresent(p -> settings.setText(name, p.toString()));
        return file;
    }

    public Optional<Path> open(String title, String kind, List<String> endings) {
        return picker.open(ask(title, kind, endings, "")).map(this::remembered);
    }

    public List<Path> openSeveral(String title, String kind, List<String> endings) {
        List<Path> files = picker.openSeveral(ask(title, kind, endings, ""));
        files.stream().findFirst().ifPresent(this::remembered);
        return files;
    }

    /** Where to save; a name without one of the endings gets the first, and whatever is called so is asked about. */
    public Optional<Path> save(String title, String kind, List<String> endings, String proposed) {
        return picker.save(ask(title, kind, endings, proposed))
                .map(this::remembered)
                .flatMap(p -> {
                    if (endings.stream().anyMatch(e -> p.toString().endsWith(e))) {
                        return Optional.of(p);
                    }
                    Path ended = p.resolveSibling(p.getFileName() + endings.getFirst());
                    return Files.exists(ended) && !picker.mayReplace(ended) ? Optional.empty() : Optional.of(ended);
                });
    }

    public Optional<Path> folder(String title) {
        return picker.folder(ask(title, "", List.of(), "")).map(this::remembered);
    }

    /** Shows a folder in the file manager of the system; false where there is none. */
    public boolean reveal(Path folder) {
        return picker.reveal(folder);
    }
}
