package yellowtally.server.standing;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowtally.core.fitness.PartLedger;
import yellowtally.core.fitness.SawAccount;
import yellowtally.core.fitness.SawLedger;
import yellowtally.core.fitness.SawWear;
import yellowtally.core.fitness.TensionAccount;
import yellowtally.core.fitness.TensionLedger;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.visit.VisitPlan;
import yellowtally.core.waiting.FitState;
import yellowtally.core.waiting.Waiting;
import yellowtally.server.support.Refusal;

/**
 * A saw, its records, and what they say.
 *
 * @param visit the open visit; {@code null} when it is not on the bench
 * @param away with whom it is; {@code null} when it is here, or out with a crew
 * @param plan what a visit begun now would do
 * @param parts what was measured on its chain, bar and sprocket
 * @param wear what that says of their lives
 */
public record Standing(
        FittedSaw fitted,
        SawProfile profile,
        Numbers numbers,
        SawLedger ledger,
        SawAccount account,
        @Nullable OpenVisit visit,
        @Nullable AwayMark away,
        VisitPlan plan,
        PartLedger parts,
        SawWear wear) {

    /** Why it must not go out, the most urgent reason; empty when it is not held. */
    public Optional<Refusal.Fault> whyHeld() {
        if (account.state() != FitState.HELD) {
            return Optional.empty();
        }
        Waiting first = account.work().get(0);
        return Optional.of(
                Refusal.Fault.of("", first.finding() == null ? "held." + first.what() : "found." + first.finding()));
    }

    /** Nothing is done here with a saw that somebody else has. */
    public void refuseAway() {
        if (away != null) {
            throw Refusal.conflict("", "saw.away", fitted.saw().tag(), away.who());
        }
    }

    public TensionLedger tensionLedger() {
        return ledger.tension();
    }

    public TensionAccount tension() {
        return account.tension();
    }
}
