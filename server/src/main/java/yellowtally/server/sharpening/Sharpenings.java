package yellowtally.server.sharpening;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowtally.core.edge.CutterDamage;
import yellowtally.core.edge.CutterReading;
import yellowtally.core.edge.FilingRate;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.edge.SharpeningPlan;
import yellowtally.core.edge.SharpeningPlan.CutterStrokes;
import yellowtally.core.edge.SharpeningPlan.FilingWay;
import yellowtally.core.judging.FiledLoop;
import yellowtally.core.measure.Rounding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.Chain;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.people.People;
import yellowtally.server.people.Person;
import yellowtally.server.standing.Standing;
import yellowtally.server.standing.Standings;
import yellowtally.server.stores.StockTake;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.HouseUnits;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Said;
import yellowtally.server.support.Violations;
import yellowtally.server.visit.StepDone;
import yellowtally.server.visit.StepRecorder;
import yellowtally.server.visit.VisitGate;

/** A loop in the vice: measured, planned, filed, recorded. Runs within the caller's transaction. */
@Service
class Sharpenings {

    /**
     * The end.
     *
     * @param visitId the visit it belongs to; absent outside one
     * @param outThere says that it was done while the saw was out with a crew
     * @param allFiled says that all planned strokes were made, though not each was told
     */
    record Finish(
            UUID id,
            @Nullable UUID visitId,
            boolean allFiled,
            @Nullable String note,
            @Nullable List<StockTake> takes,
            @Nullable Boolean outThere) {}

    /** Leaves the loop without a record. */
    record Leave(UUID id, String reason, @Nullable Boolean outThere) {}

    /** Strokes that a cutter got; absent when it was not filed after all. */
    record Filed(UUID id, int place, @Nullable Integer strokes) {}

    /**
     * How strokes are dealt out.
     *
     * @param way absent for what the loop asks for
     * @param baseStrokes absent for what the rules have
     * @param damage how deep stone or metal has bitten into the worst cutter, as typed; absent where nothing was struck
     */
    record Deal(
            UUID id,
            boolean dull,
            @Nullable FilingWay way,
            @Nullable Integer baseStrokes,
            List<Integer> leaveOut,
            @Nullable String damage) {}

    /**
     * One cutter.
     *
     * @param place from the start cutter, 0 and up
     * @param after whether it was measured after filing
     * @param length as typed or as the caliper sent it; absent takes it back
     * @param damage absent for a whole one
     */
    record CutterReadingInput(
            UUID id,
            int place,
            boolean after,
            @Nullable String length,
            @Nullable CutterDamage damage) {}

    /** Puts the loop into the vice; {@code id} is that of the sharpening. */
    record Begin(UUID id, @Nullable UUID visitId) {}

    private static final double MOST_MM = 40;
    private static final int MOST_STROKES = 200;

    private final SharpeningRepository sharpenings;
    private final EdgeOfLoop edge;
    private final Fleet fleet;
    private final People people;
    private final Standings standings;
    private final StepRecorder recorder;
    private final VisitGate visits;
    private final FleetRevision revision;
    private final HouseUnits house;
    private final Clock clock;

    Sharpenings(
            SharpeningRepository sharpenings,
            EdgeOfLoop edge,
            Fleet fleet,
            People people,
            Standings standings,
            StepRecorder recorder,
            VisitGate visits,
            FleetRevision revision,
            HouseUnits house,
            Clock clock) {
        this.sharpenings = sharpenings;
        this.edge = edge;
        this.fleet = fleet;
        this.people = people;
        this.standings = standings;
        this.recorder = recorder;
        this.visits = visits;
        this.revision = revision;
        this.house = house;
        this.clock = clock;
    }

    /** Puts the loop of a saw into the vice. */
    void begin(String tag, Begin given) {
        revision.touchesNone();
        Person person = people.acting();
        Saw saw = fleet.sawInService(tag);
        Chain chain = chain(saw);
        if (sharpenings.findByOpenChainId(chain.id()).isPresent()) {
            throw Refusal.conflict("", "sharpening.open", chain.tag());
        }
        visits.openVisit(given.visitId(), saw);
        sharpenings.save(
                new Sharpening(given.id(), saw.id(), chain.id(), given.visitId(), clock.instant(), person.id()));
    }

    /** Takes one length, or damage, of one cutter. */
    void measure(UUID id, CutterReadingInput given) {
        revision.touchesNone();
        people.acting();
        Sharpening open = open(id);
        Saw saw = fleet.saw(fleet.tag(open.sawId()));
        Chain chain = chain(saw);
        Violations wrong = new Violations();
        Double mm = given.length() == null || given.length().isBlank()
                ? null
                : wrong.length("length", given.length(), house.lengthUnit(), 0, MOST_MM)
                        .orElse(null);
        wrong.refuseIfAny();
        Standing standing = standings.of(saw);
        LoopCutters known = edge.known(standing);
        double checked = mm == null ? known.markMm() : mm;
        CutterReading.refusal(given.place(), checked, chain.cutters(), known).ifPresent(refusal -> {
            throw Refusal.unfit(
                    "length",
                    "cutter." + refusal.reason(),
                    given.place() + 1,
                    new Said.Length(known.longestMm(), Rounding.DOWN));
        });
        CutterRow row = open.cutter(given.place());
        if (given.after()) {
            if (mm != null && row.beforeMm() != null && CutterReading.grown(row.beforeMm(), mm, standing.numbers())) {
                throw Refusal.unfit(
                        "length", "cutter.LONGER_THAN_BEFORE", given.place() + 1, new Said.Length(row.beforeMm()));
            }
            open.put(given.place(), row.after(mm));
        } else {
            open.put(given.place(), row.before(mm, given.damage()));
        }
    }

    /** How the strokes are dealt out. */
    void deal(UUID id, Deal given) {
        revision.touchesNone();
        people.acting();
        Sharpening open = open(id);
        Violations wrong = new Violations();
        if (given.baseStrokes() != null) {
            wrong.number("baseStrokes", given.baseStrokes().doubleValue(), 0, Measure.STROKES_LEFT.max());
        }
        Double damage = given.damage() == null || given.damage().isBlank()
                ? null
                : wrong.length("damage", given.damage(), house.lengthUnit(), 0, Measure.DAMAGE_DEPTH.max())
                        .orElse(null);
        wrong.refuseIfAny();
        open.deal(given.dull(), damage, given.way(), given.baseStrokes());
        List<Integer> leaveOut = given.leaveOut();
        open.cutters().forEach((place, row) -> open.put(place, row.leftOut(leaveOut.contains(place))));
    }

    /** A cutter has got its strokes, or has not after all. */
    void filed(UUID id, Filed given) {
        revision.touchesNone();
        people.acting();
        Sharpening open = open(id);
        CutterRow row = open.cutter(given.place());
        if (row.beforeMm() == null) {
            throw Refusal.unfit("place", "cutter.notMeasured", given.place() + 1);
        }
        Integer strokes = given.strokes();
        if (strokes != null) {
            Violations wrong = new Violations();
            wrong.number("strokes", strokes.doubleValue(), 0, MOST_STROKES);
            wrong.refuseIfAny();
        }
        open.put(given.place(), row.filed(strokes));
    }

    /** Takes the loop out of the vice without a record. */
    void leave(UUID id, Leave given) {
        revision.touchesNone();
        people.acting();
        String reason = Violations.onlyText("reason", given.reason(), 300);
        Sharpening open = open(id);
        Instant now = clock.instant();
        // What takes the loop out of use was seen all the same.
        EdgeOfLoop.filed(open)
                .condemned()
                .ifPresent(told -> recorder.saveOver(
                        fleet.tag(open.sawId()),
                        new StepDone(
                                UUID.randomUUID(),
                                people.acting().id(),
                                null,
                                now,
                                told.step(),
                                told.report(),
                                reason,
                                null,
                                null,
                                Boolean.TRUE.equals(given.outThere()))));
        open.end(now, null, null, reason);
    }

    /** Records what was done: sharpened, brought to one length, or out of use. */
    void finish(UUID id, Finish given) {
        people.acting();
        Sharpening open = open(id);
        Saw saw = fleet.saw(fleet.tag(open.sawId()));
        Chain chain = chain(saw);
        Standing standing = standings.of(saw);
        FilingRate rate = edge.rate(chain, standing);
        SharpeningPlan plan = edge.plan(open, rate, edge.known(standing), standing.numbers());
        Instant now = clock.instant();
        FiledLoop.Told condemned = EdgeOfLoop.filed(open).condemned().orElse(null);
        if (condemned != null) {
            record(saw, given, UUID.randomUUID(), now, condemned);
            open.end(now, null, rate.mm(), "Out of use");
            return;
        }
        if (plan == null) {
            throw Refusal.unfit("", "cutter.TOO_FEW_LENGTHS", chain.cutters());
        }
        fileTheRest(open, plan, given.allFiled());
        UUID sharpened = null;
        for (FiledLoop.Told told : EdgeOfLoop.filed(open).done(plan, standing.numbers())) {
            UUID recordId = UUID.randomUUID();
            record(saw, given, recordId, now, told);
            sharpened = told.step() == Step.SHARPEN ? recordId : sharpened;
        }
        open.end(now, sharpened, rate.mm(), null);
    }

    private static void fileTheRest(Sharpening open, SharpeningPlan plan, boolean allFiled) {
        List<CutterStrokes> left = EdgeOfLoop.filed(open).unfiled(plan);
        if (!left.isEmpty() && !allFiled) {
            throw Refusal.conflict("", "sharpening.notFiled", left.size());
        }
        left.forEach(c -> open.put(c.place(), open.cutter(c.place()).filed(c.strokes())));
    }

    private void record(Saw saw, Finish given, UUID id, Instant at, FiledLoop.Told told) {
        recorder.saveOver(
                saw.tag(),
                new StepDone(
                        id,
                        people.acting().id(),
                        given.visitId(),
                        at,
                        told.step(),
                        told.report(),
                        given.note(),
                        null,
                        told.step() == Step.SHARPEN ? given.takes() : null,
                        Boolean.TRUE.equals(given.outThere())));
    }

    private Sharpening open(UUID id) {
        Sharpening found = sharpenings.findById(id).orElseThrow(() -> Refusal.gone("sharpening.unknown"));
        if (!found.open()) {
            throw Refusal.conflict("", "sharpening.ended");
        }
        Saw saw = fleet.saw(fleet.tag(found.sawId()));
        Chain chain = fleet.set(saw).chain();
        if (chain == null || !chain.id().equals(found.chainId())) {
            throw Refusal.conflict("", "sharpening.otherLoop", saw.tag());
        }
        return found;
    }

    private Chain chain(Saw saw) {
        @Nullable Chain chain = fleet.set(saw).chain();
        if (chain == null) {
            throw Refusal.conflict("", "sharpening.noLoop", saw.tag());
        }
        return chain;
    }
}
