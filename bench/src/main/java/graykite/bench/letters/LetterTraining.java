package graykite.bench.letters;

import graykite.text.CmuDictionary;
import graykite.text.LetterModel;
import graykite.text.LetterToSound;
import graykite.text.Phone;
import graykite.text.PieceTree;
import graykite.text.Pronunciation;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/** Learns the letter model that ships from the dictionary that ships, but for the words that {@link HeldOutWords} keeps back. */
public final class LetterTraining {
    private LetterTraining() {}

    /** @param least what a context must tell to be kept: the more, the smaller the model */
    public static void run(Path file, double least) throws IOException {
        CmuDictionary dictionary = CmuDictionary.shipped();
        List<Pieces.Sample> samples = samples(dictionary, least);
        Pieces pieces = Pieces.of(samples);
        LetterModel model = new LetterModel(
                pieces.pieces().stream().map(Pieces.Piece::withoutStress).toList(),
                tree(pieces, pieces.words(), least),
                tree(
                        pieces,
                        pieces.words().stream().map(LetterTraining::backward).toList(),
                        least));
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
            model.write(out);
        }
        System.out.printf(
                Locale.ROOT,
                "%d of %d samples cut into %d pieces, %d contexts and %d backward, %.1f MB%n",
                pieces.words().size(),
                samples.size(),
                pieces.pieces().size(),
                model.onward().size(),
                model.backward().size(),
                Files.size(file) / 1e6);
        System.out.println(HeldOutWords.figures(dictionary, new LetterToSound(model)));
    }

    private static PieceTree tree(Pieces pieces, List<int[]> words, double least) {
        return Contexts.of(words, LetterModel.MEMORY + 1, pieces.pieces().size(), least);
    }

    /** Words with their stress: where it is known, and else as words where it is known have it. */
    private static List<Pieces.Sample> samples(CmuDictionary dictionary, double least) throws IOException {
        record Open(String word, Pronunciation pronunciation) {}
        Stresses stresses = Stresses.shipped();
        List<Pieces.Sample> samples = new ArrayList<>();
        List<Open> open = new ArrayList<>();
        for (String word : HeldOutWords.others(dictionary)) {
            for (Pronunciation each : dictionary.pronunciations(word)) {
                stresses.of(word, each)
                        .ifPresentOrElse(
                                sounds -> samples.add(new Pieces.Sample(word, sounds)),
                                () -> open.add(new Open(word, each)));
            }
        }
        Pieces known = Pieces.of(samples);
        LikelyStress likely = new LikelyStress(known.pieces(), tree(known, known.words(), least));
        for (Open each : open) {
            List<Phone> phones = each.pronunciation.phones();
            List<StressedPhone> unstressed = phones.stream()
                    .map(phone -> new StressedPhone(phone, false))
                    .toList();
            samples.add(
                    new Pieces.Sample(each.word, likely.of(each.word, phones).orElse(unstressed)));
        }
        return samples;
    }

    private static int[] backward(int[] word) {
        return IntStream.range(0, word.length)
                .map(i -> word[word.length - 1 - i])
                .toArray();
    }
}
