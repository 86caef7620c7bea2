package hodeon.app.photo;

import hodeon.core.notice.Fault;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.function.Consumer;
import javax.imageio.ImageIO;

/** A photo made small and written anew, so that nothing stays in it of where and by whom it was taken. */
public final class SmallPhoto {

    private static final int LONGEST_SIDE = 1_000;

    private SmallPhoto() {}

    /** A JPEG of the file; empty, with the reason told, for what cannot be opened. */
    public static Optional<byte[]> of(byte[] file, Consumer<Fault> why) {
        return PhotoDesk.open(file, SmallPhoto::small, why);
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
