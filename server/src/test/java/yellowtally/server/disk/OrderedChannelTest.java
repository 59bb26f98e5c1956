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
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** In which order what is written comes to the disk. */
class OrderedChannelTest {

    private static final long BEYOND_HEADER = 8_192;

    private final FileChannel file = mock(FileChannel.class);
    private final OrderedChannel ordered = new OrderedChannel(file);
    private final List<String> done = new ArrayList<>();

    @BeforeEach
    void note() throws IOException {
        when(file.write(any(), anyLong())).thenAnswer(call -> {
            ByteBuffer bytes = call.getArgument(0);
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
        assertThatThrownBy(() -> ordered.force(true)).hasMessage("worn out");
        doAnswer(call -> done.add("forced")).when(file).force(anyBoolean());
        assertThatThrownBy(() -> ordered.force(true)).hasRootCauseMessage("worn out");
        assertThatThrownBy(() -> ordered.write(bytes(10), 0)).isInstanceOf(IOException.class);
    }
}
