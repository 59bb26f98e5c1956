package yellowtally.server.parts;

import jakarta.persistence.EntityManager;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.server.fleet.LoopFigures;
import yellowtally.server.fleet.NewParts;
import yellowtally.server.fleet.OfItsMaker;
import yellowtally.server.fleet.Part;
import yellowtally.server.fleet.PartFinder;
import yellowtally.server.fleet.Retirements;
import yellowtally.server.fleet.SetInput;
import yellowtally.server.people.People;
import yellowtally.server.support.FleetRevision;
import yellowtally.server.support.OnceOnly;
import yellowtally.server.support.Violations;

/** Parts one by one: their page, new ones for the shelf, their price and their end. */
@RestController
class PartRecordController {

    private final PartPages pages;
    private final PartFinder finder;
    private final NewParts newParts;
    private final Retirements retirements;
    private final LoopFigures figures;
    private final People people;
    private final OnceOnly onceOnly;
    private final FleetRevision revision;
    private final EntityManager records;

    PartRecordController(
            PartPages pages,
            PartFinder finder,
            NewParts newParts,
            Retirements retirements,
            LoopFigures figures,
            People people,
            OnceOnly onceOnly,
            FleetRevision revision,
            EntityManager records) {
        this.pages = pages;
        this.finder = finder;
        this.newParts = newParts;
        this.retirements = retirements;
        this.figures = figures;
        this.people = people;
        this.onceOnly = onceOnly;
        this.revision = revision;
        this.records = records;
    }

    /** A part for the shelf: one of chain, bar and sprocket, with {@code create} set. */
    record ShelfPart(
            UUID id,
            SetInput.@Nullable ChainInput chain,
            SetInput.@Nullable BarInput bar,
            SetInput.@Nullable SprocketInput sprocket,
            @Nullable Integer costCents) {}

    /** The end of a part. */
    record Retire(UUID id, String reason) {}

    /** What a part cost; absent takes it back. */
    record Price(UUID id, @Nullable Integer costCents) {}

    /** What the maker of a loop says of it, lengths as typed; absent for what nobody knows. */
    record MakersFigures(
            UUID id,
            @Nullable String tangDepth,
            @Nullable String newCutter,
            @Nullable String wearMark,
            @Nullable String file,
            String reason) {

        OfItsMaker.Typed typed() {
            return new OfItsMaker.Typed(tangDepth, newCutter, wearMark, file);
        }
    }

    @GetMapping("/api/parts/{tag}")
    PartPages.PartPage part(@PathVariable String tag) {
        return pages.of(tag);
    }

    @GetMapping("/api/saws/{tag}/wear")
    PartPages.SawWearPage wear(@PathVariable String tag) {
        return pages.wearOf(tag);
    }

    @PostMapping("/api/parts")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void add(@RequestBody ShelfPart given) {
        onceOnly.run(given.id(), given, () -> {
            revision.touchesNone();
            people.actingOfficer();
            Integer cents = cents(given.costCents());
            newParts.shelve(new SetInput(given.chain(), given.bar(), given.sprocket(), null, null, null, null))
                    .forEach(part -> {
                        part.costs(cents);
                        records.persist(part);
                    });
        });
    }

    @PostMapping("/api/parts/{tag}/retire")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void retire(@PathVariable String tag, @RequestBody Retire given) {
        onceOnly.run(given.id(), new OfPart(tag, given), () -> {
            revision.touchesNone();
            retirements.retire(finder.tagged(tag).id(), people.actingOfficer(), given.reason());
        });
    }

    /** A part that was retired by mistake. */
    @PostMapping("/api/parts/{tag}/retire/undo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void bringBack(@PathVariable String tag, @RequestBody Retire given) {
        onceOnly.run(given.id(), new OfPart(tag, given), () -> {
            revision.touchesNone();
            retirements.bringBack(finder.tagged(tag).id(), people.actingOfficer(), given.reason());
        });
    }

    @PostMapping("/api/parts/{tag}/price")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void price(@PathVariable String tag, @RequestBody Price given) {
        onceOnly.run(given.id(), new OfPart(tag, given), () -> {
            revision.touchesNone();
            people.actingOfficer();
            Part part = finder.tagged(tag);
            part.costs(cents(given.costCents()));
        });
    }

    /** What was written down of a loop was not what stands on it. */
    @PostMapping("/api/parts/{tag}/figures")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void figures(@PathVariable String tag, @RequestBody MakersFigures given) {
        onceOnly.run(
                given.id(),
                new OfPart(tag, given),
                () -> figures.tell(given.id(), tag, given.typed(), people.actingOfficer(), given.reason()));
    }

    private static @Nullable Integer cents(@Nullable Integer given) {
        Violations wrong = new Violations();
        wrong.cents("costCents", given, 0, Part.MOST_CENTS);
        wrong.refuseIfAny();
        return given;
    }

    /** A write and the part it is for. */
    record OfPart(String tag, Object given) {}
}
