package graykite.picture;

import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferInt;
import java.awt.image.DataBufferUShort;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.stream.IntStream;
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

    /** Writes a picture that can be seen through. @param picture its colours premultiplied, as the renderer draws them */
    public static void writeClear(Picture picture, OutputStream out) throws IOException {
        BufferedImage image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_ARGB);
        int[] target = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        for (int i = 0; i < target.length; i++) {
            target[i] = straight(picture.pixels()[i]);
        }
        ImageIO.setUseCache(false);
        if (!ImageIO.write(image, "png", out)) {
            throw new IOException("This Java has no PNG writer.");
        }
    }

    /** A premultiplied pixel with its colours as they are where nothing is behind them. */
    public static int straight(int pixel) {
        int alpha = pixel >>> 24;
        if (alpha == 0 || alpha == 255) {
            return alpha == 0 ? 0 : pixel;
        }
        int red = Math.min(255, (pixel >> 16 & 255) * 255 / alpha);
        int green = Math.min(255, (pixel >> 8 & 255) * 255 / alpha);
        int blue = Math.min(255, (pixel & 255) * 255 / alpha);
        return alpha << 24 | red << 16 | green << 8 | blue;
    }

    /** Writes 16 bits a colour. @param clear true when it can be seen through */
    public static void writeDeep(DeepPicture picture, boolean clear, OutputStream out) throws IOException {
        int bands = clear ? 4 : 3;
        short[] samples = new short[bands * picture.width() * picture.height()];
        for (int i = 0; i < picture.width() * picture.height(); i++) {
            System.arraycopy(picture.samples(), 4 * i, samples, bands * i, bands);
        }
        int[] offsets = IntStream.range(0, bands).toArray();
        WritableRaster raster = Raster.createInterleavedRaster(
                new DataBufferUShort(samples, samples.length),
                picture.width(),
                picture.height(),
                bands * picture.width(),
                bands,
                offsets,
                null);
        ColorModel colours = new ComponentColorModel(
                ColorSpace.getInstance(ColorSpace.CS_sRGB),
                clear,
                false,
                clear ? Transparency.TRANSLUCENT : Transparency.OPAQUE,
                DataBuffer.TYPE_USHORT);
        ImageIO.setUseCache(false);
        if (!ImageIO.write(new BufferedImage(colours, raster, false, null), "png", out)) {
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
