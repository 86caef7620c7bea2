package hodeon.app.storage;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Base64;
import java.util.Set;
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

    /** Makes a fresh key. It is written beside its place, flushed to the disk and renamed: there whole, or not at all. */
    void make() {
        try {
            Path folder = file.getParent();
            Files.createDirectories(folder);
            Path beside = Files.createTempFile(
                    folder,
                    "key",
                    ".new",
                    PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            byte[] text = Base64.getEncoder()
                    .encodeToString(KeyGenerators.secureRandom(KEY_BYTES).generateKey())
                    .getBytes(StandardCharsets.US_ASCII);
            try (FileChannel channel = FileChannel.open(beside, Set.of(StandardOpenOption.WRITE))) {
                channel.write(ByteBuffer.wrap(text));
                channel.force(true);
            }
            Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public String toString() {
        return file.toString();
    }
}
