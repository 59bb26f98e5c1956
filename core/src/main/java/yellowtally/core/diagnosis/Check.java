package yellowtally.core.diagnosis;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import yellowtally.core.stages.Stage;

/**
 * Something to look at or try, and how likely each answer is under each cause.
 *
 * @param code stable name
 * @param title the question, in words
 * @param how what the hand does
 * @param caution the usual caution; {@code null} for none
 * @param stage how far the saw is opened for it
 * @param part where the hand goes; {@code null} for the part that the stage opens
 * @param minutes of the check itself, over zero
 * @param needs what a saw must have; empty for every saw
 * @param answers by code, in the order of their keys
 * @param usually share of each answer under a cause that is not named in {@code when}
 * @param when share of each answer by code of the cause
 * @param bench the step of the bench that answers it; {@code null} when none does
 */
public record Check(
        String code,
        String title,
        String how,
        @Nullable String caution,
        Stage stage,
        @Nullable PointsAt part,
        double minutes,
        Set<SawTrait> needs,
        Map<String, Answer> answers,
        Map<String, Double> usually,
        Map<String, Map<String, Double>> when,
        @Nullable BenchAnswer bench) {

    /**
     * One answer.
     *
     * @param title on its key
     * @param said in a reason, such as "oil came at the outlet"
     */
    public record Answer(String title, String said) {}

    public Check {
        needs = Set.copyOf(needs);
        answers = Collections.unmodifiableMap(new LinkedHashMap<>(answers));
        usually = Map.copyOf(usually);
        when = Map.copyOf(when);
    }

    /** Where the hand goes. */
    public PointsAt pointsAt() {
        if (part != null) {
            return part;
        }
        return switch (stage) {
            case CLOSED, RUNNING -> PointsAt.ALL;
            case COVER_OFF -> PointsAt.COVER;
            case BAR_OFF -> PointsAt.BAR;
            case DRUM_OFF -> PointsAt.SPROCKET;
            case TOP_COVER_OFF -> PointsAt.TOP;
            case SCREEN_OUT -> PointsAt.MUFFLER;
            case STARTER_OFF -> PointsAt.STARTER;
            case TANKS_DRAINED -> PointsAt.TANKS;
        };
    }

    /** Whether it can be made on a saw of this kind. */
    public boolean possibleOn(Set<SawTrait> saw) {
        return saw.containsAll(needs);
    }

    /** Shares of all answers under a cause. */
    public Map<String, Double> row(String cause) {
        return when.getOrDefault(cause, usually);
    }

    /** How likely an answer is under a cause, 0 to 1. */
    public double likelihood(String answer, String cause) {
        return row(cause).getOrDefault(answer, 0.0);
    }

    /** How much can go wrong while it is made: nothing on a closed saw, most with the chain running. */
    int risk() {
        return switch (stage) {
            case CLOSED -> 0;
            case RUNNING -> 2;
            default -> 1;
        };
    }
}
