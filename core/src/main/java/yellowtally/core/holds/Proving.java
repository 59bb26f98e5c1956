package yellowtally.core.holds;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import yellowtally.core.diagnosis.FaultProgress;
import yellowtally.core.diagnosis.FaultProgress.FaultStage;
import yellowtally.core.holds.Need.NeedKind;
import yellowtally.core.log.StepEntry;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.StepOutcome;

/**
 * How far a hold is on its way to its end (handbook section 11, rules 1 to 3): it ends by proof of the same thing, and the
 * officer's release stands on these proofs.
 *
 * @param missing what is missing, in the order in which it is done; empty when everything is proved
 * @param proofs numbers of the records that prove it
 * @param provedOn the day of the last of them; {@code null} when no record is needed, or none is there
 */
public record Proving(
        List<Need> missing, Set<Long> proofs, @Nullable LocalDate provedOn) {

    public Proving {
        missing = List.copyOf(missing);
        proofs = Set.copyOf(proofs);
    }

    /** Whether nothing is missing but the officer's release. */
    public boolean proved() {
        return missing.isEmpty();
    }

    /** Reads what the records prove of a hold. */
    public static Proving of(Hold hold, HoldEvidence evidence) {
        Reader reader = new Reader(hold, evidence);
        reader.read();
        return new Proving(reader.missing, reader.proofs, reader.provedOn);
    }

    /** One hold while its proofs are gathered. */
    private static final class Reader {
        private final Hold hold;
        private final HoldEvidence evidence;
        private final List<Need> missing = new ArrayList<>();
        private final Set<Long> proofs = new TreeSet<>();
        private @Nullable LocalDate provedOn;

        Reader(Hold hold, HoldEvidence evidence) {
            this.hold = hold;
            this.evidence = evidence;
        }

        void read() {
            if (replaced()) {
                return;
            }
            if (hold.struckBy() != null) {
                lookAnew(hold.struckBy());
                return;
            }
            HoldEvidence.Complained complaint =
                    hold.fault() == null ? null : evidence.faults().get(hold.fault());
            if (complaint != null) {
                readComplaint(complaint);
            } else if (hold.findings().isEmpty()) {
                pass(hold.step(), hold.at());
            } else {
                hold.findings().stream().sorted().forEach(this::readFinding);
            }
        }

        /** Whether all that failed is on parts that are not on the saw any more. */
        private boolean replaced() {
            return !hold.findings().isEmpty()
                    && hold.findings().stream()
                            .allMatch(f ->
                                    f.condemns() != null && !hold.subjects().contains(f.condemns()));
        }

        /** A failure that was struck out tells nothing any more, neither good nor bad: somebody looks again. */
        private void lookAnew(long strike) {
            Step step = evidence.seen(hold.step());
            StepEntry look = evidence.log()
                    .latest(step)
                    .filter(entry -> entry.proves() && entry.seq() > strike)
                    .orElse(null);
            take(look, Need.pass(step));
        }

        private void readFinding(Finding finding) {
            if (finding.condemns() != null) {
                if (hold.subjects().contains(finding.condemns())) {
                    missing.add(Need.of(NeedKind.NEW_PART, replacing(finding)));
                }
                return;
            }
            Instant since = hold.at();
            Step mending = finding.mendedBy();
            if (mending != null && mending.appliesTo(evidence.saw())) {
                Optional<StepEntry> mended = evidence.proving(mending, hold.at());
                take(mended.orElse(null), Need.of(NeedKind.REPAIR, mending));
                since = mended.map(StepEntry::at).orElse(since);
            }
            if (finding.measure() != null) {
                readFigure(finding, finding.measure());
            } else {
                look(finding, since);
            }
        }

        /** A look at the thing after it was mended; one of the same moment that was written later is after it, too. */
        private void look(Finding finding, Instant since) {
            Step step = evidence.seen(finding.seenBy());
            StepEntry seen = evidence.log()
                    .latest(step)
                    .filter(entry -> entry.proves()
                            && entry.at().isAfter(hold.at())
                            && !entry.at().isBefore(since))
                    .orElse(null);
            take(seen, Need.pass(step));
        }

        private void readFigure(Finding failed, Measure measure) {
            StepEntry speaks = evidence.proving(measure.step(), hold.at()).orElse(null);
            JudgedFigures.Judged good = evidence.figures()
                    .of(measure)
                    .filter(judged -> !judged.entry().told()
                            && judged.entry().at().isAfter(hold.at())
                            && judged.findings().stream().noneMatch(found -> found == failed || found.mayFail()))
                    .orElse(null);
            if (speaks != null && good != null) {
                proofs.add(good.entry().seq());
                take(speaks, Need.figure(measure));
            } else {
                take(null, Need.figure(measure));
            }
        }

        private void readComplaint(HoldEvidence.Complained complaint) {
            FaultProgress progress = complaint.progress();
            if (progress.stage() == FaultStage.CLOSED && !complaint.facts().proven()) {
                pass(hold.step(), hold.at());
                return;
            }
            switch (progress.stage()) {
                case SORT, FIND -> missing.add(Need.of(NeedKind.CAUSE, progress.proof()));
                case REPAIR -> {
                    progress.steps().forEach(step -> missing.add(Need.of(NeedKind.REPAIR, step)));
                    missing.add(Need.pass(progress.proof()));
                }
                case WITH_MECHANIC, PROVE -> missing.add(Need.pass(progress.proof()));
                case STAND -> missing.add(Need.of(NeedKind.STAND, progress.proof()));
                case CLOSES, CLOSED -> pass(progress.proof(), hold.at());
            }
        }

        private void pass(Step step, Instant after) {
            take(evidence.proving(step, after).orElse(null), Need.pass(evidence.seen(step)));
        }

        private void take(@Nullable StepEntry proof, Need otherwise) {
            if (proof == null) {
                if (!missing.contains(otherwise)) {
                    missing.add(otherwise);
                }
            } else {
                proofs.add(proof.seq());
                provedOn = provedOn == null || proof.day().isAfter(provedOn) ? proof.day() : provedOn;
            }
        }

        private static Step replacing(Finding finding) {
            return Step.replacing(Objects.requireNonNull(finding.condemns()));
        }
    }

    /**
     * Whether the hold was over before it could hold: what fails in the fire season only, and was put right out of it, needs no
     * release when the season comes.
     */
    boolean overBefore(Hold hold, HoldEvidence evidence) {
        return proved()
                && provedOn != null
                && !evidence.seasons().fire(provedOn)
                && !hold.findings().isEmpty()
                && hold.findings().stream().allMatch(Finding::seasonal);
    }

    /** Whether what was found must not go out now: in another season some of it only waits. */
    static boolean holdsNow(Hold hold, HoldEvidence evidence) {
        return hold.findings().isEmpty()
                || hold.findings().stream().anyMatch(finding -> finding.outcome(evidence.saw()) == StepOutcome.FAIL);
    }
}
