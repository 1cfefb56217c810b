package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.PhoneOdds;
import graykite.hearing.TrainedEar;
import graykite.media.ear.NetworkEar;
import graykite.media.ear.PhoneLayer;
import graykite.media.ear.PhoneNetwork;
import graykite.media.ear.SpeechEncoder;
import graykite.sound.Sound;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * The trained ear that is measured: the shipped one, none with {@code -Dgraykite.phones=none}, or with {@code -Dgraykite.phones=FILE} one
 * whose layer has not met the recordings that it is measured on.
 */
final class Trained {
    private Trained() {}

    static TrainedEar ear() {
        String layer = System.getProperty("graykite.phones", "");
        return switch (layer) {
            case "" -> new NetworkEar();
            case "none" -> TrainedEar.none();
            default -> withLayer(Path.of(layer));
        };
    }

    private static TrainedEar withLayer(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            PhoneNetwork network = PhoneNetwork.of(SpeechEncoder.shipped(), PhoneLayer.read(in));
            return new TrainedEar() {
                @Override
                public Optional<PhoneOdds> phones(Sound sound, Progress progress) {
                    return Optional.of(network.odds(sound, progress));
                }
            };
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }
}
