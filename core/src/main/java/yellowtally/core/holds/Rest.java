package yellowtally.core.holds;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import yellowtally.core.log.SawLog;
import yellowtally.core.log.StepEntry;
import yellowtally.core.schedule.ScheduleSetting;
import yellowtally.core.settings.Numbers;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;

/**
 * At rest things change too (handbook section 11, rule 6): a saw that nobody used for weeks is looked over before it is used.
 *
 * @param days since it was used last
 * @param missing steps that no record younger than their days proves, in the order of the hands
 */
public record Rest(long days, List<Step> missing) {

    private static final List<Step> AFTER_A_MONTH =
            List.of(Step.OUTSIDE_LOOK, Step.BRAKE_LEVER, Step.FILL, Step.BRAKE_RUNNING, Step.OIL_CARD);

    public Rest {
        missing = List.copyOf(missing);
    }

    /**
     * Reads what a rest calls for.
     *
     * @param lastUsed the day it came back last, or came into service
     */
    public static Rest of(SawLog log, LocalDate lastUsed, LocalDate today, SawProfile saw, Numbers numbers) {
        long days = Math.max(0, ChronoUnit.DAYS.between(lastUsed, today));
        List<Step> missing = new ArrayList<>();
        double month = numbers.of(ScheduleSetting.REST_DAYS);
        double halfYear = numbers.of(ScheduleSetting.TANKS_DAYS);
        if (days > halfYear && !younger(log, Step.TANKS, today, halfYear)) {
            missing.add(Step.TANKS);
        }
        if (days > month) {
            AFTER_A_MONTH.stream()
                    .filter(step -> step.appliesTo(saw) && (step != Step.FILL || saw.petrol()))
                    .filter(step -> !younger(log, step, today, month))
                    .forEach(missing::add);
        }
        return new Rest(days, missing.stream().sorted().toList());
    }

    private static boolean younger(SawLog log, Step step, LocalDate today, double days) {
        return log.latest(step)
                .filter(StepEntry::proves)
                .filter(entry -> ChronoUnit.DAYS.between(entry.day(), today) <= days)
                .isPresent();
    }
}
