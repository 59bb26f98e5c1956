package yellowtally.server.tension;

import java.time.Instant;
import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.TensionSubject;
import yellowtally.core.tension.Work;
import yellowtally.server.fleet.FittedSet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.support.Refusal;

/** What a tension check is made on: the saw's set as the rules see it, and since when it is fitted. */
record CheckSubject(TensionSubject subject, Pitch pitch, Instant fittedAt) {

    /** Refuses a saw without a complete set. */
    static CheckSubject of(Saw saw, FittedSet set, Work work, Numbers settings) {
        if (!set.complete() || set.chain() == null || set.bar() == null || set.fitting() == null) {
            throw Refusal.conflict("", "check.noSet", saw.tag());
        }
        return new CheckSubject(
                new TensionSubject(
                        set.bar().lengthMm(),
                        set.chain().loop().tangMm(settings),
                        work,
                        saw.details().adjusterLeadMm()),
                set.chain().loop().pitch(),
                set.fitting().at());
    }
}
