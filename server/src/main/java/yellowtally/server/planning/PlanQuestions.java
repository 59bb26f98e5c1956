package yellowtally.server.planning;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Component;
import yellowtally.core.plan.BackFromAway;
import yellowtally.core.plan.BackWithCrew;
import yellowtally.core.plan.BenchSlot;
import yellowtally.core.plan.Booking;
import yellowtally.core.plan.ChoresAhead;
import yellowtally.core.plan.DayUse;
import yellowtally.core.plan.PlanQuestion;
import yellowtally.core.plan.PlanSetting;
import yellowtally.core.plan.ReadyAhead;
import yellowtally.core.plan.SawOutlook;
import yellowtally.core.plan.SawTraits;
import yellowtally.core.plan.TakenAlready;
import yellowtally.core.plan.Until;
import yellowtally.core.plan.WhenBack;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.settings.Numbers;
import yellowtally.core.visit.VisitPlan;
import yellowtally.core.waiting.Waiting;
import yellowtally.server.fleet.Crew;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.settings.FleetSettings;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.standing.AwayMark;
import yellowtally.server.standing.FittedSaw;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.stores.StockAhead;
import yellowtally.server.usage.Outings;
import yellowtally.server.worklog.BenchTimes;

/** Puts the question to the plan: the fleet as its records tell it, the shelf, and what people have said. */
@Component
class PlanQuestions {

    private final Standings standings;
    private final Outings outings;
    private final StockAhead stock;
    private final BenchTimes bench;
    private final Fleet fleet;
    private final FleetSettings settings;
    private final Clock clock;

    PlanQuestions(
            Standings standings,
            Outings outings,
            StockAhead stock,
            BenchTimes bench,
            Fleet fleet,
            FleetSettings settings,
            Clock clock) {
        this.standings = standings;
        this.outings = outings;
        this.stock = stock;
        this.bench = bench;
        this.fleet = fleet;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * The fleet as the plan needs it, whatever people say of bookings and minutes.
     *
     * @param fleet where each saw stands
     * @param out each saw that is out, by its id
     * @param doneMinutes of the bench that are gone today: as taken, and as estimated where nothing tells what was taken
     */
    record Known(
            LocalDate today,
            List<Standing> fleet,
            Map<UUID, String> crews,
            Map<UUID, Out> out,
            StockAhead.Ahead stock,
            double doneMinutes,
            HouseRules rules) {

        Numbers numbers() {
            return rules.numbers();
        }

        /** Saws that its crew was given for a booking: of the kind that it asks for, on its day or later. */
        List<FittedSaw> tookFor(Booking booking) {
            return fleet.stream()
                    .map(Standing::fitted)
                    .filter(fitted -> wentFor(booking, fitted))
                    .toList();
        }

        private boolean wentFor(Booking booking, FittedSaw fitted) {
            Out went = out.get(fitted.saw().id());
            return went != null && TakenAlready.wentFor(booking, went.crewId(), went.since(), traits(fitted));
        }
    }

    /**
     * A saw is out.
     *
     * @param crewId with whom
     * @param since the day on which it went
     */
    record Out(UUID crewId, LocalDate since) {}

    /** As the records stand. */
    Known known() {
        List<Standing> all = standings.all();
        Map<UUID, String> crews = new HashMap<>();
        for (Crew crew : fleet.crews()) {
            crews.put(crew.id(), crew.name());
        }
        HouseRules rules = settings.rules();
        Numbers numbers = rules.numbers();
        LocalDate today = LocalDate.now(clock);
        Instant morning = today.atStartOfDay(clock.getZone()).toInstant();
        double doneMinutes = 0;
        Map<UUID, Numbers> own = new HashMap<>();
        all.forEach(standing -> own.put(standing.fitted().saw().id(), standing.numbers()));
        for (BenchTimes.Timed visit : bench.since(morning)) {
            doneMinutes += visit.times(own.getOrDefault(visit.sawId(), numbers)).spent();
        }
        Map<UUID, Out> out = new HashMap<>();
        outings.open()
                .forEach(outing -> out.put(
                        outing.sawId(),
                        new Out(outing.crewId(), LocalDate.ofInstant(outing.outAt(), clock.getZone()))));
        return new Known(today, all, crews, out, stock.of(all, numbers), doneMinutes, rules);
    }

    /** The question. */
    PlanQuestion question(Known known, PlanFacts facts, Map<String, PlanQuestion.Kept> before) {
        int days = (int) Math.round(known.numbers().of(PlanSetting.DAYS));
        double usual = known.numbers().of(ScheduleSetting.BENCH_MINUTES);
        Map<UUID, Until> out = out(known, facts);
        List<SawOutlook> saws = new ArrayList<>();
        for (Standing standing : known.fleet()) {
            saws.add(outlook(
                    standing, known, out.getOrDefault(standing.fitted().saw().id(), Until.NOW)));
        }
        return new PlanQuestion(
                known.today(),
                days,
                BenchSlot.ahead(
                        days,
                        day -> facts.minutesOn(known.today().plusDays(day), usual),
                        (int) Math.round(known.numbers().of(PlanSetting.BENCHES)),
                        known.doneMinutes()),
                saws,
                facts.bookings().stream()
                        .map(PlanFacts.Noted::booking)
                        .filter(this::toCome)
                        .flatMap(booking -> TakenAlready.open(
                                booking, known.tookFor(booking).size())
                                .stream())
                        .toList(),
                known.stock().supplies(),
                facts.pins(known.today()),
                facts.leftOut(),
                before,
                known.numbers());
    }

    /** Whether a crew has not left yet. */
    boolean toCome(Booking booking) {
        return !leaves(booking).isBefore(clock.instant());
    }

    Instant leaves(Booking booking) {
        return booking.leaves().atTime(booking.at()).atZone(clock.getZone()).toInstant();
    }

    private static Map<UUID, Until> out(Known known, PlanFacts facts) {
        List<Booking> bookings =
                facts.bookings().stream().map(PlanFacts.Noted::booking).toList();
        Map<UUID, Until> out = new HashMap<>();
        known.out()
                .forEach((saw, with) -> out.put(
                        saw,
                        BackWithCrew.of(
                                with.crewId(),
                                known.crews().getOrDefault(with.crewId(), ""),
                                bookings,
                                known.today())));
        return out;
    }

    private SawOutlook outlook(Standing standing, Known known, Until out) {
        FittedSaw fitted = standing.fitted();
        String tag = fitted.saw().tag();
        AwayMark away = standing.away();
        List<Waiting> work = away == null
                ? standing.account().work()
                : WhenBack.work(standing.account().work(), standing.profile());
        VisitPlan visit = away == null
                ? standing.plan()
                : VisitPlan.of(standing.profile(), standing.account().tasks(), work, standing.numbers());
        Until here = away == null ? out : BackFromAway.of(away.who(), away.expectedOn(), away.counted(), known.today());
        Until ready = ReadyAhead.of(work, dryDays(standing), known.today());
        return new SawOutlook(
                tag,
                traits(fitted),
                ChoresAhead.of(standing.account().tasks(), work, visit, here, ready, known.today(), standing.numbers()),
                DayUse.of(standing.ledger().schedule().uses(), standing.numbers()),
                here,
                ready,
                // What somebody else has put right may need more when it is back.
                away != null || ChoresAhead.doubtful(work),
                standing.visit() != null,
                known.stock().needs().getOrDefault(tag, Map.of()));
    }

    static SawTraits traits(FittedSaw fitted) {
        return new SawTraits(
                fitted.bar() == null ? null : fitted.bar().spec().lengthMm(),
                fitted.saw().details().handle(),
                fitted.saw().details().power());
    }

    private List<LocalDate> dryDays(Standing standing) {
        return standing.ledger().faults().stream()
                .map(fault -> fault.watch(standing.ledger().lastBack(), clock.instant(), standing.numbers())
                        .dryAt())
                .filter(Objects::nonNull)
                .map(dry -> LocalDate.ofInstant(dry, clock.getZone()))
                .toList();
    }
}
