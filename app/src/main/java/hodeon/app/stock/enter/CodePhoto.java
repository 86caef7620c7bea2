package hodeon.app.stock.enter;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.MultiFormatReader;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import hodeon.app.photo.PhotoDesk;
import hodeon.app.shell.Wording;
import hodeon.core.notice.Faults;
import java.awt.image.BufferedImage;
import java.util.Map;
import java.util.Optional;

/** Finds the pack code in a photo. Nothing of the photo is kept. */
final class CodePhoto {

    private CodePhoto() {}

    static Optional<String> read(byte[] photo, Faults faults) {
        Optional<Optional<String>> seen = PhotoDesk.open(photo, CodePhoto::code, faults::add);
        if (seen.isPresent() && seen.get().isEmpty()) {
            faults.add(
                    "photo",
                    Wording.says("texts.bytes", photo.length),
                    Wording.says("codePhoto.aCodeCanBeSeenInThe"),
                    Wording.says("codePhoto.holdStillFillThePictureWithThe"));
        }
        return seen.flatMap(code -> code);
    }

    private static Optional<String> code(BufferedImage image) {
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        try {
            return Optional.of(new MultiFormatReader()
                    .decode(
                            new BinaryBitmap(new HybridBinarizer(
                                    new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels))),
                            Map.of(DecodeHintType.TRY_HARDER, true, DecodeHintType.ASSUME_GS1, true))
                    .getText());
        } catch (NotFoundException none) {
            return Optional.empty();
        }
    }
}
