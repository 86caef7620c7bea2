package hodeon.app.photo;

import hodeon.core.notice.Fault;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** A photo made small and written anew, so that nothing stays in it of where and by whom it was taken. */
public final class SmallPhoto {

    private static final int LONGEST_SIDE = 1_000;
    private static final int LONGEST_SIDE_READ = 12_000;

    private SmallPhoto() {}

    /** A JPEG of the file; empty for what is no PNG or JPEG, is damaged or too large. */
    public static Optional<byte[]> of(byte[] file) {
        return read(file).map(SmallPhoto::small);
    }

    /** Why {@link #of} answers nothing. */
    public static Fault refused(byte[] file) {
        return new Fault(
                "photo",
                file.length + " bytes",
                "a photo is a PNG or JPEG of at most " + LONGEST_SIDE_READ + " pixels a side",
                "Choose another file, or make it smaller");
    }

    /** The size is asked for first: a small file may hold a picture that no memory does. */
    private static Optional<BufferedImage> read(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            reader.setInput(in, true, true);
            return Math.max(reader.getWidth(0), reader.getHeight(0)) > LONGEST_SIDE_READ
                    ? Optional.empty()
                    : Optional.of(reader.read(0));
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException damaged) {
            return Optional.empty();
        }
    }

    private static byte[] small(BufferedImage image) {
        double scale = Math.min(1, (double) LONGEST_SIDE / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D on = small.createGraphics();
        on.drawImage(image.getScaledInstance(width, height, Image.SCALE_SMOOTH), 0, 0, Color.WHITE, null);
        on.dispose();
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        try {
            ImageIO.write(small, "jpg", jpeg);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return jpeg.toByteArray();
    }
}
