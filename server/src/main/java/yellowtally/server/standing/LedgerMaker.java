package yellowtally.server.standing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import yellowtally.core.bar.DressingCost;
import yellowtally.core.diagnosis.FaultProgress;
import yellowtally.core.diagnosis.FaultStory;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.fitness.FaultEntry;
import yellowtally.core.fitness.SawLedger;
import yellowtally.core.fitness.TensionLedger;
import yellowtally.core.oiling.OilUse;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.SawProfile;
import yellowtally.server.fleet.Loop;
import yellowtally.server.fleet.SawChoices;
import yellowtally.server.fleet.SawValue;
import yellowtally.server.knowledge.Knowledge;
import yellowtally.server.settings.HouseRules;
import yellowtally.server.settings.SettingsInForce;
import yellowtally.server.standing.FittedSaw.Hung;
import yellowtally.server.usage.EndedOuting;

/** Puts the records of a saw into the form that the rules read. */
final class LedgerMaker {

    private final HouseRules rules;
    private final SettingsInForce settings;
    private final Knowledge knowledge;
    private final LocalDate today;
    private final RecordReader.Days days;

    LedgerMaker(
            HouseRules rules, SettingsInForce settings, Knowledge knowledge, LocalDate today, RecordReader.Days days) {
        this.rules = rules;
        this.settings = settings;
        this.knowledge = knowledge;
        this.today = today;
        this.days = days;
    }

    SawLedger ledger(FittedSaw fitted, SawRecords records) {
        return new SawLedger(
                tension(fitted, records),
                schedule(fitted, records),
                records.holds(),
                oil(fitted, records),
                records.faults().stream().map(this::fault).toList(),
                records.parts());
    }

    /** The numbers that this saw is judged by. */
    Numbers numbers(FittedSaw fitted) {
        return settings.numbers(fitted.saw());
    }

    /** The oiler belongs to the saw: what its parts used elsewhere says nothing of it. */
    private static List<OilUse> oil(FittedSaw fitted, SawRecords records) {
        List<OilUse> uses = new ArrayList<>();
        for (EndedOuting outing : records.outings()) {
            Double oil = outing.oilTanks();
            if (oil != null && outing.sawId().equals(fitted.saw().id())) {
                uses.add(new OilUse(outing.backAt(), outing.tanks(), oil));
            }
        }
        return uses;
    }

    private FaultEntry fault(FaultRow row) {
        FaultStory story = FaultStory.of(row.events());
        return new FaultEntry(
                row.id(),
                new FaultProgress.Facts(
                        knowledge.complaint(story.complaint(row.complaint())), knowledge.cause(story.cause()), story));
    }

    private static TensionLedger tension(FittedSaw fitted, SawRecords records) {
        Hung<Loop> chain = fitted.chain();
        UUID fitting = fitted.saw().fittingId();
        return new TensionLedger(
                chain == null ? null : chain.spec().spec(),
                fitting,
                fitted.complete(),
                fitted.newChain(),
                fitted.saw().details().adjusterTravelMm(),
                records.checks(),
                records.outings().stream()
                        .filter(o -> chain != null && chain.id().equals(o.chainId()))
                        .map(o -> new TensionLedger.OutingEntry(
                                o.backAt(), o.tanks(), o.fittingId(), o.events().contains(DueEvent.CHAIN_SLACK)))
                        .toList());
    }

    private ScheduleLedger schedule(FittedSaw fitted, SawRecords records) {
        List<UseEntry> uses =
                records.outings().stream().map(o -> use(fitted, o)).toList();
        return new ScheduleLedger(
                profile(fitted, records),
                fitted.saw().details().inService(),
                uses,
                records.log(),
                records.loopsFitted(),
                records.newSprocketAt(),
                fitted.newChain());
    }

    private UseEntry use(FittedSaw fitted, EndedOuting outing) {
        return new UseEntry(
                outing.backAt(),
                days.day(outing.outAt()),
                days.day(outing.backAt()),
                outing.tanks(),
                outing.conditions(),
                outing.events(),
                outing.daysRun(),
                Subjects.of(fitted, outing.sawId(), outing.chainId(), outing.barId(), outing.sprocketId()));
    }

    private SawProfile profile(FittedSaw fitted, SawRecords records) {
        SawValue saw = fitted.saw();
        Loop loop = fitted.chain() == null ? null : fitted.chain().spec();
        Numbers numbers = numbers(fitted);
        DressingCost dressing = records.parts().dressingCost(numbers);
        return new SawProfile(
                saw.details().power(),
                saw.details().oiler(),
                saw.details().sparkArrestor(),
                saw.details().brakeSeat() == SawChoices.BrakeSeat.COVER,
                fitted.bar() == null ? null : fitted.bar().spec().nose(),
                settings.nosePolicy(saw),
                fitted.bar() == null ? null : fitted.bar().spec().gauge(),
                loop == null ? null : loop.pitch(),
                loop == null ? null : loop.tangMm(rules.numbers()),
                rules.seasons().fire(today),
                settings.schools(saw),
                loop == null
                        ? null
                        : LoopCutters.of(
                                loop.pitch(),
                                loop.maker().newCutterMm(),
                                loop.maker().wearMarkMm(),
                                records.parts().latestCutterMm().orElse(null),
                                numbers),
                dressing.dressings() == 0 ? null : dressing.mm(),
                loop == null
                        ? null
                        : records.parts()
                                .dressingsLeft(loop.tangMm(rules.numbers()), numbers)
                                .orElse(null));
    }
}
