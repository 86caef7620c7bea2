package hodeon.app.storage.seal;

import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import javax.crypto.Cipher;
import javax.crypto.KDF;
import javax.crypto.SecretKey;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.HKDFParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Component;

/**
 * Seals what is written about people, so that the database file alone tells nobody anything: AES-256 in Galois/counter
 * mode, a fresh number for each text, bound to the place it is written for (the row and column, as authenticated data): nothing opens
 * where somebody else has put it. The key lies in a file of its own ({@code hodeon.key-file}) that only its owner may
 * read; whoever keeps copies of the database keeps one of the key, elsewhere.
 *
 * <p>Without the key that the data were sealed with the seal is locked: nothing is opened or sealed until it is back. A new key is
 * never made beside what an old one has sealed.
 */
@Component
public class Seal {

    static final String MARK = "bound:";

    /** Began what was sealed for no place in particular, by earlier versions. */
    static final String UNBOUND_MARK = "sealed:";

    /** Where the word lies by which the right key is known. */
    static final String PROOF = "seal_proof.sealed:1";

    /** Stands where something sealed cannot be read: locked, or damaged. */
    public static final String UNREADABLE = "cannot be read";

    private static final int NUMBER_BYTES = 12;
    private static final int TAG_BITS = 128;
    private static final int ANOTHER_BYTES = 32;

    private final KeyFile file;
    private final Optional<JdbcTemplate> database;

    @Nullable
    private volatile SecretKey cipher;

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
            SecretKey found = new SecretKeySpec(file.read(), "AES");
            if (proof.isPresent()) {
                String word = proof.get();
                decrypted(found, word.startsWith(UNBOUND_MARK) ? "" : PROOF, word);
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

    /** Throws {@link Locked} while the key is missing. */
    void needed() {
        if (cipher == null) {
            throw new Locked(locked);
        }
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
        needed();
        try {
            return KDF.getInstance("HKDF-SHA256")
                    .deriveData(HKDFParameterSpec.ofExtract()
                            .addIKM(file.read())
                            .thenExpand(purpose.getBytes(StandardCharsets.UTF_8), ANOTHER_BYTES));
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("This Java has no HKDF.", e);
        }
    }

    /**
     * Sealed for this place alone. Nothing stays nothing, so that an empty field is not made to look like a filled one; throws
     * {@link Locked}.
     *
     * @param place table, column and row: “CARE_NOTE.NOTE:” and its id
     */
    String close(String place, String plain) {
        SecretKey with = cipher;
        if (plain.isEmpty()) {
            return "";
        }
        if (with == null) {
            throw new Locked(locked);
        }
        try {
            byte[] number = KeyGenerators.secureRandom(NUMBER_BYTES).generateKey();
            byte[] text =
                    crypt(Cipher.ENCRYPT_MODE, with, number, place).doFinal(plain.getBytes(StandardCharsets.UTF_8));
            return MARK
                    + Base64.getEncoder()
                            .encodeToString(ByteBuffer.allocate(number.length + text.length)
                                    .put(number)
                                    .put(text)
                                    .array());
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("This Java has no AES in Galois/counter mode.", e);
        }
    }

    /** {@link #UNREADABLE} where it was not sealed for this place, is damaged, or the key is missing. */
    public String open(String place, String sealed) {
        try {
            return strictly(place, sealed);
        } catch (WrongKey | Locked unreadable) {
            return UNREADABLE;
        }
    }

    /** The same, but throws {@link Locked} without the key, and {@link WrongKey} where it was not sealed for this place or is damaged. */
    public String strictly(String place, String sealed) {
        SecretKey with = cipher;
        if (sealed.isEmpty()) {
            return "";
        }
        if (with == null) {
            throw new Locked(locked);
        }
        if (!sealed.startsWith(MARK)) {
            throw new WrongKey("What stands in " + place + " was not sealed by Hodeon.");
        }
        return decrypted(with, place, sealed);
    }

    /** Whether it is sealed, and for this place; throws {@link Locked}. */
    boolean opens(String place, String text) {
        if (!text.startsWith(MARK)) {
            return false;
        }
        try {
            strictly(place, text);
            return true;
        } catch (WrongKey plain) {
            return false;
        }
    }

    /** What earlier versions wrote: sealed for no place, or plain. Empty where it is damaged, or bound already. */
    Optional<String> unbound(String text) {
        SecretKey with = cipher;
        if (with == null || text.startsWith(MARK)) {
            return Optional.empty();
        }
        try {
            return Optional.of(text.startsWith(UNBOUND_MARK) ? decrypted(with, "", text) : text);
        } catch (WrongKey damaged) {
            return Optional.empty();
        }
    }

    private static String decrypted(SecretKey with, String place, String sealed) {
        try {
            ByteBuffer bytes = ByteBuffer.wrap(Base64.getDecoder().decode(sealed.substring(sealed.indexOf(':') + 1)));
            byte[] number = new byte[NUMBER_BYTES];
            bytes.get(number);
            byte[] text = new byte[bytes.remaining()];
            bytes.get(text);
            return new String(crypt(Cipher.DECRYPT_MODE, with, number, place).doFinal(text), StandardCharsets.UTF_8);
        } catch (IllegalArgumentException | BufferUnderflowException | GeneralSecurityException e) {
            throw new WrongKey("The key file does not open what was sealed; it belongs to other data.");
        }
    }

    private static Cipher crypt(int mode, SecretKey with, byte[] number, String place) throws GeneralSecurityException {
        Cipher crypt = Cipher.getInstance("AES/GCM/NoPadding");
        crypt.init(mode, with, new GCMParameterSpec(TAG_BITS, number));
        crypt.updateAAD(place.getBytes(StandardCharsets.UTF_8));
        return crypt;
    }

    /** The key is not the one the data were sealed with, or what was sealed is damaged. */
    public static final class WrongKey extends RuntimeException {

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
