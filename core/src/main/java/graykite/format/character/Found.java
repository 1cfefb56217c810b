package graykite.format.character;

import graykite.figures.Match;
import graykite.rig.Character;
import java.util.List;

/**
 * A character as it was found in somebody's files.
 *
 * @param character with what could be matched in place
 * @param matches what each channel was taken for; channels that are missing here mean nothing to us yet
 * @param remarks what was left out, named anew or scaled, a line each
 */
public record Found(Character character, List<Match> matches, List<String> remarks) {
    public Found {
        matches = List.copyOf(matches);
        remarks = List.copyOf(remarks);
    }
}
