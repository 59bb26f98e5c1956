package yellowtally.core.fitness;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.bar.BarFlip;
import yellowtally.core.bar.BarSetting;
import yellowtally.core.bar.DressingCost;
import yellowtally.core.bar.FlipSchool;
import yellowtally.core.bar.GrooveClearance;
import yellowtally.core.cuttingset.LoopSpec;
import yellowtally.core.drive.Cadence;
import yellowtally.core.drive.DriveSetting;
import yellowtally.core.drive.LoopsRun;
import yellowtally.core.drive.Pairing;
import yellowtally.core.edge.EdgeLife;
import yellowtally.core.edge.LoopCutters;
import yellowtally.core.past.ToldUses;
import yellowtally.core.schedule.ScheduleLedger;
import yellowtally.core.schedule.UseEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.ChainGrowth;
import yellowtally.core.wear.PartWear;
import yellowtally.core.wear.Range;
import yellowtally.core.wear.UseAccount;
import yellowtally.core.wear.UseAccount.Reading;
import yellowtally.core.wear.WearKind;
import yellowtally.core.wear.WearProjection;

/**
 * How far the chain, bar and sprocket of a saw are worn and how long they last (handbook sections 3 to 6).
 *
 * @param kinds each kind of wear that has readings
 * @param edge life of the cutters; {@code null} while none was measured
 * @param dressing what a dressing of the rails costs
 * @param dressingsLeft dressings until the bar is scrap (est.); {@code null} while the groove was not measured
 * @param flip which way up the bar lies; {@code null} without a bar
 * @param sprocketLoopsLeft loops until a new sprocket, where it was not measured; {@code null} where it was
 * @param barLoopsLeft loops until a new bar, where its groove was not measured; {@code null} where it was
 * @param pairing what speaks against running this loop on this sprocket
 */
public record SawWear(
        List<PartWear> kinds,
        @Nullable EdgeLife edge,
        DressingCost dressing,
        @Nullable Integer dressingsLeft,
        @Nullable BarFlip flip,
        @Nullable Integer sprocketLoopsLeft,
        @Nullable Integer barLoopsLeft,
        Set<Pairing.PairingNote> pairing) {

    public SawWear {
        kinds = List.copyOf(kinds);
        pairing = Set.copyOf(pairing);
    }

    /** What the wear is read from. */
    public record Ledgers(PartLedger parts, ScheduleLedger schedule, TensionLedger tension) {}

    /** What it is judged by. */
    public record Rules(Numbers numbers, FlipSchool flip) {}

    /** Works it out; cost grows with the readings, and those that are projected are bounded. */
    public static SawWear of(Ledgers ledgers, @Nullable ChainGrowth growth, Rules rules) {
        return new Account(ledgers, growth, rules).wear();
    }

    /** One kind of wear, where it has readings. */
    public Optional<PartWear> kind(WearKind kind) {
        return kinds.stream().filter(wear -> wear.kind() == kind).findFirst();
    }

    /** The part that wears. */
    public static Subject part(WearKind kind) {
        return switch (kind) {
            case GROWTH, CUTTER -> Subject.CHAIN;
            case GROOVE -> Subject.BAR;
            case SPROCKET -> Subject.SPROCKET;
        };
    }

    /** Of the kinds of wear of a part the one that ends it first; empty where nothing can be told. */
    public Optional<PartWear> endsFirst(Subject part) {
        return kinds.stream()
                .filter(wear -> part(wear.kind()) == part && wear.tanksLeft() != null)
                .min(Comparator.comparingDouble(
                        wear -> Objects.requireNonNull(wear.tanksLeft()).likely()));
    }

    /** The account while it is worked out; what several figures stand on is gathered once. */
    private static final class Account {
        private static final Set<Subject> PARTS = EnumSet.of(Subject.CHAIN, Subject.BAR, Subject.SPROCKET);
        /** Share of its life from which a loop tells how long it lasts (est., general practice). */
        private static final double TELLING = 0.25;

        private static final UseAccount NO_USE = new UseAccount(List.of());

        private final Ledgers ledgers;
        private final @Nullable ChainGrowth growth;
        private final Rules rules;
        private final List<Reading> depths;
        private final Map<Subject, UseAccount> tanks = new EnumMap<>(Subject.class);

        Account(Ledgers ledgers, @Nullable ChainGrowth growth, Rules rules) {
            this.ledgers = ledgers;
            this.growth = growth;
            this.rules = rules;
            this.depths = ledgers.parts().readings(Measure.GROOVE_DEPTH);
            addTanks();
        }

        /** The tanks of every part in one walk over the outings. */
        private void addTanks() {
            List<UseEntry> uses = ledgers.schedule().uses();
            Map<Subject, List<UseAccount.Used>> used = new EnumMap<>(Subject.class);
            for (Subject part : PARTS) {
                List<UseAccount.Used> told = ToldUses.of(ledgers.schedule().log(), part);
                if (!told.isEmpty()) {
                    used.put(part, new ArrayList<>(told));
                }
            }
            for (UseEntry use : uses) {
                UseAccount.Used tank = new UseAccount.Used(use.backAt(), use.tanks());
                for (Subject part : PARTS) {
                    if (use.subjects().contains(part)) {
                        used.computeIfAbsent(part, p -> new ArrayList<>(uses.size()))
                                .add(tank);
                    }
                }
            }
            used.forEach((part, of) -> tanks.put(part, new UseAccount(of)));
        }

        SawWear wear() {
            PartLedger parts = ledgers.parts();
            Numbers numbers = rules.numbers();
            SawProfile saw = ledgers.schedule().saw();
            UseAccount chainTanks = tanks(Subject.CHAIN);
            List<Reading> cutters = parts.cutterReadings();
            List<Reading> sprocket = parts.readings(Measure.SPROCKET_WEAR);
            List<Reading> clearances = clearances(saw);
            double mark = saw.cutters() == null ? 0 : saw.cutters().markMm();

            List<PartWear> kinds = new ArrayList<>();
            LoopSpec loop = ledgers.tension().loop();
            if (loop != null) {
                List<Reading> grown = ledgers.tension().growthPoints().stream()
                        .map(point -> new Reading(point.at(), point.growthMm()))
                        .toList();
                add(kinds, WearKind.GROWTH, grown, chainTanks, ChainGrowth.retireMm(loop.lengthMm(), rules.numbers()));
                if (growth != null && growth.advice() == ChainGrowth.Advice.RETIRE) {
                    // The adjuster may be at its end before the chain is: one word of it on every page.
                    kinds.replaceAll(PartWear::atItsEnd);
                }
            }
            add(kinds, WearKind.CUTTER, cutters, chainTanks, mark);
            add(kinds, WearKind.GROOVE, clearances, tanks(Subject.BAR), numbers.of(BarSetting.CLEARANCE_SCRAP));
            add(kinds, WearKind.SPROCKET, sprocket, tanks(Subject.SPROCKET), numbers.of(DriveSetting.SPROCKET_REPLACE));

            DressingCost dressing = parts.dressingCost(numbers);
            return new SawWear(
                    kinds,
                    cutters.isEmpty() || saw.cutters() == null ? null : edge(saw.cutters(), cutters, kinds),
                    dressing,
                    saw.tangMm() == null
                            ? null
                            : parts.dressingsLeft(saw.tangMm(), numbers).orElse(null),
                    saw.nose() == null ? null : flip(),
                    sprocket.isEmpty() ? sprocketLoopsLeft() : null,
                    clearances.isEmpty() && saw.nose() != null
                            ? Integer.valueOf(Cadence.barLoopsLeft(
                                    LoopsRun.wornOut(parts.loops().onBar(), loopLife()), numbers))
                            : null,
                    pairing(sprocket));
        }

        private void add(List<PartWear> kinds, WearKind kind, List<Reading> readings, UseAccount tanks, double limit) {
            if (!readings.isEmpty()) {
                kinds.add(PartWear.of(kind, readings, tanks, limit, rules.numbers()));
            }
        }

        private UseAccount tanks(Subject part) {
            return tanks.getOrDefault(part, NO_USE);
        }

        private List<Reading> clearances(SawProfile saw) {
            Double tang = saw.tangMm();
            return tang == null
                    ? List.of()
                    : depths.stream()
                            .map(depth -> new Reading(
                                    depth.at(),
                                    GrooveClearance.of(depth.mm(), tang, rules.numbers())
                                            .mm()))
                            .toList();
        }

        private EdgeLife edge(LoopCutters known, List<Reading> cutters, List<PartWear> kinds) {
            UseAccount sharpenings = new UseAccount(ledgers.schedule().log().sharpenings(Subject.CHAIN).stream()
                    .map(step -> new UseAccount.Used(step.at(), 1))
                    .toList());
            Range sharpeningsLeft = WearProjection.of(
                            sharpenings.points(WearProjection.latest(cutters)),
                            WearKind.CUTTER,
                            known.markMm(),
                            2,
                            rules.numbers())
                    .map(WearProjection::left)
                    .orElse(null);
            Range tanksLeft = kinds.stream()
                    .filter(wear -> wear.kind() == WearKind.CUTTER)
                    .findFirst()
                    .map(PartWear::tanksLeft)
                    .orElse(null);
            double latest = cutters.get(cutters.size() - 1).mm();
            return new EdgeLife(
                    known.percentLeft(),
                    latest,
                    known.newMm(),
                    known.newKnown(),
                    known.markMm(),
                    sharpeningsLeft,
                    tanksLeft);
        }

        private BarFlip flip() {
            List<Instant> turns = ledgers.parts().turns();
            Instant last = turns.isEmpty() ? Instant.MIN : turns.get(turns.size() - 1);
            int since = (int) ledgers.schedule().log().sharpenings(Subject.BAR).stream()
                    .filter(step -> step.at().isAfter(last))
                    .count();
            boolean newChain = ledgers.parts().newChainAt() != null
                    && ledgers.parts().newChainAt().isAfter(last);
            return BarFlip.of(rules.flip(), turns.size(), since, newChain);
        }

        private int sprocketLoopsLeft() {
            double worn = LoopsRun.wornOut(ledgers.parts().loops().onSprocket(), loopLife());
            return Cadence.sprocketLoopsLeft(worn, rules.numbers());
        }

        /** Tanks that a loop lasts: by the cutters of this one once they tell, else the starting estimate. */
        private double loopLife() {
            LoopCutters cutters = ledgers.schedule().saw().cutters();
            double worn = cutters == null || cutters.latestMm() == null ? 0 : 1 - cutters.percentLeft() / 100;
            double tanks = tanks(Subject.CHAIN).total();
            return worn < TELLING || tanks <= 0 ? rules.numbers().of(DriveSetting.LOOP_TANKS) : tanks / worn;
        }

        private Set<Pairing.PairingNote> pairing(List<Reading> sprocket) {
            if (ledgers.tension().loop() == null) {
                return EnumSet.noneOf(Pairing.PairingNote.class);
            }
            return Pairing.notes(
                    new Pairing.Pair(
                            growth == null ? null : growth.percent(),
                            tanks(Subject.CHAIN).total() == 0,
                            sprocket.isEmpty()
                                    ? null
                                    : sprocket.get(sprocket.size() - 1).mm(),
                            tanks(Subject.SPROCKET).total() == 0,
                            null),
                    rules.numbers());
        }
    }
}
