package graykite.format.character;

import graykite.base.BadInput;
import graykite.picture.Texture;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Opens PNG, JPEG and WebP pictures as textures; what is larger than a screen needs is made smaller. */
final class Images {
    private static final long MOST_PIXELS = 100_000_000;
    private static final int LARGEST = 2048;

    private Images() {}

    /**
     * Opens a picture.
     *
     * @param name for messages
     * @throws BadInput when it is damaged, huge or no picture
     */
    static Texture open(byte[] bytes, String name) {
        return texture(image(bytes, name));
    }

    static BufferedImage image(byte[] bytes, String name) {
        ImageIO.setUseCache(false);
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new BadInput(name + ": is neither PNG, JPEG nor WebP.");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > MOST_PIXELS) {
                    throw new BadInput(name + ": has " + reader.getWidth(0) + " x " + reader.getHeight(0)
                            + " pixels. Make it smaller than 10,000 x 10,000.");
                }
                return reader.read(0);
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            // Readers answer damaged files with any of these.
            throw new BadInput(name + ": is damaged and cannot be shown.", broken);
        }
    }

    static Texture texture(BufferedImage image) {
        double scale = Math.min(1, LARGEST / (double) Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D pen = drawn.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(image, 0, 0, width, height, null);
        pen.dispose();
        return new Texture(width, height, drawn.getRGB(0, 0, width, height, null, 0, width));
    }
}
