package yellowtally.server;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.persistence.EntityManager;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import yellowtally.server.RunningServer.Api;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.OnceOnly;

/** What is kept of the fleet holds no trace of a write that looked at it while it was under way. */
@ExtendWith(RunningServer.class)
class KeptBesideWritesTest {

    private final Api api;
    private final Standings standings = RunningServer.bean(Standings.class);
    private final Fleet fleet = RunningServer.bean(Fleet.class);
    private final EntityManager records = RunningServer.bean(EntityManager.class);
    private final TransactionTemplate write =
            new TransactionTemplate(RunningServer.bean(PlatformTransactionManager.class));

    KeptBesideWritesTest(Api api) {
        this.api = api;
    }

    private String aSaw() {
        String tag = "K" + RunningServer.id().substring(0, 6);
        assertThat(api.post("/api/saws", Checks.newSaw(api, RunningServer.id(), tag, 68))
                        .status())
                .isEqualTo(200);
        Checks.serve(api, tag);
        return tag;
    }

    private void assertKeptAsRecorded(String tag) {
        Saw saw = fleet.saw(tag);
        assertThat(standings.of(saw).fitted()).isEqualTo(standings.rebuilt(saw).fitted());
    }

    /** Another request's write, whole, while this one is under way. */
    private static void meanwhile(Runnable other) {
        CompletableFuture.runAsync(other).join();
    }

    @Test
    void whatAWriteHadReadEarlierIsNotTakenForWhatStandsNow() {
        String tag = aSaw();
        String retire = "{\"id\":\"%s\",\"version\":%d,\"saw\":%s}";
        write.executeWithoutResult(status -> {
            // Read as a page reads it: a write that waited for the saw would keep the other one out.
            int version = records.createQuery("select s from Saw s where s.tag = :tag", Saw.class)
                    .setParameter("tag", tag)
                    .getSingleResult()
                    .version();
            meanwhile(() -> assertThat(api.put(
                                    "/api/saws/" + tag,
                                    retire.formatted(RunningServer.id(), version, Checks.card("Harrowgill")))
                            .status())
                    .isEqualTo(200));
            standings.all();
        });
        assertKeptAsRecorded(tag);
        assertThat(standings.of(fleet.saw(tag)).fitted().saw().details().model().make())
                .isEqualTo("Harrowgill");
    }

    @Test
    void whatAWriteTookBackIsNotKept() {
        String tag = aSaw();
        write.executeWithoutResult(status -> {
            records.createQuery("update Saw s set s.details.adjusterTravelMm = 5 where s.tag = :tag")
                    .setParameter("tag", tag)
                    .executeUpdate();
            meanwhile(
                    () -> RunningServer.bean(OnceOnly.class).run(java.util.UUID.randomUUID(), "touches all", () -> {}));
            standings.all();
            status.setRollbackOnly();
        });
        assertKeptAsRecorded(tag);
    }

    /** An edit that is refused leaves nothing on the board that nobody has, whoever looks meanwhile. */
    @Test
    void whatWasRefusedIsNotKept() {
        String tag = aSaw();
        int version = api.get("/api/saws/" + tag).body().path("version").asInt();
        String without = Checks.card("Nowhere").replace("\"sparkArrestor\":true", "\"sparkArrestor\":false");
        for (int round = 0; round < 20; round++) {
            CompletableFuture<Void> looks = CompletableFuture.runAsync(() -> api.get("/api/board"));
            assertThat(api.put(
                                    "/api/saws/" + tag,
                                    "{\"id\":\"%s\",\"version\":%d,\"saw\":%s}"
                                            .formatted(RunningServer.id(), version + 3, without))
                            .status())
                    .isEqualTo(409);
            looks.join();
        }
        assertKeptAsRecorded(tag);
        assertThat(standings.of(fleet.saw(tag)).fitted().saw().details().model().make())
                .isEqualTo("Kestrup");
    }
}
