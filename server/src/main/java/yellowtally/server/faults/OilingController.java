package yellowtally.server.faults;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.oiling.OilGrade;
import yellowtally.core.oiling.OilLadder;
import yellowtally.core.oiling.OilRatio;
import yellowtally.core.oiling.OilUse;
import yellowtally.core.oiling.OilUsual;
import yellowtally.core.oiling.OilerTurns;
import yellowtally.core.oiling.OilingSetting;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.OilerKind;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.support.Violations;
import yellowtally.server.worklog.WorkOutcome;
import yellowtally.server.worklog.WorkRecord;

/** How a saw uses its bar oil: the ratio with its readings, card tests, turns of the adjuster, the ladder of checks. */
@RestController
class OilingController {

    private static final int CARDS = 40;

    private final Fleet fleet;
    private final Standings standings;
    private final FleetSettings settings;
    private final People people;
    private final EntityManager records;

    OilingController(Fleet fleet, Standings standings, FleetSettings settings, People people, EntityManager records) {
        this.fleet = fleet;
        this.standings = standings;
        this.settings = settings;
        this.people = people;
        this.records = records;
    }

    /** One outing that tells what oil it used. */
    record UsePoint(Instant at, double tanks, double oilTanks, double ratio, OilRatio.OilVerdict verdict) {}

    /** Where the verdicts of a ratio change, and over how many tanks it is taken. */
    record RatioLimits(double noneUnder, double lowUnder, double highOver, double leastTanks) {}

    /**
     * A card test.
     *
     * @param turns how far the adjuster was turned, out positive; absent when it was not
     * @param turnsSum all turns up to this one; absent on a saw without an adjuster
     * @param presses of the bulb until oil came; absent when not counted
     */
    record CardLine(
            Instant at,
            WorkOutcome outcome,
            String by,
            @Nullable String note,
            @Nullable Double turns,
            @Nullable Double turnsSum,
            @Nullable Double presses) {}

    /**
     * The oiling of a saw.
     *
     * @param ratio absent with too few tanks since the last passing card
     * @param usual what this saw is to use, of which the limits are shares
     * @param uses first one first
     * @param cards latest first
     * @param ladder what to look at after a faint or empty card, cheapest first
     */
    record OilingPage(
            String tag,
            Power power,
            OilerKind oiler,
            @Nullable OilRatio ratio,
            OilUsual usual,
            RatioLimits limits,
            List<UsePoint> uses,
            List<CardLine> cards,
            List<OilLadder.Rung> ladder,
            double thinBelowCelsius) {}

    /** Which oil goes in. */
    record GradeView(OilGrade grade, double thinBelowCelsius) {}

    @GetMapping("/api/saws/{tag}/oiling")
    @Transactional(readOnly = true)
    OilingPage oiling(@PathVariable String tag, @RequestParam(required = false) @Nullable Boolean oilAtOutlet) {
        Saw saw = fleet.sawInService(tag);
        Standing standing = standings.of(saw);
        Numbers numbers = standing.numbers();
        OilUsual usual = standing.account().oilUsual();
        return new OilingPage(
                saw.tag(),
                standing.profile().power(),
                standing.profile().oiler(),
                standing.account().oil(),
                usual,
                new RatioLimits(
                        numbers.of(OilingSetting.NONE_UNDER) * usual.perTank(),
                        numbers.of(OilingSetting.LOW_UNDER) * usual.perTank(),
                        numbers.of(OilingSetting.HIGH_OVER) * usual.perTank(),
                        numbers.of(OilingSetting.LEAST_TANKS)),
                standing.ledger().oil().stream()
                        .filter(use -> use.tanks() > 0)
                        .sorted(Comparator.comparing(OilUse::at))
                        .map(use -> new UsePoint(
                                use.at(),
                                use.tanks(),
                                use.oilTanks(),
                                use.ratio(),
                                OilRatio.verdict(use.ratio() / usual.perTank(), numbers)))
                        .toList(),
                cards(saw, standing.profile().oiler() == OilerKind.AUTOMATIC_ADJUSTABLE),
                OilLadder.rungs(standing.profile(), oilAtOutlet),
                numbers.of(OilingSetting.THIN_BELOW));
    }

    private List<CardLine> cards(Saw saw, boolean adjustable) {
        Map<UUID, String> names = people.names();
        List<WorkRecord> rows = records.createQuery(
                        "select r from WorkRecord r where r.sawId = :saw and r.step = :step and r.outcome <> :skipped"
                                + " and not exists (select 1 from WorkVoid v where v.recordId = r.id) order by r.at",
                        WorkRecord.class)
                .setParameter("saw", saw.id())
                .setParameter("step", Step.OIL_CARD)
                .setParameter("skipped", WorkOutcome.SKIPPED)
                .getResultList();
        List<Double> places = OilerTurns.places(
                rows.stream().map(row -> row.figures().get(Measure.OILER_TURNS)).toList());
        List<CardLine> cards = new ArrayList<>();
        for (int i = rows.size() - 1; i >= 0 && cards.size() < CARDS; i--) {
            WorkRecord row = rows.get(i);
            cards.add(new CardLine(
                    row.at(),
                    row.outcome(),
                    names.getOrDefault(row.personId(), ""),
                    row.note(),
                    row.figures().get(Measure.OILER_TURNS),
                    adjustable ? places.get(i) : null,
                    row.figures().get(Measure.BULB_PRESSES)));
        }
        return cards;
    }

    /** The grade for a temperature at work, degrees Celsius. */
    @GetMapping("/api/oiling/grade")
    GradeView grade(@RequestParam double celsius) {
        Violations wrong = new Violations();
        wrong.number("celsius", celsius, -60, 60);
        wrong.refuseIfAny();
        Numbers numbers = settings.rules().numbers();
        return new GradeView(OilGrade.at(celsius, numbers), numbers.of(OilingSetting.THIN_BELOW));
    }
}
