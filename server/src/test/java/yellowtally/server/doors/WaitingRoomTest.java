package yellowtally.server.doors;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import yellowtally.server.support.Problems;

/** So many at once and no more; whoever leaves makes room. */
class WaitingRoomTest {

    private final Problems problems = mock(Problems.class);
    private final HttpServletRequest request = mock(HttpServletRequest.class);
    private final HttpServletRequest screen = mock(HttpServletRequest.class);
    private final WaitingRoom room = new WaitingRoom(1, Duration.ZERO, screen::equals, problems);
    private final HttpServletResponse response = mock(HttpServletResponse.class);
    private final FilterChain work = mock(FilterChain.class);

    private final HttpServletRequest another = mock(HttpServletRequest.class);

    @BeforeEach
    void wire() {
        List.of(request, screen, another)
                .forEach(one -> when(one.getDispatcherType()).thenReturn(DispatcherType.REQUEST));
    }

    private void comesToAFullRoom(HttpServletRequest asks) throws ServletException, IOException {
        room.doFilter(request, response, (r, s) -> room.doFilter(asks, response, work));
    }

    @Test
    void whoeverComesToAFullRoomIsToldToComeAgain() throws Exception {
        comesToAFullRoom(another);
        verify(work, never()).doFilter(any(), any());
        verify(response).setHeader("Retry-After", "1");
        verify(problems).write(eq(another), eq(response), eq(HttpStatus.SERVICE_UNAVAILABLE), eq("door.full"));
    }

    @Test
    void theScreensThemselvesAreServedToAll() throws Exception {
        comesToAFullRoom(screen);
        verify(work).doFilter(any(), any());
    }

    @Test
    void whoeverLeavesMakesRoomEvenInAHurry() throws Exception {
        doThrow(new ServletException("failed")).doNothing().when(work).doFilter(any(), any());
        try {
            room.doFilter(request, response, work);
        } catch (ServletException failed) {
            // Left all the same.
        }
        room.doFilter(request, response, work);
        verify(work, times(2)).doFilter(request, response);
    }
}
