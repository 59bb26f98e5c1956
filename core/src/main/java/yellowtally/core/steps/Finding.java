package yellowtally.core.steps;

import static yellowtally.core.steps.FindingFacts.attends;
import static yellowtally.core.steps.FindingFacts.fails;
import static yellowtally.core.steps.FindingFacts.fine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowtally.core.cuttingset.NoseKind;

/** What a step can find on the part it looks at (handbook sections 3 to 9). A finding that fails holds the saw. */
public enum Finding {
    HAND_GUARD_BROKEN(fails(Step.OUTSIDE_LOOK).mendedBy(Step.NEW_GUARD)),
    CATCHER_BROKEN(fails(Step.OUTSIDE_LOOK).mendedBy(Step.NEW_CATCHER)),
    CHAIN_DAMAGE_SEEN(fails(Step.OUTSIDE_LOOK).lookedAtBy(Step.CHAIN_LOOK)),
    FASTENER_LOOSE(attends(Step.OUTSIDE_LOOK).mendedBy(Step.TIGHTEN)),
    LEAK_SEEN(attends(Step.OUTSIDE_LOOK)),
    COMPLAINT_CONFIRMED(attends(Step.OUTSIDE_LOOK)),
    CABLE_DAMAGED(fails(Step.ELECTRIC_LOOK).mendedBy(Step.NEW_POWER_PART).on(saw -> saw.power() == Power.CORDED)),
    BATTERY_DAMAGED(fails(Step.ELECTRIC_LOOK).mendedBy(Step.NEW_POWER_PART).on(saw -> saw.power() == Power.BATTERY)),
    CONTACTS_DIRTY(attends(Step.ELECTRIC_LOOK)),
    SLOTS_PACKED(attends(Step.ELECTRIC_LOOK)),
    LEVER_DOES_NOT_SNAP(fails(Step.BRAKE_LEVER)),
    CHAIN_DRAWN_WITH_BRAKE_ON(fails(Step.BRAKE_LEVER).opens(Step.BRAKE_BAND)),
    CHAIN_DRAGS_WITH_BRAKE_OFF(fails(Step.BRAKE_LEVER)),
    GUARD_TABS_WORN(fails(Step.BRAKE_LEVER).mendedBy(Step.NEW_GUARD)),
    INERTIA_NOT_TRIPPED(fails(Step.INERTIA)),
    OIL_OUTLET_PACKED(attends(Step.CLEAN_COVER)),
    COVER_CRACKED(attends(Step.CLEAN_COVER)),
    BAND_THIN(fails(Step.BRAKE_BAND).by(Measure.BAND_THICKNESS)),
    BAND_CRACKED(fails(Step.BRAKE_BAND).mendedBy(Step.NEW_BAND)),
    DRUM_GREASY(fails(Step.BRAKE_BAND)),
    GROOVE_WATCH(attends(Step.GROOVE).by(Measure.GROOVE_DEPTH).onlyTold()),
    GROOVE_WORN_OUT(fails(Step.GROOVE).condemns(Subject.BAR).by(Measure.GROOVE_DEPTH)),
    GROOVE_WIDE(fails(Step.GROOVE).condemns(Subject.BAR).by(Measure.GROOVE_WIDTH)),
    CHAIN_TIPS(fails(Step.GROOVE).condemns(Subject.BAR)),
    /** Tips of the drive links seen to touch the bottom: counts as much as a depth that was measured. */
    TIPS_TOUCH_BOTTOM(fails(Step.GROOVE).condemns(Subject.BAR)),
    BAR_BENT(fails(Step.GROOVE).condemns(Subject.BAR)),
    OIL_HOLE_BLOCKED(attends(Step.GROOVE)),
    BURR(attends(Step.RAILS).opens(Step.DRESS_RAILS)),
    BLUING(attends(Step.RAILS).opens(Step.BLUING_CAUSE)),
    RAILS_UNEVEN(attends(Step.RAILS).opens(Step.DRESS_RAILS).by(Measure.RAIL_DIFFERENCE)),
    /** Uneven, and the groove has no room for another dressing. */
    RAILS_WITHOUT_ROOM(fails(Step.RAILS).condemns(Subject.BAR).by(Measure.RAIL_DIFFERENCE)),
    RAILS_SPENT(fails(Step.RAILS).condemns(Subject.BAR).by(Measure.RAIL_DIFFERENCE)),
    RAILS_SPLAYED(fails(Step.RAILS).condemns(Subject.BAR)),
    BLUED_BY_DULL_CHAIN(attends(Step.BLUING_CAUSE).opens(Step.SHARPEN)),
    BLUED_BY_TIGHT_CHAIN(attends(Step.BLUING_CAUSE).opens(Step.TENSION)),
    BLUED_BY_NO_OIL(attends(Step.BLUING_CAUSE).opens(Step.OIL_CARD)),
    RAILS_STILL_UNEVEN(attends(Step.DRESS_RAILS)),
    NOSE_SEIZED(fails(Step.NOSE).condemns(Subject.BAR).on(Step::turningNose)),
    NOSE_PLAY(fails(Step.NOSE).condemns(Subject.BAR).on(Step::turningNose)),
    ROLLERS_MISSING(fails(Step.NOSE).condemns(Subject.BAR).on(Step::turningNose)),
    NOSE_CHIPPED(fails(Step.NOSE).condemns(Subject.BAR).on(saw -> !Step.turningNose(saw))),
    GREASE_HOLE_BLOCKED(attends(Step.NOSE_GREASE).on(saw -> saw.nose() == NoseKind.GREASABLE_SPROCKET)),
    CUTTER_CRACKED(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN)),
    CUTTER_MISSING(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN)),
    STRAP_CRACKED(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN)),
    RIVET_OPEN(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN)),
    DRIVE_LINK_BENT(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN)),
    HOOKS_ROUNDED(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN).opensToo(Step.REPLACE_SPROCKET, Step.BEARING)),
    CUTTER_PAST_MARK(fails(Step.CHAIN_LOOK).condemns(Subject.CHAIN).by(Measure.SHORTEST_CUTTER)),
    CUTTERS_STRUCK(attends(Step.CHAIN_LOOK).opens(Step.SHARPEN)),
    CUTTERS_DULL(attends(Step.CHAIN_LOOK).opens(Step.SHARPEN)),
    JOINTS_STIFF(attends(Step.CHAIN_LOOK)),
    SPROCKET_PLAN(attends(Step.SPROCKET).by(Measure.SPROCKET_WEAR).onlyTold()),
    SPROCKET_WORN_OUT(attends(Step.SPROCKET)
            .condemns(Subject.SPROCKET)
            .opens(Step.REPLACE_SPROCKET)
            .by(Measure.SPROCKET_WEAR)),
    TEETH_BROKEN(fails(Step.SPROCKET).condemns(Subject.SPROCKET)),
    CLIP_OR_WASHER_BAD(attends(Step.SPROCKET)),
    BEARING_ROUGH(attends(Step.BEARING)),
    CLUTCH_GREASY(attends(Step.BEARING)),
    FOUND_STILL_CUTTING(fine(Step.SHARPEN)),
    FOUND_DULL(fine(Step.SHARPEN)),
    FOUND_STRUCK(fine(Step.SHARPEN)),
    /** One cutter that stands alone below the others is not brought to one length with them. */
    SHORT_ONE_LEFT_OUT(fine(Step.SHARPEN)),
    /** No stroke was made: it resets nothing. */
    NOTHING_FILED(fine(Step.SHARPEN).by(Measure.STROKES_LEFT)),
    STROKES_UNEQUAL(attends(Step.SHARPEN).by(Measure.STROKES_LEFT)),
    SIDES_LEAD_IN_A_CURVE(attends(Step.SHARPEN).opens(Step.EQUALISE).by(Measure.LEFT_SHORTEST)),
    SIDES_FAR_APART(attends(Step.SHARPEN).opens(Step.EQUALISE).by(Measure.LEFT_SHORTEST)),
    SIDE_UNEVEN(attends(Step.SHARPEN).opens(Step.EQUALISE).by(Measure.LEFT_SHORTEST)),
    SHARPENED_PAST_MARK(fails(Step.SHARPEN).condemns(Subject.CHAIN).by(Measure.LEFT_SHORTEST)),
    DAMAGE_PAST_MARK(fails(Step.SHARPEN).condemns(Subject.CHAIN).by(Measure.DAMAGE_DEPTH)),
    GAUGES_HIGH(attends(Step.DEPTH_GAUGES).by(Measure.GAUGE_LEAST)),
    GAUGES_LOW(fails(Step.DEPTH_GAUGES).opens(Step.SHARPEN).by(Measure.GAUGE_SETTING)),
    GAUGES_KICKBACK(fails(Step.DEPTH_GAUGES).opens(Step.SHARPEN).by(Measure.GAUGE_SETTING)),
    SIDES_STILL_UNEVEN(attends(Step.EQUALISE)),
    FILED_PAST_MARK(fails(Step.EQUALISE).condemns(Subject.CHAIN).by(Measure.EQUALISED_LENGTH)),
    BAR_TURNED_OVER(fine(Step.REFIT)),
    BAR_SAME_WAY_UP(fine(Step.REFIT)),
    NUT_OR_STUD_BAD(fails(Step.NUTS).mendedBy(Step.TIGHTEN)),
    FILTER_WORN(attends(Step.AIR_FILTER)),
    /** Rich: the filter and the mix are looked at, before anybody turns a screw. */
    PLUG_DARK_OILY(attends(Step.PLUG).opens(Step.AIR_FILTER).opensToo(Step.FILL)),
    PLUG_WHITE(fails(Step.PLUG).mendedBy(Step.TUNE)),
    PLUG_WORN(attends(Step.PLUG)),
    SCREEN_BLOCKED(attends(Step.ARRESTOR)),
    SCREEN_HOLED(attends(Step.ARRESTOR).mendedBy(Step.NEW_SCREEN).failsInTheFireSeason()),
    SCREEN_MISSING(attends(Step.ARRESTOR).mendedBy(Step.NEW_SCREEN).failsInTheFireSeason()),
    ROPE_FRAYED(attends(Step.STARTER).mendedBy(Step.NEW_ROPE)),
    FINS_PACKED(attends(Step.STARTER)),
    RECOIL_WEAK(attends(Step.STARTER)),
    CAP_SEAL_WORN(attends(Step.TANKS).mendedBy(Step.NEW_CAP_SEAL)),
    PICK_UP_CLOGGED(attends(Step.TANKS)),
    HOSE_LEAKS(fails(Step.TANKS).mendedBy(Step.NEW_HOSE)),
    CASE_CRACKED(fails(Step.STRIP_DOWN).mendedBy(Step.NEW_CASE_PART)),
    /** Seen from outside: a loose bolt or a torn mount is no strip-down. */
    MOUNT_TORN(attends(Step.STRIP_DOWN).mendedBy(Step.NEW_MOUNT).provedBy(Step.OUTSIDE_LOOK)),
    MUFFLER_LOOSE(attends(Step.STRIP_DOWN)
            .mendedBy(Step.TIGHTEN)
            .provedBy(Step.OUTSIDE_LOOK)
            .on(SawProfile::petrol)),
    SPIKE_BOLTS_LOOSE(attends(Step.STRIP_DOWN).mendedBy(Step.TIGHTEN).provedBy(Step.OUTSIDE_LOOK)),
    FUEL_OLD(attends(Step.FILL).by(Measure.FUEL_AGE).on(SawProfile::petrol)),
    OIL_NOT_FOR_BARS(attends(Step.FILL)),
    CHAIN_NOT_STOPPED(fails(Step.BRAKE_RUNNING).opens(Step.BRAKE_BAND)),
    CHAIN_STOPS_SLOWLY(fails(Step.BRAKE_RUNNING).opens(Step.BRAKE_BAND)),
    CHAIN_CREEPS(fails(Step.CONTROLS)),
    THROTTLE_LOCK_FAILS(fails(Step.CONTROLS).mendedBy(Step.NEW_CONTROL_PART)),
    STOP_SWITCH_FAILS(fails(Step.CONTROLS).mendedBy(Step.NEW_CONTROL_PART)),
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
        if (facts.opened() != null) {
            return facts.opened();
        }
        return condemned == null ? facts.repair() : Step.replacing(condemned);
    }

    /** All steps it calls for at once, the one that {@link #opens} names first. */
    public List<Step> opensAll() {
        List<Step> all = new ArrayList<>();
        if (opens() != null) {
            all.add(opens());
        }
        all.addAll(facts.openedToo());
        return all;
    }

    /** The step that answers it: the one it opens, or its own. */
    public Step answeredBy() {
        Step opened = opens();
        return opened == null ? step() : opened;
    }

    /** The figure it follows from, so that it is never chosen by hand; {@code null} when it is chosen by eye. */
    public @Nullable Measure measure() {
        return facts.measure();
    }

    /** Whether it follows from a figure. */
    public boolean measured() {
        return facts.measure() != null;
    }

    /** The step that mends it in place; {@code null} when it is no broken thing, or when only another part ends it. */
    public @Nullable Step mendedBy() {
        return facts.repair();
    }

    /** The step whose look at the very thing tells whether it is right again. */
    public Step seenBy() {
        Step look = facts.seenBy();
        return look == null ? step() : look;
    }

    /** Whether it fails in the fire season only. */
    public boolean seasonal() {
        return facts.seasonal();
    }

    /** Whether it fails in some season, if not in this one. */
    public boolean mayFail() {
        return facts.seasonal() || facts.outcome() == StepOutcome.FAIL;
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
