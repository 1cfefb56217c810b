package graykite.bench.letters;

import graykite.text.CmuDictionary;
import graykite.text.LetterModel;
import graykite.text.LetterToSound;
import java.io.BufferedOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Learns the letter model that ships from the dictionary that ships, but for the words that {@link HeldOutWords} keeps back. */
public final class LetterTraining {
    private static final int ORDER = 9;

    private LetterTraining() {}

    /** @param least what a context must tell to be kept: the more, the smaller the model */
    public static void run(Path file, double least) throws IOException {
        CmuDictionary dictionary = CmuDictionary.shipped();
        List<Pieces.Sample> samples = new ArrayList<>();
        for (String word : HeldOutWords.others(dictionary)) {
            dictionary.pronunciations(word).forEach(p -> samples.add(new Pieces.Sample(word, p.phones())));
        }
        Pieces pieces = Pieces.of(samples);
        LetterModel.Tree tree =
                Contexts.of(pieces.words(), ORDER, pieces.pieces().size(), least);
        LetterModel model = LetterModel.of(pieces.pieces(), tree);
        try (DataOutputStream out = new DataOutputStream(new BufferedOutputStream(Files.newOutputStream(file)))) {
            model.write(out);
        }
        System.out.printf(
                Locale.ROOT,
                "%d of %d samples cut into %d pieces, %d contexts, %.1f MB%n",
                pieces.words().size(),
                samples.size(),
                pieces.pieces().size(),
                tree.pieces().length,
                Files.size(file) / 1e6);
        System.out.println(HeldOutWords.figures(dictionary, new LetterToSound(model)));
    }
}
