package yellowtally.server.bench;

import jakarta.persistence.EntityManager;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.Session;
import org.springframework.stereotype.Component;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.server.usage.EndedOuting;

/**
 * The records of every loop that hangs on a saw now, on whatever saw they were made. Read over the session's own connection
 * and not as entities: it is the one place that reads thousands of rows, and the board waits for it.
 */
@Component
class FittedChainRecords {

    private static final String CHECKS = """
            select t.id, t.chain_id, t.fitting_id, t.at, t.occasion, t.outcome, t.provisional, t.turns,
                   t.adjuster_lead_mm, t.joint_play_mm, t.amends_id
            from tension_check t join chain c on c.id = t.chain_id where c.saw_id is not null""";

    private static final String OUTINGS = """
            select o.chain_id, o.fitting_id, o.back_at, o.tanks
            from outing o join chain c on c.id = o.chain_id where c.saw_id is not null and o.back_at is not null""";

    private final EntityManager entities;

    FittedChainRecords(EntityManager entities) {
        this.entities = entities;
    }

    /** Checks by loop, in no order. */
    Map<UUID, List<CheckRow>> checks() {
        return read(
                CHECKS,
                row -> {
                    double play = row.getDouble(10);
                    boolean measured = !row.wasNull();
                    return new CheckRow(
                            row.getObject(1, UUID.class),
                            row.getObject(2, UUID.class),
                            row.getObject(3, UUID.class),
                            instant(row, 4),
                            CheckOccasion.valueOf(row.getString(5)),
                            TensionOutcome.valueOf(row.getString(6)),
                            row.getBoolean(7),
                            row.getDouble(8),
                            row.getDouble(9),
                            measured ? play : null,
                            row.getObject(11, UUID.class));
                },
                CheckRow::chainId);
    }

    /** Outings that ended, by loop, in no order. */
    Map<UUID, List<EndedOuting>> outings() {
        return read(
                OUTINGS,
                row -> new EndedOuting(
                        row.getObject(1, UUID.class), row.getObject(2, UUID.class), instant(row, 3), row.getDouble(4)),
                EndedOuting::chainId);
    }

    /** The database's own form of a moment first: asking it for an Instant converts twice. */
    private static Instant instant(ResultSet row, int column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }

    private interface RowReader<T> {
        T read(ResultSet row) throws SQLException;
    }

    private interface ChainOf<T> {
        UUID of(T row);
    }

    private <T> Map<UUID, List<T>> read(String query, RowReader<T> reader, ChainOf<T> chain) {
        return entities.unwrap(Session.class).doReturningWork(connection -> grouped(connection, query, reader, chain));
    }

    private static <T> Map<UUID, List<T>> grouped(
            Connection connection, String query, RowReader<T> reader, ChainOf<T> chain) throws SQLException {
        Map<UUID, List<T>> byChain = new HashMap<>();
        try (PreparedStatement statement = connection.prepareStatement(query);
                ResultSet rows = statement.executeQuery()) {
            while (rows.next()) {
                T row = reader.read(rows);
                byChain.computeIfAbsent(chain.of(row), id -> new ArrayList<>()).add(row);
            }
        }
        return byChain;
    }
}
