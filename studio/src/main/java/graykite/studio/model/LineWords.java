package graykite.studio.model;

import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.scene.Performance;

/** The words that things on the line hang on. */
public final class LineWords {
    private LineWords() {}

    /** Finds the words of the line as it is read now; worked out anew only while nobody acts this very reading yet. */
    public static WordFinder of(Workspace workspace) {
        return workspace
                .performance()
                .get()
                .filter(p -> workspace.timing().filter(t -> t == p.timing()).isPresent())
                .map(Performance::words)
                .orElseGet(() -> new WordFinder(workspace.timing().orElse(Timing.empty(0))));
    }
}
