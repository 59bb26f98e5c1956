package yellowtally.core.steps;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a step can find on the part it looks at (handbook sections 3 to 9). A finding that fails holds the saw. */
public enum Finding {
    HAND_GUARD_BROKEN(Step.OUTSIDE_LOOK, StepOutcome.FAIL),
    CATCHER_BROKEN(Step.OUTSIDE_LOOK, StepOutcome.FAIL),
    CHAIN_DAMAGE_SEEN(Step.OUTSIDE_LOOK, StepOutcome.FAIL),
    FASTENER_LOOSE(Step.OUTSIDE_LOOK, StepOutcome.ATTEND),
    LEAK_SEEN(Step.OUTSIDE_LOOK, StepOutcome.ATTEND),
    COMPLAINT_CONFIRMED(Step.OUTSIDE_LOOK, StepOutcome.ATTEND),
    CABLE_DAMAGED(Step.ELECTRIC_LOOK, StepOutcome.FAIL),
    BATTERY_DAMAGED(Step.ELECTRIC_LOOK, StepOutcome.FAIL),
    CONTACTS_DIRTY(Step.ELECTRIC_LOOK, StepOutcome.ATTEND),
    SLOTS_PACKED(Step.ELECTRIC_LOOK, StepOutcome.ATTEND),
    LEVER_DOES_NOT_SNAP(Step.BRAKE_LEVER, StepOutcome.FAIL),
    CHAIN_DRAWN_WITH_BRAKE_ON(Step.BRAKE_LEVER, StepOutcome.FAIL, null, Step.BRAKE_BAND),
    CHAIN_DRAGS_WITH_BRAKE_OFF(Step.BRAKE_LEVER, StepOutcome.FAIL),
    GUARD_TABS_WORN(Step.BRAKE_LEVER, StepOutcome.FAIL),
    INERTIA_NOT_TRIPPED(Step.INERTIA, StepOutcome.FAIL),
    OIL_OUTLET_PACKED(Step.CLEAN_COVER, StepOutcome.ATTEND),
    COVER_CRACKED(Step.CLEAN_COVER, StepOutcome.ATTEND),
    BAND_THIN(Step.BRAKE_BAND, StepOutcome.FAIL),
    BAND_CRACKED(Step.BRAKE_BAND, StepOutcome.FAIL),
    DRUM_GREASY(Step.BRAKE_BAND, StepOutcome.FAIL),
    GROOVE_WATCH(Step.GROOVE, StepOutcome.ATTEND),
    GROOVE_WORN_OUT(Step.GROOVE, StepOutcome.FAIL, Subject.BAR),
    GROOVE_WIDE(Step.GROOVE, StepOutcome.FAIL, Subject.BAR),
    CHAIN_TIPS(Step.GROOVE, StepOutcome.FAIL, Subject.BAR),
    BAR_BENT(Step.GROOVE, StepOutcome.FAIL, Subject.BAR),
    OIL_HOLE_BLOCKED(Step.GROOVE, StepOutcome.ATTEND),
    BURR(Step.RAILS, StepOutcome.ATTEND, null, Step.DRESS_RAILS),
    BLUING(Step.RAILS, StepOutcome.ATTEND, null, Step.BLUING_CAUSE),
    RAILS_UNEVEN(Step.RAILS, StepOutcome.ATTEND, null, Step.DRESS_RAILS),
    RAILS_SPENT(Step.RAILS, StepOutcome.FAIL, Subject.BAR),
    RAILS_SPLAYED(Step.RAILS, StepOutcome.FAIL, Subject.BAR),
    BLUED_BY_DULL_CHAIN(Step.BLUING_CAUSE, StepOutcome.ATTEND, null, Step.SHARPEN),
    BLUED_BY_TIGHT_CHAIN(Step.BLUING_CAUSE, StepOutcome.ATTEND, null, Step.TENSION),
    BLUED_BY_NO_OIL(Step.BLUING_CAUSE, StepOutcome.ATTEND, null, Step.OIL_CARD),
    RAILS_STILL_UNEVEN(Step.DRESS_RAILS, StepOutcome.ATTEND),
    NOSE_SEIZED(Step.NOSE, StepOutcome.FAIL, Subject.BAR),
    NOSE_PLAY(Step.NOSE, StepOutcome.FAIL, Subject.BAR),
    ROLLERS_MISSING(Step.NOSE, StepOutcome.FAIL, Subject.BAR),
    NOSE_CHIPPED(Step.NOSE, StepOutcome.FAIL, Subject.BAR),
    GREASE_HOLE_BLOCKED(Step.NOSE_GREASE, StepOutcome.ATTEND),
    CUTTER_CRACKED(Step.CHAIN_LOOK, StepOutcome.FAIL, Subject.CHAIN),
    CUTTER_MISSING(Step.CHAIN_LOOK, StepOutcome.FAIL, Subject.CHAIN),
    STRAP_CRACKED(Step.CHAIN_LOOK, StepOutcome.FAIL, Subject.CHAIN),
    RIVET_OPEN(Step.CHAIN_LOOK, StepOutcome.FAIL, Subject.CHAIN),
    DRIVE_LINK_BENT(Step.CHAIN_LOOK, StepOutcome.FAIL, Subject.CHAIN),
    HOOKS_ROUNDED(Step.CHAIN_LOOK, StepOutcome.FAIL, Subject.CHAIN, Step.REPLACE_SPROCKET),
    CUTTER_PAST_MARK(Step.CHAIN_LOOK, StepOutcome.FAIL, Subject.CHAIN),
    CUTTERS_STRUCK(Step.CHAIN_LOOK, StepOutcome.ATTEND, null, Step.SHARPEN),
    CUTTERS_DULL(Step.CHAIN_LOOK, StepOutcome.ATTEND, null, Step.SHARPEN),
    JOINTS_STIFF(Step.CHAIN_LOOK, StepOutcome.ATTEND),
    SPROCKET_PLAN(Step.SPROCKET, StepOutcome.ATTEND),
    SPROCKET_WORN_OUT(Step.SPROCKET, StepOutcome.ATTEND, Subject.SPROCKET, Step.REPLACE_SPROCKET),
    TEETH_BROKEN(Step.SPROCKET, StepOutcome.FAIL, Subject.SPROCKET),
    CLIP_OR_WASHER_BAD(Step.SPROCKET, StepOutcome.ATTEND),
    BEARING_ROUGH(Step.BEARING, StepOutcome.ATTEND),
    CLUTCH_GREASY(Step.BEARING, StepOutcome.ATTEND),
    FOUND_STILL_CUTTING(Step.SHARPEN, StepOutcome.FINE),
    FOUND_DULL(Step.SHARPEN, StepOutcome.FINE),
    FOUND_STRUCK(Step.SHARPEN, StepOutcome.FINE),
    STROKES_UNEQUAL(Step.SHARPEN, StepOutcome.ATTEND),
    SIDES_LEAD_IN_A_CURVE(Step.SHARPEN, StepOutcome.ATTEND, null, Step.EQUALISE),
    SIDES_FAR_APART(Step.SHARPEN, StepOutcome.ATTEND, null, Step.EQUALISE),
    SIDE_UNEVEN(Step.SHARPEN, StepOutcome.ATTEND, null, Step.EQUALISE),
    SHARPENED_PAST_MARK(Step.SHARPEN, StepOutcome.FAIL, Subject.CHAIN),
    DAMAGE_PAST_MARK(Step.SHARPEN, StepOutcome.FAIL, Subject.CHAIN),
    GAUGES_HIGH(Step.DEPTH_GAUGES, StepOutcome.ATTEND),
    GAUGES_LOW(Step.DEPTH_GAUGES, StepOutcome.FAIL),
    GAUGES_KICKBACK(Step.DEPTH_GAUGES, StepOutcome.FAIL),
    SIDES_STILL_UNEVEN(Step.EQUALISE, StepOutcome.ATTEND),
    FILED_PAST_MARK(Step.EQUALISE, StepOutcome.FAIL, Subject.CHAIN),
    BAR_TURNED_OVER(Step.REFIT, StepOutcome.FINE),
    BAR_SAME_WAY_UP(Step.REFIT, StepOutcome.FINE),
    NUT_OR_STUD_BAD(Step.NUTS, StepOutcome.FAIL),
    FILTER_WORN(Step.AIR_FILTER, StepOutcome.ATTEND),
    PLUG_DARK_OILY(Step.PLUG, StepOutcome.ATTEND),
    PLUG_WHITE(Step.PLUG, StepOutcome.FAIL),
    PLUG_WORN(Step.PLUG, StepOutcome.ATTEND),
    SCREEN_BLOCKED(Step.ARRESTOR, StepOutcome.ATTEND),
    SCREEN_HOLED(Step.ARRESTOR, StepOutcome.ATTEND),
    SCREEN_MISSING(Step.ARRESTOR, StepOutcome.ATTEND),
    ROPE_FRAYED(Step.STARTER, StepOutcome.ATTEND),
    FINS_PACKED(Step.STARTER, StepOutcome.ATTEND),
    RECOIL_WEAK(Step.STARTER, StepOutcome.ATTEND),
    CAP_SEAL_WORN(Step.TANKS, StepOutcome.ATTEND),
    PICK_UP_CLOGGED(Step.TANKS, StepOutcome.ATTEND),
    HOSE_LEAKS(Step.TANKS, StepOutcome.FAIL),
    CASE_CRACKED(Step.STRIP_DOWN, StepOutcome.FAIL),
    MOUNT_TORN(Step.STRIP_DOWN, StepOutcome.ATTEND),
    MUFFLER_LOOSE(Step.STRIP_DOWN, StepOutcome.ATTEND),
    SPIKE_BOLTS_LOOSE(Step.STRIP_DOWN, StepOutcome.ATTEND),
    FUEL_OLD(Step.FILL, StepOutcome.ATTEND),
    OIL_NOT_FOR_BARS(Step.FILL, StepOutcome.ATTEND),
    CHAIN_NOT_STOPPED(Step.BRAKE_RUNNING, StepOutcome.FAIL, null, Step.BRAKE_BAND),
    CHAIN_STOPS_SLOWLY(Step.BRAKE_RUNNING, StepOutcome.FAIL, null, Step.BRAKE_BAND),
    CHAIN_CREEPS(Step.CONTROLS, StepOutcome.FAIL),
    THROTTLE_LOCK_FAILS(Step.CONTROLS, StepOutcome.FAIL),
    STOP_SWITCH_FAILS(Step.CONTROLS, StepOutcome.FAIL),
    OIL_FAINT(Step.OIL_CARD, StepOutcome.ATTEND),
    OIL_NONE(Step.OIL_CARD, StepOutcome.FAIL, null, Step.GROOVE),
    BULB_STAYS_FLAT(Step.OIL_CARD, StepOutcome.ATTEND);

    private static final Set<Finding> MEASURED = Set.of(
            BAND_THIN,
            GROOVE_WATCH,
            GROOVE_WORN_OUT,
            GROOVE_WIDE,
            RAILS_UNEVEN,
            RAILS_SPENT,
            CUTTER_PAST_MARK,
            FILED_PAST_MARK,
            SPROCKET_PLAN,
            SPROCKET_WORN_OUT,
            STROKES_UNEQUAL,
            SIDES_LEAD_IN_A_CURVE,
            SIDES_FAR_APART,
            SIDE_UNEVEN,
            SHARPENED_PAST_MARK,
            DAMAGE_PAST_MARK,
            GAUGES_HIGH,
            GAUGES_LOW,
            GAUGES_KICKBACK,
            FUEL_OLD);

    private final Step step;
    private final StepOutcome outcome;
    private final @Nullable Subject condemns;
    private final @Nullable Step opens;

    Finding(Step step, StepOutcome outcome) {
        this(step, outcome, null, null);
    }

    Finding(Step step, StepOutcome outcome, @Nullable Subject condemns) {
        this(step, outcome, condemns, null);
    }

    Finding(Step step, StepOutcome outcome, @Nullable Subject condemns, @Nullable Step opens) {
        this.step = step;
        this.outcome = outcome;
        this.condemns = condemns;
        this.opens = opens;
    }

    /** The step that finds it. */
    public Step step() {
        return step;
    }

    /** What it makes of the step on this saw: a bad arrestor screen fails in the fire season only (local rules decide). */
    public StepOutcome outcome(SawProfile saw) {
        boolean holedScreen = this == SCREEN_HOLED || this == SCREEN_MISSING;
        return holedScreen && saw.fireSeason() ? StepOutcome.FAIL : outcome;
    }

    /** The part it takes out of use; {@code null} for none. */
    public @Nullable Subject condemns() {
        return condemns;
    }

    /** The step it calls for at once; {@code null} for none. */
    public @Nullable Step opens() {
        return opens != null || condemns == null ? opens : replacing(condemns);
    }

    /** Whether it follows from a figure, and so is never chosen by hand. */
    public boolean measured() {
        return MEASURED.contains(this);
    }

    /** What this step can find on this saw, in the order in which it is offered. */
    public static List<Finding> of(Step step, SawProfile saw) {
        return Arrays.stream(values())
                .filter(finding -> finding.step == step && finding.possibleOn(saw))
                .toList();
    }

    private boolean possibleOn(SawProfile saw) {
        return switch (this) {
            case ROLLERS_MISSING, NOSE_SEIZED, NOSE_PLAY -> Step.turningNose(saw);
            case NOSE_CHIPPED -> !Step.turningNose(saw);
            case FUEL_OLD, MUFFLER_LOOSE -> saw.petrol();
            case CABLE_DAMAGED -> saw.power() == Power.CORDED;
            case BATTERY_DAMAGED -> saw.power() == Power.BATTERY;
            case BULB_STAYS_FLAT -> saw.oiler() == OilerKind.HAND_BULB;
            default -> true;
        };
    }

    private static Step replacing(Subject part) {
        return switch (part) {
            case CHAIN -> Step.REPLACE_CHAIN;
            case BAR -> Step.REPLACE_BAR;
            case SPROCKET -> Step.REPLACE_SPROCKET;
            case SAW -> throw new IllegalArgumentException("a saw is not replaced in a step");
        };
    }
}
