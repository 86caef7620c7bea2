package hodeon.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Base64;
import javax.crypto.spec.SecretKeySpec;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.security.crypto.encrypt.AesBytesEncryptor;
import org.springframework.security.crypto.encrypt.AesBytesEncryptor.CipherAlgorithm;
import org.springframework.security.crypto.encrypt.BytesEncryptor;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Component;

/**
 * Seals what is written about people, so that the database file alone tells nobody anything: AES-256 in Galois/counter
 * mode, a fresh number for each text. The key lies in a file of its own ({@code hodeon.key-file}) that only its owner may
 * read; whoever keeps copies of the database keeps one of the key, elsewhere.
 */
@Component
public class Seal {

    static final String MARK = "sealed:";
    private static final int KEY_BYTES = 32;
    private static final int NUMBER_BYTES = 12;

    private final BytesEncryptor cipher;

    Seal(@Value("${hodeon.key-file}") Path file) {
        this.cipher = new AesBytesEncryptor(
                new SecretKeySpec(key(file), "AES"), KeyGenerators.secureRandom(NUMBER_BYTES), CipherAlgorithm.GCM);
    }

    private static byte[] key(Path file) {
        try {
            if (!Files.exists(file)) {
                Path folder = file.toAbsolutePath().getParent();
                if (folder != null) {
                    Files.createDirectories(folder);
                }
                byte[] fresh = KeyGenerators.secureRandom(KEY_BYTES).generateKey();
                Files.createFile(
                        file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
                Files.writeString(file, Base64.getEncoder().encodeToString(fresh), StandardOpenOption.WRITE);
            }
            byte[] key = Base64.getDecoder().decode(Files.readString(file).strip());
            if (key.length != KEY_BYTES) {
                throw new WrongKey(
                        "The key file " + file + " holds " + key.length + " bytes and not " + KEY_BYTES + ".");
            }
            return key;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (IllegalArgumentException notBase64) {
            throw new WrongKey("The key file " + file + " is not a key.");
        }
    }

    /** Nothing stays nothing, so that an empty field is not made to look like a filled one. */
    public String close(String plain) {
        return plain.isEmpty()
                ? ""
                : MARK + Base64.getEncoder().encodeToString(cipher.encrypt(plain.getBytes(StandardCharsets.UTF_8)));
    }

    /** What was written before there was a seal is read as it is; throws {@link WrongKey} if the key does not fit. */
    public String open(String sealed) {
        if (!sealed.startsWith(MARK)) {
            return sealed;
        }
        try {
            return new String(
                    cipher.decrypt(Base64.getDecoder().decode(sealed.substring(MARK.length()))),
                    StandardCharsets.UTF_8);
        } catch (IllegalArgumentException | IllegalStateException e) {
            throw new WrongKey("The key does not open what was sealed.");
        }
    }

    /** The key is not the one the data were sealed with. */
    static final class WrongKey extends RuntimeException {

        private static final long serialVersionUID = 1;

        WrongKey(String message) {
            super(message);
        }
    }
}
