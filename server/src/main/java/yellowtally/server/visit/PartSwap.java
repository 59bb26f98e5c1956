package yellowtally.server.visit;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.core.steps.Step;
import yellowtally.server.fleet.FittedSet;
import yellowtally.server.fleet.Fleet;
import yellowtally.server.fleet.Retirements;
import yellowtally.server.fleet.Saw;
import yellowtally.server.fleet.SetFitter;
import yellowtally.server.fleet.SetInput;
import yellowtally.server.people.Acting;
import yellowtally.server.people.Person;
import yellowtally.server.support.Refusal;

/** Puts another part from the shelf in the place of one on the saw, as a replacing step says. */
@Component
class PartSwap {

    private final Fleet fleet;
    private final SetFitter fitter;
    private final Retirements retirements;

    PartSwap(Fleet fleet, SetFitter fitter, Retirements retirements) {
        this.fleet = fleet;
        this.fitter = fitter;
        this.retirements = retirements;
    }

    /** Answers the part that came off; absent when none was on. */
    @Nullable
    UUID swap(Saw saw, StepDone given, Person person) {
        NewRecord.NewPart part = given.part();
        if (part == null || part.tag().isBlank()) {
            throw Refusal.unfit("part.tag", "part.missing");
        }
        FittedSet before = fleet.set(saw);
        Step step = given.step();
        SetInput.ChainInput chain =
                before.chain() == null ? null : chain(before.chain().tag());
        SetInput.BarInput bar = before.bar() == null ? null : bar(before.bar().tag());
        SetInput.SprocketInput sprocket =
                before.sprocket() == null ? null : sprocket(before.sprocket().tag());
        SetInput set = switch (step) {
            case REPLACE_CHAIN -> input(chain(part.tag()), bar, sprocket, part);
            case REPLACE_BAR -> input(chain, bar(part.tag()), sprocket, part);
            default -> input(chain, bar, sprocket(part.tag()), part);
        };
        UUID off = switch (step) {
            case REPLACE_CHAIN -> before.chain() == null ? null : before.chain().id();
            case REPLACE_BAR -> before.bar() == null ? null : before.bar().id();
            default -> before.sprocket() == null ? null : before.sprocket().id();
        };
        fitter.fit(UUID.randomUUID(), saw, set, person, Acting.deviceNow());
        if (off != null && part.retireReason() != null && !part.retireReason().isBlank()) {
            retirements.retire(off, person, part.retireReason());
        }
        return off;
    }

    private static SetInput input(
            SetInput.@Nullable ChainInput chain,
            SetInput.@Nullable BarInput bar,
            SetInput.@Nullable SprocketInput sprocket,
            NewRecord.NewPart part) {
        return new SetInput(chain, bar, sprocket, null, part.newChain(), part.soakHours(), null);
    }

    private static SetInput.ChainInput chain(String tag) {
        return new SetInput.ChainInput(tag, false, null, null, null, null, null, null, null, null, null, null, null);
    }

    private static SetInput.BarInput bar(String tag) {
        return new SetInput.BarInput(tag, false, null, null, null, null, null);
    }

    private static SetInput.SprocketInput sprocket(String tag) {
        return new SetInput.SprocketInput(tag, false, null, null, null);
    }
}
