package yellowtally.server.support;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/** Finds text that is no UTF-8: read as such it would come in with other letters than it has, and nobody would notice. */
public final class Utf8Check {

    private static final int AT_ONCE = 64 * 1024;

    private final CharsetDecoder decoder = StandardCharsets.UTF_8.newDecoder();
    private final CharBuffer text = CharBuffer.allocate(AT_ONCE);
    private final String room;
    private int line = 1;
    private int column = 1;

    private Utf8Check(String room) {
        this.room = room;
    }

    /**
     * Refuses a text in another encoding, and what is no text, with the place where it shows.
     *
     * @param room whose sentences {@code encoding} and {@code noText} say so
     */
    public static void refuseElse(Path file, String room) throws IOException {
        try (FileChannel from = FileChannel.open(file)) {
            new Utf8Check(room).check(from);
        }
    }

    /** Whether it comes back as it is: half of a letter that takes two would come back as a question mark. */
    public static boolean canBeKept(String text) {
        return StandardCharsets.UTF_8.newEncoder().canEncode(text);
    }

    private void check(FileChannel from) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(AT_ONCE);
        boolean all = false;
        while (!all) {
            all = from.read(bytes) < 0;
            bytes.flip();
            CoderResult result;
            do {
                result = decoder.decode(bytes, text, all);
                pass();
                if (result.isError()) {
                    throw Refusal.unfit("file", room + ".encoding", line, column);
                }
            } while (result.isOverflow());
            bytes.compact();
        }
    }

    private void pass() {
        text.flip();
        while (text.hasRemaining()) {
            char letter = text.get();
            if (letter == 0) {
                throw Refusal.unfit("file", room + ".noText", line, column);
            }
            if (letter == '\n') {
                line++;
                column = 1;
            } else {
                column++;
            }
        }
        text.clear();
    }
}
