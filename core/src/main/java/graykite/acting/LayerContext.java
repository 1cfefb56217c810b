package graykite.acting;

import graykite.mouth.Beats;
import graykite.mouth.MouthMotion;
import graykite.reading.WordFinder;
import graykite.rig.Character;

/**
 * What a layer is made ready for.
 *
 * @param score what is said, how it sounds and how it is to be acted
 * @param words finds the words that things hang on
 * @param beats the line sound by sound, as the mouth shows it
 * @param mouth how the mouth moves
 */
public record LayerContext(Character character, Score score, WordFinder words, Beats beats, MouthMotion mouth) {}
