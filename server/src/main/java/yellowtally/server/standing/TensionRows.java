package yellowtally.server.standing;

import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import yellowtally.core.fitness.TensionLedger.CheckEntry;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.TensionRun;

/** Tension checks of a loop, on whatever saw they were made. */
final class TensionRows {

    private static final String CHECKS = """
            select r.fitting_id, r.at, t.occasion, t.outcome, t.provisional, t.turns, t.adjuster_lead_mm, t.joint_play_mm,
                   t.adjuster_place, t.ten_links_mm, f.outcome as found, f.provisional as found_provisional
            from work_record r join tension_check t on t.id = r.id
            join tension_reading f on f.check_id = t.id and f.seq = 0""" + Rows.STANDING + """
            r.chain_id = ? and r.step =""" + Rows.word(Step.TENSION) + " order by r.at, r.seq";

    private TensionRows() {}

    static List<CheckEntry> read(Rows rows, Hanging on) throws SQLException {
        UUID chain = on.id(Subject.CHAIN);
        return chain == null
                ? List.of()
                : rows.read(
                        CHECKS,
                        row -> new CheckEntry(
                                row.instant("at"),
                                row.id("fitting_id"),
                                row.word(CheckOccasion.class, "occasion"),
                                result(row, "found", "found_provisional"),
                                result(row, "outcome", "provisional"),
                                row.number("turns"),
                                row.number("adjuster_lead_mm"),
                                new Measured(
                                        row.numberOrNull("joint_play_mm"),
                                        row.numberOrNull("adjuster_place"),
                                        row.numberOrNull("ten_links_mm"))),
                        chain);
    }

    private static TensionRun.Result result(Rows.Row row, String outcome, String provisional) throws SQLException {
        return new TensionRun.Result(row.word(TensionOutcome.class, outcome), row.is(provisional));
    }
}
