package hodeon.app.stock.enter;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.common.HybridBinarizer;
import hodeon.core.notice.Faults;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** Finds the pack code in a photo. Nothing of the photo is kept. */
final class CodePhoto {

    static final int MOST_MEGABYTES = 12;
    private static final long MOST_PIXELS = 40_000_000;

    /** Larger pictures are read with pixels left out, so that memory does not follow what somebody sends. */
    private static final double DECODED_PIXELS = 4_000_000;

    /** One at a time, for the same reason; whoever waits longer is asked to come again. */
    private static final Semaphore ONE = new Semaphore(1);

    private static final int PATIENCE_SECONDS = 20;

    private CodePhoto() {}

    static Optional<String> read(byte[] photo, Faults faults) {
        if (photo.length > MOST_MEGABYTES * 1_000_000L) {
            faults.add(
                    "photo",
                    photo.length / 1_000_000 + " MB",
                    "a photo has at most " + MOST_MEGABYTES + " MB",
                    "Take a smaller one, of the code only");
            return Optional.empty();
        }
        try (ImageInputStream input = ImageIO.createImageInputStream(new ByteArrayInputStream(photo))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(input);
            if (!readers.hasNext()) {
                faults.add(
                        "photo", photo.length + " bytes", "a photo is a JPEG, PNG, GIF or BMP picture", "Choose one");
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            reader.setInput(input);
            long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
            if (pixels > MOST_PIXELS) {
                faults.add(
                        "photo",
                        reader.getWidth(0) + " × " + reader.getHeight(0),
                        "a photo has at most 40 million pixels",
                        "Take a smaller one, of the code only");
                return Optional.empty();
            }
            return oneAtATime(reader, pixels, faults);
        } catch (IOException | RuntimeException damaged) {
            faults.add("photo", photo.length + " bytes", "the picture can be opened", "It seems damaged; take another");
            return Optional.empty();
        }
    }

    private static Optional<String> oneAtATime(ImageReader reader, long pixels, Faults faults) throws IOException {
        try {
            if (!ONE.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                faults.add(
                        "photo",
                        "",
                        "photos are read one at a time, and others are being read",
                        "Try again in a minute");
                return Optional.empty();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
        try {
            int step = (int) Math.ceil(Math.sqrt(pixels / DECODED_PIXELS));
            ImageReadParam sparing = reader.getDefaultReadParam();
            sparing.setSourceSubsampling(Math.max(1, step), Math.max(1, step), 0, 0);
            return code(reader.read(0, sparing), faults);
        } finally {
            ONE.release();
        }
    }

    private static Optional<String> code(BufferedImage image, Faults faults) {
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        try {
            Result result = new MultiFormatReader()
                    .decode(
                            new BinaryBitmap(new HybridBinarizer(
                                    new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels))),
                            Map.of(DecodeHintType.TRY_HARDER, true, DecodeHintType.ASSUME_GS1, true));
            return Optional.of(result.getText());
        } catch (NotFoundException none) {
            faults.add(
                    "photo",
                    image.getWidth() + " × " + image.getHeight(),
                    "a code can be seen in the photo",
                    "Hold still, fill the picture with the code, avoid glare, or type the digits under it");
            return Optional.empty();
        }
    }
}
