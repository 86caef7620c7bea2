package hodeon.app.shell;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** Something long and random that opens a door: shown once, kept only as its digest. A slow hash would be paid at every call. */
public final class Secret {

    private static final String SPOKEN = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secret() {}

    /** So many random bytes, to stand in an address or a header. */
    public static String fresh(int bytes) {
        byte[] random = new byte[bytes];
        RANDOM.nextBytes(random);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(random);
    }

    /** So many letters and digits in groups, none of which is taken for another when it is read aloud. */
    public static String code(int length, int group) {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < length; i++) {
            code.append(i > 0 && i % group == 0 ? "-" : "").append(SPOKEN.charAt(RANDOM.nextInt(SPOKEN.length())));
        }
        return code.toString();
    }

    /** 64 hexadecimal digits of SHA-256. */
    public static String digest(String secret) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }
}
