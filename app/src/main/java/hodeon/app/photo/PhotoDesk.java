package hodeon.app.photo;

import hodeon.core.notice.Fault;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import java.util.function.Function;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * Opens photos that somebody sends, one at a time, by a worker of its own: at most so many bytes and pixels, larger pictures with pixels left
 * out, so that memory does not follow what was sent, and for five seconds at most. A picture that takes longer is given up, and nobody else's
 * is opened until its worker has let go.
 */
public final class PhotoDesk {

    private static final int MOST_MEGABYTES = 12;
    private static final int MOST_MEGAPIXELS = 40;
    private static final double DECODED_MEGAPIXELS = 4;
    private static final double MILLION = 1e6;
    private static final int PATIENCE_SECONDS = 20;
    private static final int LONGEST_SECONDS = 5;
    private static final Semaphore ONE = new Semaphore(1, true);

    private PhotoDesk() {}

    /** What is made of the picture; empty, with the reason told, where it cannot be opened. */
    public static <T> Optional<T> open(byte[] photo, Function<BufferedImage, T> use, Consumer<Fault> why) {
        if (photo.length > MOST_MEGABYTES * MILLION) {
            why.accept(fault(
                    Math.round(photo.length / MILLION) + " MB",
                    "a photo has at most " + MOST_MEGABYTES + " MB",
                    "Take a smaller one"));
            return Optional.empty();
        }
        try {
            if (!ONE.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                why.accept(
                        fault("", "photos are read one at a time, and others are being read", "Try again in a minute"));
                return Optional.empty();
            }
            return work(photo, use, why);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return Optional.empty();
        }
    }

    private static <T> Optional<T> work(byte[] photo, Function<BufferedImage, T> use, Consumer<Fault> why)
            throws InterruptedException {
        CompletableFuture<Optional<T>> done = new CompletableFuture<>();
        Thread worker = Thread.ofPlatform().daemon().name("photo").unstarted(() -> {
            try {
                done.complete(picture(photo).map(use));
            } catch (TooLarge tooLarge) {
                done.completeExceptionally(tooLarge);
            } catch (IOException | RuntimeException | OutOfMemoryError damaged) {
                done.complete(Optional.empty());
            } finally {
                ONE.release();
            }
        });
        worker.start();
        try {
            Optional<T> made = done.get(LONGEST_SECONDS, TimeUnit.SECONDS);
            if (made.isEmpty()) {
                why.accept(fault(
                        photo.length + " bytes",
                        "a photo is a JPEG, PNG, GIF or BMP picture that can be opened",
                        "Take another"));
            }
            return made;
        } catch (TimeoutException tooLong) {
            worker.interrupt();
            why.accept(fault(
                    photo.length + " bytes",
                    "a photo opens within " + LONGEST_SECONDS + " seconds, and this one does not",
                    "Take another"));
            return Optional.empty();
        } catch (ExecutionException e) {
            why.accept(fault(
                    e.getCause() instanceof TooLarge size ? String.valueOf(size.getMessage()) : "",
                    "a photo has at most " + MOST_MEGAPIXELS + " million pixels",
                    "Take a smaller one"));
            return Optional.empty();
        }
    }

    private static final class TooLarge extends RuntimeException {

        private static final long serialVersionUID = 1;

        TooLarge(int width, int height) {
            super(width + " × " + height);
        }
    }

    private static Fault fault(String value, String limit, String remedy) {
        return new Fault("photo", value, limit, remedy);
    }

    /** The size is asked for first: a small file may hold a picture that no memory does. */
    private static Optional<BufferedImage> picture(byte[] photo) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(photo))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                double pixels = (double) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > MOST_MEGAPIXELS * MILLION) {
                    throw new TooLarge(reader.getWidth(0), reader.getHeight(0));
                }
                int step = Math.max(1, (int) Math.ceil(Math.sqrt(pixels / (DECODED_MEGAPIXELS * MILLION))));
                ImageReadParam sparing = reader.getDefaultReadParam();
                sparing.setSourceSubsampling(step, step, 0, 0);
                return Optional.of(reader.read(0, sparing));
            } finally {
                reader.dispose();
            }
        }
    }
}
