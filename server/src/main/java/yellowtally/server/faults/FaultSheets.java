package yellowtally.server.faults;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowtally.server.fleet.Saw;

/** What the finder has on record of the open faults of a saw, for somebody who goes on from there. */
@Component
public class FaultSheets {

    /** More causes than these say nothing any more. */
    private static final int SUSPECTS = 3;

    private final FaultRepository repository;
    private final FaultPages pages;

    FaultSheets(FaultRepository repository, FaultPages pages) {
        this.repository = repository;
        this.pages = pages;
    }

    /** A check and what it said. */
    public record Asked(String check, String said, Instant at) {}

    /**
     * A fault as far as it is.
     *
     * @param seen what was told; {@code null} when nobody said more
     * @param asked checks that were made, and what stands on record besides, the first first
     * @param suspects causes that are left, the most likely first
     * @param cause what was found; {@code null} while it is looked for
     */
    public record FaultSheet(
            String complaint,
            @Nullable String seen,
            Instant at,
            String by,
            List<Asked> asked,
            List<String> suspects,
            @Nullable String cause) {}

    /** Of the open faults of one saw, latest first. */
    public List<FaultSheet> open(Saw saw) {
        return repository.openOf(saw.id()).stream()
                .map(fault -> sheet(pages.one(fault.id())))
                .toList();
    }

    private static FaultSheet sheet(FaultPage page) {
        List<Asked> asked = new ArrayList<>();
        page.known().forEach(known -> asked.add(new Asked(known.title(), known.said(), known.at())));
        page.path()
                .forEach(made -> asked.add(
                        new Asked(made.title(), made.answer() == null ? "could not tell" : made.answer(), made.at())));
        return new FaultSheet(
                page.complaint().title(),
                page.seen(),
                page.at(),
                page.by(),
                List.copyOf(asked),
                page.ranking().stream()
                        .filter(cause -> cause.endedBy() == null)
                        .map(FaultPage.RankedView::title)
                        .limit(SUSPECTS)
                        .toList(),
                page.cause() == null ? null : page.cause().title());
    }
}
