package itomichi.server.platform;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/** Which letters a text that is kept may hold. */
public final class Letters {

    private Letters() {}

    /**
     * Whether the database, a browser and a drawing can all keep this letter: not NUL, half of a pair, or one of the code points that are
     * no letters for ever (The Unicode Standard, 23.7), nor a control letter but tab and the ends of lines.
     */
    public static boolean kept(int letter) {
        boolean half = letter >= Character.MIN_SURROGATE && letter <= Character.MAX_SURROGATE;
        boolean none = (letter & 0xFFFE) == 0xFFFE || (letter >= 0xFDD0 && letter <= 0xFDEF);
        boolean control = letter < 0x20 && letter != '\t' && letter != '\n' && letter != '\r';
        return !half && !none && !control;
    }

    /** The text these bytes are in UTF-8; nothing where they are none, or hold letters that cannot be kept. */
    public static Optional<String> read(byte[] bytes) {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return kept(text) ? Optional.of(text) : Optional.empty();
        } catch (CharacterCodingException malformed) {
            return Optional.empty();
        }
    }

    /** Whether every letter of a text can be kept. */
    public static boolean kept(String text) {
        return text.codePoints().allMatch(Letters::kept);
    }
}
