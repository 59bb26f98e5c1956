package yellowtally.server.fleet;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.FitCheck;
import yellowtally.core.cuttingset.Misfit;

/** A set as chosen, its parts found or made but not yet stored. */
record ChosenSet(
        @Nullable Chain chain, @Nullable Bar bar, @Nullable Sprocket sprocket) {

    /** Whether it has no part that did not hang there before. */
    boolean onlyOf(FittedSet before) {
        return (chain == null || chain == before.chain())
                && (bar == null || bar == before.bar())
                && (sprocket == null || sprocket == before.sprocket());
    }

    List<Misfit> misfits() {
        return FitCheck.misfits(
                chain == null ? null : chain.spec(),
                bar == null ? null : bar.spec(),
                sprocket == null ? null : sprocket.spec());
    }
}
