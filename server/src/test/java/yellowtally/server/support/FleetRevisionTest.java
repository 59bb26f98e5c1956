package yellowtally.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FleetRevisionTest {

    private final FleetRevision revision = new FleetRevision();
    private final UUID saw = UUID.randomUUID();
    private final UUID other = UUID.randomUUID();

    @Test
    void aWriteTouchesTheSawsItNames() {
        long before = revision.now();
        revision.touches(saw);
        revision.written();
        assertThat(revision.now()).isGreaterThan(before);
        assertThat(revision.touchedSince(before))
                .hasValueSatisfying(saws -> assertThat(saws).containsExactly(saw));
        assertThat(revision.touchedSince(revision.now()))
                .hasValueSatisfying(saws -> assertThat(saws).isEmpty());
    }

    @Test
    void aWriteThatNamesNoneTouchesAll() {
        long before = revision.now();
        revision.written();
        assertThat(revision.touchedSince(before)).as("everything is read again").isEmpty();
    }

    @Test
    void aSettingOrARefusedWriteTouchesNone() {
        long before = revision.now();
        revision.touchesNone();
        revision.written();
        assertThat(revision.now()).isGreaterThan(before);
        assertThat(revision.touchedSince(before))
                .hasValueSatisfying(saws -> assertThat(saws).isEmpty());
    }

    @Test
    void whatOneWriteNamesIsForgottenByTheNext() {
        revision.touches(saw);
        revision.written();
        long between = revision.now();
        revision.touches(other);
        revision.written();
        assertThat(revision.touchedSince(between))
                .hasValueSatisfying(saws -> assertThat(saws).containsExactly(other));
    }

    @Test
    void writesSideBySideLoseNothing() {
        List<UUID> saws =
                IntStream.range(0, 40).mapToObj(i -> UUID.randomUUID()).toList();
        long before = revision.now();
        saws.stream()
                .map(id -> CompletableFuture.runAsync(() -> {
                    revision.touches(id);
                    revision.written();
                }))
                .toList()
                .forEach(CompletableFuture::join);
        assertThat(revision.now()).isEqualTo(before + 40);
        assertThat(revision.touchedSince(before))
                .hasValueSatisfying(found -> assertThat(found).containsExactlyInAnyOrderElementsOf(saws));
    }
}
