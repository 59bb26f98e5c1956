package yellowtally.core.comparison;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import yellowtally.core.settings.Numbers;

/**
 * The same cause again: on one saw, or over several saws of one model (general practice).
 *
 * @param where tag of the saw, or the model
 * @param cause code of the cause
 * @param times how often
 * @param days from the first of them to the last
 */
public record RepeatFault(RepeatKind kind, String where, String cause, int times, int days) {

    /** Where it comes again. */
    public enum RepeatKind {
        ON_ONE_SAW,
        /** On several saws of one model. */
        ON_A_MODEL
    }

    /**
     * A fault whose cause was found.
     *
     * @param saw its tag
     * @param model make and model
     */
    public record Past(String saw, String model, String cause, LocalDate day) {}

    /** What comes again within the days that count, most often first. */
    public static List<RepeatFault> of(Collection<Past> past, LocalDate today, Numbers numbers) {
        LocalDate from = today.minusDays((long) numbers.of(ComparisonSetting.REPEAT_DAYS));
        List<Past> counted = past.stream()
                .filter(fault -> !fault.day().isBefore(from))
                .sorted(Comparator.comparing(Past::day))
                .toList();
        List<RepeatFault> found = new ArrayList<>();
        grouped(counted, Past::saw).forEach((group, faults) -> {
            if (faults.size() >= numbers.of(ComparisonSetting.REPEAT_SAW)) {
                found.add(of(RepeatKind.ON_ONE_SAW, group, faults));
            }
        });
        grouped(counted, Past::model).forEach((group, faults) -> {
            long saws = faults.stream().map(Past::saw).distinct().count();
            if (saws > 1 && faults.size() >= numbers.of(ComparisonSetting.REPEAT_MODEL)) {
                found.add(of(RepeatKind.ON_A_MODEL, group, faults));
            }
        });
        found.sort(Comparator.comparingInt(RepeatFault::times).reversed().thenComparing(RepeatFault::where));
        return List.copyOf(found);
    }

    private record Group(String where, String cause) {}

    private static Map<Group, List<Past>> grouped(List<Past> past, Function<Past, String> where) {
        Map<Group, List<Past>> groups = new LinkedHashMap<>();
        past.forEach(fault -> groups.computeIfAbsent(
                        new Group(where.apply(fault), fault.cause()), group -> new ArrayList<>())
                .add(fault));
        return groups;
    }

    private static RepeatFault of(RepeatKind kind, Group group, List<Past> faults) {
        LocalDate first = faults.get(0).day();
        LocalDate last = faults.get(faults.size() - 1).day();
        return new RepeatFault(
                kind, group.where(), group.cause(), faults.size(), (int) ChronoUnit.DAYS.between(first, last));
    }
}
