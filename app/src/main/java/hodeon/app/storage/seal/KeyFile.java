package hodeon.app.storage.seal;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import org.springframework.security.crypto.keygen.KeyGenerators;

/** The file that holds the key to what is written about people. Only its owner may read it. */
final class KeyFile {

    private static final int KEY_BYTES = 32;

    private final Path file;

    KeyFile(Path file) {
        this.file = file.toAbsolutePath();
    }

    boolean isThere() {
        return Files.exists(file);
    }

    /** Throws {@link Seal.WrongKey} if what it holds is no key. */
    byte[] read() {
        try {
            byte[] key = Base64.getDecoder().decode(Files.readString(file).strip());
            if (key.length != KEY_BYTES) {
                throw new Seal.WrongKey(
                        "The key file " + file + " holds " + key.length + " bytes and not " + KEY_BYTES + ".");
            }
            return key;
        } catch (IOException e) {
            throw new Seal.WrongKey("The key file " + file + " cannot be read.");
        } catch (IllegalArgumentException notBase64) {
            throw new Seal.WrongKey("The key file " + file + " is not a key.");
        }
    }

    /** Makes a fresh key: there whole, or not at all. */
    void make() {
        OwnFile.write(
                file,
                Base64.getEncoder()
                        .encodeToString(KeyGenerators.secureRandom(KEY_BYTES).generateKey()));
    }

    @Override
    public String toString() {
        return file.toString();
    }
}
