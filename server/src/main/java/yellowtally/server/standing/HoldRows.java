package yellowtally.server.standing;

import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import yellowtally.core.fitness.HoldEntry;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;

/** Holds of a saw that nobody has released and whose record stands. */
final class HoldRows {

    private static final String HOLDS = """
            select h.id, h.at, h.step, h.record_id, h.chain_id, h.bar_id, h.sprocket_id from saw_hold h
            left join saw_hold_release x on x.hold_id = h.id
            left join work_void v on v.record_id = h.record_id
            where x.hold_id is null and v.record_id is null and h.saw_id = ? order by h.at""";
    private static final String FINDINGS =
            "select hold_id as owner_id, finding from saw_hold_finding where hold_id in ";

    private HoldRows() {}

    static List<HoldEntry> read(Rows rows, Hanging on) throws SQLException {
        List<HoldEntry> holds = rows.read(
                HOLDS,
                row -> new HoldEntry(
                        row.id("id"),
                        row.instant("at"),
                        row.word(Step.class, "step"),
                        Set.of(),
                        row.idOrNull("record_id") == null,
                        Subjects.of(
                                on.fitted(),
                                on.saw(),
                                row.idOrNull("chain_id"),
                                row.idOrNull("bar_id"),
                                row.idOrNull("sprocket_id"))),
                on.saw());
        Map<UUID, Set<Finding>> findings = StepRows.findings(
                rows, FINDINGS, holds.stream().map(hold -> (UUID) hold.id()).toList());
        return holds.stream()
                .map(hold -> new HoldEntry(
                        hold.id(),
                        hold.at(),
                        hold.step(),
                        findings.getOrDefault((UUID) hold.id(), Set.of()),
                        hold.byPerson(),
                        hold.subjects()))
                .toList();
    }
}
