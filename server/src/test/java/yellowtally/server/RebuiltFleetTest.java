package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import yellowtally.core.fitness.SawAccount;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;

/** After all that was written, what is kept of every saw is what its records say when they are read from the beginning. */
@ExtendWith(RunningServer.class)
@Isolated("what is kept and what is rebuilt are compared for the whole fleet")
class RebuiltFleetTest {

    private final Api api;

    RebuiltFleetTest(Api api) {
        this.api = api;
    }

    private static List<SawAccount> accounts(List<Standing> standings) {
        return standings.stream().map(Standing::account).toList();
    }

    @Test
    void theWholeFleetIsWhatItsRecordsSay() {
        assertThat(api.get("/api/board").status()).isEqualTo(200);
        Standings standings = RunningServer.bean(Standings.class);
        assertThat(accounts(standings.rebuilt())).hasSizeGreaterThan(10).isEqualTo(accounts(standings.all()));
    }
}
