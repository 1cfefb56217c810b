package graykite.media;

import graykite.base.AtomicFolder;
import graykite.base.Progress;
import graykite.delivery.Order;
import graykite.delivery.Span;
import graykite.delivery.Subject;
import graykite.picture.Png;
import graykite.time.FrameRate;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;

/** Writes numbered pictures and their sound into a folder, which is seen once it is whole. */
final class Pictures {
    private Pictures() {}

    static void write(
            Painter painter,
            Subject subject,
            Order order,
            Path folder,
            FrameRate rate,
            Span.Frames frames,
            Progress progress) {
        AtomicFolder.write(folder, part -> {
            for (int f = 0; f < frames.count(); f++) {
                double time = frames.time(f, rate);
                Path file = part.resolve(name(frames.number(f)));
                try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file), 1 << 16)) {
                    draw(painter, order.pictures().deep(), time, out);
                }
                progress.step((f + 1.0) / frames.count());
            }
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(part.resolve("sound.wav")))) {
                WavFiles.write(Deliverer.sound(subject, rate, frames), out);
            }
        });
    }

    private static String name(long number) {
        return number < 0
                ? String.format(Locale.ROOT, "frame.-%04d.png", -number)
                : String.format(Locale.ROOT, "frame.%05d.png", number);
    }

    private static void draw(Painter painter, boolean deep, double time, OutputStream out) throws IOException {
        if (deep) {
            Png.writeDeep(painter.paintDeep(time), painter.isClear(), out);
        } else if (painter.isClear()) {
            Png.writeClear(painter.paint(time), out);
        } else {
            Png.write(painter.paint(time), out);
        }
    }
}
