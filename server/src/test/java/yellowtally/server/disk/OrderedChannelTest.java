package yellowtally.server.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.h2.mvstore.DataUtils;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** In which order what is written comes to the disk. */
class OrderedChannelTest {

    private static final long BEYOND_HEADER = 8_192;

    private final FileChannel file = mock(FileChannel.class);
    private final StoreHealth health = new StoreHealth();
    private OrderedChannel ordered;
    private ByteBuffer last;
    private final List<String> done = new ArrayList<>();

    @BeforeEach
    void anEmptyFile() throws IOException {
        when(file.read(any(), anyLong())).thenReturn(-1);
        ordered = new OrderedChannel(file, health);
        when(file.write(any(), anyLong())).thenAnswer(call -> {
            ByteBuffer bytes = call.getArgument(0);
            last = bytes.duplicate();
            int length = bytes.remaining();
            bytes.position(bytes.limit());
            done.add(length + " at " + call.getArgument(1));
            return length;
        });
        doAnswer(call -> done.add("forced")).when(file).force(anyBoolean());
        when(file.truncate(anyLong())).thenAnswer(call -> {
            done.add("cut to " + call.getArgument(0));
            return file;
        });
    }

    private static ByteBuffer bytes(int length) {
        return ByteBuffer.allocate(length);
    }

    @Test
    void theEndOfAChunkFollowsWhenTheRestIsThere() throws IOException {
        assertThat(ordered.write(bytes(4_096), BEYOND_HEADER)).isEqualTo(4_096);
        assertThat(done).containsExactly("3584 at 8192", "forced", "512 at 11776");
    }

    @Test
    void nothingFollowsBeforeWhatWasWrittenIsThere() throws IOException {
        ordered.write(bytes(512), BEYOND_HEADER);
        ordered.write(bytes(8_192), 0);
        ordered.write(bytes(100), BEYOND_HEADER);
        ordered.truncate(BEYOND_HEADER);
        assertThat(done)
                .containsExactly(
                        "512 at 8192", "forced", "8192 at 0", "forced", "100 at 8192", "forced", "cut to 8192");
    }

    private static ByteBuffer text(String text, int length) {
        return ByteBuffer.allocate(length).put(0, text.getBytes(StandardCharsets.ISO_8859_1));
    }

    /** A header as the database writes it, with its checksum. */
    private static ByteBuffer header() {
        return text(
                "H:2,block:2,blockSize:1000,chunk:1,clean:1,created:1a21d2194cf,format:3,version:1,fletcher:%x\n"
                        .formatted(sum(
                                "H:2,block:2,blockSize:1000,chunk:1,clean:1,created:1a21d2194cf,format:3,version:1")),
                8_192);
    }

    private static int sum(String words) {
        byte[] bytes = words.getBytes(StandardCharsets.ISO_8859_1);
        return DataUtils.getFletcher32(bytes, 0, bytes.length);
    }

    private static ByteBuffer chunk(int number) {
        return text("chunk:%1$x,len:2,pages:1,version:%1$x,toc:1 \n".formatted(number), 512);
    }

    @Test
    void theHeaderFollowsEachNewerChunkInBothCopies() throws IOException {
        ordered.write(header(), 0);
        ordered.write(chunk(2), 0x5000);
        assertThat(done).containsExactly("8192 at 0", "forced", "512 at 20480", "forced", "8192 at 0");
        for (int copy : List.of(0, 4_096)) {
            byte[] line = new byte[130];
            last.get(copy, line);
            String words = "H:2,block:5,blockSize:1000,chunk:2,created:1a21d2194cf,format:3,version:2";
            assertThat(new String(line, StandardCharsets.ISO_8859_1))
                    .startsWith(words + ",fletcher:%x\n".formatted(sum(words)));
        }
    }

    @Test
    void aChunkThatIsOnlyMovedChangesNothing() throws IOException {
        ordered.write(header(), 0);
        ordered.write(chunk(1), 0x5000);
        assertThat(done).containsExactly("8192 at 0", "forced", "512 at 20480");
    }

    @Test
    void aHeaderThatIsNoneIsNotFollowed() throws IOException {
        ordered.write(text("H:2,block:2,version:1,fletcher:1\n", 8_192), 0);
        ordered.write(chunk(2), 0x5000);
        assertThat(done).hasSize(3);
    }

    @Test
    void whatIsThereIsNotForcedAgain() throws IOException {
        ordered.write(bytes(512), BEYOND_HEADER);
        ordered.force(true);
        ordered.write(bytes(512), BEYOND_HEADER);
        assertThat(done).containsExactly("512 at 8192", "forced", "512 at 8192");
    }

    @Test
    void aFileThatIsClosedIsThere() throws IOException {
        ordered.write(bytes(512), BEYOND_HEADER);
        ordered.close();
        assertThat(done).endsWith("forced");
    }

    @Test
    void afterOneFailureTheDiskIsNotBelievedAgain() throws IOException {
        ordered.write(bytes(512), BEYOND_HEADER);
        doThrow(new IOException("worn out")).when(file).force(anyBoolean());
        assertThatThrownBy(() -> ordered.force(true)).hasRootCauseMessage("worn out");
        doAnswer(call -> done.add("forced")).when(file).force(anyBoolean());
        assertThatThrownBy(() -> ordered.force(true)).hasRootCauseMessage("worn out");
        assertThatThrownBy(() -> ordered.write(bytes(10), 0)).isInstanceOf(IOException.class);
    }
}
