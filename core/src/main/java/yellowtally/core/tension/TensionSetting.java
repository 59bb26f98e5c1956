package yellowtally.core.tension;

import yellowtally.core.cuttingset.Pitch;
import yellowtally.core.settings.LinedSetting;
import yellowtally.core.settings.SettingLine;
import yellowtally.core.settings.SettingUnit;

/**
 * The numbers of the tension rules (handbook section 3). How tension is read is one for the whole fleet, so that readings compare.
 */
public enum TensionSetting implements LinedSetting {
    TANG_1_4(SettingLine.estimate("tension.tang.quarter", 4.5, SettingUnit.MM, 2, 10, "Tang depth of 1/4\" chain.")
            .forTheWholeFleet()),
    TANG_3_8_LP(SettingLine.estimate(
                    "tension.tang.three-eighths-low",
                    5.0,
                    SettingUnit.MM,
                    2,
                    10,
                    "Tang depth of 3/8\" low-profile chain.")
            .forTheWholeFleet()),
    TANG_325(SettingLine.estimate("tension.tang.325", 5.5, SettingUnit.MM, 2, 10, "Tang depth of .325\" chain.")
            .forTheWholeFleet()),
    TANG_3_8(
            SettingLine.estimate("tension.tang.three-eighths", 6.0, SettingUnit.MM, 2, 10, "Tang depth of 3/8\" chain.")
                    .forTheWholeFleet()),
    TANG_404(SettingLine.estimate("tension.tang.404", 7.0, SettingUnit.MM, 2, 12, "Tang depth of .404\" chain.")
            .forTheWholeFleet()),
    TARGET_REFERENCE_LENGTH(SettingLine.given(
                    "tension.target.reference-length",
                    400,
                    SettingUnit.MM,
                    200,
                    800,
                    3,
                    "On a bar of this length the target pull-down is the tang depth itself; it grows with the root of the length.")
            .forTheWholeFleet()),
    TARGET_MOST_OVER_TANG(SettingLine.given(
                    "tension.target.most-over-tang",
                    2.0,
                    SettingUnit.MM,
                    0,
                    5,
                    3,
                    "The target never exceeds the tang depth by more than this, before the work factor.")
            .forTheWholeFleet()),
    WORK_FELLING(SettingLine.given(
                    "tension.work.felling", 1.0, SettingUnit.FACTOR, 0.5, 1.5, 3, "Share of the target for felling.")
            .forTheWholeFleet()),
    WORK_LIMBING(SettingLine.given(
                    "tension.work.limbing",
                    0.85,
                    SettingUnit.FACTOR,
                    0.5,
                    1.5,
                    3,
                    "Share of the target for limbing and brush: a pinched branch can pull the chain off sideways.")
            .forTheWholeFleet()),
    WORK_BUCKING(SettingLine.given(
                    "tension.work.bucking", 1.15, SettingUnit.FACTOR, 0.5, 1.5, 3, "Share of the target for bucking.")
            .forTheWholeFleet()),
    RATIO_TOO_TIGHT(SettingLine.given(
                    "tension.ratio.too-tight-under",
                    0.25,
                    SettingUnit.FACTOR,
                    0.01,
                    1,
                    3,
                    "Slack under this share of the target slack is too tight.")
            .forTheWholeFleet()),
    RATIO_FIRM(SettingLine.given(
                    "tension.ratio.firm-under",
                    0.5,
                    SettingUnit.FACTOR,
                    0.02,
                    1,
                    3,
                    "Slack under this share of the target slack is firm.")
            .over(RATIO_TOO_TIGHT)
            .forTheWholeFleet()),
    RATIO_RIGHT(SettingLine.given(
                    "tension.ratio.right-to",
                    1.6,
                    SettingUnit.FACTOR,
                    1,
                    3,
                    3,
                    "Slack up to this share of the target slack is right, over it loose.")
            .over(RATIO_FIRM)
            .forTheWholeFleet()),
    RATIO_THROW(SettingLine.given(
                    "tension.ratio.throw-over",
                    3.5,
                    SettingUnit.FACTOR,
                    1.5,
                    5,
                    3,
                    "Slack over this share of the target slack can throw the chain.")
            .over(RATIO_RIGHT)
            .forTheWholeFleet()),
    RAIL_GOOD_TO(SettingLine.given(
                    "tension.rail-touch.good-to",
                    0.5,
                    SettingUnit.MM,
                    0.1,
                    2,
                    3,
                    "Largest good gap to the lower rail without pull.")
            .forTheWholeFleet()),
    COIN_TOO_TIGHT(SettingLine.estimate(
                    "tension.coin-gap.too-tight-under",
                    0.4,
                    SettingUnit.MM,
                    0,
                    2,
                    "A gap under this is too tight, up to the good band firm.")
            .forTheWholeFleet()),
    COIN_GOOD_FROM(
            SettingLine.given("tension.coin-gap.good-from", 0.8, SettingUnit.MM, 0.2, 2, 3, "Smallest good coin gap.")
                    .over(COIN_TOO_TIGHT)
                    .forTheWholeFleet()),
    COIN_THICKNESS(SettingLine.given(
                    "tension.coin-gap.coin",
                    1.8,
                    SettingUnit.MM,
                    1,
                    3,
                    3,
                    "Thickness of the coin; the reading to aim at.")
            .over(COIN_GOOD_FROM)
            .forTheWholeFleet()),
    COIN_GOOD_TO(SettingLine.given("tension.coin-gap.good-to", 2.3, SettingUnit.MM, 1, 4, 3, "Largest good coin gap.")
            .over(COIN_THICKNESS)
            .forTheWholeFleet()),
    TWELFTH_GOOD_FROM(SettingLine.given(
                    "tension.twelfth.good-from",
                    20,
                    SettingUnit.DEGREES,
                    0,
                    60,
                    3,
                    "Smallest good angle past rail touch.")
            .forTheWholeFleet()),
    TWELFTH_AIM(SettingLine.given(
                    "tension.twelfth.aim",
                    30,
                    SettingUnit.DEGREES,
                    10,
                    60,
                    3,
                    "A twelfth of a turn past rail touch; the reading to aim at.")
            .over(TWELFTH_GOOD_FROM)
            .forTheWholeFleet()),
    TWELFTH_GOOD_TO(SettingLine.given(
                    "tension.twelfth.good-to",
                    45,
                    SettingUnit.DEGREES,
                    20,
                    90,
                    3,
                    "Largest good angle past rail touch.")
            .over(TWELFTH_AIM)
            .forTheWholeFleet()),
    TWELFTH_TOO_TIGHT(SettingLine.estimate(
                    "tension.twelfth.too-tight-over",
                    60,
                    SettingUnit.DEGREES,
                    30,
                    120,
                    "An angle over this is too tight, from the good band on firm.")
            .over(TWELFTH_GOOD_TO)
            .forTheWholeFleet()),
    SCALE_TWELFTH(SettingLine.estimate(
                    "tension.scale.twelfth",
                    0.25,
                    SettingUnit.FACTOR,
                    0.02,
                    0.95,
                    "Place of twelfth past touch on the common scale, as a share of the target pull-down.")
            .forTheWholeFleet()),
    SCALE_RAIL(SettingLine.estimate(
                    "tension.scale.rail-touch",
                    0.4,
                    SettingUnit.FACTOR,
                    0.05,
                    0.98,
                    "Place of rail touch on the common scale, as a share of the target pull-down.")
            .over(SCALE_TWELFTH)
            .forTheWholeFleet()),
    READING_MOST_OF_BAR(SettingLine.estimate(
                    "tension.reading.most-of-bar",
                    0.125,
                    SettingUnit.FACTOR,
                    0.05,
                    0.25,
                    "A pull or gap over this share of the bar length is not a possible reading.")
            .forTheWholeFleet()),
    READING_MOST_DEGREES(SettingLine.estimate(
                    "tension.reading.most-degrees",
                    120,
                    SettingUnit.DEGREES,
                    60,
                    360,
                    "An angle past rail touch over this is not a possible reading.")
            .forTheWholeFleet()),
    SOAK_LEAST(SettingLine.given("tension.soak.least", 4, SettingUnit.HOURS, 0, 48, 3, "Shortest soak that helps.")
            .forTheWholeFleet()),
    SOAK_GOOD(SettingLine.given(
                    "tension.soak.good-from",
                    12,
                    SettingUnit.HOURS,
                    1,
                    72,
                    3,
                    "A new loop soaks in oil in a closed bag this long before it is fitted.")
            .over(SOAK_LEAST)
            .forTheWholeFleet()),
    RECHECK_TANKS(SettingLine.given(
                    "tension.recheck.tanks",
                    1,
                    SettingUnit.TANKS,
                    0.25,
                    5,
                    3,
                    "A new chain is read again after this many tanks.")
            .forTheWholeFleet()),
    GROWTH_WATCH(SettingLine.estimate(
                    "tension.growth.watch",
                    1.5,
                    SettingUnit.PERCENT,
                    0.2,
                    5,
                    "Growth of the loop from which it is watched.")
            .forTheWholeFleet()),
    GROWTH_RETIRE(SettingLine.estimate(
                    "tension.growth.retire",
                    2.0,
                    SettingUnit.PERCENT,
                    0.5,
                    6,
                    "Growth of the loop at which it is retired.")
            .over(GROWTH_WATCH)
            .forTheWholeFleet()),
    TRAVEL_RETIRE(SettingLine.estimate(
                    "tension.travel.retire-under",
                    10,
                    SettingUnit.PERCENT,
                    0,
                    50,
                    "Adjuster travel left at which the loop is retired.")
            .forTheWholeFleet()),
    TAKE_UP_FAST(SettingLine.estimate(
                    "tension.take-up.fast-from",
                    2.0,
                    SettingUnit.FACTOR,
                    1.2,
                    10,
                    "Taking up this many times faster than its own past or its sisters means something is wrong.")
            .forTheWholeFleet()),
    TAKE_UP_LEAST(SettingLine.estimate(
                    "tension.take-up.least",
                    0.8,
                    SettingUnit.MM,
                    0.1,
                    10,
                    "Growth below this over the recent readings is never called fast.")
            .forTheWholeFleet()),
    CHECK_OUTINGS(SettingLine.given(
            "tension.check.outings",
            1,
            SettingUnit.OUTINGS,
            1,
            10,
            3,
            "The tension check is due after this many outings.")),
    CHECK_TANKS(SettingLine.given(
            "tension.check.tanks",
            1,
            SettingUnit.TANKS,
            0.25,
            20,
            3,
            "The tension check is due after this many tanks.")),
    CHECK_MINUTES(SettingLine.given(
            "tension.check.minutes", 2, SettingUnit.MINUTES, 0.5, 30, 3, "Bench minutes of a tension check.")),
    REPLACE_MINUTES(SettingLine.estimate(
                    "tension.replace-chain.minutes",
                    9,
                    SettingUnit.MINUTES,
                    2,
                    60,
                    "Bench minutes to change a loop: cover and bar off and on, tension check.")
            .forTheWholeFleet()),
    TAKE_UP_READINGS(SettingLine.estimate(
                    "tension.take-up.readings",
                    4,
                    SettingUnit.COUNT,
                    2,
                    12,
                    "The recent stretch of a chain is this many of its latest readings.")
            .forTheWholeFleet()),
    TAKE_UP_BEDDING_IN(SettingLine.estimate(
                    "tension.take-up.bedding-in",
                    1,
                    SettingUnit.TANKS,
                    0,
                    5,
                    "A new chain beds in during its first tanks: they are left out of the comparison.")
            .forTheWholeFleet()),
    TAKE_UP_SISTERS(SettingLine.estimate(
                    "tension.take-up.sisters",
                    2,
                    SettingUnit.COUNT,
                    1,
                    10,
                    "Fewer loops of the same pitch than this are not enough to compare with.")
            .forTheWholeFleet()),
    SLACK_TANKS(SettingLine.given(
                    "tension.slack.tanks",
                    1,
                    SettingUnit.TANKS,
                    0.25,
                    5,
                    3,
                    "A chain that is slack again within this much use after a good reading was not set well, or something is wrong.")
            .forTheWholeFleet()),
    SLACK_RETURNS(SettingLine.given(
                    "tension.slack.returns",
                    2,
                    SettingUnit.COUNT,
                    1,
                    5,
                    3,
                    "After this many outings in a row that came back slack, the likely causes are named.")
            .forTheWholeFleet()),
    LONG_BAR(SettingLine.given(
                    "tension.long-bar.over",
                    914.4,
                    SettingUnit.MM,
                    500,
                    1524,
                    3,
                    "A longer bar sags by itself: read it by rail touch, or support it.")
            .forTheWholeFleet()),
    TEN_LINKS_LEAST(SettingLine.estimate(
                    "tension.ten-links.least",
                    0.95,
                    SettingUnit.FACTOR,
                    0.9,
                    1,
                    "Ten drive links shorter than this share of twenty pitches are not a possible reading.")
            .forTheWholeFleet()),
    TEN_LINKS_MOST(SettingLine.estimate(
                    "tension.ten-links.most",
                    1.07,
                    SettingUnit.FACTOR,
                    1,
                    1.2,
                    "Ten drive links longer than this share of twenty pitches are not a possible reading.")
            .over(TEN_LINKS_LEAST)
            .forTheWholeFleet()),
    JOINT_PLAY_MOST(SettingLine.estimate(
                    "tension.joint-play.most",
                    0.4,
                    SettingUnit.MM,
                    0.1,
                    3,
                    "More play in a joint than this is not a possible reading.")
            .forTheWholeFleet());

    private final SettingLine line;

    TensionSetting(SettingLine line) {
        this.line = line;
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
    public SettingLine line() {
        return line;
    }
}
