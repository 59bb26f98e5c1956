package yellowtally.core.steps;

import static yellowtally.core.steps.FindingFacts.attends;
import static yellowtally.core.steps.FindingFacts.fails;
import static yellowtally.core.steps.FindingFacts.fine;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a step can find on the part it looks at (handbook sections 3 to 9). A finding that fails holds the saw. */
public enum Finding {
    HAND_GUARD_BROKEN(fails(Step.OUTSIDE_LOOK)),
    CATCHER_BROKEN(fails(Step.OUTSIDE_LOOK)),
    CHAIN_DAMAGE_SEEN(fails(Step.OUTSIDE_LOOK)),
    FASTENER_LOOSE(attends(Step.OUTSIDE_LOOK)),
    LEAK_SEEN(attends(Step.OUTSIDE_LOOK)),
    COMPLAINT_CONFIRMED(attends(Step.OUTSIDE_LOOK)),
    CABLE_DAMAGED(fails(Step.ELECTRIC_LOOK).on(saw -> saw.power() == Power.CORDED)),
    BATTERY_DAMAGED(fails(Step.ELECTRIC_LOOK).on(saw -> saw.power() == Power.BATTERY)),
    CONTACTS_DIRTY(attends(Step.ELECTRIC_LOOK)),
    SLOTS_PACKED(attends(Step.ELECTRIC_LOOK)),
    LEVER_DOES_NOT_SNAP(fails(Step.BRAKE_LEVER)),
    CHAIN_DRAWN_WITH_BRAKE_ON(fails(Step.BRAKE_LEVER).opens(Step.BRAKE_BAND)),
    CHAIN_DRAGS_WITH_BRAKE_OFF(fails(Step.BRAKE_LEVER)),
    GUARD_TABS_WORN(fails(Step.BRAKE_LEVER)),
    INERTIA_NOT_TRIPPED(fails(Step.INERTIA)),
    OIL_OUTLET_PACKED(attends(Step.CLEAN_COVER)),
    COVER_CRACKED(attends(Step.CLEAN_COVER)),
    BAND_THIN(fails(Step.BRAKE_BAND).byFigure()),
    BAND_CRACKED(fails(Step.BRAKE_BAND)),
    DRUM_GREASY(fails(Step.BRAKE_BAND)),
    GROOVE_WATCH(attends(Step.GROOVE).byFigure().onlyTold()),
    GROOVE_WORN_OUT(fails(Step.GROOVE).condemns(Subject.BAR).byFigure()),
    GROOVE_WIDE(fails(Step.GROOVE).condemns(Subject.BAR).byFigure()),
    CHAIN_TIPS(fails(Step.GROOVE).condemns(Subject.BAR)),
    BAR_BENT(fails(Step.GROOVE).condemns(Subject.BAR)),
    OIL_HOLE_BLOCKED(attends(Step.GROOVE)),
    BURR(attends(Step.RAILS).opens(Step.DRESS_RAILS)),
    BLUING(attends(Step.RAILS).opens(Step.BLUING_CAUSE)),
    RAILS_UNEVEN(attends(Step.RAILS).opens(Step.DRESS_RAILS).byFigure()),
    RAILS_SPENT(fails(Step.RAILS).condemns(Subject.BAR).byFigure()),
    RAILS_SPLAYED(fails(Step.RAILS).condemns(Subject.BAR)),
    BLUED_BY_DULL_CHAIN(attends(Step.BLUING_CAUSE).opens(Step.SHARPEN)),
    BLUED_BY_TIGHT_CHAIN(attends(Step.BLUING_CAUSE).opens(Step.TENSION)),
    BLUED_BY_NO_OIL(attends(Step.BLUING_CAUSE).opens(Step.OIL_CARD)),
    RAILS_STILL_UNEVEN(attends(Step.DRESS_RAILS)),
    NOSE_SEIZED(fails(Step.NOSE).condemns(Subject.BAR).on(Step::turningNose)),
    NOSE_PLAY(fails(Step.NOSE).condemns(Subject.BAR).on(Step::turningNose)),
    ROLLERS_MISSING(fails(Step.NOSE).condemns(Subject.BAR).on(Step::turningNose)),
    NOSE_CHIPPED(fails(Step.NOSE).condemns(Subject.BAR).on(saw -> !Step.turningNose(saw))),
    GREASE_HOLE_BLOCKED(attends(Step.NOSE_GREASE)),
    CUTTER_CRACKED(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN)),
    CUTTER_MISSING(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN)),
    STRAP_CRACKED(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN)),
    RIVET_OPEN(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN)),
    DRIVE_LINK_BENT(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN)),
    HOOKS_ROUNDED(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN).opens(Step.REPLACE_SPROCKET)),
    CUTTER_PAST_MARK(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN).byFigure()),
    CUTTERS_STRUCK(attends(Step.CHAIN_LOOK).opens(Step.SHARPEN)),
    CUTTERS_DULL(attends(Step.CHAIN_LOOK).opens(Step.SHARPEN)),
    JOINTS_STIFF(attends(Step.CHAIN_LOOK)),
    SPROCKET_PLAN(attends(Step.SPROCKET).byFigure().onlyTold()),
    SPROCKET_WORN_OUT(attends(Step.SPROCKET)
            .condemns(Subject.SPROCKET)
            .opens(Step.REPLACE_SPROCKET)
            .byFigure()),
    TEETH_BROKEN(fails(Step.SPROCKET).condemns(Subject.SPROCKET)),
    CLIP_OR_WASHER_BAD(attends(Step.SPROCKET)),
    BEARING_ROUGH(attends(Step.BEARING)),
    CLUTCH_GREASY(attends(Step.BEARING)),
    FOUND_STILL_CUTTING(fine(Step.SHARPEN)),
    FOUND_DULL(fine(Step.SHARPEN)),
    FOUND_STRUCK(fine(Step.SHARPEN)),
    STROKES_UNEQUAL(attends(Step.SHARPEN).byFigure()),
    SIDES_LEAD_IN_A_CURVE(attends(Step.SHARPEN).opens(Step.EQUALISE).byFigure()),
    SIDES_FAR_APART(attends(Step.SHARPEN).opens(Step.EQUALISE).byFigure()),
    SIDE_UNEVEN(attends(Step.SHARPEN).opens(Step.EQUALISE).byFigure()),
    SHARPENED_PAST_MARK(fails(Step.SHARPEN).condemns(Subject.CHAIN).byFigure()),
    DAMAGE_PAST_MARK(fails(Step.SHARPEN).condemns(Subject.CHAIN).byFigure()),
    GAUGES_HIGH(attends(Step.DEPTH_GAUGES).byFigure()),
    GAUGES_LOW(fails(Step.DEPTH_GAUGES).byFigure()),
    GAUGES_KICKBACK(fails(Step.DEPTH_GAUGES).byFigure()),
    SIDES_STILL_UNEVEN(attends(Step.EQUALISE)),
    FILED_PAST_MARK(fails(Step.EQUALISE).condemns(Subject.CHAIN).byFigure()),
    BAR_TURNED_OVER(fine(Step.REFIT)),
    BAR_SAME_WAY_UP(fine(Step.REFIT)),
    NUT_OR_STUD_BAD(fails(Step.NUTS)),
    FILTER_WORN(attends(Step.AIR_FILTER)),
    PLUG_DARK_OILY(attends(Step.PLUG)),
    PLUG_WHITE(fails(Step.PLUG)),
    PLUG_WORN(attends(Step.PLUG)),
    SCREEN_BLOCKED(attends(Step.ARRESTOR)),
    SCREEN_HOLED(attends(Step.ARRESTOR).failsInTheFireSeason()),
    SCREEN_MISSING(attends(Step.ARRESTOR).failsInTheFireSeason()),
    ROPE_FRAYED(attends(Step.STARTER)),
    FINS_PACKED(attends(Step.STARTER)),
    RECOIL_WEAK(attends(Step.STARTER)),
    CAP_SEAL_WORN(attends(Step.TANKS)),
    PICK_UP_CLOGGED(attends(Step.TANKS)),
    HOSE_LEAKS(fails(Step.TANKS)),
    CASE_CRACKED(fails(Step.STRIP_DOWN)),
    MOUNT_TORN(attends(Step.STRIP_DOWN)),
    MUFFLER_LOOSE(attends(Step.STRIP_DOWN).on(SawProfile::petrol)),
    SPIKE_BOLTS_LOOSE(attends(Step.STRIP_DOWN)),
    FUEL_OLD(attends(Step.FILL).byFigure().on(SawProfile::petrol)),
    OIL_NOT_FOR_BARS(attends(Step.FILL)),
    CHAIN_NOT_STOPPED(fails(Step.BRAKE_RUNNING).opens(Step.BRAKE_BAND)),
    CHAIN_STOPS_SLOWLY(fails(Step.BRAKE_RUNNING).opens(Step.BRAKE_BAND)),
    CHAIN_CREEPS(fails(Step.CONTROLS)),
    THROTTLE_LOCK_FAILS(fails(Step.CONTROLS)),
    STOP_SWITCH_FAILS(fails(Step.CONTROLS)),
    OIL_FAINT(attends(Step.OIL_CARD)),
    OIL_NONE(fails(Step.OIL_CARD).opens(Step.GROOVE)),
    BULB_STAYS_FLAT(attends(Step.OIL_CARD).on(saw -> saw.oiler() == OilerKind.HAND_BULB));

    private final FindingFacts facts;

    Finding(FindingFacts facts) {
        this.facts = facts;
    }

    /** The step that finds it. */
    public Step step() {
        return facts.step();
    }

    /** What it makes of the step on this saw: a bad arrestor screen fails in the fire season only (local rules decide). */
    public StepOutcome outcome(SawProfile saw) {
        return facts.seasonal() && saw.fireSeason() ? StepOutcome.FAIL : facts.outcome();
    }

    /** The part it takes out of use; {@code null} for none. */
    public @Nullable Subject condemns() {
        return facts.condemned();
    }

    /** The step it calls for at once; {@code null} for none. */
    public @Nullable Step opens() {
        Subject condemned = facts.condemned();
        return facts.opened() != null || condemned == null ? facts.opened() : Step.replacing(condemned);
    }

    /** The step that answers it: the one it opens, or its own. */
    public Step answeredBy() {
        Step opened = opens();
        return opened == null ? step() : opened;
    }

    /** Whether it follows from a figure, and so is never chosen by hand. */
    public boolean measured() {
        return facts.measured();
    }

    /** A watch or a plan: said, and the saw stays fit. */
    public boolean onlyTold() {
        return facts.told();
    }

    /** What this step can find on this saw, in the order in which it is offered. */
    public static List<Finding> of(Step step, SawProfile saw) {
        return Arrays.stream(values())
                .filter(finding ->
                        finding.step() == step && finding.facts.possible().test(saw))
                .toList();
    }
}
