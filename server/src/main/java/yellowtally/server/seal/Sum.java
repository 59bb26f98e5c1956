package yellowtally.server.seal;

import java.nio.ByteBuffer;

/** A SHA-256 sum, as a value. */
record Sum(long first, long second, long third, long fourth) {

    /** Before anything was summed. */
    static final Sum NONE = new Sum(0, 0, 0, 0);

    private static final int LENGTH = 4 * Long.BYTES;

    /** Of 32 bytes; of any other number, as somebody may have written them, a sum that nothing has. */
    static Sum of(byte[] bytes) {
        ByteBuffer from = ByteBuffer.wrap(bytes);
        return bytes.length == LENGTH
                ? new Sum(from.getLong(), from.getLong(), from.getLong(), from.getLong())
                : new Sum(-1, -1, -1, -1);
    }

    byte[] bytes() {
        return ByteBuffer.allocate(LENGTH)
                .putLong(first)
                .putLong(second)
                .putLong(third)
                .putLong(fourth)
                .array();
    }

    /** The beginning, as it is printed. */
    String shown() {
        return String.format("%016x", first);
    }
}
