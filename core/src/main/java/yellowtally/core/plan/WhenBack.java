package yellowtally.core.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import yellowtally.core.holds.SetBack;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.waiting.FaultWaits;
import yellowtally.core.waiting.FaultWaits.FaultMatter;
import yellowtally.core.waiting.SetBackWaits;
import yellowtally.core.waiting.Waiting;

/**
 * What will wait on a saw when it is back from a mechanic or dealer: it is looked at like one that was apart (handbook section 11, rule
 * 5), and what it was there for waits for its proof and no longer for somebody else.
 */
public final class WhenBack {

    private WhenBack() {}

    /** The work then; what waits now stays but for that. */
    public static List<Waiting> work(Collection<Waiting> now, SawProfile saw) {
        List<Waiting> then = new ArrayList<>();
        then.add(SetBackWaits.of(SetBack.steps(saw)));
        for (Waiting waits : now) {
            if (waits instanceof FaultWaits fault && fault.what() == FaultMatter.FAULT_MECHANIC) {
                then.add(FaultWaits.of(FaultMatter.FAULT_PROOF, fault.step(), fault.about()));
            } else if (!(waits instanceof SetBackWaits)) {
                then.add(waits);
            }
        }
        return List.copyOf(then);
    }
}
