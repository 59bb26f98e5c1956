package yellowtally.server.demo;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import yellowtally.core.bar.NosePolicy;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.edge.Schools;
import yellowtally.core.holds.SetBack;
import yellowtally.core.schedule.Wood;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.stores.StockFit;
import yellowtally.core.tension.CheckOccasion;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.tension.TensionSubject;
import yellowtally.core.visit.PlannedStep;
import yellowtally.core.waiting.FitState;
import yellowtally.server.away.AwaySeed;
import yellowtally.server.fleet.Bar;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Crew;
import yellowtally.server.fleet.FittedSet;
import yellowtally.server.fleet.FleetSeed;
import yellowtally.server.fleet.LoopFigures;
import yellowtally.server.fleet.Model;
import yellowtally.server.fleet.Models;
import yellowtally.server.fleet.OfItsMaker;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SawChoices;
import yellowtally.server.fleet.SetFitting;
import yellowtally.server.fleet.Sprocket;
import yellowtally.server.minutes.MinutesBook;
import yellowtally.server.people.Person;
import yellowtally.server.photos.PhotoSeed;
import yellowtally.server.signin.SignInSeed;
import yellowtally.server.stores.PartOrder;
import yellowtally.server.worklog.HoldRelease;
import yellowtally.server.worklog.VisitSeed;
import yellowtally.server.worklog.WorkRecord;
import yellowtally.server.worklog.WorkVoid;

/**
 * Fills an empty database: with the demo fleet; with {@code --no-demo} it stays empty. Never
 * touches a database that has anybody in it. Runs before the first request is answered.
 */
@Component
class DemoLoader implements SmartInitializingSingleton {

    private static final String GRINDER = "Arnside Saw Doctors";
    private static final String GROUND = "Second-hand, cutters uneven: to be ground to one length";

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
    private static final int WEEKS = 8;
    private static final int REST_DAYS = 44;
    private static final int AWAY_DAYS = 5;

    private static final int DAYS_SINCE_IT_CAME = 5;
    private static final int OLD_CHAIN_WEEKS = 26;

    private final EntityManager records;
    private final Models models;
    private final TransactionTemplate transaction;
    private final LoopFigures figures;
    private final PhotoSeed photos;
    private final MinutesBook minutes;
    private final Clock clock;
    private final boolean demo;

    DemoLoader(
            EntityManager records,
            Models models,
            LoopFigures figures,
            PhotoSeed photos,
            MinutesBook minutes,
            PlatformTransactionManager transactions,
            Clock clock,
            @Value("${yellowtally.demo}") boolean demo) {
        this.records = records;
        this.models = models;
        this.figures = figures;
        this.photos = photos;
        this.minutes = minutes;
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
        this.demo = demo;
    }

    @Override
    public void afterSingletonsInstantiated() {
        transaction.executeWithoutResult(status -> {
            List<Person> known =
                    records.createQuery("select p from Person p", Person.class).getResultList();
            if (demo && known.isEmpty()) {
                SignInSeed.demo(records, clock, fill());
                LOG.info("Demo data loaded: {} saws, {} weeks", DemoFleet.SAWS.size(), WEEKS);
            } else if (demo && named(known).containsAll(DemoFleet.OFFICERS)) {
                // Filled by a version that knew no sign-in.
                SignInSeed.demo(records, clock, known);
            }
        });
    }

    private static Set<String> named(List<Person> people) {
        return people.stream().map(Person::name).collect(Collectors.toSet());
    }

    /** Answers everybody it made. */
    private List<Person> fill() {
        List<UUID> officers = people(DemoFleet.OFFICERS, Person.Role.OFFICER);
        List<UUID> operators = people(DemoFleet.OPERATORS, Person.Role.OPERATOR);
        List<UUID> crews = new ArrayList<>();
        for (String name : DemoFleet.CREWS) {
            Crew crew = new Crew(UUID.randomUUID(), name);
            records.persist(crew);
            crews.add(crew.id());
        }
        List<DemoStores.Taker> takers = new ArrayList<>();
        // All before the years: a question among thousands of new records looks at each of them first.
        Map<DemoSaw.Model, Model> known = new EnumMap<>(DemoSaw.Model.class);
        for (DemoSaw.Model model : DemoSaw.Model.values()) {
            known.put(model, models.named(model.make, model.name));
        }
        int part = 0;
        for (DemoSaw line : DemoFleet.SAWS) {
            part++;
            UUID crew = crews.get(Math.max(0, line.crew()));
            takers.add(live(
                    line,
                    Objects.requireNonNull(known.get(line.model())),
                    part,
                    new DemoHistory.People(officers, operators, crew)));
        }
        shelf(officers.get(1));
        misread(records.find(Person.class, officers.get(0)));
        new DemoStores(records, clock, officers.get(0)).fill(takers);
        new DemoFaults(records, clock, officers, operators, photos).fill();
        new DemoPlan(records, clock, officers.get(0), crews).fill();
        people(DemoFleet.READERS, Person.Role.READER);
        records.flush();
        minutes.ended(clock.instant(), officers.get(0));
        return records.createQuery("select p from Person p", Person.class).getResultList();
    }

    /** The file that a loop asks for was misread when it came. */
    private void misread(Person officer) {
        records.flush();
        figures.tell(
                UUID.randomUUID(),
                "YC-" + DemoParts.OLDEST,
                new OfItsMaker.Typed(null, "12", "4.5", "5.5"),
                officer,
                "Misread on the packet");
    }

    private List<UUID> people(List<String> names, Person.Role role) {
        List<UUID> ids = new ArrayList<>();
        for (String name : names) {
            Person person = new Person(UUID.randomUUID(), name, role);
            records.persist(person);
            ids.add(person.id());
        }
        return ids;
    }

    /** One saw and its past; answers which of the stores fits it. */
    private DemoStores.Taker live(DemoSaw line, Model model, int part, DemoHistory.People people) {
        Saw saw = new Saw(UUID.randomUUID(), line.tag(), DemoParts.card(line, model, LocalDate.now(clock)));
        Bar bar = DemoParts.bar(line, String.format("YB-%02d", part));
        Sprocket sprocket = DemoParts.sprocket(line, String.format("YS-%02d", part));
        Chain chain = DemoParts.chain(line, String.format("YC-%02d", part));
        records.persist(saw);
        records.persist(bar);
        records.persist(sprocket);
        records.persist(chain);
        boolean old = line.story() == DemoSaw.Story.NEARLY_GROWN_OUT;
        boolean noPast = line.story() == DemoSaw.Story.NO_PAST;
        int start = noPast ? DAYS_SINCE_IT_CAME : 7 * (old ? OLD_CHAIN_WEEKS : WEEKS);
        SetFitting first = fitting(
                saw,
                chain,
                bar,
                sprocket,
                startOf(start),
                noPast ? null : 14.0,
                people.officers().get(0));
        FleetSeed.hang(saw, first, chain, bar, sprocket);

        TensionSubject subject = new TensionSubject(
                bar.lengthMm(),
                Numbers.STANDARD.of(TensionSetting.tangDepthOf(chain.pitch())),
                line.work(),
                DemoParts.LEAD_MM);
        FittedSet set = new FittedSet(chain, bar, sprocket, first);
        DemoBench bench =
                new DemoBench(records, saw, profile(saw, chain, bar), set, clock.getZone(), people.officers());
        DemoStores.Taker taker = new DemoStores.Taker(
                saw.id(),
                new StockFit.Asks(
                        saw.details().power() == Power.PETROL,
                        saw.details().model().title(),
                        saw.details().plugCode(),
                        chain.pitch()));
        DemoHistory history = new DemoHistory(records, clock, saw, subject, set, bench, people);
        if (noPast) {
            // Three lines of a notebook came with it. Looked over then, and out once: all else is unknown.
            bench.told(Step.GROOVE, startOf(start + 24), startOf(start), 2.0, Map.of(Measure.GROOVE_DEPTH, 7.2));
            bench.told(Step.AIR_FILTER, startOf(start + 9), startOf(start), 2.5, Map.of());
            bench.told(Step.TANKS, startOf(start + 61), startOf(start), null, Map.of());
            bench.did(
                    startOf(start).plusSeconds(300),
                    Step.OUTSIDE_LOOK,
                    Step.BRAKE_LEVER,
                    Step.REFIT,
                    Step.NUTS,
                    Step.BRAKE_RUNNING);
            history.firstCheck(startOf(start).plusSeconds(1200));
            history.outing(1, 0.15);
            return taker;
        }
        bench.serveAll(startOf(start).plusSeconds(300));
        history.firstCheck(startOf(start).plusSeconds(1200));
        history.recheck(startOf(start).plusSeconds(1800), CheckOccasion.RECHECK_ONE_MINUTE);
        history.recheck(startOf(start).plusSeconds(3000), CheckOccasion.RECHECK_LIGHT_CUTTING);
        history.outing(start - 1, 0.3);
        history.recheck(history.morning(start - 2), CheckOccasion.RECHECK_FIRST_TANK);
        int until = switch (line.story()) {
            case LONG_REST -> REST_DAYS;
            case AWAY -> AWAY_DAYS;
            default -> 3;
        };
        for (int day = start - 4; day > until; day -= 3) {
            history.outingAndCheck(day, growthPerTank(line.story(), day));
        }
        end(line, history, bench, saw, bar, sprocket, people);
        return taker;
    }

    private static double growthPerTank(DemoSaw.Story story, int day) {
        return switch (story) {
            case NEARLY_GROWN_OUT -> 0.21;
            case SLACK_TOO_FAST -> day > 16 ? 0.14 : 0.62;
            default -> 0.15;
        };
    }

    private void end(
            DemoSaw line,
            DemoHistory history,
            DemoBench bench,
            Saw saw,
            Bar bar,
            Sprocket sprocket,
            DemoHistory.People people) {
        switch (line.story()) {
            case FIT -> history.outingAndCheck(1, growthPerTank(line.story(), 1));
            case NEARLY_GROWN_OUT -> history.ranTooTight(1);
            case SLACK_TOO_FAST -> {
                history.slackAgain(2, growthPerTank(line.story(), 2));
                history.slackAgain(1, growthPerTank(line.story(), 1));
            }
            case DUE -> history.outing(1, 0.15);
            case READ_HOT -> {
                history.outing(1, 0.01);
                bench.filed(history.day(1, 15, 30), 9, 2, "Nail on the left side only. Filed out by the road.");
                history.hotCheck(history.day(1, 15, 50));
            }
            case THROW_RISK -> {
                history.outing(1, 0.15);
                // Read at the end of its visit: the plate was hung back held.
                bench.serveAtOnce(history.day(1, 15, 55), FitState.HELD);
                history.throwRiskCheck(history.day(1, 16, 5));
            }
            case BRAKE_FAILED -> {
                history.outingAndCheck(1, 0.15);
                bench.found(
                        Step.BRAKE_RUNNING,
                        history.afterMorning(0),
                        null,
                        StepOutcome.FAIL,
                        Finding.CHAIN_NOT_STOPPED,
                        "Chain ran on at full throttle with the lever forward. Band to be looked at.");
            }
            case WET_DAY ->
                history.outing(
                        1,
                        0.15,
                        history.use(
                                4, EnumSet.of(Wood.HARD), true, "Pulls to the left and had to be pushed at the end"));
            case RELEASE_FELL -> releaseThatFell(bench, history, people);
            case LONG_REST, AWAY, NO_PAST -> {
                // Nothing since.
            }
            case ON_THE_BENCH -> {
                history.outing(1, 0.15, history.use(3, EnumSet.of(Wood.HARD, Wood.DIRTY), false, null));
                onTheBench(saw, bench, history, people.officers().get(0));
            }
            case NEW_CHAIN -> {
                Chain next = DemoParts.chain(line, "YC-31");
                records.persist(next);
                SetFitting record = fitting(
                        saw,
                        next,
                        bar,
                        sprocket,
                        history.day(1, 14, 0),
                        13.0,
                        people.officers().get(1));
                FleetSeed.unhang(saw, records);
                FleetSeed.hang(saw, record, next, bar, sprocket);
                history.changeChain(new FittedSet(next, bar, sprocket, record));
                bench.serveAtOnce(history.day(1, 14, 1), FitState.FIT);
                bench.record(SetBack.steps(bench.profile()), history.day(1, 14, 12), null);
                history.firstCheck(history.day(1, 14, 15));
                history.recheck(history.day(1, 14, 40), CheckOccasion.RECHECK_ONE_MINUTE);
            }
        }
        if (line.crew() != DemoSaw.ON_THE_RACK) {
            history.goesOut();
        }
    }

    /** What was written down as its retest was that of another saw. */
    private void releaseThatFell(DemoBench bench, DemoHistory history, DemoHistory.People people) {
        WorkRecord failed = bench.found(
                Step.BRAKE_RUNNING,
                history.day(2, 15, 10),
                null,
                StepOutcome.FAIL,
                Finding.CHAIN_NOT_STOPPED,
                "Chain ran on at full throttle.");
        WorkRecord retest = bench.record(Step.BRAKE_RUNNING, history.day(2, 16, 0));
        records.flush();
        UUID hold = records.createQuery("select h.id from SawHold h where h.recordId = :record", UUID.class)
                .setParameter("record", failed.id())
                .getSingleResult();
        records.persist(new HoldRelease(
                UUID.randomUUID(),
                hold,
                history.day(2, 16, 20),
                people.officers().get(0),
                List.of(retest.id())));
        records.persist(new WorkVoid(
                retest.id(),
                "That was the test of saw 04, written on the wrong card",
                history.day(1, 8, 30),
                people.operators().get(0)));
    }

    /** A visit begun this morning and left at the bar, with a burr found. */
    private void onTheBench(Saw saw, DemoBench bench, DemoHistory history, UUID officer) {
        Instant begun = history.morning(0).minusSeconds(1500);
        UUID visit = UUID.randomUUID();
        List<Step> done = List.of(
                Step.MAKE_SAFE,
                Step.OUTSIDE_LOOK,
                Step.BRAKE_LEVER,
                Step.INERTIA,
                Step.CLEAN_COVER,
                Step.BRAKE_BAND,
                Step.GROOVE);
        VisitSeed.begin(
                records, visit, saw.id(), begun, officer, bench.plan(begun).steps());
        Instant groove = bench.recordByHand(done, begun, visit);
        WorkRecord burr = bench.found(
                Step.RAILS,
                groove.plusSeconds(40),
                visit,
                StepOutcome.ATTEND,
                Finding.BURR,
                "Lip on the inner rail, a hand's length from the nose");
        VisitSeed.calledFor(
                records, burr, new PlannedStep(Step.DRESS_RAILS, PlannedStep.Why.FINDING, null, Finding.BURR));
    }

    /** What a saw has, as the rules see it; the season does not matter to its routine. */
    private static SawProfile profile(Saw saw, Chain chain, Bar bar) {
        return new SawProfile(
                saw.details().power(),
                saw.details().oiler(),
                saw.details().sparkArrestor(),
                saw.details().brakeSeat() == SawChoices.BrakeSeat.COVER,
                bar.spec().nose(),
                NosePolicy.EACH_USE,
                bar.spec().gauge(),
                chain.pitch(),
                Numbers.STANDARD.of(TensionSetting.tangDepthOf(chain.pitch())),
                false,
                Schools.STANDARD,
                LoopCutters.of(
                        chain.pitch(),
                        chain.ofItsMaker().newCutterMm(),
                        chain.ofItsMaker().wearMarkMm(),
                        null,
                        Numbers.STANDARD),
                null,
                null);
    }

    private void shelf(UUID officer) {
        Chain struck = DemoParts.chain(DemoFleet.SAWS.get(2), "YC-39");
        struck.retire(startOf(12), officer, "Ran on a rail chair: a rivet stood proud.");
        records.persist(struck);
        for (int i = 0; i < 4; i++) {
            DemoSaw line = DemoFleet.SAWS.get(i == 3 ? 4 : 2);
            records.persist(DemoParts.chain(line, "YC-" + (32 + i)));
        }
        records.persist(DemoParts.chain(DemoFleet.SAWS.get(13), "YC-36"));
        elsewhere(officer);
        records.persist(DemoParts.bar(DemoFleet.SAWS.get(2), "YB-21"));
        records.persist(DemoParts.bar(DemoFleet.SAWS.get(5), "YB-22"));
        Sprocket spare = DemoParts.sprocket(DemoFleet.SAWS.get(2), "YS-21");
        records.persist(spare);
        LocalDate comes = LocalDate.now(clock).plusDays(3);
        records.persist(
                new PartOrder(UUID.randomUUID(), spare.id(), 2, "Lineside Supplies", comes, startOf(2), officer));
    }

    /** Two loops are being ground; one is back from there, and nobody has looked at it. */
    private void elsewhere(UUID officer) {
        LocalDate today = LocalDate.now(clock);
        for (int i = 0; i < 2; i++) {
            Chain gone = DemoParts.chain(DemoFleet.SAWS.get(5), "YC-" + (37 + i));
            records.persist(gone);
            AwaySeed.partGone(
                    records,
                    gone.id(),
                    GRINDER,
                    GROUND,
                    today.minusDays(3),
                    today.plusDays(2),
                    9_500,
                    startOf(3),
                    officer);
        }
        Chain back = DemoParts.chain(DemoFleet.SAWS.get(2), "YC-30");
        records.persist(back);
        AwaySeed.partBack(
                records,
                back.id(),
                GRINDER,
                GROUND,
                startOf(6),
                startOf(1),
                today.minusDays(1),
                "Ground, gauges lowered",
                9_500,
                officer);
    }

    private Instant startOf(int daysAgo) {
        return LocalDate.now(clock)
                .minusDays(daysAgo)
                .atTime(8, 0)
                .atZone(clock.getZone())
                .toInstant();
    }

    /** A new loop was soaked, a used one was not. */
    private SetFitting fitting(
            Saw saw, Chain chain, Bar bar, Sprocket sprocket, Instant at, @Nullable Double soakHours, UUID person) {
        SetFitting record = new SetFitting(
                UUID.randomUUID(),
                saw.id(),
                chain.id(),
                bar.id(),
                sprocket.id(),
                soakHours != null,
                soakHours,
                null,
                at,
                at,
                person,
                DemoFleet.DEVICE);
        records.persist(record);
        return record;
    }
}
