package graykite.media;

import graykite.base.BadInput;
import graykite.picture.Picture;
import graykite.time.FrameRate;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/** Pictures with numbers in their names, one a frame; where a number is missing the picture before stays. */
final class NumberedPictures implements ReferenceFilm {
    private static final Pattern NUMBERED = Pattern.compile("(.*?)(\\d+)(\\.[A-Za-z]+)");
    private static final int MOST = 200_000;
    private static final long MOST_PIXELS = 64_000_000;

    private final List<Path> files;
    private final FrameRate rate;
    private int shownIndex = -1;
    private Optional<Picture> shown = Optional.empty();

    private NumberedPictures(List<Path> files, FrameRate rate) {
        this.files = files;
        this.rate = rate;
    }

    static boolean isPicture(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.endsWith(".png") || name.endsWith(".jpg") || name.endsWith(".jpeg");
    }

    static NumberedPictures open(Path file, FrameRate rate) {
        Matcher named = NUMBERED.matcher(file.getFileName().toString());
        if (!named.matches()) {
            throw BadInput.inFile(file, "has no number in its name; numbered pictures are called like take.0001.png.");
        }
        TreeMap<Long, Path> found = new TreeMap<>();
        try (Stream<Path> all = Files.list(file.toAbsolutePath().getParent())) {
            all.limit(2L * MOST).forEach(path -> {
                Matcher other = NUMBERED.matcher(path.getFileName().toString());
                boolean same = other.matches()
                        && other.group(1).equals(named.group(1))
                        && other.group(3).equalsIgnoreCase(named.group(3))
                        && other.group(2).length() < 12;
                if (same) {
                    found.put(Long.parseLong(other.group(2)), path);
                }
            });
        } catch (IOException unreadable) {
            throw BadInput.inFile(file, "its folder cannot be read (" + unreadable.getMessage() + ").", unreadable);
        }
        long span = found.lastKey() - found.firstKey() + 1;
        if (span > MOST) {
            throw BadInput.inFile(
                    file,
                    "belongs to numbers from " + found.firstKey() + " to " + found.lastKey() + "; at most " + MOST
                            + " can be used.");
        }
        List<Path> files = new ArrayList<>();
        for (long number = found.firstKey(); number <= found.lastKey(); number++) {
            files.add(found.floorEntry(number).getValue());
        }
        return new NumberedPictures(files, rate);
    }

    @Override
    public double duration() {
        return rate.secondsAt(files.size());
    }

    @Override
    public Optional<Still> at(double time) {
        long index = rate.frameAt(time);
        if (time < -1e-9 || index < 0 || index >= files.size()) {
            return Optional.empty();
        }
        if (index != shownIndex) {
            shown = Optional.of(read(files.get((int) index)));
            shownIndex = (int) index;
        }
        return Optional.of(new Still(shown.orElseThrow(), rate.secondsAt(index), rate.secondsAt(index + 1)));
    }

    private static Picture read(Path file) {
        try {
            BufferedImage image = ImageIO.read(file.toFile());
            if (image == null || (long) image.getWidth() * image.getHeight() > MOST_PIXELS) {
                throw BadInput.inFile(file, "is damaged, too large, or no picture.");
            }
            int[] pixels = new int[image.getWidth() * image.getHeight()];
            image.getRGB(0, 0, image.getWidth(), image.getHeight(), pixels, 0, image.getWidth());
            return new Picture(image.getWidth(), image.getHeight(), pixels);
        } catch (IOException damaged) {
            throw BadInput.inFile(file, "is damaged or gone (" + damaged.getMessage() + ").", damaged);
        }
    }

    @Override
    public void close() {
        shown = Optional.empty();
    }
}
