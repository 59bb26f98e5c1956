package yellowtally.server.demo;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import yellowtally.core.judging.TensionStep;
import yellowtally.core.schedule.Condition;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.Wood;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.FairCondition;
import yellowtally.core.tension.Measured;
import yellowtally.core.tension.Movement;
import yellowtally.core.tension.NextMove;
import yellowtally.core.tension.TensionEntry;
import yellowtally.core.tension.TensionJudge;
import yellowtally.core.tension.TensionMethod;
import yellowtally.core.tension.TensionReading;
import yellowtally.core.tension.TensionSubject;
import yellowtally.core.tension.TensionTarget;
import yellowtally.core.tension.TensionVerdict;
import yellowtally.server.fleet.FittedSet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.tension.TensionCheck;
import yellowtally.server.tension.TensionReadingRow;
import yellowtally.server.usage.Outing;
import yellowtally.server.usage.Use;
import yellowtally.server.worklog.WorkOutcome;

/**
 * The weeks of one saw, lived through day by day: each tank adds slack, each morning after it is read and adjusted as the
 * rules say. The records come out as the application itself would have written them.
 */
final class DemoHistory {

    private static final Numbers SETTINGS = Numbers.STANDARD;
    private static final Set<FairCondition> FAIR = EnumSet.allOf(FairCondition.class);

    /** Read first, then served. */
    private static final Duration READ_BEFORE = Duration.ofMinutes(75);

    /** The saw of which an outing was written down wrong. */
    private static final String SLIP = "02";

    private final EntityManager records;
    private final Clock clock;
    private final Saw saw;
    private final TensionSubject subject;
    private final TensionMethod method;
    private int outings;
    private final Random random;
    private final List<UUID> officers;
    private final List<UUID> operators;
    private final UUID crew;

    private final DemoBench bench;
    private FittedSet set;
    /** Slack in the loop, mm. */
    private double slack;
    /** How far the adjuster stands out from its stop, turns. */
    private double place = 3;

    DemoHistory(
            EntityManager records,
            Clock clock,
            Saw saw,
            TensionSubject subject,
            FittedSet set,
            DemoBench bench,
            People people) {
        this.records = records;
        this.clock = clock;
        this.saw = saw;
        this.subject = subject;
        TensionMethod own = saw.details().houseMethod();
        this.method = own == null ? TensionMethod.TANG_LINE : own;
        this.set = set;
        this.bench = bench;
        this.officers = people.officers();
        this.operators = people.operators();
        this.crew = people.crew();
        this.random = new Random(saw.tag().hashCode() * 31L);
        this.slack = aimSlack();
    }

    /** Who takes part. */
    record People(List<UUID> officers, List<UUID> operators, UUID crew) {}

    /** Reads the set for the first time after fitting. */
    void firstCheck(Instant at) {
        check(at, CheckOccasion.SET_WAS_APART, FAIR, 1.0);
    }

    /** A check with nothing to adjust, for a recheck of a new chain. */
    void recheck(Instant at, CheckOccasion occasion) {
        check(at, occasion, FAIR, 0);
    }

    /** Goes out in the morning, comes back in the afternoon, is read and served the next morning, and read when it is set back. */
    void outingAndCheck(int daysAgo, double growthPerTank) {
        outing(daysAgo, growthPerTank);
        readAndServe(morning(daysAgo - 1));
    }

    private void readAndServe(Instant at) {
        check(at.minus(READ_BEFORE), CheckOccasion.ROUTINE, FAIR, 0);
        serve(at);
    }

    /** Set back and read at the end. */
    private void serve(Instant at) {
        Instant over = bench.serve(at.minusSeconds(300), at.minus(READ_BEFORE).plusSeconds(300));
        if (over != null) {
            check(over.isAfter(at) ? over : at, CheckOccasion.SET_WAS_APART, FAIR, 0);
        }
    }

    /** Comes back slack from a tank of light work, is set right, and served. */
    void slackAgain(int daysAgo, double growthPerTank) {
        Use light = use(1, EnumSet.of(Wood.SOFT), false, null);
        outing(
                daysAgo,
                growthPerTank,
                new Use(1, light.oilShare(), light.works(), light.woods(), false, false, false, true, null, null));
        readAndServe(morning(daysAgo - 1));
    }

    /** Was set too tight after its last service, ran so, and is eased before it is served. */
    void ranTooTight(int daysAgo) {
        outing(daysAgo, 0);
        Instant at = morning(daysAgo - 1);
        slack = aimSlack() / 8;
        double before = slack;
        check(at.minus(READ_BEFORE), CheckOccasion.ROUTINE, FAIR, 0);
        if (slack == before) {
            throw new IllegalStateException("nothing had to be eased on saw " + saw.tag());
        }
        serve(at);
    }

    /** Goes out and comes back on an ordinary day; not read. */
    void outing(int daysAgo, double growthPerTank) {
        double tanks = (2 + random.nextInt(5)) / 2.0;
        boolean wet = random.nextInt(6) == 0;
        Set<Wood> woods = EnumSet.of(random.nextInt(2) == 0 ? Wood.SOFT : Wood.HARD);
        outing(daysAgo, growthPerTank, use(tanks, woods, wet, null));
    }

    /** Goes out and comes back having done this. */
    void outing(int daysAgo, double growthPerTank, Use use) {
        Instant out = day(daysAgo, 7, 20);
        Instant back = day(daysAgo, 15, 40);
        Outing outing = new Outing(UUID.randomUUID(), saw, set, crew, Outing.Moment.now(out), officers.get(0));
        UUID returnedBy = operators.get(random.nextInt(operators.size()));
        outing.back(Outing.Moment.now(back), returnedBy, use);
        if (SLIP.equals(saw.tag()) && daysAgo == 1) {
            outing.amending(slip(out, back, returnedBy, use));
        }
        records.persist(outing);
        Set<Condition> conditions = EnumSet.noneOf(Condition.class);
        if (use.woods().contains(Wood.HARD)) {
            conditions.add(Condition.HARD);
        }
        if (use.rain()) {
            conditions.add(Condition.RAIN);
        }
        bench.used(out, back, use.tanks(), conditions, use.rain() ? Set.of(DueEvent.RAIN) : Set.of());
        slack += growthPerTank * use.tanks() * (0.8 + random.nextDouble() * 0.4);
    }

    /** The same was written down tenfold at first, and put right the next morning. */
    private UUID slip(Instant out, Instant back, UUID returnedBy, Use use) {
        Outing wrong = new Outing(UUID.randomUUID(), saw, set, crew, Outing.Moment.now(out), officers.get(0));
        wrong.back(
                Outing.Moment.now(back),
                returnedBy,
                new Use(
                        use.tanks() * 10,
                        use.oilShare(),
                        use.works(),
                        use.woods(),
                        use.rain(),
                        use.groundStruck(),
                        use.dustSeen(),
                        use.chainSlack(),
                        use.daysRun(),
                        use.complaint()));
        wrong.strike(notAfterNow(day(0, 6, 35)), officers.get(0), "The point was not typed");
        records.persist(wrong);
        return wrong.id();
    }

    /** What a saw did, at its usual work. */
    Use use(double tanks, Set<Wood> woods, boolean rain, @Nullable String complaint) {
        outings++;
        // One oiler that gives less and less.
        double share = "11".equals(saw.tag()) ? Math.max(0.4, 1.08 - 0.045 * outings) : 0.95;
        // A battery charge or a run hour wants less oil than a tank of fuel.
        double usual = switch (saw.details().power()) {
            case PETROL -> 1;
            case BATTERY -> 0.3;
            case CORDED -> 0.6;
        };
        double oil = Math.round(tanks * usual * (share - 0.12 + random.nextDouble() * 0.24) * 100) / 100.0;
        return new Use(tanks, oil, Set.of(subject.work()), woods, rain, false, false, false, null, complaint);
    }

    /** Is out now. */
    void goesOut() {
        Outing.Moment out = Outing.Moment.now(notAfterNow(day(0, 7, 15)));
        records.persist(new Outing(UUID.randomUUID(), saw, set, crew, out, officers.get(0)));
    }

    /** Another loop from now on. */
    void changeChain(FittedSet next) {
        this.set = next;
        bench.refitted(next);
        this.slack = aimSlack();
    }

    /** A reading on a chain still hot from work, left as it was. */
    void hotCheck(Instant at) {
        Set<FairCondition> hot = EnumSet.complementOf(EnumSet.of(FairCondition.COLD));
        TensionEntry entry = entry(figure(), hot, 0);
        save(at, CheckOccasion.ROUTINE, List.of(entry), "Read straight off the job, still hot to the glove.");
    }

    /** A reading that must hold the saw. */
    void throwRiskCheck(Instant at) {
        TensionEntry entry =
                new TensionEntry(new TensionReading.PullDown(19), FAIR, Movement.ONE_FINGER, true, false, 0);
        save(
                at,
                CheckOccasion.ROUTINE,
                List.of(entry),
                "Tips hang clear. Nuts were found loose; bar pad to be looked at before it is tightened.");
    }

    Instant morning(int daysAgo) {
        return notAfterNow(day(daysAgo, 6, 30 + random.nextInt(25)));
    }

    /** After everything that a morning holds. */
    Instant afterMorning(int daysAgo) {
        return notAfterNow(day(daysAgo, 7, 5));
    }

    Instant day(int daysAgo, int hour, int minute) {
        return LocalDate.now(clock)
                .minusDays(daysAgo)
                .atTime(LocalTime.of(hour, minute))
                .atZone(clock.getZone())
                .toInstant();
    }

    private Instant notAfterNow(Instant at) {
        Instant latest = clock.instant().minus(Duration.ofMinutes(20));
        return at.isAfter(latest) ? latest : at;
    }

    private void check(Instant at, CheckOccasion occasion, Set<FairCondition> met, double seatingTurns) {
        List<TensionEntry> entries = new ArrayList<>();
        double turns = seatingTurns;
        for (int round = 0; round < 4; round++) {
            TensionEntry entry = entry(figure(), met, turns);
            entries.add(entry);
            TensionVerdict verdict = verdict(entry);
            NextMove next = verdict.next();
            if (verdict.passes() || next.turn() == null) {
                break;
            }
            turns = next.kind() == NextMove.Kind.TURN_IN
                    ? next.turn().turns()
                    : -next.turn().turns();
            // A rule reads half millimetres; the hand feels more finely.
            slack = round > 0 ? aimSlack() : Math.max(0.01, slack - 2 * turns * subject.adjusterLeadMm());
        }
        place += entries.stream().mapToDouble(TensionEntry::turnsBefore).sum();
        save(at, occasion, entries, null);
    }

    /** One officer looks where the adjuster stands whenever a set goes back on: the account of the growth goes on so. */
    private Measured measured(CheckOccasion occasion, UUID person) {
        return occasion == CheckOccasion.SET_WAS_APART && person.equals(officers.get(0))
                ? new Measured(null, Math.round(place * 4) / 4.0, null)
                : Measured.NONE;
    }

    private void save(Instant at, CheckOccasion occasion, List<TensionEntry> entries, @Nullable String note) {
        UUID id = UUID.randomUUID();
        TensionVerdict last = verdict(entries.get(entries.size() - 1));
        UUID person = officers.get(random.nextInt(officers.size()));
        bench.tension(id, at, WorkOutcome.of(TensionStep.outcome(last)), person, note);
        records.persist(new TensionCheck(
                id,
                occasion,
                subject.work(),
                new TensionCheck.Finding(
                        last.outcome(),
                        last.provisional(),
                        entries.stream().mapToDouble(TensionEntry::turnsBefore).sum(),
                        subject.adjusterLeadMm(),
                        subject.barLengthMm(),
                        subject.tangDepthMm(),
                        TensionTarget.pullDownMm(subject, SETTINGS),
                        measured(occasion, person)),
                null));
        for (int seq = 0; seq < entries.size(); seq++) {
            TensionEntry entry = entries.get(seq);
            String typed = String.valueOf(entry.reading().figure().orElseThrow());
            records.persist(new TensionReadingRow(new TensionReadingRow.Place(id, seq), typed, entry, verdict(entry)));
        }
    }

    private TensionVerdict verdict(TensionEntry entry) {
        return (TensionVerdict) TensionJudge.judge(subject, entry, SETTINGS);
    }

    private TensionEntry entry(double figure, Set<FairCondition> met, double turns) {
        TensionReading reading = method == TensionMethod.COIN_GAP
                ? new TensionReading.CoinGap(figure)
                : new TensionReading.PullDown(figure);
        return new TensionEntry(reading, met, Movement.ONE_FINGER, false, false, turns);
    }

    /** What a rule would show, to the half millimetre. */
    private double figure() {
        double pull = Math.sqrt(slack * subject.barLengthMm() / 2);
        return Math.round(pull * 2) / 2.0;
    }

    private double aimSlack() {
        double aim = method == TensionMethod.COIN_GAP ? 1.8 : TensionTarget.pullDownMm(subject, SETTINGS);
        return 2 * aim * aim / subject.barLengthMm();
    }
}
