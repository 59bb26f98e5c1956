package yellowtally.core.fitness;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.FaultStory;
import yellowtally.core.diagnosis.KnownFact;
import yellowtally.core.edge.EdgeSetting;
import yellowtally.core.edge.SidesOfLoop;
import yellowtally.core.engine.FuelAge;
import yellowtally.core.fitness.TensionLedger.CheckEntry;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.oiling.LeakWatch;
import yellowtally.core.oiling.OilUse;
import yellowtally.core.schedule.DueEvent;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.TensionOutcome;
import yellowtally.core.tension.Work;
import yellowtally.core.waiting.GrowthWaits.GrowthMatter;
import yellowtally.core.waiting.RecheckWaits.RecheckMatter;
import yellowtally.core.wear.UseAccount.Reading;

/**
 * What the records of a saw say for sure, each with the moment that it is from (handbook section 12: what is known is not
 * asked). Only what is on record since the saw came back counts, and what its return said; a loop, a bar and their stamps do not
 * change out in the wood.
 */
public final class KnownFacts {

    private static final List<Measure> LENGTHS =
            List.of(Measure.LEFT_SHORTEST, Measure.RIGHT_SHORTEST, Measure.FILED_LEFT, Measure.EQUALISED_LENGTH);

    /** Share of an oil tank from which it is as good as empty (est.). */
    private static final double RAN_OUT = 0.95;

    /** Share of an oil tank up to which there is enough left to oil (est.). */
    private static final double LEFT = 0.8;

    /**
     * What the ledgers do not hold.
     *
     * @param works what was worked on the last outing by its return; empty when that did not say
     * @param partsFit whether chain, bar and sprocket fit by their stamps; {@code null} when one of them is not known
     * @param fittedAt when the set was fitted; {@code null} when it is not known
     * @param story of the fault: its own stand on card
     */
    public record Besides(
            Set<Work> works,
            @Nullable Boolean partsFit,
            @Nullable Instant fittedAt,
            FaultStory story) {}

    private final SawLedger ledger;
    private final Besides besides;
    private final Numbers numbers;
    private final @Nullable Instant lastBack;
    private final Map<KnownFact, Instant> facts = new EnumMap<>(KnownFact.class);

    private KnownFacts(SawLedger ledger, Besides besides, Numbers numbers) {
        this.ledger = ledger;
        this.besides = besides;
        this.numbers = numbers;
        this.lastBack = ledger.lastBack();
    }

    /** All of them, with their dates; of one thing one fact at most. */
    public static Map<KnownFact, Instant> of(
            SawLedger ledger, SawAccount account, SawWear wear, Besides besides, Instant now, Numbers numbers) {
        KnownFacts known = new KnownFacts(ledger, besides, numbers);
        known.addTension();
        known.addLoop(account, now);
        known.addSides();
        known.addGauges();
        known.addBar(wear, now);
        known.addReturn();
        known.addFuel(now);
        known.addStand();
        return Map.copyOf(known.facts);
    }

    private boolean sinceBack(Instant at) {
        return lastBack == null || !at.isBefore(lastBack);
    }

    /** As it was found at the last check since it came back, else as it came back. */
    private void addTension() {
        Optional<CheckEntry> check = ledger.tension().checks().stream()
                .filter(entry -> sinceBack(entry.at())
                        && entry.found().outcome() != TensionOutcome.NO_VERDICT
                        && !entry.found().provisional())
                .max(Comparator.comparing(CheckEntry::at));
        if (check.isPresent()) {
            TensionOutcome found = check.get().found().outcome();
            Instant at = check.get().at();
            switch (found) {
                case FIRM, RIGHT -> facts.put(KnownFact.TENSION_RIGHT, at);
                case LOOSE, THROW_RISK -> facts.put(KnownFact.TENSION_LOOSE, at);
                case TOO_TIGHT -> facts.put(KnownFact.TENSION_TIGHT, at);
                case STUCK_TIGHT -> {
                    facts.put(KnownFact.TENSION_TIGHT, at);
                    facts.put(KnownFact.CHAIN_FAST, at);
                }
                case TIGHT_SPOT -> facts.put(KnownFact.CHAIN_TIGHT_SPOT, at);
                case JAMMED -> facts.put(KnownFact.CHAIN_FAST, at);
                case NO_VERDICT -> {
                    // Left out above.
                }
            }
        } else if (lastBack != null
                && lastUse()
                        .map(use -> use.events().contains(DueEvent.CHAIN_SLACK))
                        .orElse(false)) {
            facts.put(KnownFact.TENSION_LOOSE, lastBack);
        }
    }

    private Optional<UseEntry> lastUse() {
        return ledger.schedule().uses().stream()
                .filter(use -> use.subjects().contains(Subject.SAW))
                .max(Comparator.comparing(UseEntry::backAt));
    }

    private void addLoop(SawAccount account, Instant now) {
        if (ledger.tension().loop() == null) {
            return;
        }
        Instant at =
                latest(ledger.tension().checks().stream().map(CheckEntry::at)).orElse(now);
        if (has(account, RecheckMatter.values())) {
            facts.put(KnownFact.LOOP_NEW, at);
        } else if (has(account, GrowthMatter.values())) {
            facts.put(KnownFact.LOOP_GROWN, at);
        } else if (account.tension().growth() != null
                && ledger.tension().newChain()
                && ledger.tension().checks().size() > 1) {
            // The growth of a loop that was not new when it was fitted is not known from the start.
            facts.put(KnownFact.LOOP_MIDDLE_AGED, at);
        }
    }

    private static boolean has(SawAccount account, Enum<?>[] matters) {
        return account.work().stream().anyMatch(work -> Stream.of(matters).anyMatch(matter -> matter == work.what()));
    }

    private static Optional<Instant> latest(Stream<Instant> moments) {
        return moments.max(Comparator.naturalOrder());
    }

    /** Cutters wear no other way than by the file, or by ground: a length measured before the last outing still tells. */
    private void addSides() {
        PartLedger parts = ledger.parts();
        Instant measured = latest(LENGTHS.stream()
                        .flatMap(length -> parts.readings(length).stream())
                        .map(Reading::at))
                .orElse(null);
        boolean struck = measured == null
                || ledger.schedule().uses().stream()
                        .anyMatch(use ->
                                use.backAt().isAfter(measured) && use.events().contains(DueEvent.GROUND_STRUCK));
        if (struck) {
            return;
        }
        SidesOfLoop sides = parts.sides(parts.removalMm(numbers));
        double leftLonger = sides.leftLessRightMm();
        if (Math.abs(leftLonger) > numbers.of(EdgeSetting.BALANCE_CURVE)) {
            facts.put(leftLonger > 0 ? KnownFact.LEFT_CUTTERS_LONGER : KnownFact.RIGHT_CUTTERS_LONGER, measured);
        } else if (sides.spreadMm() > numbers.of(EdgeSetting.SPREAD)) {
            facts.put(KnownFact.SIDES_UNEVEN, measured);
        } else {
            facts.put(KnownFact.SIDES_EVEN, measured);
        }
    }

    /** A deeper setting is a lower gauge. */
    private void addGauges() {
        Optional<MeasureEntry> left = ledger.parts().figures().latest(Measure.GAUGE_LEFT_MOST);
        Optional<MeasureEntry> right = ledger.parts().figures().latest(Measure.GAUGE_RIGHT_MOST);
        if (left.isEmpty() || right.isEmpty() || !sinceBack(left.get().at())) {
            return;
        }
        double apart = left.get().figure() - right.get().figure();
        if (Math.abs(apart) > numbers.of(EdgeSetting.GAUGE_SIDES)) {
            facts.put(
                    apart > 0 ? KnownFact.LEFT_GAUGES_LOWER : KnownFact.RIGHT_GAUGES_LOWER,
                    left.get().at());
        }
    }

    private void addBar(SawWear wear, Instant now) {
        Instant fitted = besides.fittedAt() == null ? now : besides.fittedAt();
        if (wear.flip() != null && wear.flip().sharpenings() > 0) {
            facts.put(wear.flip().turnNow() ? KnownFact.BAR_NOT_TURNED : KnownFact.BAR_TURNED, fitted);
        }
        if (besides.partsFit() != null) {
            facts.put(besides.partsFit() ? KnownFact.PARTS_FIT : KnownFact.PARTS_DO_NOT_FIT, fitted);
        }
    }

    private void addReturn() {
        if (lastBack == null) {
            return;
        }
        if (!besides.works().isEmpty()) {
            boolean brush = besides.works().contains(Work.LIMBING);
            facts.put(brush ? KnownFact.CUT_BRUSH : KnownFact.CUT_TRUNKS, lastBack);
        }
        ledger.oil().stream()
                .filter(oil -> oil.at().equals(lastBack))
                .findFirst()
                .map(OilUse::oilTanks)
                .ifPresent(used -> {
                    if (used >= RAN_OUT) {
                        facts.put(KnownFact.OIL_RAN_OUT, lastBack);
                    } else if (used <= LEFT) {
                        facts.put(KnownFact.OIL_LEFT, lastBack);
                    }
                });
    }

    /**
     * By the age of the can at the last fill before it came back, and the days since. What was filled after that says nothing of
     * the fuel that it ran on.
     */
    private void addFuel(Instant now) {
        List<Reading> fills = ledger.parts().readings(Measure.FUEL_AGE);
        Optional<Reading> ranOn = fills.stream()
                .filter(fill -> lastBack == null || !fill.at().isAfter(lastBack))
                .max(Comparator.comparing(Reading::at));
        boolean refilled =
                lastBack != null && fills.stream().anyMatch(fill -> fill.at().isAfter(lastBack));
        Instant until = refilled ? lastBack : now;
        ranOn.ifPresent(fill -> {
            double days = fill.mm() + Duration.between(fill.at(), until).toDays();
            facts.put(FuelAge.tooOld(days, numbers) ? KnownFact.FUEL_OLD : KnownFact.FUEL_FRESH, fill.at());
        });
    }

    /** The fault's own stand on card: its last look, unless it was stood again since. */
    private void addStand() {
        Instant stood = besides.story().stoodAt();
        besides.story().looks().stream()
                .filter(look -> stood == null || look.at().isAfter(stood))
                .max(Comparator.comparing(LeakWatch.Look::at))
                .ifPresent(look -> facts.put(
                        switch (look.wet()) {
                            case DRY -> KnownFact.STOOD_DRY;
                            case CAP -> KnownFact.WET_AT_CAP;
                            case BAR_SIDE -> KnownFact.WET_AT_BAR_SIDE;
                            case BELOW -> KnownFact.WET_BELOW;
                        },
                        look.at()));
    }
}
