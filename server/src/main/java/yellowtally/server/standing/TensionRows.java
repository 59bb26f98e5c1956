package yellowtally.server.standing;

import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.TensionOutcome;

/** Tension checks of a loop, on whatever saw they were made. */
final class TensionRows {

    private static final String CHECKS = """
            select r.fitting_id, r.at, t.occasion, t.outcome, t.provisional, t.turns, t.adjuster_lead_mm, t.joint_play_mm
            from work_record r join tension_check t on t.id = r.id""" + Rows.STANDING + """
            r.chain_id = ? and r.step =""" + Rows.word(Step.TENSION) + " order by r.at, r.seq";

    private TensionRows() {}

    static List<CheckRow> read(Rows rows, Hanging on) throws SQLException {
        UUID chain = on.id(Subject.CHAIN);
        return chain == null
                ? List.of()
                : rows.read(
                        CHECKS,
                        row -> new CheckRow(
                                row.id("fitting_id"),
                                row.instant("at"),
                                row.word(CheckOccasion.class, "occasion"),
                                row.word(TensionOutcome.class, "outcome"),
                                row.is("provisional"),
                                row.number("turns"),
                                row.number("adjuster_lead_mm"),
                                row.numberOrNull("joint_play_mm")),
                        chain);
    }
}
