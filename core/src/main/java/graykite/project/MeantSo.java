package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.reading.Place;

/**
 * A finding of the proof that somebody says is meant so. It hangs on its word, so it stays silent through re-reading and new
 * takes.
 *
 * @param check id of the check that found it
 * @param at where
 * @param reason why it is meant so
 */
public record MeantSo(String check, Place at, String reason) {
    public MeantSo {
        reason = reason.strip();
        requireThat(!check.isBlank(), "What is meant so was found by a check.");
        requireThat(!reason.isEmpty() && reason.length() <= 500, "A reason has up to 500 characters.");
    }
}
