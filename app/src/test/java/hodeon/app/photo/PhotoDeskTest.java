package hodeon.app.photo;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.notice.Fault;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class PhotoDeskTest {

    private final List<Fault> why = new ArrayList<>();

    private static byte[] png(int width, int height) throws Exception {
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), "png", file);
        return file.toByteArray();
    }

    /** A few bytes that say they are a picture of such a size. */
    private static byte[] claims(int width, int height) throws Exception {
        byte[] file = png(8, 8);
        ByteBuffer.wrap(file).putInt(16, width).putInt(20, height);
        CRC32 sum = new CRC32();
        sum.update(file, 12, 17);
        ByteBuffer.wrap(file).putInt(29, (int) sum.getValue());
        return file;
    }

    @Test
    void aLargePictureIsReadWithPixelsLeftOut() throws Exception {
        assertThat(PhotoDesk.open(png(6_000, 4_000), i -> (long) i.getWidth() * i.getHeight(), why::add))
                .hasValueSatisfying(pixels -> assertThat(pixels).isBetween(2_000_000L, 4_100_000L));
        assertThat(why).isEmpty();
    }

    @Test
    void whatClaimsMorePixelsThanMemoryHoldsIsRefusedUnopened() throws Exception {
        assertThat(PhotoDesk.open(claims(30_000, 30_000), BufferedImage::getWidth, why::add))
                .isEmpty();
        assertThat(why).singleElement().satisfies(f -> assertThat(f.toString())
                .contains("30000 × 30000", "40 million pixels"));
    }

    @Test
    void whatIsNoPictureOrTooManyBytesIsToldSo() {
        assertThat(PhotoDesk.open("not a picture".getBytes(StandardCharsets.UTF_8), BufferedImage::getWidth, why::add))
                .isEmpty();
        assertThat(PhotoDesk.open(new byte[12_600_000], BufferedImage::getWidth, why::add))
                .isEmpty();
        assertThat(why)
                .extracting(Fault::limit)
                .containsExactly(
                        "a photo is a JPEG, PNG, GIF or BMP picture that can be opened", "a photo has at most 12 MB");
    }

    /** Whoever takes too long is given up after five seconds, and the desk opens the next one when its worker has let go. */
    @Test
    void oneAtATimeAndNotForEver() throws Exception {
        byte[] photo = png(20, 20);
        AtomicInteger open = new AtomicInteger();
        AtomicInteger most = new AtomicInteger();
        try (ExecutorService several = Executors.newVirtualThreadPerTaskExecutor()) {
            Callable<Boolean> one = () -> PhotoDesk.open(
                            photo,
                            i -> {
                                most.accumulateAndGet(open.incrementAndGet(), Math::max);
                                open.decrementAndGet();
                                return true;
                            },
                            f -> {})
                    .isPresent();
            assertThat(several.invokeAll(
                            IntStream.range(0, 12).mapToObj(i -> one).toList()))
                    .allSatisfy(f -> assertThat(f.get()).isTrue());
        }
        assertThat(most).hasValue(1);
        assertThat(PhotoDesk.open(photo, i -> stuck(), why::add)).isEmpty();
        assertThat(why).singleElement().satisfies(f -> assertThat(f.limit()).contains("within 5 seconds"));
        assertThat(PhotoDesk.open(photo, i -> true, why::add)).contains(true);
    }

    /** Until it is interrupted. */
    private static boolean stuck() {
        try {
            Thread.sleep(60_000);
        } catch (InterruptedException letGo) {
            return false;
        }
        return true;
    }
}
