package yellowtally.server.bench;

import java.time.Instant;
import java.util.UUID;
import yellowtally.core.settings.Numbers;
import yellowtally.core.tension.TensionSetting;
import yellowtally.core.tension.TensionSubject;
import yellowtally.core.tension.Work;
import yellowtally.server.fleet.FittedSet;
import yellowtally.server.fleet.Saw;
import yellowtally.server.support.Refusal;

/** What a tension check is made on: the saw's set as the rules see it, and the parts the record names. */
record CheckSubject(TensionSubject subject, UUID chainId, UUID fittingId, Instant fittedAt) {

    /** Refuses a saw without a complete set. */
    static CheckSubject of(Saw saw, FittedSet set, Work work, Numbers settings) {
        if (!set.complete() || set.chain() == null || set.bar() == null || set.fitting() == null) {
            throw Refusal.conflict("", "check.noSet", saw.tag());
        }
        Double measured = set.chain().tangDepthMm();
        double tang = measured == null
                ? settings.of(TensionSetting.tangDepthOf(set.chain().pitch()))
                : measured;
        return new CheckSubject(
                new TensionSubject(
                        set.bar().lengthMm(), tang, work, saw.details().adjusterLeadMm()),
                set.chain().id(),
                set.fitting().id(),
                set.fitting().at());
    }
}
