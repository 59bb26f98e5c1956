package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import jakarta.servlet.http.HttpServletResponse;
import org.junit.jupiter.api.Test;

class StreamedTest {

    private final HttpServletResponse response = mock();

    private void writeAndFail() throws Exception {
        Streamed.write(response, () -> {
            throw Refusal.later("takeOut.busy");
        });
    }

    @Test
    void whatWasNotBegunIsRefusedInWords() {
        assertThatThrownBy(this::writeAndFail).isInstanceOf(Refusal.class);
    }

    /** No handler makes a sentence of it, which would stand at the end of half a file. */
    @Test
    void whatWasBegunBreaksOff() {
        when(response.isCommitted()).thenReturn(true);
        assertThatThrownBy(this::writeAndFail)
                .isInstanceOf(Streamed.BrokenOff.class)
                .hasCauseInstanceOf(Refusal.class);
    }
}
