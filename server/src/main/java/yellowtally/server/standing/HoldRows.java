package yellowtally.server.standing;

import java.sql.SQLException;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.fitness.Condemned;
import yellowtally.core.fitness.HoldRecords;
import yellowtally.core.holds.Hold;
import yellowtally.core.holds.Hold.HoldOrigin;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;

/** Holds of a saw without a release that stands, and what condemned its parts. */
final class HoldRows {

    /** A release stands while nobody has struck out one of the records that it stands on; of a hold {@code h}. */
    static final String RELEASED = """
            exists (select 1 from hold_release x where x.hold_id = h.id
                    and not exists (select 1 from hold_proof p join work_void pv on pv.record_id = p.record_id
                                    where p.release_id = x.id))""";

    private static final String HOLDS = """
            select h.id, h.at, h.origin, h.step, h.fault_id, h.chain_id, h.bar_id, h.sprocket_id, v.seq as struck
            from saw_hold h left join work_void v on v.record_id = h.record_id
            where h.saw_id = ? and not\s""" + RELEASED + " order by h.at, h.id";
    private static final String FINDINGS =
            "select hold_id as owner_id, finding from saw_hold_finding where hold_id = any(?)";

    /** Released or not: what condemned a part stands until its record is struck out. */
    private static final String CONDEMNED = """
            select f.finding from saw_hold h join saw_hold_finding f on f.hold_id = h.id
            left join work_void v on v.record_id = h.record_id
            where v.record_id is null and h.%s = ?""";

    private HoldRows() {}

    static HoldRecords read(Rows rows, Hanging on) throws SQLException {
        List<Hold> bare = rows.read(HOLDS, row -> hold(row, on), on.saw());
        Map<UUID, Set<Finding>> findings = StepRows.findings(
                rows, FINDINGS, bare.stream().map(hold -> (UUID) hold.id()).toList());
        List<Hold> holds = bare.stream()
                .map(hold -> new Hold(
                        hold.id(),
                        hold.at(),
                        hold.origin(),
                        hold.step(),
                        findings.getOrDefault((UUID) hold.id(), Set.of()),
                        hold.subjects(),
                        hold.struckBy(),
                        hold.fault()))
                .toList();
        return new HoldRecords(
                holds,
                condemned(rows, on),
                later(on.fitted().fittedAt(), AwayRows.lastBack(rows, on)),
                AwayRows.partsBack(rows, on));
    }

    private static @Nullable Instant later(@Nullable Instant one, @Nullable Instant other) {
        if (one == null || other == null) {
            return one == null ? other : one;
        }
        return one.isAfter(other) ? one : other;
    }

    private static Hold hold(Rows.Row row, Hanging on) throws SQLException {
        return new Hold(
                row.id("id"),
                row.instant("at"),
                row.word(HoldOrigin.class, "origin"),
                row.word(Step.class, "step"),
                Set.of(),
                Subjects.of(
                        on.fitted(),
                        on.saw(),
                        row.idOrNull("chain_id"),
                        row.idOrNull("bar_id"),
                        row.idOrNull("sprocket_id")),
                row.wholeOrNull("struck"),
                row.idOrNull("fault_id"));
    }

    private static Set<Finding> condemned(Rows rows, Hanging on) throws SQLException {
        Set<Finding> found = EnumSet.noneOf(Finding.class);
        for (Subject part : EnumSet.complementOf(EnumSet.of(Subject.SAW))) {
            UUID id = on.id(part);
            if (id != null) {
                rows
                        .read(CONDEMNED.formatted(Hanging.column(part)), row -> row.word(Finding.class, "finding"), id)
                        .stream()
                        .filter(Condemned.findings(part)::contains)
                        .forEach(found::add);
            }
        }
        return found;
    }
}
