package graykite.media;

import graykite.base.AtomicFolder;
import graykite.base.Progress;
import graykite.delivery.Order;
import graykite.delivery.Span;
import graykite.delivery.Subject;
import graykite.picture.Png;
import graykite.time.FrameRate;
import java.io.BufferedOutputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.function.Supplier;

/** Writes numbered pictures and their sound into a folder, which is seen once it is whole. */
final class Pictures {
    private Pictures() {}

    /** @param painters makes a painter of its own for each that draws */
    static void write(
            Supplier<Painter> painters,
            Subject subject,
            Order order,
            Path folder,
            FrameRate rate,
            Span.Frames frames,
            Progress progress) {
        boolean deep = order.pictures().deep();
        AtomicFolder.write(folder, part -> {
            // To pack a picture takes as long as to draw it.
            PaintAhead.each(
                    painters, frames.count(), (painter, f) -> png(painter, deep, frames.time(f, rate)), (f, png) -> {
                        Files.write(part.resolve(name(frames.number(f))), png);
                        progress.step((f + 1.0) / frames.count());
                    });
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

    private static byte[] png(Painter painter, boolean deep, double time) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        if (deep) {
            Png.writeDeep(painter.paintDeep(time), painter.isClear(), out);
        } else if (painter.isClear()) {
            Png.writeClear(painter.paint(time), out);
        } else {
            Png.write(painter.paint(time), out);
        }
        return out.toByteArray();
    }
}
