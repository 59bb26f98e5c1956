package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpRequest;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import yellowtally.server.RunningServer.Api;

/** No page asks the database row by row: however many saws, parts, records or faults it shows, its questions are few. */
@ExtendWith(RunningServer.class)
class PageStatementsHttpTest {

    /** More than any page needs; a question for each saw, part or line of the demo fleet is well beyond. */
    private static final int FEW = 25;

    private final Api api;

    PageStatementsHttpTest(Api api) {
        this.api = api;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/board",
                "/api/log",
                "/api/saws/10",
                "/api/saws/10/tension",
                "/api/saws/20/away",
                "/api/saws/10/schedule",
                "/api/saws/15/sharpening",
                "/api/saws/06/oiling",
                "/api/parts",
                "/api/parts/YC-15",
                "/api/stores",
                "/api/stores/costs",
                "/api/faults",
                "/api/outings/open",
                "/api/settings",
                "/api/minutes",
                "/api/reminders",
                "/api/packs",
                "/api/lay-out",
            })
    void aPageAsksLittle(String page) {
        assertThat(statements(page)).isPositive().isLessThanOrEqualTo(FEW);
    }

    private int statements(String page) {
        String as = RunningServer.id();
        int status = api.signed()
                .send(HttpRequest.newBuilder(URI.create(api.root() + page)).header(StatementsOfRequests.HEADER, as))
                .statusCode();
        assertThat(status).isEqualTo(200);
        return StatementsOfRequests.of(as);
    }
}
