package hodeon.app.transfer;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import net.lingala.zip4j.io.inputstream.ZipInputStream;
import net.lingala.zip4j.io.outputstream.ZipOutputStream;
import net.lingala.zip4j.model.ZipParameters;
import net.lingala.zip4j.model.enums.AesKeyStrength;
import net.lingala.zip4j.model.enums.EncryptionMethod;

/** A backup in a ZIP file sealed by a passphrase (AES-256), which any archiver that knows it opens. */
final class SealedBackup {

    private static final int MOST_BYTES = 200_000_000;

    private SealedBackup() {}

    static byte[] seal(byte[] file, String name, String passphrase) {
        ByteArrayOutputStream sealed = new ByteArrayOutputStream();
        ZipParameters entry = new ZipParameters();
        entry.setFileNameInZip(name);
        entry.setEncryptFiles(true);
        entry.setEncryptionMethod(EncryptionMethod.AES);
        entry.setAesKeyStrength(AesKeyStrength.KEY_STRENGTH_256);
        try (ZipOutputStream zip = new ZipOutputStream(sealed, passphrase.toCharArray())) {
            zip.putNextEntry(entry);
            zip.write(file);
            zip.closeEntry();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return sealed.toByteArray();
    }

    static boolean isOne(byte[] file) {
        return file.length > 4 && file[0] == 'P' && file[1] == 'K';
    }

    /** What was sealed; empty for another passphrase, or a file that is damaged. */
    static Optional<byte[]> open(byte[] sealed, String passphrase) {
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(sealed), passphrase.toCharArray())) {
            if (zip.getNextEntry() == null) {
                return Optional.empty();
            }
            byte[] file = zip.readNBytes(MOST_BYTES + 1);
            return file.length > MOST_BYTES ? Optional.empty() : Optional.of(file);
        } catch (IOException wrongOrDamaged) {
            return Optional.empty();
        }
    }
}
