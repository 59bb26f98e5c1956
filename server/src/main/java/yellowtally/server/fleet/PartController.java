package yellowtally.server.fleet;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import yellowtally.core.cuttingset.Misfit;
import yellowtally.core.steps.Subject;
import yellowtally.server.support.Refusal;
import yellowtally.server.support.Sentences;
import yellowtally.server.support.Violations;

/** The parts there are, the crews, and the fit check that answers while typing. */
@RestController
class PartController {

    private final FleetRepositories.Saws saws;
    private final FleetRepositories.Parts parts;
    private final Fleet fleet;
    private final PartChooser chooser;
    private final PartCheck check;
    private final PartsElsewhere elsewhere;
    private final Sentences sentences;

    PartController(
            FleetRepositories.Saws saws,
            FleetRepositories.Parts parts,
            Fleet fleet,
            PartChooser chooser,
            PartCheck check,
            PartsElsewhere elsewhere,
            Sentences sentences) {
        this.saws = saws;
        this.parts = parts;
        this.fleet = fleet;
        this.chooser = chooser;
        this.check = check;
        this.elsewhere = elsewhere;
        this.sentences = sentences;
    }

    /** All parts of cutting sets. */
    record Parts(List<ChainView> chains, List<BarView> bars, List<SprocketView> sprockets) {}

    /**
     * A part that is not as the others: it was condemned, or retired, or a mechanic or dealer has it, and it is not fitted; or it came
     * back from one.
     *
     * @param unseen it may be fitted, and holds its saw then until somebody looks at it
     */
    record OutOfUse(String tag, boolean condemned, boolean retired, boolean away, boolean unseen) {

        boolean marked() {
            return condemned || retired || away || unseen;
        }
    }

    /** A set to check; {@code sawTag} is the saw it is meant for, absent for a new one. */
    record FitQuestion(@Nullable String sawTag, SetInput set) {}

    /**
     * What disagrees, in words, and which fields are still wrong or empty.
     *
     * @param understood the line that names the set, as it was read; absent where there is none that says it all
     */
    record FitAnswer(
            List<SaidMisfit> misfits,
            List<FieldAnswer> fields,
            @Nullable String understood) {}

    /** A misfit and its sentence. */
    record SaidMisfit(String code, String sentence) {}

    /** A field that is wrong, and its sentence. */
    record FieldAnswer(String field, String code, String sentence) {}

    @GetMapping("/api/parts")
    Parts parts() {
        List<Part> all = parts.findAllByOrderByTag();
        Map<UUID, String> tags = saws.names().stream().collect(Collectors.toMap(Fleet.SawName::id, Fleet.SawName::tag));
        List<ChainView> chains = new ArrayList<>();
        List<BarView> bars = new ArrayList<>();
        List<SprocketView> sprockets = new ArrayList<>();
        for (Part part : all) {
            String onSaw = at(tags, part.sawId());
            if (part instanceof Chain chain) {
                chains.add(ChainView.of(chain, onSaw));
            } else if (part instanceof Bar bar) {
                bars.add(BarView.of(bar, onSaw));
            } else if (part instanceof Sprocket sprocket) {
                sprockets.add(SprocketView.of(sprocket, onSaw));
            }
        }
        return new Parts(chains, bars, sprockets);
    }

    /** What is not fitted, or not without a look, wherever it hangs or lies: its tag is marked on every screen. */
    @GetMapping("/api/out-of-use")
    List<OutOfUse> outOfUse() {
        Set<UUID> condemned = EnumSet.complementOf(EnumSet.of(Subject.SAW)).stream()
                .flatMap(kind -> check.condemned(kind).stream())
                .collect(Collectors.toSet());
        PartsElsewhere.Now gone = elsewhere.now();
        return parts.findAllByOrderByTag().stream()
                .map(part -> new OutOfUse(
                        part.tag(),
                        condemned.contains(part.id()),
                        part.retiredAt() != null,
                        gone.away().containsKey(part.id()),
                        gone.unseen().contains(part.id())))
                .filter(OutOfUse::marked)
                .toList();
    }

    @PostMapping("/api/fit-check")
    FitAnswer fitCheck(@RequestBody FitQuestion question) {
        UUID sawId =
                question.sawTag() == null ? null : fleet.saw(question.sawTag()).id();
        Violations wrong = new Violations();
        ChosenSet chosen = chooser.choose(question.set(), sawId, wrong);
        return new FitAnswer(
                chosen.misfits().stream().map(this::said).toList(),
                wrong.faults().stream()
                        .map(fault -> new FieldAnswer(fault.field(), fault.code(), sentences.of(fault)))
                        .toList(),
                NamedSet.understood(question.set()));
    }

    private SaidMisfit said(Misfit misfit) {
        return new SaidMisfit(
                misfit.kind().name(),
                sentences.of(Refusal.Fault.of("set", "misfit." + misfit.kind(), misfit.has(), misfit.asks())));
    }

    private static @Nullable String at(Map<UUID, String> tags, @Nullable UUID sawId) {
        return sawId == null ? null : tags.get(sawId);
    }
}
