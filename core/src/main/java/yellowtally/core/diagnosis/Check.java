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
 * @param terms under which it can be made
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
        @Nullable BenchAnswer bench,
        Terms terms) {

    /**
     * One answer.
     *
     * @param title on its key
     * @param said in a reason, such as "oil came at the outlet"
     */
    public record Answer(String title, String said) {}

    /**
     * Under which terms it can be made, and what answers it without a hand.
     *
     * @param runs whether the saw runs in it though its stage is not running
     * @param fullTank whether it proves something with a full oil tank only
     * @param of codes of the complaints that it is for; empty for all
     * @param replaces what the program knew of the same thing before, which an answer makes void
     * @param known its answer by what the program knows
     */
    public record Terms(
            boolean runs, boolean fullTank, Set<String> of, Set<Signal> replaces, Map<KnownFact, String> known) {

        public static final Terms NONE = new Terms(false, false, Set.of(), Set.of(), Map.of());

        public Terms {
            of = Set.copyOf(of);
            replaces = Set.copyOf(replaces);
            known = Map.copyOf(known);
        }
    }

    /**
     * Given instead of an answer where the oil tank was not full: an empty tank over night proves nothing about where it leaks
     * (handbook section 12), so the check is made again.
     */
    public static final String TANK_NOT_FULL = "tank-not-full";

    /** How many times likelier than usual an answer is that shows a cause to the eye. */
    private static final double SHOWS_FROM = 3;

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

    /** Whether an answer shows the cause itself, where this check looks at the very thing. */
    public boolean shows(String answer, String cause) {
        return likelihood(answer, cause) >= SHOWS_FROM * usually.getOrDefault(answer, 1.0);
    }

    /** Whether the saw runs in it. */
    public boolean running() {
        return stage == Stage.RUNNING || terms.runs();
    }

    /** Whether it can be made on a saw with this complaint. */
    public boolean possibleWith(Complaint complaint) {
        return !complaint.order().rulesOut().contains(code)
                && (terms.of().isEmpty() || terms.of().contains(complaint.code()));
    }

    /** Whether it may be answered so. */
    public boolean takes(@Nullable String answer) {
        return answer == null || answers.containsKey(answer) || (terms.fullTank() && answer.equals(TANK_NOT_FULL));
    }

    /** How much can go wrong while it is made: nothing on a closed saw, most with the chain running. */
    int risk() {
        if (running()) {
            return 2;
        }
        return stage == Stage.CLOSED ? 0 : 1;
    }
}
