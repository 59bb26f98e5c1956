package yellowtally.server.disk;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVStoreException;

/**
 * What stands at the beginning of the file of the database, in two blocks with the same text: where its newest chunk is. A chunk
 * begins with a text of the same form.
 */
final class StoreHeader {

    static final int BLOCK = 4_096;
    static final int SIZE = 2 * BLOCK;

    private static final String CHECKSUM = "fletcher";
    private static final String VERSION = "version";

    /** Absent once anything is written: then the database looks at the newest chunks when it opens. */
    private static final String CLOSED = "clean";

    private final HashMap<String, String> text;

    private StoreHeader(Map<String, String> text) {
        this.text = new HashMap<>(text);
    }

    /** Reads either copy, the first that is whole. */
    static Optional<StoreHeader> read(ByteBuffer bytes) {
        Optional<StoreHeader> first = copy(bytes, 0);
        return first.isPresent() || bytes.limit() < SIZE ? first : copy(bytes, BLOCK);
    }

    private static Optional<StoreHeader> copy(ByteBuffer bytes, int from) {
        Map<String, String> read = text(bytes, from);
        StoreHeader header = new StoreHeader(read);
        String checksum = header.text.remove(CHECKSUM);
        String line = line(bytes, from);
        int covered = line.indexOf("," + CHECKSUM);
        return checksum == null || covered < 0 || !checksum.equals(sum(line.substring(0, covered)))
                ? Optional.empty()
                : Optional.of(header);
    }

    /**
     * The header that points at a chunk which was written.
     *
     * @param start the first bytes of what was written
     * @param position where, in bytes
     * @return empty where it is no newer chunk: nothing follows from it
     */
    Optional<StoreHeader> at(ByteBuffer start, long position) {
        Map<String, String> chunk = text(start, start.position());
        if (!chunk.containsKey("chunk") || number(chunk) <= number(text)) {
            return Optional.empty();
        }
        StoreHeader next = new StoreHeader(text);
        next.text.put("chunk", chunk.get("chunk"));
        next.text.put(VERSION, chunk.get(VERSION));
        next.text.put("block", Long.toHexString(position / BLOCK));
        next.text.remove(CLOSED);
        return Optional.of(next);
    }

    private static long number(Map<String, String> text) {
        return Long.parseLong(text.getOrDefault(VERSION, "0"), 16);
    }

    /** Both copies. */
    ByteBuffer bytes() {
        String words = DataUtils.appendMap(new StringBuilder(), text).toString();
        String line = words + "," + CHECKSUM + ":" + sum(words) + "\n";
        byte[] copy = line.getBytes(StandardCharsets.ISO_8859_1);
        return ByteBuffer.allocate(SIZE).put(0, copy).put(BLOCK, copy);
    }

    private static String sum(String line) {
        byte[] bytes = line.getBytes(StandardCharsets.ISO_8859_1);
        return Integer.toHexString(DataUtils.getFletcher32(bytes, 0, bytes.length));
    }

    private static Map<String, String> text(ByteBuffer bytes, int from) {
        try {
            return DataUtils.parseMap(line(bytes, from));
        } catch (MVStoreException noText) {
            return Map.of();
        }
    }

    /** What stands before the end of the first line; all of it lies within a block. */
    private static String line(ByteBuffer bytes, int from) {
        int end = from;
        while (end < Math.min(bytes.limit(), from + BLOCK) && bytes.get(end) != '\n') {
            end++;
        }
        byte[] line = new byte[end - from];
        bytes.get(from, line);
        return new String(line, StandardCharsets.ISO_8859_1).strip();
    }
}
