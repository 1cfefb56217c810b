package graykite.studio.model;

import graykite.base.BadInput;
import graykite.format.DictionFiles;
import graykite.mouth.Diction;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The dictions one can choose from: those that ship and those that the user saved, each a file. */
public final class Dictions {
    private final Path folder;
    private final Jobs jobs;

    /**
     * A diction with a name.
     *
     * @param own true when the user saved it
     */
    public record Preset(String name, Diction diction, boolean own) {}

    /** @param workspace in whose settings own ones are kept */
    public Dictions(Workspace workspace) {
        this.folder = workspace.settings().dictionFolder();
        this.jobs = workspace.jobs();
    }

    /** All of them, those that ship first. */
    public List<Preset> list() {
        List<Preset> all = new ArrayList<>();
        DictionFiles.shipped().forEach((name, diction) -> all.add(new Preset(name, diction, false)));
        if (!Files.isDirectory(folder)) {
            return all;
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(f -> f.toString().endsWith(DictionFiles.EXTENSION))
                    .sorted()
                    .toList()) {
                String name = file.getFileName().toString().replace(DictionFiles.EXTENSION, "");
                try {
                    all.add(new Preset(name, DictionFiles.open(file), true));
                } catch (BadInput damaged) {
                    jobs.say(damaged.getMessage());
                }
            }
        } catch (IOException unreadable) {
            jobs.say("Your own dictions in " + folder + " cannot be read. Check that the folder may be opened.");
        }
        return all;
    }

    /** Keeps a diction under a name. Letters, digits, blanks and dashes make a name. */
    public Optional<Preset> save(String name, Diction diction) {
        String plain = name.strip().replaceAll("[^\\p{L}\\p{N} _-]", "").strip();
        if (plain.isEmpty() || plain.length() > 40) {
            jobs.say("A diction is named with up to 40 letters, digits, blanks and dashes.");
            return Optional.empty();
        }
        if (DictionFiles.shipped().containsKey(plain)) {
            jobs.say("\"" + plain + "\" ships with Gray Kite: choose another name.");
            return Optional.empty();
        }
        Path file = folder.resolve(plain + DictionFiles.EXTENSION);
        if (Files.exists(file)) {
            jobs.say("You have a diction called \"" + plain + "\": choose another name, or delete that one first.");
            return Optional.empty();
        }
        try {
            Files.createDirectories(folder);
            DictionFiles.save(diction, file);
        } catch (IOException | BadInput full) {
            jobs.say(
                    "\"" + plain + "\" could not be saved in " + folder + ". Check that the folder may be written to.");
            return Optional.empty();
        }
        jobs.say("Saved the diction \"" + plain + "\" for every project.");
        return Optional.of(new Preset(plain, diction, true));
    }

    public void delete(String name) {
        try {
            Files.deleteIfExists(folder.resolve(name + DictionFiles.EXTENSION));
            jobs.say("Deleted the diction \"" + name + "\".");
        } catch (IOException held) {
            jobs.say("\"" + name + "\" could not be deleted from " + folder + ".");
        }
    }
}
