package yellowtally.core.schedule;

import static yellowtally.core.schedule.ScheduleSetting.*;

import java.util.List;
import java.util.Set;
import yellowtally.core.edge.FilingSchool;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.stages.Stage;
import yellowtally.core.steps.Power;
import yellowtally.core.steps.SawProfile;
import yellowtally.core.steps.Step;
import yellowtally.core.steps.Subject;
import yellowtally.core.tension.TensionSetting;

/** The tasks of routine servicing (table of handbook section 10). */
public enum Task {
    TENSION(
            Family.TENSION,
            Stage.CLOSED,
            TensionSetting.CHECK_MINUTES,
            List.of(Step.TENSION),
            List.of(),
            List.of(
                    new Limit(UseUnit.OUTINGS, TensionSetting.CHECK_OUTINGS),
                    new Limit(UseUnit.TANKS, TensionSetting.CHECK_TANKS))),
    BRAKE(
            Family.BRAKE,
            Stage.RUNNING,
            BRAKE_MINUTES,
            List.of(Step.BRAKE_LEVER, Step.BRAKE_RUNNING),
            List.of(Step.INERTIA, Step.CONTROLS),
            List.of(new Limit(UseUnit.OUTINGS, BRAKE_OUTINGS), new Limit(UseUnit.DAYS, REST_DAYS))),
    OUTSIDE_LOOK(
            Family.BRAKE,
            Stage.CLOSED,
            LOOK_MINUTES,
            List.of(Step.OUTSIDE_LOOK),
            List.of(Step.ELECTRIC_LOOK),
            List.of(new Limit(UseUnit.OUTINGS, LOOK_OUTINGS), new Limit(UseUnit.DAYS, REST_DAYS))),
    OIL_CARD(
            Family.OILING,
            Stage.RUNNING,
            CARD_MINUTES,
            List.of(Step.OIL_CARD),
            List.of(),
            List.of(
                    new Limit(UseUnit.OUTINGS, CARD_OUTINGS),
                    new Limit(UseUnit.DAYS_IN_USE, CARD_DAYS),
                    new Limit(UseUnit.DAYS, REST_DAYS))),
    FULL_CLEAN(
            Family.OILING,
            Stage.COVER_OFF,
            CLEAN_MINUTES,
            List.of(Step.CLEAN_COVER),
            List.of(Step.BRAKE_BAND),
            List.of(new Limit(UseUnit.DAYS_IN_USE, CLEAN_DAYS))),
    SHARPEN(
            Family.EDGE,
            Stage.CLOSED,
            SHARPEN_MINUTES,
            List.of(Step.SHARPEN),
            List.of(Step.CHAIN_LOOK),
            List.of(new Limit(UseUnit.TANKS, SHARPEN_TANKS))),
    DEPTH_GAUGES(
            Family.EDGE,
            Stage.CLOSED,
            GAUGES_MINUTES,
            List.of(Step.DEPTH_GAUGES),
            List.of(),
            List.of(new Limit(UseUnit.SHARPENINGS, GAUGES_SHARPENINGS))),
    EQUALISE(
            Family.EDGE,
            Stage.BAR_OFF,
            EQUALISE_MINUTES,
            List.of(Step.EQUALISE),
            List.of(),
            List.of(new Limit(UseUnit.SHARPENINGS, EQUALISE_SHARPENINGS))),
    GROOVE_FLIP(
            Family.BAR,
            Stage.BAR_OFF,
            FLIP_MINUTES,
            List.of(Step.GROOVE),
            List.of(Step.RAILS, Step.NOSE),
            List.of(new Limit(UseUnit.SHARPENINGS, FLIP_SHARPENINGS))),
    DRESS_RAILS(
            Family.BAR,
            Stage.BAR_OFF,
            DRESS_MINUTES,
            List.of(Step.DRESS_RAILS),
            List.of(Step.RAILS),
            List.of(new Limit(UseUnit.SHARPENINGS, DRESS_SHARPENINGS))),
    NOSE_GREASE(
            Family.BAR,
            Stage.BAR_OFF,
            NOSE_MINUTES,
            List.of(Step.NOSE_GREASE),
            List.of(),
            List.of(new Limit(UseUnit.OUTINGS, NOSE_OUTINGS))),
    SPROCKET(
            Family.BAR,
            Stage.BAR_OFF,
            SPROCKET_MINUTES,
            List.of(Step.SPROCKET),
            List.of(),
            List.of(new Limit(UseUnit.LOOPS, SPROCKET_LOOPS), new Limit(UseUnit.TANKS, SPROCKET_TANKS))),
    BEARING(
            Family.BAR,
            Stage.DRUM_OFF,
            BEARING_MINUTES,
            List.of(Step.BEARING),
            List.of(),
            List.of(new Limit(UseUnit.TANKS, BEARING_TANKS))),
    AIR_FILTER(
            Family.ENGINE,
            Stage.TOP_COVER_OFF,
            FILTER_MINUTES,
            List.of(Step.AIR_FILTER),
            List.of(),
            List.of(new Limit(UseUnit.TANKS, FILTER_TANKS), new Limit(UseUnit.DAYS_IN_USE, FILTER_DAYS))),
    PLUG(
            Family.ENGINE,
            Stage.TOP_COVER_OFF,
            PLUG_MINUTES,
            List.of(Step.PLUG),
            List.of(),
            List.of(new Limit(UseUnit.TANKS, PLUG_TANKS), new Limit(UseUnit.DAYS, PLUG_DAYS))),
    ARRESTOR(
            Family.ENGINE,
            Stage.SCREEN_OUT,
            ARRESTOR_MINUTES,
            List.of(Step.ARRESTOR),
            List.of(),
            List.of(new Limit(UseUnit.TANKS, ARRESTOR_TANKS), new Limit(UseUnit.FIRE_SEASON_DAYS, ARRESTOR_DAYS))),
    STARTER(
            Family.ENGINE,
            Stage.STARTER_OFF,
            STARTER_MINUTES,
            List.of(Step.STARTER),
            List.of(),
            List.of(new Limit(UseUnit.TANKS, STARTER_TANKS), new Limit(UseUnit.DAYS, STARTER_DAYS))),
    TANKS(
            Family.ENGINE,
            Stage.TANKS_DRAINED,
            TANKS_MINUTES,
            List.of(Step.TANKS),
            List.of(),
            List.of(new Limit(UseUnit.DAYS, TANKS_DAYS))),
    STRIP_DOWN(
            Family.ENGINE,
            Stage.DRUM_OFF,
            STRIP_MINUTES,
            List.of(Step.STRIP_DOWN),
            List.of(),
            List.of(new Limit(UseUnit.DAYS, STRIP_DAYS)));

    private static final Limit BATTERY_SHARPEN = new Limit(UseUnit.TANKS, SHARPEN_CHARGES);

    private final Family family;
    private final Stage stage;
    private final NumberSetting minutes;
    private final List<Step> steps;
    private final List<Step> company;
    private final List<Limit> limits;

    Task(Family family, Stage stage, NumberSetting minutes, List<Step> steps, List<Step> company, List<Limit> limits) {
        this.family = family;
        this.stage = stage;
        this.minutes = minutes;
        this.steps = steps;
        this.company = company;
        this.limits = limits;
    }

    /** Where it stands on the board. */
    public Family family() {
        return family;
    }

    /** Whose use counts. */
    public Subject subject() {
        return steps.get(0).subject();
    }

    /** How far the saw is opened for it. */
    public Stage stage() {
        return stage;
    }

    /** Every stage that it opens; the strip-down opens all of them. */
    public Set<Stage> stages() {
        return this == STRIP_DOWN
                ? Set.of(Stage.DRUM_OFF, Stage.TOP_COVER_OFF, Stage.SCREEN_OUT, Stage.STARTER_OFF, Stage.TANKS_DRAINED)
                : Set.of(stage);
    }

    /** Bench minutes without opening and closing. */
    public NumberSetting minutes() {
        return minutes;
    }

    /** The steps that must be recorded for the task to be done. */
    public List<Step> steps() {
        return steps;
    }

    /** Steps that go along because the hand is there. */
    public List<Step> company() {
        return company;
    }

    /**
     * What tells how a thing is of which nobody knows when it was done last. What takes metal off is not done for that: the rails
     * are laid on a flat, the chain is looked at (general practice).
     */
    public List<Step> firstLook() {
        return switch (this) {
            case DRESS_RAILS -> List.of(Step.RAILS);
            case EQUALISE -> List.of(Step.CHAIN_LOOK);
            default -> steps;
        };
    }

    /** Its limits, as the handbook has them for petrol saws. */
    public List<Limit> limits() {
        return limits;
    }

    /** The limits for a saw of this kind: a battery saw counts charges. */
    public List<Limit> limits(SawProfile saw) {
        return this == SHARPEN && saw.power() == Power.BATTERY ? List.of(BATTERY_SHARPEN) : limits;
    }

    /** Whether this saw has what the task is for. */
    public boolean appliesTo(SawProfile saw) {
        // By hand only, cutters are brought to one length with the file; on the machine only, every sharpening does it.
        boolean machinePass = this != EQUALISE || saw.schools().filing() == FilingSchool.HAND_AND_MACHINE;
        return machinePass && steps.stream().allMatch(step -> step.appliesTo(saw));
    }

    /** Whether an event makes this task due at once. */
    boolean wokenBy(DueEvent event) {
        return switch (event) {
            case GROUND_STRUCK, DUST_SEEN -> this == SHARPEN;
            case CHAIN_SLACK -> this == TENSION;
            case RAIN -> this == FULL_CLEAN;
            case COMPLAINT -> this == OUTSIDE_LOOK;
            case EQUALISED -> this == DEPTH_GAUGES;
            case NEW_SPROCKET -> this == BEARING;
            case SEASON_STARTS -> this == ARRESTOR || this == OIL_CARD;
            case NEVER_DONE -> this == BRAKE || this == OUTSIDE_LOOK || this == TENSION;
        };
    }
}
