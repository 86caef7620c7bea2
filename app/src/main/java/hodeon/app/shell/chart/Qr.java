package hodeon.app.shell.chart;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;

/** Plain text as a QR code, drawn large enough to stay sharp on paper. */
public final class Qr {

    /** Longer texts make squares too fine for a phone outdoors. */
    private static final int LONGEST = 700;

    private static final int PIXELS_A_MODULE = 8;
    private static final int INK = 0x000000;
    private static final int PAPER = 0xFFFFFF;

    private Qr() {}

    /** As a data address of a PNG; empty if the text is too long. */
    public static Optional<String> of(String text) {
        if (text.length() > LONGEST) {
            return Optional.empty();
        }
        try {
            BitMatrix modules = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.CHARACTER_SET,
                                    "UTF-8",
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
            BufferedImage image = new BufferedImage(
                    modules.getWidth() * PIXELS_A_MODULE,
                    modules.getHeight() * PIXELS_A_MODULE,
                    BufferedImage.TYPE_BYTE_BINARY);
            for (int x = 0; x < image.getWidth(); x++) {
                for (int y = 0; y < image.getHeight(); y++) {
                    image.setRGB(x, y, modules.get(x / PIXELS_A_MODULE, y / PIXELS_A_MODULE) ? INK : PAPER);
                }
            }
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(image, "png", png);
            return Optional.of("data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray()));
        } catch (WriterException tooLong) {
            return Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
