package graykite.bench;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.hearing.BoundaryNetwork;
import graykite.hearing.BoundaryPlace;
import graykite.hearing.BoundaryView;
import graykite.hearing.Reader;
import graykite.hearing.SimulatedVoice.Said;
import graykite.reading.HeardPhone;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.text.Script;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/**
 * Trains the network that places boundaries, on sentences of synthetic voices, each as it is, faster or slower (which is also
 * another speaker, with another head), and in a bad condition. For an honest check one more network is trained for each speaker without that speaker.
 */
final class BoundaryTraining {
    /** Voices that come from the same person's recordings. */
    private static final Map<String, String> SPEAKERS = Map.of("slthts", "slt", "kal16", "kal", "kevin16", "kal");

    private static final int EPOCHS = 5;
    private static final int FRAMES_A_PLACE = 6;
    private static final double RATE = 1.2e-3;
    /** Truth further from what was heard than this is an error of the search, which no placing can mend; in frames. */
    private static final int TOO_FAR = BoundaryPlace.REACH + 4;

    /** A boundary whose true place is known, in frames. */
    private record Known(String speaker, BoundaryView view, BoundaryPlace place, double truth) {
        double late() {
            return place.frame() - truth;
        }
    }

    /** Fewer cases say nothing about a habit. */
    private static final int FEW = 30;

    private BoundaryTraining() {}

    static String speaker(String voice) {
        return SPEAKERS.getOrDefault(voice, voice);
    }

    /** The file of the network that never heard a speaker. */
    static Path without(Path folder, String speaker) {
        return folder.resolve("without-" + speaker + ".bin");
    }

    /** Trains with all voices and without each, and writes the networks. */
    static void run(Path voices, Path folder) throws IOException {
        List<SpokenSentence> sentences = SpokenSentence.in(voices);
        System.out.println(sentences.size() + " sentences");
        Files.createDirectories(folder);
        List<Known> known = known(sentences);
        System.out.println(known.size() + " boundaries");
        List<Optional<String>> leftOut = new ArrayList<>();
        known.stream().map(Known::speaker).distinct().sorted().forEach(s -> leftOut.add(Optional.of(s)));
        leftOut.add(Optional.empty());
        leftOut.parallelStream().forEach(speaker -> {
            List<Known> rest = known.stream()
                    .filter(k -> !k.speaker().equals(speaker.orElse("")))
                    .toList();
            Path file = speaker.map(s -> without(folder, s)).orElse(folder.resolve("boundaries.bin"));
            save(learn(rest, speaker.orElse("nobody")), file);
        });
    }

    private static void save(BoundaryNetwork network, Path file) {
        try (OutputStream out = Files.newOutputStream(file)) {
            network.write(out);
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static BoundaryNetwork learn(List<Known> known, String leftOut) {
        BoundaryLearner learner = new BoundaryLearner(11);
        SplittableRandom random = new SplittableRandom(3);
        int[] order = new int[known.size()];
        for (int i = 0; i < order.length; i++) {
            order[i] = i;
        }
        for (int epoch = 0; epoch < EPOCHS; epoch++) {
            shuffle(order, random);
            double loss = 0;
            for (int n = 0; n < order.length; n++) {
                double done = (epoch + n / (double) order.length) / EPOCHS;
                double rate = RATE * (0.02 + 0.98 * 0.5 * (1 + Math.cos(Math.PI * done)));
                Known one = known.get(order[n]);
                for (int k = 0; k < FRAMES_A_PLACE; k++) {
                    int frame = frame(one, k, random);
                    double label = Math.clamp(frame + 1 - one.truth, 0, 1);
                    loss += learner.learn(one.view, one.place, frame, label, rate);
                }
            }
            System.out.printf(
                    Locale.ROOT,
                    "without %s, epoch %d: cross entropy %.4f%n",
                    leftOut,
                    epoch + 1,
                    loss / order.length / FRAMES_A_PLACE);
        }
        float[] weights = learner.weights();
        habits(known, weights);
        return new BoundaryNetwork(weights);
    }

    /** By how much the search is late, the median for each pair of kinds that occurs often enough, and of all for the others. */
    private static void habits(List<Known> known, float[] weights) {
        double all = median(known.stream().mapToDouble(Known::late));
        Map<Integer, List<Known>> byPair =
                known.stream().collect(Collectors.groupingBy(k -> BoundaryNetwork.habitOf(k.place)));
        for (int i = BoundaryNetwork.HABITS; i < BoundaryNetwork.SIZE; i++) {
            List<Known> pair = byPair.getOrDefault(i, List.of());
            weights[i] = (float) (pair.size() < FEW ? all : median(pair.stream().mapToDouble(Known::late)));
        }
    }

    private static double median(DoubleStream values) {
        double[] sorted = values.sorted().toArray();
        return sorted[sorted.length / 2];
    }

    /** Some frames from all of the reach, and some near the truth, where it is decided. */
    private static int frame(Known one, int turn, SplittableRandom random) {
        int frame = turn % 2 == 0
                ? one.place.frame() - BoundaryPlace.REACH + random.nextInt(2 * BoundaryPlace.REACH)
                : (int) Math.floor(one.truth) - 4 + random.nextInt(9);
        return Math.clamp(frame, 0, one.view.frames() - 1);
    }

    private static void shuffle(int[] order, SplittableRandom random) {
        for (int i = order.length - 1; i > 0; i--) {
            int j = random.nextInt(i + 1);
            int swap = order[i];
            order[i] = order[j];
            order[j] = swap;
        }
    }

    private static List<Known> known(List<SpokenSentence> sentences) {
        Reader reader = Reader.shipped();
        List<float[]> crowd = sentences.stream()
                .filter(s -> s.name().hashCode() % 31 == 0)
                .map(s -> s.sound().mixedAt(16_000).mixed())
                .toList();
        return sentences.parallelStream()
                .flatMap(sentence -> {
                    SplittableRandom random =
                            new SplittableRandom(sentence.name().hashCode());
                    Sound clean = sentence.sound().mixedAt(16_000);
                    double speed = 0.82 + 0.4 * random.nextDouble();
                    double other = random.nextBoolean() ? 1 : 0.82 + 0.4 * random.nextDouble();
                    Sound turned = Conditions.tilted(Conditions.faster(clean, speed), random.nextDouble() - 0.5);
                    Sound spoilt = spoilt(Conditions.faster(clean, other), crowd, random);
                    List<Known> all = new ArrayList<>(known(reader, sentence, clean, 1));
                    all.addAll(known(reader, sentence, turned, speed));
                    all.addAll(known(reader, sentence, spoilt, other));
                    return all.stream();
                })
                .toList();
    }

    private static Sound spoilt(Sound clean, List<float[]> crowd, SplittableRandom random) {
        int length = clean.length();
        return switch (random.nextInt(10)) {
            case 0, 1 -> Conditions.noisy(clean, Conditions.pink(length, random), 8 + 27 * random.nextDouble());
            case 2, 3 -> {
                List<float[]> voices = new ArrayList<>();
                for (int i = 0; i < 5; i++) {
                    voices.add(crowd.get(random.nextInt(crowd.size())));
                }
                yield Conditions.noisy(clean, Conditions.babble(voices, length, random), 8 + 22 * random.nextDouble());
            }
            case 4, 5, 6 -> Conditions.room(clean, 0.15 + 0.6 * random.nextDouble(), random);
            case 7 -> Conditions.narrow(clean).mixedAt(16_000);
            default ->
                Conditions.noisy(
                        Conditions.tilted(clean, 1.8 * random.nextDouble() - 0.9),
                        Conditions.pink(length, random),
                        25 + 20 * random.nextDouble());
        };
    }

    private static List<Known> known(Reader reader, SpokenSentence sentence, Sound sound, double speed) {
        List<HeardPhone> heard;
        try {
            heard = reader.hear(sound, Script.of(sentence.text()), Progress.none());
        } catch (BadInput unreadable) {
            System.out.println(sentence.name() + ": " + unreadable.getMessage());
            return List.of();
        }
        BoundaryView view = BoundaryView.of(sound);
        List<BoundaryPlace> places = BoundaryPlace.between(heard);
        int[] partner = partners(heard, sentence.phones());
        List<Known> known = new ArrayList<>();
        for (int i = 1; i < heard.size(); i++) {
            if (partner[i - 1] >= 0 && partner[i] == partner[i - 1] + 1) {
                double truth = sentence.phones().get(partner[i]).start() / speed / HeardPhone.SECONDS_A_FRAME;
                if (Math.abs(truth - heard.get(i).startFrame()) <= TOO_FAR) {
                    known.add(new Known(speaker(sentence.voice()), view, places.get(i - 1), truth));
                }
            }
        }
        return known;
    }

    /** For each heard phone the index of the said one that it stands for on the cheapest edit path, or -1. */
    private static int[] partners(List<HeardPhone> heard, List<Said> said) {
        int[][] cost = new int[heard.size() + 1][said.size() + 1];
        for (int i = 0; i <= heard.size(); i++) {
            for (int j = 0; j <= said.size(); j++) {
                cost[i][j] = i == 0 || j == 0
                        ? 2 * (i + j)
                        : Math.min(
                                cost[i - 1][j - 1] + change(heard, said, i, j),
                                2 + Math.min(cost[i - 1][j], cost[i][j - 1]));
            }
        }
        int[] partner = new int[heard.size()];
        int i = heard.size();
        int j = said.size();
        Arrays.fill(partner, -1);
        while (i > 0 && j > 0) {
            int change = change(heard, said, i, j);
            if (cost[i][j] == cost[i - 1][j - 1] + change) {
                i--;
                j--;
                partner[i] = change == 0 ? j : -1;
            } else if (cost[i][j] == cost[i - 1][j] + 2) {
                i--;
            } else {
                j--;
            }
        }
        return partner;
    }

    private static int change(List<HeardPhone> heard, List<Said> said, int i, int j) {
        Phone a = heard.get(i - 1).phone();
        Phone b = said.get(j - 1).phone();
        return a == b ? 0 : 3;
    }
}
