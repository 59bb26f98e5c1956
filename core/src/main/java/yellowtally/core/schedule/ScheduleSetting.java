package yellowtally.core.schedule;

import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/** Limits, minutes and weights of the schedule (handbook section 10). */
public enum ScheduleSetting implements LinedSetting {
    BRAKE_OUTINGS(
            limit("brake.outings", 1, SettingUnit.OUTINGS, 1, 20, "Brake function: due after this many outings.")),
    BRAKE_MINUTES(minutes("brake", 1, "Brake function: minutes at the bench.")),
    LOOK_OUTINGS(limit("look.outings", 1, SettingUnit.OUTINGS, 1, 20, "Outside look: due after this many outings.")),
    LOOK_MINUTES(minutes("look", 2, "Outside look: minutes at the bench.")),
    CARD_OUTINGS(
            limit("oil-card.outings", 5, SettingUnit.OUTINGS, 1, 50, "Oil card test: due after this many outings.")),
    CARD_DAYS(limit("oil-card.days", 7, SettingUnit.DAYS, 1, 90, "Oil card test: due after this many days in use.")),
    CARD_MINUTES(minutes("oil-card", 2, "Oil card test: minutes at the bench.")),
    CLEAN_DAYS(limit(
            "clean.days", 1, SettingUnit.DAYS, 1, 30, "Full clean under the cover: due after this many days in use.")),
    CLEAN_MINUTES(minutes("clean", 5, "Full clean under the cover: minutes at the bench.")),
    SHARPEN_TANKS(limit(
            "sharpen.tanks",
            3,
            SettingUnit.TANKS,
            0.25,
            50,
            "Sharpening: due after this many tanks (run hours when corded).")),
    SHARPEN_CHARGES(limit(
            "sharpen.charges", 4, SettingUnit.CHARGES, 0.25, 50, "Sharpening: due after this many battery charges.")),
    SHARPEN_MINUTES(minutes("sharpen", 10, "Sharpening: minutes at the bench.")),
    GAUGES_SHARPENINGS(limit(
            "gauges.sharpenings", 5, SettingUnit.SHARPENINGS, 1, 50, "Depth gauges: due after this many sharpenings.")),
    GAUGES_MINUTES(minutes("gauges", 6, "Depth gauges: minutes at the bench.")),
    EQUALISE_SHARPENINGS(limit(
            "equalise.sharpenings",
            10,
            SettingUnit.SHARPENINGS,
            1,
            100,
            "Equalising on the machine: due after this many sharpenings.")),
    EQUALISE_MINUTES(minutes("equalise", 15, "Equalising on the machine: minutes at the bench.")),
    FLIP_SHARPENINGS(limit(
            "flip.sharpenings",
            1,
            SettingUnit.SHARPENINGS,
            1,
            20,
            "Groove, holes, turning the bar over: due after this many sharpenings.")),
    FLIP_MINUTES(minutes("flip", 4, "Groove, holes, turning the bar over: minutes at the bench.")),
    DRESS_SHARPENINGS(limit(
            "dress.sharpenings",
            5,
            SettingUnit.SHARPENINGS,
            1,
            50,
            "Dressing the rails: due after this many sharpenings.")),
    DRESS_MINUTES(minutes("dress", 8, "Dressing the rails: minutes at the bench.")),
    NOSE_OUTINGS(limit(
            "nose.outings",
            1,
            SettingUnit.OUTINGS,
            1,
            20,
            "Nose grease, where the policy is so: due after this many outings.")),
    NOSE_MINUTES(minutes("nose", 1, "Nose grease, where the policy is so: minutes at the bench.")),
    SPROCKET_LOOPS(limit(
            "sprocket.loops",
            1,
            SettingUnit.LOOPS,
            1,
            10,
            "Measuring the sprocket: due after this many loops fitted on it.")),
    SPROCKET_TANKS(limit(
            "sprocket.tanks",
            20,
            SettingUnit.TANKS,
            0.25,
            200,
            "Measuring the sprocket: due after this many tanks (run hours when corded).")),
    SPROCKET_MINUTES(minutes("sprocket", 2, "Measuring the sprocket: minutes at the bench.")),
    BEARING_TANKS(limit(
            "bearing.tanks",
            20,
            SettingUnit.TANKS,
            0.25,
            200,
            "Bearing grease: due after this many tanks (run hours when corded).")),
    BEARING_MINUTES(minutes("bearing", 3, "Bearing grease: minutes at the bench.")),
    FILTER_TANKS(limit(
            "filter.tanks",
            5,
            SettingUnit.TANKS,
            0.25,
            100,
            "Air filter: due after this many tanks (run hours when corded).")),
    FILTER_DAYS(limit("filter.days", 7, SettingUnit.DAYS, 1, 90, "Air filter: due after this many days in use.")),
    FILTER_MINUTES(minutes("filter", 3, "Air filter: minutes at the bench.")),
    PLUG_TANKS(limit(
            "plug.tanks",
            40,
            SettingUnit.TANKS,
            0.25,
            400,
            "Plug: due after this many tanks (run hours when corded).")),
    PLUG_DAYS(limit("plug.days", 90, SettingUnit.DAYS, 1, 730, "Plug: due after this many days.")),
    PLUG_MINUTES(minutes("plug", 3, "Plug: minutes at the bench.")),
    ARRESTOR_TANKS(limit(
            "arrestor.tanks",
            40,
            SettingUnit.TANKS,
            0.25,
            400,
            "Arrestor screen: due after this many tanks (run hours when corded).")),
    ARRESTOR_DAYS(limit(
            "arrestor.days",
            30,
            SettingUnit.DAYS,
            1,
            365,
            "Arrestor screen: due after this many days in fire season.")),
    ARRESTOR_MINUTES(minutes("arrestor", 4, "Arrestor screen: minutes at the bench.")),
    STARTER_TANKS(limit(
            "starter.tanks",
            40,
            SettingUnit.TANKS,
            0.25,
            400,
            "Starter, fins, rope: due after this many tanks (run hours when corded).")),
    STARTER_DAYS(limit("starter.days", 90, SettingUnit.DAYS, 1, 730, "Starter, fins, rope: due after this many days.")),
    STARTER_MINUTES(minutes("starter", 8, "Starter, fins, rope: minutes at the bench.")),
    TANKS_DAYS(limit(
            "tanks.days", 180, SettingUnit.DAYS, 1, 1095, "Pick-up filters, caps, hoses: due after this many days.")),
    TANKS_MINUTES(minutes("tanks", 10, "Pick-up filters, caps, hoses: minutes at the bench.")),
    STRIP_DAYS(limit(
            "strip-down.days",
            365,
            SettingUnit.DAYS,
            1,
            1825,
            "Full strip-down inspection: due after this many days.")),
    STRIP_MINUTES(minutes("strip-down", 45, "Full strip-down inspection: minutes at the bench.")),

    WEIGHT_HARD(weight("hard", 1.5, "hard wood for the edge")),
    WEIGHT_DIRT_EDGE(weight("dirt-edge", 2, "sand or soil for the edge")),
    WEIGHT_DIRT_BAR(weight("dirt-bar", 2, "sand or soil for the bar")),
    WEIGHT_FROZEN(SettingLine.estimate(
            "schedule.weight.frozen",
            1.5,
            SettingUnit.FACTOR,
            1,
            5,
            "What was used in frozen wood counts this many times for the edge.")),
    WEIGHT_RAIN(weight("rain", 1.5, "rain for cleaning")),
    WEIGHT_LIMBING(weight("limbing", 1.3, "limbing for tension")),

    SOON_FROM(SettingLine.given(
            "schedule.soon-from",
            0.7,
            SettingUnit.FACTOR,
            0.3,
            1,
            10,
            "From this share of its limit a task is worth doing while its stage is open.")),
    PAST_UNKNOWN(SettingLine.estimate(
            "schedule.past.unknown-from",
            14,
            SettingUnit.DAYS,
            1,
            365,
            "A saw in service for longer than this before its first record counts as one with an unknown past.")),
    PACE_DAYS(SettingLine.given(
            "schedule.pace.days",
            28,
            SettingUnit.DAYS,
            7,
            180,
            10,
            "Recent use weighs more: use this many days old weighs about a third of today's.")),
    MINUTES_PER_TANK(SettingLine.estimate(
            "schedule.burn.minutes-per-tank",
            15,
            SettingUnit.MINUTES,
            3,
            120,
            "A tank or a charge lasts at least this long; more tanks than that in the time out are no reading.")),
    LIKELY_MINUTES_PER_TANK(
            SettingLine.estimate(
                    "schedule.burn.likely-minutes-per-tank",
                    30,
                    SettingUnit.MINUTES,
                    3,
                    240,
                    "A tank or a charge with its breaks lasts about this long; more tanks than that in the time out are asked about.")),
    BENCH_MINUTES(SettingLine.estimate(
            "schedule.bench.minutes", 120, SettingUnit.MINUTES, 10, 1440, "Bench minutes in a day.")),
    STEP_MINUTES(SettingLine.estimate(
            "schedule.step.minutes",
            1,
            SettingUnit.MINUTES,
            0,
            15,
            "Minutes for a step that no task of the schedule covers.")),
    REPLACE_MINUTES(SettingLine.estimate(
            "schedule.replace.minutes", 4, SettingUnit.MINUTES, 1, 60, "Minutes to change a part once it is reached.")),
    REST_DAYS(limit(
            "rest.days",
            30,
            SettingUnit.DAYS,
            1,
            90,
            "A saw unused for this many days is looked over before use; no test stands for longer.")),
    PACE_SPAN(
            SettingLine.estimate(
                    "schedule.pace.least-days",
                    7,
                    SettingUnit.DAYS,
                    1,
                    60,
                    "Use is spread over at least this many days, so that two outings in two days do not set the pace for a year.")),
    FARTHEST(SettingLine.estimate(
            "schedule.expected.farthest",
            730,
            SettingUnit.DAYS,
            60,
            3650,
            "A date further off than this is not shown.")),
    ON_THE_SPOT(SettingLine.estimate(
                    "schedule.record.on-the-spot",
                    10,
                    SettingUnit.MINUTES,
                    1,
                    240,
                    "What is entered later than this after it was done needs a reason.")
            .forTheWholeFleet());

    private final SettingLine line;

    ScheduleSetting(SettingLine line) {
        this.line = line;
    }

    private static SettingLine limit(
            String key, double standard, SettingUnit unit, double min, double max, String why) {
        return SettingLine.given("schedule." + key, standard, unit, min, max, 10, why);
    }

    private static SettingLine minutes(String key, double standard, String why) {
        return SettingLine.given("schedule." + key + ".minutes", standard, SettingUnit.MINUTES, 0.5, 240, 10, why);
    }

    private static SettingLine weight(String key, double standard, String what) {
        return SettingLine.given(
                "schedule.weight." + key,
                standard,
                SettingUnit.FACTOR,
                1,
                5,
                10,
                "What was used in " + what + " counts this many times.");
    }

    @Override
    public SettingLine line() {
        return line;
    }
}
