package graykite.studio.desk;

import graykite.proof.ProofNote;

/**
 * A note as a list shows it.
 *
 * @param line id of its line
 * @param elsewhere name of the line where that is not the one that is worked on; else empty
 * @param when as timecode
 */
record NoteRow(ProofNote note, String line, String elsewhere, String when) {}
