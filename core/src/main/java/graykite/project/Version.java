package graykite.project;

import static graykite.base.Require.requireThat;

/**
 * A state of the project that was kept under a name, to compare with and to go back to. It shares with the project whatever
 * did not change.
 *
 * @param name what people call it
 * @param when it was kept, in milliseconds since 1970 (UTC)
 * @param project as it was, without versions
 */
public record Version(String name, long when, Project project) {
    public Version {
        name = name.strip();
        requireThat(!name.isEmpty() && name.length() <= 80, "A version has a name of up to 80 characters.");
        requireThat(project.versions().isEmpty(), "A version holds no versions.");
    }
}
