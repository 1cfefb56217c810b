package graykite.bench;

import graykite.base.EditDistance;
import graykite.base.Progress;
import graykite.media.ear.Drafter;
import graykite.sound.Sound;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** How many words of recordings are drafted wrongly, and how often the drafter says that it is unsure. */
final class Drafts {
    private final Drafter drafter;
    private int recordings;
    private int words;
    private int wrong;
    private int wordless;
    private int unsure;
    private double heard;
    private double taken;

    private Drafts(Drafter drafter) {
        this.drafter = drafter;
    }

    /**
     * Drafts recordings of a folder and prints what came of it. Words count as the same whatever their capitals and marks.
     *
     * @param every which of the recordings
     * @param least seconds that a recording must last to count
     */
    static void print(Path folder, Every every, double least) throws IOException {
        long began = System.nanoTime();
        Drafts drafts = new Drafts(Drafter.shipped());
        double loading = (System.nanoTime() - began) / 1e9;
        for (Recorded recording : every.of(Recorded.in(folder))) {
            Sound sound = recording.sound();
            if (sound.duration() >= least) {
                drafts.add(recording.words(), sound);
            }
        }
        System.out.printf(
                Locale.ROOT,
                "%s: %d recordings, %d words, %.1f %% wrong; %d unsure, %d without words; loaded in %.1f s, %.1f times real time%n",
                folder,
                drafts.recordings,
                drafts.words,
                100.0 * drafts.wrong / drafts.words,
                drafts.unsure,
                drafts.wordless,
                loading,
                drafts.heard / drafts.taken);
    }

    private void add(List<String> truth, Sound sound) {
        long began = System.nanoTime();
        Optional<Drafter.Draft> draft = drafter.heard(sound, text -> {}, Progress.none());
        taken += (System.nanoTime() - began) / 1e9;
        heard += sound.duration();
        recordings++;
        words += truth.size();
        wordless += draft.isEmpty() ? 1 : 0;
        unsure += draft.filter(Drafter.Draft::unsure).isPresent() ? 1 : 0;
        List<String> said = plain(String.join(" ", truth));
        wrong += EditDistance.between(said, draft.map(d -> plain(d.text())).orElse(List.of()), w -> w);
    }

    /** Words without capitals and marks; the two titles that a transcript spells out are spelt out. */
    private static List<String> plain(String text) {
        String words = text.toLowerCase(Locale.ROOT)
                .replace("mr.", "mister")
                .replace("mrs.", "missus")
                .replaceAll("[^\\p{L}\\p{Nd}']+", " ")
                .strip();
        return words.isEmpty() ? List.of() : List.of(words.split(" "));
    }
}
