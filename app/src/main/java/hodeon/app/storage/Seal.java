package hodeon.app.storage;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import javax.crypto.KDF;
import javax.crypto.spec.HKDFParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.crypto.encrypt.AesBytesEncryptor;
import org.springframework.security.crypto.encrypt.AesBytesEncryptor.CipherAlgorithm;
import org.springframework.security.crypto.encrypt.BytesEncryptor;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Component;

/**
 * Seals what is written about people, so that the database file alone tells nobody anything: AES-256 in Galois/counter
 * mode, a fresh number for each text. The key lies in a file of its own ({@code hodeon.key-file}) that only its owner may
 * read; whoever keeps copies of the database keeps one of the key, elsewhere.
 *
 * <p>Without the key that the data were sealed with the seal is locked: nothing is opened or sealed until it is back. A new key is
 * never made beside what an old one has sealed.
 */
@Component
public class Seal {

    static final String MARK = "sealed:";

    /** Stands where something sealed cannot be read: locked, or damaged. */
    public static final String UNREADABLE = "cannot be read";

    private static final int NUMBER_BYTES = 12;
    private static final int ANOTHER_BYTES = 32;

    private final KeyFile file;
    private final Optional<JdbcTemplate> database;

    @Nullable
    private volatile BytesEncryptor cipher;

    private volatile String locked = "";

    @Autowired
    Seal(@Value("${hodeon.key-file}") Path file, JdbcTemplate database) {
        this(new KeyFile(file), Optional.of(database));
    }

    Seal(Path file) {
        this(new KeyFile(file), Optional.empty());
    }

    private Seal(KeyFile file, Optional<JdbcTemplate> database) {
        this.file = file;
        this.database = database;
        look();
    }

    /** Looks for the key again; it may have been put back. */
    public void look() {
        Optional<String> proof = database.flatMap(Seal::proof);
        try {
            if (!file.isThere()) {
                if (proof.isPresent()) {
                    lock("The key file " + file + " is missing.");
                    return;
                }
                file.make();
            }
            BytesEncryptor found = new AesBytesEncryptor(
                    new SecretKeySpec(file.read(), "AES"),
                    KeyGenerators.secureRandom(NUMBER_BYTES),
                    CipherAlgorithm.GCM);
            if (proof.isPresent()) {
                decrypted(found, proof.get());
            }
            cipher = found;
            locked = "";
        } catch (WrongKey wrong) {
            if (proof.isEmpty()) {
                throw wrong;
            }
            lock(String.valueOf(wrong.getMessage()));
        }
    }

    private void lock(String why) {
        cipher = null;
        locked = why;
    }

    private static Optional<String> proof(JdbcTemplate database) {
        List<String> proof = database.query("select sealed from seal_proof where id = 1", (row, n) -> row.getString(1));
        return proof.stream().findFirst();
    }

    /** Why nothing sealed can be read or written; empty while the key is there. */
    public String locked() {
        return locked;
    }

    /** Where the key is looked for. */
    public String keyFile() {
        return file.toString();
    }

    /**
     * Another key of 32 bytes, the same for the same purpose as long as the key file is, from which nobody finds this one or that of
     * another purpose (HKDF with SHA-256, RFC 5869); throws {@link Locked}.
     */
    public byte[] another(String purpose) {
        if (cipher == null) {
            throw new Locked(locked);
        }
        try {
            return KDF.getInstance("HKDF-SHA256")
                    .deriveData(HKDFParameterSpec.ofExtract()
                            .addIKM(file.read())
                            .thenExpand(purpose.getBytes(StandardCharsets.UTF_8), ANOTHER_BYTES));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("This Java has no HKDF.", e);
        }
    }

    /** Nothing stays nothing, so that an empty field is not made to look like a filled one; throws {@link Locked}. */
    public String close(String plain) {
        BytesEncryptor with = cipher;
        if (plain.isEmpty()) {
            return "";
        }
        if (with == null) {
            throw new Locked(locked);
        }
        return MARK + Base64.getEncoder().encodeToString(with.encrypt(plain.getBytes(StandardCharsets.UTF_8)));
    }

    /** What was written before there was a seal is read as it is; {@link #UNREADABLE} where that cannot be. */
    public String open(String sealed) {
        try {
            return strictly(sealed);
        } catch (WrongKey | Locked unreadable) {
            return UNREADABLE;
        }
    }

    /** The same, but throws {@link Locked} without the key, and {@link WrongKey} where what was sealed is damaged. */
    String strictly(String sealed) {
        if (!sealed.startsWith(MARK)) {
            return sealed;
        }
        BytesEncryptor with = cipher;
        if (with == null) {
            throw new Locked(locked);
        }
        return decrypted(with, sealed);
    }

    private static String decrypted(BytesEncryptor with, String sealed) {
        try {
            return new String(
                    with.decrypt(Base64.getDecoder().decode(sealed.substring(MARK.length()))), StandardCharsets.UTF_8);
        } catch (IllegalArgumentException | IllegalStateException | IndexOutOfBoundsException e) {
            throw new WrongKey("The key file does not open what was sealed; it belongs to other data.");
        }
    }

    /** The key is not the one the data were sealed with, or what was sealed is damaged. */
    static final class WrongKey extends RuntimeException {

        private static final long serialVersionUID = 1;

        WrongKey(String message) {
            super(message);
        }
    }

    /** Nothing about people can be read or written until the key is back. */
    public static final class Locked extends RuntimeException {

        private static final long serialVersionUID = 1;

        Locked(String why) {
            super(why);
        }
    }
}
