package hodeon.app.shell;

import hodeon.core.notice.Faults;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Text of files that come into the house. */
public final class Texts {

    private static final char BYTE_ORDER_MARK = '\ufeff';

    private Texts() {}

    /** What a field says; empty where the form has no such field. */
    public static String given(@Nullable String typed) {
        return typed == null ? "" : typed;
    }

    /** UTF-8, or UTF-16 with its mark; anything else is refused rather than guessed. */
    public static Optional<String> read(byte[] bytes, String field, Faults faults) {
        try {
            String text =
                    charset(bytes).newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
            return Optional.of(!text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK ? text.substring(1) : text);
        } catch (CharacterCodingException notText) {
            faults.add(
                    field,
                    Wording.says("texts.bytes", bytes.length),
                    Wording.says("texts.theFileIsTextInUtf8"),
                    Wording.says("texts.saveItAsCsvUtf8Or"));
            return Optional.empty();
        }
    }

    private static Charset charset(byte[] bytes) {
        boolean marked = bytes.length >= 2
                && ((bytes[0] == (byte) 0xfe && bytes[1] == (byte) 0xff)
                        || (bytes[0] == (byte) 0xff && bytes[1] == (byte) 0xfe));
        return marked ? StandardCharsets.UTF_16 : StandardCharsets.UTF_8;
    }
}
