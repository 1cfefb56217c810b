package graykite.project;

import static graykite.base.Require.requireThat;

import java.util.Optional;

/**
 * Somebody else who is on stage during a line.
 *
 * @param member id of the character
 * @param line id of the line that it speaks there; none for one who only listens
 * @param start when that line begins, in seconds of the line
 */
public record Companion(String member, Optional<String> line, double start) {
    public Companion {
        requireThat(!member.isBlank(), "A companion is a member of the cast.");
        requireThat(start >= 0 && start < 36_000, "A companion's line starts within the line, not at %.2f s.", start);
    }
}
