package yellowtally.server.fleet;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.cuttingset.SetText;

/** What is offered for a saw that is about to be added: the tags that come next, a saw to copy, the models there are. */
@RestController
class NewSawPages {

    private static final String FIRST_SAW = "1";
    private static final String FIRST_CHAIN = "YC-01";
    private static final String FIRST_BAR = "YB-01";
    private static final String FIRST_SPROCKET = "YS-01";

    private final FleetRepositories.Saws saws;
    private final FleetRepositories.FormerTags formerTags;
    private final FleetRepositories.Parts parts;
    private final Fleet fleet;

    NewSawPages(
            FleetRepositories.Saws saws,
            FleetRepositories.FormerTags formerTags,
            FleetRepositories.Parts parts,
            Fleet fleet) {
        this.saws = saws;
        this.formerTags = formerTags;
        this.parts = parts;
        this.fleet = fleet;
    }

    /**
     * What is offered.
     *
     * @param tag the next one; absent where the tags tell none
     * @param like the saw to copy; absent where none was asked for
     * @param figures its set in one line; absent where it has no bar
     */
    record NewSawOffer(
            @Nullable String tag,
            @Nullable String chainTag,
            @Nullable String barTag,
            @Nullable String sprocketTag,
            @Nullable SawView like,
            @Nullable String figures) {}

    /**
     * A make and model of the fleet.
     *
     * @param saws how many are in service
     * @param like one of them, to copy
     */
    record ModelView(String make, String model, int saws, String like) {}

    @GetMapping("/api/new-saw")
    @Transactional(readOnly = true)
    NewSawOffer offer(@RequestParam @Nullable String like) {
        Saw copied = like == null ? null : fleet.saw(like);
        FittedSet set = copied == null ? new FittedSet(null, null, null, null) : fleet.set(copied);
        List<Part> all = parts.findAllByOrderByTag();
        List<String> sawTags = Stream.concat(
                        saws.names().stream().map(Fleet.SawName::tag),
                        formerTags.findAll().stream().map(FormerTag::tagKey))
                .toList();
        Chain chain = set.chain();
        Bar bar = set.bar();
        Sprocket sprocket = set.sprocket();
        return new NewSawOffer(
                NextTag.of(copied == null ? null : copied.tag(), sawTags, FIRST_SAW)
                        .orElse(null),
                next(Chain.class, chain, all, FIRST_CHAIN),
                next(Bar.class, bar, all, FIRST_BAR),
                next(Sprocket.class, sprocket, all, FIRST_SPROCKET),
                copied == null ? null : fleet.view(copied),
                bar == null ? null : SetText.of(bar.spec(), sprocket == null ? null : sprocket.spec()));
    }

    /** One after those of its own kind; the number is counted among all parts, since a tag is one part's alone. */
    private static @Nullable String next(
            Class<? extends Part> kind, @Nullable Part like, List<Part> all, String first) {
        List<String> taken = all.stream().map(Part::tag).toList();
        List<String> own = all.stream().filter(kind::isInstance).map(Part::tag).toList();
        String shows = like == null ? NextTag.of(null, own, first).orElse(null) : like.tag();
        return shows == null || (like == null && !taken.contains(shows))
                ? shows
                : NextTag.of(shows, taken, first).orElse(null);
    }

    /** The models of the saws in service, those with most saws first. */
    @GetMapping("/api/models")
    @Transactional(readOnly = true)
    List<ModelView> models() {
        Map<Model, List<Saw>> byModel = saws.findByRetiredAtNull().stream()
                .collect(Collectors.groupingBy(saw -> saw.details().model()));
        return byModel.entrySet().stream()
                .map(entry -> new ModelView(
                        entry.getKey().make(),
                        entry.getKey().name(),
                        entry.getValue().size(),
                        entry.getValue().stream()
                                .map(Saw::tag)
                                .min(TagOrder.NATURAL)
                                .orElseThrow()))
                .sorted(Comparator.comparingInt(ModelView::saws)
                        .reversed()
                        .thenComparing(ModelView::make)
                        .thenComparing(ModelView::model))
                .toList();
    }
}
