package yellowtally.core.tension;

import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.NumberSetting;
import yellowtally.core.settings.SettingUnit;

/** Every number of the tension rules, with its standard value, range, source and reason. */
public enum TensionSetting implements NumberSetting {
    TANG_1_4("tension.tang.quarter", 4.5, SettingUnit.MM, 2, 10, true, "Tang depth of 1/4\" chain."),
    TANG_3_8_LP(
            "tension.tang.three-eighths-low",
            5.0,
            SettingUnit.MM,
            2,
            10,
            true,
            "Tang depth of 3/8\" low-profile chain."),
    TANG_325("tension.tang.325", 5.5, SettingUnit.MM, 2, 10, true, "Tang depth of .325\" chain."),
    TANG_3_8("tension.tang.three-eighths", 6.0, SettingUnit.MM, 2, 10, true, "Tang depth of 3/8\" chain."),
    TANG_404("tension.tang.404", 7.0, SettingUnit.MM, 2, 12, true, "Tang depth of .404\" chain."),

    TARGET_REFERENCE_LENGTH(
            "tension.target.reference-length",
            400,
            SettingUnit.MM,
            200,
            800,
            false,
            "On a bar of this length the target pull-down is the tang depth itself; it grows with the root of the length."),
    TARGET_MOST_OVER_TANG(
            "tension.target.most-over-tang",
            2.0,
            SettingUnit.MM,
            0,
            5,
            false,
            "The target never passes the tang depth by more than this."),
    WORK_FELLING("tension.work.felling", 1.0, SettingUnit.FACTOR, 0.5, 1.5, false, "Share of the target for felling."),
    WORK_LIMBING(
            "tension.work.limbing",
            0.85,
            SettingUnit.FACTOR,
            0.5,
            1.5,
            false,
            "Share of the target for limbing and brush: a pinched branch can pull the chain off sideways."),
    WORK_BUCKING("tension.work.bucking", 1.15, SettingUnit.FACTOR, 0.5, 1.5, false, "Share of the target for bucking."),

    RATIO_TOO_TIGHT(
            "tension.ratio.too-tight-under",
            0.25,
            SettingUnit.FACTOR,
            0.01,
            1,
            false,
            "Slack under this share of the target slack is too tight."),
    RATIO_FIRM(
            "tension.ratio.firm-under",
            0.5,
            SettingUnit.FACTOR,
            0.02,
            1,
            false,
            "Slack under this share of the target slack is firm."),
    RATIO_RIGHT(
            "tension.ratio.right-to",
            1.6,
            SettingUnit.FACTOR,
            1,
            3,
            false,
            "Slack up to this share of the target slack is right, over it loose."),
    RATIO_THROW(
            "tension.ratio.throw-over",
            3.5,
            SettingUnit.FACTOR,
            1.5,
            5,
            false,
            "Slack over this share of the target slack can throw the chain."),

    RAIL_GOOD_TO(
            "tension.rail-touch.good-to",
            0.5,
            SettingUnit.MM,
            0.1,
            2,
            false,
            "Largest good gap to the lower rail without pull."),
    COIN_THICKNESS(
            "tension.coin-gap.coin", 1.8, SettingUnit.MM, 1, 3, false, "Thickness of the coin; the reading to aim at."),
    COIN_TOO_TIGHT(
            "tension.coin-gap.too-tight-under",
            0.4,
            SettingUnit.MM,
            0,
            2,
            true,
            "A gap under this is too tight, up to the good band firm."),
    COIN_GOOD_FROM("tension.coin-gap.good-from", 0.8, SettingUnit.MM, 0.2, 2, false, "Smallest good coin gap."),
    COIN_GOOD_TO("tension.coin-gap.good-to", 2.3, SettingUnit.MM, 1, 4, false, "Largest good coin gap."),
    TWELFTH_AIM(
            "tension.twelfth.aim",
            30,
            SettingUnit.DEGREES,
            10,
            60,
            false,
            "A twelfth of a turn past rail touch; the reading to aim at."),
    TWELFTH_GOOD_FROM(
            "tension.twelfth.good-from", 20, SettingUnit.DEGREES, 0, 60, false, "Smallest good angle past rail touch."),
    TWELFTH_GOOD_TO(
            "tension.twelfth.good-to", 45, SettingUnit.DEGREES, 20, 90, false, "Largest good angle past rail touch."),
    TWELFTH_TOO_TIGHT(
            "tension.twelfth.too-tight-over",
            60,
            SettingUnit.DEGREES,
            30,
            120,
            true,
            "An angle over this is too tight, from the good band on firm."),

    SCALE_TWELFTH(
            "tension.scale.twelfth",
            0.25,
            SettingUnit.FACTOR,
            0.02,
            0.95,
            true,
            "Place of twelfth past touch on the common scale, as a share of the target pull-down."),
    SCALE_RAIL(
            "tension.scale.rail-touch",
            0.4,
            SettingUnit.FACTOR,
            0.05,
            0.98,
            true,
            "Place of rail touch on the common scale, as a share of the target pull-down."),

    READING_MOST_OF_BAR(
            "tension.reading.most-of-bar",
            0.125,
            SettingUnit.FACTOR,
            0.05,
            0.25,
            true,
            "A pull or gap over this share of the bar length is no reading of a chain that is on its bar."),
    READING_MOST_DEGREES(
            "tension.reading.most-degrees",
            120,
            SettingUnit.DEGREES,
            60,
            360,
            true,
            "An angle past rail touch over this is no reading."),

    SOAK_GOOD(
            "tension.soak.good-from",
            12,
            SettingUnit.HOURS,
            1,
            72,
            false,
            "A new loop soaks in oil in a closed bag this long before it is fitted."),
    SOAK_LEAST("tension.soak.least", 4, SettingUnit.HOURS, 0, 48, false, "Shortest soak that helps."),
    RECHECK_TANKS(
            "tension.recheck.tanks",
            1,
            SettingUnit.TANKS,
            0.25,
            5,
            false,
            "A new chain is read again after this many tanks."),

    GROWTH_WATCH(
            "tension.growth.watch",
            1.5,
            SettingUnit.PERCENT,
            0.2,
            5,
            true,
            "Growth of the loop from which it is watched."),
    GROWTH_RETIRE(
            "tension.growth.retire",
            2.0,
            SettingUnit.PERCENT,
            0.5,
            6,
            true,
            "Growth of the loop at which it is retired."),
    TRAVEL_RETIRE(
            "tension.travel.retire-under",
            10,
            SettingUnit.PERCENT,
            0,
            50,
            true,
            "Adjuster travel left at which the loop is retired."),
    TAKE_UP_FAST(
            "tension.take-up.fast-from",
            2.0,
            SettingUnit.FACTOR,
            1.2,
            10,
            true,
            "Taking up this many times faster than its own past or its sisters means something is wrong."),
    TAKE_UP_LEAST(
            "tension.take-up.least",
            0.8,
            SettingUnit.MM,
            0.1,
            10,
            true,
            "Growth below this over the recent readings is not called fast."),

    CHECK_OUTINGS(
            "tension.check.outings",
            1,
            SettingUnit.OUTINGS,
            1,
            10,
            false,
            "The tension check is due after this many outings."),
    CHECK_TANKS(
            "tension.check.tanks",
            1,
            SettingUnit.TANKS,
            0.25,
            20,
            false,
            "The tension check is due after this many tanks."),
    CHECK_MINUTES("tension.check.minutes", 2, SettingUnit.MINUTES, 0.5, 30, false, "Bench minutes of a tension check."),
    REPLACE_MINUTES(
            "tension.replace-chain.minutes",
            9,
            SettingUnit.MINUTES,
            2,
            60,
            true,
            "Bench minutes to change a loop: cover and bar off and on, tension check.");

    private final String key;
    private final double standard;
    private final SettingUnit unit;
    private final double min;
    private final double max;
    private final boolean estimated;
    private final String why;

    TensionSetting(
            String key, double standard, SettingUnit unit, double min, double max, boolean estimated, String why) {
        this.key = key;
        this.standard = standard;
        this.unit = unit;
        this.min = min;
        this.max = max;
        this.estimated = estimated;
        this.why = why;
    }

    /** The setting that holds the standard tang depth of a pitch. */
    public static TensionSetting tangDepthOf(Pitch pitch) {
        return switch (pitch) {
            case P_1_4 -> TANG_1_4;
            case P_3_8_LOW_PROFILE -> TANG_3_8_LP;
            case P_325 -> TANG_325;
            case P_3_8 -> TANG_3_8;
            case P_404 -> TANG_404;
        };
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public double standard() {
        return standard;
    }

    @Override
    public SettingUnit unit() {
        return unit;
    }

    @Override
    public double min() {
        return min;
    }

    @Override
    public double max() {
        return max;
    }

    @Override
    public boolean estimated() {
        return estimated;
    }

    @Override
    public String source() {
        return estimated ? "starting estimate" : "handbook of the job, section 3";
    }

    @Override
    public String why() {
        return why;
    }
}
