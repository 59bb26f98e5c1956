package yellowtally.server.seal;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;

/** SHA-256 over several values, each with its length before it: "ab" and "c" are not "a" and "bc". */
final class Digest {

    private final MessageDigest digest;

    Digest() {
        try {
            this.digest = MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    Digest add(byte[] value) {
        digest.update(ByteBuffer.allocate(Integer.BYTES).putInt(value.length).array());
        digest.update(value);
        return this;
    }

    Digest add(String value) {
        return add(value.getBytes(StandardCharsets.UTF_8));
    }

    Digest add(Sum value) {
        return add(value.bytes());
    }

    Sum sum() {
        return Sum.of(digest.digest());
    }
}
