package yellowtally.core.steps;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.NoseKind;
import yellowtally.core.stages.Stage;

/** Every step of a visit, in the order of the hands (handbook sections 1 and 3 to 9). */
public enum Step {
    MAKE_SAFE(StepGroup.MAKE_SAFE, StepKind.CONFIRM, Stage.CLOSED, saw -> true),
    OUTSIDE_LOOK(StepGroup.MAKE_SAFE, StepKind.LOOK, Stage.CLOSED, saw -> true),
    ELECTRIC_LOOK(StepGroup.MAKE_SAFE, StepKind.LOOK, Stage.CLOSED, saw -> !saw.petrol()),
    BRAKE_LEVER(StepGroup.MAKE_SAFE, StepKind.FUNCTION_TEST, Stage.CLOSED, saw -> true),
    INERTIA(StepGroup.MAKE_SAFE, StepKind.FUNCTION_TEST, Stage.CLOSED, saw -> true),
    NEW_GUARD(StepGroup.MAKE_SAFE, StepKind.REPAIR, Stage.CLOSED, saw -> true),
    NEW_CATCHER(StepGroup.MAKE_SAFE, StepKind.REPAIR, Stage.CLOSED, saw -> true),
    NEW_POWER_PART(StepGroup.MAKE_SAFE, StepKind.REPAIR, Stage.CLOSED, saw -> !saw.petrol()),

    CLEAN_COVER(StepGroup.COVER_OFF, StepKind.CLEAN, Stage.COVER_OFF, saw -> true),
    BRAKE_BAND(StepGroup.COVER_OFF, StepKind.MEASURE, Stage.COVER_OFF, saw -> true),
    NEW_BAND(StepGroup.COVER_OFF, StepKind.REPAIR, Stage.COVER_OFF, saw -> true),

    GROOVE(StepGroup.BAR_OFF, StepKind.MEASURE, Stage.BAR_OFF, Step::hasBar),
    RAILS(StepGroup.BAR_OFF, StepKind.MEASURE, Stage.BAR_OFF, Step::hasBar),
    BLUING_CAUSE(StepGroup.BAR_OFF, StepKind.CAUSE, Stage.BAR_OFF, Step::hasBar),
    DRESS_RAILS(StepGroup.BAR_OFF, StepKind.FILE, Stage.BAR_OFF, Step::hasBar),
    NOSE(StepGroup.BAR_OFF, StepKind.LOOK, Stage.BAR_OFF, Step::hasBar),
    NOSE_GREASE(StepGroup.BAR_OFF, StepKind.GREASE, Stage.BAR_OFF, SawProfile::noseTakesGrease),
    CHAIN_LOOK(StepGroup.BAR_OFF, StepKind.MEASURE, Stage.CLOSED, Step::hasChain),
    SPROCKET(StepGroup.BAR_OFF, StepKind.MEASURE, Stage.BAR_OFF, saw -> true),
    BEARING(StepGroup.BAR_OFF, StepKind.GREASE, Stage.DRUM_OFF, SawProfile::petrol),
    NEW_CASE_PART(StepGroup.BAR_OFF, StepKind.REPAIR, Stage.CLOSED, saw -> true),
    STRIP_DOWN(StepGroup.BAR_OFF, StepKind.LOOK, Stage.DRUM_OFF, saw -> true),
    REPLACE_SPROCKET(StepGroup.BAR_OFF, StepKind.REPLACE, Stage.DRUM_OFF, saw -> true),
    REPLACE_BAR(StepGroup.BAR_OFF, StepKind.REPLACE, Stage.BAR_OFF, saw -> true),
    REPLACE_CHAIN(StepGroup.BAR_OFF, StepKind.REPLACE, Stage.BAR_OFF, saw -> true),

    SHARPEN(StepGroup.EDGE, StepKind.FILE, Stage.CLOSED, Step::hasChain),
    /** Before the gauges: it lowers the cutters. */
    EQUALISE(StepGroup.EDGE, StepKind.FILE, Stage.BAR_OFF, Step::hasChain),
    DEPTH_GAUGES(StepGroup.EDGE, StepKind.MEASURE, Stage.CLOSED, Step::hasChain),

    NEW_MOUNT(StepGroup.CLOSING, StepKind.REPAIR, Stage.CLOSED, saw -> true),
    TIGHTEN(StepGroup.CLOSING, StepKind.REPAIR, Stage.CLOSED, saw -> true),
    REFIT(StepGroup.CLOSING, StepKind.CONFIRM, Stage.COVER_OFF, saw -> true),
    TENSION(StepGroup.CLOSING, StepKind.TENSION, Stage.CLOSED, Step::hasChain),
    NUTS(StepGroup.CLOSING, StepKind.LOOK, Stage.CLOSED, saw -> true),

    AIR_FILTER(StepGroup.ENGINE, StepKind.CLEAN, Stage.TOP_COVER_OFF, SawProfile::petrol),
    PLUG(StepGroup.ENGINE, StepKind.LOOK, Stage.TOP_COVER_OFF, SawProfile::petrol),
    TUNE(StepGroup.ENGINE, StepKind.REPAIR, Stage.CLOSED, SawProfile::petrol),
    NEW_SCREEN(StepGroup.ENGINE, StepKind.REPAIR, Stage.SCREEN_OUT, Step::hasArrestor),
    ARRESTOR(StepGroup.ENGINE, StepKind.LOOK, Stage.SCREEN_OUT, Step::hasArrestor),
    NEW_ROPE(StepGroup.ENGINE, StepKind.REPAIR, Stage.STARTER_OFF, SawProfile::petrol),
    STARTER(StepGroup.ENGINE, StepKind.CLEAN, Stage.STARTER_OFF, SawProfile::petrol),
    NEW_CAP_SEAL(StepGroup.ENGINE, StepKind.REPAIR, Stage.CLOSED, saw -> true),
    NEW_HOSE(StepGroup.ENGINE, StepKind.REPAIR, Stage.TANKS_DRAINED, saw -> true),
    TANKS(StepGroup.ENGINE, StepKind.LOOK, Stage.TANKS_DRAINED, saw -> true),
    NEW_CONTROL_PART(StepGroup.ENGINE, StepKind.REPAIR, Stage.CLOSED, saw -> true),

    FILL(StepGroup.RUNNING, StepKind.FILL, Stage.CLOSED, saw -> true),
    BRAKE_RUNNING(StepGroup.RUNNING, StepKind.FUNCTION_TEST, Stage.RUNNING, saw -> true),
    CONTROLS(StepGroup.RUNNING, StepKind.FUNCTION_TEST, Stage.RUNNING, saw -> true),
    OIL_CARD(StepGroup.RUNNING, StepKind.CARD, Stage.RUNNING, saw -> true);

    private final StepGroup group;
    private final StepKind kind;
    private final Stage stage;
    private final Predicate<SawProfile> applies;

    Step(StepGroup group, StepKind kind, Stage stage, Predicate<SawProfile> applies) {
        this.group = group;
        this.kind = kind;
        this.stage = stage;
        this.applies = applies;
    }

    private static boolean hasBar(SawProfile saw) {
        return saw.nose() != null;
    }

    private static boolean hasArrestor(SawProfile saw) {
        return saw.petrol() && saw.sparkArrestor();
    }

    private static boolean hasChain(SawProfile saw) {
        return saw.pitch() != null;
    }

    /** Where in the visit the hand meets it. */
    public StepGroup group() {
        return group;
    }

    /** Which input it has. */
    public StepKind kind() {
        return kind;
    }

    /** How far the saw is opened for it. */
    public Stage stage() {
        return stage;
    }

    /** Whether this saw has the part; a step without its part does not appear. */
    public boolean appliesTo(SawProfile saw) {
        return applies.test(saw);
    }

    /** What the step is about: a record of it follows the part to another saw. */
    public Subject subject() {
        return switch (this) {
            case GROOVE, RAILS, BLUING_CAUSE, DRESS_RAILS, NOSE, NOSE_GREASE -> Subject.BAR;
            case CHAIN_LOOK, SHARPEN, DEPTH_GAUGES, EQUALISE, TENSION -> Subject.CHAIN;
            case SPROCKET -> Subject.SPROCKET;
            default -> Subject.SAW;
        };
    }

    /** The outcomes with which it is done. A tension that still wants adjusting is not done. */
    public Set<StepOutcome> passing() {
        return this == TENSION ? EnumSet.of(StepOutcome.FINE) : EnumSet.of(StepOutcome.FINE, StepOutcome.ATTEND);
    }

    /**
     * Whether the chain loses its tension or the cover is off for it: the saw is held from then on until it is set back and
     * proved (handbook section 11, rule 5). The closing steps themselves take nothing apart.
     */
    public boolean takesApart() {
        return group != StepGroup.CLOSING && stage.opened().contains(Stage.COVER_OFF);
    }

    /**
     * Whether the saw has to be at hand for it: filing, and whatever takes the cutting set apart. While it is out with a crew
     * such work is done out there or not at all, and a record says so (general practice).
     */
    public boolean ofTheSet() {
        return group == StepGroup.EDGE || takesApart();
    }

    /** The part that another one takes the place of; {@code null} for all but the replacing steps. */
    public @Nullable Subject replaces() {
        return switch (this) {
            case REPLACE_CHAIN -> Subject.CHAIN;
            case REPLACE_BAR -> Subject.BAR;
            case REPLACE_SPROCKET -> Subject.SPROCKET;
            default -> null;
        };
    }

    /** The step that puts another part in the place of this one. */
    public static Step replacing(Subject part) {
        return switch (part) {
            case CHAIN -> REPLACE_CHAIN;
            case BAR -> REPLACE_BAR;
            case SPROCKET -> REPLACE_SPROCKET;
            case SAW -> throw new IllegalArgumentException("a saw is not replaced in a step");
        };
    }

    /** Whether a nose of this kind has rollers that can be missing. */
    static boolean turningNose(SawProfile saw) {
        return saw.nose() == NoseKind.SEALED_SPROCKET || saw.nose() == NoseKind.GREASABLE_SPROCKET;
    }
}
