package yellowtally.server.support;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** What nobody can guess, and so needs no long comparing: of it only the SHA-256 is kept. */
public final class RandomSecret {

    private static final int BYTES = 24;
    private static final SecureRandom RANDOM = new SecureRandom();

    private RandomSecret() {}

    /** A new one: 32 letters, figures, dashes and underscores. */
    public static String fresh() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** As it is kept. */
    public static String digest(String secret) {
        try {
            byte[] sum = MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(sum);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
