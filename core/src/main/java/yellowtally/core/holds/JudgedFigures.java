package yellowtally.core.holds;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import yellowtally.core.judging.StepJudge;
import yellowtally.core.log.Figures;
import yellowtally.core.log.MeasureEntry;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.Finding;
import yellowtally.core.steps.Measure;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.StepOutcome;
import yellowtally.core.steps.StepReport;

/**
 * The last figure of every measure that lasts, judged by the limits and for the saw of today, whatever was said of it when it was
 * taken (handbook section 11, rules 2 and 4). A figure that is doubted is not among them.
 */
public final class JudgedFigures {

    /** Figures that say how a part is, not what was done to it. */
    private static final Set<Measure> LASTING = EnumSet.of(
            Measure.BAND_THICKNESS,
            Measure.GROOVE_DEPTH,
            Measure.GROOVE_WIDTH,
            Measure.RAIL_DIFFERENCE,
            Measure.SHORTEST_CUTTER,
            Measure.EQUALISED_LENGTH,
            Measure.FILED_SHORTEST,
            Measure.SPROCKET_WEAR,
            Measure.GAUGE_SETTING,
            Measure.GAUGE_LEAST);

    private final Map<Measure, Judged> byMeasure;

    private JudgedFigures(Map<Measure, Judged> byMeasure) {
        this.byMeasure = byMeasure;
    }

    /** A figure and what follows from it now. */
    public record Judged(MeasureEntry entry, Set<Finding> findings) {}

    /** Judges what is on record. */
    public static JudgedFigures of(Figures figures, SawProfile saw, Numbers numbers) {
        StepJudge judge = new StepJudge(saw, numbers);
        Map<Measure, Judged> found = new EnumMap<>(Measure.class);
        for (Measure measure : LASTING) {
            MeasureEntry entry = figures.latest(measure).orElse(null);
            if (entry != null && !past(entry, figures) && measure.step().appliesTo(saw)) {
                StepReport report = new StepReport(StepOutcome.FINE, Set.of(), Map.of(measure, entry.figure()));
                Set<Finding> follows = EnumSet.noneOf(Finding.class);
                judge.verdict(measure.step(), report).findings().stream()
                        .filter(Finding::measured)
                        .forEach(follows::add);
                found.put(measure, new Judged(entry, follows));
            }
        }
        return new JudgedFigures(found);
    }

    /**
     * Whether a figure says nothing of today: a gauge that was read before the cutters were filed is lower now, a rail that was
     * measured before it was dressed more even, nobody knows by how much.
     */
    private static boolean past(MeasureEntry entry, Figures figures) {
        return switch (entry.measure()) {
            case GAUGE_SETTING, GAUGE_LEAST -> figures.filedAfter(entry.at());
            case RAIL_DIFFERENCE -> figures.dressedAfter(entry.at());
            default -> false;
        };
    }

    /** Whether a measure is judged anew at all. */
    public static boolean judges(Measure measure) {
        return LASTING.contains(measure);
    }

    /** The figure of a measure; empty while none counts. */
    public Optional<Judged> of(Measure measure) {
        return Optional.ofNullable(byMeasure.get(measure));
    }

    /** Everything that follows from figures now. */
    public List<Judged> all() {
        return new ArrayList<>(byMeasure.values());
    }
}
