package graykite.picture;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.ImageIO;

/** Writes pictures as PNG. */
public final class Png {
    private Png() {}

    public static void write(Picture picture, OutputStream out) throws IOException {
        BufferedImage image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_RGB);
        int[] target = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        System.arraycopy(picture.pixels(), 0, target, 0, picture.width() * picture.height());
        ImageIO.setUseCache(false);
        if (!ImageIO.write(image, "png", out)) {
            throw new IOException("This Java has no PNG writer.");
        }
    }

    public static byte[] bytes(Picture picture) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            write(picture, out);
        } catch (IOException impossible) {
            throw new IllegalStateException("Writing into memory failed.", impossible);
        }
        return out.toByteArray();
    }

    /** A texture with its transparency. */
    public static byte[] bytes(Texture texture) {
        BufferedImage image = new BufferedImage(texture.width(), texture.height(), BufferedImage.TYPE_INT_ARGB);
        image.setRGB(0, 0, texture.width(), texture.height(), texture.pixels(), 0, texture.width());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.setUseCache(false);
        try {
            if (!ImageIO.write(image, "png", out)) {
                throw new IllegalStateException("This Java has no PNG writer.");
            }
        } catch (IOException impossible) {
            throw new IllegalStateException("Writing into memory failed.", impossible);
        }
        return out.toByteArray();
    }

    public static Picture read(byte[] png) throws IOException {
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(png));
        if (image == null) {
            throw new IOException("not a PNG picture");
        }
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return new Picture(image.getWidth(), image.getHeight(), pixels);
    }
}
